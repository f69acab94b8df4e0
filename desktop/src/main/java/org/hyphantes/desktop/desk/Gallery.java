package org.hyphantes.desktop.desk;

import java.util.Optional;
import org.hyphantes.design.Group;
import org.hyphantes.treatment.Phase;

/** What the desk asks of the stages, by their ids; the stages know the desk, so it knows them only by this. */
public interface Gallery {
    /** The id of the stage in which figures are laid. */
    String SET_OUT = "set-out";

    /** The view with a stage brought into the field. */
    View opened(View view, Group root, String stage);

    /** The id of the stage in which what a step of a phase makes is seen; empty when none shows it. */
    Optional<String> showing(Phase phase, Group root);

    /** A gallery without stages. */
    static Gallery bare() {
        return new Gallery() {
            @Override
            public View opened(View view, Group root, String stage) {
                return view.withStage(stage);
            }

            @Override
            public Optional<String> showing(Phase phase, Group root) {
                return Optional.empty();
            }
        };
    }
}
