package org.hyphantes.exchange;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Files half written by a process that was stopped meanwhile. Their names tell the computer and the process, so that only one's own
 * are cleared, and only those of processes that are no more.
 */
public final class Leftovers {
    private static final String HERE =
            Integer.toHexString(Objects.hash(System.getenv("HOSTNAME"), System.getenv("COMPUTERNAME"), machine()));

    private static final AtomicInteger NEXT = new AtomicInteger();
    private static final Pattern NAME = Pattern.compile("\\.hyphantes-([0-9a-f]+)-(\\d{1,18})-\\d+\\.part");

    private Leftovers() {}

    private static String machine() {
        try {
            return Files.readString(Path.of("/etc/machine-id"));
        } catch (IOException e) {
            return "";
        }
    }

    /** A name for a file that is being written. */
    static String name() {
        return ".hyphantes-" + HERE + "-" + ProcessHandle.current().pid() + "-" + NEXT.getAndIncrement() + ".part";
    }

    /** Clears a folder of what processes of this computer left half written; a folder that cannot be read is left as it is. */
    public static void clear(Path folder) {
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, ".hyphantes-*.part")) {
            for (Path file : files) {
                Matcher name = NAME.matcher(file.getFileName().toString());
                if (name.matches() && name.group(1).equals(HERE) && isGone(Long.parseLong(name.group(2)))) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException e) {
            return;
        }
    }

    private static boolean isGone(long process) {
        return ProcessHandle.of(process).filter(ProcessHandle::isAlive).isEmpty();
    }
}
