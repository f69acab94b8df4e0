package org.hyphantes.piece;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/**
 * Which kept pieces hang, edge by edge, on what lies round the whole: a dropped piece is a hole, and what only holes surround would fall
 * out of what is cut.
 */
public final class Hanging {
    private final boolean[] hangs;
    private final List<Tessera> pieces;

    public Hanging(Mosaic mosaic) {
        pieces = mosaic.pieces();
        hangs = new boolean[pieces.size()];
        Deque<Integer> open = new ArrayDeque<>();
        for (int i = 0; i < hangs.length; i++) {
            if (!pieces.get(i).dropped() && pieces.get(i).cells().stream().anyMatch(mosaic.division()::isOuter)) {
                hangs[i] = true;
                open.add(i);
            }
        }
        while (!open.isEmpty()) {
            for (int beside : mosaic.beside(open.remove()).keySet()) {
                if (!hangs[beside] && !pieces.get(beside).dropped()) {
                    hangs[beside] = true;
                    open.add(beside);
                }
            }
        }
    }

    /** Whether a piece, by its place among the pieces, is loose. */
    public boolean isLoose(int piece) {
        return !hangs[piece] && !pieces.get(piece).dropped();
    }
}
