package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Lattice.Steps;

/**
 * The strands of a cloth as they run about the strands of one tile: those themselves first, then stretches of whatever comes near them from other
 * tiles.
 */
final class Patch {
    private static final int MOST_CURVES = 300_000;

    private final List<Strand> tile;
    private final Lattice lattice;
    private final List<Strand> strands = new ArrayList<>();
    private final List<Stretch> stretches = new ArrayList<>();

    /**
     * A strand of the patch.
     *
     * @param strand which strand of the tile it is of
     * @param first the number of its first curve, counted on over the laps of one that goes on and on
     * @param moved by how many tiles it is moved, but for its laps
     * @param whole whether it ends where the strand itself does, if anywhere
     */
    record Stretch(int strand, int first, Steps moved, boolean whole) {}

    private Patch(List<Strand> tile, Lattice lattice) {
        this.tile = tile;
        this.lattice = lattice;
    }

    /**
     * The patch about the strands of a tile.
     *
     * @param from the first curve at least of each that goes on and on, and {@code to} the one after the last, counted over its laps
     * @param margin how near (mm) to the box round those all others come
     */
    static Patch of(List<Strand> tile, Lattice lattice, int[] from, int[] to, double margin) {
        Patch patch = new Patch(tile, lattice);
        List<Box> boxes = new ArrayList<>();
        for (int s = 0; s < tile.size(); s++) {
            boxes.add(
                    tile.get(s).onward().isEmpty()
                            ? tile.get(s).path().box()
                            : Box.round(patch.curves(s, Steps.NONE, from[s], to[s]).stream()
                                    .map(Curve::box)
                                    .toList()));
        }
        Box window = Box.round(boxes).grown(margin);
        List<Strand> copies = new ArrayList<>();
        List<Stretch> of = new ArrayList<>();
        for (int s = 0; s < tile.size(); s++) {
            Watch.ask();
            patch.strand(s, from[s], to[s], window, copies, of);
        }
        patch.strands.addAll(copies);
        patch.stretches.addAll(of);
        return patch;
    }

    /** Whether so many curves come so near (mm) to the strands of a tile that nobody could see, weave or cut them. */
    static boolean isTooMuch(List<Strand> tile, Lattice lattice, double margin) {
        Box all = Box.round(tile.stream().map(s -> s.path().box()).toList()).grown(margin);
        double wide = Math.abs(lattice.across().x());
        double high = lattice.down().map(d -> Math.abs(d.y())).orElse(Double.POSITIVE_INFINITY);
        double curves = 0;
        for (Strand strand : tile) {
            Box box = strand.path().box();
            curves += strand.path().size()
                    * (1 + (all.width() + box.width()) / wide)
                    * (1 + (all.height() + box.height()) / high);
        }
        Box around = all.grown((all.width() + all.height()) / 4);
        return curves > MOST_CURVES
                || tile.stream().anyMatch(s -> lattice.isTooFar(s.path().box(), around));
    }

    /** The patch about the strands of a tile, each that goes on and on a curve longer at both ends. */
    static Patch about(List<Strand> tile, Lattice lattice, double margin) {
        int[] from = new int[tile.size()];
        int[] to = new int[tile.size()];
        for (int s = 0; s < from.length; s++) {
            int size = tile.get(s).path().size();
            boolean goesOn = tile.get(s).onward().isPresent();
            from[s] = goesOn ? -1 : 0;
            to[s] = goesOn ? size + 1 : size;
        }
        return of(tile, lattice, from, to, margin);
    }

    List<Strand> strands() {
        return strands;
    }

    Stretch stretch(int strand) {
        return stretches.get(strand);
    }

    /** The position on the strand of the tile of one on a strand of the patch. */
    double position(int strand, double local) {
        Stretch stretch = stretches.get(strand);
        double position = stretch.first() + local;
        Strand of = tile.get(stretch.strand());
        if (!of.isRound()) {
            return position;
        }
        int size = of.path().size();
        double within = position - size * Math.floor(position / size);
        return within >= size ? 0 : within;
    }

    /** The laps in which a strand of the patch passes a position of the strand of the tile; 0 alone for one that makes none. */
    List<Integer> laps(int strand, double position) {
        Stretch stretch = stretches.get(strand);
        if (onward(stretch.strand()).isNone()) {
            return isWithin(strand, local(strand, position, 0)) ? List.of(0) : List.of();
        }
        int size = tile.get(stretch.strand()).path().size();
        List<Integer> laps = new ArrayList<>();
        int lap = Math.floorDiv(stretch.first(), size);
        while (local(strand, position, lap) < strands.get(strand).path().size()) {
            if (isWithin(strand, local(strand, position, lap))) {
                laps.add(lap);
            }
            lap++;
        }
        return laps;
    }

    /** The position on a strand of the patch of one on the strand of the tile in some lap, whether it goes so far or not. */
    double local(int strand, double position, int lap) {
        Stretch stretch = stretches.get(strand);
        int size = tile.get(stretch.strand()).path().size();
        double local = position + (double) size * lap - stretch.first();
        return tile.get(stretch.strand()).path().closed() ? local - size * Math.floor(local / size) : local;
    }

    /** Whether a position lies on a strand of the patch, and not at an end of it. */
    boolean isWithin(int strand, double local) {
        Path path = strands.get(strand).path();
        return path.closed() || local > 0 && local < path.size();
    }

    /** By how many tiles a lap of a strand of the patch is moved. */
    Steps moved(int strand, int lap) {
        Stretch stretch = stretches.get(strand);
        return stretch.moved().plus(onward(stretch.strand()).times(lap));
    }

    /** The lap that a strand of the tile moved by so many tiles is one of. */
    int lap(int s, Steps moved) {
        return laps(moved, onward(s));
    }

    /** By how many tiles a strand of the tile is moved but for its laps, where it is moved by so many. */
    Steps line(int s, Steps moved) {
        return moved.minus(onward(s).times(lap(s, moved)));
    }

    /** Whether a strand of the patch only ends at a position because the patch does. */
    boolean isCutOff(int strand, double local) {
        Path path = strands.get(strand).path();
        return !path.closed() && !stretches.get(strand).whole() && (local <= 0 || local >= path.size());
    }

    private Steps onward(int s) {
        return tile.get(s).onward().orElse(Steps.NONE);
    }

    /** Curves of a strand moved by so many tiles, from one to before another. */
    private List<Curve> curves(int s, Steps moved, int from, int to) {
        List<Curve> own = tile.get(s).path().curves();
        List<Curve> curves = new ArrayList<>();
        for (int i = from; i < to; i++) {
            Steps at = moved.plus(onward(s).times(Math.floorDiv(i, own.size())));
            Curve curve = own.get(Math.floorMod(i, own.size()));
            curves.add(at.isNone() ? curve : curve.map(Affine.shift(lattice.shift(at))));
        }
        return curves;
    }

    private void strand(int s, int from, int to, Box window, List<Strand> copies, List<Stretch> of) {
        Strand strand = tile.get(s);
        Path path = strand.path();
        int n = path.size();
        Map<List<Integer>, TreeSet<Integer>> lines =
                new TreeMap<>((a, b) -> a.get(0).equals(b.get(0))
                        ? a.get(1).compareTo(b.get(1))
                        : a.get(0).compareTo(b.get(0)));
        for (Steps shift : lattice.reaching(path.box(), window)) {
            int laps = lap(s, shift);
            Steps line = line(s, shift);
            Point by = lattice.shift(shift);
            for (int c = 0; c < n; c++) {
                Box box = path.curves().get(c).box();
                Box there =
                        new Box(box.left() + by.x(), box.top() + by.y(), box.right() + by.x(), box.bottom() + by.y());
                if (there.meets(window)) {
                    lines.computeIfAbsent(List.of(line.across(), line.down()), k -> new TreeSet<>())
                            .add(c + n * laps);
                }
            }
        }
        lines.computeIfAbsent(List.of(0, 0), k -> new TreeSet<>());
        lines.forEach((line, curves) -> {
            boolean own = line.get(0) == 0 && line.get(1) == 0;
            Steps moved = new Steps(line.get(0), line.get(1));
            if (own && strand.onward().isEmpty()) {
                strands.add(strand);
                stretches.add(new Stretch(s, 0, moved, true));
            } else {
                stretches(s, moved, curves, own ? Optional.of(new int[] {from, to}) : Optional.empty(), copies, of);
            }
        });
    }

    /** How many laps of a strand a shift makes, as near as may be. */
    private static int laps(Steps shift, Steps onward) {
        if (onward.isNone()) {
            return 0;
        }
        double along = (double) shift.across() * onward.across() + (double) shift.down() * onward.down();
        double lap = (double) onward.across() * onward.across() + (double) onward.down() * onward.down();
        return (int) Math.floor(along / lap);
    }

    private void stretches(
            int s, Steps moved, TreeSet<Integer> curves, Optional<int[]> own, List<Strand> copies, List<Stretch> of) {
        Strand strand = tile.get(s);
        int n = strand.path().size();
        if (strand.path().closed() && curves.size() == n) {
            copies.add(new Strand(strand.name(), strand.key(), new Path(curves(s, moved, 0, n), true), strand.band()));
            of.add(new Stretch(s, 0, moved, true));
            return;
        }
        own.ifPresent(range -> {
            for (int i = range[0]; i < range[1]; i++) {
                curves.add(i);
            }
        });
        List<int[]> runs = runs(curves);
        if (strand.path().closed() && runs.size() > 1 && runs.get(0)[0] == 0 && runs.get(runs.size() - 1)[1] == n) {
            int[] last = runs.remove(runs.size() - 1);
            runs.set(0, new int[] {last[0] - n, runs.get(0)[1]});
        }
        for (int[] run : runs) {
            Strand stretch = new Strand(
                    strand.name(), strand.key(), new Path(curves(s, moved, run[0], run[1]), false), strand.band());
            boolean whole = !strand.isRound() && run[0] == 0 && run[1] == n;
            if (own.isPresent() && run[0] <= own.get()[0] && own.get()[1] <= run[1]) {
                strands.add(stretch);
                stretches.add(new Stretch(s, run[0], moved, whole));
            } else {
                copies.add(stretch);
                of.add(new Stretch(s, run[0], moved, whole));
            }
        }
    }

    private static List<int[]> runs(TreeSet<Integer> numbers) {
        List<int[]> runs = new ArrayList<>();
        for (int i : numbers) {
            if (!runs.isEmpty() && runs.get(runs.size() - 1)[1] == i) {
                runs.get(runs.size() - 1)[1] = i + 1;
            } else {
                runs.add(new int[] {i, i + 1});
            }
        }
        return runs;
    }
}
