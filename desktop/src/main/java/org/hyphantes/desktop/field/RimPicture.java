package org.hyphantes.desktop.field;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.treatment.Spokes;
import org.hyphantes.treatment.Turn;

/** How the rim is drawn: graduated, with a long stroke for each turn, its tongues, and the double bar of the mirrors. */
final class RimPicture {
    private final GraphicsContext gc;
    private final Palette palette;
    private final TurnActs turns;

    RimPicture(GraphicsContext gc, Palette palette, TurnActs turns) {
        this.gc = gc;
        this.palette = palette;
        this.turns = turns;
    }

    /** The bearing of the double bar between the tongues, a little on from the number. */
    static double barBearing(TurnActs turns) {
        Turn turn = turns.turn();
        return turns.step().isPresent() && turn.count() > 1
                ? turn.start().value() + turn.step() * (turn.count() > 20 ? 1.6 : 0.75)
                : turn.start().value() + 12;
    }

    /** Draws the rim, with the tongue that is pulled; -1 for none. */
    void draw(RimShape rim, int pulled, boolean focused) {
        gc.setLineDashes();
        gc.setStroke(palette.surface());
        gc.setLineWidth(RimShape.BAND);
        ring(rim, rim.outer() - RimShape.BAND / 2);
        gc.setStroke(palette.edge());
        gc.setLineWidth(1);
        ring(rim, rim.outer());
        ring(rim, rim.inner());
        boolean turned = turns.step().isPresent();
        Turn turn = turns.turn();
        for (int tick = 0; tick < 72; tick++) {
            double length = tick % 9 == 0 && !turned ? 14 : tick % 2 == 0 ? 7 : 4;
            tick(rim, tick * 5, length);
        }
        gc.setStroke(palette.ink());
        gc.setLineWidth(2);
        for (int k = 0; turned && k < turn.count() && turn.count() <= 180; k++) {
            tick(rim, turn.start().value() + k * turn.step(), 16);
        }
        gc.setFont(Typefaces.title(14));
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.setFill(palette.verdigris());
        if (turned && turn.count() > 1) {
            double middle = turn.start().value() + turn.step() / 2;
            gc.fillText(
                    String.valueOf(turn.count()), rim.xAt(middle, rim.outer() - 11), rim.yAt(middle, rim.outer() - 11));
        }
        for (int tongue = turned ? 1 : 0; tongue >= 0; tongue--) {
            tongue(rim, turns.bearing(tongue), focused || pulled == tongue);
        }
        bar(rim);
    }

    private void ring(RimShape rim, double radius) {
        gc.strokeOval(rim.x() - radius, rim.y() - radius, 2 * radius, 2 * radius);
    }

    private void tick(RimShape rim, double bearing, double length) {
        gc.strokeLine(
                rim.xAt(bearing, rim.inner()),
                rim.yAt(bearing, rim.inner()),
                rim.xAt(bearing, rim.inner() + length),
                rim.yAt(bearing, rim.inner() + length));
    }

    private void tongue(RimShape rim, double bearing, boolean held) {
        gc.save();
        gc.translate(rim.xAt(bearing, rim.outer()), rim.yAt(bearing, rim.outer()));
        gc.rotate(bearing);
        double[] xs = {-9, 9, 9, 0, -9};
        double[] ys = {-9, -9, 6, 19, 6};
        gc.setFill(palette.verdigris());
        gc.fillPolygon(xs, ys, 5);
        if (held) {
            gc.setStroke(palette.paper());
            gc.setLineWidth(2);
            gc.strokePolygon(xs, ys, 5);
            gc.setStroke(palette.ink());
            gc.strokePolygon(new double[] {-11, 11, 11, 0, -11}, new double[] {-11, -11, 7, 22, 7}, 5);
        }
        gc.restore();
    }

    /** Two bars along the rim: both hollow without mirrors; one or the other full when they stand on or between the spokes. */
    private void bar(RimShape rim) {
        double bearing = barBearing(turns);
        gc.save();
        gc.translate(
                rim.xAt(bearing, rim.outer() - RimShape.BAND / 2), rim.yAt(bearing, rim.outer() - RimShape.BAND / 2));
        gc.rotate(bearing);
        gc.setLineWidth(1.6);
        gc.setStroke(palette.verdigris());
        gc.setFill(palette.verdigris());
        for (int side = -1; side <= 1; side += 2) {
            boolean onSpokes = side < 0;
            boolean full = turns.mirror()
                    .filter(m -> (m.spokes() == Spokes.ON) == onSpokes)
                    .isPresent();
            if (full) {
                gc.fillRect(side * 4 - 2.5, -7, 5, 14);
            } else {
                gc.strokeRect(side * 4 - 2, -6.5, 4, 13);
            }
        }
        gc.restore();
    }
}
