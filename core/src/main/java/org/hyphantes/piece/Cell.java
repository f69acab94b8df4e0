package org.hyphantes.piece;

import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.measure.InscribedDisc;

/**
 * The smallest pieces there are: a face of what divides.
 *
 * @param place its centre of gravity
 * @param within the number of the area that it is part of, -1 for one that only lines enclose, or a ground
 * @param isGround whether it lies between bands, and is part of none
 * @param ring which ring it is in, counted from the middle, from 1
 */
public record Cell(Region region, Point place, double area, int within, boolean isGround, int ring) {
    /** In place of the number of an area: it is a course of a finished weave. */
    public static final int GIVEN = -2;

    public boolean isCourse() {
        return within == GIVEN;
    }

    /** A place within it. */
    public Point inner() {
        return region.contains(place) ? place : InscribedDisc.of(region).centre();
    }

    Cell inRing(int number) {
        return new Cell(region, place, area, within, isGround, number);
    }
}
