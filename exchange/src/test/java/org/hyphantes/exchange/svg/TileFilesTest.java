package org.hyphantes.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A cloth, its tile alone, and its tile as a pattern, as JSVG draws them. */
class TileFilesTest {
    private static final double SCALE = 8;

    private static Handout handout(Design design, Artwork artwork, Handing.Extent extent) throws CannotHandOver {
        Handing handing = new Handing(extent, Handing.Painted.WITH_FILLS, Amount.of(1), Amount.of(300));
        return Handout.of(design.withHanding(handing), artwork);
    }

    private static int apart(Color a, Color b) {
        return Math.max(
                Math.abs(a.getRed() - b.getRed()),
                Math.max(Math.abs(a.getGreen() - b.getGreen()), Math.abs(a.getBlue() - b.getBlue())));
    }

    @ParameterizedTest
    @EnumSource(
            value = Demo.class,
            names = {"SLACK_WATER_TILE", "EEL_TRAP", "CROWFOOT"})
    void aTileLaidEdgeToEdgeAndItsPatternLookLikeTheCloth(Demo demo) throws Exception {
        Design design = demo.design();
        Artwork artwork = new Resolver().resolve(design);
        Box page = artwork.scene().box();
        Handout all = Handout.of(design, artwork);
        Raster cloth = Raster.of(SvgFormat.text(all), all.page(), SCALE, false);
        Handout one = handout(design, artwork, Handing.Extent.ONE_TILE);
        Raster tile = Raster.of(SvgFormat.text(one), one.page(), SCALE, false);
        Handout made = handout(design, artwork, Handing.Extent.AS_A_PATTERN);
        Raster pattern = Raster.of(SvgFormat.text(made), made.cloth().orElseThrow(), SCALE, false);
        int differ = 0;
        int differInPattern = 0;
        int all2 = 0;
        for (double x = page.left() + 0.5; x < page.right() - 0.5; x += 1.61) {
            for (double y = page.top() + 0.5; y < page.bottom() - 0.5; y += 1.61) {
                var place = new org.hyphantes.geometry.Point(x, y);
                var home = new org.hyphantes.geometry.Point(
                        one.page().left()
                                + mod(x - one.page().left(), one.page().width()),
                        one.page().top() + mod(y - one.page().top(), one.page().height()));
                all2++;
                differ += apart(cloth.colour(place), tile.colour(home)) > 8 ? 1 : 0;
                differInPattern += apart(cloth.colour(place), pattern.colour(place)) > 8 ? 1 : 0;
            }
        }
        // Without antialiasing a place beside an edge may fall to either side.
        assertThat(differ).isLessThan(all2 / 20);
        assertThat(differInPattern).isLessThan(all2 / 20);
    }

    private static double mod(double a, double of) {
        double rest = a - of * Math.floor(a / of);
        return Math.min(rest, of - 1e-9);
    }

    @Test
    void whatIsNoRepeatHasNoTile() {
        Design ring = Demo.TIDE_RING.design();
        Artwork artwork = new Resolver().resolve(ring);
        assertThatThrownBy(() -> handout(ring, artwork, Handing.Extent.ONE_TILE))
                .isInstanceOf(CannotHandOver.class)
                .hasMessageContaining("repeat it");
    }

    /** Outlines alone: no area is filled, and each that was has its border still. */
    @Test
    void outlinesHaveNoFills() throws Exception {
        Design design = Demo.TIDE_RING.design();
        Artwork artwork = new Resolver().resolve(design);
        Handing bare = new Handing(Handing.Extent.ALL_OF_IT, Handing.Painted.AS_OUTLINES, Amount.of(2), Amount.of(300));
        String text = SvgFormat.text(Handout.of(design.withHanding(bare), artwork));
        assertThat(text).doesNotContain("fill=\"#").doesNotContain("stroke=\"none\"");
        String filled = SvgFormat.text(Handout.of(design, artwork));
        assertThat(text.split("<path").length).isEqualTo(filled.split("<path").length);
        assertThat(text)
                .contains(
                        "width=\"" + PathData.number(2 * artwork.scene().inked().width(), 4) + "mm\"");
    }
}
