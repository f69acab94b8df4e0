package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;

class RhythmTest {
    private static Weave woven(Rhythm rhythm, List<Path> paths) {
        List<Strand> strands = new ArrayList<>();
        for (Path path : paths) {
            StrandKey key = new StrandKey("f" + strands.size(), List.of());
            strands.add(new Strand(Strand.letter(strands.size()), key, path, 1, Ends.BUTT));
        }
        Weave.Order order = new Weave.Order(rhythm, 0, true, 0.1, Loops.KEPT, false, false, List.of(), List.of());
        return Weave.of(strands, order, Symmetry.NONE, Watch.NONE).orElseThrow();
    }

    private static List<Path> cloth(int n) {
        List<Path> threads = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            threads.add(Path.open(new Line(new Point(-10, 10 * i), new Point(10 * n, 10 * i))));
            threads.add(Path.open(new Line(new Point(10 * i, -10), new Point(10 * i, 10 * n))));
        }
        return threads;
    }

    /** Two over, two under, a step on at each thread: the twill of weavers, a fact of the trade; common practice, no published source. */
    @Test
    void pairsMakeATwillOfCloth() {
        Weave twill = woven(Rhythm.IN_PAIRS, cloth(8));
        assertThat(twill.crossings()).hasSize(64).allMatch(c -> c.state() == Crossing.State.RESOLVED);
        assertThat(twill.keeps(Rhythm.IN_PAIRS)).isTrue();
        assertThat(twill.alternates()).isFalse();
        for (int s = 0; s < 16; s++) {
            List<Boolean> passes = twill.passes(s);
            for (int i = 2; i < 8; i++) {
                assertThat(passes.get(i)).isNotEqualTo(passes.get(i - 2));
            }
        }
        assertThat(woven(Rhythm.ALTERNATELY, cloth(8)).alternates()).isTrue();
    }

    @Test
    void byHandAnEarlierStrandLiesOverALaterOne() {
        Weave weave = woven(Rhythm.BY_HAND, cloth(3));
        assertThat(weave.crossings()).allMatch(c -> c.over() < c.under());
        assertThat(weave.troubles()).isEmpty();
    }

    /** A triangle of lines whose ends all lie outside alternates; one end within it makes its three crossings contradict. */
    @Test
    void theSmallestSetThatContradictsItselfIsNamedWithItsPlace() {
        // Two circles, and a line that ends within the lens they make.
        List<Path> open = List.of(
                Path.closed(Arc.circle(new Point(-15, 0), 40, 0)),
                Path.closed(Arc.circle(new Point(15, 0), 40, 0)),
                Path.open(new Line(new Point(0, 0), new Point(0, 90))));
        Weave sound = woven(Rhythm.ALTERNATELY, open.subList(0, 2));
        assertThat(sound.troubles()).isEmpty();
        List<Path> odd = List.of(
                Path.closed(Arc.circle(new Point(-15, 0), 40, 0)),
                Path.closed(Arc.circle(new Point(15, 0), 40, 0)),
                Path.open(new Line(new Point(0, 0), new Point(90, 5))));
        Weave weave = woven(Rhythm.ALTERNATELY, odd);
        List<Weave.Trouble> troubles = weave.troubles().stream()
                .filter(t -> t.kind() == Weave.Trouble.Kind.CANNOT_ALTERNATE)
                .toList();
        assertThat(troubles).isNotEmpty();
        Weave.Trouble first = troubles.get(0);
        assertThat(first.meets()).hasSizeBetween(2, 4);
        assertThat(troubles).allMatch(t -> t.meets().size() >= first.meets().size());
        // Round the set, an odd number of neighbours go the same way: so no sense of each crossing keeps the rhythm.
        assertThat(first.meets()).allMatch(m -> m < weave.crossings().size());
    }

    @Test
    void pairsRoundACircleNeedCrossingsInFours() {
        List<Path> rings = List.of(
                Path.closed(Arc.circle(new Point(-15, 0), 40, 0)), Path.closed(Arc.circle(new Point(15, 0), 40, 0)));
        Weave two = woven(Rhythm.IN_PAIRS, rings);
        assertThat(two.troubles()).extracting(Weave.Trouble::kind).contains(Weave.Trouble.Kind.CANNOT_ALTERNATE);
        List<Path> four = new ArrayList<>(rings);
        four.add(Path.closed(Arc.circle(new Point(0, -15), 40, 0)));
        four.add(Path.closed(Arc.circle(new Point(0, 16), 41, 0)));
        Weave fours = woven(Rhythm.IN_PAIRS, four);
        assertThat(fours.passes(0)).hasSize(6);
    }
}
