package org.hyphantes.piece;

import java.util.List;
import java.util.Optional;
import org.hyphantes.weave.Reach;

/**
 * An act on pieces, kept over edges that stay live: it is done to the pieces that the same stretches bound, with as many siblings as it
 * reaches, and waits while one of its pieces is not there.
 *
 * @param corner the word of a corner of the first piece, where it is done to that alone
 * @param well the number of the well to fill with, from 1; 0 for no fill, and for all other acts
 */
public record PieceEdit(PieceAct act, List<PieceName> pieces, Optional<String> corner, int well, Reach reach) {
    public PieceEdit {
        pieces = List.copyOf(pieces);
    }

    /** An act on whole pieces. */
    public PieceEdit(PieceAct act, List<PieceName> pieces, Reach reach) {
        this(act, pieces, Optional.empty(), 0, reach);
    }

    /** A fill. */
    public static PieceEdit fill(int well, List<PieceName> pieces, Reach reach) {
        return new PieceEdit(PieceAct.FILL, pieces, Optional.empty(), well, reach);
    }

    /** The same done to pieces of other names. */
    public PieceEdit withPieces(List<PieceName> others) {
        return new PieceEdit(act, others, corner, well, reach);
    }
}
