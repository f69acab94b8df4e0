package org.hyphantes.piece;

import org.hyphantes.geometry.Point;
import org.hyphantes.weave.StrandKey;

/**
 * The end of a line that stops short within a piece, so that it does not divide it.
 *
 * @param cell the piece, -1 for the ground outside all
 * @param shortBy how far (mm) from the edge it stops, the nearest way
 */
public record FreeEnd(StrandKey line, Point place, int cell, double shortBy) {}
