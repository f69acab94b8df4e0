package org.hyphantes.desktop.stage.setout;

import java.util.Optional;
import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Arranging;
import org.hyphantes.desktop.act.Chosen;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;

/**
 * The peg at the upper right of what is selected: dragged, it turns the selection about its middle, with Shift by steps; the other way
 * it scales it.
 */
final class Peg implements Drag {
    private static final double ASIDE = 14;

    private final Desk desk;
    private final Point from;
    private final Point about;
    private double turned;
    private double sized = 1;

    private Peg(Desk desk, Point from, Point about) {
        this.desk = desk;
        this.from = from;
        this.about = about;
    }

    /** Where the peg stands: a little outside the box round what is selected; none without that. */
    static Optional<Point> place(Desk desk, Glass glass) {
        if (desk.view().chosen().isEmpty()) {
            return Optional.empty();
        }
        Box box = Arranging.box(desk.design(), desk.root().id(), desk.view().chosen());
        double aside = ASIDE / glass.camera().scale();
        return Optional.of(new Point(box.right() + aside, box.top() - aside));
    }

    /** The peg taken hold of at a place, if it stands there. */
    static Optional<Peg> grasped(Desk desk, Glass glass, Point place) {
        return place(desk, glass)
                .filter(p ->
                        p.distance(place) <= KnownCatch.CATCH / glass.camera().scale())
                .map(p -> new Peg(desk, p, new Chosen(desk).middle()));
    }

    /** Where it stands while it is dragged. */
    Point place() {
        return Affine.turn(turned, about).after(Affine.scale(sized, about)).of(from);
    }

    @Override
    public void to(MouseEvent event, Point place) {
        Point was = from.minus(about);
        Point now = place.minus(about);
        if (was.length() < 1e-9 || now.length() < 1e-9) {
            return;
        }
        Affine change;
        String words;
        if (Glass.isOtherWay(event)) {
            double wanted = event.isControlDown()
                    ? now.length() / was.length()
                    : Math.max(0.05, Math.rint(20 * now.length() / was.length()) / 20);
            change = Affine.scale(wanted / sized, about);
            sized = wanted;
            words = "Scaled by " + Numerals.shown(sized, 3) + ".";
        } else {
            // The short way round.
            double turn = Math.IEEEremainder(Angle.bearing(now) - Angle.bearing(was), 360);
            double step = event.isShiftDown() ? 15 : event.isControlDown() ? 0.1 : 1;
            double wanted = step * Math.rint(turn / step);
            change = Affine.turn(wanted - turned, about);
            turned = wanted;
            words = "Rotated by " + Numerals.degrees(turned) + ".";
        }
        desk.drag(Arranging.carry(desk.root().id(), desk.view().chosen(), change, words));
        desk.say(words);
    }

    @Override
    public boolean done(boolean moved) {
        desk.dropped();
        return false;
    }
}
