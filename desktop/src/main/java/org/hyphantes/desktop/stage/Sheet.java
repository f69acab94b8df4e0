package org.hyphantes.desktop.stage;

import javafx.scene.canvas.GraphicsContext;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.picture.Camera;

/** What a hand draws on: a canvas, the camera over it, and the colours of the theme. */
public record Sheet(GraphicsContext gc, Camera camera, Palette palette) {}
