package org.hyphantes.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** Folders that only their owner may look into: work kept aside, what is remembered, the log. */
public final class PrivateFolder {
    private PrivateFolder() {}

    /**
     * Makes a folder unless it is there, and closes it to others.
     *
     * @throws IOException if that cannot be
     */
    public static void make(Path folder) throws IOException {
        Files.createDirectories(folder);
        PosixFileAttributeView posix = Files.getFileAttributeView(folder, PosixFileAttributeView.class);
        if (posix != null) {
            posix.setPermissions(PosixFilePermissions.fromString("rwx------"));
        }
    }
}
