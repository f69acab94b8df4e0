/** Files in and out: the project file, what is handed over, the report, and the command line over all of them. */
package org.hyphantes.exchange;
