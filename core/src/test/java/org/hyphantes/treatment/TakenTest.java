package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;
import static org.hyphantes.treatment.CopiesTest.NAMED;
import static org.hyphantes.treatment.CopiesTest.circle;
import static org.hyphantes.treatment.CopiesTest.with;
import static org.hyphantes.treatment.CopiesTest.work;

import java.util.List;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Running;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.junit.jupiter.api.Test;

/** Which figures a treatment takes, and that equal copies are one. */
class TakenTest {
    /** A disc with spokes on a hexagon: the spokes are turned alone, and the hexagon stays one. */
    @Test
    void aTreatmentTakesTheFiguresNamedAndTheOthersKeepTheirPlace() {
        Form spoke = new LineForm(Amount.of(40), Amount.of(0), Amount.of(20), Amount.of(0), Running.BETWEEN_THEM);
        List<Form> forms = List.of(Polygon.STARTING, spoke, circle(60, 0, 0));
        Work turned = work(forms, with(Turn.of(48), "figures", "Figure 1"));
        assertThat(turned.lines()).hasSize(50);
        assertThat(turned.lines().get(0).key().figure()).isEqualTo("f0");
        assertThat(turned.lines().get(49).key().figure()).isEqualTo("f2");
        assertThat(turned.turning())
                .as("7.5 degrees do not carry a hexagon to itself")
                .isEmpty();
        assertThat(work(forms, with(Turn.of(6), "figures", "Figure 1")).turning())
                .as("60 degrees do, and any turn a circle about the centre")
                .isPresent();
        assertThat(work(forms, with(Row.STARTING, "figures", "Figure 0, Figure 2"))
                        .lines())
                .hasSize(2 * 4 + 1);
        for (Treatment treatment : List.of(Mirror.STARTING, Offset.STARTING, Nest.STARTING, Soften.STARTING)) {
            Work made = work(forms, with(treatment, "figures", "Figure 0"));
            Work alone = work(List.of(Polygon.STARTING), treatment);
            assertThat(made.lines())
                    .as(treatment.schema().word())
                    .hasSize(alone.lines().size() + 2);
            assertThat(made.lines())
                    .as(treatment.schema().word())
                    .anyMatch(l -> l.path().equals(spoke.paths(null).get(0)));
        }
        Work woven = work(
                List.of(circle(30, 20, 90), circle(30, 20, 270), circle(70, 0, 0)),
                Band.STARTING,
                with(Interlace.STARTING, "figures", "Figure 0, Figure 1"));
        assertThat(woven.weaves().get(0).weave().strands()).hasSize(2);
        assertThat(woven.lines()).as("a band that nobody wove").hasSize(1);
        assertThat(work(forms, with(Turn.of(5), "figures", "Figure 0, f2")).lines())
                .hasSize(5 + 1 + 1);
        assertThatExceptionOfType(CannotRead.class)
                .isThrownBy(() -> Turn.STARTING.schema().read(Turn.STARTING, "figures", "Figure 0, Nobody", NAMED))
                .withMessageContaining("Nobody");
    }

    @Test
    void equalCopiesAreOneOverWhateverAngle() {
        Work half = work(List.of(circle(30, 0, 0)), with(Turn.of(24), "over", "180"));
        assertThat(half.lines()).as("half a turn about its own centre").hasSize(1);
        Work opposite = work(List.of(circle(10, 40, 0), circle(10, 40, 90)), Turn.of(4));
        assertThat(opposite.lines())
                .as("each lies where the other is turned to")
                .hasSize(4);
        Form through = new LineForm(Amount.of(40), Amount.of(0), Amount.of(40), Amount.of(180), Running.BETWEEN_THEM);
        assertThat(work(List.of(through), with(Turn.of(12), "over", "360")).lines())
                .hasSize(6);
        Work row = work(List.of(circle(10, 0, 0), circle(10, 20, 90)), with(Row.STARTING, "steps", "20 20"));
        assertThat(row.lines()).as("two of the row lie on one another").hasSize(4);
    }

    /** A cloth among other figures ends at its edge: as much of its lines is seen as its tiles have, wherever they lie in them. */
    @Test
    void aClothOfSomeFiguresIsCutOffAtItsEdge() {
        Repeat all = Repeat.STARTING
                .with("group", "p1")
                .with("width", Amount.of(18))
                .with("height", Amount.of(20))
                .with("columns", Amount.of(3))
                .with("rows", Amount.of(2));
        Treatment cloth = with(all, "figures", "Figure 1");
        List<Form> forms = List.of(circle(5, 0, 0), circle(12, 7, 63));
        List<Laid> lines = work(forms, cloth).lines().stream()
                .filter(l -> l.key().figure().equals("f1"))
                .toList();
        assertThat(lines.stream().mapToDouble(l -> l.path().length()).sum())
                .isCloseTo(3 * 2 * 2 * Math.PI * 12, within(1e-6));
        Box box = Box.round(lines.stream().map(l -> l.path().box()).toList());
        assertThat(box.width()).isCloseTo(3 * 18, within(1e-9));
        assertThat(box.height()).isCloseTo(2 * 20, within(1e-9));
        // Or is left whole.
        assertThat(work(forms, with(all.with("edge", "whole"), "figures", "Figure 1"))
                        .lines())
                .allMatch(l -> l.path().closed());
    }
}
