package org.hyphantes.desktop.stage.pieces;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Home;
import org.hyphantes.desktop.stage.Stage;

/** The stage Pieces, which this version can name but not open. */
public final class Pieces implements Stage {
    @Override
    public String id() {
        return "pieces";
    }

    @Override
    public String title() {
        return "Pieces";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F4;
    }

    @Override
    public Home home() {
        return Home.SOUTH_WEST;
    }

    @Override
    public boolean isHere() {
        return false;
    }

    @Override
    public String emptyCorner() {
        return "An undivided ring. Pieces come in a later version.";
    }

    @Override
    public void drawHint(GraphicsContext gc, double x, double y) {
        gc.strokeOval(x - 26, y - 26, 52, 52);
        gc.strokeOval(x - 15, y - 15, 30, 30);
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return null;
    }

    @Override
    public String why() {
        return "Every enclosed piece by itself, to be filled, joined and dropped.";
    }
}
