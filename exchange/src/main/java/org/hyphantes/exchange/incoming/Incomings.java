package org.hyphantes.exchange.incoming;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Quoted;

/** All kinds of files that can be brought in. */
public final class Incomings {
    private static final Incoming SVG = new SvgIncoming();

    public static final List<Incoming> EACH = List.of(SVG, new CutterIncoming(), new DesignIncoming());

    private Incomings() {}

    /** The kind that is also pasted as text. */
    public static Incoming svg() {
        return SVG;
    }

    /** The kind of a file, by its ending. */
    public static Optional<Incoming> of(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return EACH.stream()
                .filter(i -> i.endings().stream().anyMatch(name::endsWith))
                .findFirst();
    }

    /** The endings of all kinds, in words. */
    public static String endings() {
        return EACH.stream().flatMap(i -> i.endings().stream()).collect(Collectors.joining(" or "));
    }

    /**
     * What a file holds.
     *
     * @throws IOException if it cannot be read
     * @throws CannotBring if it is of no kind that can be brought in, or too large
     */
    public static Brought read(Path file) throws IOException, CannotBring {
        Incoming kind = of(file).orElseThrow(() -> new CannotBring(Quoted.of(String.valueOf(file.getFileName()))
                + " cannot be brought in: it must end in " + endings() + "."));
        if (!Files.isRegularFile(file)) {
            throw new CannotBring("There is no file " + Quoted.of(String.valueOf(file.getFileName())) + ".");
        }
        if (Files.size(file) > Limits.FILE_BYTES) {
            throw new CannotBring("The file is larger than 32 MB: bring in less of it.");
        }
        return kind.read(Files.readAllBytes(file));
    }
}
