package org.hyphantes.exchange.lettering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Map;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.figure.Glyph;
import org.hyphantes.figure.Lettering;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Typesetter;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;

class InstalledTypefacesTest {
    private static Lettering with(Map<String, Object> settings) {
        Lettering lettering = Lettering.STARTING;
        for (Map.Entry<String, Object> setting : settings.entrySet()) {
            lettering = lettering.schema().put(lettering, setting.getKey(), setting.getValue());
        }
        return lettering;
    }

    @Test
    void theTypefacesOfTheApplicationComeFirstAndAreSetExactly() {
        Typesetter typesetter = Typesetter.installed();
        assertThat(typesetter).isInstanceOf(InstalledTypefaces.class);
        assertThat(typesetter.typefaces()).startsWith("Gentium Book Plus", "Gentium Book Plus Bold", "Noto Sans");
        List<Glyph> glyphs = typesetter.set("Noto Sans", "oil").orElseThrow();
        assertThat(glyphs).hasSize(3);
        // An o is a ring, an i a stem with its dot, an l a stem alone.
        assertThat(glyphs).extracting(g -> g.outlines().size()).containsExactly(2, 2, 1);
        assertThat(glyphs.get(2).outlines().get(0).size()).isEqualTo(4);
        // Figures of one width: a fact of both typefaces, which tables of numbers rely on.
        List<Glyph> figures = typesetter.set("Noto Sans", "0123456789").orElseThrow();
        assertThat(figures)
                .allSatisfy(
                        f -> assertThat(f.advance()).isCloseTo(figures.get(0).advance(), within(1e-6)));
        assertThat(typesetter.set("No Such Face", "o")).isEmpty();
    }

    /**
     * No outline of a letter crosses another: some of these typefaces draw letters in parts that overlap, which would be woven and cut as
     * they are. What the letters cover is what the Java library's own areas say.
     */
    @Test
    void lettersAreOneOutline() throws Exception {
        String letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&@%ÄØßéçÅ";
        Typesetter typesetter = Typesetter.installed();
        for (String typeface : typesetter.typefaces().subList(0, 4)) {
            List<Glyph> glyphs = typesetter.set(typeface, letters).orElseThrow();
            String file = typeface.replace(" Bold", "").replace(" ", "")
                    + (typeface.endsWith("Bold") ? "-Bold.ttf" : "-Regular.ttf");
            Font font = Font.createFont(
                            Font.TRUETYPE_FONT,
                            InstalledTypefaces.class.getResourceAsStream("/org/hyphantes/exchange/typefaces/" + file))
                    .deriveFont(1000f);
            GlyphVector drawn = font.layoutGlyphVector(
                    new FontRenderContext(null, true, true),
                    letters.toCharArray(),
                    0,
                    letters.length(),
                    Font.LAYOUT_LEFT_TO_RIGHT);
            for (int i = 0; i < glyphs.size(); i++) {
                String which = letters.charAt(i) + " of " + typeface;
                List<Path> outlines = glyphs.get(i).outlines();
                assertThat(PathMeetings.of(outlines)).as(which).isEmpty();
                double ink = Booleans.enclosed(outlines, FillRule.EVEN_ODD).stream()
                        .mapToDouble(Region::area)
                        .sum();
                assertThat(ink).as(which).isCloseTo(area(drawn.getGlyphOutline(i)), within(2e-5));
            }
        }
    }

    /** What a shape covers, in squares of an em of 1,000 units, by straight lines that stray 0.01 unit at most. */
    private static double area(Shape shape) {
        double[] c = new double[6];
        double[] start = new double[2];
        double[] here = new double[2];
        double twice = 0;
        for (PathIterator it = new Area(shape).getPathIterator(null, 0.01); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            double[] to = kind == PathIterator.SEG_CLOSE ? start : new double[] {c[0], c[1]};
            if (kind == PathIterator.SEG_MOVETO) {
                start = to;
            } else {
                twice += here[0] * to[1] - to[0] * here[1];
            }
            here = to;
        }
        return Math.abs(twice) / 2 / 1e6;
    }

    @Test
    void aRingOfALetterEnclosesItsInk() {
        Glyph o = Typesetter.installed().set("Noto Sans", "o").orElseThrow().get(0);
        List<Region> ink = Booleans.enclosed(o.outlines(), FillRule.NON_ZERO);
        assertThat(ink).hasSize(1);
        assertThat(ink.get(0).holes()).hasSize(1);
        assertThat(ink.get(0).area()).isBetween(0.05, 0.3);
    }

    @Test
    void aLineStandsInTheMiddleOfItsBaselineAndRoundACircle() {
        List<Path> straight = Lettering.STARTING.paths(PageBox.WIDE);
        Box box = Box.round(straight.stream().map(Path::box).toList());
        assertThat(box.centre().x()).isCloseTo(0, within(1.0));
        assertThat(box.top()).isBetween(-16.0, -8.0);
        assertThat(box.bottom()).as("nothing here goes below the line").isLessThan(0.5);
        Lettering wider = with(Map.of("spacing", Amount.of(2)));
        Box more = Box.round(wider.paths(PageBox.WIDE).stream().map(Path::box).toList());
        assertThat(more.width()).isCloseTo(box.width() + 8 * 2, within(1e-6));
        Lettering round = with(Map.of("round", Amount.of(60)));
        for (Path outline : round.paths(PageBox.WIDE)) {
            Point start = outline.start();
            assertThat(start.length())
                    .as("letters stand on the circle, outward")
                    .isBetween(59.0, 60.0 + 16);
        }
    }

    @Test
    void aMissingTypefaceIsSaidAndMended() throws Exception {
        Lettering missing = with(Map.of("typeface", "No Such Face"));
        Design design = Recipes.addFigure("design", missing).change().apply(Design.empty("Trial"));
        assertThat(ProjectFile.read(ProjectFile.text(design))).isEqualTo(design);
        var artwork = new Resolver().resolve(design);
        assertThat(artwork.scene().flat()).as("set in another meanwhile").isNotEmpty();
        Snag snag = Inspection.of(design, artwork).snags().get(0);
        assertThat(snag.words()).contains("No Such Face, which this computer lacks");
        Design mended = snag.mend().orElseThrow().of(design);
        assertThat(Inspection.of(mended, new Resolver().resolve(mended)).snags())
                .isEmpty();
    }
}
