package org.hyphantes.desktop.picture;

import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/** How the page is laid on a picture: the pixels of the picture, the place (mm) in its middle, the pixels for a millimetre. */
public record Camera(double width, double height, Point centre, double scale) {
    /** The camera that shows a box whole with a margin, centred on the box. */
    public static Camera whole(Box box, double width, double height, double margin) {
        double room = Math.min(
                (width - 2 * margin) / Math.max(box.width(), 1e-9),
                (height - 2 * margin) / Math.max(box.height(), 1e-9));
        return new Camera(width, height, box.centre(), Math.min(room, 1e5));
    }

    public double x(Point p) {
        return width / 2 + (p.x() - centre.x()) * scale;
    }

    public double y(Point p) {
        return height / 2 + (p.y() - centre.y()) * scale;
    }

    public Point place(double x, double y) {
        return new Point(centre.x() + (x - width / 2) / scale, centre.y() + (y - height / 2) / scale);
    }

    /** The map from the page (mm) to the picture (pixels). */
    public Affine map() {
        return new Affine(scale, 0, 0, scale, width / 2 - centre.x() * scale, height / 2 - centre.y() * scale);
    }

    /** What of the page can be seen. */
    public Box seen() {
        return Box.of(place(0, 0), place(width, height));
    }

    /** Closer by a factor, with the place under a pixel staying there. */
    public Camera closer(double factor, double x, double y) {
        Point under = place(x, y);
        double next = Math.max(1e-4, Math.min(1e5, scale * factor));
        Point middle = new Point(under.x() - (x - width / 2) / next, under.y() - (y - height / 2) / next);
        return new Camera(width, height, middle, next);
    }

    public Camera moved(double dx, double dy) {
        return new Camera(width, height, centre.minus(new Point(dx / scale, dy / scale)), scale);
    }
}
