package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The application as its own launcher opens it, in a fresh home: as large as it was drawn for, at rest when nobody moves, without a warning. */
class RestTest {
    @TempDir
    Path home;

    @Test
    void anIdleWindowPaintsNothingAndNoStyleIsAmiss() throws Exception {
        Path report = home.resolve("report.txt");
        ProcessBuilder builder = OwnProcess.of(home, RestProbe.class);
        builder.redirectErrorStream(true).redirectOutput(report.toFile());
        Process process = builder.start();
        try {
            assertThat(process.waitFor(300, TimeUnit.SECONDS))
                    .as("done in time")
                    .isTrue();
        } finally {
            process.destroyForcibly();
        }
        List<String> lines = Files.readAllLines(report);
        assertThat(lines).as("the report").contains("end", "size 1280 x 800");
        assertThat(lines).noneMatch(l -> l.startsWith("warning"));
        assertThat(lines)
                .filteredOn(l -> l.startsWith("rest"))
                .hasSizeGreaterThan(6)
                .allMatch(l -> l.startsWith("rest 0 "));
        assertThat(lines)
                .as("paintings that the acts asked for were counted")
                .anyMatch(l -> l.matches("painted [1-9]\\d+"));
        assertThat(lines).as("menus that were opened").contains("menus 8 of 8");
    }
}
