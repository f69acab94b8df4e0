package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The solver against trying every way to set every crossing, on arrangements small enough for that. */
class AlternationTrialsTest {
    private static Projection random(Random random) {
        List<Strand> strands = new ArrayList<>();
        int circles = random.nextInt(3);
        for (int i = 0; i < circles + 2 + random.nextInt(2); i++) {
            Path path;
            if (i < circles) {
                Point centre = new Point(40 * random.nextDouble(), 40 * random.nextDouble());
                path = Path.closed(Arc.circle(centre, 15 + 15 * random.nextDouble(), 360 * random.nextDouble()));
            } else {
                // Short lines end within the arrangement, which is what can make a rhythm impossible.
                Point from = new Point(60 * random.nextDouble() - 10, 60 * random.nextDouble() - 10);
                path = Path.open(new Line(
                        from, from.plus(Point.polar(25 + 40 * random.nextDouble(), 360 * random.nextDouble()))));
            }
            strands.add(new Strand(Strand.letter(i), new StrandKey("f" + i, List.of()), path, 0.1, Ends.BUTT));
        }
        return Projection.of(strands, Watch.NONE).orElseThrow();
    }

    /** Whether a setting of all crossings keeps a rhythm of so many passages. */
    private static boolean keeps(Projection projection, int setting, int step) {
        for (int s = 0; s < projection.strands().size(); s++) {
            int n = projection.passages(s);
            boolean closed = projection.strands().get(s).path().closed();
            for (int i = closed ? 0 : step; i < n; i++) {
                if (over(projection, setting, s, i) == over(projection, setting, s, Math.floorMod(i - step, n))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean over(Projection projection, int setting, int s, int i) {
        int passage = projection.passage(s, i);
        return (setting >> passage / 2 & 1) == 1 ^ passage % 2 == 1;
    }

    @ParameterizedTest
    @EnumSource(names = {"ALTERNATELY", "IN_PAIRS"})
    void aRhythmIsFoundJustWhereThereIsOne(Rhythm rhythm) {
        int possible = 0;
        int impossible = 0;
        for (int seed = 0; seed < 600; seed++) {
            Projection projection = random(new Random(seed));
            int n = projection.meets().size();
            if (n == 0 || n > 12) {
                continue;
            }
            boolean exists = false;
            for (int setting = 0; setting < 1 << n && !exists; setting++) {
                exists = keeps(projection, setting, rhythm.step());
            }
            Alternation.Solution solution = Alternation.of(projection, rhythm, 0, true);
            assertThat(solution.conflicts().isEmpty()).as("seed " + seed).isEqualTo(exists);
            if (exists) {
                possible++;
                int found = 0;
                for (int m = 0; m < n; m++) {
                    found |= solution.firstOver()[m] ? 1 << m : 0;
                }
                assertThat(keeps(projection, found, rhythm.step()))
                        .as("seed " + seed)
                        .isTrue();
                assertThat(projection.passages(0) == 0 || over(projection, found, 0, 0))
                        .isTrue();
            } else {
                impossible++;
                contradicts(projection, rhythm, solution.conflicts().get(0), seed);
            }
        }
        assertThat(possible).isGreaterThan(80);
        assertThat(impossible).isGreaterThan(20);
    }

    /** However the crossings of a conflict are set, some tie between two of them is broken; and no part of them contradicts itself. */
    private static void contradicts(Projection projection, Rhythm rhythm, Alternation.Conflict conflict, int seed) {
        List<Integer> meets = conflict.meets();
        assertThat(new HashSet<>(meets)).as("seed " + seed).hasSameSizeAs(meets);
        assertThat(isPossible(projection, rhythm, new HashSet<>(meets)))
                .as("seed " + seed)
                .isFalse();
        for (int left : meets) {
            Set<Integer> part = new HashSet<>(meets);
            part.remove(left);
            assertThat(isPossible(projection, rhythm, part))
                    .as("seed " + seed + " without " + left)
                    .isTrue();
        }
    }

    private static boolean isPossible(Projection projection, Rhythm rhythm, Set<Integer> meets) {
        List<Integer> order = List.copyOf(meets);
        for (int bits = 0; bits < 1 << order.size(); bits++) {
            int setting = 0;
            for (int i = 0; i < order.size(); i++) {
                setting |= (bits >> i & 1) << order.get(i);
            }
            if (keepsAmong(projection, setting, rhythm.step(), meets)) {
                return true;
            }
        }
        return false;
    }

    private static boolean keepsAmong(Projection projection, int setting, int step, Set<Integer> meets) {
        for (int s = 0; s < projection.strands().size(); s++) {
            int n = projection.passages(s);
            boolean closed = projection.strands().get(s).path().closed();
            for (int i = closed ? 0 : step; i < n; i++) {
                int before = Math.floorMod(i - step, n);
                boolean both = meets.contains(projection.passage(s, i) / 2)
                        && meets.contains(projection.passage(s, before) / 2);
                if (both && over(projection, setting, s, i) == over(projection, setting, s, before)) {
                    return false;
                }
            }
        }
        return true;
    }
}
