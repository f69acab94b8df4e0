package org.hyphantes.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Boxes that meet, beside trying every two of them. */
class BoxSweepTest {
    /** Few and many, small ones among some as wide or as high as all of it, lines without a height, and places with no size. */
    private static Box[] boxes(Random random, int count) {
        Box[] boxes = new Box[count];
        double side = 4 * Math.sqrt(count);
        for (int i = 0; i < count; i++) {
            double x = side * random.nextDouble();
            double y = side * random.nextDouble();
            double width = i % 50 == 1 ? side : i % 7 == 0 ? 0 : 6 * random.nextDouble();
            double height = i % 50 == 2 ? side : i % 11 == 0 ? 0 : 6 * random.nextDouble();
            boxes[i] = new Box(x, y, x + width, y + height);
        }
        return boxes;
    }

    @Test
    void eachTwoThatMeetAreToldOnce() {
        Random random = new Random(12);
        for (int count : new int[] {0, 1, 2, 20, 63, 64, 65, 400, 1_500}) {
            Box[] boxes = boxes(random, count);
            Set<Pair> wanted = new HashSet<>();
            for (int a = 0; a < count; a++) {
                for (int b = a + 1; b < count; b++) {
                    if (boxes[a].meets(boxes[b])) {
                        wanted.add(new Pair(a, b));
                    }
                }
            }
            List<Pair> told = new ArrayList<>();
            List<Integer> alone = new ArrayList<>();
            boolean ended = BoxSweep.over(boxes, alone::add, (earlier, later) -> {
                assertThat(boxes[earlier].left()).isLessThanOrEqualTo(boxes[later].left());
                assertThat(alone).contains(earlier).endsWith(later);
                return told.add(new Pair(Math.min(earlier, later), Math.max(earlier, later)));
            });
            assertThat(ended).isTrue();
            assertThat(alone).hasSize(count).doesNotHaveDuplicates();
            assertThat(told).containsExactlyInAnyOrderElementsOf(wanted);
        }
    }

    @Test
    void itEndsWhereItIsToldTo() {
        Box[] boxes = boxes(new Random(3), 300);
        int[] told = {0};
        assertThat(BoxSweep.over(boxes, i -> {}, (a, b) -> ++told[0] < 5)).isFalse();
        assertThat(told[0]).isEqualTo(5);
    }
}
