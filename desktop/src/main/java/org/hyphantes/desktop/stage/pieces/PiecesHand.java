package org.hyphantes.desktop.stage.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Eyes;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.GradientGrips;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.desktop.stage.SnagMarks;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.piece.Cell;
import org.hyphantes.piece.Corner;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Tessera;
import org.hyphantes.scene.Look;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.weave.Reach;

/** The hand in Pieces: a click selects a piece with its siblings, a thread drawn through pieces joins them, drawn the other way drops them. */
final class PiecesHand implements Hand {
    private static final int MOST_STOPS = 5_000;

    private static final int MOST_ENDS = 200;

    /** How near (pixels) to a corner the pointer means it. */
    private static final double NEAR_CORNER = 8;

    private final Desk desk;
    private final Glass glass;
    private final PieceChoice choice;
    private final GradientGrips grips;
    private Optional<JoiningThread> thread = Optional.empty();

    PiecesHand(Bench bench, Glass glass) {
        this.desk = bench.desk();
        this.glass = glass;
        this.choice = new PieceChoice(bench);
        this.grips = new GradientGrips(desk, glass);
    }

    @Override
    public Optional<Box> whole(Resolved resolved) {
        // Dropped pieces are seen too.
        List<Box> boxes = new ArrayList<>();
        resolved.finished()
                .work()
                .mosaics()
                .forEach(i -> i.mosaic()
                        .division()
                        .cells()
                        .forEach(c -> boxes.add(c.region().outline().box().map(i.placed()))));
        if (!resolved.finished().scene().isEmpty()) {
            boxes.add(resolved.round());
        }
        return boxes.isEmpty() ? Optional.empty() : Optional.of(Box.round(boxes));
    }

    @Override
    public void draw(Sheet sheet) {
        Eyes eyes = desk.view().eyes();
        Look look = Looks.own(sheet.palette(), eyes.bare() ? 0 : 1.2).seenBy(eyes.sight());
        sheet.draw(desk.pictured().artwork().scene(), look);
        choice.inlay()
                .filter(i -> desk.pictured().isMeasured())
                .ifPresent(i -> new PieceMarks(sheet, i.placed()).still(i.mosaic()));
    }

    @Override
    public boolean isEmpty() {
        return desk.pictured().artwork().scene().isEmpty() && choice.inlay().isEmpty();
    }

    @Override
    public String emptyWords() {
        return "Nothing is enclosed yet. Go back to Set out and add figures.";
    }

    @Override
    public boolean hasMarks() {
        return choice.inlay().isPresent()
                || grips.areThere()
                || desk.ghostProperty().get().isPresent()
                || !desk.pictured().snags().isEmpty();
    }

    @Override
    public void marks(Sheet sheet) {
        SnagMarks snags = new SnagMarks(sheet);
        desk.ghostProperty().get().ifPresent(snags::ghost);
        choice.inlay().ifPresent(inlay -> marks(sheet, inlay));
        grips.draw(sheet);
        snags.flags(desk.pictured().snags());
    }

    private void marks(Sheet sheet, Inlay inlay) {
        Mosaic mosaic = inlay.mosaic();
        PieceMarks marks = new PieceMarks(sheet, inlay.placed());
        mosaic.division().freeEnds().stream().limit(MOST_ENDS).forEach(marks::runOn);
        for (int cell : choice.cells()) {
            marks.selected(mosaic.division().cells().get(cell).region());
        }
        if (thread.isPresent()) {
            JoiningThread drawn = thread.get();
            drawn.cells()
                    .forEach(c -> marks.meant(mosaic.division().cells().get(c).region()));
            marks.thread(drawn.along(), drawn.drops(), drawn.isStopped());
            Point at = drawn.along().get(drawn.along().size() - 1);
            glass.label(threadWords(drawn), at, 16);
            return;
        }
        hovered().ifPresent(cell -> {
            Tessera piece = mosaic.pieces().get(mosaic.pieceOf(cell));
            piece.whole().forEach(marks::meant);
            List<Integer> reached = choice.siblings(cell, choice.reach());
            reached.stream()
                    .filter(c -> !piece.cells().contains(c))
                    .forEach(c -> marks.sibling(mosaic.division().cells().get(c)));
            int times = reached.size() / Math.max(1, piece.cells().size());
            Optional<Corner> corner = corner(cell);
            corner.ifPresent(c -> marks.corner(c.place()));
            String which = corner.map(
                            c -> "corner " + (mosaic.division().corners(cell).indexOf(c) + 1) + " of ")
                    .orElse("");
            glass.label(
                    which + "piece " + piece.number() + " \u00b7 ring " + piece.ring()
                            + (times > 1 ? " \u00d7" + times : ""),
                    desk.hoverProperty().get().place().orElseThrow(),
                    20);
        });
    }

    private String threadWords(JoiningThread drawn) {
        int count = drawn.cells().size();
        String act = drawn.drops() ? "drop " : "join ";
        int times = count == 0
                ? 1
                : choice.mosaic()
                        .orElseThrow()
                        .division()
                        .reached(drawn.cells(), choice.reach())
                        .size();
        return (drawn.isStopped() ? "stopped here \u00b7 " : "") + act + count + (times > 1 ? " \u00d7" + times : "");
    }

    /** The corner of a cell that is near the pointer. */
    private Optional<Corner> corner(int cell) {
        Inlay inlay = choice.inlay().orElseThrow();
        double near = NEAR_CORNER / glass.camera().scale();
        return desk.hoverProperty()
                .get()
                .place()
                .flatMap(p -> inlay.mosaic().division().corners(cell).stream()
                        .filter(c -> inlay.placed().of(c.place()).distance(p) <= near)
                        .findFirst());
    }

    /** The cell at the pointer or the needle. */
    private Optional<Integer> hovered() {
        return desk.hoverProperty().get().place().flatMap(choice::at);
    }

    @Override
    public void moved(MouseEvent event) {
        desk.hover(Hover.at(glass.camera().place(event.getX(), event.getY())));
    }

    @Override
    public void pressed(MouseEvent event) {
        if (grips.pressed(event)) {
            return;
        }
        thread = Optional.empty();
    }

    @Override
    public void dragged(MouseEvent event) {
        if (grips.dragged(event)) {
            return;
        }
        if (thread.isEmpty()) {
            thread = choice.mosaic().map(m -> new JoiningThread(m, Glass.isOtherWay(event)));
            desk.hoverProperty().get().place().ifPresent(p -> thread.ifPresent(t -> t.to(p)));
        }
        thread.ifPresent(t -> t.to(glass.camera().place(event.getX(), event.getY())));
        glass.redrawMarks();
    }

    @Override
    public void released(MouseEvent event, boolean still) {
        if (grips.released()) {
            return;
        }
        Optional<JoiningThread> drawn = thread;
        thread = Optional.empty();
        if (still || drawn.isEmpty()) {
            click(event);
        } else if (!drawn.get().cells().isEmpty()) {
            Reach reach = reach(event);
            if (drawn.get().drops()) {
                choice.drop(drawn.get().cells(), reach);
            } else if (choice.join(drawn.get().cells(), reach) && drawn.get().isStopped()) {
                desk.say("Stopped at the ground. " + drawn.get().cells().size() + " pieces joined.");
            }
        }
        glass.redrawMarks();
    }

    private Reach reach(MouseEvent event) {
        return event.isShiftDown()
                ? ReachWords.broader(choice.reach())
                : event.isControlDown() ? Reach.THIS_ONE : choice.reach();
    }

    private void click(MouseEvent event) {
        Optional<Integer> cell = choice.at(glass.camera().place(event.getX(), event.getY()));
        if (cell.isEmpty()) {
            choice.clear();
        } else if (Glass.isOtherWay(event) && corner(cell.get()).isPresent()) {
            choice.round(List.of(cell.get()), corner(cell.get()).stream().toList(), reach(event));
        } else if (Glass.isOtherWay(event)) {
            choice.drop(List.of(cell.get()), reach(event));
        } else if (event.getClickCount() > 1) {
            Cell ring = choice.mosaic().orElseThrow().division().cells().get(cell.get());
            choice.select(choice.ring(ring.ring()), event.isShiftDown());
        } else {
            Reach reach = event.isControlDown() ? Reach.THIS_ONE : choice.reach();
            choice.select(choice.siblings(cell.get(), reach), event.isShiftDown());
        }
    }

    @Override
    public boolean key(KeyEvent event, Point way) {
        Optional<Integer> cell = hovered();
        if (event.getCode() == KeyCode.ESCAPE && !choice.isEmpty()) {
            choice.clear();
            glass.redrawMarks();
            return true;
        }
        if (event.isAltDown() || choice.inlay().isEmpty()) {
            return false;
        }
        switch (event.getCode()) {
            case SPACE ->
                cell.ifPresent(c -> choice.select(
                        choice.siblings(c, event.isControlDown() ? Reach.THIS_ONE : choice.reach()),
                        event.isShiftDown()));
            case INSERT -> join(cell);
            default -> {
                return false;
            }
        }
        glass.redrawMarks();
        return true;
    }

    /** Joins the piece at the needle with those selected that share an edge with it, or all that is selected. */
    private void join(Optional<Integer> cell) {
        List<Integer> selected = choice.cells();
        if (cell.isPresent() && !selected.contains(cell.get())) {
            Mosaic mosaic = choice.mosaic().orElseThrow();
            Optional<Integer> beside = selected.stream()
                    .filter(s -> mosaic.division().areNeighbours(s, cell.get()))
                    .findFirst();
            if (beside.isPresent()) {
                choice.join(List.of(beside.get(), cell.get()), choice.reach());
                return;
            }
        }
        choice.joinAll(selected);
    }

    /** Fills what is selected, or the piece at the pointer, with a well; 0 takes the fill away. */
    @Override
    public boolean digit(int digit) {
        List<Integer> selected = choice.cells();
        if (!selected.isEmpty()) {
            return choice.fill(selected, digit, Reach.THIS_ONE);
        }
        return hovered()
                .map(c -> choice.fill(List.of(c), digit, choice.reach()))
                .orElse(false);
    }

    @Override
    public boolean delete() {
        List<Integer> selected = choice.cells();
        if (!selected.isEmpty()) {
            return choice.drop(selected, Reach.THIS_ONE);
        }
        return hovered().map(c -> choice.drop(List.of(c), choice.reach())).orElse(false);
    }

    @Override
    public List<Hover> stops() {
        List<Hover> stops = new ArrayList<>();
        choice.inlay()
                .ifPresent(i -> i.mosaic().division().cells().stream()
                        .limit(MOST_STOPS)
                        .forEach(c -> stops.add(Hover.at(i.placed().of(c.place())))));
        return stops;
    }

    @Override
    public String at() {
        return hovered()
                .map(c -> {
                    Mosaic mosaic = choice.mosaic().orElseThrow();
                    Tessera piece = mosaic.pieces().get(mosaic.pieceOf(c));
                    int siblings = choice.siblings(c, choice.reach()).size()
                            - piece.cells().size();
                    return "Piece " + piece.number() + " of " + mosaic.pieces().size() + ", ring " + piece.ring()
                            + (piece.dropped() ? ", dropped" : "")
                            + (siblings > 0 ? ", " + siblings + " siblings" : "");
                })
                .orElse("Pieces: " + desk.design().name());
    }
}
