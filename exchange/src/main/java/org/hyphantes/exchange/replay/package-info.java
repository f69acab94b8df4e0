/** A written file for a machine, read again and run on the simulated machine, beside what it was to be. */
package org.hyphantes.exchange.replay;
