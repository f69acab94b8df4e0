package org.hyphantes.design;

import static org.assertj.core.api.Assertions.assertThat;

import org.hyphantes.figure.LineForm;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.gauge.State;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Laid;
import org.junit.jupiter.api.Test;

class DesignTest {
    private static Inspection inspect(Design design) {
        return Inspection.of(design, new Resolver().resolve(design));
    }

    private static Design without(Design design, String step) {
        return Recipes.removeStep(design, "design", step).change().apply(design);
    }

    @Test
    void undoAndRedoWalkThroughEveryEditOnce() throws Exception {
        Design first = TideRing.design();
        Subject circle = new Subject.OfFigure("design", "circle-1");
        History history = History.of(first);
        for (int r = 41; r < 241; r++) {
            Design changed = circle.set(history.design(), "radius", "" + r).value();
            history = history.after(new Edit("radius " + r, d -> changed));
        }
        History last = history;
        for (int i = 0; i < 200; i++) {
            history = history.undone();
        }
        assertThat(history.design()).isEqualTo(first);
        assertThat(history.canUndo()).isFalse();
        assertThat(history.redoWords()).isEqualTo("radius 41");
        for (int i = 0; i < 200; i++) {
            history = history.redone();
        }
        assertThat(history.design()).isEqualTo(last.design());
        assertThat(history.after(new Edit("nothing", d -> d))).isSameAs(history);
    }

    @Test
    void resolvedPrefixesAreRememberedAndALaterStepDoesNotRedoThem() throws Exception {
        Resolver resolver = new Resolver();
        Design design = TideRing.design();
        Artwork turned = resolver.alone(design, design.root().upTo(1), Watch.NONE);
        resolver.resolve(design);
        Design clearer = new Subject.OfStep("design", "interlace-1")
                .set(design, "clearance", "1")
                .value();
        resolver.resolve(clearer);
        Artwork again = resolver.alone(clearer, clearer.root().upTo(1), Watch.NONE);
        assertThat(again.work()).isSameAs(turned.work());
    }

    @Test
    void stepsBetweenOneFigureAreASnagThatSaysWhatToDo() {
        Design one = Recipes.addFigure("design", org.hyphantes.figure.Circle.STARTING)
                .change()
                .apply(Design.empty("Trial"));
        one = Recipes.addStep("design", 0, org.hyphantes.treatment.Between.STARTING)
                .change()
                .apply(one);
        var snags = org.hyphantes.gauge.Inspection.of(one, new Resolver().resolve(one))
                .snags();
        assertThat(snags)
                .anyMatch(s -> s.words().contains("two figures") && s.words().contains("add another"));
    }

    @Test
    void aMeasureChangesAllThatUseItAndIsKeptAsTyped() throws Exception {
        Design design = TideRing.design().withMeasure("seat", Amount.of(62));
        Subject circle = new Subject.OfFigure("design", "circle-1");
        Subject wide = new Subject.OfFigure("design", "circle-2");
        design = circle.set(design, "out", "seat").value();
        design = wide.set(design, "radius", "seat + 8").value();
        design = design.withMeasure("seat", Amount.of(64));
        assertThat(circle.in(design)
                        .orElseThrow()
                        .schema()
                        .value(circle.in(design).orElseThrow(), "out"))
                .isEqualTo(new Amount(64, "seat"));
        assertThat(new Resolver()
                        .alone(design, design.root().upTo(0), Watch.NONE)
                        .work()
                        .lines())
                .extracting(Laid::path)
                .anyMatch(p -> Math.abs(p.length() - 2 * Math.PI * 72) < 1e-9);
    }

    @Test
    void gaugesSayWhatTheDesignIs() {
        Inspection whole = inspect(TideRing.design());
        // In brass the ground narrows to 1.68 mm, a quarter above the limit at most.
        assertThat(whole.snags()).extracting(Snag::gauge).containsExactly("narrowest");
        assertThat(whole.reading("strands").text()).isEqualTo("9, all closed");
        assertThat(whole.reading("crossings").text()).isEqualTo("32 of 32 alternate");
        Inspection bare = inspect(without(TideRing.design(), "interlace-1"));
        assertThat(bare.reading("crossings").text()).isEqualTo("32 not woven");
        assertThat(inspect(Design.empty("Nothing")).reading("strands").state()).isEqualTo(State.DOES_NOT_APPLY);
    }

    @Test
    void anOrderThatCannotWorkIsASnagWhoseMendMakesItWork() {
        Design noBand = without(TideRing.design(), "band-1");
        Design bandLate = Recipes.moveStep(TideRing.design(), "design", "band-1", 2)
                .change()
                .apply(TideRing.design());
        Design turnLate = Recipes.moveStep(TideRing.design(), "design", "turn-1", 2)
                .change()
                .apply(TideRing.design());
        // What takes lines finds none after the weave; moved before it, it does its work.
        Design knotLate = Recipes.addStep("design", 3, org.hyphantes.treatment.Knot.STARTING)
                .change()
                .apply(TideRing.design());
        Snag late = inspect(knotLate).snags().get(0);
        assertThat(late.words()).isEqualTo("Knot comes after Interlace and finds no line left.");
        Design knotted = late.mend().orElseThrow().of(knotLate);
        assertThat(inspect(knotted).reading("crossings").text()).isNotEqualTo("32 of 32 alternate");
        for (Design wrong : new Design[] {noBand, bandLate, turnLate}) {
            Snag snag = inspect(wrong).snags().get(0);
            Design mended = snag.mend().orElseThrow().of(wrong);
            Inspection after = inspect(mended);
            assertThat(after.snags()).as(snag.words()).extracting(Snag::gauge).containsExactly("narrowest");
            assertThat(after.reading("crossings").text()).isEqualTo("32 of 32 alternate");
        }
    }

    @Test
    void linesThroughOnePointAreReportedAsCrowded() {
        Design lines = Recipes.addFigure("design", LineForm.STARTING).change().apply(TideRing.design());
        Inspection inspection = inspect(lines);
        assertThat(inspection.reading("strands").text()).isEqualTo("13, 4 open");
        assertThat(inspection.snags()).anyMatch(s -> s.words().startsWith("Three bands meet"));
        assertThat(inspection.reading("crossings").state()).isEqualTo(State.BROKEN);
    }

    @Test
    void stepsPassedUnderDoNothingAndComeBack() {
        Design design = TideRing.design();
        Design under = Recipes.pass(design, "design", "turn-1").change().apply(design);
        assertThat(inspect(under).reading("strands").text()).isEqualTo("2, all closed");
        assertThat(Recipes.pass(under, "design", "turn-1").change().apply(under))
                .isEqualTo(design);
    }

    @Test
    void countsBeyondReasonAreLeftOutAndSaid() throws Exception {
        Design design = Recipes.addStep("design", 0, org.hyphantes.treatment.Turn.STARTING.withTimes(3600))
                .change()
                .apply(TideRing.design());
        Design much = new Subject.OfStep("design", "turn-1")
                .set(design, "times", "3600")
                .value();
        assertThat(inspect(much).snags()).anyMatch(s -> s.words().contains("left out"));
    }

    /** Broken off after any number of steps, resolving leaves nothing behind that the next time would find. */
    @Test
    void whatWasBrokenOffIsResolvedAnewAsIfNothingHadBeen() {
        Design design = TideRing.design();
        Artwork wanted = new Resolver().resolve(design);
        Resolver resolver = new Resolver();
        int broken = 0;
        for (int steps = 0; steps < 4_000; steps = steps * 5 / 4 + 1) {
            int most = steps;
            int[] taken = {0};
            try {
                resolver.resolve(design, () -> {
                    if (taken[0]++ >= most) {
                        throw new BrokenOff();
                    }
                });
            } catch (BrokenOff e) {
                broken++;
            }
            Artwork after = resolver.resolve(design);
            assertThat(after.faults()).as("after %d steps", steps).isEmpty();
            assertThat(after.scene()).isEqualTo(wanted.scene());
            resolver = new Resolver();
        }
        assertThat(broken).isGreaterThan(10);
    }
}
