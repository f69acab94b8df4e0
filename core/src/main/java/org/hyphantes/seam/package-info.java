/** How what is drawn on a tile meets its own copies at the seams of a cloth. */
package org.hyphantes.seam;
