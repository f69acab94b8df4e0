/** Repeat: one tile among its copies, its size and group, and its seams. */
package org.hyphantes.desktop.stage.repeat;
