package org.hyphantes.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigInteger;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Plait;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Mirror;
import org.hyphantes.treatment.Row;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Chequerboard;
import org.hyphantes.weave.Loops;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;

/** Acts on crossings: breaks and what they make of a knot, laying, and how far acts are carried. */
class BreaksTest {
    private static Design design(List<Form> forms, Treatment... recipe) {
        return Trial.design(Material.PRINT, forms, recipe);
    }

    private static Circle circle(double radius, double out) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(0));
    }

    /** The measured knot: circles of 150 on the corners of a triangle of circumradius 120, and a ring of 95; common practice. */
    private static Design measured() {
        return design(
                List.of(circle(150, 120), circle(95, 0)),
                Turn.of(3),
                Band.of(Amount.of(14), Ends.BUTT),
                Interlace.STARTING.withClearance(2));
    }

    private static Laying laying(Design design) {
        return new Resolver().resolve(design).work().weaves().get(0);
    }

    private static Design changed(Design design, UnaryOperator<Interlace> change) {
        Step last = design.root().last(Interlace.class).orElseThrow();
        return design.change("design", g -> g.withStep(last.with(change.apply((Interlace) last.treatment()))));
    }

    private static int outermost(Weave weave) {
        Projection whole = weave.whole();
        return IntStream.range(0, whole.meets().size())
                .boxed()
                .max(Comparator.comparingDouble(
                        m -> Math.rint(whole.meets().get(m).place().length() * 1e6)))
                .orElseThrow();
    }

    @Test
    void theMeasuredKnotHasFourStrandsAndWithItsOuterArcsDroppedTwo() {
        Design whole = measured();
        Weave weave = laying(whole).weave();
        assertThat(weave.strands()).hasSize(4);
        assertThat(weave.crossings()).hasSize(12);
        assertThat(weave.alternates()).isTrue();
        // The ring goes over and under in turn.
        assertThat(weave.passes(3)).hasSize(6);
        assertThat(weave.passes(3)).doesNotContainSequence(true, true).doesNotContainSequence(false, false);

        int outer = outermost(weave);
        Point place = weave.whole().meets().get(outer).place();
        Edit edit = Breaks.stroke(whole, laying(whole), outer, place.right(), Reach.EVERY_TURN);
        assertThat(edit.words()).isEqualTo("3 crossings broken.");
        Design broken = edit.change().apply(whole);
        Weave three = laying(broken).weave();
        assertThat(three.strands()).hasSize(3);
        assertThat(three.crossings()).hasSize(9);
        Weave two = laying(changed(broken, i -> i.withLoops(Loops.DROPPED))).weave();
        assertThat(two.strands()).hasSize(2);
        assertThat(two.crossings()).hasSize(9);
        assertThat(two.alternates()).isTrue();
        assertThat(two.troubles()).isEmpty();
        assertThat(Chequerboard.determinant(two).orElseThrow()).isGreaterThan(BigInteger.ZERO);
        // Every way round a bow is smooth.
        two.strands().forEach(s -> {
            int n = s.path().size();
            for (int i = 0; i < n; i++) {
                Point before = s.path().curves().get((i + n - 1) % n).tangent(1);
                assertThat(before.cross(s.path().curves().get(i).tangent(0))).isCloseTo(0, within(1e-7));
            }
        });
        // The other way through the same crossings leaves no loop over.
        Weave across = laying(Breaks.stroke(whole, laying(whole), outer, place, Reach.EVERY_TURN)
                        .change()
                        .apply(whole))
                .weave();
        assertThat(across.strands()).hasSize(2);
        assertThat(across.crossings()).hasSize(9);
    }

    @Test
    void theSameStrokeRejoinsAndABreakSurvivesOtherSizesAndCounts() {
        Design whole = measured();
        int outer = outermost(laying(whole).weave());
        Point place = laying(whole).weave().whole().meets().get(outer).place();
        Design broken = Breaks.stroke(whole, laying(whole), outer, place.right(), Reach.EVERY_TURN)
                .change()
                .apply(whole);
        Design again = Breaks.stroke(broken, laying(broken), outer, place.right(), Reach.EVERY_TURN)
                .change()
                .apply(broken);
        assertThat(again).isEqualTo(whole);

        Design wider = broken.change(
                "design",
                g -> g.withMembers(List.of(
                        new Figure("f0", "Figure 0", circle(150, 130)),
                        g.members().get(1))));
        assertThat(laying(wider).weave().broken()).hasSize(3);
        Design four = broken.change("design", g -> g.withStep(g.recipe().get(0).with(Turn.of(4))));
        assertThat(laying(four).weave().broken()).hasSize(4);
        assertThat(laying(four).weave().lostBreaks()).isEmpty();
        Design one = broken.change("design", g -> g.withStep(g.recipe().get(0).with(Turn.of(1))));
        assertThat(laying(one).weave().lostBreaks()).hasSize(1);
        assertThat(laying(one).weave().broken()).isEmpty();
    }

    @Test
    void aPinKeepsItsCrossingWhileOthersAreBroken() {
        Design whole = measured();
        Laying laying = laying(whole);
        int inner = 0;
        while (laying.weave().crossings().get(inner).place().length() > 100) {
            inner++;
        }
        Point place = laying.weave().crossings().get(inner).place();
        int over = laying.weave().crossings().get(inner).over();
        String was = laying.weave().strands().get(over).key().figure();
        Design swapped = Swaps.swap(laying, inner, Reach.THIS_ONE).change().apply(whole);
        int outer = outermost(laying.weave());
        Point at = laying.weave().whole().meets().get(outer).place();
        Design broken = Breaks.stroke(swapped, laying(swapped), outer, at.right(), Reach.EVERY_TURN)
                .change()
                .apply(swapped);
        Weave weave = laying(broken).weave();
        assertThat(weave.crossings().stream().filter(c -> c.isPinned()).toList())
                .singleElement()
                .satisfies(c -> assertThat(c.place().distance(place)).isLessThan(1e-6));
        assertThat(was).isNotNull();
        assertThat(weave.lostPins()).isEmpty();
    }

    @Test
    void aPlaitTakesTheBreakUponItselfAndGivesItBack() {
        Design plait = design(List.of(Plait.STARTING), Band.of(Amount.of(4), Ends.BUTT), Interlace.STARTING);
        Laying laying = laying(plait);
        int middle = IntStream.range(0, laying.weave().whole().meets().size())
                .boxed()
                .min(Comparator.comparingDouble(m -> Math.abs(
                                laying.weave().whole().meets().get(m).place().x() - 7)
                        + Math.abs(laying.weave().whole().meets().get(m).place().y())))
                .orElseThrow();
        Point place = laying.weave().whole().meets().get(middle).place();
        Design broken = Breaks.stroke(plait, laying, middle, new Point(1, 0), Reach.EVERY_TURN)
                .change()
                .apply(plait);
        assertThat(((Interlace) broken.root().recipe().get(1).treatment()).breaks())
                .isEmpty();
        assertThat(((Plait) broken.root().figure("f0").orElseThrow().form()).breaks())
                .contains("-");
        assertThat(laying(broken).weave().crossings()).hasSize(37);
        Design back = Breaks.ofFigure(broken, "design", place, new Point(1, 0))
                .orElseThrow()
                .change()
                .apply(broken);
        assertThat(back).isEqualTo(plait);
        // Across the break a stroke turns it; where nothing is broken no stroke does anything; rejoining takes it out
        // either way.
        Design turned = Breaks.ofFigure(broken, "design", place, new Point(0, 1))
                .orElseThrow()
                .change()
                .apply(broken);
        assertThat(((Plait) turned.root().figure("f0").orElseThrow().form()).breaks())
                .contains("|");
        assertThat(Breaks.rejoinInFigure(turned, "design", place)
                        .orElseThrow()
                        .change()
                        .apply(turned))
                .isEqualTo(plait);
        assertThat(Breaks.ofFigure(plait, "design", place, new Point(0, 1))).isEmpty();
        assertThat(Breaks.rejoinInFigure(plait, "design", place)).isEmpty();
    }

    private static Set<Integer> differing(Weave a, Weave b) {
        Set<Integer> found = new HashSet<>();
        for (int m = 0; m < a.crossings().size(); m++) {
            if (a.passesOver(2 * m) != b.passesOver(2 * m)) {
                found.add(m);
            }
        }
        return found;
    }

    /** Tide Ring has the symmetry D8: a crossing of two neighbours lies on a mirror line, one with the wide circle does not. */
    @Test
    void anActReachesOneItsMirrorTwinEveryTurnOrBoth() {
        Design design = TideRing.design();
        Laying laying = laying(design);
        int ring = IntStream.range(0, 32)
                .filter(m -> laying.weave().projection().meets().get(m).second() == 8)
                .findFirst()
                .orElseThrow();
        Map<Reach, Integer> counts = Map.of(
                Reach.THIS_ONE, 1,
                Reach.MIRROR_TWIN, 2,
                Reach.EVERY_TURN, 8,
                Reach.EVERY_TURN_AND_MIRROR, 16);
        counts.forEach((reach, count) -> {
            assertThat(laying.weave().places().reached(ring, reach))
                    .as(reach.name())
                    .hasSize(count);
            Weave after = laying(Swaps.swap(laying, ring, reach).change().apply(design))
                    .weave();
            assertThat(differing(laying.weave(), after)).as(reach.name()).hasSize(count);
        });
        // The twin takes the opposite sense: where the one strand lies over, its mirror image lies under.
        Weave whole = laying.weave();
        whole.places().reached(ring, Reach.MIRROR_TWIN).stream()
                .filter(f -> f.mirrored())
                .forEach(f ->
                        assertThat(whole.passesOver(2 * f.meet())).isEqualTo(f.firstOver(whole.passesOver(2 * ring))));
    }

    @Test
    void anActReachesEveryRepeatOfARow() {
        Form pair = circle(20, 0);
        Design row = design(
                List.of(pair, new Circle(Amount.of(20), Amount.of(22), Amount.of(90))),
                (Treatment) Row.STARTING.schema().put(Row.STARTING, "steps", "70 70 70"),
                Band.of(Amount.of(3), Ends.BUTT),
                Interlace.STARTING);
        Laying laying = laying(row);
        assertThat(laying.weave().crossings()).hasSize(8);
        assertThat(laying.weave().places().reached(3, Reach.EVERY_REPEAT)).hasSize(4);
        Weave after = laying(Swaps.swap(laying, 3, Reach.EVERY_REPEAT).change().apply(row))
                .weave();
        assertThat(differing(laying.weave(), after)).hasSize(4);
        Design longer = Swaps.swap(laying, 3, Reach.EVERY_REPEAT)
                .change()
                .apply(row)
                .change(
                        "design",
                        g -> g.withStep(g.recipe().get(0).with((Treatment)
                                Row.STARTING.schema().put(Row.STARTING, "steps", "70 70 70 70 70"))));
        assertThat(laying(longer).weave().crossings().stream()
                        .filter(c -> c.isPinned())
                        .count())
                .isEqualTo(6);
    }

    /** A mirror keeps the motif but turns its weave over: both halves alternate, and a swap takes its twin along. */
    @Test
    void breaksAreCarriedThroughAMirror() {
        Design mirrored = design(
                List.of(circle(30, 0), new Circle(Amount.of(30), Amount.of(25), Amount.of(60))),
                new Mirror(
                        "every figure",
                        Amount.of(1),
                        Mirror.STARTING.through(),
                        Amount.of(0),
                        Mirror.STARTING.spokes(),
                        Mirror.STARTING.original()),
                Band.of(Amount.of(3), Ends.BUTT),
                Interlace.STARTING);
        Laying laying = laying(mirrored);
        Weave weave = laying.weave();
        int aside = IntStream.range(0, weave.crossings().size())
                .filter(m -> weave.places().reached(m, Reach.MIRROR_TWIN).size() == 2)
                .findFirst()
                .orElseThrow();
        Point up = new Point(0, 1);
        Weave after = laying(Breaks.stroke(mirrored, laying, aside, up, Reach.MIRROR_TWIN)
                        .change()
                        .apply(mirrored))
                .weave();
        assertThat(after.broken()).hasSize(2);
        // Both were broken along the stroke, which the mirror leaves upright.
        after.broken()
                .forEach((meet, way) ->
                        assertThat(Breaks.way(after.whole(), meet, up)).isEqualTo(way));
    }

    @Test
    void layingAStrandSetsItOverAndUnderFromWhereItBegins() {
        Design design = TideRing.design();
        Laying laying = laying(design);
        Projection projection = laying.weave().projection();
        List<Integer> passages =
                IntStream.range(0, 5).mapToObj(i -> projection.passage(8, i)).toList();
        boolean now = laying.weave().passes(8).get(0);
        Weave after = laying(Swaps.lay(laying, passages, !now, Reach.THIS_ONE)
                        .change()
                        .apply(design))
                .weave();
        assertThat(after.passes(8).subList(0, 5)).containsExactly(!now, now, !now, now, !now);
        assertThat(after.crossings().stream().filter(c -> c.isPinned()).count()).isEqualTo(5);
    }
}
