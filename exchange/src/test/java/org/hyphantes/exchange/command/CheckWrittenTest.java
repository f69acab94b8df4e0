package org.hyphantes.exchange.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code hyphantes check} of a file for a cutter: by itself, and beside the design that it was written from; and what a file lacks. */
class CheckWrittenTest {
    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();
    private Path design;

    @BeforeEach
    void save() throws Exception {
        design = folder.resolve("screen.hyphantes");
        ProjectFile.save(Demo.LANTERN_SCREEN.design(), design);
    }

    private int run(Object... words) {
        out = new StringWriter();
        err = new StringWriter();
        String[] all = new String[words.length];
        for (int i = 0; i < words.length; i++) {
            all[i] = words[i].toString();
        }
        return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), all);
    }

    @Test
    void whatWasWrittenIsWithinWhatItMayStrayAndAChangedFileIsNot() throws Exception {
        for (String ending : new String[] {".dxf", ".plt", ".nc"}) {
            Path file = folder.resolve("screen" + ending);
            assertThat(run("export", design, "-o", file)).as(err.toString()).isZero();
            assertThat(run("check", file, "--against", design, "--strict"))
                    .as(ending + err)
                    .isZero();
            assertThat(out.toString()).contains("strokes", "falls").containsPattern("strays +0(\\.0\\d*)? mm\n");
        }
        Path code = folder.resolve("screen.nc");
        String text = Files.readString(code);
        // The last straight cut ends half a millimetre off.
        int at = text.lastIndexOf("\nG1 X");
        int end = text.indexOf(' ', at + 5);
        double x = Double.parseDouble(text.substring(at + 5, end));
        Files.writeString(code, text.substring(0, at + 5) + (x + 0.5) + text.substring(end));
        assertThat(run("check", code, "--against", design)).isZero();
        assertThat(out.toString()).containsPattern("strays +0\\.\\d+ mm, further than 0\\.011 mm: write it again");
        assertThat(run("check", code, "--against", design, "--strict")).isEqualTo(1);
    }

    @Test
    void whatIsNotReadOrDoesNotBelongIsSaid() throws Exception {
        Path file = folder.resolve("screen.dxf");
        assertThat(run("export", design, "-o", file)).isZero();
        assertThat(run("check", file)).isZero();
        assertThat(out.toString()).contains("time", "travel").doesNotContain("strays");
        assertThat(run("check", file, "--json")).isEqualTo(1);
        assertThat(err.toString()).contains("hyphantes cut FILE --json");
        assertThat(run("check", design, "--against", design)).isEqualTo(1);
        assertThat(err.toString()).contains("is none");
        ProjectFile.save(Demo.TIDE_RING.design(), design);
        assertThat(run("check", file, "--against", design)).isEqualTo(1);
        assertThat(err.toString()).contains("strokes where the design has");
    }

    @Test
    void whatIsLeftOutOfAFileIsSaid() throws Exception {
        ProjectFile.save(Demo.SLACK_WATER_TILE.design(), design);
        assertThat(run("export", design, "-o", folder.resolve("tile.svg"))).isZero();
        assertThat(err.toString()).isEmpty();
        assertThat(run("set", "-o", design, design, "Repeat.width", "0")).isZero();
        assertThat(run("export", design, "-o", folder.resolve("tile.svg"))).isZero();
        assertThat(err.toString()).contains("not all of it is written. Repeat would lay", "so it is left out");
        assertThat(run("check", design)).isZero();
        assertThat(out.toString()).contains("Seam: repeat left out (broken)", "Snag: Repeat would lay");
    }
}
