package org.hyphantes.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.CornerStyle;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.OtherCourses;
import org.hyphantes.weave.Rhythm;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;

/** The gauges of bands against closed forms, and that each mend does away with what it mends. */
class BandGaugesTest {
    private static Design design(Material material, List<Form> forms, Treatment... recipe) {
        return Trial.design(material, forms, recipe);
    }

    private static Design ring(double width) {
        return design(
                Material.METAL_INLAY,
                List.of(circle(40, 62, 0), circle(70, 0, 0)),
                Turn.of(8),
                Band.of(Amount.of(width), Ends.BUTT),
                Interlace.STARTING);
    }

    private static Circle circle(double radius, double out, double bearing) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(bearing));
    }

    private static Inspection inspect(Design design) {
        return Inspection.of(design, new Resolver().resolve(design));
    }

    private static Snag snag(Design design, String gauge) {
        return inspect(design).snags().stream()
                .filter(s -> s.gauge().equals(gauge))
                .findFirst()
                .orElseThrow();
    }

    private static Design mended(Design design, String gauge) {
        return snag(design, gauge).mend().orElseThrow().of(design);
    }

    /** What is drawn is measured too: a band with a stretch missing is not whole, however even it is meant to be. */
    @Test
    void aBandThatIsNotDrawnIsFlaggedInItsPlace() {
        Design design = ring(6);
        Artwork artwork = new Resolver().resolve(design);
        Laying laying = artwork.work().woven().get(0);
        Weave weave = laying.weave();
        Course missing = weave.courses().get(3);
        List<Course> left = new ArrayList<>(weave.courses());
        left.remove(missing);
        Weave less = OtherCourses.in(weave, left);
        Work work = new Work(
                artwork.work().lines(),
                List.of(new Laying(
                        less, laying.group(), laying.step(), laying.placed(), laying.colours(), laying.shading())),
                List.of(),
                artwork.work().symmetry());
        Inspection inspection = Inspection.of(design, Artwork.of(work, List.of(), Watch.NONE));
        assertThat(inspection.reading("evenness").state()).isEqualTo(State.BROKEN);
        Snag snag = inspection.snags().stream()
                .filter(s -> s.gauge().equals("evenness"))
                .findFirst()
                .orElseThrow();
        assertThat(snag.words()).contains("is missing here");
        assertThat(missing.region()
                        .contains(laying.placed().inverse().of(snag.place().orElseThrow())))
                .isTrue();
    }

    /** Circles two places apart stand 62 sqrt 2 apart, so 62 sqrt 2 - 80 lies between their lines. */
    @Test
    void groundNarrowsAndBandsOverlapAsTheClosedFormSays() {
        double apart = 62 * Math.sqrt(2) - 80;
        Inspection six = inspect(ring(6));
        assertThat(six.reading("narrowest").text()).startsWith(String.format(Locale.ROOT, "%.2f", apart - 6));
        assertThat(six.reading("narrowest").state()).isEqualTo(State.CHIPPED);
        assertThat(six.reading("touching").text()).isEqualTo("nowhere");
        assertThat(six.reading("evenness").state()).isEqualTo(State.WHOLE);

        Design wide = ring(8);
        Inspection eight = inspect(wide);
        assertThat(eight.reading("touching").text())
                .isEqualTo(String.format(Locale.ROOT, "%.2f mm at 8 places", 8 - apart));
        assertThat(eight.reading("touching").state()).isEqualTo(State.BROKEN);
        assertThat(snag(wide, "touching").words()).contains("overlap by 0.32 mm, at 8 places");
        assertThat(snag(wide, "touching").offer()).isEqualTo("Narrow the band to 6.1 mm");
        Design mended = mended(wide, "touching");
        assertThat(inspect(mended).reading("touching").text()).isEqualTo("nowhere");
        assertThat(inspect(mended).reading("narrowest").state()).isEqualTo(State.CHIPPED);
        assertThat(inspect(mended(mended, "narrowest")).snags()).isEmpty();
    }

    /** Circles of radius 13 stand 20 apart, so that bands of w leave 26 - 20 - w between two that cross, and touch at 6. */
    @Test
    void groundBetweenTwoCrossingsIsAsWideAsWhereItIsWidest() {
        double seat = 10 / Math.sin(Math.PI / 12);
        for (double width : new double[] {2, 5, 5.95, 6}) {
            Design ring = design(
                    Material.PRINT,
                    List.of(circle(13, seat, 0)),
                    Turn.of(12),
                    Band.of(Amount.of(width), Ends.BUTT),
                    Interlace.STARTING);
            Inspection inspection = inspect(ring);
            double narrowest = Math.min(width, 6 - width);
            assertThat(inspection.reading("narrowest").text())
                    .startsWith(String.format(Locale.ROOT, narrowest % 1 == 0 ? "%.0f mm" : "%.2f mm", narrowest));
            if (width < 5.9) {
                assertThat(inspection.snags()).as("%s wide", width).isEmpty();
                continue;
            }
            boolean closed = width == 6;
            Snag snag = snag(ring, closed ? "touching" : "narrowest");
            assertThat(snag.state()).isEqualTo(State.BROKEN);
            assertThat(snag.words())
                    .isEqualTo(
                            closed
                                    ? "A and B touch between crossings, at 12 places."
                                    : "Ground is 0.05 mm here and at 11 more places, limit 0.1 mm.");
            // Of the ground between two crossings the middle lies at the seats' half way.
            Point place = snag.place().orElseThrow();
            assertThat(place.length()).isCloseTo(seat * Math.cos(Math.PI / 12), within(1e-4));
            assertThat(inspect(mended(ring, snag.gauge())).snags()).isEmpty();
        }
    }

    @Test
    void whileMeasuringWaitsTheReadingSaysSo() {
        Design design = ring(6);
        Inspection quick =
                Inspection.of(design, new Resolver().resolve(design), org.hyphantes.geometry.Watch.NONE, false);
        assertThat(quick.reading("narrowest").state()).isEqualTo(State.RESOLVING);
        assertThat(quick.snags()).isEmpty();
    }

    /** A bend of radius r leaves a band half its width outside and r inside. */
    @Test
    void aBandPinchesOnABendTighterThanHalfItsWidth() {
        Design bend = design(
                Material.PRINT,
                List.of(new Drawn("M -40 0 L 0 0 A 2 2 0 0 1 0 4 L -40 4"), circle(15, 30, 270)),
                Band.of(Amount.of(5), Ends.BUTT),
                Interlace.STARTING);
        assertThat(snag(bend, "evenness").words()).contains("pinches to 4.5 mm of 5 mm");
        Design mended = mended(bend, "evenness");
        assertThat(inspect(mended).snags()).noneMatch(s -> s.gauge().equals("evenness"));
    }

    @Test
    void bandsThatMeetAtTwoWidthsAreWidenedToOne() {
        Design two = design(
                Material.PRINT,
                List.of(new Drawn("M -40 0 L 0 0"), new Drawn("M 0 0 L 40 0"), circle(20, 20, 90)),
                new Band("f0", Amount.of(5), Ends.BUTT, CornerStyle.SQUARE, Amount.of(0)),
                new Band("f1", Amount.of(6), Ends.BUTT, CornerStyle.SQUARE, Amount.of(0)),
                new Band("f2", Amount.of(3), Ends.BUTT, CornerStyle.SQUARE, Amount.of(0)),
                Interlace.STARTING);
        assertThat(snag(two, "evenness").words()).isEqualTo("Two bands meet here at 5 mm and 6 mm.");
        assertThat(inspect(two).reading("evenness").text()).isEqualTo("3 mm to 6 mm");
        assertThat(inspect(mended(two, "evenness")).snags())
                .noneMatch(s -> s.gauge().equals("evenness"));
    }

    @Test
    void threeStrandsThroughOnePlaceArePartedAndTouchesDrawnApart() {
        Design three = design(
                Material.PRINT,
                List.of(circle(30, 30, 0), circle(30, 30, 120), circle(30, 30, 240)),
                Band.of(Amount.of(2), Ends.BUTT),
                Interlace.STARTING.withClearance(0.2));
        // Three circles through one point: no narrower bands help, but moving one does, as far as its band is wide.
        assertThat(snag(three, "crossings").offer()).startsWith("Part them by ");
        Design parted = mended(three, "crossings");
        assertThat(inspect(parted).snags()).noneMatch(s -> s.words().startsWith("Three bands"));

        Design touch = design(
                Material.PRINT,
                List.of(circle(30, 30, 90), circle(30, 30, 270)),
                Band.of(Amount.of(2), Ends.BUTT),
                Interlace.STARTING);
        assertThat(snag(touch, "crossings").words()).startsWith("Two strands touch");
        assertThat(inspect(mended(touch, "crossings")).snags())
                .noneMatch(s -> s.words().startsWith("Two strands"));
    }

    /** An open end within a round of crossings makes them contradict one another; a break lets the rhythm be kept. */
    @Test
    void crossingsThatContradictOneAnotherAreNamedAndOneOfThemBroken() {
        Design odd = design(
                Material.PRINT,
                List.of(circle(40, 15, 90), circle(40, 15, 270), new Drawn("M 0 0 L 90 5")),
                Band.of(Amount.of(2), Ends.BUTT),
                Interlace.STARTING);
        Snag snag = snag(odd, "crossings");
        assertThat(snag.state()).isEqualTo(State.BROKEN);
        assertThat(snag.place()).isPresent();
        assertThat(snag.words()).contains("goes the same way twice running: ").contains("An open end lies within");
        Design mended = mended(odd, "crossings");
        assertThat(inspect(mended).reading("crossings").state()).isEqualTo(State.WHOLE);
        assertThat(inspect(mended).snags()).noneMatch(s -> s.words().contains("twice running"));
    }

    @Test
    void overlapsCloseEndsCrampedCrossingsAndOddPairsAreMended() {
        Design twice = design(
                Material.PRINT,
                List.of(circle(30, 0, 0), circle(30, 0, 0), circle(30, 25, 0)),
                Band.of(Amount.of(2), Ends.BUTT),
                Interlace.STARTING);
        assertThat(snag(twice, "crossings").words()).startsWith("Two strands lie on one another");
        assertThat(inspect(mended(twice, "crossings")).snags()).isEmpty();

        Design open = design(
                Material.PRINT,
                List.of(new Drawn("M 0 0 L 40 0 L 40 40 L 0 40 L 0 0.3"), circle(20, 0, 0)),
                Band.of(Amount.of(2), Ends.BUTT),
                Interlace.STARTING);
        assertThat(snag(open, "strands").offer()).isEqualTo("Close it");
        assertThat(inspect(mended(open, "strands")).reading("strands").text()).isEqualTo("2, all closed");

        Design cramped = design(
                Material.PRINT,
                List.of(circle(30, 5, 90), circle(30, 5, 270), circle(30, 6, 0)),
                Band.of(Amount.of(9), Ends.BUTT),
                Interlace.STARTING);
        assertThat(inspect(cramped).reading("crossings").state()).isEqualTo(State.BROKEN);
        Design roomy = mended(cramped, "crossings");
        assertThat(inspect(roomy).snags()).noneMatch(s -> s.words().contains("no room"));

        Design pairs = design(
                Material.PRINT,
                List.of(circle(30, 15, 90), circle(30, 15, 270)),
                Band.of(Amount.of(2), Ends.BUTT),
                Interlace.STARTING.withRhythm(Rhythm.IN_PAIRS));
        assertThat(snag(pairs, "crossings").offer()).isEqualTo("Weave alternately");
        assertThat(inspect(mended(pairs, "crossings")).snags()).isEmpty();
    }

    /** Places on the border of a cell of any grid, or on either side of zero, are one place: a crowd is told once. */
    @Test
    void aCrowdedPlaceIsReportedOnce() {
        for (Point through : List.of(Point.ORIGIN, new Point(-1e-12, 1e-12), new Point(17.5, -0.0))) {
            List<Form> forms = new ArrayList<>();
            for (int bearing = 0; bearing < 180; bearing += 36) {
                Point out = Point.polar(40, bearing + 7);
                Point a = through.plus(out);
                Point b = through.minus(out);
                forms.add(new Drawn("M " + a.x() + " " + a.y() + " L " + b.x() + " " + b.y()));
            }
            Design design = design(
                    Material.PRINT, forms, Band.of(Amount.of(2), Ends.BUTT), Interlace.STARTING.withClearance(0.2));
            assertThat(inspect(design).snags().stream().filter(s -> s.words().startsWith("Three bands meet")))
                    .as("through %s", through)
                    .hasSize(1);
        }
    }

    /** All mends of a recipe's snags together leave what each of them alone would: nothing comes between what belongs together. */
    @Test
    void mendsOfARecipeDoneTogetherPutEveryStepInItsPlace() {
        Design wrong = design(Material.PRINT, List.of(circle(30, 20, 0)), Interlace.STARTING, Turn.of(5));
        List<Snag> snags = inspect(wrong).snags().stream()
                .filter(s -> s.gauge().equals("crossings") && s.mend().isPresent())
                .toList();
        assertThat(snags).hasSizeGreaterThan(1);
        Design mended = wrong;
        for (Snag snag : snags) {
            mended = snag.mend().orElseThrow().of(mended);
        }
        assertThat(mended.root().recipe())
                .extracting(s -> s.treatment().schema().word())
                .containsExactly("band", "turn", "interlace");
        assertThat(inspect(mended).reading("crossings").state()).isEqualTo(State.WHOLE);
        List<Snag> backwards = new ArrayList<>(snags);
        java.util.Collections.reverse(backwards);
        Design other = wrong;
        for (Snag snag : backwards) {
            other = snag.mend().orElseThrow().of(other);
        }
        assertThat(inspect(other).reading("crossings").state()).isEqualTo(State.WHOLE);
    }
}
