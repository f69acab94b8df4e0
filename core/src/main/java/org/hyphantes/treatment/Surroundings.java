package org.hyphantes.treatment;

import java.util.Map;
import org.hyphantes.geometry.Point;

/** What a step may refer to: its group and its place in the recipe, and the seats of the group's figures by name. */
public record Surroundings(String group, int step, Map<String, Point> seats) {
    /** The words for the middle of the group, where its figures are set out from. */
    public static final String THE_CENTRE = "the centre";

    /** The point a reference names; the centre when there is no such figure (any more). */
    public Point point(String reference) {
        return seats.getOrDefault(reference, Point.ORIGIN);
    }
}
