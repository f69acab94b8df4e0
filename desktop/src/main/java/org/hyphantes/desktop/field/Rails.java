package org.hyphantes.desktop.field;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Unit;

/** The frame round what does not turn: four rails, graduated in the unit of the design from its centre on. */
final class Rails {
    /** How far the frame stands from the edge of the field, and how wide its rails are, in pixels. */
    static final double INSET = 12;

    static final double RAIL = 22;

    /** So many pixels are left between the rails and a design seen whole. */
    static final double ROOM = 12;

    private static final double NUMBERED = 52;

    private final GraphicsContext gc;
    private final Palette palette;
    private final Camera camera;
    private final double width;
    private final double height;

    Rails(GraphicsContext gc, Palette palette, Camera camera) {
        this.gc = gc;
        this.palette = palette;
        this.camera = camera;
        this.width = camera.width();
        this.height = camera.height();
    }

    /** The step (in units) from number to number at so many pixels a unit: 1, 2 or 5 times a power of ten. */
    static double step(double pixels) {
        double least = NUMBERED / pixels;
        double unit = Math.pow(10, Math.floor(Math.log10(least)));
        for (double figure : new double[] {1, 2, 5}) {
            if (figure * unit >= least * (1 - 1e-9)) {
                return figure * unit;
            }
        }
        return 10 * unit;
    }

    void draw(Unit unit) {
        gc.setLineDashes();
        gc.setFill(palette.surface());
        double far = INSET + RAIL;
        gc.fillRect(INSET, INSET, width - 2 * INSET, RAIL);
        gc.fillRect(INSET, height - far, width - 2 * INSET, RAIL);
        gc.fillRect(INSET, INSET, RAIL, height - 2 * INSET);
        gc.fillRect(width - far, INSET, RAIL, height - 2 * INSET);
        gc.setStroke(palette.edge());
        gc.setLineWidth(1);
        gc.strokeRect(INSET + 0.5, INSET + 0.5, width - 2 * INSET - 1, height - 2 * INSET - 1);
        gc.strokeRect(far - 0.5, far - 0.5, width - 2 * far + 1, height - 2 * far + 1);
        gc.setFont(Typefaces.label(11));
        gc.setFill(palette.secondInk());
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        double pixels = camera.scale() * unit.millimetres();
        double step = step(pixels);
        graduate(step, pixels, true);
        graduate(step, pixels, false);
        gc.fillText(unit.symbol(), INSET + RAIL / 2, INSET + RAIL / 2);
    }

    /** One pair of rails: ten strokes from number to number, longer at the half and at the number. */
    private void graduate(double step, double pixels, boolean across) {
        double from = INSET + RAIL;
        double to = (across ? width : height) - INSET - RAIL;
        double zero = across ? camera.x(Point.ORIGIN) : camera.y(Point.ORIGIN);
        long first = (long) Math.ceil((from - zero) / (step / 10 * pixels));
        long last = (long) Math.floor((to - zero) / (step / 10 * pixels));
        for (long i = first; i <= last; i++) {
            double at = zero + i * step / 10 * pixels;
            boolean numbered = i % 10 == 0;
            gc.setStroke(numbered ? palette.ink() : palette.edge());
            stroke(at, numbered ? 7 : i % 5 == 0 ? 5 : 3, across);
            if (numbered) {
                String number = Numerals.shown(Math.abs(i / 10 * step), 3);
                if (across && at > from + 12 && at < to - 12) {
                    gc.fillText(number, at, INSET + 8);
                } else if (!across && at > from + 8 && at < to - 8) {
                    upright(number, INSET + 8, at);
                }
            }
        }
    }

    /** A stroke on each of two rails, from their inner edges outward. */
    private void stroke(double at, double length, boolean across) {
        double near = INSET + RAIL;
        double far = (across ? height : width) - near;
        if (across) {
            gc.strokeLine(at, near - length, at, near);
            gc.strokeLine(at, far, at, far + length);
        } else {
            gc.strokeLine(near - length, at, near, at);
            gc.strokeLine(far, at, far + length, at);
        }
    }

    private void upright(String number, double x, double y) {
        gc.save();
        gc.translate(x, y);
        gc.rotate(-90);
        gc.fillText(number, 0, 0);
        gc.restore();
    }
}
