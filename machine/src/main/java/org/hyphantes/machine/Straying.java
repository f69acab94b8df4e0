package org.hyphantes.machine;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * How far what a program cuts strays from what was to be cut: the greatest distance (mm) of any place on the one from the other, both ways,
 * and where on the bed (from the upper left, downward) that is.
 */
public record Straying(double distance, Point place) {
    private static final int PLACES = 9;

    /**
     * The strokes of a program beside the lines that they were to be, in their order.
     *
     * @param height of the bed (mm): the files count upwards from its lower edge
     * @throws CannotRun if there are more or fewer strokes than lines
     */
    public static Straying of(Program program, List<Path> wanted, double height) throws CannotRun {
        List<List<Curve>> strokes = program.work();
        if (strokes.size() != wanted.size()) {
            throw new CannotRun("The file has " + strokes.size() + " strokes where the design has " + wanted.size()
                    + " lines: write it again.");
        }
        Affine upright = new Affine(1, 0, 0, -1, 0, height);
        Straying worst = new Straying(0, Point.ORIGIN);
        for (int i = 0; i < wanted.size(); i++) {
            Watch.ask();
            List<Curve> made = strokes.get(i).stream().map(c -> c.map(upright)).toList();
            worst = worse(worst, made, wanted.get(i).curves());
            worst = worse(worst, wanted.get(i).curves(), made);
        }
        return worst;
    }

    private static Straying worse(Straying worst, List<Curve> from, List<Curve> to) {
        Straying found = worst;
        for (Curve curve : from) {
            for (int k = 0; k < PLACES; k++) {
                Point place = curve.at(k / (PLACES - 1.0));
                double least = Double.POSITIVE_INFINITY;
                for (Curve other : to) {
                    if (least > found.distance() && other.box().grown(least).contains(place)) {
                        least = Math.min(least, other.at(other.nearest(place)).distance(place));
                    }
                }
                if (least > found.distance()) {
                    found = new Straying(least, place);
                }
            }
        }
        return found;
    }
}
