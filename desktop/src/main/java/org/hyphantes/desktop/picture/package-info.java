/** Pictures of a scene on the screen: the camera, the canvas that a scene is drawn on, and the ways of looking in each theme. */
package org.hyphantes.desktop.picture;
