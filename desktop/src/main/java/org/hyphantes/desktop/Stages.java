package org.hyphantes.desktop;

import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Group;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.desktop.stage.handover.HandOver;
import org.hyphantes.desktop.stage.pieces.PiecesStage;
import org.hyphantes.desktop.stage.repeat.RepeatStage;
import org.hyphantes.desktop.stage.setout.SetOut;
import org.hyphantes.desktop.stage.weave.WeaveStage;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Phase;

/** All stages there are, in the order of their keys, and how one of them is brought into the field. */
public final class Stages implements Gallery {
    public static final List<Stage> EACH =
            List.of(new SetOut(), new WeaveStage(), new PiecesStage(), new RepeatStage(), new HandOver());

    private static Stage of(String id) {
        return EACH.stream().filter(s -> s.id().equals(id)).findFirst().orElse(EACH.get(0));
    }

    @Override
    public View opened(View view, Group root, String id) {
        Stage stage = of(id);
        boolean same = of(view.stage()).hasOwnPlane() == stage.hasOwnPlane();
        View there = same ? view : view.seen(0, Point.ORIGIN);
        return stage.opened(there.withStage(stage.id()), root);
    }

    @Override
    public Optional<String> showing(Phase phase, Group root) {
        return EACH.stream().filter(s -> s.shows(phase, root)).findFirst().map(Stage::id);
    }
}
