package org.hyphantes.desktop.desk;

import java.util.List;
import org.hyphantes.piece.PieceName;

/** The pieces that are selected in a window, by name, so that they stay so while the design changes. */
public final class Picked {
    private List<PieceName> pieces = List.of();

    public List<PieceName> pieces() {
        return pieces;
    }

    public void pieces(List<PieceName> selected) {
        pieces = List.copyOf(selected);
    }
}
