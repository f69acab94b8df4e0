package org.hyphantes.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.GroupPrincipal;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.util.EnumSet;
import java.util.Set;

/**
 * Writes a file whole or not at all: beside it first, forced to the disc, then moved into its place. A file that was there keeps its
 * rights and its owner; links to it go on leading to it, and what may not be written to is left alone.
 */
public final class AtomicFile {
    private static final Set<PosixFilePermission> WRITING = EnumSet.of(
            PosixFilePermission.OWNER_WRITE, PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);

    private AtomicFile() {}

    /** @throws IOException if it could not be written; what was there before is then still there, unharmed */
    public static void write(Path file, String text) throws IOException {
        write(file, text.getBytes(StandardCharsets.UTF_8));
    }

    public static void write(Path file, byte[] bytes) throws IOException {
        Path target = target(file.toAbsolutePath());
        if (Files.isDirectory(target)) {
            throw new FileSystemException(file.toString(), null, "it is a folder");
        }
        boolean there = Files.exists(target);
        if (there && !isWritable(target)) {
            throw new AccessDeniedException(file.toString(), null, "it is write-protected");
        }
        if (there && !Files.isRegularFile(target)) {
            // A pipe or a device takes what it is given; there is nothing to replace.
            try (OutputStream out = Files.newOutputStream(target, StandardOpenOption.WRITE)) {
                out.write(bytes);
            }
            return;
        }
        Leftovers.clear(target.getParent());
        Path beside = beside(target.getParent());
        try {
            fill(beside, bytes);
            if (there && links(target) > 1) {
                // Another name for the same file must go on naming it, so it is filled where it is; meanwhile the whole
                // of it lies beside.
                fill(target, bytes);
            } else {
                if (there) {
                    likeness(target, beside);
                }
                move(beside, target);
            }
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** What a path leads to, through symbolic links, whether it is there or not. */
    private static Path target(Path file) throws IOException {
        Path at = file;
        for (int i = 0; i < 40 && Files.isSymbolicLink(at); i++) {
            at = at.resolveSibling(Files.readSymbolicLink(at)).normalize();
        }
        return at;
    }

    /** A file for everybody to read only is meant to stay as it is, even before one who may do anything. */
    private static boolean isWritable(Path file) throws IOException {
        PosixFileAttributeView posix = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        if (posix != null && posix.readAttributes().permissions().stream().noneMatch(WRITING::contains)) {
            return false;
        }
        return Files.isWritable(file);
    }

    private static int links(Path file) throws IOException {
        return file.getFileSystem().supportedFileAttributeViews().contains("unix")
                ? (Integer) Files.getAttribute(file, "unix:nlink")
                : 1;
    }

    /** A new file of a short name, with the rights that new files have here. */
    private static Path beside(Path folder) throws IOException {
        while (true) {
            try {
                return Files.createFile(folder.resolve(Leftovers.name()));
            } catch (FileAlreadyExistsException e) {
                continue;
            }
        }
    }

    private static void fill(Path file, byte[] bytes) throws IOException {
        try (OutputStream out =
                Files.newOutputStream(file, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING)) {
            out.write(bytes);
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }

    /** Gives a file the owner, the group and the rights of another, as far as whoever writes may. */
    private static void likeness(Path of, Path to) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(to, PosixFileAttributeView.class);
        if (view == null) {
            return;
        }
        PosixFileAttributes wanted = Files.readAttributes(of, PosixFileAttributes.class);
        PosixFileAttributes present = view.readAttributes();
        if (!wanted.owner().equals(present.owner()) || !wanted.group().equals(present.group())) {
            own(view, wanted);
        }
        view.setPermissions(wanted.permissions());
    }

    private static void own(PosixFileAttributeView view, PosixFileAttributes wanted) {
        GroupPrincipal group = wanted.group();
        try {
            view.setGroup(group);
            view.setOwner(wanted.owner());
        } catch (IOException e) {
            // Only the administrator may give a file away; it then belongs to who has written it.
            return;
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
