package org.hyphantes.exchange.project;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.AtomicFile;

/** Reads and writes designs as project files. The format is described in docs/format.md. */
public final class ProjectFile {
    /** The ending of project files. */
    public static final String ENDING = ".hyphantes";

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private ProjectFile() {}

    public static String text(Design design) {
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter();
        printer.indentObjectsWith(new DefaultIndenter("  ", "\n"));
        printer.indentArraysWith(new DefaultIndenter("  ", "\n"));
        try {
            return MAPPER.writer(printer).writeValueAsString(DesignWriter.tree(design, MAPPER)) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain values can always be written", e);
        }
    }

    /** @throws IOException if the file could not be written; an older one of the name is then unharmed */
    public static void save(Design design, Path file) throws IOException {
        AtomicFile.write(file, text(design));
    }

    /**
     * The design in a text.
     *
     * @throws CannotOpen if it is no sound design; the message names the place
     */
    public static Design read(String text) throws CannotOpen {
        JsonNode tree;
        try {
            tree = MAPPER.readTree(text);
        } catch (JsonProcessingException e) {
            JsonLocation place = e.getLocation();
            throw new CannotOpen(
                    "This file breaks off or is damaged at line " + place.getLineNr() + ", column "
                            + place.getColumnNr() + ": " + e.getOriginalMessage(),
                    e);
        }
        return DesignReader.design(tree);
    }

    /**
     * The design in a file.
     *
     * @throws CannotOpen if it cannot be read or is no sound design; the message names the file and the place in it
     */
    public static Design open(Path file) throws CannotOpen {
        try {
            return read(Files.readString(file));
        } catch (NoSuchFileException e) {
            throw new CannotOpen(file + " is not there (any more).", e);
        } catch (MalformedInputException e) {
            throw new CannotOpen(file.getFileName() + " is not a text file, so it is no Hyphantes design.", e);
        } catch (IOException e) {
            throw new CannotOpen(file + " cannot be read: " + e.getMessage(), e);
        } catch (CannotOpen e) {
            throw new CannotOpen(file.getFileName() + ": " + e.getMessage(), e);
        }
    }
}
