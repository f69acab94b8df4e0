package org.hyphantes.symmetry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import org.hyphantes.geometry.Point;

/**
 * Names the group of a pattern from its points alone. It shares no code with the groups: shifts, turns, mirrors and glides are found by trying
 * which carry the points to points, and the name follows the decision tables of D. Schattschneider, The Plane Symmetry Groups: Their
 * Recognition and Notation, American Mathematical Monthly 85 (1978), and of D. K. Washburn and D. W. Crowe, Symmetries of Culture (1988)
 * for strips.
 */
final class PatternClassifier {
    /** A point of a pattern; those of one sort are alike. */
    record Spot(int sort, Point place) {}

    private static final double NEAR = 1e-7;

    private final List<Spot> spots;
    private final double reach;
    private final Point home;
    private final HashMap<Key, Point> grid = new HashMap<>();
    private final List<Point> shifts = new ArrayList<>();

    /**
     * @param spots of a cloth that is larger than {@code reach} all round the middle
     * @param reach so far (mm) from the middle a symmetry must hold
     */
    private PatternClassifier(List<Spot> spots, double reach) {
        this.spots = spots;
        this.reach = reach;
        spots.forEach(s -> grid.put(
                new Key(
                        s.sort(),
                        Math.round(s.place().x() / GRAIN),
                        Math.round(s.place().y() / GRAIN)),
                s.place()));
        this.home = spots.stream()
                .filter(s -> s.sort() == 0)
                .map(Spot::place)
                .min(Comparator.comparingDouble(Point::length))
                .orElseThrow();
    }

    private interface Map {
        Point of(Point p);
    }

    private record Key(int sort, long x, long y) {}

    private static final double GRAIN = 1e-4;

    private boolean isThere(int sort, Point place) {
        long x = Math.round(place.x() / GRAIN);
        long y = Math.round(place.y() / GRAIN);
        for (long i = x - 1; i <= x + 1; i++) {
            for (long j = y - 1; j <= y + 1; j++) {
                Point there = grid.get(new Key(sort, i, j));
                if (there != null && there.distance(place) < NEAR * reach) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean carries(Map map) {
        return spots.stream()
                .filter(s ->
                        s.place().distance(home) < reach && map.of(s.place()).distance(home) < 2 * reach)
                .allMatch(s -> isThere(s.sort(), map.of(s.place())));
    }

    /** A map that turns or mirrors, and lays one spot upon another. */
    private record Found(double a, double b, double c, double d, Point shift) implements Map {
        @Override
        public Point of(Point p) {
            return new Point(a * p.x() + b * p.y() + shift.x(), c * p.x() + d * p.y() + shift.y());
        }
    }

    private List<Found> with(double a, double b, double c, double d) {
        List<Found> found = new ArrayList<>();
        Point image = new Point(a * home.x() + b * home.y(), c * home.x() + d * home.y());
        for (Spot spot : spots) {
            if (spot.sort() == 0 && spot.place().distance(home) < reach) {
                Found map = new Found(a, b, c, d, spot.place().minus(image));
                if (carries(map)) {
                    found.add(map);
                }
            }
        }
        return found;
    }

    private List<Found> turns(int order) {
        double t = 2 * Math.PI / order;
        return with(Math.cos(t), -Math.sin(t), Math.sin(t), Math.cos(t));
    }

    /** Reflections and glides along a direction (radians). */
    private List<Found> mirrors(double t) {
        return with(Math.cos(2 * t), Math.sin(2 * t), Math.sin(2 * t), -Math.cos(2 * t));
    }

    /** How far one goes along its own axis. */
    private static double glide(Found map, double t) {
        return Math.abs(map.shift().x() * Math.cos(t) + map.shift().y() * Math.sin(t));
    }

    /** How far its axis lies from the origin, with its sign. */
    private static double axis(Found map, double t) {
        return (-map.shift().x() * Math.sin(t) + map.shift().y() * Math.cos(t)) / 2;
    }

    private boolean isMirror(Found map, double t) {
        return glide(map, t) < NEAR * reach;
    }

    /** Where a map that turns stays as it is. */
    private static Point centre(Found map) {
        double p = 1 - map.a();
        double q = -map.b();
        double r = -map.c();
        double s = 1 - map.d();
        double det = p * s - q * r;
        return new Point(
                (map.shift().x() * s - q * map.shift().y()) / det,
                (p * map.shift().y() - r * map.shift().x()) / det);
    }

    static String plane(List<Spot> spots, double reach) {
        return new PatternClassifier(spots, reach).plane();
    }

    private String plane() {
        for (Spot spot : spots) {
            Point by = spot.place().minus(home);
            if (spot.sort() == 0 && by.length() > 0 && by.length() < reach && carries(p -> p.plus(by))) {
                shifts.add(by);
            }
        }
        shifts.sort(Comparator.comparingDouble(Point::length));
        int order = 1;
        for (int n : new int[] {2, 3, 4, 6}) {
            order = turns(n).isEmpty() ? order : n;
        }
        List<Double> directions = new ArrayList<>();
        for (Point shift : ways()) {
            for (int quarter = 0; quarter < 2; quarter++) {
                double t = Math.atan2(shift.y(), shift.x()) + quarter * Math.PI / 2;
                double one = ((t % Math.PI) + Math.PI) % Math.PI;
                boolean known = directions.stream().anyMatch(d -> Math.abs(Math.sin(d - one)) < 1e-7);
                if (!known && !mirrors(one).isEmpty()) {
                    directions.add(one);
                }
            }
        }
        return named(order, directions);
    }

    /** Where axes may run: along shifts, and along what two of them make. */
    private List<Point> ways() {
        List<Point> few = shifts.subList(0, Math.min(8, shifts.size()));
        List<Point> ways = new ArrayList<>(few);
        for (Point one : few) {
            for (Point other : few) {
                Point both = one.plus(other);
                if (both.length() > NEAR * reach) {
                    ways.add(both);
                }
            }
        }
        return ways;
    }

    private String named(int order, List<Double> directions) {
        List<Double> reflecting = directions.stream()
                .filter(t -> mirrors(t).stream().anyMatch(m -> isMirror(m, t)))
                .toList();
        boolean glides = !directions.isEmpty();
        return switch (order) {
            case 1 ->
                reflecting.isEmpty() ? glides ? "pg" : "p1" : glidesBesideMirrors(reflecting.get(0)) ? "cm" : "pm";
            case 2 -> {
                if (reflecting.isEmpty()) {
                    yield glides ? "p2gg" : "p2";
                }
                yield reflecting.size() == 1 ? "p2mg" : allOnMirrors(turns(2), reflecting) ? "p2mm" : "c2mm";
            }
            case 3 -> reflecting.isEmpty() ? "p3" : allOnMirrors(turns(3), reflecting) ? "p3m1" : "p31m";
            case 4 -> reflecting.isEmpty() ? "p4" : allOnMirrors(turns(4), reflecting) ? "p4mm" : "p4gm";
            default -> reflecting.isEmpty() ? "p6" : "p6mm";
        };
    }

    private boolean glidesBesideMirrors(double t) {
        List<Found> all = mirrors(t);
        List<Double> axes =
                all.stream().filter(m -> isMirror(m, t)).map(m -> axis(m, t)).toList();
        return all.stream()
                .filter(m -> !isMirror(m, t))
                .anyMatch(m -> axes.stream().noneMatch(a -> Math.abs(a - axis(m, t)) < NEAR * reach)
                        && Math.abs(axis(m, t) - nearest(axes)) < reach / 2);
    }

    private static double nearest(List<Double> axes) {
        return axes.stream().min(Comparator.comparingDouble(Math::abs)).orElseThrow();
    }

    /** Whether every centre of turning near the middle lies on a mirror line. */
    private boolean allOnMirrors(List<Found> turns, List<Double> reflecting) {
        return turns.stream()
                .map(PatternClassifier::centre)
                .filter(c -> c.distance(home) < reach / 2.2)
                .allMatch(c -> reflecting.stream()
                        .anyMatch(t -> mirrors(t).stream()
                                .filter(m -> isMirror(m, t))
                                .anyMatch(m -> m.of(c).distance(c) < NEAR * reach)));
    }

    /** The group of a strip that runs across. */
    static String strip(List<Spot> spots, double reach) {
        PatternClassifier classifier = new PatternClassifier(spots, reach);
        boolean upright = !classifier.mirrors(Math.PI / 2).isEmpty();
        List<Found> level = classifier.mirrors(0);
        boolean reflects = level.stream().anyMatch(m -> classifier.isMirror(m, 0));
        boolean turns = !classifier.turns(2).isEmpty();
        if (upright) {
            return reflects ? "frieze p2mm" : turns ? "frieze p2mg" : "frieze p1m1";
        }
        return reflects ? "frieze p11m" : turns ? "frieze p211" : level.isEmpty() ? "frieze p1" : "frieze p11g";
    }
}
