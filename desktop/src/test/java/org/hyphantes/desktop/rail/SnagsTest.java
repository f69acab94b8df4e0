package org.hyphantes.desktop.rail;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.desktop.TestDesk;
import org.hyphantes.figure.Circle;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Going from snag to snag, and mending one or all of a kind. */
@ExtendWith(ApplicationExtension.class)
class SnagsTest {
    private static TestDesk desk(Design design) {
        TestDesk desk = new TestDesk(design);
        desk.settled();
        return desk;
    }

    /** Interlaced before it is turned, and with nothing to interlace: two snags of one gauge. */
    private static Design wrong() {
        Design design = Recipes.addFigure("design", new Circle(Amount.of(30), Amount.of(20), Amount.of(0)))
                .change()
                .apply(Design.empty("Wrong way round"));
        design = Recipes.addStep("design", 0, Interlace.STARTING).change().apply(design);
        return Recipes.addStep("design", 1, Turn.of(5)).change().apply(design);
    }

    @Test
    void allOfAKindAreMendedInOneEditWithEveryStepInItsPlace() throws Exception {
        Design wrong = wrong();
        TestDesk on = desk(wrong);
        Snags snags = TestDesk.on(() -> new Snags(on.desk()));
        assertThat(TestDesk.on(snags::words)).startsWith("1 of 2: ");
        on.act(() -> snags.go(1));
        assertThat(TestDesk.on(snags::words)).startsWith("2 of 2: ");
        on.act(() -> snags.go(1));
        assertThat(TestDesk.on(snags::words)).startsWith("1 of 2: ");
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> TestDesk.on(() -> on.desk().ghostProperty().get().isPresent()));
        assertThat(on.desk().design()).as("only looked at").isSameAs(wrong);
        on.act(snags::mendAlike);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> on.desk().design() != wrong);
        on.settled();
        assertThat(on.desk().root().recipe())
                .extracting(s -> s.treatment().schema().word())
                .containsExactly("band", "turn", "interlace");
        assertThat(TestDesk.on(snags::current)).isEmpty();
        on.act(on.desk()::undo);
        assertThat(on.desk().design()).as("one undo").isSameAs(wrong);
    }

    @Test
    void whereAllIsSoundItSaysSo() {
        TestDesk on = desk(Design.empty("Sound"));
        Snags snags = TestDesk.on(() -> new Snags(on.desk()));
        assertThat(TestDesk.on(snags::words)).isEmpty();
        on.act(() -> snags.go(1));
        assertThat(on.message()).isEqualTo("No snags: all is sound.");
        on.act(snags::mend);
        assertThat(on.message()).isEqualTo("Nothing to mend.");
    }
}
