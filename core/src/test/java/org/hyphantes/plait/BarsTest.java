package org.hyphantes.plait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;

/** Breaks of plaits as text and by rule, and the strands they leave. */
class BarsTest {
    private static final Lay FLAT = (column, row) -> new Point(10 * column, 10 * row);

    @Test
    void breaksAreReadAndWrittenAsTheyLie() {
        Map<Lattice.Spot, Bar> bars = Bars.read(" 3-6, 4|7 5-2");
        assertThat(bars).hasSize(3).containsEntry(new Lattice.Spot(4, 7), Bar.UPRIGHT);
        assertThat(Bars.of(bars)).isEqualTo("3-6 4|7 5-2");
        assertThat(Bars.read(Bars.of(bars))).isEqualTo(bars);
        assertThat(Bars.read(Bars.of(Map.of()))).isEmpty();
        assertThatThrownBy(() -> Bars.read("3-5")).hasMessageContaining("must add up to an odd number");
        assertThatThrownBy(() -> Bars.read("3/6")).hasMessageContaining("such as 3-6 or 4|7, or none");
    }

    /** In a panel of 4 by 24 level bars in the middle after every third row come to two in each of seven rows. */
    @Test
    void aRuleSetsItsBarsAlongThePlait() {
        Map<Lattice.Spot, Bar> bars = new Rule(Bar.LEVEL, 3, Where.IN_THE_MIDDLE).bars(4, 24, false);
        assertThat(bars).hasSize(14);
        assertThat(bars.keySet()).allMatch(s -> s.row() % 6 == 0 && (s.column() == 3 || s.column() == 5));
        assertThat(new Rule(Bar.LEVEL, 3, Where.AT_BOTH_SIDES)
                        .bars(4, 24, false)
                        .keySet())
                .hasSize(14)
                .allMatch(s -> s.column() == 1 || s.column() == 7);
        Map<Lattice.Spot, Bar> upright = new Rule(Bar.UPRIGHT, 2, Where.IN_THE_MIDDLE).bars(4, 6, false);
        assertThat(upright.keySet()).hasSize(3).allMatch(s -> s.column() == 4 && s.row() % 4 == 3);
        assertThat(new Rule(Bar.LEVEL, 0, Where.IN_THE_MIDDLE).bars(4, 24, false))
                .isEmpty();
        assertThat(new Rule(Bar.UPRIGHT, 1, Where.IN_THE_MIDDLE).bars(1, 5, false))
                .isEmpty();
    }

    /** However many crossings are broken, strands stay closed, pass every crossing left twice, and every spot is gone over. */
    @Test
    void anyBreaksLeaveClosedStrandsThroughEveryCrossing() {
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            int columns = 2 * (2 + random.nextInt(6));
            int rows = 2 * (2 + random.nextInt(5));
            boolean ring = random.nextBoolean();
            Map<Lattice.Spot, Bar> bars = new HashMap<>();
            for (int column = 0; column < columns; column++) {
                for (int row = 1; row < rows; row++) {
                    boolean spot = (column + row) % 2 == 1 && (ring || column > 0);
                    if (spot && random.nextInt(3) == 0) {
                        bars.put(new Lattice.Spot(column, row), random.nextBoolean() ? Bar.LEVEL : Bar.UPRIGHT);
                    }
                }
            }
            Lattice lattice = new Lattice(columns, rows, ring, bars, Optional.empty());
            Lay lay = ring ? (c, r) -> Point.polar(400 - 10 * r, 360 * c / columns) : FLAT;
            List<Path> strands = lattice.strands(lay, Turns.ROUNDED);
            assertThat(strands).allMatch(Path::closed);
            int n = columns / 2;
            int m = rows / 2;
            int all = ring ? n * (rows - 1) : 2 * m * n - m - n;
            assertThat(lattice.crossings()).as("seed " + seed).isEqualTo(all - bars.size());
            Set<Point> starts = new HashSet<>(strands.stream().map(Path::start).toList());
            assertThat(starts).as("no strand is laid twice").hasSameSizeAs(strands);
        }
    }
}
