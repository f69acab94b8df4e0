/** The groups of turns (and, in time, mirrors and lattices) under which ornament repeats, and the orbits they make. */
package org.hyphantes.symmetry;
