package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.project.ProjectFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The application as its own launcher opens it is killed while a hand works in it that never rests: at most three seconds of its work are
 * gone. {@code -Dhyphantes.hands=N} kills more often.
 */
class HandKilledTest {
    private static final int KILLS = Integer.getInteger("hyphantes.hands", 1);
    private static final long MOST_GONE = 3_000;

    @TempDir
    Path folder;

    @Test
    void atMostThreeSecondsOfWorkAreGone() throws Exception {
        Random random = new Random(11);
        List<Long> gone = new ArrayList<>();
        for (int kill = 0; kill < KILLS; kill++) {
            Path home = Files.createDirectories(folder.resolve("home" + kill));
            gone.add(goneByKill(home, 3_000 + random.nextInt(6_000)));
        }
        System.out.println("hands killed " + KILLS + ", ms of work gone " + gone);
        assertThat(gone).allMatch(g -> g <= MOST_GONE);
    }

    /** How old (ms) the first act was that was done, but is nowhere, when the process was killed. */
    private static long goneByKill(Path home, int after) throws Exception {
        Path work = home.resolve("work.hyphantes");
        ProjectFile.save(Design.empty("Work"), work);
        Path said = Files.createFile(home.resolve("said.txt"));
        Process process = OwnProcess.of(home, HandProbe.class, work.toString())
                .redirectOutput(said.toFile())
                .redirectError(home.resolve("errors.txt").toFile())
                .start();
        try {
            for (int i = 0; i < 600 && process.isAlive() && laid(said).isEmpty(); i++) {
                Thread.sleep(100);
            }
            Thread.sleep(after);
        } finally {
            process.destroyForcibly().waitFor();
        }
        long killed = System.currentTimeMillis();
        TreeMap<Integer, Long> laid = laid(said);
        assertThat(laid)
                .as(
                        "the hand has worked; it said %s",
                        Files.readString(said) + Files.readString(home.resolve("errors.txt")))
                .hasSizeGreaterThan(3);
        int kept = kept(work);
        if (Files.exists(home.resolve("state"))) {
            try (Stream<Path> aside = Files.walk(home.resolve("state"))) {
                for (Path file : aside.filter(f -> f.toString().endsWith(ProjectFile.ENDING))
                        .toList()) {
                    kept = Math.max(kept, kept(file));
                }
            }
        }
        Map.Entry<Integer, Long> firstGone = laid.higherEntry(kept);
        return firstGone == null ? 0 : killed - firstGone.getValue();
    }

    private static int kept(Path file) throws Exception {
        return ProjectFile.open(file).root().members().size();
    }

    /** When so many figures were first seen on the desk. */
    private static TreeMap<Integer, Long> laid(Path said) throws Exception {
        TreeMap<Integer, Long> laid = new TreeMap<>();
        for (String line : Files.readAllLines(said)) {
            String[] words = line.split(" ");
            // The last line may be cut.
            if (words.length == 3 && words[2].length() == 13 && !words[1].equals("0")) {
                laid.putIfAbsent(Integer.parseInt(words[1]), Long.parseLong(words[2]));
            }
        }
        return laid;
    }
}
