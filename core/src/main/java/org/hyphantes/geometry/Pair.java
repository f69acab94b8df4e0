package org.hyphantes.geometry;

/** Two numbers as a key of maps. */
public record Pair(int first, int second) {
    /** The smaller first, for two whose order means nothing. */
    public static Pair unordered(int a, int b) {
        return new Pair(Math.min(a, b), Math.max(a, b));
    }

    /** Spread widely: numbers of things beside one another are near one another, and most other sums of them would be the same. */
    @Override
    public int hashCode() {
        int mixed = (first * 0x9E3779B9 ^ second) * 0x85EBCA6B;
        return mixed ^ mixed >>> 15;
    }
}
