package org.hyphantes.exchange.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.AtomicFile;
import org.hyphantes.exchange.Refusal;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Quoted;

/** Reads and writes designs as project files. The format is described in docs/format.md. */
public final class ProjectFile {
    /** The ending of project files. */
    public static final String ENDING = ".hyphantes";

    private ProjectFile() {}

    public static String text(Design design) {
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter();
        printer.indentObjectsWith(new DefaultIndenter("  ", "\n"));
        printer.indentArraysWith(new DefaultIndenter("  ", "\n"));
        try {
            return Parsed.MAPPER.writer(printer).writeValueAsString(DesignWriter.tree(design, Parsed.MAPPER)) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain values can always be written", e);
        }
    }

    /** @throws IOException if the file could not be written; an older one of the name is then unharmed */
    public static void save(Design design, Path file) throws IOException {
        AtomicFile.write(file, text(SketchPath.told(design, file)));
    }

    /**
     * The design in a text.
     *
     * @throws CannotOpen if it is no sound design; the message names the place
     */
    public static Design read(String text) throws CannotOpen {
        Parsed parsed = Parsed.of(text);
        if (parsed.broken().isPresent()) {
            throw new CannotOpen(
                    parsed.broken().get(), DesignReader.rescue(parsed.tree()).orElse(null), null);
        }
        try {
            return DesignReader.design(parsed.tree());
        } catch (CannotOpen e) {
            throw new CannotOpen(
                    e.getMessage(), DesignReader.rescue(parsed.tree()).orElse(null), e);
        }
    }

    /**
     * The design in a file.
     *
     * @throws CannotOpen if it cannot be read or is no sound design; the message names the file and the place in it
     */
    public static Design open(Path file) throws CannotOpen {
        String name = Quoted.of(String.valueOf(file.getFileName()));
        try {
            return SketchPath.found(read(text(file)), file);
        } catch (NoSuchFileException e) {
            throw new CannotOpen(name + " is not there (any more).", e);
        } catch (AccessDeniedException e) {
            throw new CannotOpen(name + " may not be read; ask its owner for the right to.", e);
        } catch (CharacterCodingException e) {
            throw new CannotOpen(name + " is not a text file, so it is no Hyphantes design.", e);
        } catch (IOException e) {
            throw new CannotOpen(name + " cannot be read: " + Refusal.words(e), e);
        } catch (CannotOpen e) {
            throw new CannotOpen(
                    name + ": " + e.getMessage(),
                    e.rescue()
                            .map(r -> new Rescue(SketchPath.found(r.design(), file), r.extent()))
                            .orElse(null),
                    e);
        }
    }

    /** The text of a file, no more of it than a design may be long: a device or a pipe need not end. */
    private static String text(Path file) throws IOException, CannotOpen {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new CannotOpen(Quoted.of(String.valueOf(file.getFileName())) + " is no file but a "
                    + (Files.isDirectory(file) ? "folder." : "device."));
        }
        byte[] bytes;
        try (InputStream in = Files.newInputStream(file)) {
            bytes = in.readNBytes(Limits.FILE_BYTES + 1);
        }
        if (bytes.length > Limits.FILE_BYTES) {
            throw new CannotOpen(Quoted.of(String.valueOf(file.getFileName()))
                    + " is larger than a design can be: up to " + (Limits.FILE_BYTES >> 20) + " MB.");
        }
        return StandardCharsets.UTF_8
                .newDecoder()
                .decode(ByteBuffer.wrap(bytes))
                .toString();
    }
}
