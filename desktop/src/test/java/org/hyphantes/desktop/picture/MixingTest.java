package org.hyphantes.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.effect.BlendMode;
import javafx.scene.paint.Color;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Blend;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.framework.junit5.ApplicationExtension;

/** What mixes with what lies behind it, drawn in memory, beside the blend modes of JavaFX, which were written by others. */
@ExtendWith(ApplicationExtension.class)
class MixingTest {
    private static final Colour BEHIND = new Colour("#3380E6");
    private static final Colour FRONT = new Colour("#C8701E");

    private static Mark area(Fill fill, double top, double bottom) {
        Path box = Path.polygon(
                List.of(new Point(0, top), new Point(100, top), new Point(100, bottom), new Point(0, bottom)));
        return new Mark.Area(Region.of(box), new Paint(Optional.of(fill), Optional.empty(), 0, false), Origin.piece(1));
    }

    private static void fill(GraphicsContext gc, Colour colour, Camera camera, double top, double bottom) {
        gc.setFill(Color.web(colour.hex()));
        Point from = new Point(0, top);
        Point to = new Point(100, bottom);
        gc.fillRect(camera.x(from), camera.y(from), camera.x(to) - camera.x(from), camera.y(to) - camera.y(from));
    }

    @ParameterizedTest
    @EnumSource(
            value = Blend.class,
            names = {
                "MULTIPLY",
                "SCREEN",
                "OVERLAY",
                "DARKEN",
                "LIGHTEN",
                "COLOR_DODGE",
                "COLOR_BURN",
                "HARD_LIGHT",
                "DIFFERENCE",
                "EXCLUSION"
            })
    void coloursMixAsTheToolkitMixesThem(Blend mode) throws Exception {
        Scene scene = new Scene(
                List.of(area(new Flat(BEHIND), 0, 70), area(new Blended(new Flat(FRONT), 1, mode), 30, 100)),
                List.of(),
                Region.of(Path.polygon(List.of(new Point(0, 0), new Point(100, 0), new Point(100, 100))))
                        .outline()
                        .box());
        assertThat(scene.layered()).isTrue();
        Camera camera = Camera.whole(scene.box(), PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS, 0);
        Raster drawn = Raster.of(scene, Look.PLAIN, camera, 1);
        int[] ours = PicturesAgreeTest.canvas(gc -> drawn.lay(gc, camera));
        BlendMode theirs = BlendMode.valueOf(mode.name());
        int[] toolkit = PicturesAgreeTest.canvas(gc -> {
            fill(gc, BEHIND, camera, 0, 70);
            gc.setGlobalBlendMode(theirs);
            fill(gc, FRONT, camera, 30, 70);
            gc.setGlobalBlendMode(BlendMode.SRC_OVER);
            fill(gc, FRONT, camera, 70, 100);
        });
        for (double y : new double[] {15, 50, 85}) {
            Point at = new Point(50, y);
            int pixel = (int) camera.y(at) * PicturesAgreeTest.PIXELS + (int) camera.x(at);
            assertThat(PicturesAgreeTest.distance(ours[pixel], toolkit[pixel]))
                    .as("%s at %s", mode, y)
                    .isLessThanOrEqualTo(2);
        }
    }
}
