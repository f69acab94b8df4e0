package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Figures combined as areas, against closed forms and JTS; and artwork confined to a figure. */
class CombineTest {
    private static Circle circle(double radius, double out, double bearing) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(bearing));
    }

    private static Work work(List<Form> forms, Treatment... recipe) {
        return new Resolver()
                .resolve(Trial.design(Material.PRINT, forms, recipe))
                .work();
    }

    /** The area that closed lines enclose: outlines run clockwise, holes the other way. */
    private static double area(Work work) {
        return Math.abs(
                work.lines().stream().mapToDouble(l -> l.path().signedArea()).sum());
    }

    /** The lens of two circles of radius r at distance d: 2 r^2 acos(d / 2r) - d / 2 sqrt(4 r^2 - d^2); an annulus; a cog. */
    @Test
    void areasAreThoseOfTheClosedForms() {
        List<Form> two = List.of(circle(30, 20, 90), circle(30, 20, 270));
        double lens = 2 * 900 * Math.acos(40.0 / 60) - 20 * Math.sqrt(3600 - 1600);
        double disc = Math.PI * 900;
        assertThat(area(work(two, new Combine(Combined.ALL_OF, "every figure"))))
                .isCloseTo(lens, within(1e-9 * lens));
        assertThat(area(work(two, new Combine(Combined.ANY_OF, "every figure"))))
                .isCloseTo(2 * disc - lens, within(1e-9 * disc));
        assertThat(area(work(two, new Combine(Combined.THE_FIRST_WITHOUT_THE_OTHERS_OF, "every figure"))))
                .isCloseTo(disc - lens, within(1e-9 * disc));
        assertThat(area(work(two, new Combine(Combined.AN_ODD_NUMBER_OF, "every figure"))))
                .isCloseTo(2 * disc - 2 * lens, within(1e-9 * disc));
        assertThat(area(work(
                        List.of(circle(30, 0, 0), circle(20, 0, 0)),
                        new Combine(Combined.THE_FIRST_WITHOUT_THE_OTHERS_OF, "every figure"))))
                .isCloseTo(Math.PI * (900 - 400), within(1e-6));
    }

    /** A cog of eight round bites: a disc of R less lenses of bites of r about its rim, 2 r^2 and R^2 parts of the lens of two circles. */
    @Test
    void aCogIsADiscLessItsBites() {
        Work cog = work(
                List.of(circle(40, 0, 0), circle(6, 40, 0)),
                Turn.of(8),
                new Combine(Combined.THE_FIRST_WITHOUT_THE_OTHERS_OF, "every figure"),
                Band.of(Amount.of(1), Ends.BUTT));
        double d = 40;
        double bite = 36 * Math.acos((d * d + 36 - 1600) / (2 * d * 6))
                + 1600 * Math.acos((d * d + 1600 - 36) / (2 * d * 40))
                - 0.5 * Math.sqrt((-d + 6 + 40) * (d + 6 - 40) * (d - 6 + 40) * (d + 6 + 40));
        assertThat(cog.lines()).hasSize(1);
        assertThat(cog.lines().get(0).band())
                .as("it is banded like any other line")
                .isPresent();
        assertThat(area(cog)).isCloseTo(Math.PI * 1600 - 8 * bite, within(1e-6));
    }

    private static Geometry flattened(Path path) {
        List<Coordinate> all = new ArrayList<>();
        for (Curve curve : path.curves()) {
            for (int i = 0; i < 400; i++) {
                Point p = curve.at(i / 400.0);
                all.add(new Coordinate(p.x(), p.y()));
            }
        }
        all.add(all.get(0));
        return new GeometryFactory().createPolygon(all.toArray(Coordinate[]::new));
    }

    /** Against JTS 1.20 on copies flattened to 400 chords a curve, within what flattening leaves out. */
    @Test
    void areasAreThoseOfJts() {
        Random random = new Random(3);
        for (int trial = 0; trial < 60; trial++) {
            List<Form> forms = new ArrayList<>();
            for (int i = 0; i < 2 + random.nextInt(3); i++) {
                forms.add(circle(10 + 20 * random.nextDouble(), 15 * random.nextDouble(), 360 * random.nextDouble()));
            }
            List<Geometry> areas =
                    work(forms).lines().stream().map(l -> flattened(l.path())).toList();
            Geometry any = areas.get(0);
            Geometry all = areas.get(0);
            Geometry first = areas.get(0);
            Geometry odd = areas.get(0);
            for (Geometry next : areas.subList(1, areas.size())) {
                any = any.union(next);
                all = all.intersection(next);
                first = first.difference(next);
                odd = odd.symDifference(next);
            }
            Geometry[] theirs = {any, all, first, odd};
            for (Combined kept : Combined.values()) {
                assertThat(area(work(forms, new Combine(kept, "every figure"))))
                        .as(kept + " of " + forms)
                        .isCloseTo(theirs[kept.ordinal()].getArea(), within(0.5));
            }
        }
    }

    @Test
    void whatLiesOutsideIsCutAwayExactly() {
        // A band of 4 along a line through the middle of a disc of 20: its area within is that of two segments'
        // difference.
        Work cut = work(
                List.of(circle(20, 0, 0), circle(60, 60, 90)),
                new Band("f1", Amount.of(4), Ends.BUTT, CornerStyle.SQUARE, Amount.of(0)),
                Within.of("f0"));
        assertThat(cut.mosaics()).hasSize(1);
        double inAll = cut.mosaics().get(0).mosaic().pieces().stream()
                .mapToDouble(p -> p.area())
                .sum();
        double outer = lens(20, 62, 60);
        double inner = lens(20, 58, 60);
        assertThat(inAll).isCloseTo(outer - inner, within(1e-6));
        assertThat(cut.lines()).as("the cut edge is lined").hasSize(1);
        Work banded =
                work(List.of(circle(20, 0, 0), circle(60, 60, 90)), Band.of(Amount.of(4), Ends.BUTT), Within.of("f0"));
        assertThat(banded.lines()).as("the figure's own line, without its band").hasSize(1);
        assertThat(banded.lines().get(0).band()).isEmpty();
        Work lines = work(List.of(circle(20, 0, 0), circle(60, 60, 90)), new Within("f0", CutEdge.BARE));
        assertThat(lines.lines()).hasSize(1);
        assertThat(lines.lines().get(0).path().length()).isCloseTo(60 * 4 * Math.asin(10.0 / 60), within(1e-9));
    }

    private static double lens(double r, double big, double d) {
        return r * r * Math.acos((d * d + r * r - big * big) / (2 * d * r))
                + big * big * Math.acos((d * d + big * big - r * r) / (2 * d * big))
                - 0.5 * Math.sqrt((-d + r + big) * (d + r - big) * (d - r + big) * (d + r + big));
    }
}
