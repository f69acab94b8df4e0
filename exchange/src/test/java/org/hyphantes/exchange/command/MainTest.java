package org.hyphantes.exchange.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MainTest {
    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path file;

    @BeforeEach
    void save() throws Exception {
        file = folder.resolve("tide ring.hyphantes");
        ProjectFile.save(Demo.tideRing(), file);
    }

    private int run(String... words) {
        return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), words);
    }

    @Test
    void exportWritesTheFileAndSaysSo() throws Exception {
        Path svg = folder.resolve("out.svg");
        assertThat(run("export", file.toString(), "-o", svg.toString())).isZero();
        assertThat(Files.readString(svg)).startsWith("<?xml").contains("strand-I");
        assertThat(out.toString()).contains("32 paths");
    }

    @Test
    void checkPrintsTheReportAsJson() throws Exception {
        assertThat(run("check", file.toString(), "--json")).isZero();
        JsonNode tree = new ObjectMapper().readTree(out.toString());
        assertThat(tree.get("strands")).hasSize(9);
        JsonNode first = tree.get("strands").get(0);
        assertThat(first.get("name").asText()).isEqualTo("A");
        assertThat(first.get("closed").asBoolean()).isTrue();
        assertThat(first.get("length").asDouble()).isCloseTo(2 * Math.PI * 40, within(1e-6));
        assertThat(first.get("passes").toString())
                .isEqualTo("[\"over\",\"under\",\"over\",\"under\",\"over\",\"under\"]");
        assertThat(tree.get("crossings")).hasSize(32);
        // Neighbours 45 degrees apart on a ring of 62 with radius 40 cross where the closed form of two circles says.
        double apart = 2 * 62 * Math.sin(Math.toRadians(22.5));
        double middle = 62 * Math.cos(Math.toRadians(22.5));
        double outer = middle + Math.sqrt(40 * 40 - apart * apart / 4);
        assertThat(tree.get("crossings"))
                .filteredOn(c ->
                        Math.abs(Math.hypot(c.get("x").asDouble(), c.get("y").asDouble()) - outer) < 1e-5)
                .hasSize(8);
        assertThat(tree.get("determinant").asText()).isEqualTo("16646400");
        assertThat(tree.at("/gauges/strands/state").asText()).isEqualTo("whole");
        assertThat(tree.at("/gauges/crossings/text").asText()).isEqualTo("32 of 32 alternate");
    }

    @Test
    void checkWithoutAWeaveHasNoDeterminantAndStrictMindsABrokenGauge() throws Exception {
        Design bare = Demo.tideRing();
        Design noBand =
                bare.withRoot(bare.root().withRecipe(bare.root().recipe().subList(2, 3)));
        ProjectFile.save(noBand, file);
        assertThat(run("check", file.toString(), "--json")).isZero();
        JsonNode tree = new ObjectMapper().readTree(out.toString());
        assertThat(tree.get("determinant").isNull()).isTrue();
        assertThat(tree.at("/gauges/crossings/state").asText()).isEqualTo("broken");
        assertThat(run("check", file.toString(), "--strict")).isEqualTo(1);
        assertThat(out.toString()).contains("Snag: Interlace finds no bands");
    }

    @Test
    void wrongWordsAndFilesAreSaidOnTheErrorStream() throws Exception {
        assertThat(run()).isEqualTo(2);
        assertThat(run("export", file.toString())).isEqualTo(2);
        assertThat(run(
                        "export",
                        file.toString(),
                        "-o",
                        folder.resolve("out.docx").toString()))
                .isEqualTo(1);
        assertThat(run(
                        "export",
                        file.toString(),
                        "-o",
                        folder.resolve("no/out.svg").toString()))
                .isEqualTo(1);
        Files.writeString(file, "{ \"format\" : ");
        assertThat(run("check", file.toString(), "--json")).isEqualTo(1);
        assertThat(err.toString())
                .contains("Say what to do")
                .contains("ending .svg")
                .contains("no folder")
                .contains("line 1");
        assertThat(out.toString()).isEmpty();
    }
}
