package org.hyphantes.desktop.stage.handover;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Timeline;

/** The line along which the moments of a replay lie, below the bed: a tick for each time the tool is lifted, a flag where something is cut too late. */
record TimeLine(double left, double right, double y) {
    private static final double ASIDE = 60;
    private static final double NEAR = 14;

    /** So far (pixels) above the lower edge of the field, clear of the frame's rail. */
    private static final double ABOVE = 40;

    static TimeLine in(double width, double height) {
        return new TimeLine(ASIDE, width - ASIDE, height - ABOVE - Habits.of(26));
    }

    /** Where words stand below it. */
    double words() {
        return y + Habits.of(22);
    }

    boolean isAt(double x, double at) {
        return Math.abs(at - y) <= NEAR && x >= left - NEAR && x <= right + NEAR;
    }

    /** The moment (s) at a pixel. */
    double moment(double x, double total) {
        return Math.max(0, Math.min(total, (x - left) / (right - left) * total));
    }

    private double x(double moment, double total) {
        return left + (total > 0 ? moment / total : 0) * (right - left);
    }

    void draw(GraphicsContext gc, Palette palette, Replay replay, double moment, double rate) {
        Timeline timeline = replay.timeline();
        double total = timeline.total();
        gc.setLineDashes();
        gc.setStroke(palette.edge());
        gc.setLineWidth(1);
        ticks(gc, timeline, total);
        gc.setLineWidth(5);
        gc.setStroke(palette.hairline());
        gc.strokeLine(left, y, right, y);
        gc.setStroke(palette.verdigris());
        gc.strokeLine(left, y, x(moment, total), y);
        gc.setFill(palette.madder());
        for (Fall fall : replay.falls()) {
            if (!fall.late().isEmpty()) {
                double at = x(fall.seconds(), total);
                gc.fillPolygon(new double[] {at, at, at + 9}, new double[] {y - 4, y - 16, y - 10}, 3);
            }
        }
        gc.setFill(palette.ink());
        double at = x(moment, total);
        gc.fillPolygon(new double[] {at - 6, at + 6, at}, new double[] {y - 13, y - 13, y - 2}, 3);
        gc.setFont(Typefaces.label(12));
        gc.setTextAlign(TextAlignment.RIGHT);
        String fast = rate > 1.01 ? ", " + Math.round(rate) + " times as fast" : "";
        gc.fillText(Replay.clock(moment) + " of " + Replay.clock(total) + fast, right, words());
        gc.setTextAlign(TextAlignment.LEFT);
    }

    /** Where the tool is lifted; no closer than can be told apart. */
    private void ticks(GraphicsContext gc, Timeline timeline, double total) {
        double last = -10;
        for (double lowered : timeline.lowered()) {
            double at = x(lowered, total);
            if (at - last >= 3) {
                gc.strokeLine(at, y + 3, at, y + 8);
                last = at;
            }
        }
    }
}
