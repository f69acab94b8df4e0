package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Operand;

/** A band whose width changes, as areas whose union it is: one along each curve, a wedge on the outer side of each corner, a cap on each end. */
final class Strips {
    private final double tolerance;
    private final List<Operand> areas = new ArrayList<>();

    /** @param tolerance how far (mm) fitted curves may stray */
    Strips(double tolerance) {
        this.tolerance = tolerance;
    }

    List<Operand> areas() {
        return areas;
    }

    private void add(List<Curve> loop) {
        areas.add(new Operand(List.of(new Path(loop, true)), FillRule.NON_ZERO));
    }

    private void disc(Point centre, double radius) {
        areas.add(new Operand(List.of(Path.closed(Arc.circle(centre, radius, 0))), FillRule.NON_ZERO));
    }

    /** The wedge on the side of the distance, if the corner's outer side is there. */
    void corner(Curve arriving, Curve leaving, double distance, Corners corners) {
        List<Curve> wedge = Wedge.across(arriving, leaving, distance, corners);
        if (!wedge.isEmpty()) {
            Point at = leaving.start();
            List<Curve> loop = new ArrayList<>(List.of(new Line(at, wedge.get(0).start())));
            loop.addAll(wedge);
            loop.add(new Line(loop.get(loop.size() - 1).end(), at));
            add(loop);
        }
    }

    /** The band along one curve whose width changes evenly with length. */
    void tapered(Curve curve, double fromHalf, double toHalf) {
        List<Curve> right = Beside.tapered(curve, fromHalf, toHalf, 1, tolerance);
        List<Curve> left = Beside.tapered(curve, fromHalf, toHalf, -1, tolerance);
        List<Curve> loop = new ArrayList<>(right);
        line(loop, right.get(right.size() - 1).end(), left.get(left.size() - 1).end());
        for (int i = left.size() - 1; i >= 0; i--) {
            loop.add(left.get(i).reversed());
        }
        line(loop, left.get(0).start(), right.get(0).start());
        add(loop);
        // Where the curve bends more tightly than half the width, discs fill what the edges fold over.
        for (int i = 0; i <= 16; i++) {
            double t = i / 16.0;
            double half = fromHalf + (toHalf - fromHalf) * curve.lengthTo(t) / curve.length();
            if (Math.abs(curve.curvature(t)) * half > 1) {
                disc(curve.at(t), half);
            }
        }
    }

    private static void line(List<Curve> loop, Point from, Point to) {
        if (!from.equals(to)) {
            loop.add(new Line(from, to));
        }
    }

    /** The cap beyond an end of a path: at its place, with the heading out of the band and half the band's width. */
    void cap(Point at, Point outward, double half, Ends ends) {
        if (half <= 0 || ends == Ends.BUTT) {
            return;
        }
        Point right = at.plus(outward.right().times(half));
        Point left = at.minus(outward.right().times(half));
        Point out = outward.times(half);
        List<Curve> loop = new ArrayList<>(4);
        switch (ends) {
            case ROUND -> loop.add(new Arc(at, half, Math.atan2(right.y() - at.y(), right.x() - at.x()), -Math.PI));
            case SQUARE -> {
                loop.add(new Line(right, right.plus(out)));
                loop.add(new Line(right.plus(out), left.plus(out)));
                loop.add(new Line(left.plus(out), left));
            }
            case POINTED -> {
                loop.add(new Line(right, at.plus(out)));
                loop.add(new Line(at.plus(out), left));
            }
            default -> throw new IllegalStateException("no cap for " + ends);
        }
        loop.add(new Line(left, right));
        add(loop);
    }
}
