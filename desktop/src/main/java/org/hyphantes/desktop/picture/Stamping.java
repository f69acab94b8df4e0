package org.hyphantes.desktop.picture;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;

/** Draws a cloth as one tile in memory, which is then laid in all its places, however many there are. */
final class Stamping {
    /** From so many tiles on they are laid, and not drawn one by one. */
    private static final int MANY = 400;

    private Stamping() {}

    /**
     * Draws a scene so if it is a cloth that gains by it, and tells what it drew.
     *
     * @param hurried whether few tiles too are laid, on whole pixels
     * @param ahead what may have been drawn before
     */
    static Optional<LaidCloth> draw(
            Scene scene, Look look, GraphicsContext gc, Camera camera, boolean hurried, List<LaidCloth> ahead) {
        Optional<Tiled> tiled = Tiled.of(scene, camera.seen());
        if (tiled.isEmpty()
                || tiled.get().shifts().size() < 2
                || !hurried && tiled.get().shifts().size() < MANY) {
            return Optional.empty();
        }
        Tiled cloth = tiled.get();
        Optional<LaidCloth> laid = ahead.stream()
                .filter(l -> l.isOf(cloth, look, camera, hurried))
                .findFirst()
                .or(() -> LaidCloth.of(cloth, look, camera, hurried));
        laid.ifPresent(l -> gc.drawImage(l.image(), 0, 0));
        return laid;
    }
}
