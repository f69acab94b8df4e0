package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.TideRing;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Running;
import org.hyphantes.figure.Upward;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Flattened;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Geometry;

class TreatmentsTest {
    private static Design design(List<Form> forms, Treatment... recipe) {
        List<Member> figures = new ArrayList<>();
        for (Form form : forms) {
            figures.add(new Figure("f" + figures.size(), "Figure " + figures.size(), form));
        }
        List<Step> steps = new ArrayList<>();
        for (Treatment treatment : recipe) {
            steps.add(new Step(true, treatment));
        }
        return Design.empty("Trial").withRoot(new Group("design", "Trial", figures, steps));
    }

    private static Artwork resolved(Design design) {
        return new Resolver().resolve(design);
    }

    private static Circle circle(double radius, double out, double bearing) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(bearing));
    }

    private static LineForm line(double out, double bearing, double toOut, double toBearing) {
        return new LineForm(
                Amount.of(out), Amount.of(bearing), Amount.of(toOut), Amount.of(toBearing), Running.BETWEEN_THEM);
    }

    private static Turn turn(int times, double over, double start, Facing facing) {
        return Turn.of(times).withOver(over).withStart(start).withFacing(facing);
    }

    private static Weave woven(List<Form> forms, Treatment... recipe) {
        return resolved(design(forms, recipe)).work().weaves().get(0).weave();
    }

    /** 8 copies are 45 degrees apart, 18 copies 20 degrees; common practice, no published source. */
    @ParameterizedTest
    @CsvSource({"8, 45", "18, 20", "24, 15", "7, 51.428571428571431"})
    void copiesStandEvenlyAllRound(int times, double apart) {
        List<Laid> lines = resolved(design(List.of(circle(10, 50, 12)), turn(times, 360, 0, Facing.OUTWARD)))
                .work()
                .lines();
        assertThat(lines).hasSize(times);
        for (int k = 0; k < times; k++) {
            assertThat(lines.get(k).seat().length()).isCloseTo(50, within(1e-9));
            assertThat(Angle.bearing(lines.get(k).seat())).isCloseTo(Angle.turned(12 + k * apart), within(1e-9));
        }
    }

    /** Copies at 0, 120, 240 and others at 60, 180, 300 interleave to six places; common practice, no published source. */
    @Test
    void halfAStepOnInterleaves() {
        List<Double> bearings = new ArrayList<>();
        for (double start : new double[] {0, 60}) {
            resolved(design(List.of(circle(10, 50, 0)), turn(3, 360, start, Facing.OUTWARD)))
                    .work()
                    .lines()
                    .forEach(l -> bearings.add((double) Math.round(Angle.bearing(l.seat()))));
        }
        assertThat(bearings).containsExactlyInAnyOrder(0.0, 120.0, 240.0, 60.0, 180.0, 300.0);
    }

    @Test
    void anArcOfTurnsSpreadsItsCopiesOverItAndIsNoRing() {
        Artwork quarter = resolved(design(List.of(circle(10, 50, 0)), turn(3, 90, 0, Facing.OUTWARD)));
        assertThat(quarter.work().lines())
                .extracting(l -> (double) Math.round(Angle.bearing(l.seat())))
                .containsExactly(0.0, 30.0, 60.0);
        assertThat(quarter.work().turning()).isEmpty();
        // 24 lines over half a turn are 7.5 degrees apart and make 48 sectors; common practice, no published source.
        Artwork sectors = resolved(design(List.of(line(60, 0, 60, 180)), turn(24, 180, 3.75, Facing.OUTWARD)));
        assertThat(sectors.work().lines()).hasSize(24);
        assertThat(Angle.bearing(sectors.work().lines().get(1).path().start())).isCloseTo(11.25, within(1e-9));
    }

    @Test
    void copiesAsDrawnKeepTheirHeading() {
        Artwork drawn = resolved(design(
                List.of(new Polygon(
                        Amount.of(3), Amount.of(10), Upward.CORNER, Amount.of(50), Amount.of(0), Amount.of(0))),
                turn(4, 360, 0, Facing.AS_DRAWN)));
        for (Laid laid : drawn.work().lines()) {
            assertThat(laid.path().start().minus(laid.seat()).distance(new Point(0, -10)))
                    .isLessThan(1e-9);
        }
        assertThat(drawn.work().lines().get(1).seat().distance(new Point(50, 0)))
                .isLessThan(1e-9);
    }

    @Test
    void turnsGoAboutAFigureByName() {
        Turn about = Turn.of(4).withAbout("f1");
        Artwork art = resolved(design(List.of(circle(5, 30, 90), circle(5, 10, 90)), about));
        assertThat(art.work().lines()).hasSize(5);
        for (Laid laid : art.work().lines().subList(0, 4)) {
            assertThat(laid.seat().distance(new Point(10, 0))).isCloseTo(20, within(1e-9));
        }
    }

    /** An inner octagon of 2/3 the size takes away 4/9 of the area; common practice, no published source. */
    @Test
    void polygonsHaveTheirHandbookMeasures() {
        double big = new Polygon(Amount.of(8), Amount.of(30), Upward.SIDE, Amount.of(0), Amount.of(0), Amount.of(0))
                .paths(PageBox.WIDE)
                .get(0)
                .signedArea();
        double small = new Polygon(Amount.of(8), Amount.of(20), Upward.SIDE, Amount.of(0), Amount.of(0), Amount.of(0))
                .paths(PageBox.WIDE)
                .get(0)
                .signedArea();
        assertThat(small / big).isCloseTo(4.0 / 9, within(1e-12));
        // Side 2 R sin(pi/n) and area n R^2 sin(2 pi/n) / 2: I. N. Bronshtein and K. A. Semendyayev, Handbook of
        // Mathematics,
        // section on regular polygons; quoted from memory.
        assertThat(big).isCloseTo(8 * 900 * Math.sin(Math.PI / 4) / 2, within(1e-9));
        var octagon = new Polygon(Amount.of(8), Amount.of(30), Upward.SIDE, Amount.of(0), Amount.of(0), Amount.of(0))
                .paths(PageBox.WIDE)
                .get(0);
        assertThat(octagon.curves().get(0).length()).isCloseTo(60 * Math.sin(Math.PI / 8), within(1e-9));
        // An octagon turned by 22.5 degrees stands on a side; common practice, no published source.
        assertThat(octagon.start().y()).isCloseTo(-30 * Math.cos(Math.PI / 8), within(1e-9));
    }

    @Test
    void openStrandsAreCutIntoOneCourseMoreThanTheyDiveAndKeepTheirEnds() {
        for (Ends ends : Ends.values()) {
            Weave weave = woven(
                    List.of(line(50, 270, 50, 90), line(50, 0, 50, 180), circle(30, 0, 0)),
                    Band.of(Amount.of(4), ends),
                    Interlace.STARTING);
            assertThat(weave.crossings()).hasSize(5);
            for (int s = 0; s < 3; s++) {
                long dives = weave.passes(s).stream().filter(over -> !over).count();
                int strand = s;
                long courses = weave.courses().stream()
                        .filter(c -> c.strand() == strand)
                        .count();
                assertThat(courses).as("strand %d, ends %s", s, ends).isEqualTo(s < 2 ? dives + 1 : Math.max(1, dives));
            }
            double area =
                    weave.courses().stream().mapToDouble(c -> c.region().area()).sum();
            double cap = ends == Ends.BUTT ? 0 : ends == Ends.ROUND ? Math.PI * 4 : ends == Ends.SQUARE ? 16 : 8;
            double bands = 2 * (400 + cap) + 2 * Math.PI * 30 * 4;
            // Each of the five under-passes takes away about the crossing and the clearance on both its sides.
            assertThat(area).isBetween(bands - 5 * 4 * 5.2 * 1.02, bands - 5 * 4 * 5.2 * 0.98);
        }
    }

    /** The area of each course of an arrangement of lines, polygons and circles, against JTS cutting flattened bands. */
    @ParameterizedTest
    @ValueSource(ints = {4, 5, 6, 7, 8})
    void coursesOfCornersLinesAndCirclesAgreeWithJts(int sides) {
        Weave weave = woven(
                List.of(
                        new Polygon(
                                Amount.of(sides),
                                Amount.of(60),
                                Upward.CORNER,
                                Amount.of(0),
                                Amount.of(0),
                                Amount.of(0)),
                        new Polygon(
                                Amount.of(sides), Amount.of(60), Upward.SIDE, Amount.of(0), Amount.of(0), Amount.of(0)),
                        circle(18, 52, 95)),
                Band.of(Amount.of(1.6), Ends.SQUARE),
                Interlace.STARTING);
        assertThat(weave.alternates()).isTrue();
        // The circle goes through one of their crossings, so that three bands have a part in common there.
        assertThat(weave.troubles()).allMatch(t -> t.kind() == Weave.Trouble.Kind.CROWDED);
        for (Course course : weave.courses()) {
            Geometry flat = Flattened.polygon(course.region(), 2_000);
            assertThat(flat.isValid()).isTrue();
            assertThat(flat.getArea()).isCloseTo(course.region().area(), within(1e-2));
        }
        // No course lies on another: what is over and what is under never share ground.
        for (int i = 0; i < weave.courses().size(); i++) {
            for (int j = i + 1; j < weave.courses().size(); j++) {
                Geometry a = Flattened.polygon(weave.courses().get(i).region(), 400);
                Geometry b = Flattened.polygon(weave.courses().get(j).region(), 400);
                assertThat(a.intersection(b).getArea())
                        .as("courses %d and %d", i, j)
                        .isLessThan(1e-6);
            }
        }
    }

    @Test
    void aStrandThatCrossesOthersAnOddNumberOfTimesIsReported() {
        // Three lines through a circle pairwise apart from one another: each line crosses the two others and the circle
        // twice.
        Weave even = woven(
                List.of(line(50, 10, 50, 170), line(50, 130, 50, 290), line(50, 250, 50, 50)),
                Band.of(Amount.of(2), Ends.SQUARE),
                Interlace.STARTING);
        assertThat(even.alternates()).isTrue();
        // A closed strand crossed by the end of a line inside it: it is met once, and once round it cannot alternate.
        Weave odd = woven(
                List.of(circle(30, 0, 0), line(10, 0, 60, 0)), Band.of(Amount.of(2), Ends.SQUARE), Interlace.STARTING);
        assertThat(odd.troubles()).extracting(Weave.Trouble::kind).containsExactly(Weave.Trouble.Kind.CANNOT_ALTERNATE);
        assertThat(odd.crossings()).hasSize(1).extracting(Crossing::state).containsExactly(Crossing.State.RESOLVED);
    }

    @Test
    void touchesAndOverlapsAreTroublesWithTheirPlaces() {
        Weave touching = woven(
                List.of(circle(30, 30, 90), circle(30, 30, 270)),
                Band.of(Amount.of(2), Ends.SQUARE),
                Interlace.STARTING);
        assertThat(touching.troubles()).extracting(Weave.Trouble::kind).containsExactly(Weave.Trouble.Kind.TOUCH);
        assertThat(touching.troubles().get(0).place().length()).isLessThan(1e-6);
        Weave twice = woven(
                List.of(circle(30, 0, 0), circle(30, 0, 40)), Band.of(Amount.of(2), Ends.SQUARE), Interlace.STARTING);
        assertThat(twice.troubles()).extracting(Weave.Trouble::kind).containsOnly(Weave.Trouble.Kind.OVERLAP);
    }

    @Test
    void beginningUnderOrAtAnotherStrandTurnsTheWholeWeaveOver() {
        Interlace under = Interlace.STARTING.beginning(Beginning.UNDER, "A");
        Interlace atSecond = Interlace.STARTING.beginning(Beginning.OVER, "b");
        List<Form> two = List.of(circle(40, 30, 90), circle(40, 30, 270));
        Band band = Band.STARTING;
        assertThat(woven(two, band, Interlace.STARTING).passes(0)).containsExactly(true, false);
        assertThat(woven(two, band, under).passes(0)).containsExactly(false, true);
        assertThat(woven(two, band, atSecond).passes(1)).containsExactly(true, false);
    }

    @Test
    void aGroupWovenByItselfIsTurnedAsItIsWithinAnother() {
        Design inner = design(
                List.of(circle(20, 12, 90), circle(20, 12, 270)),
                Band.of(Amount.of(3), Ends.SQUARE),
                Interlace.STARTING);
        Group pair =
                new Group("pair", "Pair", inner.root().members(), inner.root().recipe());
        Group outer =
                new Group("design", "Outer", List.of(pair), List.of(new Step(true, turn(3, 360, 0, Facing.OUTWARD))));
        Artwork art = resolved(Design.empty("Outer").withRoot(outer));
        assertThat(art.work().weaves()).hasSize(3).allMatch(l -> l.group().equals("pair"));
        assertThat(art.scene().flat()).hasSize(6);
        // The three weaves are laid of one list of marks, lettered on.
        assertThat(art.scene().marks())
                .extracting(m -> ((Mark.Group) m).letters())
                .containsExactly(0, 2, 4);
        assertThat(art.scene().marks())
                .extracting(m -> ((Mark.Group) m).marks())
                .allMatch(
                        marks -> marks.equals(((Mark.Group) art.scene().marks().get(0)).marks()));
    }

    @Test
    void longWorkIsBrokenOffWhenItsWatchSaysSo() {
        int[] steps = {0};
        Watch soon = () -> {
            if (++steps[0] > 10) {
                throw new BrokenOff();
            }
        };
        Resolver resolver = new Resolver();
        Assertions.assertThatThrownBy(() -> resolver.resolve(TideRing.design(), soon))
                .isInstanceOf(BrokenOff.class);
        assertThat(resolver.resolve(TideRing.design()).scene().flat())
                .as("and can be taken up again")
                .hasSize(32);
    }

    @Test
    void aDesignUnchangedByAnEditKeepsEveryOtherFigure() {
        Design design = TideRing.design();
        Design more = Recipes.addFigure("design", Form.EACH.get(0)).change().apply(design);
        assertThat(more.root().members().subList(0, 2)).isEqualTo(design.root().members());
        assertThat(more.root().members().get(2).name()).isEqualTo("Circle 2");
        assertThat(more.root().members().get(2).id()).isEqualTo("circle-3");
    }
}
