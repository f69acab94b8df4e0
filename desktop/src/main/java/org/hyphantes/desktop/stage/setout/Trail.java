package org.hyphantes.desktop.stage.setout;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.MouseEvent;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Freehand;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** A drag that leaves a trail: a box or a lasso that selects, or a line drawn by hand. */
final class Trail implements Drag {
    /** What the trail is for. */
    enum Use {
        BOX,
        LASSO,
        LINE
    }

    private final Bench bench;
    private final Glass glass;
    private final Picking picking;
    private final Use use;
    private final List<Point> places = new ArrayList<>();

    Trail(Bench bench, Glass glass, Picking picking, Use use, Point pressed) {
        this.bench = bench;
        this.glass = glass;
        this.picking = picking;
        this.use = use;
        places.add(pressed);
    }

    List<Point> places() {
        return places;
    }

    boolean isBox() {
        return use == Use.BOX;
    }

    @Override
    public void to(MouseEvent event, Point place) {
        places.add(place);
    }

    @Override
    public boolean done(boolean moved) {
        if (use == Use.LINE) {
            if (places.size() > 2) {
                Path path = Freehand.path(places, 1.5 / glass.camera().scale());
                new FigureActs(bench).add(Drawn.of(List.of(path)));
                bench.desk().say(path.closed() ? "Drawn and closed." : "Drawn; it ends open.");
            }
            return false;
        }
        if (moved) {
            picking.select(new SelectingStroke(places, isBox()));
        }
        return !moved;
    }
}
