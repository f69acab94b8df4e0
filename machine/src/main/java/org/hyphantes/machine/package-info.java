/**
 * The simulated machine: reads the files that are written for cutters, turns them into moves with real times, replays them, and says what falls
 * out and how far the cut strays from the design. It shares no code with what writes those files.
 */
package org.hyphantes.machine;
