package org.hyphantes.inventory;

import java.util.List;

/**
 * A piece in figures.
 *
 * @param number by which it is called
 * @param ring counted from the middle
 * @param area in square millimetres, less the joint; 0 for a dropped one
 * @param neighbours the pieces that share edges with it
 * @param state {@code kept}, {@code dropped}, {@code loose} where only dropped ones surround it, or {@code gone} where the joint leaves nothing
 * @param name what bounds it, by structure
 */
public record PieceRow(int number, int ring, double area, List<Beside> neighbours, String state, String name) {
    /**
     * A piece that shares edges with another.
     *
     * @param shared how long (mm) they are
     */
    public record Beside(int piece, double shared) {}

    public PieceRow {
        neighbours = List.copyOf(neighbours);
    }
}
