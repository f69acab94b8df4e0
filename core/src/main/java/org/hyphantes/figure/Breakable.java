package org.hyphantes.figure;

import java.util.Optional;
import org.hyphantes.geometry.Point;
import org.hyphantes.plait.Bar;

/** A form whose crossings can be broken: at each the strands turn back along a bar. */
public sealed interface Breakable extends Seated permits Plait, Border, Ringplait {
    /**
     * This form with the crossing at a place broken, or whole again when it is broken that way.
     *
     * @param place within its group
     * @param along the way the bar lies there
     * @return empty when no crossing of its own is there, or a rule breaks it
     */
    Optional<Form> broken(Point place, Point along);

    /** The bar nearest to a way, given the way across the plan's columns. */
    static Bar bar(Point along, Point across) {
        Point way = along.unit();
        return Math.abs(way.dot(across)) >= Math.abs(way.cross(across)) ? Bar.LEVEL : Bar.UPRIGHT;
    }
}
