package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Subject;
import org.hyphantes.design.Swaps;
import org.hyphantes.design.TideRing;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.treatment.Laying;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;

class TideRingWeaveTest {
    private static final Subject CIRCLE = new Subject.OfFigure("design", "circle-1");
    private static final Subject TURN = new Subject.OfStep("design", "turn-1");
    private static final Subject BAND = new Subject.OfStep("design", "band-1");

    private static Laying laying(Design design) {
        return new Resolver().resolve(design).work().weaves().get(0);
    }

    private static Weave weave(Design design) {
        return laying(design).weave();
    }

    private static Design set(Design design, Subject subject, String key, String text) throws Exception {
        return subject.set(design, key, text).value();
    }

    private static int crossing(Weave weave, String over, String under) {
        for (int i = 0; i < weave.crossings().size(); i++) {
            Crossing c = weave.crossings().get(i);
            if (weave.strands().get(c.over()).name().equals(over)
                    && weave.strands().get(c.under()).name().equals(under)) {
                return i;
            }
        }
        throw new AssertionError("no crossing of " + over + " over " + under);
    }

    @Test
    void nineStrandsThirtyTwoCrossingsAllAlternating() {
        Weave weave = weave(TideRing.design());
        assertThat(weave.strands())
                .extracting(Strand::name)
                .containsExactly("A", "B", "C", "D", "E", "F", "G", "H", "I");
        assertThat(weave.crossings()).hasSize(32).allMatch(c -> c.state() == Crossing.State.RESOLVED);
        assertThat(weave.courses()).hasSize(32);
        assertThat(weave.troubles()).isEmpty();
        assertThat(weave.alternates()).isTrue();
        assertThat(weave.passes(0).get(0)).isTrue();
        assertThat(weave.passes(0)).hasSize(6);
        assertThat(weave.passes(8)).hasSize(16);
    }

    @Test
    void theWeaveTurnedByItsSymmetryIsItself() {
        Weave weave = weave(TideRing.design());
        CrossingIndex places = weave.places();
        for (int m = 0; m < 32; m++) {
            List<CrossingIndex.Found> siblings = places.reached(m, Reach.EVERY_TURN);
            assertThat(siblings).hasSize(8);
            boolean firstOver = weave.passesOver(2 * m);
            assertThat(siblings).allMatch(s -> weave.passesOver(2 * s.meet()) == (firstOver == s.aligned()));
        }
    }

    /** Every course against JTS: the ring of the strand less the rings over it, widened, at its under-passes. */
    @Test
    void coursesHaveTheShapesThatJtsCutsOut() {
        double clearance = 0.6;
        Weave weave = weave(TideRing.design());
        int chords = 3_000;
        for (int s = 0; s < 9; s++) {
            Strand strand = weave.strands().get(s);
            Geometry rest = Flattened.polygon(
                    BandOutline.of(strand.path(), 6, strand.ends()).orElseThrow(), chords);
            for (Crossing crossing : weave.crossings()) {
                if (crossing.under() == s) {
                    Path over = weave.strands().get(crossing.over()).path();
                    Region wide = BandOutline.of(over, 6 + 2 * clearance, strand.ends())
                            .orElseThrow();
                    Geometry near = Flattened.JTS
                            .createPoint(new org.locationtech.jts.geom.Coordinate(
                                    crossing.place().x(), crossing.place().y()))
                            .buffer(14);
                    rest = rest.difference(Flattened.polygon(wide, chords).intersection(near));
                }
            }
            List<Course> courses = new ArrayList<>();
            for (Course course : weave.courses()) {
                if (course.strand() == s) {
                    courses.add(course);
                }
            }
            assertThat(rest.getNumGeometries()).isEqualTo(courses.size());
            for (Course course : courses) {
                Geometry ours = Flattened.polygon(course.region(), chords);
                double best = Double.MAX_VALUE;
                for (int g = 0; g < rest.getNumGeometries(); g++) {
                    best = Math.min(
                            best, ours.symDifference(rest.getGeometryN(g)).getArea());
                }
                assertThat(best).as(strand.name() + course.ordinal()).isLessThan(5e-3);
            }
        }
    }

    @Test
    void everyCourseIsOneClosedOutlineOfFourExactCurves() {
        for (Course course : weave(TideRing.design()).courses()) {
            assertThat(course.region().holes()).isEmpty();
            assertThat(course.region().outline().closed()).isTrue();
            assertThat(course.region().outline().curves()).allMatch(Arc.class::isInstance);
            assertThat(course.region().outline().size()).isEqualTo(4);
        }
    }

    @Test
    void aSwapReachesItsEightSiblingsAndIsUndoneByASwapBack() {
        Design design = TideRing.design();
        Laying laying = laying(design);
        int meet = crossing(laying.weave(), "B", "C");
        Design swapped = Swaps.swap(laying, meet, Reach.EVERY_TURN).change().apply(design);
        Weave after = weave(swapped);
        assertThat(after.crossings())
                .filteredOn(c -> c.state() == Crossing.State.OUT_OF_RHYTHM)
                .hasSize(8);
        assertThat(after.strands().get(after.crossings().get(meet).over()).name())
                .isEqualTo("C");
        Design back =
                Swaps.swap(laying(swapped), meet, Reach.EVERY_TURN).change().apply(swapped);
        assertThat(weave(back).alternates()).isTrue();
        assertThat(weave(back).crossings()).filteredOn(Crossing::isPinned).hasSize(8);
        Design released = Swaps.release(laying(back), meet).change().apply(back);
        assertThat(released).isEqualTo(design);
        Design one = Swaps.swap(laying, meet, Reach.THIS_ONE).change().apply(design);
        assertThat(weave(one).crossings()).filteredOn(Crossing::isPinned).hasSize(1);
    }

    @Test
    void aSwapSurvivesAnotherRadiusAndNineTurnsAndWaitsWhereItHasNoPlace() throws Exception {
        Design design = TideRing.design();
        Laying laying = laying(design);
        for (int passage = 0; passage < 6; passage++) {
            int meet = laying.weave().projection().passage(0, passage) / 2;
            Crossing crossing = laying.weave().crossings().get(meet);
            boolean neighbours = crossing.over() != 8 && crossing.under() != 8;
            Edit swap = Swaps.swap(laying, meet, Reach.EVERY_TURN);
            Design swapped = swap.change().apply(design);
            String before = senses(weave(swapped), false);
            assertThat(senses(weave(set(swapped, CIRCLE, "radius", "38")), false))
                    .isEqualTo(before);
            Design nine = set(swapped, TURN, "times", "9");
            Weave atNine = weave(nine);
            assertThat(atNine.crossings())
                    .filteredOn(c -> c.state() == Crossing.State.OUT_OF_RHYTHM)
                    .hasSize(9);
            // Four turns lie too far apart to cross one another: a swap between neighbours has no place, and comes
            // back.
            Design four = set(swapped, TURN, "times", "4");
            assertThat(weave(four).lostPins()).hasSize(neighbours ? 1 : 0);
            assertThat(senses(weave(set(four, TURN, "times", "8")), false)).isEqualTo(before);
        }
    }

    /** Over and under along the first strand and the ring, which do not depend on how many there are. */
    private static String senses(Weave weave, boolean firstOnly) {
        return weave.passes(0)
                + (firstOnly ? "" : weave.passes(weave.strands().size() - 1).toString());
    }

    @Test
    void bandsAndClearancesThatLeaveNothingAreReportedNotThrown() throws Exception {
        Weave noRoom = weave(set(TideRing.design(), new Subject.OfStep("design", "interlace-1"), "clearance", "30"));
        assertThat(noRoom.troubles()).extracting(Weave.Trouble::kind).contains(Weave.Trouble.Kind.NO_ROOM);
        Weave tooWide = weave(set(TideRing.design(), BAND, "width", "90"));
        assertThat(tooWide.troubles()).extracting(Weave.Trouble::kind).contains(Weave.Trouble.Kind.TOO_WIDE);
        for (String turns : new String[] {"1", "2", "3", "5", "12", "17", "24", "60"}) {
            Weave weave = weave(set(TideRing.design(), TURN, "times", turns));
            assertThat(weave.alternates()).as(turns + " turns").isTrue();
        }
    }

    /** Circles that cross under a shallow angle, where no edge of one band meets both of the other: cut all the same. */
    @Test
    void shallowCrossingsAreCutByTheSubdivision() throws Exception {
        for (String out : new String[] {"39.9", "39.5", "39", "38.1", "37", "35"}) {
            Design two = set(set(TideRing.design(), TURN, "times", "2"), CIRCLE, "out", out);
            two = set(set(two, BAND, "width", "3"), new Subject.OfFigure("design", "circle-2"), "radius", "100");
            Weave weave = weave(two);
            assertThat(weave.crossings()).hasSize(2);
            // The centre lines are this far apart in the middle of the lens; less than a band and its clearance is no
            // room.
            boolean room = 2 * (40 - Double.parseDouble(out)) > 3.6;
            assertThat(weave.troubles().isEmpty()).as("room at " + out).isEqualTo(room);
            assertThat(weave.courses())
                    .as("two circles, and the wide one that nothing crosses")
                    .hasSize(3);
            Geometry a = Flattened.polygon(weave.courses().get(0).region(), 8_000);
            Geometry b = Flattened.polygon(weave.courses().get(1).region(), 8_000);
            assertThat(a.intersection(b).getArea()).isLessThan(1e-6);
            if (room) {
                assertThat(a.distance(b)).as("the clearance is kept all along").isCloseTo(0.6, within(2e-3));
            }
        }
    }

    @Test
    void crossingsLieOnBothTheirStrands() {
        Weave weave = weave(TideRing.design());
        for (Crossing c : weave.crossings()) {
            Point over = weave.strands().get(c.over()).path().at(c.overPosition());
            Point under = weave.strands().get(c.under()).path().at(c.underPosition());
            assertThat(over.distance(c.place())).isCloseTo(0, within(1e-9));
            assertThat(under.distance(c.place())).isCloseTo(0, within(1e-9));
        }
    }
}
