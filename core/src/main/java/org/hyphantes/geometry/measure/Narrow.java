package org.hyphantes.geometry.measure;

/** A place where two paths, or two stretches of one, come nearest to each other: the paths by index, positions on them, the gap. */
public record Narrow(int first, double firstPosition, int second, double secondPosition, Gap gap) {}
