package org.hyphantes.desktop.picture;

import java.util.Arrays;
import java.util.List;
import javafx.scene.paint.Color;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.paint.Colour;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Tints;

/** The ways in which the window looks at a scene, in each theme. */
public final class Looks {
    private static final List<Colour> LIGHT = colours("#7FB3A6", "#D9B27C", "#A9B5DC", "#D3A9B8", "#BFC9A0", "#C3B7DA");
    private static final List<Colour> DARK = colours("#2F7F70", "#8A6A34", "#4C5A9C", "#8A4A62", "#5E6B37", "#6B5598");

    private Looks() {}

    private static List<Colour> colours(String... hexes) {
        return Arrays.stream(hexes).map(Colour::new).toList();
    }

    /** The design in its own colours, as a file shows it; ink and paper are those of the theme. */
    public static Look own(Palette palette, double edge) {
        return Look.PLAIN
                .inked(new Look.Inks(
                        colour(palette.ink()),
                        colour(palette.paper()),
                        colour(palette.shade()),
                        colour(palette.verdigris())))
                .edged(edge);
    }

    /** Strands told apart by tints, but for those that have colours of their own; without edges the tints are full. */
    public static Look toldApart(Palette palette, double edge) {
        List<Colour> tints = palette == Palette.DARK ? DARK : LIGHT;
        return own(palette, edge).tinted(new Tints(tints, colour(palette.paper()), edge <= 0));
    }

    private static Colour colour(Color colour) {
        return Colour.of(
                Math.round(colour.getRed() * 255),
                Math.round(colour.getGreen() * 255),
                Math.round(colour.getBlue() * 255));
    }
}
