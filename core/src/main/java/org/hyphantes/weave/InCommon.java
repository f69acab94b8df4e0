package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/**
 * Whether even bands have a place in common, told by how far places are from their centre lines: a square whose middle is further outside one of
 * the bands than its corners are from its middle holds none. Squares are quartered until one is found, or none is left.
 *
 * @param isSettled whether that was told; not where the bands only graze one another, or too many squares were looked at
 * @param place well within all of them, if there is one
 */
record InCommon(boolean isSettled, Optional<Point> place) {
    private static final int MOST_SQUARES = 2_000;

    private static final InCommon NONE = new InCommon(true, Optional.empty());

    static final InCommon UNSETTLED = new InCommon(false, Optional.empty());

    /** The centre line of a band without corners, as chords, and half its width (mm). */
    static final class Spine {
        private static final int FEWEST = 4;
        private static final int MOST = 64;

        /** Chords are made shorter until they stray no further than this share of half the width. */
        private static final double FINE = 0.005;

        private final double half;
        private final Box box;
        private final double[] x;
        private final double[] y;
        private final double stray;

        Spine(Path path, double half) {
            this.half = half;
            this.box = path.box().grown(half);
            List<Point> points = new ArrayList<>();
            points.add(path.start());
            double most = 0;
            for (Curve curve : path.curves()) {
                int parts = curve instanceof Line ? 1 : FEWEST;
                double sagitta = sagitta(curve, parts);
                while (sagitta > FINE * half && parts < MOST) {
                    parts *= 2;
                    sagitta = sagitta(curve, parts);
                }
                for (int i = 1; i <= parts; i++) {
                    points.add(curve.at((double) i / parts));
                }
                most = Math.max(most, sagitta);
            }
            // A part turns too little to stray from its chord twice as far as its middle does.
            this.stray = 2 * most;
            this.x = points.stream().mapToDouble(Point::x).toArray();
            this.y = points.stream().mapToDouble(Point::y).toArray();
        }

        private static double sagitta(Curve curve, int parts) {
            double most = 0;
            for (int i = 0; i < parts; i++) {
                Point middle = curve.at((double) i / parts).middle(curve.at((i + 1.0) / parts));
                most = Math.max(most, curve.at((i + 0.5) / parts).distance(middle));
            }
            return most;
        }

        double half() {
            return half;
        }

        /** How far (mm) a place lies outside the band; less than 0 within it. */
        double outside(Point place) {
            double on = nearest(place);
            int i = Math.min((int) on, x.length - 2);
            double t = on - i;
            return Math.hypot(place.x() - x[i] - t * (x[i + 1] - x[i]), place.y() - y[i] - t * (y[i + 1] - y[i]))
                    - half;
        }

        /** Whether a place lies beside the band's stretch, not beyond its ends. */
        boolean isBeside(Point place) {
            double on = nearest(place);
            return on > 0 && on < x.length - 1;
        }

        /** The place on the chords, counted by them, that is nearest to another. */
        private double nearest(Point place) {
            double least = Double.POSITIVE_INFINITY;
            double nearest = 0;
            for (int i = 0; i < x.length - 1; i++) {
                double dx = x[i + 1] - x[i];
                double dy = y[i + 1] - y[i];
                double px = place.x() - x[i];
                double py = place.y() - y[i];
                double t = Math.max(0, Math.min(1, (px * dx + py * dy) / (dx * dx + dy * dy)));
                double square = (px - t * dx) * (px - t * dx) + (py - t * dy) * (py - t * dy);
                if (square < least) {
                    least = square;
                    nearest = i + t;
                }
            }
            return nearest;
        }
    }

    private record Square(Point middle, double half) {
        Square quarter(int number) {
            double aside = half / 2;
            return new Square(
                    middle.plus(new Point(number % 2 == 0 ? -aside : aside, number < 2 ? -aside : aside)), aside);
        }
    }

    /**
     * @param well a place so far (mm) within all bands is looked for
     * @param seen a common part smaller than this (mm²) is none
     */
    static InCommon of(List<Spine> spines, double well, double seen) {
        Box box = spines.get(0).box;
        for (Spine spine : spines) {
            if (!box.meets(spine.box)) {
                return NONE;
            }
            box = new Box(
                    Math.max(box.left(), spine.box.left()),
                    Math.max(box.top(), spine.box.top()),
                    Math.min(box.right(), spine.box.right()),
                    Math.min(box.bottom(), spine.box.bottom()));
        }
        double stray = spines.stream().mapToDouble(s -> s.stray).max().orElse(0);
        if (stray > well / 2) {
            return UNSETTLED;
        }
        List<Square> squares = List.of(new Square(box.centre(), Math.max(box.width(), box.height()) / 2));
        int looked = 0;
        while (looked < MOST_SQUARES && !squares.isEmpty()) {
            double half = squares.get(0).half();
            if (4 * half * half * squares.size() < seen) {
                return NONE;
            }
            List<Square> quarters = new ArrayList<>();
            for (Square square : squares) {
                looked++;
                double most = Double.NEGATIVE_INFINITY;
                for (int i = 0; i < spines.size() && most <= half * Math.sqrt(2) + stray; i++) {
                    most = Math.max(most, spines.get(i).outside(square.middle()));
                }
                if (most < -well - stray && spines.stream().allMatch(s -> s.isBeside(square.middle()))) {
                    return new InCommon(true, Optional.of(square.middle()));
                }
                if (most <= half * Math.sqrt(2) + stray) {
                    for (int k = 0; k < 4; k++) {
                        quarters.add(square.quarter(k));
                    }
                }
            }
            squares = quarters;
        }
        return squares.isEmpty() ? NONE : UNSETTLED;
    }
}
