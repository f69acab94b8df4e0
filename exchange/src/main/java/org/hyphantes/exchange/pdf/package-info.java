/** Designs as pages of the Portable Document Format. */
package org.hyphantes.exchange.pdf;
