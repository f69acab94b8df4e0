/** The planar subdivision that paths make: vertices, edges, faces and windings; booleans are questions asked of it. */
package org.hyphantes.geometry.plane;
