package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Polygon;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.paint.Colourway;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Shading;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;

/** Bands by figure, tapers, braids, knots, shading and colouring as steps of a recipe. */
class BandworkTest {
    private static Artwork artwork(List<Form> forms, Treatment... recipe) {
        return new Resolver().resolve(Trial.design(Material.PRINT, forms, recipe));
    }

    private static Weave weave(Artwork artwork) {
        return artwork.work().weaves().get(0).weave();
    }

    private static Circle circle(double radius, double out, double bearing) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(bearing));
    }

    private static Treatment with(Treatment treatment, String... settings) throws Exception {
        Treatment changed = treatment;
        for (int i = 0; i < settings.length; i += 2) {
            changed = (Treatment) changed.schema()
                    .read(
                            changed,
                            settings[i],
                            settings[i + 1],
                            new Scope(Map.of(), Unit.MM, 10, Map.of("f0", "Figure 0", "f1", "Figure 1")))
                    .value();
        }
        return changed;
    }

    @Test
    void figuresHaveWidthsOfTheirOwnAndALaterBandTakesWhatItNames() throws Exception {
        Weave weave = weave(artwork(
                List.of(circle(40, 25, 90), circle(40, 25, 270)),
                with(Band.STARTING, "width", "6"),
                with(Band.STARTING, "width", "3", "lines", "Figure 1", "edged", "2"),
                Interlace.STARTING));
        assertThat(weave.strands()).extracting(s -> s.width()).containsExactly(6.0, 3.0);
        assertThat(weave.courses().stream().filter(c -> c.strand() == 1))
                .allMatch(c -> c.lines().size() == 2);
        assertThat(weave.courses().stream().filter(c -> c.strand() == 0))
                .allMatch(c -> c.lines().isEmpty());
        assertThat(weave.troubles()).isEmpty();
    }

    @Test
    void aTaperSwellsWhereToldAndAClosedLineComesBackToItsWidth() throws Exception {
        Form line = new Drawn("M -50 0 L 50 0");
        for (String[] ends : new String[][] {
            {"at the end", "2", "4", "6"},
            {"at the start", "6", "4", "2"},
            {"in the middle", "2", "6", "2"},
            {"at both ends", "6", "2", "6"}
        }) {
            Weave weave = weave(artwork(
                    List.of(line, circle(20, 0, 0)),
                    with(Taper.STARTING, "from", "2", "to", "6", "swelling", ends[0], "lines", "Figure 0"),
                    with(Band.STARTING, "width", "1", "lines", "Figure 1"),
                    Interlace.STARTING));
            for (int i = 0; i < 3; i++) {
                assertThat(weave.strands().get(0).width(i / 2.0))
                        .isCloseTo(Double.parseDouble(ends[i + 1]), within(1e-9));
            }
        }
        Artwork ring =
                artwork(List.of(circle(30, 0, 0)), with(Taper.STARTING, "from", "2", "to", "6"), Interlace.STARTING);
        assertThat(weave(ring).strands().get(0).width(0)).isCloseTo(2, within(1e-9));
        assertThat(weave(ring).strands().get(0).width(0.5)).isCloseTo(6, within(1e-9));
        assertThat(weave(ring).strands().get(0).width(1)).isCloseTo(2, within(1e-9));
        // The area of a band whose width changes evenly is its mean width by its length.
        double area = ((Mark.Area) ring.scene().flat().get(0)).region().area();
        assertThat(area).isCloseTo(2 * Math.PI * 30 * 4, within(0.5));
        assertThat(artwork(List.of(line), with(Taper.STARTING, "from", "0", "to", "0"))
                        .work()
                        .lines()
                        .get(0)
                        .band())
                .isEmpty();
    }

    @Test
    void aBraidLaysItsLeadsAlongALineAndClosesItsEndsOnAnOpenOne() throws Exception {
        Weave round = weave(artwork(
                List.of(circle(50, 0, 0)),
                with(Braid.STARTING, "leads", "4", "bights", "18", "width", "16"),
                with(Band.STARTING, "width", "2"),
                Interlace.STARTING));
        assertThat(round.strands()).hasSize(2);
        assertThat(round.crossings()).hasSize(54);
        assertThat(round.alternates()).isTrue();
        Weave square = weave(artwork(
                List.of(Polygon.STARTING),
                with(Braid.STARTING, "leads", "3", "bights", "30", "width", "12"),
                with(Band.STARTING, "width", "1.5"),
                Interlace.STARTING));
        assertThat(square.strands()).hasSize(3);
        assertThat(square.crossings()).hasSize(60);
        assertThat(square.troubles()).isEmpty();
        // Of an odd number of leads on an open line one more is laid, so that its ends can close.
        Weave open = weave(artwork(
                List.of(new Drawn("M -60 0 L 60 0")),
                with(Braid.STARTING, "leads", "3", "bights", "11", "width", "20"),
                with(Band.STARTING, "width", "2"),
                Interlace.STARTING));
        // 2 by 11 cells: 2 m n - m - n crossings, gcd(2, 11) strands.
        assertThat(open.crossings()).hasSize(31);
        assertThat(open.strands()).hasSize(1);
        assertThat(open.strands()).allMatch(s -> s.path().closed());
    }

    @Test
    void aKnotTakesTheLinesItNamesAndKeepsTheirBand() throws Exception {
        List<Form> forms = List.of(new Drawn("M -40 0 L 40 0 M 0 -40 L 0 40"), circle(55, 0, 0));
        Artwork some = artwork(
                forms, with(Knot.STARTING, "lines", "Figure 0"), with(Band.STARTING, "width", "2"), Interlace.STARTING);
        assertThat(weave(some).strands()).hasSize(2);
        assertThat(weave(some).crossings().stream()
                        .filter(c -> c.over() == c.under())
                        .count())
                .isEqualTo(4);
        Artwork bandFirst =
                artwork(forms.subList(0, 1), with(Band.STARTING, "width", "2"), Knot.STARTING, Interlace.STARTING);
        assertThat(weave(bandFirst).crossings()).hasSize(4);
        Artwork turned = artwork(
                List.of(new Drawn("M 0 -44 L 0 -60"), new Drawn("M 0 -60 L 51.9615242270663 -30")),
                Turn.of(6),
                Knot.STARTING,
                with(Band.STARTING, "width", "2"),
                Interlace.STARTING);
        assertThat(weave(turned).crossings()).hasSize(12);
        assertThat(weave(turned).places().reached(0, org.hyphantes.weave.Reach.EVERY_TURN))
                .hasSize(6);
    }

    @Test
    void shadingDarkensEveryEndThatDivesAndColouringGoesByStrandOrFigure() throws Exception {
        Treatment[] recipe = {Turn.of(3), with(Band.STARTING, "width", "4"), Interlace.STARTING.shaded(Shading.LIGHT)};
        List<Form> forms = List.of(circle(40, 30, 0), circle(35, 0, 0));
        Artwork shaded = artwork(forms, recipe);
        long dives = shaded.scene().flat().stream()
                .filter(Mark.Shade.class::isInstance)
                .count();
        assertThat(dives).isEqualTo(2L * weave(shaded).crossings().size());
        assertThat(shaded.scene().flat().stream()
                        .filter(Mark.Shade.class::isInstance)
                        .map(s -> ((Mark.Shade) s).opacity()))
                .containsOnly(Shading.LIGHT.opacity());
        Artwork plain = artwork(forms, Turn.of(3), with(Band.STARTING, "width", "4"), Interlace.STARTING);
        assertThat(plain.scene().flat()).noneMatch(Mark.Shade.class::isInstance);

        List<Treatment> byStrand = new ArrayList<>(List.of(recipe));
        byStrand.add(with(Colouring.STARTING, "well", "11"));
        Artwork strands = artwork(forms, byStrand.toArray(Treatment[]::new));
        assertThat(strands.work().weaves().get(0).colours())
                .extracting(c -> c.orElseThrow().colour().hex())
                .containsExactly(hex(10), hex(11), hex(0), hex(1));
        byStrand.set(3, with(Colouring.STARTING, "by", "figure"));
        Artwork figures = artwork(forms, byStrand.toArray(Treatment[]::new));
        assertThat(figures.work().weaves().get(0).colours())
                .extracting(c -> c.orElseThrow().colour().hex())
                .containsExactly(hex(0), hex(0), hex(0), hex(1));
    }

    private static String hex(int well) {
        return Colourway.QUAY.wells().get(well).colour().hex();
    }

    /** Where three strands meet nobody can say who lies over whom: bands are parted straight across, and none is lost. */
    @Test
    void bandsAreDrawnAlsoWhereThreeStrandsMeet() {
        Artwork three = artwork(
                List.of(circle(30, 30, 0), circle(30, 30, 120), circle(30, 30, 240)),
                Band.of(Amount.of(3), Ends.BUTT),
                Interlace.STARTING);
        assertThat(weave(three).crossings())
                .filteredOn(c -> c.state() == Crossing.State.UNDECIDED)
                .hasSize(3);
        double area = three.scene().flat().stream()
                .mapToDouble(s -> ((Mark.Area) s).region().area())
                .sum();
        assertThat(area).isGreaterThan(0.9 * 3 * 2 * Math.PI * 30 * 3);
    }
}
