package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Pace;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Wrapping;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.BentFrieze;
import org.hyphantes.symmetry.GroupElements;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Tiling;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.Joining;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;

/**
 * A frieze laid along the line of a figure, stretched evenly to so many cells; lines that meet where cells do are one. Each side between two corners
 * has its share of the cells, stretched to fit, towards a corner as the side beyond it is. Corners are mitred: what comes to one goes on as its own mirror image, as it does anyway where the
 * frieze has upright mirrors. Any other is turned about at each corner, or, where the corners of a closed line are odd in number, at each corner and
 * in the middle of each side. A figure that stands at the corners takes the place of the mitre.
 */
final class Frieze {
    /** Further (mm) than any side goes. */
    private static final double FAR = 1e9;

    private final Repeat repeat;
    private final Surroundings.Named guide;
    private final Optional<Surroundings.Named> corner;
    private final Surroundings surroundings;
    private final Tiling tiling;
    private final List<Laid> motif = new ArrayList<>();
    private final List<List<Laid>> positions = new ArrayList<>();
    private final List<Strand> strands = new ArrayList<>();
    private final Map<StrandKey, Laid> first = new HashMap<>();
    private final List<BentFrieze.Side> bent = new ArrayList<>();

    /** How far (mm) the frieze reaches to a side of its line. */
    private double reach;

    /** Where (mm, from the origin) corners lie in it: at an upright mirror, if there is one. */
    private double start;

    /** How many cells further what is drawn in one may reach. */
    private int wider;

    private int copies;

    Frieze(Repeat repeat, Surroundings.Named guide, Surroundings surroundings) {
        this.repeat = repeat;
        this.guide = guide;
        this.corner = surroundings.figure(repeat.corner()).filter(f -> !f.id().equals(guide.id()));
        this.surroundings = surroundings;
        this.tiling = repeat.tiling();
    }

    /** @throws CannotLay if the line has corners that cannot be mitred, or sides without room for what stands at them */
    Work laid(Work work) {
        Path line = guide.form().paths(surroundings.pageBox()).get(0);
        List<Laid> drawn = work.lines().stream()
                .filter(l -> !isOf(l, guide) && corner.filter(c -> isOf(l, c)).isEmpty())
                .toList();
        for (Laid laid : repeat.motif() == Motif.AS_DRAWN ? drawn : shared(drawn)) {
            motif.add(laid);
            Box box = laid.path().box();
            double from = tiling.origin().y();
            wider = Math.max(wider, (int) Math.ceil(box.width() / repeat.width().value()));
            reach = Math.max(reach, Math.max(Math.abs(box.top() - from), Math.abs(box.bottom() - from)));
        }
        repeated(new Distinct(10 * work.tolerance().distance()));
        List<Stretch> stretches = Stretch.of(line);
        if (stretches.size() > 1 || stretches.get(0).before().isPresent()) {
            turned(work, line, stretches);
        } else {
            int cells = (int) repeat.columns().value();
            along(stretches.get(0), cells, Pace.even(cells * repeat.width().value(), line.length()), Sense.ON);
        }
        // Far more than any page: no two tiles of this lattice meet.
        Lattice alone = new Lattice(new Point(1e7, 0), Optional.empty());
        Distinct distinct = new Distinct(10 * work.tolerance().distance());
        List<Strand> once = strands.stream().filter(s -> distinct.add(s.path())).toList();
        List<Laid> lines = new ArrayList<>();
        for (Strand strand : Joining.of(once, alone)) {
            lines.add(first.get(strand.key()).along(strand.path(), strand.key()));
        }
        return new Work(lines, List.of(), List.of(), Symmetry.of(new BentFrieze(tiling, bent)));
    }

    /** What of the motif each position has that no other has: lines that lie upon one another are one, which once bent they would be but for what is fitted. */
    private void repeated(Distinct distinct) {
        for (RepeatGroup.Position position : tiling.group().positions()) {
            Affine map = tiling.map(position, 0, 0);
            positions.add(motif.stream()
                    .filter(line -> Repeat.isNew(line.path().map(map), tiling.lattice(), distinct))
                    .toList());
        }
    }

    private List<Laid> shared(List<Laid> drawn) {
        Work work = Work.of(drawn);
        return Confined.cut(work, tiling.share(work.drawn()), surroundings).lines();
    }

    private static boolean isOf(Laid laid, Surroundings.Named figure) {
        return laid.key().figure().equals(figure.id());
    }

    private enum Sense {
        ON,
        BACK,
        /** On to the middle, and back from there. */
        ABOUT
    }

    private void turned(Work work, Path line, List<Stretch> corners) {
        List<Stretch> sides = corners;
        Optional<Double> mirror = mirror();
        start = mirror.orElse(0.0);
        int count = corners.size() - (line.closed() ? 0 : 1);
        boolean about = mirror.isEmpty() && line.closed() && count % 2 == 1;
        if (corner.isPresent()) {
            double room = standing(work, corners);
            sides = corners.stream().map(s -> s.shortened(room)).toList();
        }
        List<Integer> shares = shares(sides);
        for (int i = 0; i < sides.size(); i++) {
            boolean back = mirror.isEmpty() && i % 2 == 1;
            Sense sense = corner.isPresent() ? Sense.ON : about ? Sense.ABOUT : back ? Sense.BACK : Sense.ON;
            along(sides.get(i), shares.get(i), pace(sides, shares, i, line.closed()), sense);
        }
    }

    /** Both sides of a mitre are stretched alike there, so that what comes to it meets; evenly where all sides are. */
    private Pace pace(List<Stretch> sides, List<Integer> shares, int i, boolean closed) {
        int last = sides.size() - 1;
        double own = even(sides, shares, i);
        Stretch side = sides.get(i);
        int before = i > 0 ? i - 1 : closed ? last : i;
        int after = i < last ? i + 1 : closed ? 0 : i;
        double first = side.before().isPresent() ? between(own, even(sides, shares, before)) : own;
        double end = side.after().isPresent() ? between(own, even(sides, shares, after)) : own;
        if (Math.abs(first - own) < 1e-12 * own && Math.abs(end - own) < 1e-12 * own) {
            return Pace.even(shares.get(i) * repeat.width().value(), side.length());
        }
        try {
            return new Pace(
                    shares.get(i) * repeat.width().value(),
                    side.length(),
                    first,
                    side.furtherBefore(reach) / first,
                    end,
                    side.furtherAfter(reach) / end);
        } catch (IllegalArgumentException e) {
            throw new CannotLay("one of its sides is too short for what comes round its corners;"
                    + " lay more cells, or draw what is laid less high");
        }
    }

    private double even(List<Stretch> sides, List<Integer> shares, int i) {
        return sides.get(i).length() / (shares.get(i) * repeat.width().value());
    }

    /** Never more than twice and a half of either. */
    private static double between(double one, double other) {
        return Math.min(Math.sqrt(one * other), 2.5 * Math.min(one, other));
    }

    /** The first of its upright mirrors, from the origin on. */
    private Optional<Double> mirror() {
        return GroupElements.of(tiling).axes().stream()
                .filter(a -> !a.glide() && Math.abs(a.along().x()) < 1e-9)
                .map(a -> a.through().x() - tiling.origin().x())
                .min(Double::compare);
    }

    /** How many cells each side has: in proportion to their lengths, and one at least. */
    private List<Integer> shares(List<Stretch> sides) {
        double length = sides.stream().mapToDouble(Stretch::length).sum();
        int cells = (int) repeat.columns().value();
        List<Integer> shares = new ArrayList<>();
        for (Stretch side : sides) {
            shares.add((int) Math.max(1, Math.round(cells * side.length() / length)));
        }
        return shares;
    }

    /** Lays the figure that stands at the corners: as it is drawn at the first, turned as they are at the others; how much room (mm) it takes of a side. */
    private double standing(Work work, List<Stretch> corners) {
        List<Laid> standing =
                work.lines().stream().filter(l -> isOf(l, corner.get())).toList();
        List<Stretch> from =
                corners.stream().filter(s -> s.before().isPresent()).toList();
        if (standing.isEmpty() || from.isEmpty()) {
            return 0;
        }
        Box box = Box.round(standing.stream().map(l -> l.path().box()).toList());
        Point bearing = from.get(0).before().get();
        for (Stretch side : from) {
            Point place = side.path().start();
            Point there = side.before().get();
            double degrees = Math.toDegrees(Math.atan2(bearing.cross(there), bearing.dot(there)));
            Affine map = Affine.shift(place.minus(box.centre())).after(Affine.turn(degrees, box.centre()));
            for (Laid laid : standing) {
                add(laid.mapped(map, laid.key().copy(copies)));
            }
            copies++;
        }
        return Math.max(box.width(), box.height()) / 2;
    }

    private void add(Laid laid) {
        first.put(laid.key(), laid);
        strands.add(new Strand("", laid.key(), laid.path(), laid.band().orElse(BandStyle.even(0, Ends.BUTT))));
    }

    /** Lays so many cells along a side. */
    private void along(Stretch side, int cells, Pace pace, Sense sense) {
        double wide = repeat.width().value();
        Point from = tiling.origin().plus(new Point(start, 0));
        Wrapping wrapping = new Wrapping(side.path(), from, pace);
        int before = more(side.before().isPresent(), side.furtherBefore(reach) / pace.first());
        int after = more(side.after().isPresent(), side.furtherAfter(reach) / pace.last());
        Point middle = from.plus(new Point(cells * wide / 2, 0));
        Affine back = Affine.mirror(middle, 0);
        Optional<Mitre> about = Optional.of(new Mitre(middle, new Point(0, 1), new Point(-1, 0)));
        switch (sense) {
            case ON -> {
                cells(wrapping, side, -before, cells + after, Affine.IDENTITY, Optional.empty());
                side(wrapping, Affine.IDENTITY, cells, -FAR, FAR);
            }
            case BACK -> {
                cells(wrapping, side, -after, cells + before, back, Optional.empty());
                side(wrapping, back, cells, -FAR, FAR);
            }
            case ABOUT -> {
                side(wrapping, Affine.IDENTITY, cells, -FAR, cells * wide / 2);
                side(wrapping, back, cells, cells * wide / 2, FAR);
                cells(wrapping, side, -before, cells / 2 + 1 + wider, Affine.IDENTITY, about);
                cells(wrapping, side, -after, cells / 2 + 1 + wider, back, about);
            }
        }
    }

    private void side(Wrapping wrapping, Affine sense, int cells, double from, double to) {
        bent.add(new BentFrieze.Side(wrapping, sense, cells, from, to));
    }

    /** How many cells more there are at a corner. */
    private int more(boolean corner, double further) {
        return corner ? (int) Math.ceil(further / repeat.width().value()) + wider : 0;
    }

    /** @param about what it leaves of the frieze as it is drawn is laid, if it is there */
    private void cells(Wrapping wrapping, Stretch side, int from, int to, Affine sense, Optional<Mitre> about) {
        boolean cut = side.before().isPresent() || side.after().isPresent() || about.isPresent();
        for (int cell = from; cell < to; cell++) {
            for (int k = 0; k < positions.size(); k++) {
                surroundings.watch().step();
                for (Laid line : positions.get(k)) {
                    Affine map = map(
                            tiling.group().positions().get(k),
                            cell,
                            line.path().box().centre());
                    List<Path> drawn = List.of(line.path().map(map));
                    Affine seated = sense.after(map);
                    int part = 0;
                    for (Path path : about.map(a -> a.left(drawn)).orElse(drawn)) {
                        for (Path left : side.mitred(wrapping.of(path.map(sense)))) {
                            StrandKey key = line.key().copy(copies);
                            Point seat = wrapping.of(seated.of(line.seat()));
                            add(line.along(left, cut ? key.part(part++) : key).seated(seat));
                        }
                    }
                }
                copies++;
            }
        }
    }

    /** The map to a position in a cell, each of them in the cell itself. */
    private Affine map(RepeatGroup.Position position, int cell, Point middle) {
        Affine map = tiling.map(position, 0, 0);
        double at =
                tiling.lattice().parts(map.of(middle).minus(tiling.origin())).x();
        return Affine.shift(tiling.shift(cell - (int) Math.floor(at), 0)).after(map);
    }
}
