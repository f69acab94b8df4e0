package org.hyphantes.desktop.picture;

import javafx.scene.canvas.GraphicsContext;
import org.hyphantes.exchange.raster.PathTracer;
import org.hyphantes.exchange.raster.Pen;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/** Traces exact paths, as a camera sees them, into the current path of a canvas. */
public final class Tracer {
    private final PathTracer tracer;

    public Tracer(GraphicsContext gc, Camera camera) {
        this(gc, camera, Affine.IDENTITY);
    }

    /** @param laid what lays the paths in their place (mm) */
    public Tracer(GraphicsContext gc, Camera camera, Affine laid) {
        this.tracer = new PathTracer(new CanvasPen(gc), camera.map().after(laid));
    }

    public void trace(Region region) {
        tracer.trace(region);
    }

    public void trace(Path path) {
        tracer.trace(path);
    }

    private record CanvasPen(GraphicsContext gc) implements Pen {
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
    }
}
