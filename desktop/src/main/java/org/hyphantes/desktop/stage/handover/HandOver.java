package org.hyphantes.desktop.stage.handover;

import javafx.scene.input.KeyCode;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Home;
import org.hyphantes.desktop.stage.Stage;

/** The stage Hand over, which this version can name but not open. */
public final class HandOver implements Stage {
    @Override
    public String id() {
        return "hand-over";
    }

    @Override
    public String title() {
        return "Hand over";
    }

    @Override
    public KeyCode key() {
        return KeyCode.F6;
    }

    @Override
    public Home home() {
        return Home.CLASP;
    }

    @Override
    public boolean isHere() {
        return false;
    }

    @Override
    public Hand hand(Bench bench, Glass glass) {
        return null;
    }

    @Override
    public String why() {
        return "Files for a printer, a cutter and a colleague.";
    }
}
