package org.hyphantes.desktop.desk;

import java.util.Optional;
import org.hyphantes.design.Subject;
import org.hyphantes.geometry.Point;
import org.hyphantes.weave.Reach;

/**
 * How the design is looked at; nothing of it is in the design or its file.
 *
 * @param stage the picture in the field
 * @param shuttle how many steps of the recipe the field shows
 * @param subject what the sentence is about; empty for the whole
 * @param scale pixels for a millimetre; 0 shows the whole design, however large
 * @param centre the place (mm) in the middle of the field
 * @param reach how far a swap is carried
 */
public record View(
        Stage stage,
        int shuttle,
        Optional<Subject> subject,
        double scale,
        Point centre,
        Reach reach,
        boolean dark,
        boolean textures,
        boolean folded) {
    public static final View STARTING =
            new View(Stage.WEAVE, 0, Optional.empty(), 0, Point.ORIGIN, Reach.EVERY_TURN, false, true, false);

    public View withStage(Stage other, int shuttleThere) {
        return new View(other, shuttleThere, subject, scale, centre, reach, dark, textures, folded);
    }

    public View withShuttle(int steps) {
        return new View(stage, steps, subject, scale, centre, reach, dark, textures, folded);
    }

    public View about(Subject other) {
        return new View(stage, shuttle, Optional.ofNullable(other), scale, centre, reach, dark, textures, folded);
    }

    public View seen(double otherScale, Point otherCentre) {
        return new View(stage, shuttle, subject, otherScale, otherCentre, reach, dark, textures, folded);
    }

    public View reaching(Reach other) {
        return new View(stage, shuttle, subject, scale, centre, other, dark, textures, folded);
    }

    public View inTheDark(boolean other) {
        return new View(stage, shuttle, subject, scale, centre, reach, other, textures, folded);
    }

    public View textured(boolean other) {
        return new View(stage, shuttle, subject, scale, centre, reach, dark, other, folded);
    }

    public View folded(boolean other) {
        return new View(stage, shuttle, subject, scale, centre, reach, dark, textures, other);
    }
}
