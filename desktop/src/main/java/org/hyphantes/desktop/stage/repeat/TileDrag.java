package org.hyphantes.desktop.stage.repeat;

import java.util.List;
import java.util.Optional;
import org.hyphantes.desktop.act.RepeatActs;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Setoff;

/** A drag at a rail of the frame, or at a side or corner of the tile: its size, where it begins, and how it is skewed. */
final class TileDrag {
    private static final double NEAR = 8;

    /** How far the inner edges of the rails stand from the edge of the field, in pixels. */
    private static final double RAILS = 34;

    /** What is taken hold of. */
    private enum Part {
        ORIGIN,
        WIDTH,
        HEIGHT,
        BOTH,
        SKEW
    }

    private final RepeatActs acts;
    private final Part part;
    private final Repeat was;
    private final Point pressed;
    private final double step;

    private TileDrag(RepeatActs acts, Part part, Repeat was, Point pressed, double step) {
        this.acts = acts;
        this.part = part;
        this.was = was;
        this.pressed = pressed;
        this.step = step;
    }

    /** The drag that begins at a place in pixels; none where there is nothing to take hold of. */
    static Optional<TileDrag> at(RepeatActs acts, Path tile, Camera camera, double x, double y, boolean otherWay) {
        Optional<Part> part = part(tile, camera, x, y, otherWay);
        return part.isEmpty() || acts.repeat().isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new TileDrag(acts, part.get(), acts.repeat().get(), camera.place(x, y), step(camera.scale())));
    }

    /** What is seen of a step: sizes go by one, two or five times a power of ten that is at least four pixels. */
    private static double step(double scale) {
        double least = 4 / scale;
        double unit = Math.pow(10, Math.floor(Math.log10(least)));
        for (double figure : new double[] {1, 2, 5}) {
            if (figure * unit >= least * (1 - 1e-9)) {
                return figure * unit;
            }
        }
        return 10 * unit;
    }

    private static Optional<Part> part(Path tile, Camera camera, double x, double y, boolean otherWay) {
        List<Point> grips = TileMarks.grips(tile, camera);
        List<Part> parts = List.of(Part.ORIGIN, Part.WIDTH, Part.HEIGHT, otherWay ? Part.SKEW : Part.BOTH);
        for (int i = grips.size() - 1; i >= 0; i--) {
            if (grips.get(i).distance(new Point(x, y)) <= NEAR) {
                return Optional.of(parts.get(i));
            }
        }
        boolean level = y < RAILS || y > camera.height() - RAILS;
        boolean upright = x < RAILS || x > camera.width() - RAILS;
        if (level && upright) {
            return Optional.of(otherWay ? Part.SKEW : Part.BOTH);
        }
        return level
                ? Optional.of(otherWay ? Part.SKEW : Part.WIDTH)
                : upright ? Optional.of(Part.HEIGHT) : Optional.empty();
    }

    /** Drags it to a place (mm); free of steps with Ctrl. False where the group does not leave it free. */
    boolean to(Point place, boolean free) {
        Cloth cloth = was.cloth();
        Lattice cells = cloth.cells();
        Point by = place.minus(pressed);
        Point parts = cells.parts(by);
        double wide = was.width().value() * (1 + parts.x() / cloth.closes());
        double down = cells.down().map(Point::length).orElse(was.height().value());
        double high = down * (1 + parts.y() / cloth.closesDown());
        if (was.group().cell() == RepeatGroup.Cell.HEXAGONAL) {
            high = was.width().value() * (1 + parts.y() / cloth.closesDown());
        }
        switch (part) {
            case ORIGIN ->
                acts.origin(
                        round(was.right().value() + by.x(), free),
                        round(was.down().value() + by.y(), free));
            case WIDTH -> acts.sized(round(wide, free), -1);
            case HEIGHT -> acts.sized(-1, round(high, free));
            case BOTH -> acts.sized(round(wide, free), round(high, free));
            case SKEW -> {
                double offset = was.laid() == Setoff.BRICK ? was.share().value() : 0;
                double share = offset + by.x() / was.width().value();
                return acts.skewed(free ? share : Math.rint(share * 24) / 24);
            }
        }
        return true;
    }

    private double round(double length, boolean free) {
        return free ? length : Math.rint(length / step) * step;
    }

    /** What it has come to, in words. */
    String words() {
        Repeat now = acts.repeat().orElse(was);
        return switch (part) {
            case ORIGIN ->
                Numerals.shown(now.right().value(), 2) + " right, "
                        + Numerals.shown(now.down().value(), 2) + " down";
            case SKEW ->
                now.group().cell() == RepeatGroup.Cell.OBLIQUE
                        ? "set off by "
                                + Numerals.shown(
                                        now.laid() == Setoff.STRAIGHT
                                                ? 0
                                                : now.share().value(),
                                        3)
                                + " of a cell"
                        : "its group leaves no skew free";
            default -> acts.size(now);
        };
    }
}
