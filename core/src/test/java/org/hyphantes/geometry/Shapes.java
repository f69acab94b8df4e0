package org.hyphantes.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Made-up shapes about 100 mm apart, from seeded numbers. */
public final class Shapes {
    private Shapes() {}

    /** A disc, a segment of one, a polygon, an ellipse or a smooth round of cubics, none of which crosses itself. */
    public static Region any(Random random) {
        Point at = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
        double r = 3 + 30 * random.nextDouble();
        return Region.of(
                switch (random.nextInt(5)) {
                    case 0 -> Path.closed(Arc.circle(at, r, 0));
                    case 1 -> {
                        Arc cap = new Arc(at, r, 6 * random.nextDouble(), 1 + 4 * random.nextDouble());
                        yield Path.closed(cap, new Line(cap.end(), cap.start()));
                    }
                    case 2 -> {
                        List<Point> corners = new ArrayList<>();
                        int sides = 3 + random.nextInt(5);
                        for (int i = 0; i < sides; i++) {
                            double turn = 360.0 * i / sides + 50 * random.nextDouble() / sides;
                            corners.add(at.plus(Point.polar(r, turn)));
                        }
                        yield Path.polygon(corners);
                    }
                    case 3 -> ellipse(at, r, r * (0.2 + 0.8 * random.nextDouble()), 180 * random.nextDouble());
                    default -> {
                        List<Point> through = new ArrayList<>();
                        int corners = 3 + random.nextInt(4);
                        for (int i = 0; i < corners; i++) {
                            through.add(
                                    at.plus(Point.polar(r * (0.6 + 0.4 * random.nextDouble()), 360.0 * i / corners)));
                        }
                        yield smooth(through, 0.16);
                    }
                });
    }

    public static Path ellipse(Point at, double radiusX, double radiusY, double tilt) {
        return new Path(
                new ArrayList<Curve>(
                        EllipticalArc.ellipse(at, radiusX, radiusY, tilt).cubics()),
                true);
    }

    /** A closed loop of cubics through made-up places, smooth at its joints; it crosses itself as often as not. */
    public static Path loop(Random random, Point at, double r, int cubics) {
        List<Point> through = new ArrayList<>();
        for (int i = 0; i < cubics; i++) {
            through.add(at.plus(Point.polar(r * Math.sqrt(random.nextDouble()), 360 * random.nextDouble())));
        }
        return smooth(through, 0.25);
    }

    /** An open line, arc or cubic. */
    public static Path open(Random random) {
        Point a = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
        Point b = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
        Point c = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
        Point d = new Point(100 * random.nextDouble(), 100 * random.nextDouble());
        return Path.open(
                switch (random.nextInt(3)) {
                    case 0 -> new Line(a, b);
                    case 1 ->
                        new Arc(
                                a,
                                5 + 40 * random.nextDouble(),
                                6 * random.nextDouble(),
                                0.5 + 5 * random.nextDouble());
                    default -> new Cubic(a, b, c, d);
                });
    }

    /** The closed spline through places whose heading at each is that from the place before to the place after. */
    public static Path smooth(List<Point> through, double slack) {
        int n = through.size();
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point p = through.get(i);
            Point q = through.get((i + 1) % n);
            Point before = through.get((i + n - 1) % n);
            Point after = through.get((i + 2) % n);
            curves.add(new Cubic(
                    p,
                    p.plus(q.minus(before).times(slack)),
                    q.minus(after.minus(p).times(slack)),
                    q));
        }
        return new Path(curves, true);
    }
}
