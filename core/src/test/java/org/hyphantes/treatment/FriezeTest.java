package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Lens;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Rectangle;
import org.hyphantes.figure.Rounded;
import org.hyphantes.figure.Upward;
import org.hyphantes.figure.Wave;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.weave.CrossingIndex;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Friezes along the lines of figures. */
class FriezeTest {
    private static Form line(double x1, double y1, double x2, double y2) {
        return Drawn.of(List.of(Path.open(new Line(new Point(x1, y1), new Point(x2, y2)))));
    }

    private static Artwork laid(Form guide, String group, int cells, Form... motif) {
        List<Form> forms = new ArrayList<>(List.of(guide));
        forms.addAll(List.of(motif));
        Repeat repeat = Repeat.STARTING
                .with("group", group)
                .with("width", Amount.of(20))
                .with("columns", Amount.of(cells))
                .with("along", "f0");
        Design design = Trial.design(
                Material.PRINT,
                forms,
                repeat,
                Band.of(Amount.of(1.5), Ends.BUTT),
                Interlace.STARTING.withClearance(0.2));
        return new Resolver().resolve(design);
    }

    private static Weave weave(Artwork artwork) {
        assertThat(artwork.faults()).isEmpty();
        return artwork.work().weaves().get(0).weave();
    }

    private static Form circle(double radius) {
        return new Circle(Amount.of(radius), Amount.of(0), Amount.of(0));
    }

    /** Three strands of which each goes on as the next, round a ring of k units: as many close as the common divisor of 3 and k; and all of them alternate. */
    @Test
    void strandsRoundARingAreAsManyAsTheCommonDivisor() {
        for (int k = 4; k <= 9; k++) {
            Weave weave =
                    weave(laid(circle(60), "frieze p1", k, line(0, 0, 20, 8), line(0, 8, 20, -8), line(0, -8, 20, 0)));
            assertThat(weave.strands()).as("%d units", k).hasSize(k % 3 == 0 ? 3 : 1);
            assertThat(weave.strands()).allMatch(s -> s.path().closed());
            assertThat(weave.crossings()).hasSize(2 * k);
            assertThat(weave.alternates()).isTrue();
        }
    }

    /** A level line comes to be an arc: on the right-hand side of a circle gone round clockwise, which is within, that of a smaller circle. */
    @Test
    void levelLinesAreArcsAndUprightOnesLines() {
        Artwork artwork = laid(circle(60), "frieze p1", 6, line(0, 5, 20, 5), line(10, -5, 10, 9));
        List<Path> paths = new ArrayList<>();
        artwork.work().weaves().get(0).weave().strands().forEach(s -> paths.add(s.path()));
        Path ring = paths.stream().filter(Path::closed).findFirst().orElseThrow();
        assertThat(ring.curves())
                .hasSize(6)
                .allMatch(c -> c instanceof Arc arc
                        && Math.abs(arc.radius() - 55) < 1e-9
                        && arc.centre().length() < 1e-9);
        assertThat(paths.stream().filter(p -> !p.closed()))
                .hasSize(6)
                .allMatch(p -> p.size() == 1 && p.curves().get(0) instanceof Line && Math.abs(p.length() - 14) < 1e-9);
    }

    /** Round a rounded box what goes across has corners where its sides bend otherwise, and still closes. */
    @Test
    void friezesCloseRoundARoundedBox() {
        Form rounded = new Rectangle(
                Amount.of(80), Amount.of(50), Amount.of(12), Rounded.EVERY, Amount.of(0), Amount.of(0), Amount.of(0));
        Weave weave = weave(laid(rounded, "frieze p11m", 12, line(0, -4, 10, 4), line(10, 4, 20, -4)));
        assertThat(weave.strands()).hasSize(2).allMatch(s -> s.path().closed());
        assertThat(weave.crossings()).hasSize(24);
        assertThat(weave.alternates()).isTrue();
    }

    private static Form box(double width, double height) {
        return new Rectangle(
                Amount.of(width),
                Amount.of(height),
                Amount.of(0),
                Rounded.EVERY,
                Amount.of(0),
                Amount.of(0),
                Amount.of(0));
    }

    private static Form polygon(int sides, double radius) {
        return new Polygon(
                Amount.of(sides), Amount.of(radius), Upward.CORNER, Amount.of(0), Amount.of(0), Amount.of(0));
    }

    private static List<Path> strands(Artwork artwork) {
        assertThat(artwork.faults()).isEmpty();
        return weave(artwork).strands().stream().map(s -> s.path()).toList();
    }

    /** A moulding mitred round a box is boxes, each as much larger or smaller all round as its line lies beside. */
    @Test
    void levelLinesMitreIntoBoxes() {
        List<Path> paths = strands(laid(box(120, 80), "frieze p1", 10, line(0, 5, 20, 5), line(0, -7, 20, -7)));
        assertThat(paths)
                .hasSize(2)
                .allMatch(Path::closed)
                .allMatch(p -> Math.abs(Math.abs(p.box().width() - p.box().height()) - 40) < 1e-9);
        assertThat(paths.stream().map(p -> p.box().width()).sorted().toList())
                .satisfies(w -> assertThat(w.get(0)).isCloseTo(110, within(1e-9)))
                .satisfies(w -> assertThat(w.get(1)).isCloseTo(134, within(1e-9)));
        assertThat(paths)
                .allMatch(p ->
                        Math.abs(p.length() - 2 * (p.box().width() + p.box().height())) < 1e-9);
    }

    /**
     * What meets at a mitre is the image of the other side in it, whatever the frieze, so that every line goes on all round: corners in even and odd
     * numbers, and arcs that meet in cusps.
     */
    @Test
    void everyFriezeGoesOnRoundCorners() {
        Form lens = new Lens(Amount.of(60), Amount.of(30), Amount.of(0), Amount.of(0), Amount.of(0));
        Form teeth = Drawn.of(List.of(
                Path.open(new Line(new Point(0, -4), new Point(7, 4)), new Line(new Point(7, 4), new Point(20, -4)))));
        for (Form guide : List.of(box(120, 80), polygon(3, 70), polygon(5, 70), lens)) {
            for (String group : List.of("p1", "p11g", "p1m1", "p11m", "p211", "p2mg", "p2mm")) {
                Artwork artwork = laid(guide, "frieze " + group, 8, teeth);
                assertThat(strands(artwork))
                        .as("%s round %s", group, guide)
                        .isNotEmpty()
                        .allMatch(Path::closed);
            }
        }
    }

    /** A disc at each corner of a box takes the place of the mitre; sides run from one to the next. */
    @Test
    void aFigureStandsAtTheCorners() {
        List<Form> forms = List.of(box(120, 80), line(0, 0, 20, 0), circle(8));
        Repeat repeat = Repeat.STARTING
                .with("group", "frieze p1")
                .with("width", Amount.of(20))
                .with("columns", Amount.of(10))
                .with("along", "f0")
                .with("corner", "f2");
        List<Laid> lines = new Resolver()
                .resolve(Trial.design(Material.PRINT, forms, repeat))
                .work()
                .lines();
        assertThat(lines.stream()
                        .filter(l -> l.key().figure().equals("f2"))
                        .map(l -> l.path().box().centre()))
                .hasSize(4)
                .allMatch(p -> Math.abs(Math.abs(p.x()) - 60) < 1e-9 && Math.abs(Math.abs(p.y()) - 40) < 1e-9);
        assertThat(lines.stream()
                        .filter(l -> l.key().figure().equals("f1"))
                        .map(l -> l.path().length())
                        .sorted())
                .hasSize(4)
                .satisfies(l -> assertThat(l.get(0)).isCloseTo(64, within(1e-9)))
                .satisfies(l -> assertThat(l.get(3)).isCloseTo(104, within(1e-9)));
    }

    /** A corner between two curves that differ has no straight mitre: that is said, and what to do. */
    @Test
    void cornersThatCannotBeMitredAreSaid() {
        Form half = Drawn.of(List.of(new Path(
                List.of(new Arc(Point.ORIGIN, 40, 0, Math.PI), new Line(new Point(-40, 0), new Point(40, 0))), true)));
        Artwork artwork = laid(half, "frieze p1", 8, line(0, -4, 20, -4));
        assertThat(artwork.faults()).hasSize(1);
        assertThat(artwork.faults().get(0).reason()).contains("round such corners first");
    }

    /** Along an open line it goes from end to end. */
    @Test
    void friezesGoFromEndToEnd() {
        Weave weave = weave(laid(line(-50, 10, 50, 10), "frieze p1", 5, line(0, 0, 20, 0), line(5, -4, 5, 4)));
        assertThat(weave.crossings()).hasSize(5);
        assertThat(weave.strands().get(0).path().length()).isCloseTo(100, within(1e-9));
    }

    /** Crossings so shallow that all bands are shared out, in stretches that end at joints of fitted curves but for rounding: 11 a cell. */
    @Test
    void shallowCrossingsRoundARingAreWoven() {
        Form wave = new Wave(Amount.of(10), Amount.of(270), Amount.of(10), Amount.of(90), Amount.of(2), Amount.of(4));
        Weave ring = weave(laid(circle(60), "frieze p11m", 10, wave, line(-10, 3, 10, -1)));
        assertThat(ring.crossings()).hasSize(110);
        assertThat(ring.courses()).hasSizeGreaterThanOrEqualTo(110);
    }

    /** A crossing is repeated in every cell, in each position of the group that is not the same place: by turns alone once a cell round a ring. */
    @ParameterizedTest
    @CsvSource({"p11m, 10, 20", "p11g, 20, 20", "p2mg, 20, 40", "p1, 10, 10"})
    void actsReachEveryCellOfARing(String group, int fewest, int most) {
        Weave ring = weave(laid(circle(60), "frieze " + group, 10, line(-9, -4, 8, 5), line(-10, 3, 10, -1)));
        Set<Integer> sizes = new TreeSet<>();
        for (int m = 0; m < ring.crossings().size(); m++) {
            assertThat(meets(ring, m, Reach.EVERY_TURN)).hasSize(10);
            Set<Integer> all = meets(ring, m, Reach.EVERY_REPEAT);
            sizes.add(all.size());
            assertThat(all).containsAll(meets(ring, m, Reach.EVERY_TURN));
            all.forEach(r -> assertThat(meets(ring, r, Reach.EVERY_REPEAT)).isEqualTo(all));
        }
        assertThat(sizes).contains(most).isSubsetOf(fewest, most);
    }

    /** Corners in odd numbers, where what has no upright mirror is turned about in the middle of each side: whatever is reached reaches the same. */
    @ParameterizedTest
    @CsvSource({"3, p211, 30", "5, p2mm, 60", "3, p2mg, 60", "5, p11m, 30"})
    void whatIsReachedReachesTheSame(int sides, String group, int most) {
        Weave woven = weave(laid(polygon(sides, 90), "frieze " + group, 15, line(-9, -4, 8, 5), line(-10, 3, 10, -1)));
        int largest = 0;
        for (int m = 0; m < woven.crossings().size(); m++) {
            Set<Integer> all = meets(woven, m, Reach.EVERY_REPEAT);
            largest = Math.max(largest, all.size());
            all.forEach(r -> assertThat(meets(woven, r, Reach.EVERY_REPEAT)).isEqualTo(all));
        }
        assertThat(largest).isEqualTo(most);
    }

    /** A crossing within a cell is in all of them on the sides of a square; one where cells meet has none at the four corners, where they are mitred. */
    @Test
    void actsReachEveryCellOfASquare() {
        Form wave = new Wave(Amount.of(10), Amount.of(270), Amount.of(10), Amount.of(90), Amount.of(2), Amount.of(4));
        Weave square = weave(laid(box(120, 120), "frieze p11m", 24, wave));
        assertThat(square.crossings()).hasSize(44);
        for (int m = 0; m < 44; m++) {
            Point place = square.crossings().get(m).place();
            double along = Math.abs(Math.abs(place.x()) > 59 ? place.y() : place.x());
            boolean within = Math.abs(along % 20 - 10) < 1e-3;
            assertThat(meets(square, m, Reach.EVERY_REPEAT)).hasSize(within ? 24 : 20);
            assertThat(meets(square, m, Reach.EVERY_TURN)).containsExactly(m);
        }
    }

    private static Set<Integer> meets(Weave weave, int meet, Reach reach) {
        return weave.places().reached(meet, reach).stream()
                .map(CrossingIndex.Found::meet)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
