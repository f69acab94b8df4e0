package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Path;

/** A letter set at one millimetre to the em: its closed outlines, from the left end of its baseline, and how far on the next stands. */
public record Glyph(List<Path> outlines, double advance) {
    public Glyph {
        outlines = List.copyOf(outlines);
    }
}
