package org.hyphantes.design;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.PieceAct;
import org.hyphantes.piece.PieceEdit;
import org.hyphantes.piece.PieceName;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.weave.Reach;

/** Pieces filled by hand, kept by what bounds them as all acts on pieces are. */
public final class PieceFills {
    private final Design design;
    private final Inlay inlay;
    private final PieceActs acts;

    public PieceFills(Design design, Inlay inlay) {
        this.design = design;
        this.inlay = inlay;
        this.acts = new PieceActs(design, inlay);
    }

    /** Fills pieces with a well; with none, 0, what lies behind them is seen. What was filled so already has again what a colouring gives it. */
    public Optional<Edit> fill(List<Integer> cells, int well, Reach asked) {
        return fill(cells, acts.everySecond(cells, asked), well, asked);
    }

    /** Gives pieces the whole look that another has, and will have. */
    public Optional<Edit> like(List<Integer> cells, int model, Reach asked) {
        Reach reach = acts.kept(cells, asked);
        List<Integer> others = cells.stream().filter(c -> c != model).toList();
        if (others.isEmpty()) {
            return Optional.empty();
        }
        List<Integer> named = new ArrayList<>(List.of(model));
        named.addAll(others);
        Set<Integer> reached = acts.reached(others, reach);
        String words = Numerals.counted(acts.pieces(reached), "piece") + " like this one.";
        return acts.change(words, pieces -> {
            List<PieceEdit> edits = new ArrayList<>(pieces.edits());
            edits.removeIf(e -> isLook(e.act()) && acts.takes(e, reached, new HashSet<>()));
            edits.add(acts.edit(PieceAct.LIKE, named, reach));
            return edits;
        });
    }

    private static boolean isLook(PieceAct act) {
        return act == PieceAct.FILL || act == PieceAct.LIKE;
    }

    /** Fills what a name means, however many pieces that are. */
    public Optional<Edit> fill(PieceName meant, int well) {
        List<Integer> cells = inlay.mosaic().division().meant(meant);
        return cells.isEmpty() ? Optional.empty() : fill(cells, Optional.of(meant), well, Reach.THIS_ONE);
    }

    private Optional<Edit> fill(List<Integer> cells, Optional<PieceName> meant, int well, Reach asked) {
        Reach reach = acts.kept(cells, asked);
        Mosaic mosaic = inlay.mosaic();
        Set<Integer> reached = acts.reached(cells, reach);
        if (reached.isEmpty()) {
            return Optional.empty();
        }
        boolean again = reached.stream()
                .allMatch(c ->
                        mosaic.filled(mosaic.pieces().get(mosaic.pieceOf(c))).equals(OptionalInt.of(well)));
        String words = Numerals.counted(acts.pieces(reached), "piece")
                + (again
                        ? " coloured as before."
                        : well == 0 ? " without fill." : " in well " + well + ", " + name(well) + ".");
        return acts.change(words, pieces -> {
            List<PieceEdit> edits = new ArrayList<>(pieces.edits());
            Set<Integer> left = new TreeSet<>(reached);
            edits.removeIf(e -> isLook(e.act()) && acts.takes(e, reached, new HashSet<>()));
            if (again) {
                return edits;
            }
            if (meant.isPresent()) {
                edits.add(PieceEdit.fill(well, List.of(meant.get()), Reach.THIS_ONE));
                return edits;
            }
            while (!left.isEmpty()) {
                int cell = left.iterator().next();
                left.removeAll(acts.reached(List.of(cell), reach));
                edits.add(PieceEdit.fill(
                        well, acts.edit(PieceAct.FILL, List.of(cell), reach).pieces(), reach));
            }
            return edits;
        });
    }

    private String name(int well) {
        return design.colourway().well(well).name();
    }
}
