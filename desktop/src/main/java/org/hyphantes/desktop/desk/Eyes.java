package org.hyphantes.desktop.desk;

import org.hyphantes.scene.Sight;

/**
 * How the picture in the field is looked at.
 *
 * @param textures whether strands are told apart by tints and textures
 * @param bare whether edges are left out
 * @param sight how colours are seen
 */
public record Eyes(boolean textures, boolean bare, Sight sight) {
    public static final Eyes STARTING = new Eyes(true, false, Sight.AS_IT_IS);

    public Eyes withTextures(boolean on) {
        return new Eyes(on, bare, sight);
    }

    public Eyes withBare(boolean on) {
        return new Eyes(textures, on, sight);
    }

    /** With a sight, or as it is where it was so before. */
    public Eyes turned(Sight other) {
        return new Eyes(textures, bare, sight == other ? Sight.AS_IT_IS : other);
    }
}
