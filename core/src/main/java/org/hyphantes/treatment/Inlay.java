package org.hyphantes.treatment;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.paint.Fill;
import org.hyphantes.piece.Mosaic;

/**
 * A mosaic as laid on the page: which division made it (the ids of its group and step), the map that lays it in its place, and the colour of
 * each of its pieces, if any.
 *
 * @param weaves what of it was woven before it was divided, which gauges and acts on crossings still read
 */
public record Inlay(
        Mosaic mosaic, String group, String step, Affine placed, List<Optional<Fill>> colours, List<Laying> weaves) {
    public Inlay {
        weaves = List.copyOf(weaves);
        colours = List.copyOf(colours);
    }

    /** This one carried on by a map. */
    Inlay carried(Affine map) {
        return new Inlay(mosaic, group, step, map.after(placed), colours, weaves);
    }

    Inlay coloured(List<Optional<Fill>> others) {
        return new Inlay(mosaic, group, step, placed, others, weaves);
    }
}
