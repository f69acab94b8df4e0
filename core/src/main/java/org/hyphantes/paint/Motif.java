package org.hyphantes.paint;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;

/** What fills a part as a pattern: areas and lines that are seen as far as they lie within it. */
public record Motif(List<Patch> patches, List<Drawn> lines) {
    /** A line of it, and how it is painted. */
    public record Drawn(Path path, Paint paint) {}

    public Motif {
        patches = List.copyOf(patches);
        lines = List.copyOf(lines);
    }

    /** The same carried by a similarity. */
    public Motif map(Affine map) {
        return new Motif(
                patches.stream().map(p -> p.map(map)).toList(),
                lines.stream().map(l -> new Drawn(l.path().map(map), l.paint())).toList());
    }
}
