/** Drawing exchange files for cutters. */
package org.hyphantes.exchange.dxf;
