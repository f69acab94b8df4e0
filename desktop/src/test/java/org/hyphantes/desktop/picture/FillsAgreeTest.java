package org.hyphantes.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Gradient;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.treatment.ColouredBy;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Shade;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.framework.junit5.ApplicationExtension;

/** Seeded colourings of the demos, flat and with gradients, are drawn by the window, at once and in memory, as JSVG, an independent library, draws the file. */
@ExtendWith(ApplicationExtension.class)
class FillsAgreeTest {
    private static final int SEEDS = Integer.getInteger("hyphantes.fills", 30);

    /** So far apart may two pixels be that are alike. */
    private static final int ALIKE = 8;

    static IntStream seeds() {
        return IntStream.range(0, SEEDS);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void fillsAreSeenAsTheyAreWritten(int seed) throws Exception {
        Random random = new Random(seed);
        Demo[] demos = Demo.values();
        Design demo = demos[seed % demos.length].design();
        List<Step> recipe = new ArrayList<>(demo.root().recipe());
        recipe.add(new Step(true, colouring(seed, random, recipe)));
        Design design = demo.withRoot(demo.root().withRecipe(recipe))
                .withColourway(Colourway.EACH.get(random.nextInt(Colourway.EACH.size())));
        Scene scene = new Resolver().resolve(design).scene();
        Camera camera = Camera.whole(scene.inked(), PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS, 0);
        String svg = SvgFormat.text("Filled", scene, Look.PLAIN);
        assertThat(svg.contains("<radialGradient") || svg.contains("<linearGradient id=\"gradient"))
                .as("a gradient is written as one")
                .isEqualTo(List.of(Shade.LINEAR, Shade.RADIAL, Shade.ALONG, Shade.ACROSS)
                        .contains(shade(seed)));
        // JSVG lays the members of a group through its opacity one by one; Batik lays them together, as SVG 2 has it.
        boolean together = scene.layered() && svg.contains("isolation:");
        BufferedImage file =
                together ? BatikPicture.of(svg, camera) : PicturesAgreeTest.file(svg, scene.inked(), camera);
        Raster drawn = Raster.of(scene, Look.PLAIN, camera, 1);
        int[] inMemory = PicturesAgreeTest.canvas(gc -> drawn.lay(gc, camera));
        // What is laid in layers is drawn in memory alone.
        int[] canvas = scene.layered()
                ? inMemory
                : PicturesAgreeTest.canvas(gc -> CanvasOutput.draw(scene, Look.PLAIN, gc, camera));
        if (shade(seed).ordinal() >= Shade.HATCH.ordinal()) {
            // A hatch is edges all over.
            PicturesAgreeTest.assertAlike(file, canvas, 0.1);
            PicturesAgreeTest.assertAlike(file, inMemory, 0.1);
        } else {
            assertThat(apart(file, canvas)).as("on the canvas").isLessThan(0.01);
            assertThat(apart(file, inMemory)).as("in memory").isLessThan(0.01);
        }
    }

    private static Colouring colouring(int seed, Random random, List<Step> recipe) {
        boolean pieces = recipe.stream().anyMatch(s -> s.treatment() instanceof Pieces);
        ColouredBy by = pieces ? ColouredBy.RING : random.nextBoolean() ? ColouredBy.STRAND : ColouredBy.FIGURE;
        return Colouring.STARTING
                .withBy(by)
                .with("well", Amount.of(1 + random.nextInt(12)))
                .with("last", Amount.of(1 + random.nextInt(12)))
                .with("order", random.nextBoolean() ? "in turn" : "in steps")
                .with("fill", Entry.word(shade(seed)))
                .with("towards", Amount.of(1 + random.nextInt(12)))
                .with("through", seed % 3 == 0 ? (1 + random.nextInt(12)) + " at 40" : "none")
                .with("over", Entry.word(Gradient.Over.values()[random.nextInt(3)]))
                .with("axis", Amount.of(random.nextInt(360)))
                .with("spacing", Amount.of(1.5))
                .with("opacity", Amount.of(seed % 4 == 3 ? 60 : 100));
    }

    private static Shade shade(int seed) {
        return Shade.values()[seed % Shade.values().length];
    }

    /** The share of pixels that differ, of those about which the file has one colour or a slow change, and so no edge. */
    private static double apart(BufferedImage file, int[] canvas) {
        int size = PicturesAgreeTest.PIXELS;
        int apart = 0;
        int inked = 0;
        for (int y = 2; y < size - 2; y++) {
            for (int x = 2; x < size - 2; x++) {
                int rgb = file.getRGB(x, y);
                if ((rgb & 0xFFFFFF) == 0xFFFFFF || isAtEdge(file, x, y)) {
                    continue;
                }
                inked++;
                apart += PicturesAgreeTest.distance(rgb, canvas[y * size + x]) > ALIKE ? 1 : 0;
            }
        }
        if (inked < size * size / 400) {
            // Narrow bands whose colour changes from edge to edge are edges all over.
            PicturesAgreeTest.assertAlike(file, canvas, 0.05);
            return 0;
        }
        return (double) apart / inked;
    }

    private static boolean isAtEdge(BufferedImage file, int x, int y) {
        for (int dy = -2; dy <= 2; dy++) {
            for (int dx = -2; dx <= 2; dx++) {
                if (PicturesAgreeTest.distance(file.getRGB(x, y), file.getRGB(x + dx, y + dy)) > 3 * ALIKE) {
                    return true;
                }
            }
        }
        return false;
    }
}
