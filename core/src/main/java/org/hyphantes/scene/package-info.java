/** The one display list: marks with paint and origin, ways of looking at them, and the walk that feeds whatever draws or writes them. */
package org.hyphantes.scene;
