package org.hyphantes.exchange;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes a file whole or not at all: beside it first, forced to the disc, then moved into its place. */
public final class AtomicFile {
    private AtomicFile() {}

    /** @throws IOException if it could not be written; what was there before is then still there, unharmed */
    public static void write(Path file, String text) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        Path beside = Files.createTempFile(folder, "." + file.getFileName(), ".part");
        try {
            Files.writeString(beside, text, StandardCharsets.UTF_8);
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            try {
                Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } catch (AtomicMoveNotSupportedException e) {
                Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
            }
        } finally {
            Files.deleteIfExists(beside);
        }
    }
}
