/** What a design is in figures: strands, crossings, proof and gauges. */
package org.hyphantes.exchange.report;
