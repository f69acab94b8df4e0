/** Parallel curves of paths, and the bands between them. */
package org.hyphantes.geometry.offset;
