package org.hyphantes.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import org.hyphantes.piece.Chequer;
import org.hyphantes.piece.Corner;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.Joint;
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

    /** The reach that says of cells which the turns carry to one another what they are, whatever the number of turns. */
    Reach kept(List<Integer> cells, Reach reach) {
        boolean whole = reach == Reach.THIS_ONE
                && cells.size() > 1
                && reached(cells, Reach.EVERY_TURN).equals(new TreeSet<>(cells));
        return whole ? Reach.EVERY_TURN : reach;
    }

    /** Every second piece as one name, where just these are meant: a turn may carry them to the others. */
    Optional<PieceName> everySecond(List<Integer> cells, Reach asked) {
        return asked == Reach.THIS_ONE
                        && cells.size() > 1
                        && Set.copyOf(cells).equals(Set.copyOf(new Chequer(division).cells()))
                ? Optional.of(PieceName.EVERY_SECOND)
                : Optional.empty();
    }

    /** Drops pieces, or takes them back where all of them are dropped already. */
    public Optional<Edit> drop(List<Integer> cells, Reach asked) {
        return drop(cells, everySecond(cells, asked), asked);
    }

    /** Drops or takes back what a name means, however many pieces that are: every second, or those inside or outside a figure. */
    public Optional<Edit> drop(PieceName meant) {
        List<Integer> cells = division.meant(meant);
        return cells.isEmpty() ? Optional.empty() : drop(cells, Optional.of(meant), Reach.THIS_ONE);
    }

    private Optional<Edit> drop(List<Integer> cells, Optional<PieceName> meant, Reach asked) {
        Reach reach = kept(cells, asked);
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
            if (meant.isPresent() && !left.isEmpty()) {
                left.clear();
                edits.add(new PieceEdit(back ? PieceAct.BACK : PieceAct.DROP, List.of(meant.get()), Reach.THIS_ONE));
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

    /**
     * Rounds the corners of pieces by the radius of the step, or makes them square again where all of these are round.
     *
     * @param corners of the only cell, where they alone are meant; none for all
     */
    public Optional<Edit> round(List<Integer> cells, List<Corner> corners, Reach asked) {
        Reach reach = kept(cells, asked);
        List<Optional<Corner>> each = corners.isEmpty()
                ? List.of(Optional.empty())
                : corners.stream().map(Optional::of).toList();
        boolean square = cells.stream().allMatch(c -> each.stream().allMatch(k -> isRound(inlay.mosaic(), c, k)));
        int count = reached(cells, reach).size() * each.size();
        String words = (corners.isEmpty() ? "Corners of " : "")
                + Numerals.counted(count, corners.isEmpty() ? "piece" : "corner")
                + (square ? " square." : " round.");
        return change(words, pieces -> {
            List<PieceEdit> edits = new ArrayList<>(pieces.edits());
            Set<Integer> left = new TreeSet<>(cells);
            while (!left.isEmpty()) {
                int cell = left.iterator().next();
                left.removeAll(reached(List.of(cell), reach));
                each.forEach(corner -> round(edits, cell, corner, !square, reach));
            }
            return edits;
        });
    }

    private void round(List<PieceEdit> edits, int cell, Optional<Corner> corner, boolean round, Reach reach) {
        PieceEdit edit = cornering(cell, corner, round ? PieceAct.ROUND : PieceAct.SQUARE, reach);
        // What was done before to the same corners is done with.
        edits.removeIf(e -> e.act().isOfCorners()
                && e.pieces().equals(edit.pieces())
                && e.reach() == reach
                && (corner.isEmpty() || e.corner().equals(edit.corner())));
        if (isRound(Mosaic.of(division, edits, Joint.NONE), cell, corner) != round) {
            edits.add(edit);
        }
    }

    private boolean isRound(Mosaic mosaic, int cell, Optional<Corner> corner) {
        boolean otherwise = step().map(s -> s.corners() != Joint.Shape.SQUARE).orElse(false);
        return mosaic.madeRound(cell, corner.map(Corner::place)).orElse(otherwise);
    }

    private PieceEdit cornering(int cell, Optional<Corner> corner, PieceAct act, Reach reach) {
        int map = least(List.of(cell), reach);
        int least = division.reached(List.of(cell), reach).get(map).get(0);
        return new PieceEdit(
                act,
                List.of(division.name(least)),
                corner.map(c -> division.image(c, cell, reach, map, least).word()),
                0,
                reach);
    }

    /** Whether an edit is on cells that are all among those meant, which are then done. */
    boolean takes(PieceEdit edit, Set<Integer> reached, Set<Integer> left) {
        List<Integer> cells = cells(edit);
        Set<Integer> own = reached(cells, edit.reach());
        boolean takes = edit.pieces().stream().noneMatch(n -> division.meant(n).isEmpty()) && reached.containsAll(own);
        if (takes) {
            left.removeAll(own);
        }
        return takes;
    }

    private List<Integer> cells(PieceEdit edit) {
        return edit.pieces().stream().flatMap(n -> division.meant(n).stream()).toList();
    }

    /** Leaves out all pieces but these. */
    public Optional<Edit> keep(List<Integer> cells, Reach asked) {
        return keep(cells, everySecond(cells, asked), asked);
    }

    /** Leaves out all but what a name means, however many pieces that are. */
    public Optional<Edit> keep(PieceName meant) {
        List<Integer> cells = division.meant(meant);
        return cells.isEmpty() ? Optional.empty() : keep(cells, Optional.of(meant), Reach.THIS_ONE);
    }

    private Optional<Edit> keep(List<Integer> cells, Optional<PieceName> meant, Reach asked) {
        Reach reach = meant.isPresent() ? asked : kept(cells, asked);
        Set<Integer> reached = reached(cells, reach);
        Set<PieceName> names = new LinkedHashSet<>(meant.stream().toList());
        if (meant.isEmpty()) {
            cells.forEach(
                    c -> names.addAll(edit(PieceAct.KEEP, List.of(c), reach).pieces()));
        }
        return change(Numerals.counted(pieces(reached), "piece") + " kept, all others dropped.", pieces -> {
            List<PieceEdit> edits = new ArrayList<>(pieces.edits());
            edits.removeIf(e -> e.act().leavesOut());
            edits.add(new PieceEdit(PieceAct.KEEP, List.copyOf(names), reach));
            return edits;
        });
    }

    /** Takes back all that was dropped. */
    public Optional<Edit> all() {
        return change(
                "All pieces are there.",
                pieces -> pieces.edits().stream()
                        .filter(e -> !e.act().leavesOut())
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
        Reach reach = kept(cells, Reach.THIS_ONE);
        List<PieceEdit> added = new ArrayList<>();
        Set<List<Integer>> done = new HashSet<>();
        for (int cell : cells) {
            for (Neighbour beside : division.neighbours(cell)) {
                List<Integer> pair = List.of(cell, beside.cell());
                if (beside.cell() > cell && left.contains(beside.cell()) && !done.contains(pair)) {
                    added.add(edit(PieceAct.JOIN, pair, reach));
                    division.reached(pair, reach)
                            .forEach(p -> done.add(p.stream().sorted().toList()));
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

    /** An edit kept by those of the siblings that are known with other numbers of turns too. */
    PieceEdit edit(PieceAct act, List<Integer> cells, Reach reach) {
        return new PieceEdit(act, names(division.reached(cells, reach).get(least(cells, reach))), reach);
    }

    private List<PieceName> names(List<Integer> cells) {
        return cells.stream().map(division::name).toList();
    }

    /** Which of the maps of a reach leads to the siblings that are known with other numbers of turns too; of several to those whose names come first. */
    private int least(List<Integer> cells, Reach reach) {
        List<List<PieceName>> names =
                division.reached(cells, reach).stream().map(this::names).toList();
        Comparator<Integer> first = Comparator.comparingInt(map -> furthest(names.get(map), PieceName::furthestCopy));
        return IntStream.range(0, names.size())
                .boxed()
                .min(first.thenComparing(map -> furthest(names.get(map), PieceName::furthestCrossing))
                        .thenComparing(map -> names.get(map).get(0).text()))
                .orElse(0);
    }

    private static int furthest(List<PieceName> names, ToIntFunction<PieceName> of) {
        return names.stream().mapToInt(of).max().orElse(0);
    }

    int pieces(Set<Integer> cells) {
        return (int) cells.stream().map(inlay.mosaic()::pieceOf).distinct().count();
    }

    /** What changes a list of edits. */
    interface Change {
        List<PieceEdit> of(Pieces pieces);
    }

    private Optional<Pieces> step() {
        return design.group(inlay.group())
                .flatMap(g -> g.step(inlay.step()))
                .map(Step::treatment)
                .filter(Pieces.class::isInstance)
                .map(Pieces.class::cast);
    }

    Optional<Edit> change(String words, Change change) {
        return step().map(
                        pieces -> Recipes.set(inlay.group(), inlay.step(), pieces.withEdits(change.of(pieces)), words));
    }
}
