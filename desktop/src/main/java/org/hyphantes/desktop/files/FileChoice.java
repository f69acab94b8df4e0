package org.hyphantes.desktop.files;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.hyphantes.exchange.format.Format;

/** Asks a person for a file. The application asks through the system's choosers; tests answer for themselves. */
public interface FileChoice {
    Optional<Path> toOpen();

    /** A picture to lay under the design. */
    Optional<Path> toTrace();

    /** A drawing of others to bring in, with one of some endings. */
    default Optional<Path> toBring(List<String> endings) {
        return toTrace();
    }

    /** A file to hand over, in one of some formats, by its ending; the first where it has none. */
    default Optional<Path> toWrite(String title, String suggestedName, List<Format> formats) {
        return toWrite(title, suggestedName, formats.get(0).ending());
    }

    /** @param ending the ending, with its dot, that the file should have */
    Optional<Path> toWrite(String title, String suggestedName, String ending);
}
