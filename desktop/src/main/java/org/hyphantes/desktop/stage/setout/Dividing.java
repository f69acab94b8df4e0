package org.hyphantes.desktop.stage.setout;

import javafx.scene.input.MouseEvent;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.geometry.Point;

/** A drag that opens the dividers and lays the noun between their legs. */
final class Dividing implements Drag {
    private final Dividers dividers;
    private final KnownCatch known;
    private final Point pressed;
    private boolean open;

    Dividing(Dividers dividers, KnownCatch known, Point pressed) {
        this.dividers = dividers;
        this.known = known;
        this.pressed = pressed;
    }

    @Override
    public void to(MouseEvent event, Point place) {
        if (!open) {
            // A figure just laid is kept by the next act, and its legs are let go.
            open = true;
            dividers.open(known.or(pressed));
        }
        dividers.spread(known.meant(event, dividers.first()), Glass.isOtherWay(event));
    }

    @Override
    public boolean done(boolean moved) {
        if (open && dividers.form().isPresent()) {
            dividers.lay();
            return false;
        }
        if (open) {
            dividers.close();
        }
        return true;
    }
}
