/** Colours, typefaces and marks of the window itself. */
package org.hyphantes.desktop.chrome;
