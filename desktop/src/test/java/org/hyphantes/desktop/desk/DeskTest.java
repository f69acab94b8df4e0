package org.hyphantes.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Subject;
import org.hyphantes.design.Swaps;
import org.hyphantes.desktop.TestDesk;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Form;
import org.hyphantes.gauge.Mend;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** What the desk keeps while the loom works: acts only on the present answer, mends that can be broken off, wishes that always settle. */
@ExtendWith(ApplicationExtension.class)
class DeskTest {
    private final TestDesk on = new TestDesk(Demo.TIDE_RING.design());
    private final Desk desk = on.desk();
    private final Subject turn = new Subject.OfStep(
            "design", desk.design().root().last(Turn.class).orElseThrow().id());

    @Test
    void actsOnAWeaveAreTakenOnlyOnTheAnswerToThePresentWish() {
        on.settled();
        int before = TestDesk.on(desk::weavesToActOn).get(0).weave().crossings().size();
        boolean none = TestDesk.on(() -> {
            desk.set(turn, "times", "5", false);
            return desk.weavesToActOn().isEmpty();
        });
        assertThat(none).as("no act on what the last design showed").isTrue();
        assertThat(on.message()).contains("once more");
        on.settled();
        assertThat(TestDesk.on(desk::weavesToActOn).get(0).weave().crossings()).hasSizeLessThan(before);
        assertThat(on.settled().design()).isSameAs(desk.design());
    }

    @Test
    void ofManyWishesTheLastIsAnsweredAndEachStepCanBeTakenBack() {
        Design first = desk.design();
        on.act(() -> {
            for (int times = 3; times < 12; times++) {
                desk.set(turn, "times", String.valueOf(times), false);
            }
        });
        assertThat(on.settled().finished().work().turning().orElseThrow().count())
                .isEqualTo(11);
        on.act(() -> {
            for (int i = 0; i < 9; i++) {
                desk.undo();
            }
        });
        assertThat(desk.design()).isSameAs(first);
        on.act(desk::undo);
        assertThat(on.message()).isEqualTo("Nothing to take back.");
    }

    @Test
    void aMendIsBrokenOffByAnyOtherAct() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch broken = new CountDownLatch(1);
        Mend slow = new Mend("Mend it slowly", "Mended.", (design, watch) -> {
            begun.countDown();
            try {
                while (true) {
                    watch.step();
                    WaitForAsyncUtils.sleep(2, TimeUnit.MILLISECONDS);
                }
            } catch (BrokenOff e) {
                broken.countDown();
                throw e;
            }
        });
        on.act(() -> desk.mend(slow));
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        on.act(() -> desk.set(turn, "times", "7", false));
        assertThat(broken.await(10, TimeUnit.SECONDS)).as("broken off").isTrue();
        assertThat(desk.historyProperty().get().undoWords()).contains("times");
        assertThat(on.settled().finished().work().turning().orElseThrow().count())
                .isEqualTo(7);
    }

    @Test
    void aMendThatFailsOrFindsNothingLeavesTheDesignAndSaysSo() {
        Design before = desk.design();
        for (RuntimeException failure : List.of(new IllegalStateException("made up"), new ArithmeticException())) {
            on.act(() -> desk.mend(new Mend("Mend", "Mended.", (design, watch) -> {
                throw failure;
            })));
            said("That mend could not be done");
        }
        on.act(() -> desk.mend(new Mend("Mend", "Mended.", (design, watch) -> {
            throw new StackOverflowError();
        })));
        said("That mend could not be done");
        on.act(() -> desk.mend(new Mend("Mend", "Mended.", (design, watch) -> design)));
        said("finds nothing better");
        assertThat(desk.design()).isSameAs(before);
    }

    private void said(String words) {
        try {
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> on.message().contains(words));
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError("said " + on.message(), e);
        }
        on.act(() -> desk.say(""));
    }

    @Test
    void whateverFailsInResolvingSettlesTheWishWithAMessage() throws Exception {
        List<Message> warnings = new ArrayList<>();
        Answers answers = TestDesk.on(() -> {
            Wish none = new Wish(null, "design", 0, false, true);
            ReadOnlyObjectWrapper<Message> said = new ReadOnlyObjectWrapper<>(Message.NONE);
            said.addListener((o, was, now) -> warnings.add(now));
            Answers made = new Answers(none, said);
            made.wish(none);
            return made;
        });
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> TestDesk.on(() -> answers.settledProperty().get()));
        assertThat(warnings)
                .singleElement()
                .extracting(Message::words)
                .asString()
                .contains("could not be resolved", "Undo");
    }

    @Test
    void aDragIsOneEditAndOneThatChangesNothingIsNone() {
        Design first = desk.design();
        on.act(() -> desk.set(turn, "times", "8", true));
        assertThat(TestDesk.on(desk::dropped)).as("dragged to where it was").isFalse();
        on.act(() -> {
            for (String times : List.of("9", "10", "12")) {
                desk.set(turn, "times", times, true);
            }
            desk.dropped();
        });
        assertThat(turns()).isEqualTo(12);
        on.act(desk::undo);
        assertThat(desk.design()).isSameAs(first);
        on.act(desk::redo);
        assertThat(turns()).isEqualTo(12);
    }

    private int turns() {
        return on.settled().finished().work().turning().orElseThrow().count();
    }

    @Test
    void whatCannotBeReadChangesNothingAndWhatIsGoneIsSpokenOfNoMore() {
        Design first = desk.design();
        assertThat(TestDesk.on(() -> desk.set(turn, "times", "many", false))).isFalse();
        assertThat(desk.design()).isSameAs(first);
        assertThat(on.message()).isNotBlank();
        on.act(() -> desk.edit(Recipes.addFigure("design", Form.EACH.get(0))));
        String added =
                desk.root().members().get(desk.root().members().size() - 1).id();
        on.act(() -> desk.look(
                desk.view().about(new Subject.OfFigure("design", added)).choosing("design", java.util.Set.of(added))));
        on.act(desk::undo);
        assertThat(desk.view().chosen()).isEmpty();
        assertThat(desk.view().subject()).isEmpty();
    }

    @Test
    void theWeaveIsAnsweredFromTheGroupInHandAsFarAsTheShuttle() {
        on.act(() -> desk.look(desk.view().withShuttle(0)));
        assertThat(on.settled().weaves()).isEmpty();
        assertThat(on.settled().finished().work().weaves()).isNotEmpty();
        on.act(() -> desk.look(desk.view().withShuttle(99)));
        assertThat(on.settled().weaves()).hasSize(1);
        on.act(() -> desk.edit(Swaps.swap(desk.weavesToActOn().get(0), 0, Reach.THIS_ONE)));
        assertThat(on.settled().weaves().get(0).weave().crossings())
                .filteredOn(c -> c.isPinned())
                .hasSize(1);
    }
}
