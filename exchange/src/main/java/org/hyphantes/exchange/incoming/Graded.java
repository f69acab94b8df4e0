package org.hyphantes.exchange.incoming;

import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.batik.ext.awt.LinearGradientPaint;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.ext.awt.RadialGradientPaint;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Ramp;
import org.hyphantes.paint.Stop;

/**
 * A gradient of a file as one that is laid over a part from side to side, or from a centre to its border farthest off: the same colours in the same places.
 *
 * @param way along an axis, or from a centre
 * @param axis its bearing (degrees)
 * @param shift how far (mm) its centre lies from the part's own
 * @param stops from 0 to 1, at least two of them
 */
record Graded(Gradient.Way way, double axis, Point shift, List<Stop> stops) {
    /** Nearer together than this share of the way no two stops are told apart. */
    private static final double NEAR = 1e-3;

    /** Numbers of a file are rounded to seven figures. */
    private static final double ROUNDED = 1e-6;

    Graded {
        stops = List.copyOf(stops);
    }

    /**
     * A gradient over a part; none where it does not end in one colour, or is not round.
     *
     * @param map from the file to millimetres
     * @param seen how much of it is seen, from 0 to 1, on white
     */
    static Optional<Graded> of(MultipleGradientPaint paint, Affine map, Path outline, double seen) {
        if (paint.getCycleMethod() != MultipleGradientPaint.NO_CYCLE || paint.getColors().length < 2) {
            return Optional.empty();
        }
        Affine whole = map.after(SvgReading.affine(paint.getTransform()));
        if (Math.abs(whole.determinant()) < 1e-12) {
            return Optional.empty();
        }
        if (paint instanceof LinearGradientPaint linear) {
            Point from = point(linear.getStartPoint());
            return linear(whole, from, point(linear.getEndPoint()).minus(from), outline, paint, seen);
        }
        return paint instanceof RadialGradientPaint radial ? radial(whole, radial, outline, seen) : Optional.empty();
    }

    private static Point point(java.awt.geom.Point2D p) {
        return new Point(p.getX(), p.getY());
    }

    private static Optional<Graded> linear(
            Affine map, Point from, Point along, Path outline, MultipleGradientPaint paint, double seen) {
        // Along lines of one colour nothing changes: the axis is square to those, as they lie once mapped.
        Point level = map.of(new Point(-along.y(), along.x())).minus(map.of(Point.ORIGIN));
        Point ahead = map.of(along).minus(map.of(Point.ORIGIN));
        Point square = new Point(-level.y(), level.x());
        double axis = Angle.bearing(square.dot(ahead) >= 0 ? square : square.times(-1));
        Ramp ramp = laid(Gradient.Way.LINEAR, axis, Point.ORIGIN, outline);
        Affine back = map.inverse();
        double first = back.of(ramp.from()).minus(from).dot(along) / along.dot(along);
        double last = back.of(ramp.to()).minus(from).dot(along) / along.dot(along);
        return stops(paint, first, last, seen).map(s -> new Graded(Gradient.Way.LINEAR, axis, Point.ORIGIN, s));
    }

    private static Optional<Graded> radial(Affine map, RadialGradientPaint paint, Path outline, double seen) {
        Point focus = point(paint.getFocusPoint());
        if (!map.isSimilarity(ROUNDED) || focus.distance(point(paint.getCenterPoint())) > 1e-6 * paint.getRadius()) {
            return Optional.empty();
        }
        Point shift = map.of(focus)
                .minus(laid(Gradient.Way.RADIAL, 0, Point.ORIGIN, outline).from());
        Ramp ramp = laid(Gradient.Way.RADIAL, 0, shift, outline);
        double radius = paint.getRadius() * Math.sqrt(Math.abs(map.determinant()));
        return stops(paint, 0, ramp.from().distance(ramp.to()) / radius, seen)
                .map(s -> new Graded(Gradient.Way.RADIAL, 0, shift, s));
    }

    private static Ramp laid(Gradient.Way way, double axis, Point shift, Path outline) {
        List<Stop> any = List.of(new Stop(0, new Colour("#000000")), new Stop(1, new Colour("#FFFFFF")));
        return (Ramp) new Gradient(way, any, Gradient.Over.EACH_PART, axis, shift)
                .laid(outline, outline.box().centre(), outline.box());
    }

    /** The colours between two places of the way, each of which may lie before its beginning or behind its end. */
    private static Optional<List<Stop>> stops(MultipleGradientPaint paint, double first, double last, double seen) {
        if (!(last - first > 1e-9)) {
            return Optional.empty();
        }
        List<Stop> stops = new ArrayList<>();
        stops.add(new Stop(0, at(paint, first, seen)));
        for (int i = 0; i < paint.getFractions().length; i++) {
            double share = (paint.getFractions()[i] - first) / (last - first);
            double before = stops.get(stops.size() - 1).at();
            if (share > before + NEAR && share < 1 - NEAR) {
                stops.add(new Stop(share, colour(paint.getColors()[i], seen)));
            }
        }
        stops.add(new Stop(1, at(paint, last, seen)));
        return Optional.of(stops);
    }

    private static Colour at(MultipleGradientPaint paint, double share, double seen) {
        float[] fractions = paint.getFractions();
        Color[] colours = paint.getColors();
        int i = 0;
        while (i < fractions.length && fractions[i] <= share) {
            i++;
        }
        if (i == 0 || i == fractions.length) {
            return colour(colours[Math.max(0, i - 1)], seen);
        }
        double between = (share - fractions[i - 1]) / (fractions[i] - fractions[i - 1]);
        return colour(colours[i - 1], seen).towards(colour(colours[i], seen), between);
    }

    private static Colour colour(Color colour, double seen) {
        return SvgReading.onWhite(colour, seen * colour.getAlpha() / 255);
    }
}
