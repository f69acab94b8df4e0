package org.hyphantes.piece;

import java.util.List;
import org.hyphantes.weave.Reach;

/**
 * An act on pieces, kept over edges that stay live: it is done to the pieces that the same stretches bound, with as many siblings as it
 * reaches, and waits while one of its pieces is not there.
 */
public record PieceEdit(PieceAct act, List<PieceName> pieces, Reach reach) {
    public PieceEdit {
        pieces = List.copyOf(pieces);
    }
}
