package org.hyphantes.desktop.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.TestDesk;
import org.hyphantes.desktop.act.Arrange;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.card.ProofCard;
import org.hyphantes.desktop.rail.GaugeRail;
import org.hyphantes.desktop.rail.Snags;
import org.hyphantes.exchange.project.Demo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** What the strip, the cards and the rail say of a design, each by itself. */
@ExtendWith(ApplicationExtension.class)
class StripAndCardsTest {
    private static String labels(Parent parent) {
        WaitForAsyncUtils.waitForFxEvents();
        return TestDesk.on(() -> parent.lookupAll(".label").stream()
                .map(l -> ((Label) l).getText())
                .filter(t -> !t.isBlank())
                .collect(Collectors.joining("|")));
    }

    private static void eventually(Parent parent, String... words) {
        String[] last = {""};
        for (int i = 0; i < 200; i++) {
            last[0] = labels(parent);
            if (List.of(words).stream().allMatch(last[0]::contains)) {
                return;
            }
            WaitForAsyncUtils.sleep(25, java.util.concurrent.TimeUnit.MILLISECONDS);
        }
        assertThat(last[0]).contains(words);
    }

    /** Tide Ring: eight circles and a ring of 8-fold turns. */
    @Test
    void theProofCardSaysWhatIsProvenOfTheWeave() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        ProofCard card = TestDesk.on(() -> new ProofCard(on.desk()));
        on.act(() -> on.desk().look(on.desk().view().withShuttle(1)));
        eventually(card, "Alternates along every strand.", "8 turns of 45 deg", "Strand in all:");
        on.act(() -> on.desk().lay(Design.empty("Nothing")));
        eventually(card, "Nothing is woven");
    }

    @Test
    void theStripNamesWhatTheDesignContainsAndCountsWhatComesOfIt() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        RecipeStrip strip = TestDesk.on(() -> new RecipeStrip(on.bench()));
        on.act(() -> on.desk().lay(Demo.TIDE_RING.design()));
        int members = on.desk().root().members().size();
        eventually(strip, members + " figures", "9 strands", "32 crossings", "32 courses");
        on.act(() -> on.desk()
                .look(on.desk()
                        .view()
                        .choosing(
                                "design",
                                Set.of(on.desk().root().members().get(0).id()))));
        on.act(() -> new Arrange(on.desk()).stand("helper"));
        eventually(strip, members + " figures", "1 strand\n0 crossings\n1 line");
    }

    @Test
    void keysOnTheCordChooseMoveAndPassSteps() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        Cord cord = TestDesk.on(() -> new Cord(on.bench()));
        on.settled();
        int steps = on.desk().root().recipe().size();
        RecipeActs acts = new RecipeActs(on.desk());
        on.act(() -> acts.choose(0));
        String first = acts.chosen().orElseThrow().id();
        on.act(() -> press(cord, KeyCode.RIGHT, false));
        assertThat(acts.chosenIndex()).isEqualTo(1);
        on.act(() -> press(cord, KeyCode.LEFT, false));
        on.act(() -> press(cord, KeyCode.RIGHT, true));
        assertThat(on.desk().root().indexOf(first)).as("moved along").isEqualTo(1);
        on.act(() -> press(cord, KeyCode.SPACE, false));
        assertThat(on.desk().root().step(first).orElseThrow().over()).isFalse();
        assertThat(TestDesk.on(cord::getAccessibleText)).contains("Recipe of " + steps + " steps");
        on.act(() -> press(cord, KeyCode.DELETE, false));
        assertThat(on.desk().root().step(first)).isEmpty();
    }

    private static void press(Node node, KeyCode key, boolean shift) {
        node.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, shift, false, false, false));
    }

    @Test
    void theRailReadsEveryGaugeInItsPlace() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        GaugeRail rail = TestDesk.on(() -> new GaugeRail(on.bench(), new Snags(on.desk())));
        on.act(() -> on.desk().look(on.desk().view().withShuttle(1)));
        eventually(rail, "32 of 32 alternate");
        for (String gauge : List.of("strands", "crossings", "narrowest")) {
            Node shown = TestDesk.on(() -> rail.lookup("#gauge-" + gauge));
            assertThat(shown).as(gauge).isNotNull();
            assertThat(TestDesk.on(shown::getAccessibleText)).isNotBlank();
        }
    }
}
