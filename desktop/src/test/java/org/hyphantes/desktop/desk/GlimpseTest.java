package org.hyphantes.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.TestDesk;
import org.hyphantes.desktop.act.RepeatActs;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.setting.Amount;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Work;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** What is seen of a design whose bands are crowded, and take long to be woven. */
@ExtendWith(ApplicationExtension.class)
class GlimpseTest {
    private final TestDesk on = new TestDesk(crowded());
    private final Desk desk = on.desk();
    private final RepeatActs acts = new RepeatActs(desk);

    /** Each picture that the field was given, and whether it was measured. */
    private final List<Artwork> pictures = new ArrayList<>();

    private final List<Boolean> measured = new ArrayList<>();

    /** Waves in cells so low that in many groups they lie along one another. */
    private static Design crowded() {
        Design design = Demo.SLACK_WATER_TILE.design();
        Step repeat = design.root().last(Repeat.class).orElseThrow();
        Repeat low = ((Repeat) repeat.treatment()).with("height", Amount.of(60));
        return Recipes.set("design", repeat.id(), low, "").change().apply(design);
    }

    @BeforeEach
    void watch() {
        on.settled();
        TestDesk.on(() -> {
            desk.open("repeat");
            desk.pictured().onChange(() -> {
                pictures.add(desk.pictured().artwork());
                measured.add(desk.pictured().isMeasured());
                if (!desk.pictured().isMeasured()) {
                    assertThat(desk.pictured().snags()).isEmpty();
                }
            });
            return null;
        });
        on.settled();
    }

    private static RepeatGroup group(Artwork picture) {
        return picture.work().cloth().orElseThrow().tiling().group();
    }

    /** Whether it is not woven, or not exactly. */
    private static boolean isRough(Artwork picture) {
        List<Laying> weaves = picture.work().weaves();
        return weaves.isEmpty()
                || weaves.stream().anyMatch(l -> l.weave().order().rough());
    }

    @Test
    void bandsAreSeenInTheirColoursUntilTheyAreWovenAndNoGaugeTellsOfThemBefore() {
        on.act(() -> acts.group(RepeatGroup.C2MM));
        int seen = 0;
        while (group(pictures.get(seen)) != RepeatGroup.C2MM) {
            seen++;
        }
        Work first = pictures.get(seen).work();
        assertThat(first.weaves()).isEmpty();
        assertThat(first.lines()).isNotEmpty().allMatch(l -> l.band().isPresent());
        assertThat(first.lines().stream().map(Laid::colour).distinct()).hasSizeGreaterThan(2);
        assertThat(measured.get(seen)).isFalse();
        Artwork last = pictures.get(pictures.size() - 1);
        assertThat(last).isSameAs(on.settled().field());
        assertThat(last.work().weaves()).isNotEmpty();
        assertThat(measured.get(measured.size() - 1)).isTrue();
        // What is woven of the same bands once more does not come apart meanwhile.
        pictures.clear();
        Interlace other = desk.root().lastOf(Interlace.class).orElseThrow().withClearance(0.5);
        String step = desk.root().last(Interlace.class).orElseThrow().id();
        on.act(() -> desk.edit(Recipes.set("design", step, other, "Clearer.")));
        assertThat(pictures).allMatch(p -> !p.work().weaves().isEmpty());
    }

    @Test
    void whatTakesLongToWeaveFollowsTheHandRoughlyAndIsWovenExactlyWhenItRests() {
        on.act(() -> acts.group(RepeatGroup.C2MM));
        TestDesk.on(() -> {
            pictures.clear();
            measured.clear();
            return null;
        });
        for (int i = 1; i <= 20; i++) {
            double wide = 150 + i;
            Repeat wider = desk.root().lastOf(Repeat.class).orElseThrow().with("width", Amount.of(wide));
            String step = desk.root().last(Repeat.class).orElseThrow().id();
            Edit edit = Recipes.set("design", step, wider, "Wider.");
            TestDesk.on(() -> {
                desk.drag(edit);
                return null;
            });
            WaitForAsyncUtils.sleep(50, TimeUnit.MILLISECONDS);
        }
        assertThat(pictures).hasSizeGreaterThan(3).allMatch(GlimpseTest::isRough);
        assertThat(measured).doesNotContain(true);
        on.act(desk::dropped);
        assertThat(isRough(pictures.get(pictures.size() - 1))).isFalse();
        Work woven = pictures.get(pictures.size() - 1).work();
        assertThat(woven.weaves()).isNotEmpty();
        assertThat(woven.cloth().orElseThrow().cells().across().length()).isEqualTo(170);
        assertThat(measured.get(measured.size() - 1)).isTrue();
    }

    @Test
    void whatWasResolvedBeforeItWasAskedForIsThereAtOnceAndAnswersTheNewWish() {
        Inspection kept = null;
        for (int i = 0; i < 100; i++) {
            TestDesk.on(() -> {
                acts.foresee(RepeatGroup.P4GM);
                return null;
            });
            WaitForAsyncUtils.sleep(200, TimeUnit.MILLISECONDS);
            on.act(() -> acts.group(RepeatGroup.P4GM));
            assertThat(on.settled().design()).isSameAs(desk.design());
            assertThat(group(on.settled().field())).isEqualTo(RepeatGroup.P4GM);
            if (on.settled().inspection() == kept) {
                break;
            }
            kept = on.settled().inspection();
            on.act(() -> acts.group(RepeatGroup.P4));
        }
        assertThat(on.settled().inspection()).isSameAs(kept);
        // It is seen within the act, also while an older wish is being answered, which comes too late for anything
        // then.
        for (int later : new int[] {0, 5, 10, 20, 40, 80}) {
            TestDesk.on(() -> {
                acts.group(RepeatGroup.C2MM);
                return null;
            });
            WaitForAsyncUtils.sleep(later, TimeUnit.MILLISECONDS);
            TestDesk.on(() -> {
                pictures.clear();
                acts.group(RepeatGroup.P4GM);
                assertThat(pictures).hasSize(1);
                return null;
            });
            WaitForAsyncUtils.sleep(400, TimeUnit.MILLISECONDS);
            assertThat(on.settled().inspection()).isSameAs(kept);
            assertThat(pictures).hasSize(1).allMatch(p -> group(p) == RepeatGroup.P4GM);
        }
    }
}
