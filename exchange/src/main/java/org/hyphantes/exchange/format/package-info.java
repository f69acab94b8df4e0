/** The formats that designs are handed over in: each says its ending, its title and what it can carry, and writes a scene. */
package org.hyphantes.exchange.format;
