package org.hyphantes.desktop.files;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hyphantes.exchange.Leftovers;
import org.hyphantes.exchange.project.ProjectFile;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The folder of designs kept aside, each in a file of its own. A file's name tells when the design came onto the desk and which
 * process has it there, so that several windows leave one another's alone.
 */
public final class Aside {
    private static final Logger LOG = LoggerFactory.getLogger(Aside.class);
    private static final AtomicInteger NEXT = new AtomicInteger();
    private static final Pattern NAME =
            Pattern.compile("(\\d{1,15})-(\\d{1,10})-(\\d{1,15})-\\d+-(.*)\\" + ProjectFile.ENDING);
    private static final int MOST = 10;
    private static final Duration LONGEST = Duration.ofDays(30);

    private final Path folder;

    /** The file of the design on this process's desk. */
    private volatile Optional<Path> held = Optional.empty();

    public Aside(Path folder) {
        this.folder = folder;
    }

    /**
     * A design that lies here and is on nobody's desk.
     *
     * @param since when it came onto a desk
     * @param title its name then, in small letters and hyphens
     */
    public record Kept(Path file, Instant since, String title) {}

    /** A file for the design that has just come onto this process's desk; it is not made yet. */
    Path fresh(String name) {
        return own(title(name));
    }

    /** A name in small letters and hyphens, short enough for a file. */
    private static String title(String name) {
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return plain.substring(0, Math.min(plain.length(), 60)).replaceAll("^-|-$", "");
    }

    private Path own(String title) {
        ProcessHandle self = ProcessHandle.current();
        return folder.resolve(Instant.now().toEpochMilli() + "-" + self.pid() + "-" + begun(self) + "-"
                + NEXT.getAndIncrement() + "-" + title + ProjectFile.ENDING);
    }

    /** The second in which a process began, which tells it from a later one of the same number. */
    private static long begun(ProcessHandle process) {
        return process.info().startInstant().map(Instant::getEpochSecond).orElse(0L);
    }

    /** From now on this file, and no other, is of the design on this process's desk. */
    void hold(Optional<Path> file) {
        held = file;
    }

    /** Makes the folder ready to be written to. */
    void ready() throws IOException {
        PrivateFolder.make(folder);
    }

    /** What other processes, or this one before, have left here: the newest first. */
    public List<Kept> kept() {
        List<Kept> kept = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "*" + ProjectFile.ENDING)) {
                files.forEach(f -> left(f).ifPresent(kept::add));
            } catch (IOException e) {
                LOG.warn("what is kept aside cannot be listed", e);
            }
        }
        kept.sort(Comparator.comparing(Kept::since).reversed());
        return kept;
    }

    private Optional<Kept> left(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        if (!name.matches()) {
            return Optional.empty();
        }
        long pid = Long.parseLong(name.group(2));
        long begun = Long.parseLong(name.group(3));
        boolean taken = pid == ProcessHandle.current().pid()
                ? held.filter(file::equals).isPresent()
                : ProcessHandle.of(pid)
                        .filter(p -> p.isAlive() && Math.abs(begun(p) - begun) <= 1)
                        .isPresent();
        return taken
                ? Optional.empty()
                : Optional.of(new Kept(file, Instant.ofEpochMilli(Long.parseLong(name.group(1))), name.group(4)));
    }

    /** Makes a file this process's own; empty when another was quicker, or it cannot be. */
    Optional<Path> claimed(Kept kept) {
        try {
            return Optional.of(Files.move(kept.file(), own(kept.title())));
        } catch (IOException e) {
            LOG.warn("could not take up what was kept aside", e);
            return Optional.empty();
        }
    }

    /** Lays a copy of a damaged file here, since what is saved later may replace it. */
    void copied(Path damaged) {
        try {
            ready();
            String name = damaged.getFileName().toString();
            String bare = name.endsWith(ProjectFile.ENDING)
                    ? name.substring(0, name.length() - ProjectFile.ENDING.length())
                    : name;
            // Process 0 has no window, so the copy is listed from now on.
            Path copy = folder.resolve(Instant.now().toEpochMilli() + "-0-0-" + NEXT.getAndIncrement() + "-"
                    + title(bare) + ProjectFile.ENDING);
            Files.copy(damaged, copy);
        } catch (IOException e) {
            LOG.warn("could not keep a damaged file aside", e);
        }
    }

    /** Clears what is older than a month or beyond the last ten, and what was half written when a process was stopped. */
    public void tidy() {
        Leftovers.clear(folder);
        List<Kept> kept = kept();
        for (int i = 0; i < kept.size(); i++) {
            if (i >= MOST || kept.get(i).since().isBefore(Instant.now().minus(LONGEST))) {
                try {
                    Files.deleteIfExists(kept.get(i).file());
                } catch (IOException e) {
                    LOG.warn("could not clear old work kept aside", e);
                }
            }
        }
    }
}
