package org.hyphantes.desktop.desk;

import java.util.Optional;
import org.hyphantes.design.Group;

/** What the desk asks of the stages, by their ids; the stages know the desk, so it knows them only by this. */
public interface Gallery {
    /** The id of the stage in which figures are laid. */
    String SET_OUT = "set-out";

    String title(String stage);

    /** The view with a stage brought into the field; empty for one that this version has not. */
    Optional<View> opened(View view, Group root, String stage);

    /** How many steps of a group's recipe a stage shows while nobody has moved the shuttle. */
    int shuttle(String stage, Group group);

    /** A gallery without stages, which shows all steps. */
    static Gallery bare() {
        return new Gallery() {
            @Override
            public String title(String stage) {
                return stage;
            }

            @Override
            public Optional<View> opened(View view, Group root, String stage) {
                return Optional.of(view.withStage(stage, shuttle(stage, root)));
            }

            @Override
            public int shuttle(String stage, Group group) {
                return group.recipe().size();
            }
        };
    }
}
