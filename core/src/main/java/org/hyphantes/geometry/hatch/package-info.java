/** Areas filled with exact lines. */
package org.hyphantes.geometry.hatch;
