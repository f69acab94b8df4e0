package org.hyphantes.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.cut.Cuts;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Machine;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Design;
import org.hyphantes.design.Making;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.TideRing;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Infill;
import org.hyphantes.treatment.Surroundings;
import org.junit.jupiter.api.Test;

/** Faults planted in what is to be cut: each is told in its place, and gone after one mend. */
class CutGaugeTest {
    private static Design leather(String... courses) {
        List<Form> forms =
                List.of(courses).stream().map(c -> (Form) new Drawn(c)).toList();
        return Trial.design(Material.LEATHER, forms);
    }

    private static Inspection inspect(Design design) {
        return Inspection.of(design, new Resolver().resolve(design));
    }

    private static List<Snag> snags(Design design) {
        return inspect(design).snags().stream()
                .filter(s -> s.gauge().equals("cut"))
                .toList();
    }

    /** The design after the mend of its one kind of snag, which is then gone. */
    private static Design mended(Design design, String words, String offer) {
        Snag first = snags(design).get(0);
        assertThat(first.words()).contains(words);
        assertThat(first.offer()).isEqualTo(offer);
        Design mended = first.mend().orElseThrow().of(design);
        assertThat(snags(mended)).extracting(Snag::words).noneMatch(w -> w.contains(words));
        return mended;
    }

    @Test
    void onlyWhatIsCutIsGauged() {
        Design leather = leather("M 0 0 L 30 0 L 30 20 Z");
        assertThat(inspect(leather).reading("cut").text()).isEqualTo("ready");
        Design print = leather.withMaking(Making.in(Material.PRINT));
        assertThat(inspect(print).reading("cut").state()).isEqualTo(State.DOES_NOT_APPLY);
        // A material comes with its machine, until another is chosen.
        assertThat(print.withMaking(Making.in(Material.METAL_INLAY)).job().machine())
                .isEqualTo(Machine.GANNET_MILL);
        Design chosen = leather.withJob(leather.job().with("machine", Machine.KITTIWAKE_BEAM));
        assertThat(chosen.job().width().value()).isEqualTo(600);
        assertThat(chosen.withMaking(Making.in(Material.METAL_INLAY)).job().machine())
                .isEqualTo(Machine.KITTIWAKE_BEAM);
    }

    @Test
    void aDoubledLineOf84() {
        Design design = leather("M 0 0 L 50 0 L 50 84 L 0 84 Z", "M 50 0 L 120 0 L 120 84 L 50 84 Z");
        assertThat(snags(design).get(0).place().orElseThrow().distance(new Point(50, 42)))
                .isLessThan(1e-6);
        Design once = mended(design, "84 mm", "Keep one");
        assertThat(once.job().lines()).isEqualTo(Job.Lines.EACH_ONCE);
        assertThat(inspect(once).reading("cut").state()).isNotEqualTo(State.BROKEN);
    }

    @Test
    void fiveStrayPoints() {
        StringBuilder course = new StringBuilder("M -20 -20 L 40 -20 L 40 30 L -20 30 Z");
        for (int i = 0; i < 5; i++) {
            course.append(" M ")
                    .append(5 * i)
                    .append(" 0 L ")
                    .append(5 * i + 0.01)
                    .append(" 0");
        }
        Design design = leather(course.toString());
        assertThat(snags(design)).hasSize(5);
        assertThat(snags(design).get(4).place().orElseThrow().x()).isCloseTo(20, within(0.02));
        assertThat(snags(mended(design, "5 stray points", "Remove them"))).isEmpty();
    }

    @Test
    void anEndOpenBy3TenthsAndOneWideOpen() {
        Design design = leather("M 0 0 L 30 0 L 30 20 L 0 0.3");
        Design closed = mended(design, "0.3 mm apart", "Close it");
        assertThat(closed.job().closing().value()).isEqualTo(0.3);
        assertThat(snags(closed)).isEmpty();
        Design wide = leather("M 0 0 L 30 0 L 30 20");
        Design scored = mended(wide, "Open line where a cut is wanted", "Make it a score");
        assertThat(scored.job().passes().get(0).work()).isEqualTo(Pass.Work.SCORE);
        assertThat(snags(scored)).isEmpty();
    }

    /** Two squares side by side, each made larger by half the kerf, cut into one another; without kerf their common line is cut twice. */
    @Test
    void partsThatAdjoinAreCutIntoByTheKerf() {
        Design squares = leather("M 0 0 L 20 0 L 20 20 L 0 20 Z", "M 20 0 L 50 0 L 50 20 L 20 20 Z");
        Design filled = squares.withRoot(squares.root()
                .withRecipe(List.of(new Step(true, new Infill(Surroundings.EVERY_LINE, Infill.Overlaps.FILLED)))));
        Design kerf = filled.withJob(filled.job().with("kerf", Amount.of(0.2)).with("parts", Job.Parts.APART));
        Design laid = mended(kerf, "cut into by the other, at 2 places", "Lay the parts apart");
        assertThat(snags(laid)).isEmpty();
        Cuts cuts = Cuts.of(new Resolver().resolve(laid).scene(), laid.job(), laid.colourway(), 1);
        assertThat(cuts.parts()).hasSize(2);
        assertThat(cuts.contours().get(0).path().box().grown(4.9))
                .matches(b -> !b.meets(cuts.contours().get(1).path().box()));
        Design none = kerf.withJob(kerf.job().with("kerf", Amount.of(0)));
        assertThat(snags(mended(none, "Lines lie on one another for 20 mm", "Keep one")))
                .isEmpty();
        // Further apart than the kerf they are whole.
        Design apart = leather("M 0 0 L 20 0 L 20 20 L 0 20 Z", "M 20.3 0 L 40 0 L 40 20 L 20.3 20 Z");
        Design whole = apart.withRoot(filled.root().withMembers(apart.root().members()))
                .withJob(kerf.job());
        assertThat(snags(whole)).isEmpty();
    }

    /** A bend written in arcs that stray by up to a millimetre is told, and written finer. */
    @Test
    void coarseCurves() {
        Design leaf = leather("M 0 0 C 30 -40 60 -40 90 0 C 70 10 20 30 0 0 Z");
        Design coarse = leaf.withJob(leaf.job().with("fine", Amount.of(1)));
        assertThat(snags(leaf)).isEmpty();
        assertThat(snags(coarse).get(0).place()).isPresent();
        Design fine = mended(coarse, "strays", "Write finer curves");
        assertThat(fine.job().fine().value()).isEqualTo(0.01);
    }

    /** Two plates held by a waist of 0.4 mm, where leather bears 1 mm: told there, and as wide as that in what is cut once mended. */
    @Test
    void aWaistOf04InAFilledFigure() {
        Design plates = leather("M 0 0 L 20 0 L 25 9.8 L 30 0 L 50 0 L 50 20 L 30 20 L 25 10.2 L 20 20 L 0 20 Z");
        Design filled = plates.withRoot(plates.root()
                .withRecipe(List.of(new Step(true, new Infill(Surroundings.EVERY_LINE, Infill.Overlaps.FILLED)))));
        assertThat(snags(filled).get(0).place().orElseThrow().distance(new Point(25, 10)))
                .isLessThan(1e-6);
        Design wide = mended(filled, "Bridge of 0.4 mm", "Widen them to 1 mm");
        Scene scene = new Resolver().resolve(wide).scene();
        Cuts cuts = Cuts.of(scene, wide.job(), wide.colourway(), 1);
        assertThat(cuts.contours()).hasSize(1);
        Path edge = cuts.contours().get(0).path();
        Point waist = cuts.onBed(new Point(25, 10));
        assertThat(edge.at(edge.nearest(waist)).distance(waist))
                .isCloseTo(0.5 + wide.job().kerf().value() / 2, within(1e-6));
    }

    /** Twelve millimetres too wide for the bed: turned where that helps, else made smaller until it fits. */
    @Test
    void largerThanTheBedBy12() {
        Design wide = leather("M 0 0 L 212 0 L 212 60 L 0 60 Z");
        Design narrow = wide.withJob(wide.job().with("width", Amount.of(200)).with("height", Amount.of(250)));
        assertThat(snags(mended(narrow, "12 mm larger than the bed", "Turn it")))
                .isEmpty();
        Design low = wide.withJob(wide.job().with("width", Amount.of(200)).with("height", Amount.of(100)));
        Design fitted = mended(low, "12 mm larger than the bed", "Fit it: 0.943 times its size");
        assertThat(snags(fitted)).isEmpty();
        assertThat(fitted.handing().scale().value()).isCloseTo(200.0 / 212, within(1e-3));
    }

    @Test
    void copiesWithoutRoomAndPassesWithoutWork() {
        Design design = leather("M 0 0 L 90 0 L 90 40 L 0 40 Z");
        Design many = design.withJob(design.job().with("copies", Amount.of(50)));
        assertThat(snags(many).get(0).words()).isEqualTo("12 of 50 copies have room on the bed.");
        Design laid = mended(many, "have room", "Lay 12");
        assertThat(snags(laid)).isEmpty();
        Design idle = design.withJob(design.job().passing(List.of(Pass.CUT.taking(Pass.Takes.INNER_LINES))));
        assertThat(snags(mended(idle, "No pass takes anything", "Cut everything")))
                .isEmpty();
    }

    /** While the recipe is amiss the cut waits for it, and bands cut along their middle are told. */
    @Test
    void theRecipeComesFirst() {
        Design middles = TideRing.design();
        middles = middles.withJob(middles.job().with("bands", Job.Bands.AS_CENTRE_LINES));
        assertThat(inspect(middles).reading("cut").text()).isEqualTo("middles");
        Design outlined = mended(middles, "along their middle", "Write them as outlines");
        assertThat(inspect(outlined).reading("cut").state()).isEqualTo(State.WHOLE);
        // A tool that takes away more than the clearance at the under-passes.
        Design wide = outlined.withJob(outlined.job().with("kerf", Amount.of(1)));
        Design apart = mended(wide, "nearer to one another than the kerf of 1 mm", "Lay the parts apart");
        assertThat(inspect(apart).reading("cut").state()).isEqualTo(State.WHOLE);
    }
}
