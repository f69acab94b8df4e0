package org.hyphantes.weave;

import org.hyphantes.geometry.Point;

/** A place where two strands cross, or one crosses itself, before over and under are decided; positions as on a path. */
public record Meet(Point place, int first, double firstPosition, int second, double secondPosition) {}
