/** The command line: the same computation as the window's, without a window. */
package org.hyphantes.exchange.command;
