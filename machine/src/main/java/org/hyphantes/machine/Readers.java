package org.hyphantes.machine;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What the machine can read, by the ending of a file. */
public final class Readers {
    /** Reads a file of one kind. */
    public interface Reader {
        /** The ending of such files, with the dot. */
        String ending();

        /** Whether places are told on a page as large as what is drawn, which is then laid on the bed, and not on the bed itself. */
        default boolean isPage() {
            return false;
        }

        /** @throws CannotRun if it is none, with the line where it goes wrong */
        Program read(String text) throws CannotRun;
    }

    public static final List<Reader> EACH =
            List.of(new DrawingFile(), new PlotterFile(), new MachineCode(), new VectorFile());

    private Readers() {}

    /** What reads files of a name. */
    public static Optional<Reader> of(String file) {
        String name = file.toLowerCase(Locale.ROOT);
        return EACH.stream().filter(r -> name.endsWith(r.ending())).findFirst();
    }
}
