package org.hyphantes.desktop.act;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import org.hyphantes.design.Sketch;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/** The sketch of a design, kept as long as its file is the same. */
final class SketchPicture {
    private String file = Sketch.NONE;
    private Image image;

    /** The picture; empty without a sketch, or when its file is gone or no picture. */
    private Optional<Image> image(Sketch sketch) {
        if (!sketch.file().equals(file)) {
            file = sketch.file();
            image = null;
            if (sketch.isPresent() && Files.isRegularFile(Path.of(file))) {
                Image read = new Image(Path.of(file).toUri().toString());
                image = read.isError() ? null : read;
            }
        }
        return Optional.ofNullable(image);
    }

    boolean isMissing(Sketch sketch) {
        return sketch.isPresent() && image(sketch).isEmpty();
    }

    /** Where the picture lies on the page. */
    Optional<Box> box(Sketch sketch) {
        return image(sketch).map(i -> {
            double x = sketch.width().value() / 2;
            double y = x * i.getHeight() / i.getWidth();
            Point m = sketch.middle();
            return new Box(m.x() - x, m.y() - y, m.x() + x, m.y() + y);
        });
    }

    void draw(Sketch sketch, GraphicsContext gc, Camera camera) {
        box(sketch).ifPresent(box -> {
            gc.setGlobalAlpha(sketch.opacity().value());
            gc.drawImage(
                    image,
                    camera.x(new Point(box.left(), 0)),
                    camera.y(new Point(0, box.top())),
                    box.width() * camera.scale(),
                    box.height() * camera.scale());
            gc.setGlobalAlpha(1);
        });
    }

    /** The colour of the picture at a place on the page. */
    Optional<Color> colour(Sketch sketch, Point place) {
        return box(sketch).filter(b -> b.contains(place)).map(b -> {
            int x = (int) ((place.x() - b.left()) / b.width() * image.getWidth());
            int y = (int) ((place.y() - b.top()) / b.height() * image.getHeight());
            return image.getPixelReader()
                    .getColor(Math.min(x, (int) image.getWidth() - 1), Math.min(y, (int) image.getHeight() - 1));
        });
    }
}
