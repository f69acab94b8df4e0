package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.symmetry.Lattice;

/** Cuts the courses of the strands of one tile of a cloth, by what comes from all tiles. */
final class TileCourses {
    /** How near what lies in other tiles is looked at, in widths of the widest band with its clearances. */
    private static final double NEAR = 4;

    /** A tile and all beside it. */
    private static final List<Lattice.Steps> TILES_ABOUT = IntStream.range(0, 9)
            .mapToObj(i -> new Lattice.Steps(i % 3 - 1, i / 3 - 1))
            .toList();

    private final Projection projection;
    private final List<Strand> tile;
    private final Lattice lattice;
    private final Manner manner;
    private final Watch watch;
    private final double[] begin;
    private final double[] cut;

    private TileCourses(Projection projection, Lattice lattice, Manner manner, Watch watch) {
        this.projection = projection;
        this.tile = projection.strands();
        this.lattice = lattice;
        this.manner = manner;
        this.watch = watch;
        this.begin = new double[tile.size()];
        Arrays.fill(begin, Double.NaN);
        this.cut = begin.clone();
    }

    /** The courses of a projection on a cloth, of each one once. */
    static Cutting.Result of(Projection projection, Lattice lattice, boolean[] firstOver, Manner manner, Watch watch) {
        return new TileCourses(projection, lattice, manner, watch).cut(firstOver);
    }

    private Cutting.Result cut(boolean[] firstOver) {
        double widest = tile.stream().mapToDouble(Strand::width).max().orElse(0) + 2 * manner.clearance();
        double margin = NEAR * widest;
        if (Patch.isTooMuch(tile, lattice, margin)) {
            throw new IllegalArgumentException("bands so much wider than their tile cannot be cut");
        }
        int[] from = new int[tile.size()];
        int[] to = new int[tile.size()];
        for (int s = 0; s < from.length; s++) {
            Path path = tile.get(s).path();
            to[s] = path.size();
            if (tile.get(s).onward().isPresent()) {
                begin(s, firstOver);
                double first = Double.isNaN(cut[s]) ? 0 : cut[s];
                from[s] = curve(path, path.lengthTo(first) - margin);
                to[s] = curve(path, path.lengthTo(first) + path.length() + margin) + 1;
            }
        }
        Patch patch = Patch.of(tile, lattice, from, to, margin);
        LaidMeets laid = LaidMeets.of(projection, lattice, patch);
        if (laid.meets().size() > Projection.MOST_MEETINGS) {
            throw tooMany();
        }
        int[] meetOf = laid.origins();
        boolean[] over = new boolean[meetOf.length];
        for (int m = 0; m < meetOf.length; m++) {
            over[m] = firstOver[meetOf[m]];
        }
        Projection near = Projection.laid(patch.strands(), laid.meets());
        Projection ranked = ranked(near, patch, meetOf);
        Cutting.Result all = Cutting.of(ranked, over, manner, sought(patch, margin), watch);
        List<Course> courses = new ArrayList<>();
        Map<Integer, List<Course>> ofStrands = all.courses().stream().collect(Collectors.groupingBy(Course::strand));
        for (int s = 0; s < tile.size(); s++) {
            courses(s, patch, ofStrands.getOrDefault(s, List.of()), courses);
        }
        return new Cutting.Result(courses, faults(patch, all.faults(), meetOf), all.isRough());
    }

    /**
     * Courses of a strand that goes on and on are numbered from its first under-pass on; they are cut from the one that has the most room about
     * it, where a course is least likely to go on into the next.
     */
    private void begin(int s, boolean[] firstOver) {
        int n = projection.passages(s);
        double most = -1;
        for (int i = 0; i < n; i++) {
            int passage = projection.passage(s, i);
            if (firstOver[passage / 2] ^ passage % 2 == 1) {
                continue;
            }
            double at = projection.position(passage);
            if (Double.isNaN(begin[s])) {
                begin[s] = at;
            }
            double room = Math.min(
                    along(s, projection.passage(s, (i + n - 1) % n), passage),
                    along(s, passage, projection.passage(s, (i + 1) % n)));
            if (room > most * (1 + 1e-6)) {
                most = room;
                cut[s] = at;
            }
        }
    }

    /** How far (mm) it is along a strand from one passage on to another. */
    private double along(int s, int passage, int next) {
        Path path = tile.get(s).path();
        double ahead = path.lengthTo(projection.position(next)) - path.lengthTo(projection.position(passage));
        return ahead > 0 ? ahead : ahead + path.length();
    }

    /** Of each strand one lap from where its courses begin, and so many mm more where they go on into others; a patch has more of it where that lies by others. */
    private Sought sought(Patch patch, double more) {
        Sought all = Sought.all(patch.strands().subList(0, tile.size()));
        List<Reaches.Stretch> stretches = new ArrayList<>(all.stretches());
        List<Reaches.Stretch> laps = new ArrayList<>(all.laps());
        for (int s = 0; s < tile.size(); s++) {
            if (tile.get(s).onward().isPresent() && !Double.isNaN(cut[s])) {
                double at = patch.strands()
                        .get(s)
                        .path()
                        .lengthTo(cut[s] - patch.stretch(s).first());
                double lap = tile.get(s).path().length();
                double slack = Torus.NOWHERE * lap;
                stretches.set(s, new Reaches.Stretch(at - slack, at + lap + slack + more));
                laps.set(s, new Reaches.Stretch(at - slack, at + lap - slack));
            }
        }
        return new Sought(stretches, laps);
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

    private void courses(int s, Patch patch, List<Course> all, List<Course> into) {
        Strand strand = tile.get(s);
        if (strand.onward().isEmpty()) {
            into.addAll(all);
            return;
        }
        if (Double.isNaN(cut[s])) {
            Projection alone = Projection.of(List.of(tile.get(s)), watch).orElseThrow(TileCourses::tooMany);
            Sought whole = Sought.all(alone.strands());
            for (Course course : Cutting.of(alone, new boolean[alone.meets().size()], manner, whole, watch)
                    .courses()) {
                into.add(numbered(course, s, course.ordinal(), course.from(), course.to()));
            }
            return;
        }
        int size = strand.path().size();
        int first = patch.stretch(s).first();
        List<Course> lap = new ArrayList<>();
        for (Course course : all) {
            double at = course.from() + first;
            boolean within = at >= cut[s] - Torus.NOWHERE && at < cut[s] + size - Torus.NOWHERE;
            if (course.ordinal() > 0 && within) {
                lap.add(course);
            }
        }
        // They are numbered from the first under-pass of the strand, wherever the lap was begun.
        lap.sort(Comparator.comparingDouble(c -> beyond(c.from() + first - begin[s], size)));
        double last = Double.NaN;
        int ordinal = -1;
        for (Course course : lap) {
            ordinal += course.from() == last ? 0 : 1;
            last = course.from();
            into.add(numbered(course, s, ordinal, patch.position(s, course.from()), patch.position(s, course.to())));
        }
    }

    /** A position counted on from where a lap begins; what is nearly a whole lap further on is there. */
    private static double beyond(double position, int size) {
        double within = position - size * Math.floor(position / size);
        return within > size - Torus.NOWHERE ? 0 : within;
    }

    private static Course numbered(Course course, int strand, int ordinal, double from, double to) {
        return new Course(strand, ordinal, from, to, course.region(), course.sides(), course.lines(), course.dives());
    }

    /** Faults of strands of the tile, each once, wherever on the cloth it was found; of places where three bands meet one within a width, as elsewhere. */
    private List<Cutting.Fault> faults(Patch patch, List<Cutting.Fault> near, int[] meetOf) {
        double same = 64 * projection.tolerance().distance();
        double widest = tile.stream().mapToDouble(Strand::width).max().orElse(same);
        PlaceGrid<Cutting.Fault> known = new PlaceGrid<>(widest);
        List<Cutting.Fault> faults = new ArrayList<>();
        for (Cutting.Fault fault : near) {
            if (fault.strand() >= tile.size()) {
                continue;
            }
            int strand = patch.stretch(fault.strand()).strand();
            boolean isCrowded = fault.kind() == Weave.Trouble.Kind.CROWDED;
            Point home = lattice.home(fault.place());
            boolean isKnown = known.within(home, isCrowded ? widest : same).stream()
                    .anyMatch(f -> f.kind() == fault.kind() && (isCrowded || f.strand() == strand));
            if (!isKnown) {
                List<Integer> of = fault.meets().stream().map(m -> meetOf[m]).toList();
                Cutting.Fault own = new Cutting.Fault(fault.kind(), strand, fault.place(), of);
                // The same place may come home to the other side of a tile.
                TILES_ABOUT.stream()
                        .filter(steps -> steps.down() == 0 || lattice.down().isPresent())
                        .forEach(steps -> known.add(home.plus(lattice.shift(steps)), own));
                faults.add(own);
            }
        }
        return faults;
    }
}
