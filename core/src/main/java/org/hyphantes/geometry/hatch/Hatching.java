package org.hyphantes.geometry.hatch;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/**
 * Parallel lines at even distances within a region, each of which ends exactly on its border. They lie the same in every region, one of
 * them through the origin, so that what is hatched in parts goes on in line.
 */
public final class Hatching {
    private final Region region;
    private final Point along;
    private final Point across;
    private final Tolerance tolerance;

    private Hatching(Region region, double bearing) {
        this.region = region;
        this.along = Angle.direction(bearing);
        this.across = along.right();
        this.tolerance = Tolerance.of(region.outline().box());
    }

    /**
     * The stretches of the lines that lie within a region.
     *
     * @param spacing how far apart (mm) the lines are, above 0
     * @param bearing which way (degrees clockwise from up) they run
     */
    public static List<Line> of(Region region, double spacing, double bearing) {
        if (!(spacing > 0)) {
            throw new IllegalArgumentException("lines lie apart by more than 0 mm, not " + spacing);
        }
        Hatching hatching = new Hatching(region, bearing);
        List<Line> lines = new ArrayList<>();
        hatching.crossings(spacing)
                .forEach((number, positions) -> hatching.stretches(number * spacing, positions, lines));
        return lines;
    }

    /** How many lines at most an area as large as a box is hatched with. */
    public static double most(Box box, double spacing) {
        return Math.hypot(box.width(), box.height()) / spacing + 1;
    }

    /** Where each line, by its number from the origin, meets the border: positions (mm) along it. */
    private SortedMap<Long, List<Double>> crossings(double spacing) {
        SortedMap<Long, List<Double>> found = new TreeMap<>();
        for (Path border : region.borders()) {
            for (Curve curve : border.curves()) {
                Watch.ask();
                double[] aside = extent(curve.box(), across);
                double[] run = extent(curve.box(), along);
                for (long n = (long) Math.ceil(aside[0] / spacing); n <= Math.floor(aside[1] / spacing); n++) {
                    meet(curve, n * spacing, run, found.computeIfAbsent(n, k -> new ArrayList<>(4)));
                }
            }
        }
        return found;
    }

    /** From where to where a box reaches in a direction. */
    private static double[] extent(Box box, Point way) {
        double middle = box.centre().dot(way);
        double half = (Math.abs(way.x()) * box.width() + Math.abs(way.y()) * box.height()) / 2;
        return new double[] {middle - half, middle + half};
    }

    private void meet(Curve curve, double aside, double[] run, List<Double> positions) {
        // A little beyond the curve, so that no end of the line lies on it.
        double beyond = (run[1] - run[0]) / 8 + 16 * tolerance.distance();
        double from = run[0] - beyond;
        double length = run[1] - run[0] + 2 * beyond;
        Line line = new Line(place(from, aside), place(from + length, aside));
        for (Meeting meeting : CurveMeetings.of(line, curve, tolerance)) {
            if (meeting instanceof Meeting.At at) {
                positions.add(from + at.first() * length);
            } else if (meeting instanceof Meeting.Along lies) {
                positions.add(from + lies.firstFrom() * length);
                positions.add(from + lies.firstTo() * length);
            }
        }
    }

    private Point place(double position, double aside) {
        return along.times(position).plus(across.times(aside));
    }

    /** Adds what of a line lies within: between two meetings it lies wholly within or wholly outside. */
    private void stretches(double aside, List<Double> positions, List<Line> into) {
        positions.sort(null);
        double begun = Double.NaN;
        for (int i = 0; i < positions.size(); i++) {
            boolean last = i + 1 == positions.size();
            double here = positions.get(i);
            if (!last && positions.get(i + 1) - here <= tolerance.distance()) {
                continue;
            }
            boolean within = !last && region.contains(place((here + positions.get(i + 1)) / 2, aside));
            if (within && Double.isNaN(begun)) {
                begun = here;
            } else if (!within && !Double.isNaN(begun)) {
                into.add(new Line(place(begun, aside), place(here, aside)));
                begun = Double.NaN;
            }
        }
    }
}
