package org.hyphantes.desktop.picture;

import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.Optional;
import javafx.scene.image.Image;
import org.hyphantes.exchange.raster.PathTracer;
import org.hyphantes.exchange.raster.Pen;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;

/**
 * A cloth drawn in memory: one of its tiles, laid in all its places.
 *
 * @param whole whether on whole pixels, so that lines stay sharp; else where they belong
 */
record LaidCloth(Tiled cloth, Look look, Camera camera, boolean whole, Image image) {
    /** No larger tile (pixels) is held in memory. */
    private static final double LARGEST = 4_000_000;

    /** Draws it, on any thread; empty where a tile is too large. */
    static Optional<LaidCloth> of(Tiled cloth, Look look, Camera camera, boolean whole) {
        return of(cloth, look, camera, whole, 1);
    }

    /**
     * @param dense pixels of the screen for one of the picture
     */
    static Optional<LaidCloth> of(Tiled cloth, Look look, Camera camera, boolean whole, double dense) {
        Box box = cloth.box(camera.scale());
        double wide = Math.ceil(box.width() * camera.scale()) + 2;
        double high = Math.ceil(box.height() * camera.scale()) + 2;
        if (wide * high * dense * dense > LARGEST) {
            return Optional.empty();
        }
        Camera own = new Camera(wide, high, box.centre(), camera.scale());
        BufferedImage tile = Raster.drawn(new Scene(cloth.marks(), cloth.figures(), box), look, own, dense);
        Point corner = new Point(camera.x(box.centre()) - wide / 2, camera.y(box.centre()) - high / 2);
        BufferedImage laid = laid(tile, corner, cloth, whole, camera, dense);
        cloth.edge()
                .ifPresent(edge ->
                        cutOff(laid, edge, Affine.scale(dense, Point.ORIGIN).after(camera.map())));
        return Optional.of(new LaidCloth(cloth, look, camera, whole, Raster.image(laid)));
    }

    boolean isOf(Tiled other, Look wanted, Camera seen, boolean onWhole) {
        return cloth.isSame(other) && look.equals(wanted) && camera.equals(seen) && whole == onWhole;
    }

    /**
     * In memory, for a canvas takes long over each image that is cut off at an edge.
     *
     * @param corner of the tile where it is drawn (pixels)
     */
    private static BufferedImage laid(
            BufferedImage tile, Point corner, Tiled cloth, boolean whole, Camera camera, double dense) {
        int width = (int) Math.max(1, Math.ceil(camera.width() * dense));
        int height = (int) Math.max(1, Math.ceil(camera.height() * dense));
        BufferedImage laid = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = laid.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        for (Point shift : cloth.shifts()) {
            double x = (corner.x() + shift.x() * camera.scale()) * dense;
            double y = (corner.y() + shift.y() * camera.scale()) * dense;
            if (whole) {
                graphics.drawImage(tile, (int) Math.rint(x), (int) Math.rint(y), null);
            } else {
                graphics.drawImage(tile, AffineTransform.getTranslateInstance(x, y), null);
            }
        }
        graphics.dispose();
        return laid;
    }

    /** Takes away what lies outside of an edge: in memory, for a canvas takes twice as long over a picture that it cuts off itself. */
    private static void cutOff(BufferedImage cloth, Region edge, Affine pixels) {
        Path2D outside = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        outside.append(new Rectangle(cloth.getWidth(), cloth.getHeight()), false);
        new PathTracer(Pen.on(outside), pixels).trace(edge);
        Graphics2D graphics = cloth.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setComposite(AlphaComposite.DstOut);
        graphics.fill(outside);
        graphics.dispose();
    }
}
