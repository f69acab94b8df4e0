package org.hyphantes.desktop.picture;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.RadialGradient;
import javafx.scene.paint.Stop;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Dashes;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patch;
import org.hyphantes.paint.Patched;
import org.hyphantes.paint.Ramp;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Output;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Walk;

/** Draws the marks of a scene on a canvas: all of one paint traced as one path, which is what makes a thousand of them cheap to fill by software. */
public final class CanvasOutput implements Output {
    private final GraphicsContext gc;
    private final Camera camera;

    public CanvasOutput(GraphicsContext gc, Camera camera) {
        this.gc = gc;
        this.camera = camera;
    }

    /** Draws what the camera sees of a scene, as a look has it. */
    public static void draw(Scene scene, Look look, GraphicsContext gc, Camera camera) {
        Walk.feed(scene, look.at(camera.seen(), camera.scale()), new CanvasOutput(gc, camera));
    }

    static Color colour(Colour colour) {
        return Color.web(colour.hex());
    }

    @Override
    public void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map) {
        Tracer tracer = new Tracer(gc, camera, map);
        paint.fill().ifPresent(fill -> fill(areas, fill, tracer, map));
        double weight = paint.weight() * camera.scale();
        if (paint.line().isEmpty() || weight <= 0) {
            return;
        }
        gc.beginPath();
        for (Mark.Area area : areas) {
            if (whole) {
                tracer.trace(area.region());
            } else {
                area.sides().forEach(tracer::trace);
            }
        }
        gc.setLineCap(paint.dashes().round() ? StrokeLineCap.ROUND : StrokeLineCap.BUTT);
        gc.setLineJoin(StrokeLineJoin.MITER);
        line(colour(paint.line().get()), weight, paint.dashes());
    }

    /** Areas filled; one that is laid in patches is alone. */
    private void fill(List<Mark.Area> areas, Fill fill, Tracer tracer, Affine map) {
        if (fill instanceof Blended blended) {
            gc.setGlobalAlpha(blended.opacity());
            fill(areas, blended.inner(), tracer, map);
            gc.setGlobalAlpha(1);
        } else if (fill instanceof Patched patched) {
            for (List<Patch> alike : patched.alike()) {
                gc.beginPath();
                alike.forEach(p -> tracer.trace(p.region()));
                fill(paint(alike.get(0).fill(), map), FillRule.EVEN_ODD);
            }
        } else {
            gc.beginPath();
            boolean isOne = areas.size() == 1;
            Region.alike(areas.stream().map(Mark.Area::region).toList()).forEach(tracer::trace);
            // Where areas of one paint overlap they leave no hole.
            fill(paint(fill, map), isOne ? FillRule.EVEN_ODD : FillRule.NON_ZERO);
        }
    }

    @Override
    public void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map) {
        Tracer tracer = new Tracer(gc, camera, map);
        gc.beginPath();
        strokes.forEach(s -> tracer.trace(s.path()));
        gc.setLineCap(paint.dashes().isDashed() && !paint.dashes().round() ? StrokeLineCap.BUTT : StrokeLineCap.ROUND);
        gc.setLineJoin(StrokeLineJoin.ROUND);
        paint.line().ifPresent(colour -> line(colour(colour), paint.weight() * camera.scale(), paint.dashes()));
    }

    @Override
    public void shade(Mark.Shade shade, Colour ink, Affine map) {
        Color dark = colour(ink).deriveColor(0, 1, 1, shade.opacity());
        Point from = map.of(shade.from());
        Point to = map.of(shade.to());
        gc.beginPath();
        new Tracer(gc, camera, map).trace(shade.region());
        gc.setFill(new LinearGradient(
                camera.x(from),
                camera.y(from),
                camera.x(to),
                camera.y(to),
                false,
                CycleMethod.NO_CYCLE,
                new Stop(0, dark),
                new Stop(1, dark.deriveColor(0, 1, 1, 0))));
        gc.setFillRule(FillRule.EVEN_ODD);
        gc.fill();
    }

    @Override
    public void clip(Region within, Affine map) {
        gc.save();
        gc.beginPath();
        new Tracer(gc, camera, map).trace(within);
        gc.setFillRule(FillRule.EVEN_ODD);
        gc.clip();
    }

    @Override
    public void unclip() {
        gc.restore();
    }

    private void fill(javafx.scene.paint.Paint paint, FillRule rule) {
        gc.setFill(paint);
        gc.setFillRule(rule);
        gc.fill();
    }

    private javafx.scene.paint.Paint paint(Fill fill, Affine map) {
        if (!(fill instanceof Ramp ramp)) {
            return colour(fill.colour());
        }
        Point from = map.of(ramp.from());
        Point to = map.of(ramp.to());
        List<Stop> stops = ramp.stops().stream()
                .map(s -> new Stop(s.at(), colour(s.colour())))
                .toList();
        return ramp.way() == Gradient.Way.LINEAR
                ? new LinearGradient(
                        camera.x(from), camera.y(from), camera.x(to), camera.y(to), false, CycleMethod.NO_CYCLE, stops)
                : new RadialGradient(
                        0,
                        0,
                        camera.x(from),
                        camera.y(from),
                        from.distance(to) * camera.scale(),
                        false,
                        CycleMethod.NO_CYCLE,
                        stops);
    }

    private void line(Color colour, double weight, Dashes dashes) {
        gc.setStroke(colour);
        gc.setLineWidth(weight);
        if (dashes.isDashed()) {
            // A dash of no length is drawn by no toolkit alike; a very short one is.
            gc.setLineDashes(Math.max(1e-3, dashes.length() * camera.scale()), dashes.gap() * camera.scale());
        } else {
            gc.setLineDashes();
        }
        gc.stroke();
    }
}
