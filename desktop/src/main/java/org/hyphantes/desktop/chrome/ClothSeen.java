package org.hyphantes.desktop.chrome;

/**
 * How a cloth is seen while its tile is worked on.
 *
 * @param tiles how many tiles each way, from 1 to {@link #MOST}
 * @param symbols whether with the symbols of its group
 */
public record ClothSeen(int tiles, Neighbours neighbours, boolean symbols) {
    /** More tiles than this each way are not seen at once. */
    public static final int MOST = 9;

    public static final ClothSeen STARTING = new ClothSeen(3, Neighbours.FULL, false);

    public ClothSeen {
        tiles = Math.max(1, Math.min(MOST, tiles));
    }

    public ClothSeen withTiles(int other) {
        return new ClothSeen(other, neighbours, symbols);
    }

    /** With its neighbours seen in the next way. */
    public ClothSeen next() {
        return new ClothSeen(tiles, neighbours.next(), symbols);
    }

    public ClothSeen withSymbols(boolean shown) {
        return new ClothSeen(tiles, neighbours, shown);
    }
}
