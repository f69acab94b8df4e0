package org.hyphantes.treatment;

import java.util.Map;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * What a step may refer to: its group and its place in the recipe, the seats of the group's figures by name, and the watch
 * that may break off long work.
 */
public record Surroundings(String group, int step, Map<String, Point> seats, Watch watch) {
    /** The words for the middle of the group, where its figures are set out from. */
    public static final String THE_CENTRE = "the centre";

    /** The point a reference names; the centre when there is no such figure (any more). */
    public Point point(String reference) {
        return seats.getOrDefault(reference, Point.ORIGIN);
    }
}
