package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * An inscription as outlines: on a straight baseline in its middle, or round a circle with the letters standing outward.
 *
 * @param text the words
 * @param typeface the name of the typeface; one that this computer lacks is set in the first there is
 * @param size millimetres to the em
 * @param spacing what is added (mm) after each letter
 * @param round the radius (mm) of the circle on which the letters stand; 0 for a straight line
 */
public record Lettering(
        String text,
        String typeface,
        Amount size,
        Amount spacing,
        Amount round,
        Amount out,
        Amount bearing,
        Amount turned)
        implements Seated {
    public static final Lettering STARTING = new Lettering(
            "Oskerlode",
            "Gentium Book Plus",
            Amount.of(16),
            Amount.of(0),
            Amount.of(0),
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    private static final Schema<Lettering> SCHEMA = new Schema<>(
                    Lettering.class,
                    "lettering",
                    "Lettering {text} in {typeface}, {size} to the em, spaced {spacing} wider, round a circle of {round}"
                            + SEAT,
                    Seated.settings(
                            Lettering.class,
                            List.of(
                                    Setting.of(
                                            Lettering.class,
                                            "text",
                                            new Kind.Text("the words to be set", Limits.WORDS)),
                                    Setting.of(Lettering.class, "typeface", new Kind.Typeface()),
                                    Setting.of(Lettering.class, "size", new Kind.Length(0.01, 1e5)),
                                    Setting.of(Lettering.class, "spacing", new Kind.Length(-1e4, 1e4)),
                                    Setting.of(Lettering.class, "round", Sizes.ROUNDING))))
            .because("An inscription is ornament too: its outlines can be banded, woven with and cut like any line.");

    @Override
    public Schema<Lettering> schema() {
        return SCHEMA;
    }

    /** Whether this computer has the typeface. */
    public boolean isAtHand() {
        return Typesetter.installed().typefaces().contains(typeface);
    }

    private List<Glyph> glyphs() {
        Typesetter typesetter = Typesetter.installed();
        Optional<List<Glyph>> set = typesetter.set(typeface, text);
        if (set.isPresent()) {
            return set.get();
        }
        return typesetter.typefaces().stream()
                .findFirst()
                .flatMap(first -> typesetter.set(first, text))
                .orElse(List.of());
    }

    @Override
    public List<Path> upright() {
        List<Glyph> glyphs = glyphs();
        double gap = spacing.value();
        double whole = glyphs.stream()
                        .mapToDouble(g -> g.advance() * size.value() + gap)
                        .sum()
                - gap;
        double along = -whole / 2;
        List<Path> outlines = new ArrayList<>();
        for (Glyph glyph : glyphs) {
            double width = glyph.advance() * size.value();
            Affine placed = placed(along, width);
            for (Path outline : glyph.outlines()) {
                outlines.add(outline.map(placed));
            }
            along += width + gap;
        }
        return outlines;
    }

    private Affine placed(double along, double width) {
        Affine sized = Affine.scale(size.value(), Point.ORIGIN);
        if (round.value() == 0) {
            return Affine.shift(new Point(along, 0)).after(sized);
        }
        // Each letter stands square on the circle by the middle of its width.
        double angle = Math.toDegrees((along + width / 2) / round.value());
        Point foot = new Point(-width / 2, -round.value());
        return Affine.turn(angle, Point.ORIGIN).after(Affine.shift(foot).after(sized));
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return (Lettering) Seated.put(this, "size", leg);
    }

    /** The first leg is the middle of the baseline; the height of the second over it is the size of the em. */
    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        double high = Math.max(Math.abs(second.y() - first.y()), 0.1 * first.distance(second));
        return reaching(high, otherWay).seated(first, Angle.turned(0));
    }
}
