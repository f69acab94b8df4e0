package org.hyphantes.desktop.stage.pieces;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.stage.Wells;

/** Fills pieces with wells: those that are selected, or those that one is carried through, with their siblings. */
final class PieceWells implements Wells {
    private final Desk desk;
    private final PieceChoice choice;
    private final List<Integer> through = new ArrayList<>();

    PieceWells(Bench bench) {
        this.desk = bench.desk();
        this.choice = new PieceChoice(bench);
    }

    @Override
    public void fill(int well) {
        choice.fillSelected(well);
    }

    @Override
    public void passed() {
        desk.hoverProperty().get().place().flatMap(choice::at).ifPresent(cell -> {
            if (!through.contains(cell)) {
                choice.select(choice.siblings(cell, choice.reach()), !through.isEmpty());
                through.add(cell);
            }
        });
    }

    @Override
    public void dropped(int well) {
        passed();
        if (!through.isEmpty()) {
            choice.fill(List.copyOf(through), well, choice.reach());
            choice.clear();
        }
        through.clear();
    }
}
