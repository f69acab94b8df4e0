/** The corner pieces: the same design read in other ways. */
package org.hyphantes.desktop.corner;
