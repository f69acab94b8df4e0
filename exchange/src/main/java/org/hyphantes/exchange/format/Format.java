package org.hyphantes.exchange.format;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Set;
import org.hyphantes.exchange.AtomicFile;

/** A format to hand a design over in. A new one is a folder with an {@code Output} and one of these, and its line in {@link Formats#EACH}. */
public interface Format {
    /** The ending of its files, with the dot, in small letters. */
    String ending();

    /** What it is called. */
    String title();

    /** What of a scene it can carry; all else is left out or approximated. */
    Set<Carries> carries();

    /**
     * A file in memory.
     *
     * @throws CannotHandOver if this format cannot carry what goes out
     */
    byte[] bytes(Handout handout) throws IOException, CannotHandOver;

    /**
     * Writes what goes out into a file.
     *
     * @throws IOException if it could not be written; an older file of the name is then unharmed
     * @throws CannotHandOver if this format cannot carry it
     */
    default void write(Handout handout, Path file) throws IOException, CannotHandOver {
        AtomicFile.write(file, bytes(handout));
    }
}
