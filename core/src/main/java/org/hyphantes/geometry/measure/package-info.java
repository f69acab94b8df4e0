/** Distances between regions, the narrowest place of one, and the widest disc within one; each with its place. */
package org.hyphantes.geometry.measure;
