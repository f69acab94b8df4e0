package org.hyphantes.desktop.stage.repeat;

import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Home;
import org.hyphantes.desktop.stage.Stage;

/** The stage Repeat, which this version can name but not open. */
public final class Repeat implements Stage {
    @Override
    public String id() {
        return "repeat";
    }

    @Override
    public String title() {
        return "Repeat";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F5;
    }

    @Override
    public Home home() {
        return Home.SOUTH_EAST;
    }

    @Override
    public boolean isHere() {
        return false;
    }

    @Override
    public String emptyCorner() {
        return "One tile alone. Repeat comes in a later version.";
    }

    @Override
    public void drawHint(GraphicsContext gc, double x, double y) {
        gc.strokeRect(x - 22, y - 22, 44, 44);
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return null;
    }

    @Override
    public String why() {
        return "One tile, repeated without a seam.";
    }
}
