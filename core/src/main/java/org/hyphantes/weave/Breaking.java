package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Lattice.Steps;

/**
 * Takes crossings out of a projection: at each, the two strands are cut a little before and after it and turn back into one another,
 * by arcs that leave them smoothly.
 *
 * <p>The cuts lie as near as gives the two bows room between them, and never so far that they would come upon the next crossing.
 */
final class Breaking {
    /** How much of the way to the next crossing a bow may take; of the way to the next break, half of that is left to each. */
    private static final double TO_CROSSING = 0.8;

    private static final double TO_BREAK = 0.47;

    /** How many widths of the band a bow takes where there is room. */
    private static final double WIDTHS = 3.2;

    /**
     * One stretch of a strand between two breaks, as its curves; the breaks before and after it, -1 at the ends of an open one; and by how many
     * tiles the break after it is moved on a cloth.
     */
    private record Stretch(int strand, int ordinal, List<Curve> curves, int before, int after, Steps lap) {}

    /** The end of a stretch: its start or its finish. */
    private record End(int stretch, boolean start) {}

    private final Projection projection;
    private final Map<Integer, Way> breaks;
    private final List<Stretch> stretches = new ArrayList<>();

    /** For each passage of a broken meet, the stretches that arrive at it and leave it. */
    private final Map<Integer, Integer> arriving = new HashMap<>();

    private final Map<Integer, Integer> leaving = new HashMap<>();

    private Breaking(Projection projection, Map<Integer, Way> breaks) {
        this.projection = projection;
        this.breaks = breaks;
    }

    /**
     * The strands after crossings were taken out.
     *
     * @param breaks the meets that are broken, and the way their strands turn back
     */
    static List<Strand> of(Projection projection, Map<Integer, Way> breaks) {
        return new Breaking(projection, breaks).strands();
    }

    private List<Strand> strands() {
        List<Strand> strands = new ArrayList<>();
        Set<Integer> whole = new HashSet<>();
        for (int s = 0; s < projection.strands().size(); s++) {
            Watch.ask();
            if (!stretches(s)) {
                whole.add(s);
            }
        }
        boolean[] gone = new boolean[stretches.size()];
        Map<Integer, List<Strand>> made = new HashMap<>();
        for (int i = 0; i < stretches.size(); i++) {
            Stretch stretch = stretches.get(i);
            // Open strands are begun at their ends.
            if (!gone[i] && (stretch.before() < 0 || stretch.after() < 0)) {
                boolean forward = stretch.before() < 0;
                add(made, i, followed(new End(i, forward), gone));
            }
        }
        for (int i = 0; i < stretches.size(); i++) {
            if (!gone[i]) {
                add(made, i, followed(new End(i, true), gone));
            }
        }
        for (int s = 0; s < projection.strands().size(); s++) {
            List<Strand> of =
                    whole.contains(s) ? List.of(projection.strands().get(s)) : made.getOrDefault(s, List.of());
            for (Strand strand : of) {
                strands.add(strand.lettered(Strand.letter(strands.size())));
            }
        }
        return strands;
    }

    private void add(Map<Integer, List<Strand>> made, int stretch, Followed followed) {
        Stretch first = stretches.get(stretch);
        Strand source = projection.strands().get(first.strand());
        made.computeIfAbsent(first.strand(), k -> new ArrayList<>())
                .add(new Strand(
                        "", source.key().part(first.ordinal()), followed.path(), source.band(), followed.onward()));
    }

    /** A strand as it goes on through all its stretches; on a cloth by how many tiles, if it does not close. */
    private record Followed(Path path, Optional<Steps> onward) {}

    /** Cuts a strand at its breaks; false when it has none. */
    private boolean stretches(int s) {
        Path path = projection.strands().get(s).path();
        List<Integer> at = new ArrayList<>();
        for (int i = 0; i < projection.passages(s); i++) {
            if (breaks.containsKey(projection.passage(s, i) / 2)) {
                at.add(i);
            }
        }
        if (at.isEmpty()) {
            return false;
        }
        int n = at.size();
        int first = stretches.size();
        Strand strand = projection.strands().get(s);
        for (int k = strand.isRound() ? 0 : -1; k < n; k++) {
            Watch.ask();
            int before = k < 0 ? -1 : projection.passage(s, at.get(k));
            boolean last = k == n - 1;
            int after = last && !strand.isRound() ? -1 : projection.passage(s, at.get(last ? 0 : k + 1));
            int index = stretches.size();
            Steps lap = last ? strand.onward().orElse(Steps.NONE) : Steps.NONE;
            List<Curve> curves = strand.onward().isPresent()
                    ? overLaps(strand, before, after, last)
                    : path.part(before < 0 ? 0 : moved(s, before, 1), after < 0 ? path.size() : moved(s, after, -1));
            stretches.add(new Stretch(s, index - first, curves, before, after, lap));
            if (before >= 0) {
                leaving.put(before, index);
            }
            if (after >= 0) {
                arriving.put(after, index);
            }
        }
        return true;
    }

    /** The stretch of a strand that goes on over a cloth from one break to the next, which may lie on its next lap. */
    private List<Curve> overLaps(Strand strand, int before, int after, boolean next) {
        Path laps = strand.laps(projection.lattice().orElseThrow(), 3);
        double length = strand.path().length();
        double from = strand.path().lengthTo(projection.position(before)) + bow(before / 2);
        double to = strand.path().lengthTo(projection.position(after)) + (next ? length : 0) - bow(after / 2);
        return laps.part(laps.positionAt(from), laps.positionAt(to));
    }

    /** The position on a strand where the bow at a broken passage begins, a way before (-1) or after (1) it. */
    private double moved(int s, int passage, int way) {
        Path path = projection.strands().get(s).path();
        double here = path.lengthTo(projection.position(passage));
        double at = here + way * bow(passage / 2);
        double total = path.length();
        return path.positionAt(path.closed() ? at - total * Math.floor(at / total) : Math.max(0, Math.min(total, at)));
    }

    /** How far from a broken meet its bows begin, on all four sides of it. */
    private double bow(int meet) {
        Meet m = projection.meets().get(meet);
        double width = Math.max(
                projection.strands().get(m.first()).width(),
                projection.strands().get(m.second()).width());
        double bow = WIDTHS * width;
        for (int passage : new int[] {2 * meet, 2 * meet + 1}) {
            for (int way : new int[] {-1, 1}) {
                bow = Math.min(bow, room(passage, way));
            }
        }
        return bow;
    }

    private double room(int passage, int way) {
        int s = projection.strand(passage);
        Path path = projection.strands().get(s).path();
        int n = projection.passages(s);
        int at = projection.ordinal(passage);
        int next = at + way;
        double here = path.lengthTo(projection.position(passage));
        if (!projection.strands().get(s).isRound() && (next < 0 || next >= n)) {
            return 0.9 * (next < 0 ? here : path.length() - here);
        }
        int other = projection.passage(s, Math.floorMod(next, n));
        double there = path.lengthTo(projection.position(other));
        double apart = way * (there - here);
        apart = apart <= 0 ? apart + path.length() : apart;
        return apart * (breaks.containsKey(other / 2) ? TO_BREAK : TO_CROSSING);
    }

    /** The strand that begins at an end of a stretch and goes on through it and what it turns back into. */
    private Followed followed(End begin, boolean[] gone) {
        List<Curve> curves = new ArrayList<>();
        End at = begin;
        Steps moved = Steps.NONE;
        while (true) {
            Watch.ask();
            Stretch stretch = stretches.get(at.stretch());
            gone[at.stretch()] = true;
            curves.addAll(carried(along(stretch, at.start()), moved));
            int passage = at.start() ? stretch.after() : stretch.before();
            if (passage < 0) {
                return new Followed(new Path(curves, false), Optional.empty());
            }
            End next = across(passage, at.start());
            Stretch ahead = stretches.get(next.stretch());
            // By how many tiles the other strand is moved where the two cross.
            Steps there = moved.plus(at.start() ? stretch.lap() : Steps.NONE)
                    .minus(offset(passage))
                    .plus(offset(passage ^ 1))
                    .minus(next.start() ? Steps.NONE : ahead.lap());
            List<Curve> onward = carried(along(ahead, next.start()), there);
            Curve last = curves.get(curves.size() - 1);
            Curve first = onward.get(0);
            Point p = last.end();
            Point q = first.start();
            if (p.distance(q) > 0) {
                curves.addAll(Biarc.of(p, last.tangent(1), q, first.tangent(0)));
            }
            if (next.equals(begin)) {
                boolean closed = there.isNone();
                return new Followed(new Path(curves, closed), closed ? Optional.empty() : Optional.of(there));
            }
            at = next;
            moved = there;
        }
    }

    /** By how many tiles the strand of a passage is moved where the first of its meet is not. */
    private Steps offset(int passage) {
        if (passage % 2 == 0 || projection.lattice().isEmpty()) {
            return Steps.NONE;
        }
        Lattice lattice = projection.lattice().get();
        Meet meet = projection.meets().get(passage / 2);
        Point second = projection.strands().get(meet.second()).path().at(meet.secondPosition());
        return lattice.steps(meet.place().minus(second), 1e-3 * lattice.across().length())
                .orElse(Steps.NONE);
    }

    private List<Curve> carried(List<Curve> curves, Steps by) {
        if (by.isNone()) {
            return curves;
        }
        Affine shift = Affine.shift(projection.lattice().orElseThrow().shift(by));
        return curves.stream().map(c -> c.map(shift)).toList();
    }

    private static List<Curve> along(Stretch stretch, boolean forward) {
        if (forward) {
            return stretch.curves();
        }
        List<Curve> back =
                new ArrayList<>(stretch.curves().stream().map(Curve::reversed).toList());
        Collections.reverse(back);
        return back;
    }

    /** Where a strand goes on that comes to a broken passage along its own way, or against it. */
    private End across(int passage, boolean forward) {
        int other = passage ^ 1;
        boolean with = breaks.get(passage / 2) == Way.WITH;
        // Coming forward it goes on by the other strand: along that one's way it leaves, against it it goes back up
        // what arrives.
        boolean leaves = forward == with;
        return leaves ? new End(leaving.get(other), true) : new End(arriving.get(other), false);
    }
}
