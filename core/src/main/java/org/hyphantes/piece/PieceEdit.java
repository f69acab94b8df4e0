package org.hyphantes.piece;

import java.util.List;
import java.util.Optional;
import org.hyphantes.weave.Reach;

/**
 * An act on pieces, kept over edges that stay live: it is done to the pieces that the same stretches bound, with as many siblings as it
 * reaches, and waits while one of its pieces is not there.
 *
 * @param corner the word of a corner of the first piece, where it is done to that alone
 */
public record PieceEdit(PieceAct act, List<PieceName> pieces, Optional<String> corner, Reach reach) {
    public PieceEdit {
        pieces = List.copyOf(pieces);
    }

    /** An act on whole pieces. */
    public PieceEdit(PieceAct act, List<PieceName> pieces, Reach reach) {
        this(act, pieces, Optional.empty(), reach);
    }
}
