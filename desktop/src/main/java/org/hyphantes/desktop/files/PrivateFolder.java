package org.hyphantes.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;

/** Folders that only their owner may look into: work kept aside, what is remembered, the log. */
public final class PrivateFolder {
    private PrivateFolder() {}

    /** The folder for a user's state: {@code XDG_STATE_HOME} (XDG Base Directory Specification), or its default. */
    public static Path usual() {
        String state = System.getenv("XDG_STATE_HOME");
        Path base = state == null || !state.startsWith("/")
                ? Path.of(System.getProperty("user.home"), ".local", "state")
                : Path.of(state);
        return base.resolve("hyphantes");
    }

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
