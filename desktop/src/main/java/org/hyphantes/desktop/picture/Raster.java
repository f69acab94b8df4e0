package org.hyphantes.desktop.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import org.hyphantes.exchange.raster.RasterOutput;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Walk;

/**
 * A scene drawn into memory.
 *
 * @param camera over the picture it was drawn for
 */
record Raster(Scene scene, Look look, Camera camera, Image image) {
    /** Of what a picture wants to show. */
    boolean isOf(Scene other, Look wanted, Camera seen) {
        return scene == other && look.equals(wanted) && camera.equals(seen);
    }

    /**
     * Draws, on any thread.
     *
     * @param dense pixels of the screen for one of the picture
     */
    static Raster of(Scene scene, Look look, Camera camera, double dense) {
        return new Raster(scene, look, camera, image(drawn(scene, look, camera, dense)));
    }

    /** A scene as the platform's own library draws it, in premultiplied pixels. */
    static BufferedImage drawn(Scene scene, Look look, Camera camera, double dense) {
        int width = (int) Math.max(1, Math.ceil(camera.width() * dense));
        int height = (int) Math.max(1, Math.ceil(camera.height() * dense));
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = drawn.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.scale(dense, dense);
        Walk.feed(
                scene,
                look.at(camera.seen(), camera.scale()),
                new RasterOutput(graphics, camera.map(), camera.scale()));
        graphics.dispose();
        return drawn;
    }

    /** The same picture for a canvas; its pixels are not copied. */
    static Image image(BufferedImage drawn) {
        IntBuffer pixels = IntBuffer.wrap(((DataBufferInt) drawn.getRaster().getDataBuffer()).getData());
        PixelBuffer<IntBuffer> buffer =
                new PixelBuffer<>(drawn.getWidth(), drawn.getHeight(), pixels, PixelFormat.getIntArgbPreInstance());
        return new WritableImage(buffer);
    }

    /** Lays it where it is now seen. */
    void lay(GraphicsContext gc, Camera now) {
        Point from = camera.place(0, 0);
        Point to = camera.place(camera.width(), camera.height());
        gc.drawImage(image, now.x(from), now.y(from), now.x(to) - now.x(from), now.y(to) - now.y(from));
    }
}
