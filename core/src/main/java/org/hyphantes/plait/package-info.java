/** Plaits, ring plaits and the knots of networks: strands as ways through crossings, laid as lines and arcs. */
package org.hyphantes.plait;
