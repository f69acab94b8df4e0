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

        /** All of its chords, from the first to behind the last. */
        private int[] all() {
            return new int[] {0, x.length - 1};
        }

        /**
         * The place on some of the chords, counted by all of them, that is nearest to another, and how far (mm) that lies outside the band, less
         * than 0 within it; then the chords that come as near to the band about the place as is asked, from the first to behind the last.
         */
        private Near near(Point place, int[] among, double asked) {
            double least = Double.POSITIVE_INFINITY;
            double nearest = 0;
            double bound = (half + asked) * (half + asked);
            int from = among[1];
            int to = among[0];
            for (int i = among[0]; i < among[1]; i++) {
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
                if (square <= bound) {
                    from = Math.min(from, i);
                    to = i + 1;
                }
            }
            boolean isBeside = nearest > 0 && nearest < x.length - 1;
            return new Near(Math.sqrt(least) - half, isBeside, new int[] {from, Math.max(from, to)});
        }
    }

    /**
     * How a place lies to a band.
     *
     * @param outside how far (mm) outside it, less than 0 within it
     * @param isBeside whether beside its stretch, not beyond its ends
     * @param chords those of its spine that are near
     */
    private record Near(double outside, boolean isBeside, int[] chords) {}

    /** A square, and for each spine the chords that come near it. */
    private record Square(Point middle, double half, int[][] chords) {
        Square quarter(int number, int[][] near) {
            double aside = half / 2;
            Point moved = middle.plus(new Point(number % 2 == 0 ? -aside : aside, number < 2 ? -aside : aside));
            return new Square(moved, aside, near);
        }

        /** How far (mm) from its middle a band begins that reaches it. */
        double reach() {
            return half * Math.sqrt(2);
        }
    }

    /**
     * @param fine chords that stray further than half of this (mm) do not tell it
     * @param seen a common part smaller than this (mm²) is none; a place is looked for about which a circle so large lies within all bands
     */
    static InCommon of(List<Spine> spines, double fine, double seen) {
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
        if (stray > fine / 2) {
            return UNSETTLED;
        }
        double well = Math.sqrt(seen / Math.PI);
        int[][] all = spines.stream().map(Spine::all).toArray(int[][]::new);
        List<Square> squares = List.of(new Square(box.centre(), Math.max(box.width(), box.height()) / 2, all));
        int looked = 0;
        while (looked < MOST_SQUARES && !squares.isEmpty()) {
            double half = squares.get(0).half();
            if (4 * half * half * squares.size() < seen) {
                return NONE;
            }
            List<Square> quarters = new ArrayList<>();
            for (Square square : squares) {
                looked++;
                double reach = square.reach() + stray;
                double most = Double.NEGATIVE_INFINITY;
                boolean isBeside = true;
                int[][] chords = new int[spines.size()][];
                for (int i = 0; i < spines.size() && most <= reach; i++) {
                    Near near = spines.get(i).near(square.middle(), square.chords()[i], reach);
                    most = Math.max(most, near.outside());
                    isBeside &= near.isBeside();
                    chords[i] = near.chords();
                }
                if (most < -well - stray && isBeside) {
                    return new InCommon(true, Optional.of(square.middle()));
                }
                if (most <= reach) {
                    for (int k = 0; k < 4; k++) {
                        quarters.add(square.quarter(k, chords));
                    }
                }
            }
            squares = quarters;
        }
        return squares.isEmpty() ? NONE : UNSETTLED;
    }
}
