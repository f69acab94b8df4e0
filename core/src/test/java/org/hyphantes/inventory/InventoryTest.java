package org.hyphantes.inventory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.TideRing;
import org.hyphantes.figure.LineForm;
import org.hyphantes.geometry.Watch;
import org.hyphantes.treatment.Turn;
import org.junit.jupiter.api.Test;

class InventoryTest {
    private static Artwork artwork(Design design) {
        return new Resolver().resolve(design);
    }

    @Test
    void strandsAreLetteredThroughoutWithTheirPassesAndLengths() {
        Inventory ring = Inventory.of(artwork(TideRing.design()));
        assertThat(ring.strands())
                .hasSize(9)
                .extracting(StrandRow::name)
                .startsWith("A", "B")
                .endsWith("I");
        assertThat(ring.crossings()).hasSize(32);
        assertThat(ring.woven()).allMatch(s -> s.over() * 2 == s.passes().size());
        assertThat(ring.strandInAll()).isCloseTo(2 * Math.PI * (8 * 40 + 70), within(1e-9));
        assertThat(ring.alternates()).isTrue();
        assertThat(ring.turning().orElseThrow().count()).isEqualTo(8);
        assertThat(ring.determinant()).isPresent();
        for (int m = 0; m < 32; m++) {
            assertThat(ring.crossing(0, m)).contains(ring.crossings().get(m));
        }
        assertThat(ring.crossing(0, 32)).isEmpty();
        assertThat(ring.crossing(-1, 0)).isEmpty();
    }

    @Test
    void severalWeavesAndLinesAreTakenTogether() {
        Design design = TideRing.design();
        // The weave laid three times, and a line beside it in the group around it.
        Group inner = new Group(
                "inner", "Inner", design.root().members(), design.root().recipe());
        Figure line = new Figure("line-1", "Line", LineForm.STARTING);
        Group outer = new Group("design", "Outer", List.of(inner, line), List.of(new Step(true, Turn.of(3))));
        Inventory all = Inventory.of(artwork(design.withRoot(outer)));
        assertThat(all.woven()).hasSize(27);
        assertThat(all.strands().size()).isGreaterThan(27);
        assertThat(all.crossings()).hasSize(96);
        assertThat(all.crossing(2, 5)).contains(all.crossings().get(69));
        assertThat(all.strands()).extracting(StrandRow::name).doesNotHaveDuplicates();
        assertThat(all.determinant()).as("lines are no part of a knot").isEmpty();
        GroundRows grounds = all.grounds(Watch.NONE);
        GroundRows one = Inventory.of(artwork(design)).grounds(Watch.NONE);
        assertThat(grounds.areas()).hasSize(3 * one.areas().size());
        assertThat(grounds.inAll()).isCloseTo(3 * one.inAll(), within(1e-6));
        assertThat(grounds.untold()).isZero();
    }
}
