package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * Where two crossings of one strand lie so close that the bands over and under it there share a place.
 *
 * <p>Told by the straight strips that the bands are like at their crossings; whether three bands really have a place in common is then
 * found exactly, by the subdivision.
 */
final class Crowding {
    /** From this turn on (radians) a strand has a corner. */
    private static final double CORNER = 0.3;

    /** No crossing reaches further along its strand than so many widths and clearances. */
    private static final double STEEPEST = 20;

    private final Projection projection;
    private final Reaches reaches;
    private final PlaceGrid<Cutting.Fault> told;
    private final BitSet unfit = new BitSet();
    private final List<Cutting.Fault> faults = new ArrayList<>();
    private final ThreeBands threeBands;
    private final Map<Pair, List<Point>> common = new HashMap<>();
    private final double widest;

    /** By passages, as they are asked for. */
    private final Lean[] leans;

    private boolean isRough;

    /**
     * @param sought where faults are to be told
     * @param rough whether places that three bands share are not looked for
     */
    Crowding(Projection projection, Reaches reaches, Sought sought, boolean rough) {
        this.projection = projection;
        this.reaches = reaches;
        this.threeBands = new ThreeBands(projection, reaches);
        this.widest =
                projection.strands().stream().mapToDouble(Strand::width).max().orElse(1);
        this.told = new PlaceGrid<>(widest);
        this.leans = new Lean[2 * projection.meets().size()];
        lenses();
        corners();
        Rounds rounds = new Rounds();
        for (Pair pair : pairs()) {
            Watch.ask();
            together(pair);
            boolean firstOver = reaches.isOver(pair.first());
            if (pair.bare() && firstOver != reaches.isOver(pair.second())) {
                int over = firstOver ? pair.first() : pair.second();
                int under = firstOver ? pair.second() : pair.first();
                rounds.add(
                        over,
                        under,
                        () -> rough
                                || areUnfit(over ^ 1, under)
                                || !common(pair).isEmpty());
            }
            double at = reaches.along(pair.first());
            boolean told = sought.has(projection.strand(pair.first()), at, at);
            if (told && pair.bare() && projection.strand(pair.first() ^ 1) != projection.strand(pair.second() ^ 1)) {
                isRough |= rough;
                if (!rough) {
                    crowd(pair);
                }
            }
        }
        unfit.or(rounds.found());
    }

    /** The under-passes that cannot be cut by themselves. */
    BitSet unfit() {
        return unfit;
    }

    /** Whether there are places that were not looked at. */
    boolean isRough() {
        return isRough;
    }

    /** The places where three bands have a part in common, or two that cross both ways about never come clear. */
    List<Cutting.Fault> faults() {
        return faults;
    }

    private void fault(Weave.Trouble.Kind kind, Pair pair, Point place) {
        if (told.within(place, widest).isEmpty()) {
            Cutting.Fault fault = new Cutting.Fault(
                    kind, projection.strand(pair.first()), place, List.of(pair.first() / 2, pair.second() / 2));
            told.add(place, fault);
            faults.add(fault);
        }
    }

    /** What crosses one way about and next the other, and lies over one another all the way between, has no room to change places. */
    private void lenses() {
        for (Lenses.Lens lens : Lenses.of(projection, reaches)) {
            under(lens.here());
            under(lens.next());
            under(lens.here() ^ 1);
            under(lens.next() ^ 1);
            fault(Weave.Trouble.Kind.NO_ROOM, new Pair(lens.here(), lens.next(), true), lens.middle());
        }
    }

    /** Corners beside a crossing, where the bands of both sides of the corner and the one across share a place. */
    private void corners() {
        double clearance = reaches.clearance();
        for (int s = 0; s < projection.strands().size(); s++) {
            Path path = projection.strands().get(s).path();
            int n = projection.passages(s);
            for (int c = path.closed() ? 0 : 1; c < path.size() && n > 0; c++) {
                Watch.ask();
                double turn = Math.acos(Math.max(-1, Math.min(1, path.arrival(c).dot(path.tangent(c)))));
                if (turn < CORNER) {
                    continue;
                }
                double at = path.lengthTo(c);
                double inner = width(s) / 2 * Math.tan(Math.min(turn, 3) / 2);
                for (int i = 0; i < n; i++) {
                    int passage = projection.passage(s, i);
                    double apart = reaches.along(passage) - at;
                    double away = Math.abs(path.closed() ? Math.IEEEremainder(apart, path.length()) : apart);
                    if (away > inner + STEEPEST * (widest + clearance)) {
                        continue;
                    }
                    if (away < inner + far(passage)) {
                        under(passage);
                    }
                    if (away < inner + strip(passage, 0).half()) {
                        fault(
                                Weave.Trouble.Kind.CROWDED,
                                new Pair(passage, passage, true),
                                projection.meets().get(passage / 2).place());
                    }
                }
            }
        }
    }

    private void under(int passage) {
        if (!reaches.isOver(passage)) {
            unfit.set(passage);
        }
    }

    /**
     * Two crossings of a strand that share a place are cut together where it goes under both; and where it goes under one band, over another,
     * and that other over the first.
     */
    private void together(Pair pair) {
        boolean firstUnder = !reaches.isOver(pair.first());
        boolean secondUnder = !reaches.isOver(pair.second());
        if (firstUnder && secondUnder) {
            unfit.set(pair.first());
            unfit.set(pair.second());
        } else if (pair.bare() && firstUnder && divesUnder(pair.first() ^ 1, pair.second() ^ 1)) {
            unfit.set(pair.first());
        } else if (pair.bare() && secondUnder && divesUnder(pair.second() ^ 1, pair.first() ^ 1)) {
            unfit.set(pair.second());
        }
    }

    /** Whether a strand goes under another beside a passage of each. */
    private boolean divesUnder(int passage, int other) {
        for (int way : new int[] {-1, 1}) {
            for (int i = 1; i < projection.passages(projection.strand(passage)); i++) {
                OptionalInt next = projection.beyond(passage, way * i);
                if (next.isEmpty() || !reaches.isNear(passage, next.getAsInt())) {
                    break;
                }
                if (!reaches.isOver(next.getAsInt()) && reaches.isNear(other, next.getAsInt() ^ 1)) {
                    return true;
                }
            }
        }
        return false;
    }

    private void crowd(Pair pair) {
        Point middle = projection
                .meets()
                .get(pair.first() / 2)
                .place()
                .middle(projection.meets().get(pair.second() / 2).place());
        if (!told.within(middle, widest).isEmpty()) {
            return;
        }
        common(pair).forEach(place -> fault(Weave.Trouble.Kind.CROWDED, pair, place));
    }

    /** Whether both are shared out in any case, so that it need not be known whether they are in a round. */
    private boolean areUnfit(int here, int next) {
        return unfit.get(here) && unfit.get(next);
    }

    /** A place in each part that a strand and the bands across it at two passages have in common. */
    private List<Point> common(Pair pair) {
        return common.computeIfAbsent(pair, p -> threeBands.places(p.first(), p.second()));
    }

    /** Two passages of one strand whose crossings share a place, the earlier of them first; {@code bare} if they do so without the clearance. */
    private record Pair(int first, int second, boolean bare) {}

    /** All pairs, with the bands that cross widened by the clearance. */
    private List<Pair> pairs() {
        List<Pair> pairs = new ArrayList<>();
        for (int s = 0; s < projection.strands().size(); s++) {
            int n = projection.passages(s);
            boolean closed = projection.strands().get(s).path().closed();
            for (int i = 0; i < n; i++) {
                Watch.ask();
                int here = projection.passage(s, i);
                for (int k = 1; k < n && (closed || i + k < n); k++) {
                    int next = projection.passage(s, (i + k) % n);
                    double apart = reaches.apart(here, next);
                    if (apart < 0 || apart > far(here) + far(next)) {
                        break;
                    }
                    if (here / 2 != next / 2 && share(here, next, apart, reaches.clearance())) {
                        pairs.add(new Pair(here, next, share(here, next, apart, 0)));
                    }
                }
            }
        }
        return pairs;
    }

    private double width(int strand) {
        return projection.strands().get(strand).width();
    }

    /** How far (mm) along its strand a crossing reaches with its clearance. */
    private double far(int passage) {
        Strip strip = strip(passage, reaches.clearance());
        return strip.half() + Math.abs(strip.slant()) * width(projection.strand(passage)) / 2;
    }

    /** The strip of the band that crosses at a passage: half its breadth along the strand, and how far it leans for a step to the right. */
    private record Strip(double half, double slant) {}

    private Strip strip(int passage, double more) {
        Lean lean = lean(passage);
        return new Strip((width(projection.strand(passage ^ 1)) / 2 + more) / lean.sine(), lean.slant());
    }

    /** The sine of the angle between the strands at a passage, not below what counts as one, and how far the one that crosses leans. */
    private record Lean(double sine, double slant) {}

    private Lean lean(int passage) {
        if (leans[passage] == null) {
            Point heading = reaches.path(passage).tangent(projection.position(passage));
            Point across = reaches.path(passage ^ 1).tangent(projection.position(passage ^ 1));
            double aside = across.dot(heading.right());
            double sine = Math.max(0.05, Math.abs(aside));
            leans[passage] = new Lean(sine, across.dot(heading) / sine * (aside < 0 ? -1 : 1));
        }
        return leans[passage];
    }

    /** Whether two strips meet within the band of a strand that they cross so far apart. */
    private boolean share(int here, int next, double apart, double more) {
        Strip a = strip(here, more);
        Strip b = strip(next, more);
        double half = width(projection.strand(here)) / 2;
        double lean = b.slant() - a.slant();
        double y = lean == 0 ? 0 : Math.max(-half, Math.min(half, -apart / lean));
        return Math.abs(apart + y * lean) < a.half() + b.half() - 1e-9 * (a.half() + b.half());
    }
}
