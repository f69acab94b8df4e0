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
        return Math.abs(outline.signedArea())
                - holes.stream().mapToDouble(h -> Math.abs(h.signedArea())).sum();
    }

    /** Whether a point lies within: round the outline and round none of the holes. */
    public boolean contains(Point p) {
        return outline.box().contains(p)
                && outline.winding(p) != 0
                && holes.stream().noneMatch(h -> h.winding(p) != 0);
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
        return outline.length() + holes.stream().mapToDouble(Path::length).sum();
    }

    /** The outline and the holes. */
    public List<Path> borders() {
        List<Path> all = new ArrayList<>(holes);
        all.add(0, outline);
        return all;
    }

    /**
     * The same area with its outline clockwise and its holes the other way round: of areas so turned that are filled together by winding numbers, none
     * leaves a hole in what it lies over.
     */
    public Region turned() {
        boolean isClockwise = outline.signedArea() >= 0;
        if (isClockwise && holes.stream().allMatch(h -> h.signedArea() <= 0)) {
            return this;
        }
        return new Region(
                isClockwise ? outline : outline.reversed(),
                holes.stream().map(h -> h.signedArea() <= 0 ? h : h.reversed()).toList());
    }

    public Region map(Affine map) {
        return new Region(outline.map(map), holes.stream().map(h -> h.map(map)).toList());
    }
}
