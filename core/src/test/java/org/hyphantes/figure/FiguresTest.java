package org.hyphantes.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.Subdivision;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;

/** Figures against closed forms: chord tables, lenses, star angles, the closure of trochoids. */
class FiguresTest {
    /** All but lettering: its typefaces come from another module, which tests it. */
    static final List<Form> EACH =
            Form.EACH.stream().filter(f -> !(f instanceof Lettering)).toList();

    private static Form with(Form form, String... settings) {
        Form with = form;
        for (int i = 0; i < settings.length; i += 2) {
            try {
                with = (Form) with.schema()
                        .read(with, settings[i], settings[i + 1], Scope.PLAIN)
                        .value();
            } catch (CannotRead e) {
                throw new AssertionError(e);
            }
        }
        return with;
    }

    private static List<Path> paths(Form form) {
        return form.paths(PageBox.WIDE);
    }

    private static Path path(Form form) {
        assertThat(paths(form)).hasSize(1);
        return paths(form).get(0);
    }

    /** Chords of the circle of radius 1: side 2 sin(180/n) and apothem cos(180/n), as every handbook's table has them; from memory. */
    @ParameterizedTest
    @CsvSource({
        "3, 1.7320508, 0.5",
        "4, 1.4142136, 0.7071068",
        "5, 1.1755705, 0.8090170",
        "6, 1.0, 0.8660254",
        "8, 0.7653669, 0.9238795",
        "12, 0.5176381, 0.9659258"
    })
    void polygonsHaveTheChordsOfTheTable(int n, double side, double apothem) {
        Path polygon = path(with(Polygon.STARTING, "sides", "" + n, "radius", "100"));
        assertThat(polygon.curves()).allSatisfy(c -> assertThat(c.length()).isCloseTo(100 * side, within(1e-5)));
        assertThat(polygon.curves().get(0).at(0.5).length()).isCloseTo(100 * apothem, within(1e-5));
        // A corner, then a side, to the top of the page.
        assertThat(polygon.start().distance(new Point(0, -100))).isLessThan(1e-9);
        Path onSide = path(with(Polygon.STARTING, "sides", "" + n, "radius", "100", "upward", "side"));
        assertThat(onSide.box().top()).isCloseTo(-100 * apothem, within(1e-5));
        // Opposite a side lies a side, or a corner where there is an odd number of them.
        assertThat(onSide.box().bottom()).isCloseTo(n % 2 == 0 ? 100 * apothem : 100, within(1e-5));
        // Between the dividers the other way, the second leg is the middle of a side.
        Form across = Polygon.STARTING.between(new Point(3, 4), new Point(3, -46), true);
        assertThat(path(across).box().top()).isCloseTo(-46, within(1e-9));
    }

    /** A star of n tips has 2n corners; at foot 1, untwisted, it is a regular 2n-gon. Common practice, no published source. */
    @Test
    void starsHaveTheirTipsFeetAndAngles() {
        Path star = path(with(Star.STARTING, "tips", "5", "foot", "0.4", "radius", "50"));
        assertThat(star.size()).isEqualTo(10);
        Path round = path(with(Star.STARTING, "tips", "7", "foot", "1", "radius", "50"));
        Path polygon = path(with(Polygon.STARTING, "sides", "14", "radius", "50"));
        assertThat(round.covers(polygon, 1e-9)).isTrue();
        // The tip of a pentagram has 36 degrees; it is {5/2}, one stroke. Hexagram: two triangles. {12/5}: one stroke.
        Path pentagram = path(with(Star.STARTING, "tips", "5", "joins", "2"));
        Point in = pentagram.curves().get(0).tangent(1).times(-1);
        Point out = pentagram.curves().get(1).tangent(0);
        assertThat(Math.toDegrees(Math.acos(in.dot(out)))).isCloseTo(36, within(1e-9));
        assertThat(paths(with(Star.STARTING, "tips", "6", "joins", "2"))).hasSize(2);
        assertThat(paths(with(Star.STARTING, "tips", "12", "joins", "5"))).hasSize(1);
        // {12/5} as one stroke encloses 49 pieces.
        assertThat(Subdivision.of(paths(with(Star.STARTING, "tips", "12", "joins", "5")))
                                .faces()
                        - 1)
                .isEqualTo(49);
        Path soft = path(with(Star.STARTING, "tips", "5", "tipround", "2", "footround", "1", "radius", "50"));
        assertThat(soft.size()).isEqualTo(20);
        Form irregular = with(Star.STARTING, "irregular", "0.2", "seed", "4");
        assertThat(path(irregular)).isEqualTo(path(with(Star.STARTING, "irregular", "0.2", "seed", "4")));
        assertThat(path(irregular).length()).isNotEqualTo(path(Star.STARTING).length());
    }

    /** Lens of two equal circles: area 2 r^2 acos(d/2r) - d/2 sqrt(4 r^2 - d^2); tip to tip sqrt(4 r^2 - d^2). */
    @Test
    void theLensOfTwoCircles() {
        Path lens = path(with(Lens.STARTING, "radius", "40", "apart", "40"));
        double area = 2 * 1600 * Math.acos(0.5) - 20 * Math.sqrt(6400 - 1600);
        assertThat(Math.abs(lens.signedArea())).isCloseTo(area, within(1e-9));
        assertThat(lens.box().height()).isCloseTo(Math.sqrt(4800), within(1e-9));
        // Where each centre lies on the other circle the lens is sqrt 3 times as long as wide.
        assertThat(lens.box().height() / lens.box().width()).isCloseTo(Math.sqrt(3), within(1e-9));
        Path between = path(Lens.STARTING.between(new Point(-10, 5), new Point(50, 5), false));
        assertThat(between.box().left()).isCloseTo(-10, within(1e-9));
        assertThat(between.box().right()).isCloseTo(50, within(1e-9));
    }

    /**
     * Trochoids: radii p to q close after q turns with p lobes. An astroid (wheel a quarter, reach the wheel) has length 6 a and
     * encloses 3/8 pi a^2; a cardioid of fixed radius a has length 16 a and encloses 6 pi a^2; Lawrence, A Catalog of Special
     * Plane Curves, chapters 5 and 6.
     */
    @Test
    void trochoidsCloseAndHaveTheirMeasures() {
        Path astroid = path(with(Trochoid.STARTING, "fixed", "40", "wheel", "10", "reach", "10"));
        assertThat(astroid.closed()).isTrue();
        assertThat(astroid.length()).isCloseTo(6 * 40, within(1e-3));
        assertThat(Math.abs(astroid.signedArea())).isCloseTo(3 * Math.PI / 8 * 1600, within(1e-2));
        assertThat(astroid.start().distance(new Point(0, -40))).isLessThan(1e-9);
        Path cardioid =
                path(with(Trochoid.STARTING, "rolling", "outside", "fixed", "10", "wheel", "10", "reach", "10"));
        assertThat(cardioid.length()).isCloseTo(160, within(1e-3));
        assertThat(Math.abs(cardioid.signedArea())).isCloseTo(600 * Math.PI, within(1e-2));
        assertThat(Trochoid.closing(8.0 / 3)).containsExactly(8, 3);
        assertThat(path(with(Trochoid.STARTING, "fixed", "10 * pi", "wheel", "10"))
                        .closed())
                .isFalse();
        // Wheel and reach half the circle: a straight line, there and back.
        Path cardan = path(with(Trochoid.STARTING, "fixed", "40", "wheel", "20", "reach", "20"));
        assertThat(cardan.box().width()).isLessThan(1e-6);
        assertThat(cardan.box().height()).isCloseTo(80, within(1e-6));
    }

    /** A rose of k = n/d has n petals when both are odd, else 2n; the petals of the three-leaved enclose pi a^2 / 4. */
    @Test
    void rosesHaveTheirPetals() {
        Path three = path(with(Rose.STARTING, "waves", "3", "turns", "1", "radius", "40"));
        assertThat(Math.abs(three.signedArea())).isCloseTo(Math.PI * 400, within(1e-2));
        assertThat(Subdivision.of(List.of(three)).faces() - 1).isEqualTo(3);
        Path eight = path(with(Rose.STARTING, "waves", "4", "turns", "1", "radius", "40"));
        assertThat(Subdivision.of(List.of(eight)).faces() - 1).isEqualTo(8);
        assertThat(path(with(Rose.STARTING, "waves", "2", "turns", "6"))
                        .covers(path(with(Rose.STARTING, "waves", "1", "turns", "3")), 1e-9))
                .isTrue();
    }

    /** Archimedes' spiral from the middle: length a/2 (t sqrt(1 + t^2) + asinh t) with a the advance to a radian. Closed form. */
    @Test
    void spiralsGoOutByTheirSpacing() {
        Path even = path(with(Spiral.STARTING, "eye", "0", "coils", "3", "spacing", "10"));
        double t = 6 * Math.PI;
        double a = 10 / (2 * Math.PI);
        double asinh = Math.log(t + Math.sqrt(1 + t * t));
        assertThat(even.length()).isCloseTo(a / 2 * (t * Math.sqrt(1 + t * t) + asinh), within(1e-3));
        assertThat(even.end().distance(new Point(0, -30))).isLessThan(1e-9);
        Spiral growing = (Spiral) with(Spiral.STARTING, "eye", "1", "coils", "3", "spacing", "10", "growth", "1.5");
        assertThat(growing.radius(1)).isCloseTo(11, within(1e-9));
        assertThat(growing.radius(2)).isCloseTo(26, within(1e-9));
        assertThat(growing.radius(3)).isCloseTo(48.5, within(1e-9));
    }

    /** An equilateral pointed arch rises 0.866 of its width, its centres on the springing points; a round one half of it. */
    @Test
    void archesBoxesCogsOvalsAndWaves() {
        Path arch = path(
                with(Arch.STARTING, "width", "60", "height", "90", "crown", "pointed", "rise", "60 * sqrt(3) / 2"));
        assertThat(arch.curves().get(0).curvature(0.5)).isCloseTo(1.0 / 60, within(1e-9));
        Path round = path(Arch.STARTING);
        assertThat(round.signedArea()).isCloseTo(60 * 60 + Math.PI * 900 / 2, within(1e-9));
        Path box = path(with(Rectangle.STARTING, "rounded", "each upper", "rounding", "10"));
        assertThat(box.size()).isEqualTo(6);
        assertThat(box.signedArea()).isCloseTo(4000 - 2 * 100 * (1 - Math.PI / 4), within(1e-9));
        Path cog = path(Cog.STARTING);
        assertThat(cog.size()).isEqualTo(48);
        assertThat(cog.box().height()).isCloseTo(80, within(1e-9));
        // Between tip circle and foot circle each tooth takes half of its foot and half of its tip, but for the bows.
        assertThat(cog.signedArea()).isBetween(Math.PI * 32 * 32, Math.PI * 1600);
        Path oval = path(Oval.STARTING);
        assertThat(Math.abs(oval.signedArea())).isCloseTo(Math.PI * 40 * 25, within(0.02));
        Path wave = path(Wave.STARTING);
        assertThat(wave.box().height()).isCloseTo(16, within(1e-3));
        assertThat(wave.at(wave.positionAt(wave.length() / 2)).length()).isLessThan(1e-3);
        assertThat(paths(Ring.STARTING)).hasSize(2);
    }

    /** A line to the edge always divides the whole page. */
    @Test
    void aLineRunsOnToTheEdge() {
        Form line = LineForm.STARTING.between(new Point(10, 0), new Point(20, 10), true);
        PageBox page = new PageBox(new Box(-100, -50, 100, 50));
        Path path = line.paths(page).get(0);
        assertThat(path.start().distance(new Point(-40, -50))).isLessThan(1e-9);
        assertThat(path.end().distance(new Point(60, 50))).isLessThan(1e-9);
    }

    @ParameterizedTest
    @FieldSource("EACH")
    void everyFigureIsCarriedByASimilarity(Form form) {
        Affine map = Affine.shift(new Point(17, -5))
                .after(Affine.turn(33, new Point(4, 4)).after(Affine.scale(1.5, Point.ORIGIN)));
        List<Path> there = paths(form.carried(map));
        List<Path> wanted = paths(form).stream().map(p -> p.map(map)).toList();
        assertThat(there).hasSameSizeAs(wanted);
        for (int i = 0; i < there.size(); i++) {
            for (int k = 0; k <= 20; k++) {
                Point p = wanted.get(i).at(k * wanted.get(i).size() / 20.0);
                assertThat(there.get(i).at(there.get(i).nearest(p)).distance(p)).isLessThan(1e-5);
            }
        }
        assertThat(form.carried(map).centre().distance(map.of(form.centre()))).isLessThan(1e-5);
    }

    /** Laid between the dividers, a figure reaches the second leg, and keeps what is its own. */
    @ParameterizedTest
    @FieldSource("EACH")
    void everyFigureIsLaidBetweenTheDividers(Form form) {
        Point first = new Point(12, 7);
        Point second = new Point(40, -20);
        List<Path> laid = paths(form.between(first, second, false));
        double least = laid.stream()
                .mapToDouble(p -> p.at(p.nearest(second)).distance(second))
                .min()
                .orElseThrow();
        // An oval, box and arch have the leg as a corner of the box round them; an irregular corner may lie within.
        Box box = Box.round(laid.stream().map(Path::box).toList());
        boolean reached =
                least < 1e-4 || Math.abs(box.right() - second.x()) < 1e-4 && Math.abs(box.top() - second.y()) < 1e-4;
        assertThat(reached).as("%s is %f away", form.schema().word(), least).isTrue();
        assertThat(form.between(first, second, false).schema().word())
                .isEqualTo(form.schema().word());
    }

    @Test
    void drawnPathsAreReadAndWritten() {
        String text = "M 0 0 L 20 0 A 10 10 0 0 1 20 20 C 10 30 0 30 -5 20 Z M 50 0 L 60 0";
        Drawn drawn = new Drawn(text);
        assertThat(PathText.of(drawn.paths())).isEqualTo(text.replace(" Z", " L 0 0 Z"));
        assertThat(drawn.paths().get(0).curves().get(1).curvature(0.5)).isCloseTo(0.1, within(1e-9));
        Curve large = PathText.read("M 0 0 A 10 10 0 1 0 10 10").get(0).curves().get(0);
        assertThat(large.length()).isCloseTo(1.5 * Math.PI * 10, within(1e-9));
        for (String bad : List.of("L 0 0", "M 0 0", "M 0 0 Q 1 1 2 2", "M 0 0 L 5", "M 0 0 A 5 6 0 0 1 3 3")) {
            assertThatExceptionOfType(CannotRead.class)
                    .isThrownBy(() -> Drawn.STARTING.schema().read(Drawn.STARTING, "course", bad, Scope.PLAIN));
        }
    }

    /** Half an inch and so on: expressions typed in inches stay what they were when read again in millimetres. */
    @Test
    void expressionsKeepTheUnitTheyWereTypedIn() throws CannotRead {
        Scope inches = new Scope(java.util.Map.of(), Unit.IN);
        Circle typed = Circle.STARTING
                .schema()
                .read(Circle.STARTING, "radius", "1 + 1/2", inches)
                .value();
        assertThat(typed.radius().value()).isCloseTo(38.1, within(1e-12));
        assertThat(typed.radius().expression()).isEqualTo("in(1 + 1/2)");
        assertThat(typed.schema().typed(typed, "radius", inches)).isEqualTo("1 + 1/2");
        Circle again = Circle.STARTING
                .schema()
                .read(Circle.STARTING, "radius", typed.radius().expression(), Scope.PLAIN)
                .value();
        assertThat(again).isEqualTo(typed);
        Circle grown = Circle.STARTING
                .schema()
                .read(typed, "radius", "was + 1", inches)
                .value();
        assertThat(grown.radius().isExpression()).isFalse();
        assertThat(Angle.bearing(new Point(1, 0))).isEqualTo(90);
    }
}
