package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A connected area: one closed outline less its holes. The ways round do not matter; areas are square millimetres.
 *
 * @throws IllegalArgumentException if an outline is open
 */
public record Region(Path outline, List<Path> holes) {
    public Region {
        holes = List.copyOf(holes);
        if (!outline.closed() || !holes.isEmpty() && holes.stream().anyMatch(h -> !h.closed())) {
            throw new IllegalArgumentException("a region is bounded by closed paths only");
        }
    }

    public static Region of(Path outline) {
        return new Region(outline, List.of());
    }

    public double area() {
        double area = Math.abs(outline.signedArea());
        for (Path hole : holes) {
            area -= Math.abs(hole.signedArea());
        }
        return area;
    }

    /** Whether a point lies within: round the outline and round none of the holes. */
    public boolean contains(Point p) {
        if (!outline.box().contains(p) || outline.winding(p) == 0) {
            return false;
        }
        for (Path hole : holes) {
            if (hole.winding(p) != 0) {
                return false;
            }
        }
        return true;
    }

    /** The centre of gravity, in mm. */
    public Point centroid() {
        Point about = outline.start();
        Point moment = outline.signedMoment(about).times(Math.signum(outline.signedArea()));
        for (Path hole : holes) {
            moment = moment.minus(hole.signedMoment(about).times(Math.signum(hole.signedArea())));
        }
        return about.plus(moment.times(1 / area()));
    }

    /** The length of the outline and of all holes, in mm. */
    public double borderLength() {
        double length = outline.length();
        for (Path hole : holes) {
            length += hole.length();
        }
        return length;
    }

    /** The outline and the holes. */
    public List<Path> borders() {
        List<Path> all = new ArrayList<>(holes);
        all.add(0, outline);
        return all;
    }

    /**
     * The same areas with all outlines one way about, that of the first, and all holes the other: filled together by winding numbers,
     * none leaves a hole in what it lies over.
     */
    public static List<Region> alike(List<Region> regions) {
        boolean isClockwise = !regions.isEmpty() && regions.get(0).outline.signedArea() >= 0;
        List<Region> alike = new ArrayList<>(regions.size());
        regions.forEach(region -> alike.add(region.turned(isClockwise)));
        return alike;
    }

    private Region turned(boolean clockwise) {
        Path round = turned(outline, clockwise);
        List<Path> within = holes.isEmpty()
                ? holes
                : holes.stream().map(h -> turned(h, !clockwise)).toList();
        return round == outline && within.equals(holes) ? this : new Region(round, within);
    }

    private static Path turned(Path path, boolean clockwise) {
        return path.signedArea() >= 0 == clockwise ? path : path.reversed();
    }

    public Region map(Affine map) {
        return new Region(outline.map(map), holes.stream().map(h -> h.map(map)).toList());
    }
}
