package org.hyphantes.paint;

import java.util.List;

/** A named colour of a colourway. */
public record Well(String name, Colour colour) {
    /** The colourway that designs begin with. */
    public static final List<Well> QUAY = List.of(
            of("bone", "#EDE6D6"),
            of("chalk blue", "#A9C3D6"),
            of("slack green", "#7DAE9A"),
            of("deep water", "#1F4E5F"),
            of("kelp", "#3C4A1F"),
            of("rope", "#B9915A"),
            of("tarred oak", "#3B2A20"),
            of("oxide", "#A4472F"),
            of("buoy", "#D98A2B"),
            of("mussel", "#4A4570"),
            of("brass", "#C3A14A"),
            of("pewter", "#8C9196"));

    private static Well of(String name, String hex) {
        return new Well(name, new Colour(hex));
    }
}
