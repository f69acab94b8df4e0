package org.hyphantes.known;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Net;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.TideRing;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.Polygon;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Work;
import org.junit.jupiter.api.Test;

class KnownPointsTest {
    private static final Set<PointKind> EVERY = EnumSet.allOf(PointKind.class);

    private static KnownPoints known(Design design, int steps) {
        Artwork setOut = new Resolver().alone(design, design.root().upTo(steps), Watch.NONE);
        return KnownPoints.of(design, design.root(), setOut.work(), Watch.NONE);
    }

    private static Design with(Form... forms) {
        Design design = Design.empty("Trial");
        for (Form form : forms) {
            design = Recipes.addFigure("design", form).change().apply(design);
        }
        return design;
    }

    /** Crossings of a ring of eight circles and a wide one, of its spokes and the wide circle, by closed forms. */
    @Test
    void aRingKnowsItsCrossingsAndSaysWhatMetWhat() {
        KnownPoints known = known(TideRing.design(), 1);
        double high = 62 * Math.cos(Math.toRadians(22.5))
                + Math.sqrt(1600 - Math.pow(62 * Math.sin(Math.toRadians(22.5)), 2));
        KnownPoint crossing = known.near(Point.polar(high, 22.5), 0.5, EVERY).get(0);
        assertThat(crossing.words()).isEqualTo("where Circle cuts copy 2 of Circle");
        assertThat(crossing.place().distance(Point.polar(high, 22.5))).isLessThan(1e-9);
        assertThat(crossing.causes()).hasSize(2);
        KnownPoint spoke = known.near(Point.polar(70, 45), 0.5, EVERY).get(0);
        assertThat(spoke.words()).isIn("where Wide circle cuts spoke 1", "where spoke 1 cuts Wide circle");
        assertThat(known.near(Point.polar(62, 90), 1, EVERY).get(0).words()).isEqualTo("centre of copy 3 of Circle");
        assertThat(known.near(new Point(0.2, 0.1), 1, EVERY).get(0).words()).isEqualTo("the centre");
        assertThat(known.near(Point.polar(high, 22.5), 0.5, EnumSet.of(PointKind.CENTRES)))
                .as("crossings are switched off")
                .isEmpty();
    }

    @Test
    void sidesCornersQuartersNetAndPageAreKnown() {
        Design design = with(
                new Circle(Amount.of(40), Amount.of(0), Amount.of(0)),
                Polygon.STARTING.between(new Point(100, 0), new Point(100, -20), false),
                LineForm.STARTING.between(new Point(-90, 100), new Point(-90, 20), false));
        design = design.withNet(new Net(Net.Pattern.TRIANGLE, Amount.of(10), Amount.of(5), Amount.of(8)));
        KnownPoints known = known(design, 0);
        assertThat(known.near(new Point(40, 0), 0.1, EVERY).get(0).words()).isEqualTo("1 of 4 quarters along Circle");
        assertThat(known.near(new Point(100, -20), 0.1, EVERY).get(0).words()).isEqualTo("corner 1 of Polygon");
        Point middle = new Point(100, -20).middle(new Point(100, 0).plus(Point.polar(20, 60)));
        assertThat(known.near(middle, 0.1, EVERY).get(0).words()).isEqualTo("middle of side 1 of Polygon");
        assertThat(known.near(new Point(-90, 60), 0.1, EVERY).get(0).words()).isEqualTo("middle of Line");
        assertThat(known.near(new Point(-105, -148.5), 0.1, EVERY).get(0).words())
                .isEqualTo("corner of the page");
        // Points of a net of triangles: each is a step away from six others.
        Point knot = known.near(new Point(4.8, 8.5), 1, EVERY).get(0).place();
        assertThat(knot.x()).isCloseTo(5, within(1e-9));
        assertThat(knot.y()).isCloseTo(5 * Math.sqrt(3), within(1e-9));
        List<org.hyphantes.treatment.Laid> lines =
                new Resolver().resolve(design).work().lines();
        KnownPoint third = KnownPoints.fraction(lines, new Point(-89, 60), 2, 1.0 / 3, "1/3")
                .orElseThrow();
        assertThat(third.place().distance(new Point(-90, 100 - 80.0 / 3))).isLessThan(1e-9);
        assertThat(third.words()).isEqualTo("1/3 along the side");
        assertThat(KnownPoints.fraction(lines, new Point(200, 200), 2, 0.5, "1/2"))
                .isEmpty();
    }

    /** A figure may be called what it will: its points are those of a line all the same. */
    @Test
    void aFigureNamedLikeASpokeKeepsItsEnds() {
        Design design = Recipes.addFigure("design", LineForm.STARTING.between(Point.ORIGIN, new Point(20, 0), false))
                .change()
                .apply(Design.empty("Trial"));
        String id = design.root().members().get(0).id();
        design = Arranging.rename("design", id, "spoke of the wheel").change().apply(design);
        Work lines = new Resolver().resolve(design).work();
        List<String> words = KnownPoints.of(design, design.root(), lines, Watch.NONE).all().stream()
                .map(KnownPoint::words)
                .toList();
        assertThat(words).contains("end of spoke of the wheel");
    }
}
