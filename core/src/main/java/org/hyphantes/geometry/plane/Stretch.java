package org.hyphantes.geometry.plane;

/**
 * Where a stretch of a border came from: the number of the path among those given, of the curve on it, and the parameters on
 * that curve; {@code from} is the greater where the border runs against the curve. On a whole circle the greater parameter may
 * pass 1, running on through the start.
 */
public record Stretch(int path, int curve, double from, double to) {}
