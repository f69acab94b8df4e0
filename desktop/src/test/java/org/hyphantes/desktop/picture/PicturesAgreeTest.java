package org.hyphantes.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Component;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Resolver;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Tints;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** What the window draws, at once or in memory, is what a file shows: both beside the written file as drawn by JSVG, an independent library. */
@ExtendWith(ApplicationExtension.class)
class PicturesAgreeTest {
    static final int PIXELS = 800;

    /** From here on (pixels of band width) a band is seen from near, with the cuts across it lined as in a file. */
    private static final double NEAR = 40;

    static Stream<Arguments> looks() {
        // The tints of the light theme, with each edge in its own weight, as a file must have it.
        Tints tints = Looks.toldApart(Palette.LIGHT, 1).tints().orElseThrow();
        return Stream.of(Demo.values())
                .flatMap(demo -> Stream.of(
                        Arguments.of(demo, "plain", Look.PLAIN),
                        Arguments.of(demo, "told apart", Look.PLAIN.tinted(tints))));
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("looks")
    void theCanvasShowsWhatTheFileShows(Demo demo, String name, Look look) throws Exception {
        Artwork artwork = new Resolver().resolve(demo.design());
        Scene scene = artwork.scene();
        Box page = scene.inked();
        Camera whole = Camera.whole(page, PIXELS, PIXELS, 0);
        // From afar the field leaves out the lines of the cuts across, which would run together: only these are not
        // alike.
        assertAgree(demo, scene, look, whole, 0.05);
        if (artwork.work().weaves().isEmpty()) {
            return;
        }
        Weave weave = artwork.work().weaves().get(0).weave();
        double width =
                weave.strands().stream().mapToDouble(s -> s.width(0)).max().orElseThrow();
        Point crossing = weave.crossings().get(0).place();
        Camera near = new Camera(PIXELS, PIXELS, crossing, Math.max(whole.scale(), NEAR / width));
        // One strand stands out, so that this is looked at too.
        Look lifting = look.lifting(scene.flat().stream()
                .filter(Mark.Area.class::isInstance)
                .map(m -> ((Mark.Area) m).origin().key())
                .findFirst());
        assertAgree(demo, scene, lifting, near, 0.002);
    }

    private static void assertAgree(Demo demo, Scene scene, Look look, Camera camera, double share) throws Exception {
        BufferedImage file = file(SvgFormat.text("Agreeing", scene, look), scene.inked(), camera);
        assertAlike(file, canvas(gc -> CanvasOutput.draw(scene, look, gc, camera)), share);
        Raster drawn = Raster.of(scene, look, camera, 1);
        assertAlike(file, canvas(gc -> drawn.lay(gc, camera)), share);
    }

    static void assertAlike(BufferedImage file, int[] canvas, double share) {
        int apart = 0;
        int inked = 0;
        for (int i = 0; i < canvas.length; i++) {
            int rgb = file.getRGB(i % PIXELS, i / PIXELS);
            apart += distance(rgb, canvas[i]) > 100 ? 1 : 0;
            inked += (rgb & 0xFFFFFF) != 0xFFFFFF ? 1 : 0;
        }
        assertThat(inked).as("pixels drawn").isGreaterThan(PIXELS * PIXELS / 20);
        assertThat((double) apart / inked).as("pixels that are not alike").isLessThan(share);
    }

    static int distance(int a, int b) {
        return Math.max(
                Math.abs((a >> 16 & 255) - (b >> 16 & 255)),
                Math.max(Math.abs((a >> 8 & 255) - (b >> 8 & 255)), Math.abs((a & 255) - (b & 255))));
    }

    static BufferedImage file(String svg, Box page, Camera camera) {
        SVGDocument document = new SVGLoader()
                .load(
                        new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)),
                        null,
                        LoaderContext.builder()
                                .documentLimits(new DocumentLimits(30, 15, 1_000_000))
                                .build());
        BufferedImage image = new BufferedImage(PIXELS, PIXELS, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, PIXELS, PIXELS);
        Point first = new Point(page.left(), page.top());
        g.translate(camera.x(first), camera.y(first));
        document.render((Component) null, g, new ViewBox(0, 0, (float) (page.width() * camera.scale()), (float)
                (page.height() * camera.scale())));
        g.dispose();
        return image;
    }

    static int[] canvas(Consumer<GraphicsContext> drawing) throws Exception {
        return WaitForAsyncUtils.waitForAsyncFx(20_000, () -> drawn(drawing));
    }

    static int[] drawn(Consumer<GraphicsContext> drawing) {
        Canvas canvas = new Canvas(PIXELS, PIXELS);
        canvas.getGraphicsContext2D().setFill(javafx.scene.paint.Color.WHITE);
        canvas.getGraphicsContext2D().fillRect(0, 0, PIXELS, PIXELS);
        drawing.accept(canvas.getGraphicsContext2D());
        int[] colours = new int[PIXELS * PIXELS];
        canvas.snapshot(null, null)
                .getPixelReader()
                .getPixels(0, 0, PIXELS, PIXELS, PixelFormat.getIntArgbInstance(), colours, 0, PIXELS);
        return colours;
    }
}
