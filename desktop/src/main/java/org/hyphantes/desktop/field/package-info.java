/** The centrepiece: the drawing, its rim, the marks on it, and what pointer and needle do there. */
package org.hyphantes.desktop.field;
