package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Resolver;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.setting.Limits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Files as strangers and accidents make them. What each shows is told in the README beside them. */
class HostileFilesTest {
    /** A machine under load may stand still for a while; what is not watched at all goes on for far longer. */
    private static final long LATEST = 2_000_000_000L;

    @TempDir
    Path folder;

    static Stream<Path> each() throws Exception {
        URI readme = HostileFilesTest.class.getResource("/hostile/README.md").toURI();
        try (Stream<Path> files = Files.list(Path.of(readme).getParent())) {
            return files.filter(f -> f.toString().endsWith(ProjectFile.ENDING)).sorted().toList().stream();
        }
    }

    private static String text(String name) throws Exception {
        try (var in = HostileFilesTest.class.getResourceAsStream("/hostile/" + name + ProjectFile.ENDING)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @MethodSource("each")
    void isRefusedOrDoneOrBrokenOffAtOnce(Path file) throws Exception {
        Ordeal ordeal = new Ordeal(1_500_000_000L);
        assertThat(ordeal.of(Files.readString(file))).isNotNull();
        assertThat(ordeal.late()).as("ns after it was asked").isLessThan(LATEST);
    }

    /** What stands in the place of a radius, many times over. */
    @ParameterizedTest
    @CsvSource({
        "(, 20000",
        "-, 30000",
        "1^, 30000",
        "sqrt , 30000",
        "a, 200000",
        "9, 1200",
        "(1+, 60",
        "-, 60",
        "sqrt(, 60"
    })
    void aTextThatGoesOnAndOnIsRefusedWithItsPlace(String what, int times) throws Exception {
        String number = what.equals("9") ? what.repeat(times) : "\"" + what.repeat(times) + "1\"";
        String text = text("tiny-bearing").replaceFirst("\"radius\": 40", "\"radius\": " + number);
        CannotOpen refused = catchThrowableOfType(CannotOpen.class, () -> ProjectFile.read(text));
        assertThat(refused).hasMessageMatching("(?s).*(At /members/0/radius|figure 1 \\(line 1, column).*");
        assertThat(refused.getMessage()).hasSizeLessThanOrEqualTo(300);
        // A number that is too long stops the reading itself, before anything has been read.
        assertThat(refused.rescue().isPresent()).as("what else can be read").isEqualTo(!what.equals("9"));
    }

    @Test
    void longKeysInscriptionsAndFilesAreRefused() throws Exception {
        String key =
                text("tiny-bearing").replace("\"measures\": {}", "\"measures\": {\"" + "k".repeat(60_000) + "\": 1}");
        assertThatThrownBy(() -> ProjectFile.read(key)).hasMessageContaining("names up to 200 characters");
        String letters = text("tiny-bearing")
                .replace("\"figure\": \"circle\"", "\"figure\": \"lettering\"")
                .replace("\"radius\": 40", "\"text\": \"" + "a".repeat(200_000) + "\"");
        assertThatThrownBy(() -> ProjectFile.read(letters)).hasMessageContaining("/text: This is too long");
        Path large = folder.resolve("large.hyphantes");
        Files.writeString(large, " ".repeat(Limits.FILE_BYTES + 1));
        assertThatThrownBy(() -> ProjectFile.open(large)).hasMessageContaining("larger than a design can be");
        assertThatThrownBy(() -> ProjectFile.open(Path.of("/dev/zero"))).hasMessageContaining("no file but a device");
        assertThatThrownBy(() -> ProjectFile.open(folder)).hasMessageContaining("folder");
    }

    @Test
    void manyMeasuresAreReadInTurn() throws Exception {
        StringBuilder measures = new StringBuilder("\"m0\": 1");
        for (int i = 1; i < 8_000; i++) {
            measures.append(", \"m").append(i).append("\": \"m").append(i - 1).append(" + 1\"");
        }
        String text = text("tiny-bearing").replace("\"measures\": {}", "\"measures\": {" + measures + "}");
        assertThat(ProjectFile.read(text).measures().get("m7999").value()).isEqualTo(8_000);
    }

    @Test
    void whatCanBeReadOfADamagedFileIsOffered() throws Exception {
        String whole = ProjectFile.text(Demo.FERRYMANS_PLAIT.design());
        String cut = whole.substring(0, whole.lastIndexOf("\"treatment\"") + 20);
        int steps = Demo.FERRYMANS_PLAIT.design().root().recipe().size();
        CannotOpen refused = catchThrowableOfType(CannotOpen.class, () -> ProjectFile.read(cut));
        assertThat(refused).hasMessageContaining("breaks off at step " + steps + " (line");
        assertThat(refused.rescue().orElseThrow().extent()).isEqualTo("up to step " + (steps - 1));
        assertThat(refused.rescue().orElseThrow().design().root())
                .isEqualTo(Demo.FERRYMANS_PLAIT.design().root().upTo(steps - 1));
        CannotOpen named = catchThrowableOfType(CannotOpen.class, () -> ProjectFile.read(text("control-in-name")));
        assertThat(named.rescue().orElseThrow().design().name()).isEqualTo("Tide Ring");
        String step = ProjectFile.text(Demo.TIDE_RING.design()).replace("\"band\"", "\"bend\"");
        CannotOpen unknown = catchThrowableOfType(CannotOpen.class, () -> ProjectFile.read(step));
        assertThat(unknown.rescue().orElseThrow().extent()).isEqualTo("without step 2 and those after it");
        CannotOpen nothing = catchThrowableOfType(CannotOpen.class, () -> ProjectFile.read("[1, 2"));
        assertThat(nothing.rescue()).isEmpty();
    }

    /** Six million courses are not laid; the count is said, with a mend, and the rest of the design is drawn. */
    @Test
    void whatWouldBeTooMuchIsRefusedWithItsCount() throws Exception {
        var design = ProjectFile.read(text("woven-then-turned-3600"));
        Artwork artwork = new Resolver().resolve(design);
        assertThat(artwork.work().weaves()).hasSize(1);
        assertThat(Inspection.of(design, artwork).snags()).anySatisfy(s -> {
            assertThat(s.words()).containsPattern("Turn would lay 6,2\\d\\d,\\d\\d\\d lines and courses");
            assertThat(s.place()).isPresent();
            assertThat(s.offer()).isEqualTo("Turn 12 times");
        });
    }
}
