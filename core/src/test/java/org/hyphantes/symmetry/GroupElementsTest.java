package org.hyphantes.symmetry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.TreeMap;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.treatment.Repeat;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Centres of turning per cell by their order, and whether there are lines of reflection and of glide alone. Source: International Tables for
 * Crystallography, volume A, the diagrams of the seventeen plane groups, and the Wyckoff positions of their sites with turns; from memory.
 */
class GroupElementsTest {
    @ParameterizedTest
    @CsvSource({
        "p1, , false, false",
        "p2, 2:4, false, false",
        "pm, , true, false",
        "pg, , false, true",
        "cm, , true, true",
        "p2mm, 2:4, true, false",
        "p2mg, 2:4, true, true",
        "p2gg, 2:4, false, true",
        "c2mm, 2:8, true, true",
        "p4, 2:2 4:2, false, false",
        "p4mm, 2:2 4:2, true, true",
        "p4gm, 2:2 4:2, true, true",
        "p3, 3:3, false, false",
        "p3m1, 3:3, true, true",
        "p31m, 3:3, true, true",
        "p6, 2:3 3:2 6:1, false, false",
        "p6mm, 2:3 3:2 6:1, true, true",
        "frieze p1, , false, false",
        "frieze p211, 2:2, false, false",
        "frieze p1m1, , true, false",
        "frieze p11m, , true, false",
        "frieze p11g, , false, true",
        "frieze p2mm, 2:2, true, false",
        "frieze p2mg, 2:2, true, true",
    })
    void centresAndLinesAreThoseOfTheTables(String group, String centres, boolean mirrors, boolean glides) {
        Repeat repeat = Repeat.STARTING
                .with("group", group)
                .with("height", Amount.of(47))
                .with("right", Amount.of(-7))
                .with("down", Amount.of(11));
        assertThat(Entry.word(repeat.group())).isEqualTo(group);
        GroupElements elements = GroupElements.of(repeat.tiling());
        Map<Integer, Integer> counts = new TreeMap<>();
        elements.centres().forEach(c -> counts.merge(c.order(), 1, Integer::sum));
        StringBuilder told = new StringBuilder();
        counts.forEach((order, count) -> told.append(told.isEmpty() ? "" : " ").append(order + ":" + count));
        assertThat(told).hasToString(centres == null ? "" : centres);
        assertThat(elements.axes().stream().anyMatch(a -> !a.glide())).isEqualTo(mirrors);
        assertThat(elements.axes().stream().anyMatch(GroupElements.Axis::glide)).isEqualTo(glides);
    }
}
