package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Pair;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.symmetry.Lattice;

/**
 * The strands of one tile of a cloth, which meet one another in any tile: each crossing once, and each course once. A tile whose opposite sides are
 * the same is a torus, and on that every strand without an end is closed.
 */
final class Torus {
    /** Positions on a strand, in curves, nearer than this are one. */
    private static final double NOWHERE = 1e-6;

    /** How near what lies in other tiles is looked at, in widths of the widest band with its clearances. */
    private static final double NEAR = 4;

    private final List<Strand> tile;
    private final Lattice lattice;
    private final Tolerance tolerance;
    private final Map<Pair, List<Integer>> byStrands = new HashMap<>();
    private final List<Meet> meets = new ArrayList<>();

    private Torus(List<Strand> tile, Lattice lattice, Tolerance tolerance) {
        this.tile = tile;
        this.lattice = lattice;
        this.tolerance = tolerance;
    }

    /** All crossings of the strands of a tile with one another in any tile, each once; empty when they are too many. */
    static Optional<Projection> projection(List<Strand> tile, Lattice lattice, Watch watch) {
        if (Patch.isTooMuch(tile, lattice, 0)) {
            return Optional.empty();
        }
        Patch patch = Patch.about(tile, lattice, 0);
        Optional<Projection> near = Projection.of(patch.strands(), watch);
        if (near.isEmpty()) {
            return Optional.empty();
        }
        Tolerance tolerance =
                Tolerance.of(Box.round(tile.stream().map(s -> s.path().box()).toList()));
        Torus torus = new Torus(tile, lattice, tolerance);
        for (Meet meet : near.get().meets()) {
            Watch.ask();
            if (meet.first() < tile.size()) {
                torus.take(torus.told(patch, meet));
            }
        }
        torus.meets.sort(Comparator.comparingInt(Meet::first)
                .thenComparingInt(Meet::second)
                .thenComparingDouble(Meet::firstPosition)
                .thenComparingDouble(Meet::secondPosition));
        List<PathMeeting> faults = torus.faults(patch, near.get().faults());
        return Optional.of(new Projection(tile, torus.meets, faults, tolerance, Optional.of(lattice)));
    }

    /** A meeting in a patch as one of strands of the tile, told from the one that comes first. */
    private Meet told(Patch patch, Meet meet) {
        int a = patch.stretch(meet.first()).strand();
        int b = patch.stretch(meet.second()).strand();
        double p = at(a, patch.position(meet.first(), meet.firstPosition()));
        double q = at(b, patch.position(meet.second(), meet.secondPosition()));
        boolean inOrder = a < b || a == b && p <= q;
        return inOrder
                ? new Meet(tile.get(a).path().at(p), a, p, b, q)
                : new Meet(tile.get(b).path().at(q), b, q, a, p);
    }

    /** A position, where it is that of a joint of two curves to rounding just that. */
    private double at(int strand, double position) {
        double whole = Math.rint(position);
        if (Math.abs(position - whole) > 1e-9) {
            return position;
        }
        return tile.get(strand).isRound() && whole >= tile.get(strand).path().size() ? 0 : whole;
    }

    private void take(Meet meet) {
        if (find(meet.first(), meet.firstPosition(), meet.second(), meet.secondPosition()) < 0) {
            byStrands
                    .computeIfAbsent(new Pair(meet.first(), meet.second()), k -> new ArrayList<>())
                    .add(meets.size());
            meets.add(meet);
        }
    }

    /** The meet of two strands at positions on them; -1 when there is none. */
    private int find(int a, double p, int b, double q) {
        for (int m : byStrands.getOrDefault(new Pair(a, b), List.of())) {
            Meet meet = meets.get(m);
            if (isSame(a, p, meet.firstPosition()) && isSame(b, q, meet.secondPosition())
                    || a == b && isSame(a, p, meet.secondPosition()) && isSame(a, q, meet.firstPosition())) {
                return m;
            }
        }
        return -1;
    }

    private boolean isSame(int strand, double a, double b) {
        double apart = Math.abs(a - b);
        int size = tile.get(strand).path().size();
        return Math.min(apart, tile.get(strand).isRound() ? size - apart : apart) <= NOWHERE;
    }

    /** Touches and overlaps, each once, without those at ends that only the patch has. */
    private List<PathMeeting> faults(Patch patch, List<PathMeeting> near) {
        List<PathMeeting> faults = new ArrayList<>();
        List<Point> places = new ArrayList<>();
        for (PathMeeting fault : near) {
            boolean own = fault.first() < tile.size();
            if (!own
                    || patch.isCutOff(fault.first(), fault.firstPosition())
                    || patch.isCutOff(fault.second(), fault.secondPosition())) {
                continue;
            }
            int a = patch.stretch(fault.first()).strand();
            int b = patch.stretch(fault.second()).strand();
            double p = patch.position(fault.first(), fault.firstPosition());
            double q = patch.position(fault.second(), fault.secondPosition());
            Point place = fault.place();
            boolean known = false;
            for (int i = 0; i < faults.size() && !known; i++) {
                known = faults.get(i).kind() == fault.kind()
                        && lattice.apart(places.get(i), place) <= 8 * tolerance.distance();
            }
            if (!known) {
                places.add(place);
                faults.add(new PathMeeting(fault.kind(), place, a, p, b, q));
            }
        }
        return faults;
    }

    /** The courses of the strands of a tile, cut by what comes from all tiles. */
    static Cutting.Result cut(
            Projection projection,
            Lattice lattice,
            boolean[] firstOver,
            double clearance,
            boolean shaded,
            Watch watch) {
        Torus torus = new Torus(projection.strands(), lattice, projection.tolerance());
        for (Meet meet : projection.meets()) {
            torus.byStrands
                    .computeIfAbsent(new Pair(meet.first(), meet.second()), k -> new ArrayList<>())
                    .add(torus.meets.size());
            torus.meets.add(meet);
        }
        return torus.cut(projection, firstOver, clearance, shaded, watch);
    }

    private Cutting.Result cut(
            Projection projection, boolean[] firstOver, double clearance, boolean shaded, Watch watch) {
        double widest = tile.stream().mapToDouble(Strand::width).max().orElse(0) + 2 * clearance;
        double margin = NEAR * widest;
        if (Patch.isTooMuch(tile, lattice, margin)) {
            throw new IllegalArgumentException("bands so much wider than their tile cannot be cut");
        }
        int[] from = new int[tile.size()];
        int[] to = new int[tile.size()];
        double[] begin = new double[tile.size()];
        Arrays.fill(begin, Double.NaN);
        for (int s = 0; s < from.length; s++) {
            Path path = tile.get(s).path();
            to[s] = path.size();
            if (tile.get(s).onward().isPresent()) {
                for (int i = 0; i < projection.passages(s) && Double.isNaN(begin[s]); i++) {
                    int passage = projection.passage(s, i);
                    if (!(firstOver[passage / 2] ^ passage % 2 == 1)) {
                        begin[s] = projection.position(passage);
                    }
                }
                double first = Double.isNaN(begin[s]) ? 0 : begin[s];
                from[s] = curve(path, path.lengthTo(first) - margin);
                to[s] = curve(path, path.lengthTo(first) + path.length() + margin) + 1;
            }
        }
        Patch patch = Patch.of(tile, lattice, from, to, margin);
        Projection near = Projection.of(patch.strands(), watch).orElseThrow(Torus::tooMany);
        int[] meetOf = new int[near.meets().size()];
        boolean[] over = new boolean[meetOf.length];
        for (int m = 0; m < meetOf.length; m++) {
            Meet meet = near.meets().get(m);
            Meet told = told(patch, meet);
            meetOf[m] = find(told.first(), told.firstPosition(), told.second(), told.secondPosition());
            if (meetOf[m] >= 0) {
                over[m] = firstOver[meetOf[m]] == isAligned(patch, meet, meets.get(meetOf[m]));
            }
        }
        Cutting.Result all = Cutting.of(ranked(near, patch, meetOf), over, clearance, shaded, tile.size(), watch);
        List<Course> courses = new ArrayList<>();
        for (int s = 0; s < tile.size(); s++) {
            courses(s, begin[s], patch, all.courses(), courses, clearance, shaded, watch);
        }
        return new Cutting.Result(courses, faults(patch, all.faults(), meetOf));
    }

    /** What stops the step, and not the whole design. */
    private static IllegalStateException tooMany() {
        return new IllegalStateException("the strands of a tile meet those of others too often to be cut");
    }

    /** A patch whose order decides alike about all that is the same on the cloth. */
    private Projection ranked(Projection near, Patch patch, int[] meetOf) {
        Point[] parts = near.meets().stream().map(m -> lattice.parts(m.place())).toArray(Point[]::new);
        Integer[] meetOrder = new Integer[meetOf.length];
        Arrays.setAll(meetOrder, i -> i);
        Arrays.sort(
                meetOrder,
                Comparator.<Integer>comparingInt(m -> meetOf[m])
                        .thenComparingDouble(m -> Math.rint(parts[m].x() * 1e6))
                        .thenComparingDouble(m -> parts[m].y()));
        Integer[] strandOrder = new Integer[near.strands().size()];
        Arrays.setAll(strandOrder, i -> i);
        Arrays.sort(
                strandOrder,
                Comparator.<Integer>comparingInt(s -> patch.stretch(s).strand())
                        .thenComparingInt(s -> patch.stretch(s).moved().across())
                        .thenComparingInt(s -> patch.stretch(s).moved().down()));
        return near.ranked(ranks(meetOrder), ranks(strandOrder));
    }

    private static int[] ranks(Integer[] order) {
        int[] ranks = new int[order.length];
        for (int i = 0; i < order.length; i++) {
            ranks[order[i]] = i;
        }
        return ranks;
    }

    /** The number of the curve that a length (mm) along a strand lies on, counted over its laps. */
    private static int curve(Path path, double length) {
        double whole = path.length();
        int lap = (int) Math.floor(length / whole);
        return lap * path.size() + path.index(path.positionAt(length - lap * whole));
    }

    /** Whether the first strand of a meeting in a patch is the first of the meet of the tile. */
    private boolean isAligned(Patch patch, Meet near, Meet meet) {
        int a = patch.stretch(near.first()).strand();
        int b = patch.stretch(near.second()).strand();
        double p = patch.position(near.first(), near.firstPosition());
        double q = patch.position(near.second(), near.secondPosition());
        return a == meet.first()
                && isSame(a, p, meet.firstPosition())
                && b == meet.second()
                && isSame(b, q, meet.secondPosition());
    }

    private void courses(
            int s,
            double begin,
            Patch patch,
            List<Course> all,
            List<Course> into,
            double clearance,
            boolean shaded,
            Watch watch) {
        Strand strand = tile.get(s);
        if (strand.onward().isEmpty()) {
            all.stream().filter(c -> c.strand() == s).forEach(into::add);
            return;
        }
        if (Double.isNaN(begin)) {
            Projection alone = Projection.of(List.of(tile.get(s)), watch).orElseThrow(Torus::tooMany);
            for (Course course : Cutting.of(alone, new boolean[alone.meets().size()], clearance, shaded, 1, watch)
                    .courses()) {
                into.add(numbered(course, s, course.ordinal(), course.from(), course.to()));
            }
            return;
        }
        int size = strand.path().size();
        int first = patch.stretch(s).first();
        List<Double> starts = new ArrayList<>();
        for (Course course : all) {
            double at = course.from() + first;
            boolean within = at >= begin - NOWHERE && at < begin + size - NOWHERE;
            if (course.strand() != s || course.ordinal() == 0 || !within) {
                continue;
            }
            if (starts.isEmpty() || starts.get(starts.size() - 1) < course.from()) {
                starts.add(course.from());
            }
            double start = patch.position(s, course.from());
            into.add(numbered(course, s, starts.size() - 1, start, patch.position(s, course.to())));
        }
    }

    private static Course numbered(Course course, int strand, int ordinal, double from, double to) {
        return new Course(strand, ordinal, from, to, course.region(), course.sides(), course.lines(), course.dives());
    }

    private List<Cutting.Fault> faults(Patch patch, List<Cutting.Fault> near, int[] meetOf) {
        Set<Cutting.Fault> faults = new LinkedHashSet<>();
        for (Cutting.Fault fault : near) {
            if (fault.strand() >= tile.size()) {
                continue;
            }
            List<Integer> of = fault.meets().stream()
                    .map(m -> meetOf[m])
                    .filter(m -> m >= 0)
                    .toList();
            boolean known = faults.stream()
                    .anyMatch(f -> f.kind() == fault.kind()
                            && f.strand() == patch.stretch(fault.strand()).strand()
                            && lattice.apart(f.place(), fault.place()) <= 64 * tolerance.distance());
            if (!known) {
                faults.add(new Cutting.Fault(
                        fault.kind(), patch.stretch(fault.strand()).strand(), fault.place(), of));
            }
        }
        return List.copyOf(faults);
    }
}
