/** Plotter files. */
package org.hyphantes.exchange.plotter;
