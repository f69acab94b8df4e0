package org.hyphantes.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.Morph;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Rectangle;
import org.hyphantes.figure.Star;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.junit.jupiter.api.Test;

/** What designs are set out on: page, net and units; and the steps between unlike figures. */
class GroundTest {
    private static Net net(Net.Pattern pattern, double step) {
        return new Net(pattern, Amount.of(step), Amount.of(5), Amount.of(8));
    }

    /** A4 of ISO 216: 210 by 297 mm, sides as 1 to the root of 2 but for whole millimetres. */
    @Test
    void aPageBeginsAsA4AndFitsItsDesign() {
        Box a4 = Page.STARTING.box();
        assertThat(a4.height() / a4.width()).isCloseTo(Math.sqrt(2), within(0.001));
        assertThat(a4.centre()).isEqualTo(Point.ORIGIN);
        Box fitted = Page.STARTING.fitting(new Box(-10, -20, 33.2, 5), 5).box();
        assertThat(fitted.width()).isEqualTo(77);
        assertThat(fitted.height()).isEqualTo(50);
    }

    /** A line to the edge follows the page. */
    @Test
    void whatRunsToTheEdgeFollowsThePage() {
        Design design = Recipes.addFigure("design", LineForm.STARTING.between(Point.ORIGIN, new Point(5, 0), true))
                .change()
                .apply(Design.empty("Trial"));
        assertThat(new Resolver().resolve(design).box().width()).isCloseTo(210, within(1e-9));
        Design wider = design.withPage(new Page(Amount.of(300), Amount.of(100), Page.Shown.SHOWN));
        assertThat(new Resolver().resolve(wider).box().width()).isCloseTo(300, within(1e-9));
    }

    /** The points of a net lie on its lines; of a net of triangles each is a step from its six neighbours. */
    @Test
    void netsHaveTheirPointsOnTheirLines() {
        Random random = new Random(8);
        for (Net.Pattern pattern : List.of(Net.Pattern.SQUARE, Net.Pattern.TRIANGLE, Net.Pattern.ROUND)) {
            Net net = net(pattern, 12);
            List<Net.Thread> threads = net.threads(new Box(-60, -60, 60, 60));
            assertThat(threads).anyMatch(Net.Thread::strong).anyMatch(t -> !t.strong());
            for (int i = 0; i < 200; i++) {
                Point place = new Point(100 * random.nextDouble() - 50, 100 * random.nextDouble() - 50);
                Point knot = net.nearest(place);
                long through = threads.stream()
                        .map(Net.Thread::path)
                        .filter(t -> t.at(t.nearest(knot)).distance(knot) < 1e-9)
                        .count();
                assertThat(through).as("%s at %s", pattern, knot).isGreaterThanOrEqualTo(2);
                assertThat(net.nearest(knot).distance(knot)).isLessThan(1e-9);
                // No other point of the net is nearer.
                for (int k = 0; k < 6 && pattern == Net.Pattern.TRIANGLE; k++) {
                    Point neighbour = knot.plus(Point.polar(12, 30 + 60.0 * k));
                    assertThat(net.nearest(neighbour).distance(neighbour)).isLessThan(1e-9);
                    assertThat(neighbour.distance(place)).isGreaterThanOrEqualTo(knot.distance(place) - 1e-9);
                }
            }
        }
        assertThat(net(Net.Pattern.NONE, 12).threads(new Box(-60, -60, 60, 60))).isEmpty();
        assertThat(net(Net.Pattern.SQUARE, 0.01).threads(new Box(-600, -600, 600, 600)))
                .as("too many to be told apart")
                .isEmpty();
    }

    @Test
    void squaresOfTheNetAreAUnit() throws CannotRead {
        Scope scope = new Scope(Map.of(), Unit.IN, 12.5);
        assertThat(Expression.length("8 sq", scope, 0).value()).isCloseTo(100, within(1e-9));
        assertThat(Expression.length("1 in + 2 sq", scope, 0).value()).isCloseTo(50.4, within(1e-9));
        assertThat(Expression.length("in(1 + 1) + 2 mm", Scope.PLAIN, 0).value())
                .isCloseTo(52.8, within(1e-9));
    }

    /** Unlike figures pass into one another in closed, connected paths, from the one to the other. */
    @Test
    void unlikeFiguresPassIntoOneAnother() {
        Form circle = new Circle(Amount.of(30), Amount.of(0), Amount.of(0));
        for (Form other : List.of(Polygon.STARTING, Star.STARTING, Rectangle.STARTING)) {
            Morph morph = Morph.of(circle, other, PageBox.WIDE);
            double from = Math.abs(circle.paths(PageBox.WIDE).get(0).signedArea());
            double to = Math.abs(other.paths(PageBox.WIDE).get(0).signedArea());
            assertThat(Math.abs(morph.at(0).get(0).signedArea())).isCloseTo(from, within(from * 1e-3));
            assertThat(Math.abs(morph.at(1).get(0).signedArea())).isCloseTo(to, within(to * 1e-3));
            double before = from;
            for (double share : new double[] {0.25, 0.5, 0.75}) {
                Path path = morph.at(share).get(0);
                assertThat(path.closed()).isTrue();
                double area = Math.abs(path.signedArea());
                assertThat(area).isBetween(Math.min(from, to) * 0.8, Math.max(from, to) * 1.05);
                assertThat(Math.abs(area - before)).isLessThan(Math.abs(from - to) * 0.8 + 100);
                before = area;
            }
        }
    }
}
