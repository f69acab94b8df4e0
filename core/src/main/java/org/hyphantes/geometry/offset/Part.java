package org.hyphantes.geometry.offset;

import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;

/**
 * One curve of a path, or a part of one that bends everywhere less or everywhere more tightly than the distance, and what runs beside it.
 *
 * @param isFirst whether a curve of the path begins with it
 * @param beside what runs beside it, in its direction; nothing beside an arc that is too tight
 * @param isBeside whether that lies at the distance from it
 * @param from where what runs beside it begins
 * @param to where that ends
 */
record Part(Curve curve, boolean isFirst, List<Curve> beside, boolean isBeside, Point from, Point to) {}
