/** Machine code of straight and circular moves. */
package org.hyphantes.exchange.code;
