package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hyphantes.treatment.CopiesTest.circle;
import static org.hyphantes.treatment.CopiesTest.with;
import static org.hyphantes.treatment.CopiesTest.work;

import java.util.List;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Running;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;

/** Figures along a line: the places by division of its length, all else by closed forms. */
class AlongLineTest {
    /** From (0, 50) up to (0, -50): it runs towards twelve o'clock, so its right is where x grows. */
    private static final Form UPRIGHT =
            new LineForm(Amount.of(50), Amount.of(180), Amount.of(50), Amount.of(0), Running.BETWEEN_THEM);

    private static final Form BEAD = circle(4, 0, 0);

    private static List<Laid> laid(Form line, Form motif, String... settings) {
        Work work = work(List.of(line, motif), with(AlongLine.STARTING, settings));
        assertThat(work.lines().get(0).path())
                .as("the line stays as it is")
                .isEqualTo(line.paths(null).get(0));
        return work.lines().subList(1, work.lines().size());
    }

    private static Point middle(Laid bead) {
        return bead.path().box().centre();
    }

    @Test
    void beadsAreSpacedEvenlyOnOneSideOnBothAndInTurn() {
        List<Laid> right =
                laid(UPRIGHT, BEAD, "times", "5", "beside", "on the right", "off", "7", "held", "by the middle");
        assertThat(right).extracting(l -> Math.round(middle(l).y())).containsExactly(40L, 20L, 0L, -20L, -40L);
        assertThat(right).allSatisfy(l -> assertThat(middle(l).x()).isCloseTo(7, within(1e-9)));
        List<Laid> turn = laid(UPRIGHT, BEAD, "times", "5", "off", "7", "held", "by the middle");
        assertThat(turn).extracting(l -> Math.round(middle(l).x())).containsExactly(7L, -7L, 7L, -7L, 7L);
        List<Laid> both = laid(UPRIGHT, BEAD, "times", "6", "beside", "on both sides", "off", "7");
        assertThat(both).as("six in all, at three places").hasSize(6);
        List<Laid> apart = laid(UPRIGHT, BEAD, "counted", "by distance", "apart", "21", "held", "by the middle");
        assertThat(apart).extracting(l -> Math.round(10 * middle(l).y())).containsExactly(315L, 105L, -105L, -315L);
        List<Laid> ring = laid(circle(30, 0, 0), BEAD, "times", "8", "held", "by the middle");
        for (int k = 0; k < 8; k++) {
            assertThat(middle(ring.get(k)).distance(middle(ring.get((k + 1) % 8))))
                    .as("chord of an eighth of the circle")
                    .isCloseTo(2 * 30 * Math.sin(Math.PI / 8), within(1e-9));
        }
    }

    @Test
    void leavesLeanGrowAndStandOnStems() {
        // A triangle with its point to the top stands for a leaf.
        Form leaf = with3(Polygon.STARTING);
        double height = leaf.paths(null).get(0).box().height();
        List<Laid> made = laid(
                UPRIGHT, leaf, "times", "4", "off", "10", "lean", "50", "from", "0.5", "to", "2", "stem", "straight");
        assertThat(made).hasSize(8);
        for (int k = 0; k < 4; k++) {
            int side = k % 2 == 0 ? 1 : -1;
            Point foot = new Point(10 * side, 37.5 - 25 * k);
            Point tip = made.get(2 * k).path().start();
            double size = 0.5 + 1.5 * k / 3;
            assertThat(tip.distance(foot)).isCloseTo(height * size, within(1e-9));
            assertThat(Angle.bearing(tip.minus(foot)))
                    .as("towards the side it stands on")
                    .isCloseTo(side > 0 ? 50 : 310, within(1e-9));
            Path stem = made.get(2 * k + 1).path();
            assertThat(stem.end().distance(foot)).isLessThan(1e-9);
            assertThat(stem.start().x()).as("on the line").isCloseTo(0, within(1e-9));
            assertThat(Angle.bearing(stem.tangent(0))).isCloseTo(side > 0 ? 50 : 310, within(1e-6));
        }
        Work nested = work(
                List.of(UPRIGHT, leaf),
                with(Nest.STARTING, "figures", "Figure 1"),
                with(AlongLine.STARTING, "stem", "straight", "off", "5"));
        assertThat(nested.lines())
                .extracting(Laid::key)
                .as("no two lines are one strand")
                .doesNotHaveDuplicates();
        List<Laid> curved = laid(UPRIGHT, leaf, "times", "3", "off", "6", "stem", "curved");
        Path stem = curved.get(3).path();
        assertThat(Angle.bearing(stem.tangent(0))).as("leaves as the line runs").isCloseTo(0, within(1e-6));
        assertThat(Angle.bearing(stem.tangent(stem.size())))
                .as("ends as the leaf points")
                .isCloseTo(300, within(1e-6));
        List<Laid> drawn = laid(UPRIGHT, leaf, "times", "2", "heading", "as drawn");
        assertThat(drawn)
                .allSatisfy(l -> assertThat(Angle.bearing(
                                l.path().start().minus(l.path().box().centre())))
                        .isCloseTo(0, within(1e-9)));
    }

    private static Form with3(Polygon polygon) {
        try {
            return (Form) polygon.schema()
                    .read(polygon, "sides", "3", CopiesTest.NAMED)
                    .value();
        } catch (org.hyphantes.setting.CannotRead e) {
            throw new IllegalStateException(e);
        }
    }
}
