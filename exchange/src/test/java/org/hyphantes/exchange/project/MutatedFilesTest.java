package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/**
 * The demos, each damaged in one to three places by a seed: letters changed, lines dropped, doubled and swapped, numbers and words put in the
 * place of others. {@code -Dhyphantes.mutants=N} makes more of them, {@code -Dhyphantes.mutants.from=K} others.
 */
class MutatedFilesTest {
    private static final int MUTANTS = Integer.getInteger("hyphantes.mutants", 2_000);
    private static final int FROM = Integer.getInteger("hyphantes.mutants.from", 0);
    private static final long PATIENCE = 1_000_000L * Integer.getInteger("hyphantes.mutants.patience", 60);
    private static final long LATEST = 2_000_000_000L;
    private static final List<String> NUMBERS = List.of(
            "0",
            "-1",
            "1e-9",
            "1e9",
            "1e308",
            "-0.0005",
            "3600",
            "99999999999",
            "0.1",
            "360",
            "null",
            "true",
            "\"1 in\"");
    private static final List<String> TEXTS = List.of(
            "",
            "none",
            "the centre",
            "every line",
            "\\u0000",
            "\\ud800",
            "circle-1",
            "1/0",
            "sqrt(-1)",
            "x".repeat(300));
    private static final List<String> DEMOS = java.util.Arrays.stream(Demo.values())
            .map(d -> ProjectFile.text(d.design()))
            .toList();

    private final Queue<String> amiss = new ConcurrentLinkedQueue<>();
    private final Map<Ordeal.End, AtomicLong> ends = new EnumMap<>(Ordeal.End.class);
    private final AtomicLong latest = new AtomicLong();

    @Test
    void eachIsRefusedWithItsPlaceOrDoneOrBrokenOff() {
        for (Ordeal.End end : Ordeal.End.values()) {
            ends.put(end, new AtomicLong());
        }
        LongStream.range(FROM, FROM + MUTANTS).parallel().forEach(this::tried);
        System.out.println("mutants " + ends + ", latest " + latest.get() / 1_000_000 + " ms");
        assertThat(amiss).isEmpty();
        assertThat(ends.get(Ordeal.End.REFUSED).get()).isGreaterThan(MUTANTS / 4);
        assertThat(ends.get(Ordeal.End.DONE).get()).isGreaterThan(MUTANTS / 50);
        assertThat(latest.get()).as("ns after it was asked").isLessThan(LATEST);
    }

    private void tried(long seed) {
        Random random = new Random(seed);
        String text = DEMOS.get(random.nextInt(DEMOS.size()));
        for (int i = Math.max(0, random.nextInt(5) - 2); i >= 0; i--) {
            text = mutated(text, random);
        }
        Ordeal ordeal = new Ordeal(PATIENCE);
        try {
            ends.get(ordeal.of(text)).incrementAndGet();
            latest.accumulateAndGet(ordeal.late(), Math::max);
        } catch (Exception | Error e) {
            amiss.add("seed " + seed + ": " + e + " "
                    + List.of(e.getStackTrace()).subList(0, Math.min(6, e.getStackTrace().length)));
        }
    }

    private static String mutated(String text, Random random) {
        if (text.isBlank()) {
            return text;
        }
        int at = random.nextInt(text.length());
        switch (random.nextInt(12)) {
            case 0:
                return text.substring(0, at);
            case 1:
                return text.substring(0, at) + (char) (32 + random.nextInt(95)) + text.substring(at + 1);
            case 2, 3, 4, 5, 6, 7, 8, 9:
                return value(text, at, random);
            default:
                List<String> lines = new java.util.ArrayList<>(text.lines().toList());
                int line = random.nextInt(lines.size());
                if (random.nextBoolean()) {
                    lines.remove(line);
                } else {
                    lines.add(random.nextInt(lines.size()), lines.get(line));
                }
                return String.join("\n", lines);
        }
    }

    /** Another value in the place of the first after a place. */
    private static String value(String text, int at, Random random) {
        int from = text.indexOf(" : ", at) + 3;
        int to = text.indexOf('\n', from);
        if (from < 3 || to < 0 || text.charAt(from) == '[' || text.charAt(from) == '{') {
            return text;
        }
        String comma = text.charAt(to - 1) == ',' ? "," : "";
        String now = text.substring(from, to - comma.length());
        return text.substring(0, from) + other(now, random) + comma + text.substring(to);
    }

    /** Mostly another number of about the size; else one of another size, or a word. */
    private static String other(String now, Random random) {
        int way = random.nextInt(10);
        if (way == 0) {
            return "\"" + TEXTS.get(random.nextInt(TEXTS.size())) + "\"";
        }
        if (way < 3 || !now.matches("-?\\d+(\\.\\d+)?")) {
            return NUMBERS.get(random.nextInt(NUMBERS.size()));
        }
        double value = Double.parseDouble(now) * (0.3 + 1.5 * random.nextDouble());
        return way < 6 ? String.valueOf(Math.round(value)) : String.valueOf(value);
    }
}
