package org.hyphantes.desktop.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Scene;

/** Draws a cloth as one tile in memory, which is then laid in all its places, however many there are. */
final class Stamping {
    /** From so many tiles on they are laid, and not drawn one by one. */
    private static final int MANY = 400;

    /** So small a tile (pixels) shows nothing of where it begins. */
    private static final double SMALL = 64;

    /** No larger tile (pixels) is held in memory. */
    private static final double LARGEST = 4_000_000;

    /**
     * The tiles of a scene that is a cloth, and the edge at which they are cut off.
     *
     * @param marks those of one of them
     * @param shifts by which they are laid
     */
    private record Tiled(Optional<Mark.Clip> edge, List<Mark> marks, List<Point> shifts) {}

    private Stamping() {}

    /**
     * Draws a scene so if it is a cloth that gains by it; false when it was not drawn.
     *
     * @param hurried whether few tiles too are laid, on whole pixels
     */
    static boolean draw(Scene scene, Look look, GraphicsContext gc, Camera camera, boolean hurried) {
        Optional<Tiled> tiled = tiled(scene, camera);
        if (tiled.isEmpty()
                || tiled.get().shifts().size() < 2
                || !hurried && tiled.get().shifts().size() < MANY) {
            return false;
        }
        List<Mark> marks = tiled.get().marks();
        Box box = Box.round(marks.stream().map(Mark::box).toList()).grown(scene.heaviest() / 2 + 2 / camera.scale());
        double wide = Math.ceil(box.width() * camera.scale()) + 2;
        double high = Math.ceil(box.height() * camera.scale()) + 2;
        if (wide * high > LARGEST) {
            return false;
        }
        Camera own = new Camera(wide, high, box.centre(), camera.scale());
        BufferedImage stamp = Raster.drawn(new Scene(marks, scene.figures(), box), look, own, 1);
        double left = camera.x(box.centre()) - wide / 2;
        double top = camera.y(box.centre()) - high / 2;
        Image cloth = Raster.image(laid(stamp, tiled.get().shifts(), left, top, hurried, camera));
        gc.save();
        tiled.get().edge().ifPresent(clip -> {
            gc.beginPath();
            new Tracer(gc, camera, Affine.IDENTITY).trace(clip.within());
            gc.clip();
        });
        gc.drawImage(cloth, 0, 0);
        gc.restore();
        return true;
    }

    /** The picture with the tile in all places: in memory, for a canvas takes long over each image that is cut off at an edge. */
    private static BufferedImage laid(
            BufferedImage stamp, List<Point> shifts, double left, double top, boolean whole, Camera camera) {
        int width = (int) Math.max(1, Math.ceil(camera.width()));
        int height = (int) Math.max(1, Math.ceil(camera.height()));
        BufferedImage laid = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = laid.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        for (Point shift : shifts) {
            double x = left + shift.x() * camera.scale();
            double y = top + shift.y() * camera.scale();
            // In a hurry on whole pixels, so that lines stay sharp; else where they belong.
            if (whole) {
                graphics.drawImage(stamp, (int) Math.rint(x), (int) Math.rint(y), null);
            } else {
                graphics.drawImage(stamp, AffineTransform.getTranslateInstance(x, y), null);
            }
        }
        graphics.dispose();
        return laid;
    }

    private static Optional<Tiled> tiled(Scene scene, Camera camera) {
        Optional<Mark.Clip> edge = Optional.empty();
        List<Mark> marks = scene.marks();
        if (marks.size() == 1 && marks.get(0) instanceof Mark.Clip clip) {
            edge = Optional.of(clip);
            marks = clip.marks();
        }
        List<Point> shifts = new ArrayList<>();
        List<Mark> tile = null;
        Box seen = camera.seen();
        for (Mark mark : marks) {
            if (!(mark instanceof Mark.Group group) || group.part() != Mark.Part.TILE) {
                return Optional.empty();
            }
            tile = tile == null ? group.marks() : tile;
            if (group.box().meets(seen)) {
                shifts.add(group.map().of(Point.ORIGIN));
            }
        }
        return tile == null ? Optional.empty() : Optional.of(new Tiled(edge, tile, shifts));
    }
}
