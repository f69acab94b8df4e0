package org.hyphantes.exchange.raster;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Dashes;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patch;
import org.hyphantes.paint.Patched;
import org.hyphantes.paint.Ramp;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Output;

/** Draws the marks of a scene into a raster in memory, which needs no interface thread. */
public final class RasterOutput implements Output {
    /** Areas, or lines, that are traced as one path: a path of many thousands takes longer than so many of a hundred. */
    private static final int TOGETHER = 100;

    private final Graphics2D graphics;
    private final Affine pixels;
    private final double scale;
    /** The clips before the present one, the outermost first; null for none. */
    private final List<Shape> clips = new ArrayList<>();

    /**
     * @param pixels what lays the drawing (mm) on the pixels
     * @param scale pixels to a millimetre
     */
    public RasterOutput(Graphics2D graphics, Affine pixels, double scale) {
        this.graphics = graphics;
        this.pixels = pixels;
        this.scale = scale;
    }

    private static Color colour(Colour colour) {
        return Color.decode(colour.hex());
    }

    /** A fill as Java 2D has it; the last of several stops at one place counts, for it takes no two. */
    private java.awt.Paint paint(Fill fill, Affine map) {
        if (!(fill instanceof Ramp ramp)
                || ramp.from().distance(ramp.to()) < 1e-12
                || ramp.stops().size() < 2) {
            return colour(fill.colour());
        }
        Ramp laid = ramp.map(pixels.after(map));
        TreeMap<Float, Color> stops = new TreeMap<>();
        laid.stops().forEach(s -> stops.put((float) s.at(), colour(s.colour())));
        float[] at = new float[stops.size()];
        Color[] colours = new Color[stops.size()];
        int i = 0;
        for (Map.Entry<Float, Color> stop : stops.entrySet()) {
            at[i] = stop.getKey();
            colours[i++] = stop.getValue();
        }
        Point2D from = new Point2D.Double(laid.from().x(), laid.from().y());
        return laid.way() == Gradient.Way.LINEAR
                ? new LinearGradientPaint(
                        from, new Point2D.Double(laid.to().x(), laid.to().y()), at, colours)
                : new RadialGradientPaint(from, (float) laid.from().distance(laid.to()), at, colours);
    }

    private Path2D traced(Affine map, Consumer<PathTracer> tracing) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        tracing.accept(new PathTracer(Pen.on(path), pixels.after(map)));
        return path;
    }

    /** Areas as one path; where several overlap it has no hole. */
    private Path2D together(List<Mark.Area> areas, Affine map) {
        if (areas.size() == 1) {
            return traced(map, t -> t.trace(areas.get(0).region()));
        }
        List<Region> regions = areas.stream().map(Mark.Area::region).toList();
        Path2D path = traced(map, t -> Region.alike(regions).forEach(t::trace));
        path.setWindingRule(Path2D.WIND_NON_ZERO);
        return path;
    }

    private static <T> void by(List<T> all, Consumer<List<T>> some) {
        for (int i = 0; i < all.size(); i += TOGETHER) {
            Watch.ask();
            some.accept(all.subList(i, Math.min(all.size(), i + TOGETHER)));
        }
    }

    @Override
    public void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map) {
        paint.fill().ifPresent(fill -> fill(areas, fill, map));
        double weight = paint.weight() * scale;
        if (paint.line().isEmpty() || weight <= 0) {
            return;
        }
        graphics.setColor(colour(paint.line().get()));
        int cap = paint.dashes().round() ? BasicStroke.CAP_ROUND : BasicStroke.CAP_BUTT;
        graphics.setStroke(stroke(weight, cap, BasicStroke.JOIN_MITER, paint.dashes()));
        by(
                areas,
                some -> graphics.draw(traced(
                        map,
                        t -> some.forEach(a -> {
                            if (whole) {
                                t.trace(a.region());
                            } else {
                                a.sides().forEach(t::trace);
                            }
                        }))));
    }

    /** Areas filled; one that is laid in patches is alone. */
    private void fill(List<Mark.Area> areas, Fill fill, Affine map) {
        if (fill instanceof Blended blended) {
            Mixing.of(
                    graphics,
                    blended,
                    pixels(areas, map),
                    layer -> new RasterOutput(layer, pixels, scale).fill(areas, blended.inner(), map));
        } else if (fill instanceof Patched patched) {
            for (List<Patch> alike : patched.alike()) {
                Watch.ask();
                graphics.setPaint(paint(alike.get(0).fill(), map));
                graphics.fill(traced(map, t -> alike.forEach(p -> t.trace(p.region()))));
            }
        } else {
            graphics.setPaint(paint(fill, map));
            by(areas, some -> graphics.fill(together(some, map)));
        }
    }

    private Box pixels(List<Mark.Area> areas, Affine map) {
        return Box.round(areas.stream().map(Mark.Area::box).toList()).map(pixels.after(map));
    }

    private BasicStroke stroke(double weight, int cap, int join, Dashes dashes) {
        return dashes.isDashed()
                ? new BasicStroke(
                        (float) weight,
                        cap,
                        join,
                        10,
                        new float[] {(float) Math.max(1e-3, dashes.length() * scale), (float) (dashes.gap() * scale)},
                        0)
                : new BasicStroke((float) weight, cap, join);
    }

    @Override
    public void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map) {
        paint.line().ifPresent(line -> {
            graphics.setColor(colour(line));
            Dashes dashes = paint.dashes();
            int cap = dashes.isDashed() && !dashes.round() ? BasicStroke.CAP_BUTT : BasicStroke.CAP_ROUND;
            graphics.setStroke(stroke(paint.weight() * scale, cap, BasicStroke.JOIN_ROUND, dashes));
            by(strokes, some -> graphics.draw(traced(map, t -> some.forEach(s -> t.trace(s.path())))));
        });
    }

    @Override
    public void shade(Mark.Shade shade, Colour ink, Affine map) {
        Affine all = pixels.after(map);
        Color dark = colour(ink);
        int opacity = (int) Math.round(255 * shade.opacity());
        graphics.setPaint(new GradientPaint(
                (float) all.of(shade.from()).x(),
                (float) all.of(shade.from()).y(),
                new Color(dark.getRed(), dark.getGreen(), dark.getBlue(), opacity),
                (float) all.of(shade.to()).x(),
                (float) all.of(shade.to()).y(),
                new Color(dark.getRed(), dark.getGreen(), dark.getBlue(), 0)));
        graphics.fill(traced(map, t -> t.trace(shade.region())));
    }

    @Override
    public void clip(Region within, Affine map) {
        clips.add(graphics.getClip());
        graphics.clip(traced(map, t -> t.trace(within)));
    }

    @Override
    public void unclip() {
        graphics.setClip(clips.remove(clips.size() - 1));
    }
}
