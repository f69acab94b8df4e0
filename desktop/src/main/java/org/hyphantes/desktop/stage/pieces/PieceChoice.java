package org.hyphantes.desktop.stage.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.hyphantes.design.Edit;
import org.hyphantes.design.PieceActs;
import org.hyphantes.design.PieceFills;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Picked;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Fill;
import org.hyphantes.piece.Cell;
import org.hyphantes.piece.Corner;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.PieceName;
import org.hyphantes.piece.Tessera;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.weave.Reach;

/** The pieces that are selected in a window, by name, so that they stay so while the design changes; and what is done with them. */
final class PieceChoice {
    private static final String NOT_OURS = "These pieces were not divided by a step of the group in hand:"
            + " choose the Pieces before, or go into the group that has it.";

    private final Desk desk;
    private final Picked picked;

    PieceChoice(Bench bench) {
        this.desk = bench.desk();
        this.picked = bench.picked();
    }

    Optional<Inlay> inlay() {
        if (desk.resolved() == null) {
            return Optional.empty();
        }
        List<Inlay> mosaics = desk.resolved().field().work().mosaics();
        return mosaics.isEmpty() ? Optional.empty() : Optional.of(mosaics.get(mosaics.size() - 1));
    }

    Optional<Mosaic> mosaic() {
        return inlay().map(Inlay::mosaic);
    }

    Reach reach() {
        return desk.root().lastOf(Pieces.class).map(Pieces::reach).orElse(Reach.EVERY_TURN);
    }

    /** The cells that are selected and there. */
    List<Integer> cells() {
        return mosaic().map(m -> picked.pieces().stream()
                        .map(m.division()::named)
                        .filter(OptionalInt::isPresent)
                        .map(OptionalInt::getAsInt)
                        .toList())
                .orElse(List.of());
    }

    boolean isEmpty() {
        return cells().isEmpty();
    }

    /** Selects cells, in place of what was or with it. */
    void select(List<Integer> cells, boolean more) {
        Set<Integer> all = new TreeSet<>(more ? cells() : List.of());
        all.addAll(cells);
        picked.pieces(
                mosaic().map(m -> all.stream().map(m.division()::name).toList()).orElse(List.of()));
        int count = all.size();
        desk.say(count == 0 ? "Nothing selected." : count == 1 ? "1 piece selected." : count + " pieces selected.");
    }

    void clear() {
        picked.pieces(List.of());
    }

    /** A piece with all that an act on it reaches. */
    List<Integer> siblings(int cell, Reach reach) {
        Mosaic mosaic = mosaic().orElseThrow();
        Set<Integer> all = new TreeSet<>();
        Tessera piece = mosaic.pieces().get(mosaic.pieceOf(cell));
        mosaic.division().reached(piece.cells(), reach).forEach(all::addAll);
        return List.copyOf(all);
    }

    List<Integer> ring(int number) {
        return cells(c -> c.ring() == number);
    }

    List<Integer> cells(Predicate<Cell> wanted) {
        Mosaic mosaic = mosaic().orElseThrow();
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < mosaic.division().cells().size(); i++) {
            if (wanted.test(mosaic.division().cells().get(i))) {
                found.add(i);
            }
        }
        return found;
    }

    /** What is done on the design, if the answer in hand is the present one. */
    private interface Act {
        Optional<Edit> of(PieceActs acts);
    }

    private boolean done(Act act, String otherwise) {
        if (!desk.settledProperty().get() || inlay().isEmpty()) {
            desk.warn(
                    inlay().isEmpty()
                            ? "Nothing is divided yet: divide comes first."
                            : "Still resolving the last change; once more, please.");
            return false;
        }
        Optional<Edit> edit = act.of(new PieceActs(desk.design(), inlay().orElseThrow()));
        edit.ifPresentOrElse(desk::edit, () -> desk.warn(otherwise));
        return edit.isPresent();
    }

    boolean drop(List<Integer> cells, Reach reach) {
        return !cells.isEmpty() && done(acts -> acts.drop(cells, reach), NOT_OURS);
    }

    boolean keep(List<Integer> cells) {
        return !cells.isEmpty() && done(acts -> acts.keep(cells, Reach.THIS_ONE), NOT_OURS);
    }

    /** Takes back those of some cells that are dropped. */
    boolean back(List<Integer> cells, Reach reach) {
        Mosaic mosaic = mosaic().orElseThrow();
        List<Integer> dropped = cells.stream()
                .filter(c -> mosaic.pieces().get(mosaic.pieceOf(c)).dropped())
                .toList();
        if (dropped.isEmpty()) {
            desk.warn("None of these pieces is dropped.");
            return false;
        }
        return drop(dropped, reach);
    }

    /** Drops what a name means, takes it back, or keeps only that. */
    boolean leaveOut(PieceName meant, boolean keeping) {
        return done(acts -> keeping ? acts.keep(meant) : acts.drop(meant), NOT_OURS);
    }

    private PieceFills fills() {
        return new PieceFills(desk.design(), inlay().orElseThrow());
    }

    /** Fills cells with a well, 0 for none. */
    boolean fill(List<Integer> cells, int well, Reach reach) {
        return !cells.isEmpty() && done(acts -> fills().fill(cells, well, reach), NOT_OURS);
    }

    /** The cell at a place of the field. */
    Optional<Integer> at(Point place) {
        return inlay().flatMap(i -> {
            boolean there = i.placed().equals(Affine.IDENTITY);
            return i.mosaic().division().at(there ? place : i.placed().inverse().of(place));
        });
    }

    /** Gives pieces the look of another. */
    boolean like(List<Integer> cells, int model, Reach reach) {
        return !cells.isEmpty() && done(acts -> fills().like(cells, model, reach), "These are that piece itself.");
    }

    /** The cells of pieces that look just as the one that a cell is part of. */
    List<Integer> alike(int model) {
        Inlay inlay = inlay().orElseThrow();
        Mosaic mosaic = inlay.mosaic();
        Optional<Fill> look = inlay.colours().get(mosaic.pieceOf(model)).flatMap(Fill::within);
        List<Integer> cells = new ArrayList<>();
        for (int i = 0; i < mosaic.pieces().size(); i++) {
            if (inlay.colours().get(i).flatMap(Fill::within).equals(look)) {
                cells.addAll(mosaic.pieces().get(i).cells());
            }
        }
        return cells;
    }

    /** Fills what a name means. */
    boolean fill(PieceName meant, int well) {
        return done(acts -> fills().fill(meant, well), NOT_OURS);
    }

    /** Fills what is selected, as a whole card of wells does. */
    void fillSelected(int well) {
        if (cells().isEmpty()) {
            desk.warn("Select pieces first, then click a well; or point at a piece and press its number.");
        } else {
            fill(cells(), well, Reach.THIS_ONE);
        }
    }

    boolean keepAll() {
        return done(PieceActs::all, NOT_OURS);
    }

    boolean join(List<Integer> cells, Reach reach) {
        return done(acts -> acts.join(cells, reach), "These pieces share no edge: nothing was joined.");
    }

    /** Rounds the corners of cells, or some corners of one, or makes them square again. */
    boolean round(List<Integer> cells, List<Corner> corners, Reach reach) {
        double radius =
                desk.root().lastOf(Pieces.class).map(p -> p.rounding().value()).orElse(0.0);
        if (!(radius > 0)) {
            desk.warn("Corners are rounded by nothing: give the radius behind corners in the sentence first.");
            return false;
        }
        return !cells.isEmpty() && done(acts -> acts.round(cells, corners, reach), NOT_OURS);
    }

    boolean joinAll(List<Integer> cells) {
        return done(acts -> acts.joinAll(cells), "No two of these pieces share an edge: nothing was joined.");
    }
}
