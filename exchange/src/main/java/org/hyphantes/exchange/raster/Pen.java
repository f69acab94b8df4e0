package org.hyphantes.exchange.raster;

import java.awt.geom.Path2D;

/** What a path is traced with, in pixels. */
public interface Pen {
    void move(double x, double y);

    void line(double x, double y);

    void cubic(double ax, double ay, double bx, double by, double x, double y);

    void close();

    /** Traces into a path of Java 2D. */
    static Pen on(Path2D path) {
        return new Pen() {
            @Override
            public void move(double x, double y) {
                path.moveTo(x, y);
            }

            @Override
            public void line(double x, double y) {
                path.lineTo(x, y);
            }

            @Override
            public void cubic(double ax, double ay, double bx, double by, double x, double y) {
                path.curveTo(ax, ay, bx, by, x, y);
            }

            @Override
            public void close() {
                path.closePath();
            }
        };
    }
}
