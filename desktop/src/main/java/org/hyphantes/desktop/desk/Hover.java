package org.hyphantes.desktop.desk;

import java.util.Optional;
import org.hyphantes.geometry.Point;

/**
 * What the pointer or the needle is at.
 *
 * @param place the place on the page (mm)
 * @param weave which of the weaves in the field, and
 * @param meet which of its crossings; both -1 at none
 */
public record Hover(Optional<Point> place, int weave, int meet) {
    public static final Hover NONE = new Hover(Optional.empty(), -1, -1);

    public static Hover at(Point place) {
        return new Hover(Optional.of(place), -1, -1);
    }

    public boolean isCrossing() {
        return meet >= 0;
    }
}
