package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Breaks;
import org.hyphantes.design.Design;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Net;
import org.hyphantes.design.Page;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Sketch;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.design.Swaps;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Nest;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ProjectFileTest {
    @TempDir
    private Path folder;

    /** A design with something of everything a file can hold. */
    private static Design full() throws Exception {
        Design design = Demo.TIDE_RING
                .design()
                .withMeasure("seat", Amount.of(62))
                .withMeasure("half", new Amount(31, "seat / 2"));
        design = new Subject.OfFigure("design", "circle-1")
                .set(design, "out", "seat")
                .value();
        design = new Subject.OfFigure("design", "circle-1")
                .set(design, "radius", "80/2")
                .value();
        for (Form form : Form.EACH) {
            design = Recipes.addFigure("design", form).change().apply(design);
        }
        Group inner = new Group(
                "inner",
                "Inner",
                design.root().members().subList(2, design.root().members().size()),
                design.root().recipe());
        List<Member> members = new ArrayList<>(design.root().members().subList(0, 2));
        members.add(inner);
        design = design.withRoot(design.root().withMembers(members));
        for (Treatment treatment : Treatment.each()) {
            design = Recipes.addStep("inner", 0, treatment).change().apply(design);
        }
        design = Arranging.stand(
                        "design", Set.of("circle-2"), s -> s.withHelper(true).withLocked(true), "")
                .change()
                .apply(design);
        design = Arranging.colour("design", Set.of("circle-1", "inner"), Colour.named("brass"))
                .change()
                .apply(design);
        design = Arranging.reshape(design, "inner", Set.of("star-1"), paths -> paths, "")
                .change()
                .apply(design);
        design = design.withSketch(Sketch.STARTING.of("/drawings/pencil.png").at(new Point(3, 4)))
                .withPage(Page.STARTING.fitting(new Box(-50, -20, 60, 70), 5))
                .withNet(new Net(Net.Pattern.ROUND, new Amount(12.5, "in(1/2) - 0.2"), Amount.of(4), Amount.of(12)));
        design = Recipes.pass(design, "design", "band-1").change().apply(design);
        var laying =
                new Resolver().resolve(Demo.TIDE_RING.design()).work().weaves().get(0);
        design = Swaps.swap(laying, 3, Reach.EVERY_TURN).change().apply(design);
        design = Swaps.swap(laying, 7, Reach.THIS_ONE).change().apply(design);
        design = Breaks.stroke(design, laying, 5, new Point(1, 0), Reach.MIRROR_TWIN)
                .change()
                .apply(design);
        design = Breaks.stroke(design, laying, 9, new Point(0, 1), Reach.EVERY_TURN)
                .change()
                .apply(design);
        return design.withUnit(Unit.IN).named("A \"full\" design \u2014 \u00fc");
    }

    @Test
    void everythingThatIsSavedIsThereWhenOpenedAgain() throws Exception {
        Path file = folder.resolve("full.hyphantes");
        ProjectFile.save(full(), file);
        assertThat(ProjectFile.open(file)).isEqualTo(full());
        String first = Files.readString(file);
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(file).hasContent(first);
        assertThat(first).as("the picture is told from the folder").contains("../drawings/pencil.png\"");
        ProjectFile.save(Demo.TIDE_RING.design(), file);
        assertThat(ProjectFile.open(file)).isEqualTo(Demo.TIDE_RING.design());
        try (var left = Files.list(folder)) {
            assertThat(left).as("nothing half-written is left beside it").containsExactly(file);
        }
    }

    @Test
    void aSaveThatFailsLeavesTheOlderFile() throws Exception {
        Path file = folder.resolve("kept.hyphantes");
        ProjectFile.save(Demo.TIDE_RING.design(), file);
        Path blocked = folder.resolve("missing").resolve("other.hyphantes");
        assertThatThrownBy(() -> ProjectFile.save(full(), blocked)).isInstanceOf(IOException.class);
        Files.createDirectories(folder.resolve("taken.hyphantes").resolve("inside"));
        assertThatThrownBy(() -> ProjectFile.save(full(), folder.resolve("taken.hyphantes")))
                .isInstanceOf(IOException.class);
        assertThat(ProjectFile.open(file)).isEqualTo(Demo.TIDE_RING.design());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"radius\" : 40 | \"radius\" : \"forty\" | At /members/0/radius: forty is not a measure.",
                "\"radius\" : 40 | \"radius\" : -3 | At /members/0/radius: \"radius\" must be 0.001 mm or more",
                "\"radius\" : 40 | \"radius\" : [4] | At /members/0/radius: a number or a word is wanted here.",
                "\"radius\" : 40 | \"girth\" : 40 | At /members/0/girth: Circle has no setting \"girth\"",
                "\"figure\" : \"circle\" | \"figure\" : \"blob\" | At /members/0/figure: \"blob\" is not known here",
                "\"id\" : \"circle-2\" | \"id\" : \"circle-1\" | At /members/1/id: \"circle-1\" is used twice.",
                "\"treatment\" : \"band\" | \"treatment\" : \"bend\" | At /recipe/1/treatment: \"bend\" is not known here",
                "\"passes\" : \"over\" | \"passes\" : \"across\" | At /recipe/0/passes: \"across\" is not known here",
                "\"facing\" : \"outward\" | \"facing\" : \"inward\" | At /recipe/0/facing: \"inward\" is none of outward, as drawn",
                "\"times\" : 8 | \"times\" : 99999 | At /recipe/0/times: \"times\" must be 3600 or less",
                "\"unit\" : \"mm\" | \"unit\" : \"ell\" | At /unit: \"ell\" is not known here; it can be mm, cm, in, pt, px.",
                "\"version\" : 3 | \"version\" : 4 | written by a newer Hyphantes (format 4)",
                "hyphantes design | other design | not a Hyphantes design",
                "\"measures\" : { } | \"measures\" : { \"a\" : \"1 +\" } | At /measures/a: A number is missing",
                "\"unit\" : \"mm\" | \"unit\" : \"mm\", \"unit\" : \"mm\" | line 5",
                "\"radius\" : 40, | \"radius\" : 40 | line 25"
            })
    void whatIsAmissIsSaidWithItsPlace(String sound, String amiss, String words) throws Exception {
        String text = ProjectFile.text(Demo.TIDE_RING.design());
        assertThat(text).contains(sound);
        String damaged = text.replaceFirst(
                java.util.regex.Pattern.quote(sound), java.util.regex.Matcher.quoteReplacement(amiss));
        assertThatThrownBy(() -> ProjectFile.read(damaged))
                .isInstanceOf(CannotOpen.class)
                .hasMessageContaining(words);
    }

    /** Files of the first format, in which steps had no ids and figures were named: what they were is what the demos are. */
    @ParameterizedTest
    @EnumSource(
            value = Demo.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"LANTERN_SCREEN", "SLACK_WATER_TILE", "EEL_TRAP", "CROWFOOT", "LOGBOOK_CORNER"})
    void theFirstFormatIsReadAsWhatItMeant(Demo demo) throws Exception {
        String name = demo.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-') + ProjectFile.ENDING;
        String text;
        try (var in = Demo.class.getResourceAsStream("/org/hyphantes/exchange/version-1/" + name)) {
            text = new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        }
        assertThat(text).contains("\"version\" : 1");
        Design read = ProjectFile.read(text);
        assertThat(read).isEqualTo(demo.design());
        for (Step step : read.root().recipe()) {
            step.treatment()
                    .schema()
                    .figures()
                    .forEach((key, otherwise) -> assertThat(
                                    (String) step.treatment().schema().value(step.treatment(), key))
                            .satisfiesAnyOf(
                                    held -> assertThat(held).isEqualTo(otherwise),
                                    held -> assertThat(read.root().names()).containsKey(held)));
        }
    }

    /** In the second format a nest counted the copies besides the figure itself. */
    @ParameterizedTest
    @CsvSource({"3, 4", "'\"1 + 2\"', 4", "'\"2 * 5\"', 11"})
    void theSecondFormatIsReadAsWhatItMeant(String times, int inAll) throws Exception {
        Design nested = Recipes.addStep("design", 0, Nest.STARTING).change().apply(Demo.TIDE_RING.design());
        String text = ProjectFile.text(nested).replace("\"version\" : 3", "\"version\" : 2");
        String older = text.replace("\"times\" : 4", "\"times\" : " + times);
        assertThat(older).isNotEqualTo(text);
        Nest read = (Nest) ProjectFile.read(older).root().recipe().get(0).treatment();
        assertThat(read.times().value()).isEqualTo(inAll);
        assertThat(read.figures()).as("which the second format had not").isEqualTo("every figure");
    }

    /** A figure is held by its id: renaming it changes nothing, and one that is gone is said and comes back with it. */
    @Test
    void aFigureThatIsNamedByAStepCanBeRenamedAndIsMissedWhenItIsGone() throws Exception {
        Design design = Demo.TIDE_RING.design();
        design = new Subject.OfStep("design", "band-1")
                .set(design, "lines", "Wide circle")
                .value();
        Design renamed = Arranging.rename("design", "circle-2", "Rim").change().apply(design);
        assertThat(new Resolver()
                        .resolve(renamed)
                        .work()
                        .weaves()
                        .get(0)
                        .weave()
                        .strands())
                .hasSameSizeAs(new Resolver()
                        .resolve(design)
                        .work()
                        .weaves()
                        .get(0)
                        .weave()
                        .strands());
        assertThat(ProjectFile.read(ProjectFile.text(renamed))).isEqualTo(renamed);
        Design gone = Arranging.remove("design", Set.of("circle-2")).change().apply(renamed);
        assertThat(ProjectFile.read(ProjectFile.text(gone))).isEqualTo(gone);
        assertThat(Inspection.of(gone, new Resolver().resolve(gone)).snags())
                .anyMatch(s -> s.words().contains("refers to a figure that is gone"));
    }

    /** However a file is cut short or a byte of it changed, reading gives a design or a message, and nothing else. */
    @Test
    void noDamageGetsPastTheReader() throws Exception {
        String text = ProjectFile.text(full());
        for (int end = 0; end < text.length() - 2; end += 7) {
            String cut = text.substring(0, end);
            assertThatThrownBy(() -> ProjectFile.read(cut)).isInstanceOf(CannotOpen.class);
        }
        java.util.Random random = new java.util.Random(11);
        for (int i = 0; i < 2000; i++) {
            StringBuilder changed = new StringBuilder(text);
            changed.setCharAt(random.nextInt(text.length()), (char) (32 + random.nextInt(95)));
            try {
                assertThat(ProjectFile.read(changed.toString())).isNotNull();
            } catch (CannotOpen e) {
                assertThat(e.getMessage()).isNotBlank();
            }
        }
    }

    @Test
    void aFileThatIsNoTextOrNotThereIsSaidByName() throws Exception {
        Path picture = folder.resolve("picture.hyphantes");
        Files.write(picture, new byte[] {(byte) 0x89, 'P', 'N', 'G', (byte) 0xff, (byte) 0xfe, 0});
        assertThatThrownBy(() -> ProjectFile.open(picture)).hasMessageContaining("picture.hyphantes");
        assertThatThrownBy(() -> ProjectFile.open(folder.resolve("gone.hyphantes")))
                .hasMessageContaining("not there");
    }

    /** Numbers of every size, and typed with units, come back bit for bit: 20,000 of them, by a seed. */
    @Test
    void whateverNumberCanBeSetIsReadBackEqual() throws Exception {
        Random random = new Random(11);
        List<String> typed =
                List.of("1 in", "0.1 cm", "1/8 turn", "5.0E-4", "-0", "1E+2", "72 pt", "in(1 + 1/2)", "3 * 1e-7");
        for (int i = 0; i < 20_000 / 20; i++) {
            Design design = Design.empty("Numbers");
            for (int k = 0; k < 20; k++) {
                double value = k % 3 == 0
                        ? random.nextGaussian() * Math.pow(10, random.nextInt(24) - 14)
                        : random.nextInt(10_000) / 8.0;
                String text = k % 5 == 4 ? typed.get(random.nextInt(typed.size())) : String.valueOf(value);
                Amount amount = Expression.length(text, design.scope(), 0);
                design = design.withMeasure("size" + "abcdefghijklmnopqrst".charAt(k), amount);
            }
            assertThat(ProjectFile.read(ProjectFile.text(design))).isEqualTo(design);
        }
        Design tiny = Recipes.addFigure("design", new Circle(Amount.of(40), Amount.of(62), Amount.of(0.0005)))
                .change()
                .apply(Design.empty("Tiny bearing"));
        assertThat(ProjectFile.read(ProjectFile.text(tiny))).isEqualTo(tiny);
    }

    /**
     * Measures that are worked out of one another, changed in any order and unit, sizes named by them and sizes in squares of the net: all
     * of them are live, and read back equal.
     */
    @Test
    void whateverIsWorkedOutOfMeasuresIsReadBackEqual() throws Exception {
        Random random = new Random(12);
        List<String> names = List.of("rim", "seat", "half", "gap");
        List<String> sizes = List.of(
                "12", "%s / 2", "%s + 1", "3 sq", "%s + 2 sq", "in(1) + %s", "sqrt(%s * 10)", "was + 1", "1.5 in");
        List<Subject> subjects = List.of(
                Subject.OfDesign.PAGE,
                Subject.OfDesign.NET,
                Subject.OfDesign.MAKING,
                new Subject.OfFigure("design", "circle-1"));
        List<String> keys = List.of("width", "step", "narrowest", "radius");
        int rings = 0;
        Design design = Recipes.addFigure("design", Circle.STARTING).change().apply(Design.empty("Measures"));
        for (int i = 0; i < 2_000; i++) {
            String size = String.format(sizes.get(random.nextInt(sizes.size())), names.get(random.nextInt(4)));
            int what = random.nextInt(8);
            try {
                if (what < 4) {
                    design =
                            subjects.get(what).set(design, keys.get(what), size).value();
                } else if (what == 7) {
                    design = design.withUnit(Unit.values()[random.nextInt(Unit.values().length)]);
                } else {
                    design = design.withMeasure(names.get(random.nextInt(4)), size);
                }
            } catch (CannotRead e) {
                assertThat(e.getMessage()).containsAnyOf("worked out of itself", "is not a measure", "no finite value");
                rings += e.getMessage().contains("itself") ? 1 : 0;
            }
            assertThat(ProjectFile.read(ProjectFile.text(design))).isEqualTo(design);
        }
        assertThat(rings).isBetween(50, 1_000);
    }

    /** What was done to pieces is read with the place of what is wrong, and only what stands before it can be saved. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\"act\" : \"drop\"; \"act\" : \"melt\"; melt",
                "\"reach\" : \"every turn\",; \"reach\" : 7,; reach",
                "\"pieces\" : [; \"piece\" : [; piece",
            })
    void aDamagedListOfActsNamesItsPlace(String sound, String damaged, String told) throws Exception {
        String text = ProjectFile.text(Demo.LANTERN_SCREEN.design());
        String acts = text.substring(text.indexOf("\"acts\""));
        String wrong = text.replace(
                acts,
                acts.replaceFirst(
                        Pattern.quote(sound.trim().replace(",", "")),
                        Matcher.quoteReplacement(damaged.trim().replace(",", ""))));
        assertThat(wrong).isNotEqualTo(text);
        assertThatThrownBy(() -> ProjectFile.read(wrong))
                .isInstanceOf(CannotOpen.class)
                .hasMessageContaining("acts/0")
                .hasMessageContaining(told);
    }
}
