/** Drawing into memory, and pictures with a physical size. */
package org.hyphantes.exchange.raster;
