package org.hyphantes.desktop.field;

import javafx.scene.input.KeyCode;
import org.hyphantes.geometry.Point;

/** The arrow keys as directions. */
final class Arrow {
    private Arrow() {}

    /** Where a key points, down the page being positive; the origin for one that is no arrow. */
    static Point way(KeyCode code) {
        return switch (code) {
            case LEFT -> new Point(-1, 0);
            case RIGHT -> new Point(1, 0);
            case UP -> new Point(0, -1);
            case DOWN -> new Point(0, 1);
            default -> Point.ORIGIN;
        };
    }
}
