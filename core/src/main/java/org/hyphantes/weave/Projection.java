package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;

/**
 * Strands with all the places where they cross, in order along each strand, before over and under are decided.
 *
 * <p>A passage is one strand going through one meet; a strand that crosses itself passes the place twice.
 */
public final class Projection {
    private final List<Strand> strands;
    private final List<Meet> meets;
    private final List<PathMeeting> faults;
    private final int[][] passages;
    private final int[] ordinals;
    private final BitSet crowded;
    private final Tolerance tolerance;
    private final Optional<Lattice> lattice;
    private volatile CrossingIndex index;

    /** The places of meets and strands in an order that is the same wherever they lie on a cloth; null where they are in order. */
    private int[] meetRanks;

    private int[] strandRanks;

    Projection(
            List<Strand> strands,
            List<Meet> meets,
            List<PathMeeting> faults,
            Tolerance tolerance,
            Optional<Lattice> lattice) {
        this.strands = List.copyOf(strands);
        this.meets = List.copyOf(meets);
        this.faults = List.copyOf(faults);
        this.tolerance = tolerance;
        this.lattice = lattice;
        this.passages = inOrder();
        this.ordinals = new int[2 * meets.size()];
        for (int[] along : passages) {
            for (int i = 0; i < along.length; i++) {
                ordinals[along[i]] = i;
            }
        }
        this.crowded = findCrowded();
    }

    /** More meetings than this are not sought out: nobody could see, weave or cut them. */
    public static final int MOST_MEETINGS = 120_000;

    /** The projection of the strands; empty when they meet more than {@link #MOST_MEETINGS} times. */
    public static Optional<Projection> of(List<Strand> strands, Watch watch) {
        List<Path> paths = strands.stream().map(Strand::path).toList();
        Tolerance tolerance = tolerance(strands);
        List<Meet> meets = new ArrayList<>();
        List<PathMeeting> faults = new ArrayList<>();
        Optional<List<PathMeeting>> all = PathMeetings.of(paths, tolerance, MOST_MEETINGS, watch);
        if (all.isEmpty()) {
            return Optional.empty();
        }
        for (PathMeeting m : all.get()) {
            if (m.kind() == PathMeeting.Kind.CROSSING) {
                meets.add(new Meet(m.place(), m.first(), m.firstPosition(), m.second(), m.secondPosition()));
            } else {
                faults.add(m);
            }
        }
        return Optional.of(new Projection(strands, meets, faults, tolerance, Optional.empty()));
    }

    /** The projection of strands whose meets are known. */
    static Projection laid(List<Strand> strands, List<Meet> meets) {
        return new Projection(strands, meets, List.of(), tolerance(strands), Optional.empty());
    }

    static Tolerance tolerance(List<Strand> strands) {
        return Tolerance.of(Box.round(strands.stream().map(s -> s.path().box()).toList()));
    }

    /** The projection of strands of a tile that goes on over a cloth, if there is a lattice. */
    public static Optional<Projection> of(List<Strand> strands, Optional<Lattice> lattice, Watch watch) {
        return lattice.isPresent() ? Torus.projection(strands, lattice.get(), watch) : of(strands, watch);
    }

    /** The lattice of the cloth that the strands are a tile of, if they are. */
    public Optional<Lattice> lattice() {
        return lattice;
    }

    /** How far (mm) two places lie from each other, on a cloth from the nearest that is the same. */
    double apart(Point a, Point b) {
        return lattice.map(l -> l.apart(a, b)).orElseGet(() -> a.distance(b));
    }

    /** The same, whose meets and strands come in another order where only their order decides. */
    Projection ranked(int[] ofMeets, int[] ofStrands) {
        Projection ranked = new Projection(strands, meets, faults, tolerance, lattice);
        ranked.meetRanks = ofMeets;
        ranked.strandRanks = ofStrands;
        return ranked;
    }

    /** The place of a meet in the order that decides where nothing else does. */
    int meetRank(int meet) {
        return meetRanks == null ? meet : meetRanks[meet];
    }

    /** The place of a strand in such an order. */
    int strandRank(int strand) {
        return strandRanks == null ? strand : strandRanks[strand];
    }

    /** The same meets of strands with other bands. */
    Projection with(List<Strand> others) {
        return new Projection(others, meets, faults, tolerance, lattice);
    }

    private int[][] inOrder() {
        int[] count = new int[strands.size()];
        for (Meet meet : meets) {
            count[meet.first()]++;
            count[meet.second()]++;
        }
        Integer[][] order = new Integer[strands.size()][];
        for (int s = 0; s < order.length; s++) {
            order[s] = new Integer[count[s]];
        }
        for (int m = 0; m < meets.size(); m++) {
            order[meets.get(m).first()][--count[meets.get(m).first()]] = 2 * m;
            order[meets.get(m).second()][--count[meets.get(m).second()]] = 2 * m + 1;
        }
        int[][] result = new int[order.length][];
        for (int s = 0; s < order.length; s++) {
            Arrays.sort(order[s], (p, q) -> {
                int byPosition = Double.compare(position(p), position(q));
                return byPosition != 0 ? byPosition : Integer.compare(p, q);
            });
            result[s] = Arrays.stream(order[s]).mapToInt(Integer::intValue).toArray();
        }
        return result;
    }

    private BitSet findCrowded() {
        BitSet found = new BitSet();
        for (int s = 0; s < passages.length; s++) {
            int[] along = passages[s];
            for (int i = strands.get(s).isRound() ? 0 : 1; i < along.length && along.length > 1; i++) {
                int before = along[i == 0 ? along.length - 1 : i - 1];
                // Two passages of one place that are different meets: three strands or more share it.
                if (before / 2 != along[i] / 2
                        && apart(
                                        meets.get(before / 2).place(),
                                        meets.get(along[i] / 2).place())
                                <= 4 * tolerance.distance()
                        && isClose(s, before, along[i])) {
                    found.set(before / 2);
                    found.set(along[i] / 2);
                }
            }
        }
        return found;
    }

    /** Whether two passages of a strand lie in one place of it, and not only in places that are the same on a cloth. */
    private boolean isClose(int strand, int before, int passage) {
        if (lattice.isEmpty()) {
            return true;
        }
        Path path = strands.get(strand).path();
        double apart = Math.abs(path.lengthTo(position(passage)) - path.lengthTo(position(before)));
        return Math.min(apart, path.length() - apart) <= 8 * tolerance.distance();
    }

    public List<Strand> strands() {
        return strands;
    }

    public List<Meet> meets() {
        return meets;
    }

    /** Touches and overlaps: places where strands meet without crossing. */
    public List<PathMeeting> faults() {
        return faults;
    }

    /** Its crossings by structure, under a symmetry that it has; found once. */
    CrossingIndex index(Symmetry symmetry) {
        CrossingIndex known = index;
        if (known == null || !known.symmetry().equals(symmetry)) {
            known = new CrossingIndex(this, symmetry);
            index = known;
        }
        return known;
    }

    public Tolerance tolerance() {
        return tolerance;
    }

    /** The number of passages along a strand. */
    public int passages(int strand) {
        return passages[strand].length;
    }

    /** A passage along a strand, counted from the strand's start: twice its meet, plus one when it is the meet's second. */
    public int passage(int strand, int ordinal) {
        return passages[strand][ordinal];
    }

    /** Whether a strand goes through a meet any of whose two passages is among some. */
    boolean passes(int strand, BitSet some) {
        return Arrays.stream(passages[strand]).anyMatch(p -> some.get(p) || some.get(p ^ 1));
    }

    /** Which passage of its strand a passage is, counted from the strand's start. */
    int ordinal(int passage) {
        return ordinals[passage];
    }

    /** The position on its strand of a passage. */
    public double position(int passage) {
        Meet meet = meets.get(passage / 2);
        return passage % 2 == 0 ? meet.firstPosition() : meet.secondPosition();
    }

    /** The strand of a passage. */
    public int strand(int passage) {
        Meet meet = meets.get(passage / 2);
        return passage % 2 == 0 ? meet.first() : meet.second();
    }

    /** The passage so many beyond another on their strand, negative for before it; none beyond the end of an open one. */
    OptionalInt beyond(int passage, int by) {
        int s = strand(passage);
        int n = passages[s].length;
        int ordinal = ordinals[passage] + by;
        return strands.get(s).isRound() || ordinal >= 0 && ordinal < n
                ? OptionalInt.of(passages[s][Math.floorMod(ordinal, n)])
                : OptionalInt.empty();
    }

    /** Whether three strands or more go through the place of a meet, so that its order along them is not decided. */
    public boolean crowded(int meet) {
        return crowded.get(meet);
    }
}
