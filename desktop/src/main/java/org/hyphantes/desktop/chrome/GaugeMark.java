package org.hyphantes.desktop.chrome;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import org.hyphantes.gauge.State;

/** Draws the mark of a gauge: told apart by shape and size first, by colour second. */
public final class GaugeMark {
    private GaugeMark() {}

    public static Color colour(State state, Palette palette) {
        return switch (state) {
            case WHOLE -> palette.moss();
            case CHIPPED -> palette.ochre();
            case BROKEN -> palette.madder();
            case DOES_NOT_APPLY, RESOLVING -> palette.edge();
        };
    }

    public static void draw(GraphicsContext gc, State state, double x, double y, Palette palette) {
        gc.save();
        gc.setFill(colour(state, palette));
        gc.setStroke(colour(state, palette));
        gc.setLineWidth(2);
        switch (state) {
            case WHOLE -> gc.fillOval(x - 6, y - 6, 12, 12);
            case CHIPPED -> {
                gc.fillArc(x - 8, y - 8, 16, 16, 90 + 24, 360 - 48, ArcType.ROUND);
                gc.fillRect(x - 8, y, 16, 1);
            }
            case BROKEN -> {
                gc.setLineCap(StrokeLineCap.BUTT);
                gc.strokeArc(x - 9, y - 9, 18, 18, 105, 150, ArcType.OPEN);
                gc.strokeArc(x - 9, y - 9, 18, 18, -75, 150, ArcType.OPEN);
                gc.strokeLine(x, y - 5, x, y + 1);
                gc.fillOval(x - 1.3, y + 3, 2.6, 2.6);
            }
            case DOES_NOT_APPLY -> {
                gc.setLineWidth(1.5);
                gc.setLineDashes(3, 3);
                gc.strokeOval(x - 8, y - 8, 16, 16);
            }
            case RESOLVING -> gc.strokeArc(x - 8, y - 8, 16, 16, 60, 270, ArcType.OPEN);
        }
        gc.restore();
    }
}
