/** Outlines made rough, and the side faces of what is raised: exact closed paths of areas that have no strand or structure any more. */
package org.hyphantes.geometry.finish;
