/** Scalable vector graphics (W3C SVG 2) in real millimetres, arcs as arcs. */
package org.hyphantes.exchange.svg;
