package org.hyphantes.desktop.files;

import java.nio.file.Path;
import java.util.Optional;

/** Asks a person for a file. The application asks through the system's choosers; tests answer for themselves. */
public interface FileChoice {
    Optional<Path> toOpen();

    /** A picture to lay under the design. */
    Optional<Path> toTrace();

    /** @param ending the ending, with its dot, that the file should have */
    Optional<Path> toWrite(String title, String suggestedName, String ending);
}
