package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Material;
import org.hyphantes.design.Member;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.Oval;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Rectangle;
import org.hyphantes.figure.Rose;
import org.hyphantes.figure.Running;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Mirror, Offset, Between, Row, Nest, Soften, and motifs on the in-between angles. */
class CopiesTest {
    static final Scope NAMED = new Scope(
            Map.of(),
            Unit.MM,
            0,
            Map.of("f0", "Figure 0", "f1", "Figure 1", "f2", "Figure 2", "a", "A", "b", "B", "c", "C"));

    static Work work(List<Form> forms, Treatment... recipe) {
        List<Member> members = new ArrayList<>();
        for (int i = 0; i < forms.size(); i++) {
            members.add(new Figure("f" + i, "Figure " + i, forms.get(i)));
        }
        List<Step> steps = List.of(recipe).stream().map(t -> new Step(true, t)).toList();
        return artwork(members, steps).work();
    }

    private static Artwork artwork(List<Member> members, List<Step> steps) {
        return new Resolver()
                .resolve(new Design(
                        "Trial", Unit.MM, Material.PRINT, Map.of(), new Group("design", "Trial", members, steps)));
    }

    static <T extends Treatment> T with(T treatment, String... settings) {
        Object with = treatment;
        try {
            for (int i = 0; i < settings.length; i += 2) {
                with = ((Treatment) with)
                        .schema()
                        .read(with, settings[i], settings[i + 1], NAMED)
                        .value();
            }
        } catch (CannotRead e) {
            throw new AssertionError(e);
        }
        @SuppressWarnings("unchecked")
        T result = (T) with;
        return result;
    }

    static Circle circle(double radius, double out, double bearing) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(bearing));
    }

    private static final Form HOOK = new Drawn("M 5 -20 L 12 -30 L 5 -40");

    /** 6 mirror lines stand 30 degrees apart and give 12 images; common practice, no published source. */
    @ParameterizedTest
    @CsvSource({"1, 2", "2, 4", "6, 12", "9, 18"})
    void mirrorLinesGiveTwiceTheirNumberOfImages(int lines, int images) {
        Work work = work(List.of(HOOK), with(Mirror.STARTING, "lines", "" + lines));
        assertThat(work.lines()).hasSize(images);
        // Each image lies mirrored in the line at the top.
        for (Laid laid : work.lines()) {
            Point seen = laid.path().start();
            assertThat(work.lines()).anyMatch(l -> l.path().start().distance(new Point(-seen.x(), seen.y())) < 1e-9);
        }
    }

    /** With the first of 6 mirrors at 15 degrees a sector, not a mirror, is at the top; common practice, no published source. */
    @Test
    void mirrorsBetweenTheSpokesLeaveASectorAtTheTop() {
        Work work = work(List.of(HOOK), with(Mirror.STARTING, "lines", "6", "spokes", "between"));
        double start = Angle.bearing(
                HOOK.paths(org.hyphantes.figure.PageBox.WIDE).get(0).start());
        List<Double> bearings =
                work.lines().stream().map(l -> Angle.bearing(l.path().start())).toList();
        assertThat(bearings).anyMatch(b -> Math.abs(b - (30 - start)) < 1e-6);
        assertThat(bearings).noneMatch(b -> Math.abs(b - Angle.turned(-start)) < 1e-6);
        // What lies upon itself in the mirror is laid once.
        assertThat(work(List.of(circle(40, 62, 0)), Turn.of(8), Mirror.STARTING).lines())
                .hasSize(8);
        assertThat(work(List.of(circle(40, 62, 7)), Turn.of(8), Mirror.STARTING).lines())
                .hasSize(16);
    }

    /** Mirroring both ways is a turn of 180 degrees; common practice, no published source. */
    @Test
    void twoMirrorsMakeAHalfTurn() {
        Work both = work(
                List.of(HOOK),
                with(Mirror.STARTING, "original", "leaving out"),
                with(Mirror.STARTING, "original", "leaving out", "at", "90"));
        Work turned = work(List.of(HOOK), with(Turn.of(1), "start", "180"));
        assertThat(both.lines()).hasSize(1);
        assertThat(both.lines().get(0).path().covers(turned.lines().get(0).path(), 1e-9))
                .isTrue();
    }

    /** A swap within a mirrored weave still finds its siblings: copies in a mirror follow on one another the other way round. */
    @Test
    void theTurnsOfAMirroredRingAreStillItsOwn() {
        Work work = work(List.of(circle(40, 62, 7)), Turn.of(8), Mirror.STARTING, Band.STARTING, Interlace.STARTING);
        Weave weave = work.weaves().get(0).weave();
        assertThat(weave.symmetry().turning()).isPresent();
        assertThat(weave.alternates()).isTrue();
        var places = weave.places();
        for (int m = 0; m < weave.crossings().size(); m++) {
            assertThat(places.reached(m, Reach.EVERY_TURN)).hasSize(8);
            assertThat(places.place(m, Reach.EVERY_TURN))
                    .isEqualTo(places.place(
                            places.reached(m, Reach.EVERY_TURN).get(3).meet(), Reach.EVERY_TURN));
        }
    }

    /** 200 steps between two lines give 202 lines, spaced distance / 201; common practice, no published source. */
    @Test
    void twoHundredStepsBetweenTwoLines() {
        LineForm left =
                new LineForm(Amount.of(50), Amount.of(-60), Amount.of(50), Amount.of(-120), Running.BETWEEN_THEM);
        LineForm right =
                new LineForm(Amount.of(50), Amount.of(60), Amount.of(50), Amount.of(120), Running.BETWEEN_THEM);
        Work work = work(List.of(left, right), with(Between.STARTING, "steps", "200"));
        assertThat(work.lines()).hasSize(202);
        double apart = left.start().distance(right.start()) / 201;
        List<Double> xs =
                work.lines().stream().map(l -> l.path().start().x()).sorted().toList();
        for (int i = 1; i < xs.size(); i++) {
            assertThat(xs.get(i) - xs.get(i - 1)).isCloseTo(apart, within(1e-6));
        }
        // Figures of one kind pass through figures of that kind: circles stay circles.
        Work circles = work(List.of(circle(10, 0, 0), circle(40, 30, 90)), with(Between.STARTING, "steps", "2"));
        assertThat(circles.lines().get(2).path().length()).isCloseTo(2 * Math.PI * 20, within(1e-6));
        assertThat(circles.lines().get(2).seat().distance(new Point(10, 0))).isLessThan(1e-6);
        // A circle on its way to a square of the same middle has at half way an area between theirs.
        Work mixed = work(
                List.of(circle(40, 0, 0), Polygon.STARTING), with(Between.STARTING, "steps", "1", "along", "nothing"));
        double area = Math.abs(mixed.lines().get(2).path().signedArea());
        assertThat(area).isBetween(Math.abs(mixed.lines().get(1).path().signedArea()), Math.PI * 1600);
        Work along = work(
                List.of(circle(5, 60, 270), circle(5, 60, 90), circle(60, 0, 270)),
                with(Between.STARTING, "from", "Figure 0", "to", "Figure 1", "along", "Figure 2", "steps", "3"));
        assertThat(along.lines().subList(3, 6))
                .allSatisfy(l -> assertThat(l.seat().length()).isCloseTo(60, within(1e-6)));
    }

    /** Colours pass into one another step by step; a woven strand keeps the colour of its figure. */
    @Test
    void stepsTakeColoursBetweenThoseOfTheirFigures() {
        Figure from = new Figure("a", "A", circle(10, 0, 0)).coloured(Colour.named("#000000"));
        Figure to = new Figure("b", "B", circle(40, 0, 0)).coloured(Colour.named("ff8040"));
        Step between = new Step(true, with(Between.STARTING, "steps", "3"));
        Artwork lines = artwork(List.of(from, to), List.of(between));
        assertThat(lines.scene().flat())
                .extracting(s -> ((Mark.Stroke) s).paint().line().orElseThrow().hex())
                .containsExactly("#000000", "#FF8040", "#402010", "#804020", "#BF6030");
        Artwork woven = artwork(
                List.of(from.carried(org.hyphantes.geometry.Affine.shift(new Point(35, 0))), to),
                List.of(
                        new Step(true, with(Band.STARTING, "width", "2")),
                        new Step(true, Interlace.STARTING),
                        new Step(true, with(Turn.of(2), "about", "A"))));
        assertThat(woven.scene().flat())
                .extracting(s ->
                        ((Mark.Area) s).paint().fill().orElseThrow().colour().hex())
                .containsOnly("#000000", "#FF8040");
        assertThat(Colour.named("oxide")).contains(new Colour("#A4472F"));
        assertThat(Colour.named("furlong")).isEmpty();
    }

    /** Leaves along a ring that head along it: each is the one before, turned by as much as the ring has turned. */
    @Test
    void stepsTurnWithTheLineTheyAreLaidAlong() {
        Form leaf = org.hyphantes.figure.Lens.STARTING;
        Work work = work(
                List.of(leaf, leaf.carried(org.hyphantes.geometry.Affine.shift(new Point(0, 1))), circle(200, 0, 0)),
                with(
                        Between.STARTING,
                        "from",
                        "Figure 0",
                        "to",
                        "Figure 1",
                        "along",
                        "Figure 2",
                        "heading",
                        "along it",
                        "steps",
                        "3"));
        List<Laid> laid = work.lines().subList(3, 6);
        // A ring that starts at the top heads to the right there: a quarter on, down.
        Point tip = laid.get(0).path().start().minus(laid.get(0).seat());
        assertThat(Angle.bearing(tip)).isCloseTo(180, within(0.5));
        assertThat(Angle.bearing(laid.get(1).path().start().minus(laid.get(1).seat())))
                .isCloseTo(270, within(0.5));
    }

    /** A line offset by w to both sides makes a band of 2w; an outset rounds tips and keeps hollows sharp. */
    @Test
    void offsetsLieAtTheirDistances() {
        Work both = work(List.of(LineForm.STARTING), with(Offset.STARTING, "side", "both", "by", "4", "times", "3"));
        assertThat(both.lines()).hasSize(7);
        assertThat(both.lines().stream().mapToDouble(l -> l.path().start().x()))
                .satisfies(
                        xs -> assertThat(xs.stream().mapToDouble(x -> x).max().orElse(0))
                                .isCloseTo(12, within(1e-9)));
        Work outset = work(List.of(Rectangle.STARTING), with(Offset.STARTING, "by", "5"));
        assertThat(outset.lines().get(1).path().size()).isEqualTo(8);
        assertThat(Math.abs(outset.lines().get(1).path().signedArea()))
                .isCloseTo(4000 + 260 * 5 + Math.PI * 25, within(1e-6));
        Work inset = work(List.of(Rectangle.STARTING), with(Offset.STARTING, "side", "inward", "by", "5"));
        assertThat(inset.lines().get(1).path().size()).as("hollows stay sharp").isEqualTo(4);
        assertThat(Math.abs(inset.lines().get(1).path().signedArea())).isCloseTo(70 * 40, within(1e-9));
        Work gone = work(
                List.of(Rectangle.STARTING),
                with(Offset.STARTING, "side", "inward", "by", "10", "times", "5", "original", "leaving out"));
        assertThat(gone.lines()).as("25 mm in there is nothing left").hasSize(2);
        Work square = work(List.of(Rectangle.STARTING), with(Offset.STARTING, "by", "5", "corners", "square"));
        assertThat(Math.abs(square.lines().get(1).path().signedArea())).isCloseTo(90 * 60, within(1e-6));
    }

    @Test
    void rowsStandAtTheirSteps() {
        Work listed = work(List.of(circle(5, 0, 0)), with(Row.STARTING, "steps", "50 25 120 50"));
        assertThat(listed.lines())
                .extracting(l -> Math.rint(l.seat().x()))
                .containsExactly(0.0, 50.0, 75.0, 195.0, 245.0);
        Work equal = work(List.of(circle(5, 0, 0)), with(Row.STARTING, "steps", "6 x 1 in", "towards", "180"));
        assertThat(equal.lines()).hasSize(7);
        assertThat(equal.lines().get(6).seat().y()).isCloseTo(6 * 25.4, within(1e-9));
        assertThat(Row.STARTING.schema().typed(Row.STARTING, "steps", new Scope(Map.of(), Unit.CM)))
                .isEqualTo("3 x 2");
        assertThatExceptionOfType(CannotRead.class)
                .isThrownBy(() -> Row.STARTING.schema().read(Row.STARTING, "steps", "50 x", Scope.PLAIN));
    }

    @Test
    void nestsGrowByEvenSteps() {
        Work nest = work(List.of(circle(40, 10, 90)), with(Nest.STARTING, "times", "10", "step", "-5"));
        assertThat(nest.lines()).as("the eighth would have no radius").hasSize(8);
        assertThat(nest.lines().get(7).path().length()).isCloseTo(2 * Math.PI * 5, within(1e-6));
        Work hexagons = work(List.of(Polygon.STARTING), with(Nest.STARTING, "times", "2", "step", "20"));
        assertThat(hexagons.lines().get(1).path().start().distance(new Point(0, -60)))
                .isLessThan(1e-9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"all", "outer", "inner", "1 4"})
    void cornersAreSoftened(String corners) {
        Form star = org.hyphantes.figure.Star.STARTING;
        Path path = work(List.of(star), with(Soften.STARTING, "corners", corners, "radius", "1"))
                .lines()
                .get(0)
                .path();
        int rounded = corners.equals("all") ? 16 : corners.equals("1 4") ? 2 : 8;
        assertThat(path.size()).isEqualTo(16 + rounded);
        assertThat(path.curves().stream().filter(c -> Math.abs(c.curvature(0.5)) > 0.9))
                .hasSize(rounded);
    }

    @Test
    void aSecondMotifStandsOnTheInBetweenAngles() {
        Work work = work(List.of(circle(10, 50, 0), circle(4, 50, 0)), with(Turn.of(3), "inbetween", "Figure 1"));
        assertThat(work.lines())
                .extracting(l -> (double) Math.round(Angle.bearing(l.seat())))
                .containsExactlyInAnyOrder(0.0, 120.0, 240.0, 60.0, 180.0, 300.0);
        Work between = work(List.of(circle(10, 50, 0)), with(Turn.of(8), "spokes", "between"));
        assertThat(Angle.bearing(between.lines().get(0).seat())).isCloseTo(22.5, within(1e-9));
    }

    /** Strands of cubics are banded and woven like any others: an oval over and under a line, and a rose through itself. */
    @Test
    void cubicsAreBandedAndWoven() {
        Work work = work(List.of(Oval.STARTING, LineForm.STARTING), Band.STARTING, Interlace.STARTING);
        Weave weave = work.weaves().get(0).weave();
        assertThat(weave.crossings()).hasSize(2);
        assertThat(weave.troubles()).isEmpty();
        assertThat(weave.courses()).hasSize(1 + 2);
        Artwork rose =
                artwork(List.of(new Figure("rose", "Rose", Rose.STARTING)), List.of(new Step(true, Band.STARTING)));
        assertThat(rose.scene().flat()).hasSize(1).allSatisfy(s -> assertThat(s).isInstanceOf(Mark.Area.class));
    }
}
