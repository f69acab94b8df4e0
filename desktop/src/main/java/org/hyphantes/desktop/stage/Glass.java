package org.hyphantes.desktop.stage;

import java.util.Optional;
import javafx.scene.input.MouseEvent;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;

/** What a hand sees of the field and has it do. */
public interface Glass {
    /** So near (pixels) to the pointer a crossing is meant. */
    double GRASP = 14;

    Camera camera();

    /** The camera that sees so much (mm) whole, or what the view is closer to. */
    Camera cameraFor(Optional<Box> whole);

    /** Makes ready to draw what may be seen next, by a camera. */
    void foresee(Scene likely, Look look, Camera seen);

    /** Takes a camera into the view, so that it stays when the design changes. */
    void see(Camera camera);

    /** Has all of the field drawn again. */
    void redraw();

    /** Has the marks over the picture drawn again. */
    void redrawMarks();

    /** Words beside a place, so many pixels aside; none for empty words. */
    void label(String words, Point place, double aside);

    /** Takes the needle to the nearest stop in a direction. */
    void go(Point way);

    /** Whether a press means the other way: with Alt, or whatever key was settled for it, or the right button. */
    static boolean isOtherWay(MouseEvent event) {
        return Habits.otherWay().get().isMeant(event);
    }
}
