package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Lattice.Steps;

/**
 * Follows strands over a cloth from tile to tile: where one ends another begins, in the same tile or in any, and the two are one. So each strand is
 * closed, goes on for ever by so many tiles, or ends.
 */
public final class Joining {
    /** Ends further apart (mm) do not meet. */
    public static final double MEETING = 1e-6;

    /** Bands whose widths (mm) differ by more do not go on into one another. */
    private static final double AS_WIDE = 1e-6;

    /** The cosine of a turn that is none to speak of: 20 degrees. */
    private static final double STRAIGHT = 0.94;

    private final List<Strand> strands;
    private final Lattice lattice;
    private final double tolerance;
    private final BiPredicate<StrandKey, StrandKey> alike;

    /** The end that each end goes on to, by {@link End#number}; -1 for one that goes on to none. */
    private final int[] mates;

    /** By how many tiles what follows an end is moved. */
    private final Steps[] moves;

    /** One end of a strand. */
    private record End(int strand, boolean last) {
        int number() {
            return 2 * strand + (last ? 1 : 0);
        }

        static End of(int number) {
            return new End(number / 2, number % 2 == 1);
        }
    }

    private record Cell(long x, long y) {}

    private Joining(List<Strand> strands, Lattice lattice, double tolerance, BiPredicate<StrandKey, StrandKey> alike) {
        this.strands = strands;
        this.alike = alike;
        this.lattice = lattice;
        this.tolerance = tolerance;
        this.mates = new int[2 * strands.size()];
        this.moves = new Steps[mates.length];
        Arrays.fill(mates, -1);
    }

    /** The strands as they run over a cloth, lettered anew; one made of several is what the first of them is. */
    public static List<Strand> of(List<Strand> strands, Lattice lattice) {
        return of(strands, lattice, (a, b) -> true);
    }

    /** The same of strands of which only those go on into one another that are alike, such as of one colour. */
    public static List<Strand> of(List<Strand> strands, Lattice lattice, BiPredicate<StrandKey, StrandKey> alike) {
        Joining joining = new Joining(strands, lattice, MEETING, alike);
        joining.mate();
        return joining.followed();
    }

    private Point place(End end) {
        Path path = strands.get(end.strand()).path();
        return end.last() ? path.end() : path.start();
    }

    /** The heading in which a strand leaves its end. */
    private Point outward(End end) {
        Path path = strands.get(end.strand()).path();
        return end.last() ? path.arrival(path.size()) : path.tangent(0).times(-1);
    }

    private void mate() {
        Map<Cell, List<End>> grid = new HashMap<>();
        List<List<End>> places = new ArrayList<>();
        double size = 64 * tolerance;
        for (int s = 0; s < strands.size(); s++) {
            if (strands.get(s).path().closed()) {
                continue;
            }
            for (boolean last : new boolean[] {false, true}) {
                End end = new End(s, last);
                List<End> here = there(grid, end, size);
                if (here == null) {
                    here = new ArrayList<>();
                    places.add(here);
                    // A place at the border of a tile lies at its other border as well.
                    for (Cell cell : cells(place(end), size)) {
                        grid.putIfAbsent(cell, here);
                    }
                }
                here.add(end);
            }
        }
        for (List<End> ends : places) {
            Watch.ask();
            pair(ends);
        }
    }

    private List<End> there(Map<Cell, List<End>> grid, End end, double size) {
        for (Cell cell : cells(place(end), size)) {
            List<End> there = grid.get(cell);
            if (there != null && lattice.apart(place(there.get(0)), place(end)) <= tolerance) {
                return there;
            }
        }
        return null;
    }

    private List<Cell> cells(Point place, double size) {
        Point home = lattice.home(place);
        List<Cell> cells = new ArrayList<>();
        for (Steps steps : List.of(
                Steps.NONE,
                new Steps(1, 0),
                new Steps(-1, 0),
                new Steps(0, 1),
                new Steps(0, -1),
                new Steps(1, 1),
                new Steps(-1, -1),
                new Steps(1, -1),
                new Steps(-1, 1))) {
            if (lattice.down().isEmpty() && steps.down() != 0) {
                continue;
            }
            Point p = home.plus(lattice.shift(steps));
            Point parts = lattice.parts(p);
            double edge = 1e-6;
            boolean near = parts.x() > -edge
                    && parts.x() < 1 + edge
                    && (lattice.down().isEmpty() || parts.y() > -edge && parts.y() < 1 + edge);
            if (!near) {
                continue;
            }
            for (double dx : new double[] {-tolerance, tolerance}) {
                for (double dy : new double[] {-tolerance, tolerance}) {
                    Cell cell =
                            new Cell((long) Math.floor((p.x() + dx) / size), (long) Math.floor((p.y() + dy) / size));
                    if (!cells.contains(cell)) {
                        cells.add(cell);
                    }
                }
            }
        }
        return cells;
    }

    /** Ends that meet, in pairs, the straightest first; of four none of which goes straight on, so that none turns more than it must. */
    private void pair(List<End> ends) {
        List<End> left = new ArrayList<>(ends);
        while (left.size() > 1) {
            End one = null;
            End other = null;
            double best = 2;
            for (int i = 0; i < left.size(); i++) {
                for (int j = i + 1; j < left.size(); j++) {
                    double turn = turn(left.get(i), left.get(j));
                    if (turn < best) {
                        best = turn;
                        one = left.get(i);
                        other = left.get(j);
                    }
                }
            }
            // What turns straight back goes on as nothing.
            if (one == null || best > 1 - 1e-9) {
                return;
            }
            if (left.size() == 4 && best > -STRAIGHT) {
                other = fourth(left);
                one = left.get(0);
            }
            left.remove(one);
            left.remove(other);
            mates[one.number()] = other.number();
            mates[other.number()] = one.number();
            Point shift = place(one).minus(place(other));
            moves[one.number()] = lattice.steps(shift, 4 * tolerance).orElse(Steps.NONE);
            moves[other.number()] = Steps.NONE.minus(moves[one.number()]);
        }
    }

    /** What the first of four goes on as where of the two turns the sharper is least sharp. */
    private End fourth(List<End> four) {
        int best = 1;
        double least = Double.MAX_VALUE;
        for (int i = 1; i < 4; i++) {
            int j = i == 1 ? 2 : 1;
            double sharper = Math.max(turn(four.get(0), four.get(i)), turn(four.get(j), four.get(6 - i - j)));
            if (sharper < least - 1e-9) {
                least = sharper;
                best = i;
            }
        }
        return four.get(best);
    }

    /** How sharply one goes on as another: -1 straight on, 1 straight back; more where they do not go on into one another. */
    private double turn(End a, End b) {
        return isAlike(a, b) ? outward(a).dot(outward(b)) : 3;
    }

    private boolean isAlike(End a, End b) {
        BandStyle one = strands.get(a.strand()).band();
        BandStyle other = strands.get(b.strand()).band();
        return alike.test(strands.get(a.strand()).key(), strands.get(b.strand()).key())
                && one.widths().isEven()
                && other.widths().isEven()
                && Math.abs(one.widths().widest() - other.widths().widest()) <= AS_WIDE
                && one.lines() == other.lines();
    }

    private List<Strand> followed() {
        Strand[] made = new Strand[strands.size()];
        BitSet taken = new BitSet();
        for (int s = 0; s < strands.size(); s++) {
            if (!taken.get(s)) {
                follow(s, taken, made);
            }
        }
        List<Strand> all = new ArrayList<>();
        for (Strand strand : made) {
            if (strand != null) {
                all.add(strand.lettered(Strand.letter(all.size())));
            }
        }
        return all;
    }

    private void follow(int s, BitSet taken, Strand[] made) {
        Strand first = strands.get(s);
        End begin = new End(s, false);
        if (first.path().closed() || mates[begin.number()] < 0 && mates[2 * s + 1] < 0) {
            taken.set(s);
            made[s] = first;
            return;
        }
        // One that ends is begun at its end.
        End back = new End(s, true);
        while (mates[back.number() ^ 1] >= 0) {
            back = End.of(mates[back.number() ^ 1]);
            if (back.strand() == s && back.last()) {
                break;
            }
        }
        boolean round = mates[back.number() ^ 1] >= 0;
        End enter = round ? begin : End.of(back.number() ^ 1);
        List<Curve> curves = new ArrayList<>();
        Steps moved = Steps.NONE;
        End at = enter;
        int least = s;
        do {
            Strand strand = strands.get(at.strand());
            taken.set(at.strand());
            least = Math.min(least, at.strand());
            Path path = at.last() ? strand.path().reversed() : strand.path();
            Path there = moved.isNone() ? path : path.map(Affine.shift(lattice.shift(moved)));
            curves.addAll(there.curves());
            int leaving = at.number() ^ 1;
            if (mates[leaving] < 0) {
                break;
            }
            moved = moved.plus(moves[leaving]);
            at = End.of(mates[leaving]);
        } while (!(at.equals(enter)));
        Strand of = strands.get(least);
        boolean closed = round && moved.isNone();
        BandStyle band = round ? of.band().ended(Ends.BUTT) : of.band();
        Optional<Steps> onward = round && !closed ? Optional.of(moved) : Optional.empty();
        made[least] = new Strand("", of.key(), new Path(curves, closed), band, onward);
    }
}
