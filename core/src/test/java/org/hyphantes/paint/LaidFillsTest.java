package org.hyphantes.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.geometry.plane.Booleans;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Fills that no format has, laid as patches: their colours at places, against the colour that the place has by its own measure. */
class LaidFillsTest {
    private static final List<Stop> STOPS = List.of(
            new Stop(0, new Colour("#102040")),
            new Stop(0.4, new Colour("#F0E0A0")),
            new Stop(1, new Colour("#A02010")));

    /** A step of the gradient, and one of rounding to whole parts of 255. */
    private static final int STEPS = 3;

    private static Gradient gradient(Gradient.Way way) {
        return new Gradient(way, STOPS, Gradient.Over.EACH_PART, 30, Point.ORIGIN);
    }

    /** The colour seen at a place: that of the last patch over it. */
    private static Colour seen(Fill fill, Point at) {
        List<Patch> patches = ((Patched) fill).patches();
        for (int i = patches.size() - 1; i >= 0; i--) {
            if (patches.get(i).region().contains(at)) {
                return colour(patches.get(i).fill(), at);
            }
        }
        return null;
    }

    /** SVG 2, section 14.2: a place counts by its foot on the way from the first to the last stop, or by how far from the centre it is. */
    private static Colour colour(Fill fill, Point at) {
        if (!(fill instanceof Ramp ramp)) {
            return fill.colour();
        }
        Point way = ramp.to().minus(ramp.from());
        double share = ramp.way() == Gradient.Way.LINEAR
                ? at.minus(ramp.from()).dot(way) / way.dot(way)
                : at.distance(ramp.from()) / way.length();
        return new Stops(ramp.stops()).at(Math.max(0, Math.min(1, share)));
    }

    @Test
    void aSweptGradientGoesRoundItsCentreInStepsOfTwo() {
        Region star = Region.of(Path.polygon(List.of(
                new Point(0, -50),
                new Point(12, -15),
                new Point(48, -15),
                new Point(20, 8),
                new Point(30, 45),
                new Point(0, 22),
                new Point(-30, 45),
                new Point(-20, 8),
                new Point(-48, -15),
                new Point(-12, -15))));
        Sweep sweep = (Sweep) gradient(Gradient.Way.SWEPT)
                .laid(star.outline(), Point.ORIGIN, star.outline().box());
        Patched fill = sweep.over(star);
        Random random = new Random(4);
        Stops stops = new Stops(STOPS);
        int inside = 0;
        for (int i = 0; i < 2_000; i++) {
            Point at = new Point(random.nextDouble() * 96 - 48, random.nextDouble() * 96 - 48);
            if (star.contains(at)) {
                inside++;
                double share = Angle.turned(Angle.bearing(at.minus(sweep.centre())) - 30) / 360;
                assertThat(seen(fill, at).steps(stops.at(share)))
                        .as("at %s", at)
                        .isLessThanOrEqualTo(STEPS);
            }
        }
        assertThat(inside).isGreaterThan(500);
        // No sector but the closing one ends where the next begins: each reaches under it.
        List<Patch> patches = fill.patches();
        for (int i = 1; i + 1 < patches.size(); i++) {
            assertThat(Booleans.common(
                            List.of(patches.get(i).region(), patches.get(i + 1).region())))
                    .as("sector %d and the next", i)
                    .isNotEmpty();
        }
    }

    private static List<Path> strands() {
        Path square = Path.polygon(List.of(new Point(0, 0), new Point(60, 0), new Point(60, 60), new Point(0, 60)));
        Path bent = Path.open(
                new Line(new Point(0, 0), new Point(40, 0)),
                new Arc(new Point(40, 20), 20, -Math.PI / 2, Math.PI),
                new Line(new Point(40, 40), new Point(-10, 40)));
        return List.of(Path.closed(Arc.circle(new Point(5, 7), 30, 0)), square, bent);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void aGradientFollowsItsStrandAndMeetsItselfWhereThatCloses(int which) {
        Path path = strands().get(which);
        double width = 6;
        Region band = BandOutline.of(path, width, Ends.BUTT).orElseThrow();
        Fill along = gradient(Gradient.Way.ALONG).over(band, Run.of(path, WidthProfile.even(width)));
        Fill across = gradient(Gradient.Way.ACROSS).over(band, Run.of(path, WidthProfile.even(width)));
        Stops way = path.closed() ? new Stops(STOPS).thereAndBack() : new Stops(STOPS);
        for (double share = 0.0005; share < 1; share += 0.013) {
            double position = path.positionAt(share * path.length());
            double corner = Math.abs(position - Math.rint(position))
                    * path.curves().get(path.index(position)).length();
            Point aside = path.tangent(position).right();
            for (double off = -2.9; off < 3; off += 0.7) {
                Point at = path.at(position).plus(aside.times(off));
                if (which == 1 && corner < 3.2) {
                    // Beside a corner a place belongs to both of its sides.
                    continue;
                }
                assertThat(seen(along, at).steps(way.at(share)))
                        .as("along, at %s of the way, %s aside", share, off)
                        .isLessThanOrEqualTo(STEPS);
                assertThat(seen(across, at).steps(new Stops(STOPS).at(Math.abs(off) / 3)))
                        .as("across, at %s of the way, %s aside", share, off)
                        .isLessThanOrEqualTo(1);
            }
        }
        if (path.closed()) {
            Point before = path.at(path.positionAt(path.length() * (1 - 1e-6)));
            assertThat(seen(along, before).steps(seen(along, path.at(1e-6)))).isLessThanOrEqualTo(1);
        }
    }

    private static final Region PLATE = new Region(
            Path.polygon(List.of(new Point(0, 0), new Point(80, 0), new Point(80, 50), new Point(0, 50))),
            List.of(Path.closed(Arc.circle(new Point(30, 25), 12, 0))));

    /** Blue noise keeps its least distance, and dots cover just so much; R. Bridson's sampling (SIGGRAPH 2007) leaves no gap of twice that distance. */
    @ParameterizedTest
    @ValueSource(doubles = {5, 20, 40})
    void dotsKeepTheirDistanceAndCoverTheirShare(double coverage) {
        Strewn stipple = new Strewn(Strewn.Shape.DOTS, Paint.INK, Paint.INK, 1.5, coverage / 100, 3);
        List<Patch> dots = stipple.over(PLATE, 1).patches();
        double area = 0;
        List<Point> middles = new ArrayList<>();
        for (Patch dot : dots) {
            area += dot.region().area();
            middles.add(((Arc) dot.region().outline().curves().get(0)).centre());
            assertThat(Booleans.minus(dot.region(), List.of(PLATE)))
                    .as("what leaves the part")
                    .isEmpty();
        }
        assertThat(area / PLATE.area()).isCloseTo(coverage / 100, within(0.02 * coverage / 100));
        for (int i = 0; i < middles.size(); i++) {
            double nearest = Double.MAX_VALUE;
            for (int k = 0; k < middles.size(); k++) {
                nearest = k == i ? nearest : Math.min(nearest, middles.get(i).distance(middles.get(k)));
            }
            assertThat(nearest).isBetween(1.5, 3.0);
        }
        assertThat(stipple.over(PLATE, 1).patches()).as("the same seed").isEqualTo(dots);
        assertThat(stipple.over(PLATE, 2).patches()).as("another part").isNotEqualTo(dots);
    }

    @Test
    void chipsDoNotOverlapNorLeaveTheirPart() {
        Strewn strewn = new Strewn(Strewn.Shape.CHIPS, Paint.INK, new Colour("#FFFFFF"), 5, 0, 8);
        List<Region> chips =
                strewn.over(PLATE, 0).patches().stream().map(Patch::region).toList();
        assertThat(chips).hasSizeGreaterThan(60);
        double sum = chips.stream().mapToDouble(Region::area).sum();
        List<Region> with = new ArrayList<>(chips);
        double together =
                Booleans.union(chips).stream().mapToDouble(Region::area).sum();
        assertThat(together).isCloseTo(sum, within(1e-6));
        with.add(PLATE);
        double all = Booleans.union(with).stream().mapToDouble(Region::area).sum();
        assertThat(all).isCloseTo(PLATE.area(), within(1e-6));
    }

    /**
     * W3C, Compositing and Blending Level 1, section 9: each mode worked by hand for one backdrop and one source, with parts 0.2, 0.5, 0.9 and
     * 0.6, 0.5, 0.1.
     */
    @ParameterizedTest
    @EnumSource(Blend.class)
    void blendsAreThoseOfTheStandard(Blend mode) {
        double[] b = {0.2, 0.5, 0.9};
        double[] s = {0.6, 0.5, 0.1};
        double[] expected = switch (mode) {
            case NORMAL -> s;
            case MULTIPLY -> new double[] {0.12, 0.25, 0.09};
            case SCREEN -> new double[] {0.68, 0.75, 0.91};
            // HardLight(Cs, Cb): at or under a half twice the product, else the screen of 2 Cb - 1.
            case OVERLAY -> new double[] {0.24, 0.5, 0.82};
            case DARKEN -> new double[] {0.2, 0.5, 0.1};
            case LIGHTEN -> new double[] {0.6, 0.5, 0.9};
            case COLOR_DODGE -> new double[] {0.5, 1, 1};
            case COLOR_BURN -> new double[] {0, 0, 0};
            case HARD_LIGHT -> new double[] {0.36, 0.5, 0.18};
            // D(0.2) = ((16 x 0.2 - 12) x 0.2 + 4) x 0.2 = 0.448.
            case SOFT_LIGHT -> new double[] {0.2 + 0.2 * (0.448 - 0.2), 0.5, 0.9 - 0.8 * 0.9 * 0.1};
            case DIFFERENCE -> new double[] {0.4, 0, 0.8};
            case EXCLUSION -> new double[] {0.56, 0.5, 0.82};
            // Lum(b) = 0.454, Sat(b) = 0.7; Lum(s) = 0.486, Sat(s) = 0.5.
            case HUE -> lit(0.7, 0.56, 0, 0.454);
            case SATURATION -> lit(0, 0.3 / 0.7 * 0.5, 0.5, 0.454);
            case COLOR -> new double[] {0.568, 0.468, 0.068};
            case LUMINOSITY -> new double[] {0.232, 0.532, 0.932};
        };
        double[] made = new double[3];
        mode.mix(b, s, made);
        assertThat(made).containsExactly(expected, within(1e-9));
    }

    /** SetLum of the standard where it clips nothing below nor above. */
    private static double[] lit(double red, double green, double blue, double luminosity) {
        double more = luminosity - (0.3 * red + 0.59 * green + 0.11 * blue);
        double[] c = {red + more, green + more, blue + more};
        double least = Math.min(c[0], Math.min(c[1], c[2]));
        if (least < 0) {
            for (int i = 0; i < 3; i++) {
                c[i] = luminosity + (c[i] - luminosity) * luminosity / (luminosity - least);
            }
        }
        return c;
    }

    @Test
    void whatLiesOverAFillKeepsItAndWhatIsColouredLaterKeepsEdgeAndFinish() {
        Fill flat = new Flat(Paint.INK);
        Edge edge = new Edge(new Colour("#FF0000"), 0.7);
        Finish rough = new Finish.Hewn(3, 0.4, false, 1);
        Optional<Fill> before =
                Optional.of(new Finished(Optional.of(new Edged(Optional.empty(), Optional.of(edge))), rough));
        Optional<Fill> after = Optional.of(Edged.as(before, flat));
        assertThat(Finished.each(after)).containsExactly(rough);
        assertThat(Paint.band(after).line()).contains(new Colour("#FF0000"));
        assertThat(Paint.band(after).fill()).contains(flat);
        Fill dots = new Strewn(Strewn.Shape.DOTS, Paint.INK, Paint.INK, 1, 0.2, 1);
        Optional<Fill> over = Optional.of(new Over(after, dots));
        assertThat(Over.textures(over)).containsExactly(dots);
        assertThat(over.get().within()).contains(flat);
    }

    /** A strand like an eight encloses nothing in all, each half the other way about: its gradient runs from end to end of it all the same. */
    @Test
    void aStrandThatEnclosesNothingInAllHasItsGradientOverIt() {
        for (double more : new double[] {0, 1e-13, -1e-13}) {
            Path eight = Path.closed(
                    new Arc(new Point(0, -10), 10, Math.PI / 2, 2 * Math.PI),
                    new Arc(new Point(0, 10 + more), 10 + more, -Math.PI / 2, -2 * Math.PI));
            for (Gradient.Way way : new Gradient.Way[] {Gradient.Way.LINEAR, Gradient.Way.RADIAL}) {
                Ramp ramp = (Ramp) gradient(way).laid(eight, Point.ORIGIN, eight.box());
                assertThat(eight.box().grown(15).contains(ramp.from())).isTrue();
                assertThat(ramp.from().distance(ramp.to())).isBetween(10.0, 50.0);
            }
        }
    }
}
