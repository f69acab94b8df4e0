package org.hyphantes.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Neighbour;
import org.hyphantes.piece.PieceAct;
import org.hyphantes.piece.PieceEdit;
import org.hyphantes.piece.PieceName;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.weave.Reach;

/** Acts on pieces as edits of the step that divides: joined, dropped, taken back and kept, with all that they reach. */
public final class PieceActs {
    private final Design design;
    private final Inlay inlay;
    private final Division division;

    public PieceActs(Design design, Inlay inlay) {
        this.design = design;
        this.inlay = inlay;
        this.division = inlay.mosaic().division();
    }

    /** The cells that an act on some cells reaches, each once. */
    public Set<Integer> reached(List<Integer> cells, Reach reach) {
        Set<Integer> all = new TreeSet<>();
        division.reached(cells, reach).forEach(all::addAll);
        return all;
    }

    /** Drops pieces, or takes them back where all of them are dropped already. */
    public Optional<Edit> drop(List<Integer> cells, Reach reach) {
        Mosaic mosaic = inlay.mosaic();
        Set<Integer> reached = reached(cells, reach);
        boolean back = !reached.isEmpty()
                && reached.stream()
                        .allMatch(c -> mosaic.pieces().get(mosaic.pieceOf(c)).dropped());
        String words = Numerals.counted(pieces(reached), "piece") + (back ? " taken back." : " dropped.");
        return change(words, pieces -> {
            List<PieceEdit> edits = new ArrayList<>(pieces.edits());
            Set<Integer> left = new HashSet<>(reached);
            if (back) {
                edits.removeIf(e -> e.act() == PieceAct.DROP && takes(e, reached, left));
            }
            for (int cell : List.copyOf(left)) {
                if (left.contains(cell)) {
                    PieceEdit edit = edit(back ? PieceAct.BACK : PieceAct.DROP, List.of(cell), reach);
                    left.removeAll(reached(List.of(cell), reach));
                    edits.add(edit);
                }
            }
            return edits;
        });
    }

    /** Whether an edit is on cells that are all among those meant, which are then done. */
    private boolean takes(PieceEdit edit, Set<Integer> reached, Set<Integer> left) {
        List<Integer> cells = cells(edit);
        Set<Integer> own = reached(cells, edit.reach());
        boolean takes = cells.size() == edit.pieces().size() && reached.containsAll(own);
        if (takes) {
            left.removeAll(own);
        }
        return takes;
    }

    private List<Integer> cells(PieceEdit edit) {
        return edit.pieces().stream()
                .map(division::named)
                .filter(OptionalInt::isPresent)
                .map(OptionalInt::getAsInt)
                .toList();
    }

    /** Leaves out all pieces but these. */
    public Optional<Edit> keep(List<Integer> cells, Reach reach) {
        Set<Integer> reached = reached(cells, reach);
        return change(Numerals.counted(pieces(reached), "piece") + " kept, all others dropped.", pieces -> {
            List<PieceEdit> edits = new ArrayList<>(pieces.edits());
            edits.removeIf(e -> e.act() != PieceAct.JOIN);
            edits.add(edit(PieceAct.KEEP, cells, reach));
            return edits;
        });
    }

    /** Takes back all that was dropped. */
    public Optional<Edit> all() {
        return change(
                "All pieces are there.",
                pieces -> pieces.edits().stream()
                        .filter(e -> e.act() == PieceAct.JOIN)
                        .toList());
    }

    /**
     * Joins pieces, each with the next, as far as they share edges; pieces that are one already are parted.
     *
     * @param cells one of each piece, in order
     */
    public Optional<Edit> join(List<Integer> cells, Reach reach) {
        Mosaic mosaic = inlay.mosaic();
        boolean joined = cells.size() > 1
                && cells.stream().map(mosaic::pieceOf).distinct().count() == 1;
        if (joined) {
            return part(cells);
        }
        List<Integer> thread = new ArrayList<>();
        for (int cell : cells) {
            if (!thread.isEmpty() && !division.areNeighbours(thread.get(thread.size() - 1), cell)) {
                break;
            }
            thread.add(cell);
        }
        if (thread.size() < 2) {
            return Optional.empty();
        }
        int times = division.reached(thread, reach).size();
        String words =
                Numerals.counted(thread.size(), "piece") + " joined" + (times > 1 ? ", \u00d7" + times : "") + ".";
        return change(words, pieces -> {
            List<PieceEdit> edits = new ArrayList<>(pieces.edits());
            edits.add(edit(PieceAct.JOIN, thread, reach));
            return edits;
        });
    }

    /** Joins every piece of a ring with the next that shares an edge with it. */
    public Optional<Edit> joinAll(List<Integer> cells) {
        Set<Integer> left = new TreeSet<>(cells);
        List<PieceEdit> added = new ArrayList<>();
        for (int cell : cells) {
            for (Neighbour beside : division.neighbours(cell)) {
                if (beside.cell() > cell && left.contains(beside.cell())) {
                    added.add(edit(PieceAct.JOIN, List.of(cell, beside.cell()), Reach.THIS_ONE));
                }
            }
        }
        return added.isEmpty()
                ? Optional.empty()
                : change(Numerals.counted(cells.size(), "piece") + " joined into one.", pieces -> {
                    List<PieceEdit> edits = new ArrayList<>(pieces.edits());
                    edits.addAll(added);
                    return edits;
                });
    }

    private Optional<Edit> part(List<Integer> cells) {
        int piece = inlay.mosaic().pieceOf(cells.get(0));
        return change(
                "Parted again.",
                pieces -> pieces.edits().stream()
                        .filter(e -> e.act() != PieceAct.JOIN
                                || reached(cells(e), e.reach()).stream()
                                        .noneMatch(c -> inlay.mosaic().pieceOf(c) == piece))
                        .toList());
    }

    /** An edit kept by the sibling whose name comes first, so that it holds with other numbers of turns. */
    private PieceEdit edit(PieceAct act, List<Integer> cells, Reach reach) {
        List<PieceName> least = null;
        for (List<Integer> images : division.reached(cells, reach)) {
            List<PieceName> names =
                    images.stream().map(c -> division.cells().get(c).name()).toList();
            if (least == null || names.get(0).text().compareTo(least.get(0).text()) < 0) {
                least = names;
            }
        }
        return new PieceEdit(act, least, reach);
    }

    private int pieces(Set<Integer> cells) {
        return (int) cells.stream().map(inlay.mosaic()::pieceOf).distinct().count();
    }

    /** What changes a list of edits. */
    private interface Change {
        List<PieceEdit> of(Pieces pieces);
    }

    private Optional<Edit> change(String words, Change change) {
        return design.group(inlay.group())
                .flatMap(g -> g.step(inlay.step()))
                .filter(s -> s.treatment() instanceof Pieces)
                .map(s -> {
                    Pieces pieces = (Pieces) s.treatment();
                    return Recipes.set(inlay.group(), s.id(), pieces.withEdits(change.of(pieces)), words);
                });
    }
}
