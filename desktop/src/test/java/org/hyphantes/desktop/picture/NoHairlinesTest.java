package org.hyphantes.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colourway;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Edging;
import org.hyphantes.treatment.Treatment;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is written in patches shows nothing between them, neither by JSVG nor by Batik, from far and near; and is not much longer than flat colour. */
class NoHairlinesTest {
    /** Wells 4 and 7 of Quay are dark, and so is all between them: what is lighter within a band is the paper. */
    private static Colouring dark() {
        return Colouring.STARTING
                .with("well", Amount.of(4))
                .with("last", Amount.of(4))
                .with("towards", Amount.of(7));
    }

    private static Scene scene(Treatment... further) {
        Design demo = Demo.TIDE_RING.design();
        List<Step> recipe = new ArrayList<>(demo.root().recipe());
        for (Treatment treatment : further) {
            recipe.add(new Step(true, treatment));
        }
        return new Resolver()
                .resolve(demo.withRoot(demo.root().withRecipe(recipe)))
                .scene();
    }

    @ParameterizedTest
    @CsvSource({"swept, 1", "swept, 7.3", "along, 0.6", "along, 7.3", "across, 7.3"})
    void nothingShowsBetweenPatches(String fill, double zoom) throws Exception {
        // Without edges, which would hide what is amiss at them.
        Scene scene = scene(dark().with("fill", fill), Edging.STARTING.with("lines", "no lines"));
        Camera whole = Camera.whole(scene.inked(), PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS, 0);
        List<Mark.Area> areas = scene.flat().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .toList();
        Point centre = zoom <= 1
                ? scene.inked().centre()
                : areas.get(0).region().outline().start();
        Camera camera = new Camera(whole.width(), whole.height(), centre, whole.scale() * zoom);
        String svg = SvgFormat.text("Patched", scene, Look.PLAIN);
        int light = 0;
        for (int well : new int[] {4, 7}) {
            light = Math.max(
                    light,
                    brightness(Integer.parseInt(
                            Colourway.QUAY.well(well).colour().hex().substring(1), 16)));
        }
        for (BufferedImage picture :
                List.of(PicturesAgreeTest.file(svg, scene.inked(), camera), BatikPicture.of(svg, camera))) {
            int within = 0;
            for (int y = 3; y < PicturesAgreeTest.PIXELS - 3; y++) {
                for (int x = 3; x < PicturesAgreeTest.PIXELS - 3; x++) {
                    if (brightness(picture.getRGB(x, y)) <= light + 6) {
                        within++;
                    } else if (isBetween(picture, x, y, light + 6)) {
                        Point place = camera.place(x + 0.5, y + 0.5);
                        assertThat(isWellWithin(areas, place, 2 / camera.scale()))
                                .as("paper within a band, %s at %d, %d", fill, x, y)
                                .isFalse();
                    }
                }
            }
            assertThat(within).isGreaterThan(2_000);
        }
        String flat = SvgFormat.text("Patched", scene(dark()), Look.PLAIN);
        assertThat(svg.length()).as("beside %d when flat", flat.length()).isLessThan(10 * flat.length());
    }

    private static int brightness(int rgb) {
        return Math.max(rgb >> 16 & 255, Math.max(rgb >> 8 & 255, rgb & 255));
    }

    /** Whether what is dark lies a little to both sides of a pixel: only there can it be a hairline. */
    private static boolean isBetween(BufferedImage picture, int x, int y, int dark) {
        boolean level = brightness(picture.getRGB(x - 3, y)) <= dark && brightness(picture.getRGB(x + 3, y)) <= dark;
        return level || brightness(picture.getRGB(x, y - 3)) <= dark && brightness(picture.getRGB(x, y + 3)) <= dark;
    }

    /** Whether all about a place, so far off, lies in the same area. */
    private static boolean isWellWithin(List<Mark.Area> areas, Point place, double off) {
        for (Mark.Area area : areas) {
            if (area.box().contains(place) && area.region().contains(place)) {
                for (int k = 0; k < 8; k++) {
                    if (!area.region().contains(place.plus(Point.polar(off, 45 * k)))) {
                        return false;
                    }
                }
                return true;
            }
        }
        return false;
    }
}
