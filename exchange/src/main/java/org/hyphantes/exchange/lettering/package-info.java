/** The outlines of letters, from the typefaces that come with the application and those of the computer. */
package org.hyphantes.exchange.lettering;
