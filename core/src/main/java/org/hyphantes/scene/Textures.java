package org.hyphantes.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;

/** What tells strands apart without colour, along the middle of their bands: nothing, beads, one line, rungs, two lines, slants. */
final class Textures {
    private static final double WEIGHT = 1.2;
    private static final double LEAST_WIDTH = 6;

    private enum Texture {
        PLAIN,
        BEADS,
        ONE_LINE,
        RUNGS,
        TWO_LINES,
        SLANTS
    }

    private final double scale;
    private final List<Mark.Stroke> lines = new ArrayList<>();
    private final List<Mark.Area> dots = new ArrayList<>();

    /** @param scale pixels for a millimetre: textures are as coarse on the screen from far as from near */
    Textures(double scale) {
        this.scale = scale;
    }

    void add(Mark.Area area) {
        area.spine()
                .filter(s -> s.telling() >= 0 && s.width() * scale >= LEAST_WIDTH)
                .ifPresent(spine -> along(spine, area.origin()));
    }

    private void along(Spine spine, Origin origin) {
        Texture texture = Texture.values()[spine.telling() % Texture.values().length];
        if (texture == Texture.PLAIN) {
            return;
        }
        double step =
                (texture == Texture.BEADS ? 8 : texture == Texture.RUNGS || texture == Texture.SLANTS ? 6 : 2) / scale;
        double total = spine.path().length();
        Point before = null;
        for (double at = spine.from() + spine.inset(); at <= spine.to() - spine.inset(); at += step) {
            double position = spine.path().positionAt(at % total);
            Point p = spine.path().at(position);
            Point ahead = spine.path().tangent(position);
            Point aside = ahead.right().times(spine.width() / 2);
            switch (texture) {
                case BEADS -> dot(p, 1.6, origin);
                case ONE_LINE -> before = join(before, p, origin);
                case RUNGS -> line(p.plus(aside), p.minus(aside), origin);
                case TWO_LINES -> {
                    before = join(before, p.minus(aside.times(0.35)), origin);
                    dot(p.plus(aside.times(0.35)), 0.7, origin);
                }
                default -> line(p.plus(aside), p.minus(aside).plus(ahead.times(spine.width() / 2)), origin);
            }
        }
    }

    private Point join(Point before, Point p, Origin origin) {
        if (before != null) {
            line(before, p, origin);
        }
        return p;
    }

    private void line(Point a, Point b, Origin origin) {
        if (a.distance(b) > 0) {
            lines.add(new Mark.Stroke(Path.open(new Line(a, b)), Paint.BARE_LINE, origin));
        }
    }

    private void dot(Point place, double pixels, Origin origin) {
        Region disc = Region.of(Path.closed(Arc.circle(place, pixels / scale, 0)));
        dots.add(new Mark.Area(disc, Paint.BARE_LINE, origin));
    }

    void feed(Output output, Colour ink) {
        Paint line = Paint.BARE_LINE.lined(ink, WEIGHT / scale);
        Paint dot = new Paint(Optional.of(new Flat(ink)), Optional.empty(), 0, false);
        if (!lines.isEmpty()) {
            output.strokes(lines, line, Affine.IDENTITY);
        }
        if (!dots.isEmpty()) {
            output.areas(dots, dot, true, Affine.IDENTITY);
        }
    }
}
