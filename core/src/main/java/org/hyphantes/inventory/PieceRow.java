package org.hyphantes.inventory;

import java.util.List;

/**
 * A piece in figures.
 *
 * @param number by which it is called
 * @param ring counted from the middle
 * @param area in square millimetres, less the joint; 0 for a dropped one
 * @param neighbours the numbers of the pieces that share an edge with it
 * @param state {@code kept}, {@code dropped}, {@code loose} where only dropped ones surround it, or {@code gone} where the joint leaves nothing
 * @param name what bounds it, by structure
 */
public record PieceRow(int number, int ring, double area, List<Integer> neighbours, String state, String name) {
    public PieceRow {
        neighbours = List.copyOf(neighbours);
    }
}
