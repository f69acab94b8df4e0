package org.hyphantes.desktop.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

class AsideTest {
    @TempDir
    Path folder;

    /** A file as a process that is no more has left it. */
    private Path left(Instant since, String title) throws Exception {
        Path file = folder.resolve(since.toEpochMilli() + "-999999999-1-0-" + title + ".hyphantes");
        ProjectFile.save(Demo.EDDY.design(), file);
        return file;
    }

    @Test
    void whatLiesOnADeskIsNobodyElsesToTakeUp() throws Exception {
        Aside first = new Aside(folder);
        Path own = first.fresh("Tide Ring, \u00fc second try");
        first.hold(Optional.of(own));
        ProjectFile.save(Demo.TIDE_RING.design(), own);
        assertThat(first.kept()).isEmpty();
        Path other = left(Instant.now(), "eddy");
        assertThat(first.kept()).extracting(Aside.Kept::file).containsExactly(other);
        Aside.Kept eddy = first.kept().get(0);
        assertThat(first.claimed(eddy)).isPresent();
        assertThat(first.claimed(eddy)).as("another was quicker").isEmpty();
        first.hold(Optional.empty());
        assertThat(first.kept()).extracting(Aside.Kept::title).contains("tide-ring-second-try", "eddy");
    }

    @Test
    void tenOfAMonthAreKept() throws Exception {
        for (int i = 0; i < 14; i++) {
            left(Instant.now().minus(Duration.ofDays(i * 3L)), "design-" + i);
        }
        Aside aside = new Aside(folder);
        aside.tidy();
        assertThat(aside.kept())
                .extracting(Aside.Kept::title)
                .hasSize(10)
                .startsWith("design-0", "design-1")
                .endsWith("design-9");
        left(Instant.now().minus(Duration.ofDays(40)), "old");
        aside.kept().stream().skip(3).forEach(k -> k.file().toFile().delete());
        aside.tidy();
        assertThat(aside.kept()).extracting(Aside.Kept::title).containsExactly("design-0", "design-1", "design-2");
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void nobodyElseMayLookIntoIt() throws Exception {
        Aside aside = new Aside(folder.resolve("aside"));
        aside.ready();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("aside"))))
                .isEqualTo("rwx------");
    }
}
