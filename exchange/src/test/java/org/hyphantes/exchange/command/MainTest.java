package org.hyphantes.exchange.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.design.Design;
import org.hyphantes.design.Member;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Treatment;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
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
        ProjectFile.save(Demo.TIDE_RING.design(), file);
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
        Design bare = Demo.TIDE_RING.design();
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

    /** Several designs in several formats, with a setting; the file for a machine is cut, and comes in again as a design. */
    @Test
    void manyFilesAreWrittenCutAndBroughtIn() throws Exception {
        Path second = folder.resolve("second.hyphantes");
        Files.copy(file, second);
        assertThat(run(
                        "export",
                        file.toString(),
                        second.toString(),
                        "--to",
                        ".plt",
                        "--to",
                        "svg",
                        "--folder",
                        folder.toString(),
                        "--set",
                        "handing.scale=0.5"))
                .as(err.toString())
                .isZero();
        assertThat(folder.resolve("second.svg")).exists();
        assertThat(run("cut", folder.resolve("second.plt").toString(), "--json"))
                .isZero();
        JsonNode cut = new ObjectMapper()
                .readTree(out.toString().substring(out.toString().indexOf("{")));
        assertThat(cut.get("strokes").asInt()).isPositive();
        assertThat(cut.get("late").asInt()).isZero();
        assertThat(cut.get("seconds").asDouble()).isGreaterThan(10);
        assertThat(run("cut", folder.resolve("second.plt").toString(), "-m", "no such"))
                .isEqualTo(1);
        Path brought = folder.resolve("brought.hyphantes");
        assertThat(run("bring", folder.resolve("second.plt").toString(), "-o", brought.toString()))
                .isZero();
        assertThat(ProjectFile.open(brought).figures())
                .hasSize(cut.get("strokes").asInt());
        assertThat(run("export", file.toString(), second.toString(), "-o", "x.svg"))
                .isEqualTo(2);
        assertThat(run("cut", file.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("heron blade").contains("--folder").contains(".dxf, .plt, .nc");
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

    /** The strands as rope, and the grounds: nine circles and the closed forms of their lengths; Euler says how many grounds there are. */
    @Test
    void checkPrintsStrandsAndGroundsAsTextAndAsValues() throws Exception {
        assertThat(run("check", file.toString(), "--csv")).isZero();
        List<String> rows = out.toString().lines().toList();
        assertThat(rows.get(0)).isEqualTo("kind,name,closed,length mm,crossings,over,area mm2,ring,beside,bounded by");
        assertThat(rows.get(1)).isEqualTo("strand,A,closed," + Math.rint(2 * Math.PI * 40 * 1e6) / 1e6 + ",6,3,,,,");
        assertThat(rows.get(9)).isEqualTo("strand,I,closed," + Math.rint(2 * Math.PI * 70 * 1e6) / 1e6 + ",16,8,,,,");
        // V - E + F = 1 + C: 32 crossings, 64 stretches, so 34 faces, one of them outside.
        assertThat(rows.stream().filter(r -> r.startsWith("ground,")).count()).isEqualTo(33);
        out.getBuffer().setLength(0);
        assertThat(run("check", file.toString())).isZero();
        assertThat(out.toString())
                .contains("Strand A: closed, 251.33 mm, 6 crossings, 3 over")
                .contains("Grounds: 33,")
                .contains("Narrowest: 1.68 mm, limit 1.5 (chipped)");
        // The grounds and the bands fill what the outermost outline holds.
        out.getBuffer().setLength(0);
        assertThat(run("check", file.toString(), "--json")).isZero();
        JsonNode tree = new ObjectMapper().readTree(out.toString());
        assertThat(tree.get("grounds")).hasSize(33);
        double grounds = 0;
        for (JsonNode area : tree.get("grounds")) {
            grounds += area.asDouble();
        }
        var weave = new Resolver()
                .resolve(Demo.TIDE_RING.design())
                .work()
                .weaves()
                .get(0)
                .weave();
        var bands = Booleans.union(weave.strands().stream()
                .map(s -> BandOutline.of(s.path(), 6, s.ends()).orElseThrow())
                .toList());
        double outline = new Region(bands.get(0).outline(), List.of()).area();
        assertThat(grounds + bands.get(0).area()).isCloseTo(outline, within(1e-3));
    }

    /** Every slot of every figure, step, page and net, set to something else: that one is changed, and nothing besides. */
    @Test
    void everySlotCanBeSetByItsName() throws Exception {
        Design design = Demo.TIDE_RING.design().withMeasure("seat", Amount.of(62));
        for (Form form : Form.EACH) {
            design = Recipes.addFigure("design", form).change().apply(design);
        }
        for (Treatment treatment : Treatment.each()) {
            if (design.root().recipe().stream().noneMatch(s -> s.treatment().getClass() == treatment.getClass())) {
                design = Recipes.addStep("design", 1, treatment).change().apply(design);
            }
        }
        ProjectFile.save(design, file);
        Map<String, Subject> named = new LinkedHashMap<>();
        for (Member member : design.root().members()) {
            named.put(member.name(), new Subject.OfFigure("design", member.id()));
        }
        for (Step step : design.root().recipe()) {
            named.put(step.treatment().schema().word(), new Subject.OfStep("design", step.id()));
        }
        named.put("page", Subject.OfDesign.PAGE);
        named.put("net", Subject.OfDesign.NET);
        int slots = 0;
        Path again = folder.resolve("again.hyphantes");
        for (Map.Entry<String, Subject> entry : named.entrySet()) {
            Described thing = entry.getValue().in(design).orElseThrow();
            for (String key : thing.schema().keys()) {
                String slot = entry.getKey() + "." + key;
                Object was = thing.schema().value(thing, key);
                String other = other(thing.schema().kind(key), key, was);
                assertThat(run("set", file.toString(), slot, other, "-o", again.toString()))
                        .as(slot + " = " + other + " " + err)
                        .isZero();
                Design changed = ProjectFile.open(again);
                Described now = entry.getValue().in(changed).orElseThrow();
                assertThat(now.schema().value(now, key)).as(slot).isNotEqualTo(was);
                Described back = (Described) now.schema().put(now, key, was);
                assertThat(entry.getValue().put(changed, back)).as(slot).isEqualTo(design);
                slots++;
            }
        }
        assertThat(slots).isGreaterThan(120);
    }

    /** What would be typed for another value than the present one. */
    private static String other(Kind kind, String key, Object was) {
        if (kind instanceof Kind.Choice choice) {
            return choice.words().stream()
                    .filter(w -> !w.equals(was))
                    .findFirst()
                    .orElseThrow();
        }
        if (kind instanceof Kind.Text) {
            return Map.of(
                            "text", "Other words",
                            "through", "5 at 40, 7",
                            "course", "M 0 0 L 10 0 L 10 20",
                            "breaks", "3-2",
                            "rounded", "each upper",
                            "corners", "outer")
                    .get(key);
        }
        if (kind instanceof Kind.Steps) {
            return "5 6 7";
        }
        if (kind.isReference()) {
            return kind instanceof Kind.Figure ? "Wide circle" : kind instanceof Kind.Strand ? "C" : "Noto Sans";
        }
        double value = ((Amount) was).value();
        double least = kind instanceof Kind.Count count
                ? count.least()
                : kind instanceof Kind.Length length
                        ? length.least()
                        : kind instanceof Kind.Degrees degrees ? degrees.least() : ((Kind.Number) kind).least();
        double step = kind instanceof Kind.Count ? 1 : kind instanceof Kind.Number ? 0.01 : 0.5;
        return Numerals.shown(value - step >= least ? value - step : value + step, 6);
    }

    @Test
    void setChangesWhatItNamesAndSaysWhatItCannot() throws Exception {
        String there = folder.resolve("there.hyphantes").toString();
        assertThat(run("set", file.toString(), "turn.times", "9", "-o", there)).isZero();
        assertThat(new Resolver()
                        .resolve(ProjectFile.open(Path.of(there)))
                        .work()
                        .weaves()
                        .get(0)
                        .weave()
                        .strands())
                .hasSize(10);
        assertThat(run("set", file.toString(), "Circle.bearing", "-12.5", "-o", there))
                .isZero();
        assertThat(run("set", there, "measures.seat", "64 mm", "-o", there)).isZero();
        assertThat(run("set", there, "Circle.out", "seat / 2", "-o", there)).isZero();
        assertThat(ProjectFile.text(ProjectFile.open(Path.of(there)))).contains("\"seat / 2\"", "-12.5");
        assertThat(run("set", file.toString(), "Circle.girth", "9", "-o", there))
                .isEqualTo(1);
        assertThat(err.toString()).contains("no setting \"girth\"; it has radius, out, bearing");
        assertThat(run("set", file.toString(), "Cirkle.radius", "9", "-o", there))
                .isEqualTo(1);
        assertThat(err.toString()).contains("There is no \"Cirkle\"", "Wide circle");
        assertThat(run("set", file.toString(), "Circle.radius", "fourty", "-o", there))
                .isEqualTo(1);
    }

    @Test
    void setRefusesNamesThatMeanSomethingAndReferencesToNothing() {
        String there = folder.resolve("set.hyphantes").toString();
        for (String taken : List.of("pi", "was", "mm", "turn", "sq", "Big")) {
            assertThat(run("set", file.toString(), "measures." + taken, "3", "-o", there))
                    .isEqualTo(1);
        }
        assertThat(err.toString()).contains("\"pi\" cannot name a measure");
        assertThat(run("set", file.toString(), "interlace.strand", "ZZ", "-o", there))
                .isEqualTo(1);
        assertThat(err.toString()).contains("There is no strand \"ZZ\"; there is A, B");
        assertThat(run("set", file.toString(), "turn.about", "Nobody", "-o", there))
                .isEqualTo(1);
        assertThat(run("set", file.toString(), "sketch.file", "gone.png", "-o", there))
                .isEqualTo(1);
        assertThat(run("set", file.toString(), "Circle.radius", "9".repeat(2_000), "-o", there))
                .isEqualTo(1);
        assertThat(err.toString().lines()).allSatisfy(l -> assertThat(l).hasSizeLessThan(320));
        assertThat(Path.of(there)).doesNotExist();
    }

    /** Linux's own full disc. */
    @Test
    @EnabledOnOs(OS.LINUX)
    void aFullDiscBehindTheOutputIsAnError() throws Exception {
        try (PrintWriter full = new PrintWriter(new java.io.FileOutputStream("/dev/full"))) {
            assertThat(Main.run(full, new PrintWriter(err, true), "check", file.toString()))
                    .isEqualTo(1);
        }
        assertThat(err.toString()).contains("could not be written");
        assertThat(run(
                        "export",
                        file.toString(),
                        "-o",
                        folder.resolve("gone/out.svg").toString()))
                .isEqualTo(1);
        assertThat(err.toString()).doesNotContain(".part");
    }
}
