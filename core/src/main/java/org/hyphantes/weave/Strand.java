package org.hyphantes.weave;

import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.offset.Ends;

/** One strand: its letter, what it is, its centre line, and the width (mm) and ends of its band. */
public record Strand(String name, StrandKey key, Path path, double width, Ends ends) {
    /** The letters of the strands in order: A to Z, then AA, AB and so on. */
    public static String letter(int index) {
        String last = String.valueOf((char) ('A' + index % 26));
        return index < 26 ? last : letter(index / 26 - 1) + last;
    }
}
