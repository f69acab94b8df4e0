package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;

/**
 * A resolved weave: every crossing with its over and under, and every course cut.
 *
 * @param strands the strands, lettered
 * @param crossings all crossings, in the order of the projection's meets
 * @param courses the pieces of band that are drawn and cut
 * @param troubles what the weave could not do, with its place
 * @param lostPins pins whose place is gone; they come back with it
 * @param lostBreaks breaks whose place is gone; they come back with it
 * @param projection the strands and meets the weave was resolved from, after breaks
 * @param whole the projection before crossings were broken
 * @param origins where the meets of the projection come from
 * @param broken the meets of the whole projection that are broken
 * @param symmetry under which the whole is carried to itself
 * @param order how it was resolved
 */
public record Weave(
        List<Strand> strands,
        List<Crossing> crossings,
        List<Course> courses,
        List<Trouble> troubles,
        List<Pin> lostPins,
        List<Break> lostBreaks,
        Projection projection,
        Projection whole,
        ProjectionMap origins,
        Map<Integer, Way> broken,
        Symmetry symmetry,
        Order order) {
    public Weave {
        strands = List.copyOf(strands);
        crossings = List.copyOf(crossings);
        courses = List.copyOf(courses);
        troubles = List.copyOf(troubles);
        lostPins = List.copyOf(lostPins);
        lostBreaks = List.copyOf(lostBreaks);
        broken = Map.copyOf(broken);
    }

    /** Something the weave could not do: what, to which strand, where, and which crossings contradict one another, if any do. */
    public record Trouble(Kind kind, int strand, Point place, List<Integer> meets) {
        public Trouble(Kind kind, int strand, Point place) {
            this(kind, strand, place, List.of());
        }

        public Trouble {
            meets = List.copyOf(meets);
        }

        /** The kinds of trouble: what the lines themselves do first, since the rest often comes of it. */
        public enum Kind {
            /** Two strands touch without crossing. */
            TOUCH,
            /** Two strands lie on one another. */
            OVERLAP,
            /** Three bands or more share a place. */
            CROWDED,
            /** A strand must go the same way twice running, because its crossings are odd. */
            CANNOT_ALTERNATE,
            /** The band has no room between two crossings, or cannot be cut there. */
            NO_ROOM,
            /** The band is wider than its own strand bears on the inner side of a bend. */
            TOO_WIDE
        }
    }

    /**
     * How a weave is to be resolved.
     *
     * @param beginningStrand where it begins, and which way
     * @param clearance beside each under-pass, in mm
     * @param shaded whether the ends that dive under are wanted by themselves
     * @param rough whether what has no room may be cut roughly, untold; of a weave, whether that was so
     */
    public record Order(
            Rhythm rhythm,
            int beginningStrand,
            boolean beginningOver,
            double clearance,
            Loops loops,
            boolean shaded,
            boolean rough,
            List<Pin> pins,
            List<Break> breaks) {
        public Order {
            pins = List.copyOf(pins);
            breaks = List.copyOf(breaks);
        }

        private Order exactly() {
            return new Order(rhythm, beginningStrand, beginningOver, clearance, loops, shaded, false, pins, breaks);
        }

        /** Over and under in turn, nothing set by hand. */
        public static Order alternate(double clearance) {
            return new Order(Rhythm.ALTERNATELY, 0, true, clearance, Loops.KEPT, false, false, List.of(), List.of());
        }
    }

    /**
     * The weave of strands; empty when they meet too often to be woven.
     *
     * @see Projection#MOST_MEETINGS
     */
    public static Optional<Weave> of(List<Strand> strands, Order order, Symmetry symmetry, Watch watch) {
        return of(strands, order, symmetry, Optional.empty(), watch);
    }

    /**
     * The same of the strands of a tile, if there is a lattice: over and under hold in every tile of its cloth, and no course ends at a seam.
     *
     * @param strands of a tile, those that go on into one another joined ({@link Joining})
     */
    public static Optional<Weave> of(
            List<Strand> strands, Order order, Symmetry symmetry, Optional<Lattice> lattice, Watch watch) {
        Optional<Projection> found = Projection.of(strands, lattice, watch);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        Projection whole = found.get();
        CrossingIndex places = order.pins().isEmpty() && order.breaks().isEmpty() ? null : whole.index(symmetry);
        Map<Integer, Way> broken = new HashMap<>();
        List<Break> lostBreaks = new ArrayList<>();
        for (Break cut : order.breaks()) {
            List<CrossingIndex.Found> held = places.held(cut.place(), cut.reach());
            held.forEach(f -> broken.put(f.meet(), f.way(cut.way())));
            if (held.isEmpty()) {
                lostBreaks.add(cut);
            }
        }
        Projection projection = whole;
        if (!broken.isEmpty() || order.loops() == Loops.DROPPED) {
            Projection all = broken.isEmpty()
                    ? whole
                    : Projection.of(Breaking.of(whole, broken), whole.lattice(), watch)
                            .orElse(whole);
            projection = order.loops() == Loops.DROPPED ? withoutLoops(all, watch) : all;
        }
        ProjectionMap origins = projection == whole ? ProjectionMap.same() : ProjectionMap.of(projection, whole);
        return Optional.of(resolved(projection, whole, origins, broken, lostBreaks, places, order, symmetry, watch));
    }

    /** Without the closed strands that cross nothing; if there is nothing else they stay. */
    private static Projection withoutLoops(Projection all, Watch watch) {
        List<Strand> kept = new ArrayList<>();
        for (int s = 0; s < all.strands().size(); s++) {
            if (all.passages(s) > 0 || !all.strands().get(s).path().closed()) {
                kept.add(all.strands().get(s).lettered(Strand.letter(kept.size())));
            }
        }
        boolean some = !kept.isEmpty() && kept.size() < all.strands().size();
        return some ? Projection.of(kept, all.lattice(), watch).orElse(all) : all;
    }

    private static Weave resolved(
            Projection projection,
            Projection whole,
            ProjectionMap origins,
            Map<Integer, Way> broken,
            List<Break> lostBreaks,
            CrossingIndex places,
            Order order,
            Symmetry symmetry,
            Watch watch) {
        Alternation.Solution solution =
                Alternation.of(projection, order.rhythm(), order.beginningStrand(), order.beginningOver());
        boolean[] firstOver = solution.firstOver().clone();
        boolean[] pinned = new boolean[firstOver.length];
        List<Pin> lost = new ArrayList<>();
        for (Pin pin : order.pins()) {
            List<CrossingIndex.Found> held = places.held(pin.place(), pin.reach());
            boolean here = false;
            for (CrossingIndex.Found f : held) {
                Optional<ProjectionMap.Image> image = origins.image(f.meet());
                if (image.isPresent()) {
                    here = true;
                    pinned[image.get().meet()] = true;
                    firstOver[image.get().meet()] =
                            f.firstOver(pin.firstOver()) == image.get().aligned();
                }
            }
            if (!here) {
                lost.add(pin);
            }
        }
        Cutting.Result cut = Cutting.anyOf(projection, firstOver, Manner.of(order), watch);
        boolean[] against = against(solution, firstOver);
        List<Crossing> crossings = new ArrayList<>(firstOver.length);
        for (int m = 0; m < firstOver.length; m++) {
            crossings.add(crossing(projection, m, firstOver[m], pinned[m], against[m]));
        }
        return new Weave(
                projection.strands(),
                crossings,
                cut.courses(),
                troubles(projection, solution, cut),
                lost,
                lostBreaks,
                projection,
                whole,
                origins,
                broken,
                symmetry,
                cut.isRough() ? order : order.exactly());
    }

    private static Crossing crossing(Projection projection, int m, boolean firstOver, boolean pinned, boolean against) {
        Meet meet = projection.meets().get(m);
        Crossing.State state = projection.crowded(m)
                ? Crossing.State.UNDECIDED
                : against ? Crossing.State.OUT_OF_RHYTHM : pinned ? Crossing.State.PINNED : Crossing.State.RESOLVED;
        return firstOver
                ? new Crossing(
                        meet.place(), meet.first(), meet.firstPosition(), meet.second(), meet.secondPosition(), state)
                : new Crossing(
                        meet.place(), meet.second(), meet.secondPosition(), meet.first(), meet.firstPosition(), state);
    }

    /** The meets that go against the rhythm: in each connected part, the fewer of those kept and those changed by hand. */
    private static boolean[] against(Alternation.Solution solution, boolean[] firstOver) {
        int n = firstOver.length;
        int[] size = new int[n];
        int[] changed = new int[n];
        for (int m = 0; m < n; m++) {
            size[solution.component()[m]]++;
            changed[solution.component()[m]] += firstOver[m] == solution.firstOver()[m] ? 0 : 1;
        }
        boolean[] against = new boolean[n];
        for (int m = 0; m < n; m++) {
            int part = solution.component()[m];
            boolean differs = firstOver[m] != solution.firstOver()[m];
            against[m] = 2 * changed[part] > size[part] ? !differs : differs;
        }
        return against;
    }

    private static List<Trouble> troubles(Projection projection, Alternation.Solution solution, Cutting.Result cut) {
        Set<Trouble> troubles = new LinkedHashSet<>();
        for (Alternation.Conflict conflict : solution.conflicts()) {
            Point place = projection.meets().get(conflict.passage() / 2).place();
            troubles.add(new Trouble(Trouble.Kind.CANNOT_ALTERNATE, conflict.strand(), place, conflict.meets()));
        }
        troubles.addAll(faults(projection));
        for (Cutting.Fault fault : cut.faults()) {
            troubles.add(new Trouble(fault.kind(), fault.strand(), fault.place(), fault.meets()));
        }
        return List.copyOf(troubles);
    }

    /** The touches and overlaps of a projection, as troubles. */
    public static List<Trouble> faults(Projection projection) {
        return projection.faults().stream()
                .map(f -> new Trouble(
                        f.kind() == PathMeeting.Kind.OVERLAP ? Trouble.Kind.OVERLAP : Trouble.Kind.TOUCH,
                        f.first(),
                        f.place()))
                .toList();
    }

    /** The strands, on a cloth a little longer where they go on, and behind them what comes so near (mm) from other tiles. */
    public List<Strand> about(double near) {
        return projection
                .lattice()
                .map(l -> Patch.about(strands, l, near).strands())
                .orElse(strands);
    }

    /** Along a strand from its start: whether each passage goes over. */
    public List<Boolean> passes(int strand) {
        List<Boolean> passes = new ArrayList<>();
        for (int i = 0; i < projection.passages(strand); i++) {
            passes.add(passesOver(projection.passage(strand, i)));
        }
        return passes;
    }

    /** The middle of the longest stretch of a strand between two crossings: where its letter stands clear. */
    public Point clearest(int strand) {
        Path path = strands.get(strand).path();
        int n = projection.passages(strand);
        double total = path.length();
        double longest = -1;
        double middle = total / 2;
        for (int i = 0; i < n; i++) {
            double from = alongTo(strand, i);
            double to = i + 1 < n
                    ? alongTo(strand, i + 1)
                    : strands.get(strand).isRound() ? total + alongTo(strand, 0) : total;
            if (to - from > longest + 1e-9 * total) {
                longest = to - from;
                middle = (from + to) / 2;
            }
        }
        return path.at(path.positionAt(middle % total));
    }

    private double alongTo(int strand, int ordinal) {
        return strands.get(strand).path().lengthTo(projection.position(projection.passage(strand, ordinal)));
    }

    /** Whether a passage of the projection goes over. */
    public boolean passesOver(int passage) {
        Meet meet = projection.meets().get(passage / 2);
        Crossing crossing = crossings.get(passage / 2);
        boolean firstOver = crossing.over() == meet.first() && crossing.overPosition() == meet.firstPosition();
        return firstOver ^ passage % 2 == 1;
    }

    /** Whether over and under alternate all along every strand. */
    public boolean alternates() {
        return keeps(Rhythm.ALTERNATELY);
    }

    /** Whether a rhythm is kept all along every strand. */
    public boolean keeps(Rhythm rhythm) {
        int step = rhythm.step();
        for (int s = 0; step > 0 && s < strands.size(); s++) {
            int n = projection.passages(s);
            for (int i = strands.get(s).isRound() ? 0 : step; i < n; i++) {
                if (passesOver(projection.passage(s, i))
                        == passesOver(projection.passage(s, Math.floorMod(i - step, n)))) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The places of the projection before crossings were broken, by which pins and breaks are told. */
    public CrossingIndex places() {
        return whole.index(symmetry);
    }
}
