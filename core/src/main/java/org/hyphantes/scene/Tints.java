package org.hyphantes.scene;

import java.util.List;
import org.hyphantes.paint.Colour;

/**
 * Colours that tell strands of no colour of their own apart, by the number of their figure.
 *
 * @param paper the colour they are mixed with
 * @param pure whether they are left as they are, for bands drawn without edges
 */
public record Tints(List<Colour> colours, Colour paper, boolean pure) {
    public Tints {
        colours = List.copyOf(colours);
    }

    Colour of(int figure) {
        Colour tint = colours.get(Math.floorMod(figure, colours.size()));
        return pure ? tint : tint.towards(paper, figure % 2 == 0 ? 0.55 : 0.25);
    }
}
