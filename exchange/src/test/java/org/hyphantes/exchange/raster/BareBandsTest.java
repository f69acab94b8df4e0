package org.hyphantes.exchange.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.Tiles;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Walk;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Repeat;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What bands cover before they are woven is covered by them when they are, but for clearances; as a screen shows it, by the library of the platform. */
class BareBandsTest {
    private static final double PIXELS_PER_MM = 4;

    /** Half a square (pixels) that no place between clearances holds: 1.75 mm, and clearances are 0.6 mm. */
    private static final int HALF = 3;

    /** Waves and lines that in these groups, on cells so high (mm), lie upon one another, or so near that four bands share a place. */
    @ParameterizedTest
    @CsvSource({
        "SLACK_WATER_TILE, P2MG, 60",
        "SLACK_WATER_TILE, P2GG, 60",
        "SLACK_WATER_TILE, C2MM, 60",
        "SLACK_WATER_TILE, P4MM, 60",
        "SLACK_WATER_TILE, FRIEZE_P2MG, 60",
        "EEL_TRAP, P2GG, 60",
        "EEL_TRAP, P4GM, 60",
        "CROWFOOT, P31M, 66"
    })
    void noPlaceThatBandsCoverIsBareWhenTheyAreWoven(Demo demo, RepeatGroup group, double high) {
        Design design = demo.design();
        Step repeat = design.root().last(Repeat.class).orElseThrow();
        Repeat other =
                ((Repeat) repeat.treatment()).with("group", Entry.word(group)).with("height", Amount.of(high));
        Design woven =
                Recipes.set(design.root().id(), repeat.id(), other, "").change().apply(design);
        Design unwoven = Recipes.removeStep(
                        woven,
                        woven.root().id(),
                        woven.root().last(Interlace.class).orElseThrow().id())
                .change()
                .apply(woven);
        Artwork bands = new Resolver().resolve(unwoven);
        boolean strip = bands.work().cloth().orElseThrow().isStrip();
        Box all = Tiles.seen(bands, 4).box();
        Box middle = new Box(
                all.left() + 0.3 * all.width(),
                all.top() + (strip ? 0 : 0.3 * all.height()),
                all.right() - 0.3 * all.width(),
                all.bottom() - (strip ? 0 : 0.3 * all.height()));
        boolean[][] covered = covered(Tiles.seen(bands, 4), middle, 200);
        boolean[][] drawn = covered(Tiles.seen(new Resolver().resolve(woven), 4), middle, 60);
        assertThat(bare(covered, drawn)).as("squares without a band").isZero();
    }

    /** Where so much of 255 of a pixel is covered at least. */
    private static boolean[][] covered(Scene scene, Box seen, int least) {
        int width = (int) (seen.width() * PIXELS_PER_MM);
        int height = (int) (seen.height() * PIXELS_PER_MM);
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = picture.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        Affine pixels = new Affine(
                PIXELS_PER_MM, 0, 0, PIXELS_PER_MM, -seen.left() * PIXELS_PER_MM, -seen.top() * PIXELS_PER_MM);
        Walk.feed(scene, Look.PLAIN.at(seen, PIXELS_PER_MM), new RasterOutput(g, pixels, PIXELS_PER_MM));
        g.dispose();
        boolean[][] covered = new boolean[width][height];
        for (int x = 0; x < width; x++) {
            for (int y = 0; y < height; y++) {
                covered[x][y] = picture.getRGB(x, y) >>> 24 >= least;
            }
        }
        return covered;
    }

    /** How many squares are covered wholly in one picture and nowhere in the other. */
    private static int bare(boolean[][] covered, boolean[][] drawn) {
        int bare = 0;
        int inked = 0;
        for (int x = HALF; x < covered.length - HALF; x++) {
            for (int y = HALF; y < covered[x].length - HALF; y++) {
                boolean all = true;
                for (int i = -HALF; i <= HALF && all; i++) {
                    for (int j = -HALF; j <= HALF && all; j++) {
                        all = covered[x + i][y + j] && !drawn[x + i][y + j];
                    }
                }
                bare += all ? 1 : 0;
                inked += covered[x][y] ? 1 : 0;
            }
        }
        assertThat(inked).as("pixels that bands cover").isGreaterThan(covered.length * covered[0].length / 10);
        return bare;
    }
}
