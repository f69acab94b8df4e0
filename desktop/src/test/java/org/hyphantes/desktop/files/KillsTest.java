package org.hyphantes.desktop.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.hyphantes.exchange.Leftovers;
import org.hyphantes.exchange.project.ProjectFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A process that saves, keeps aside and remembers is killed at any moment: whatever it had said was done is there, whole, and the next start
 * clears what was half written. {@code -Dhyphantes.kills=N} kills more often.
 */
class KillsTest {
    private static final int KILLS = Integer.getInteger("hyphantes.kills", 8);

    @TempDir
    Path folder;

    @Test
    void whateverTheMomentWhatWasDoneIsThere() throws Exception {
        Random random = new Random(7);
        int begin = 0;
        int halves = 0;
        for (int kill = 0; kill < KILLS; kill++) {
            Map<String, Integer> done = killed(begin, random.nextInt(90));
            begin = 1 + Math.max(begin, done.getOrDefault("saved", begin));
            assertThat(number(ProjectFile.open(folder.resolve("work.hyphantes")).name()))
                    .as("kill %d", kill)
                    .isGreaterThanOrEqualTo(done.get("saved"));
            List<Aside.Kept> kept = new Aside(folder.resolve("aside")).kept();
            if (done.containsKey("aside")) {
                assertThat(number(ProjectFile.open(kept.get(0).file()).name()))
                        .isGreaterThanOrEqualTo(done.get("aside"));
            }
            if (done.containsKey("remembered")) {
                Path last = new Remembered(folder.resolve("state")).folder().orElseThrow();
                assertThat(number(last.getFileName().toString())).isGreaterThanOrEqualTo(done.get("remembered"));
            }
            halves += parts();
            Leftovers.clear(folder);
            Leftovers.clear(folder.resolve("state"));
            new Aside(folder.resolve("aside")).tidy();
            assertThat(parts()).as("left half written after the next start").isZero();
        }
        System.out.println("kills " + KILLS + ", in the middle of a write " + halves);
        assertThat(new Aside(folder.resolve("aside")).kept()).hasSizeLessThanOrEqualTo(10);
    }

    private static int number(String text) {
        return Integer.parseInt(text.replaceAll("\\D", ""));
    }

    private int parts() throws Exception {
        try (Stream<Path> files = Files.walk(folder)) {
            return (int) files.filter(f -> f.toString().endsWith(".part")).count();
        }
    }

    /** What the process had said it had done when it was killed, so many ms after its first word. */
    private Map<String, Integer> killed(int begin, int after) throws Exception {
        Path said = folder.resolve("said.txt");
        Files.deleteIfExists(said);
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        KillsProbe.class.getName(),
                        folder.toString(),
                        String.valueOf(begin))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .redirectOutput(said.toFile())
                .start();
        Map<String, Integer> done = new HashMap<>();
        while (process.isAlive() && (!Files.exists(said) || Files.size(said) == 0)) {
            Thread.sleep(2);
        }
        Thread.sleep(after);
        process.destroyForcibly().waitFor();
        for (String line : Files.readAllLines(said)) {
            String[] words = line.split(" ");
            // The last line may be cut.
            if (words.length == 2 && words[1].matches("\\d+")) {
                done.merge(words[0], Integer.parseInt(words[1]), Math::max);
            }
        }
        return done;
    }
}
