package org.hyphantes.desktop.stage;

import javafx.scene.canvas.GraphicsContext;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Painter;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;

/**
 * What a hand draws on: a canvas, the camera over it, the colours of the theme, what draws scenes there, one over another,
 * and whether that is in a hurry, since something is dragged.
 */
public record Sheet(
        GraphicsContext gc, Camera camera, Palette palette, Painter painter, Painter under, boolean hurried) {
    /** In the theme that is seen, hurried while something is dragged. */
    public static Sheet on(GraphicsContext gc, Camera camera, Desk desk, Painter painter, Painter under) {
        Palette palette = Palette.of(desk.view().dark());
        return new Sheet(
                gc, camera, palette, painter, under, desk.draggingProperty().get());
    }

    public void draw(Scene scene, Look look) {
        painter.draw(scene, look.hurried(hurried), gc, camera);
    }

    /** Draws what a hand lays its scene over. */
    public void drawUnder(Scene scene, Look look) {
        under.draw(scene, look.hurried(hurried), gc, camera);
    }
}
