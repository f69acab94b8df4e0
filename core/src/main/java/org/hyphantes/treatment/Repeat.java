package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Tiling;

/**
 * Lays what is drawn in every place of a group of the plane, or of a strip, over so many cells about the one that it is drawn in.
 *
 * @param motif how much of the drawing is repeated
 * @param width how wide (mm) a cell is, from each to the next across
 * @param height how high (mm) it is, where that is free
 * @param laid how the cells of an oblique group lie to one another
 * @param share by how much of a cell each row, or each column, is set off from the one before
 * @param closes after how many cells across it is all the same again, weaves too; {@code closesdown} how many down
 * @param along the id of a figure along whose line a frieze is laid, so many cells evenly from end to end or all round; or nothing
 * @param corner the id of a figure that stands at the corners of that line, as it is drawn at the first of them; or nothing, and they are mitred
 * @param right how far (mm) to the right of the centre the origin of the group lies
 * @param down how far (mm) below it
 */
public record Repeat(
        String figures,
        Motif motif,
        RepeatGroup group,
        Amount width,
        Amount height,
        Setoff laid,
        Amount share,
        Amount columns,
        Amount rows,
        ClothEdge edge,
        Amount closes,
        Amount closesdown,
        String along,
        String corner,
        Amount right,
        Amount down)
        implements Treatment {
    public static final Repeat STARTING = new Repeat(
            Surroundings.EVERY_FIGURE,
            Motif.AS_DRAWN,
            RepeatGroup.P1,
            Amount.of(60),
            Amount.of(60),
            Setoff.STRAIGHT,
            Amount.of(0.5),
            Amount.of(3),
            Amount.of(3),
            ClothEdge.CUT_OFF,
            Amount.of(1),
            Amount.of(1),
            Turn.NOTHING,
            Turn.NOTHING,
            Amount.of(0),
            Amount.of(0));

    /** A weave that does not close over so many cells closes over none. */
    private static final int MOST_CLOSING = 12;

    private static final Schema<Repeat> SCHEMA = new Schema<>(
                    Repeat.class,
                    "repeat",
                    "",
                    List.of(
                            Setting.of(Repeat.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Repeat.class, "motif"),
                            Setting.of(Repeat.class, "group"),
                            Setting.of(Repeat.class, "width", new Kind.Length(0.01, 1e5)),
                            Setting.of(Repeat.class, "height", new Kind.Length(0.01, 1e5)),
                            Setting.of(Repeat.class, "laid"),
                            Setting.of(Repeat.class, "share", new Kind.Number(-1, 1)),
                            Setting.of(Repeat.class, "columns", new Kind.Count(1, 1000)),
                            Setting.of(Repeat.class, "rows", new Kind.Count(1, 1000)),
                            Setting.of(Repeat.class, "edge"),
                            Setting.of(Repeat.class, "closes", new Kind.Count(1, MOST_CLOSING)),
                            Setting.of(Repeat.class, "closesdown", new Kind.Count(1, MOST_CLOSING)),
                            Setting.of(Repeat.class, "along", new Kind.Figure(Turn.NOTHING)),
                            Setting.of(Repeat.class, "corner", new Kind.Figure(Turn.NOTHING)),
                            Setting.of(Repeat.class, "right", new Kind.Length(-1e5, 1e5)),
                            Setting.of(Repeat.class, "down", new Kind.Length(-1e5, 1e5))))
            .because("One motif in every place of a pattern: change the one, and the whole cloth follows.")
            .telling(Repeat::sentence);

    private static String sentence(Repeat repeat) {
        String cells = switch (repeat.group.cell()) {
            case OBLIQUE ->
                "cells {width} by {height}, laid {laid}"
                        + (repeat.laid == Setoff.STRAIGHT ? "" : " by {share} of a cell") + ", {columns} by {rows}";
            case RECTANGULAR -> "cells {width} by {height}, {columns} by {rows}";
            case SQUARE, HEXAGONAL -> "cells {width} wide, {columns} by {rows}";
            case STRIP -> "cells {width} wide, {columns} of them, along {along}";
        };
        if (repeat.isAlong()) {
            return "Repeat {figures} {motif} by {group}, " + cells
                    + " with {corner} at its corners; origin {right} right, {down} down.";
        }
        String closing = repeat.isStrip() ? "{closes}" : "{closes} by {closesdown}";
        return "Repeat {figures} {motif} by {group}, " + cells + ", {edge} at the edge; the weave closes over "
                + closing + "; origin {right} right, {down} down.";
    }

    /** Whether it is a frieze along the line of a figure, and so makes no cloth. */
    public boolean isAlong() {
        return isStrip() && !along.equals(Turn.NOTHING);
    }

    private boolean isStrip() {
        return group.cell() == RepeatGroup.Cell.STRIP;
    }

    @Override
    public Schema<Repeat> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.REPEAT;
    }

    /** The same with one setting put as it is: an {@link Amount}, or a text. */
    public Repeat with(String key, Object value) {
        return SCHEMA.put(this, key, value);
    }

    /** Its group on its lattice. */
    public Tiling tiling() {
        double wide = width.value();
        double high = height.value();
        double off = share.value();
        Point across = new Point(wide, 0);
        Point along = switch (group.cell()) {
            case OBLIQUE -> new Point(laid == Setoff.BRICK ? off * wide : 0, high);
            case RECTANGULAR -> new Point(0, high);
            case SQUARE, STRIP -> new Point(0, wide);
            case HEXAGONAL -> new Point(-wide / 2, wide * Math.sqrt(3) / 2);
        };
        boolean drop = group.cell() == RepeatGroup.Cell.OBLIQUE && laid == Setoff.DROP;
        return new Tiling(
                group, drop ? new Point(wide, off * high) : across, along, new Point(right.value(), down.value()));
    }

    private int high() {
        return group.cell() == RepeatGroup.Cell.STRIP ? 1 : (int) rows.value();
    }

    /** How many places there are. */
    private long places() {
        return (long) columns.value() * high() * group.positions().size();
    }

    @Override
    public long laid(long before) {
        return before * places();
    }

    /** As many as are laid where what is drawn is larger than its cells: wherever something of it is seen. */
    @Override
    public long wouldLay(Work before) {
        return (long) Math.min(1e15, tiles(before) * group.positions().size() * (before.size() + before.courses()));
    }

    @Override
    public boolean isTooMuch(Work before) {
        double places = tiles(before) * group.positions().size();
        return places * before.size() > MOST_LINES || places * before.courses() > MOST_COURSES;
    }

    private double tiles(Work before) {
        Box drawn = before.drawn();
        double wide = Math.abs(tiling().across().x());
        double high = Math.abs(tiling().down().y());
        boolean cut = edge == ClothEdge.CUT_OFF && !isAlong();
        return (columns.value() + (cut ? Math.floor(drawn.width() / wide) : 0))
                * (high() + (cut && !isStrip() ? Math.floor(drawn.height() / high) : 0));
    }

    /** The cloth that it makes. */
    public Cloth cloth() {
        return new Cloth(
                tiling(),
                (int) closes.value(),
                isStrip() ? 1 : (int) closesdown.value(),
                (int) columns.value(),
                high(),
                edge);
    }

    @Override
    public Work apply(Work drawn, Surroundings surroundings) {
        if (isTooMuch(drawn)) {
            return drawn;
        }
        boolean cut = motif == Motif.CUT_TO_ITS_SHARE;
        Optional<Surroundings.Named> guide = isAlong() ? surroundings.figure(along) : Optional.empty();
        if (guide.isPresent()) {
            return new Frieze(this, guide.get(), surroundings).laid(drawn);
        }
        Work work = cut ? Confined.cut(drawn, tiling().share(drawn.drawn()), surroundings) : drawn;
        Cloth cloth = cloth();
        List<Affine> maps = cloth.tiling().tile(cloth.closes(), cloth.closesDown());
        List<Laid> lines = new ArrayList<>();
        List<Laying> weaves = new ArrayList<>();
        List<Inlay> mosaics = new ArrayList<>();
        Distinct distinct = new Distinct(10 * work.tolerance().distance());
        Point middle = work.drawn().centre();
        for (int k = 0; k < maps.size(); k++) {
            surroundings.watch().step();
            Affine map = maps.get(k);
            for (Laid line : work.lines()) {
                Laid there = line.mapped(
                        k == 0 ? map : home(map, line.path().box().centre(), cloth),
                        line.key().copy(k));
                if (isNew(there.path(), cloth.lattice(), distinct)) {
                    lines.add(there);
                }
            }
            Affine whole = k == 0 ? map : home(map, middle, cloth);
            work.weaves().forEach(w -> weaves.add(w.carried(whole)));
            work.mosaics().forEach(m -> mosaics.add(m.carried(whole)));
        }
        Symmetry symmetry = new Symmetry(Optional.empty(), Optional.empty(), maps.subList(1, maps.size()));
        List<Laid> all = cut ? Confined.joined(lines, cloth.lattice()) : lines;
        return new Work(all, weaves, mosaics, symmetry, Optional.of(cloth));
    }

    /** A map moved by whole tiles, so that it lays a middle in the tile that is drawn in. */
    private static Affine home(Affine map, Point middle, Cloth cloth) {
        Lattice lattice = cloth.lattice();
        Point from = cloth.tiling().origin();
        Point there = map.of(middle).minus(from);
        return Affine.shift(lattice.home(there).minus(there)).after(map);
    }

    /** Whether a line lies upon none that was laid before, in any tile. */
    static boolean isNew(Path path, Lattice lattice, Distinct distinct) {
        Point middle = path.box().centre();
        Path home = path.map(Affine.shift(lattice.home(middle).minus(middle)));
        if (!distinct.add(home)) {
            return false;
        }
        Point parts = lattice.parts(lattice.home(middle));
        boolean strip = lattice.down().isEmpty();
        for (int right = -1; right <= 1; right++) {
            for (int further = strip ? 0 : -1; further <= (strip ? 0 : 1); further++) {
                boolean near = Math.abs(parts.x() + right - 0.5) < 0.5 + 1e-6
                        && (strip || Math.abs(parts.y() + further - 0.5) < 0.5 + 1e-6);
                if (near && (right != 0 || further != 0)) {
                    distinct.add(home.map(Affine.shift(lattice.at(right, further))));
                }
            }
        }
        return true;
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Entry.word(group) + ", " + Numerals.shown(columns.value(), 0)
                + (group.cell() == RepeatGroup.Cell.STRIP ? "" : " by " + Numerals.shown(rows.value(), 0));
    }
}
