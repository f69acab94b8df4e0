package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;
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
    private volatile CrossingIndex index;

    private Projection(List<Strand> strands, List<Meet> meets, List<PathMeeting> faults, Tolerance tolerance) {
        this.strands = List.copyOf(strands);
        this.meets = List.copyOf(meets);
        this.faults = List.copyOf(faults);
        this.tolerance = tolerance;
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
        Tolerance tolerance =
                Tolerance.of(Box.round(paths.stream().map(Path::box).toList()));
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
        return Optional.of(new Projection(strands, meets, faults, tolerance));
    }

    /** The same meets of strands with other bands. */
    Projection with(List<Strand> others) {
        return new Projection(others, meets, faults, tolerance);
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
            Path path = strands.get(s).path();
            for (int i = path.closed() ? 0 : 1; i < along.length && along.length > 1; i++) {
                int before = along[i == 0 ? along.length - 1 : i - 1];
                // Two passages of one place that are different meets: three strands or more share it.
                if (before / 2 != along[i] / 2
                        && meets.get(before / 2)
                                        .place()
                                        .distance(meets.get(along[i] / 2).place())
                                <= 4 * tolerance.distance()) {
                    found.set(before / 2);
                    found.set(along[i] / 2);
                }
            }
        }
        return found;
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
        return strands.get(s).path().closed() || ordinal >= 0 && ordinal < n
                ? OptionalInt.of(passages[s][Math.floorMod(ordinal, n)])
                : OptionalInt.empty();
    }

    /** Whether three strands or more go through the place of a meet, so that its order along them is not decided. */
    public boolean crowded(int meet) {
        return crowded.get(meet);
    }
}
