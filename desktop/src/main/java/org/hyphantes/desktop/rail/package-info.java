/** The gauge rail along the lower edge. */
package org.hyphantes.desktop.rail;
