package org.hyphantes.desktop.stage;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Patched;
import org.hyphantes.paint.Ramp;
import org.hyphantes.paint.Stop;
import org.hyphantes.paint.Stops;
import org.hyphantes.paint.Sweep;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Colouring;

/**
 * What a gradient is taken hold of by in the field, while the sentence is about it: a ring at its middle, a square at the end of its
 * axis, and a disc at each well on its way. They lie on the first part that has it; what is dragged there holds for all.
 */
public final class GradientGrips {
    private static final double NEAR = 9;

    /** The radius (pixels) at which the wells of a swept gradient stand. */
    private static final double ROUND = 70;

    private final Desk desk;
    private final Glass glass;
    private Grip held;

    /** The gradient as it lay, and the sentence as it was, when it was taken hold of. */
    private Lying lay;

    private Colouring was;

    public GradientGrips(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
    }

    private enum Part {
        MIDDLE,
        AXIS,
        WELL
    }

    /**
     * What is taken hold of.
     *
     * @param well which of the wells on the way, from 0; 0 for all else
     */
    private record Grip(Part part, int well) {}

    /** A gradient as it lies: where it begins and where it ends. */
    private record Lying(Gradient.Way way, Point from, Point to, List<Stop> stops) {
        Point middle() {
            return way == Gradient.Way.LINEAR ? from.middle(to) : from;
        }

        Point at(double share) {
            if (way == Gradient.Way.SWEPT) {
                Point out = to.minus(from);
                return from.plus(Point.polar(out.length(), Angle.bearing(out) + 360 * share));
            }
            return from.plus(to.minus(from).times(share));
        }

        double share(Point place) {
            Point out = to.minus(from);
            if (way == Gradient.Way.SWEPT) {
                return Angle.turned(Angle.bearing(place.minus(from)) - Angle.bearing(out)) / 360;
            }
            return way == Gradient.Way.LINEAR
                    ? place.minus(from).dot(out) / out.dot(out)
                    : place.distance(from) / out.length();
        }
    }

    private Optional<Subject> subject() {
        return desk.view().subject().filter(s -> s instanceof Subject.OfStep);
    }

    private Optional<Colouring> colouring() {
        return subject()
                .flatMap(s -> s.in(desk.design()))
                .filter(Colouring.class::isInstance)
                .map(Colouring.class::cast);
    }

    private Optional<Lying> lying() {
        if (colouring().filter(Colouring::isLaidGradient).isEmpty() || desk.resolved() == null) {
            return Optional.empty();
        }
        for (Mark mark : desk.resolved().field().scene().flat()) {
            Fill fill = mark instanceof Mark.Area area ? area.paint().fill().orElse(null) : null;
            if (fill instanceof Ramp ramp) {
                return Optional.of(new Lying(ramp.way(), ramp.from(), ramp.to(), ramp.stops()));
            }
            if (fill instanceof Patched patched && patched.sweep().isPresent()) {
                Sweep sweep = patched.sweep().get();
                Point out = Point.polar(ROUND / glass.camera().scale(), sweep.bearing());
                return Optional.of(new Lying(
                        Gradient.Way.SWEPT, sweep.centre(), sweep.centre().plus(out), sweep.stops()));
            }
        }
        return Optional.empty();
    }

    /** Whether there is anything to take hold of. */
    public boolean areThere() {
        return colouring().filter(Colouring::isLaidGradient).isPresent();
    }

    public void draw(Sheet sheet) {
        lying().ifPresent(lying -> draw(sheet, lying));
    }

    private void draw(Sheet sheet, Lying lying) {
        GraphicsContext gc = sheet.gc();
        Camera camera = sheet.camera();
        Palette palette = sheet.palette();
        for (int wide = 4; wide >= 1; wide -= 3) {
            gc.setStroke(wide > 1 ? palette.paper() : palette.verdigris());
            gc.setLineWidth(wide);
            gc.strokeLine(camera.x(lying.from()), camera.y(lying.from()), camera.x(lying.to()), camera.y(lying.to()));
        }
        disc(gc, camera, palette, lying.middle(), palette.paper(), 6);
        disc(gc, camera, palette, lying.middle(), palette.verdigris(), 2.5);
        if (lying.way() != Gradient.Way.RADIAL) {
            double x = camera.x(lying.to());
            double y = camera.y(lying.to());
            gc.setFill(palette.paper());
            gc.fillRect(x - 6, y - 6, 12, 12);
            gc.setFill(palette.verdigris());
            gc.fillRect(x - 4, y - 4, 8, 8);
        }
        Stops stops = new Stops(lying.stops());
        for (double share : colouring().orElseThrow().between()) {
            Color own = Color.web(stops.at(share).hex());
            disc(gc, camera, palette, lying.at(share), palette.ink(), 6);
            disc(gc, camera, palette, lying.at(share), own, 4.5);
        }
        if (held != null) {
            glass.label(words(), lying.middle(), 20);
        }
    }

    private static void disc(
            GraphicsContext gc, Camera camera, Palette palette, Point place, Color colour, double radius) {
        double x = camera.x(place);
        double y = camera.y(place);
        gc.setFill(palette.paper());
        gc.fillOval(x - radius - 1, y - radius - 1, 2 * radius + 2, 2 * radius + 2);
        gc.setFill(colour);
        gc.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
    }

    private String words() {
        Colouring now = colouring().orElseThrow();
        return switch (held.part()) {
            case MIDDLE ->
                Numerals.length(now.shift().x(), desk.design().unit()) + " right, "
                        + Numerals.length(now.shift().y(), desk.design().unit()) + " down";
            case AXIS -> Numerals.degrees(now.axis().value());
            case WELL -> Numerals.shown(100 * now.between().get(held.well()), 1) + " %";
        };
    }

    /** Takes hold of what is at the pointer; false when nothing is. */
    public boolean pressed(MouseEvent event) {
        lay = lying().orElse(null);
        held = lay == null ? null : at(lay, event);
        was = colouring().orElse(null);
        return held != null;
    }

    private Grip at(Lying lying, MouseEvent event) {
        List<Double> between = colouring().orElseThrow().between();
        for (int k = 0; k < between.size(); k++) {
            if (isNear(lying.at(between.get(k)), event)) {
                return new Grip(Part.WELL, k);
            }
        }
        if (lying.way() != Gradient.Way.RADIAL && isNear(lying.to(), event)) {
            return new Grip(Part.AXIS, 0);
        }
        return isNear(lying.middle(), event) ? new Grip(Part.MIDDLE, 0) : null;
    }

    private boolean isNear(Point place, MouseEvent event) {
        Camera camera = glass.camera();
        return Math.hypot(camera.x(place) - event.getX(), camera.y(place) - event.getY()) <= NEAR;
    }

    /** Drags what is held; false when nothing is. */
    public boolean dragged(MouseEvent event) {
        Optional<Subject> subject = subject();
        if (held == null || subject.isEmpty()) {
            return held != null;
        }
        Point place = glass.camera().place(event.getX(), event.getY());
        Colouring changed = changed(was, lay, place);
        desk.drag(new Edit("The gradient is laid otherwise.", d -> subject.get().put(d, changed)));
        glass.redrawMarks();
        return true;
    }

    private Colouring changed(Colouring before, Lying lying, Point place) {
        return switch (held.part()) {
            case MIDDLE -> before.withShift(rounded(before.shift().plus(place.minus(lying.middle()))));
            case AXIS -> {
                double turn = Angle.bearing(place.minus(lying.middle()))
                        - Angle.bearing(lying.to().minus(lying.middle()));
                double axis = Math.rint(Angle.turned(before.axis().value() + turn));
                yield before.with("axis", Amount.of(axis > 180 ? axis - 360 : axis));
            }
            case WELL -> before.withBetween(held.well(), lying.share(place));
        };
    }

    private static Point rounded(Point shift) {
        return new Point(Math.rint(shift.x() * 10) / 10, Math.rint(shift.y() * 10) / 10);
    }

    /** Lets go; false when nothing was held. */
    public boolean released() {
        boolean was = held != null;
        held = null;
        if (was) {
            desk.dropped();
            glass.redrawMarks();
        }
        return was;
    }
}
