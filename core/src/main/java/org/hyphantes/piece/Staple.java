package org.hyphantes.piece;

import org.hyphantes.geometry.Point;

/**
 * An end of an edge that is gone because the pieces on both sides of it were joined.
 *
 * @param along the direction (of length 1) in which the edge ran on from there
 */
public record Staple(Point place, Point along) {}
