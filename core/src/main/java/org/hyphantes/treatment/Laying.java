package org.hyphantes.treatment;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.paint.Fill;
import org.hyphantes.weave.Shading;
import org.hyphantes.weave.Weave;

/**
 * A weave as laid on the page: which interlacing made it (the ids of its group and step), the map that lays it in its place, and the colour of
 * each of its strands, if any; and how it is shaded where strands dive under.
 */
public record Laying(
        Weave weave, String group, String step, Affine placed, List<Optional<Fill>> colours, Shading shading) {
    public Laying {
        colours = List.copyOf(colours);
    }

    /** This laying carried on by a map. */
    Laying carried(Affine map) {
        return new Laying(weave, group, step, map.after(placed), colours, shading);
    }

    Laying coloured(List<Optional<Fill>> others) {
        return new Laying(weave, group, step, placed, others, shading);
    }
}
