/** Points, similarities, exact lines and circular arcs, and the paths made of them. Knows nothing of ornament. */
package org.hyphantes.geometry;
