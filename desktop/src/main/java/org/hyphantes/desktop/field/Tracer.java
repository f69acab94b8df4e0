package org.hyphantes.desktop.field;

import javafx.scene.canvas.GraphicsContext;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/**
 * Traces exact paths into a picture's current path. Arcs become cubics here, on the way to the pixels, and nowhere else:
 * one for each quarter turn, which strays less than 3e-4 of the radius.
 */
final class Tracer {
    /** An arc that strays from its chord by fewer pixels than this is drawn as its chord. */
    private static final double FLAT = 0.08;

    private final GraphicsContext gc;
    private final Camera camera;

    Tracer(GraphicsContext gc, Camera camera) {
        this.gc = gc;
        this.camera = camera;
    }

    void trace(Region region) {
        trace(region.outline());
        region.holes().forEach(this::trace);
    }

    void trace(Path path) {
        gc.moveTo(camera.x(path.start()), camera.y(path.start()));
        path.curves().forEach(this::curve);
        if (path.closed()) {
            gc.closePath();
        }
    }

    void curve(Curve curve) {
        if (curve instanceof Arc arc && arc.radius() * camera.scale() * (1 - Math.cos(arc.sweep() / 2)) > FLAT) {
            int parts = (int) Math.ceil(Math.abs(arc.sweep()) / (Math.PI / 2) - 1e-9);
            double handle = 4.0 / 3 * Math.tan(arc.sweep() / parts / 4) * arc.radius() * camera.scale();
            double x0 = camera.x(arc.centre());
            double y0 = camera.y(arc.centre());
            double r = arc.radius() * camera.scale();
            for (int i = 0; i < parts; i++) {
                double a = arc.from() + arc.sweep() * i / parts;
                double b = arc.from() + arc.sweep() * (i + 1) / parts;
                double ca = Math.cos(a);
                double sa = Math.sin(a);
                double cb = Math.cos(b);
                double sb = Math.sin(b);
                gc.bezierCurveTo(
                        x0 + r * ca - handle * sa,
                        y0 + r * sa + handle * ca,
                        x0 + r * cb + handle * sb,
                        y0 + r * sb - handle * cb,
                        x0 + r * cb,
                        y0 + r * sb);
            }
        } else if (curve instanceof Cubic cubic) {
            gc.bezierCurveTo(
                    camera.x(cubic.control1()),
                    camera.y(cubic.control1()),
                    camera.x(cubic.control2()),
                    camera.y(cubic.control2()),
                    camera.x(cubic.end()),
                    camera.y(cubic.end()));
        } else {
            Point end = curve.end();
            gc.lineTo(camera.x(end), camera.y(end));
        }
    }
}
