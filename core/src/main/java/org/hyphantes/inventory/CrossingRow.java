package org.hyphantes.inventory;

import org.hyphantes.geometry.Point;

/** A crossing of a design: where it lies, and the letters of the strands over and under. */
public record CrossingRow(Point place, String over, String under) {}
