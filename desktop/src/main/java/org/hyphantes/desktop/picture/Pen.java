package org.hyphantes.desktop.picture;

import java.awt.geom.Path2D;
import javafx.scene.canvas.GraphicsContext;

/** What a path is traced with, in pixels. */
interface Pen {
    void move(double x, double y);

    void line(double x, double y);

    void cubic(double ax, double ay, double bx, double by, double x, double y);

    void close();

    /** Traces into a canvas's current path. */
    static Pen on(GraphicsContext gc) {
        return new Pen() {
            @Override
            public void move(double x, double y) {
                gc.moveTo(x, y);
            }

            @Override
            public void line(double x, double y) {
                gc.lineTo(x, y);
            }

            @Override
            public void cubic(double ax, double ay, double bx, double by, double x, double y) {
                gc.bezierCurveTo(ax, ay, bx, by, x, y);
            }

            @Override
            public void close() {
                gc.closePath();
            }
        };
    }

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
