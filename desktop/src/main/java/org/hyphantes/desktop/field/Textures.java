package org.hyphantes.desktop.field;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** Draws what tells strands apart without colour along their courses: nothing, beads, one line, rungs, two lines, slants. */
final class Textures {
    private enum Texture {
        PLAIN,
        BEADS,
        ONE_LINE,
        RUNGS,
        TWO_LINES,
        SLANTS
    }

    private final GraphicsContext gc;
    private final Camera camera;

    Textures(GraphicsContext gc, Camera camera) {
        this.gc = gc;
        this.camera = camera;
    }

    void draw(Weave weave, Course course, int kind, Color ink) {
        Strand strand = weave.strands().get(course.strand());
        double width = strand.width() * camera.scale();
        Texture texture = Texture.values()[Math.floorMod(kind, Texture.values().length)];
        if (texture == Texture.PLAIN
                || strand.band().lines() > 0
                || width < 6
                || !course.region().outline().box().meets(camera.seen())) {
            return;
        }
        Path path = strand.path();
        double total = path.length();
        double from = path.lengthTo(course.from());
        double to = path.lengthTo(course.to());
        boolean whole = course.region().holes().size() == 1;
        if (to <= from && path.closed()) {
            to += total;
        }
        double inset = whole ? 0 : strand.width() * 1.25;
        double step = Math.max(texture == Texture.BEADS ? 8 / camera.scale() : 2 / camera.scale(), 1e-9);
        gc.setStroke(ink);
        gc.setFill(ink);
        gc.setLineWidth(1.2);
        Point before = null;
        for (double at = from + inset;
                at <= to - inset;
                at += texture == Texture.RUNGS || texture == Texture.SLANTS ? 3 * step : step) {
            double position = path.positionAt(at % total);
            Point p = path.at(position);
            Point aside = path.tangent(position).right().times(strand.width() / 2);
            switch (texture) {
                case BEADS -> gc.fillOval(camera.x(p) - 1.6, camera.y(p) - 1.6, 3.2, 3.2);
                case ONE_LINE -> before = join(before, p);
                case RUNGS -> line(p.plus(aside), p.minus(aside));
                case TWO_LINES -> {
                    Point other = p.minus(aside.times(0.35));
                    if (before != null) {
                        line(before, other);
                    }
                    dot(p.plus(aside.times(0.35)));
                    before = other;
                }
                default -> line(
                        p.plus(aside),
                        p.minus(aside).plus(path.tangent(position).times(strand.width() / 2)));
            }
        }
    }

    private Point join(Point before, Point p) {
        if (before != null) {
            line(before, p);
        }
        return p;
    }

    private void line(Point a, Point b) {
        gc.strokeLine(camera.x(a), camera.y(a), camera.x(b), camera.y(b));
    }

    private void dot(Point p) {
        gc.fillOval(camera.x(p) - 0.7, camera.y(p) - 0.7, 1.4, 1.4);
    }
}
