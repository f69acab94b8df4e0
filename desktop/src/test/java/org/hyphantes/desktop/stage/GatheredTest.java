package org.hyphantes.desktop.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;

class GatheredTest {
    /** None is lost, none covers another, and what stands alone stays as it is. */
    @Test
    void marksThatWouldCoverOneAnotherAreOne() {
        Random random = new Random(4);
        List<Point> marks = new ArrayList<>();
        for (int i = 0; i < 500; i++) {
            marks.add(new Point(400 * random.nextDouble(), 300 * random.nextDouble()));
        }
        marks.add(new Point(900, 900));
        List<Gathered<Point>> gathered = Gathered.of(marks, Function.identity(), 20);
        assertThat(gathered.stream().mapToInt(Gathered::count).sum()).isEqualTo(501);
        for (Gathered<Point> one : gathered) {
            assertThat(gathered)
                    .filteredOn(other -> other.first().distance(one.first()) <= 20)
                    .containsExactly(one);
        }
        assertThat(gathered).contains(new Gathered<>(new Point(900, 900), 1));
    }
}
