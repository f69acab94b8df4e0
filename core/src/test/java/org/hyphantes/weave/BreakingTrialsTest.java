package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever crossings are taken out of whatever strands, what is left is a sound weave of as many crossings less. */
class BreakingTrialsTest {
    private static List<Strand> strands(Random random) {
        List<Path> paths = new ArrayList<>();
        for (int i = 0; i < 3 + random.nextInt(3); i++) {
            Point centre = new Point(60 * random.nextDouble() - 30, 60 * random.nextDouble() - 30);
            paths.add(Path.closed(Arc.circle(centre, 40 + 10 * random.nextDouble(), 360 * random.nextDouble())));
        }
        double y = 20 * random.nextDouble() - 10;
        paths.add(Path.open(new Line(new Point(-130, y), new Point(130, y + 5))));
        double x = 20 * random.nextDouble() - 10;
        paths.add(Path.open(
                new Cubic(new Point(x, -130), new Point(x + 40, -60), new Point(x - 10, -30), new Point(x, 0)),
                new Cubic(new Point(x, 0), new Point(x + 10, 30), new Point(x - 40, 60), new Point(x, 130))));
        List<Strand> strands = new ArrayList<>();
        for (Path path : paths) {
            strands.add(new Strand(
                    Strand.letter(strands.size()),
                    new StrandKey("f" + strands.size(), List.of()),
                    path,
                    0.6,
                    Ends.ROUND));
        }
        return strands;
    }

    @ParameterizedTest
    @ValueSource(
            longs = {
                1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 27, 28,
                29, 30
            })
    void whatIsLeftIsSoundAndHasTheOtherCrossings(long seed) {
        Random random = new Random(seed);
        List<Strand> strands = strands(random);
        Projection whole = Projection.of(strands, Watch.NONE).orElseThrow();
        Map<Integer, Way> breaks = new HashMap<>();
        List<Break> told = new ArrayList<>();
        CrossingIndex places = new CrossingIndex(whole, Symmetry.NONE);
        for (int m = 0; m < whole.meets().size(); m++) {
            if (random.nextInt(4) == 0) {
                Way way = random.nextBoolean() ? Way.WITH : Way.AGAINST;
                breaks.put(m, way);
                told.add(new Break(places.place(m, Reach.THIS_ONE), way, Reach.THIS_ONE));
            }
        }
        Weave.Order order = new Weave.Order(Rhythm.ALTERNATELY, 0, true, 0.2, Loops.KEPT, true, false, List.of(), told);
        Weave weave = Weave.of(strands, order, Symmetry.NONE, Watch.NONE).orElseThrow();
        assertThat(weave.broken()).isEqualTo(breaks);
        assertThat(weave.lostBreaks()).isEmpty();
        assertThat(weave.crossings().size()).isEqualTo(whole.meets().size() - breaks.size());
        for (int m = 0; m < weave.crossings().size(); m++) {
            assertThat(weave.origins().whole(m)).isNotNegative();
            assertThat(breaks).doesNotContainKey(weave.origins().whole(m));
        }
        // Open strands stay as many as they were, with the same ends.
        assertThat(weave.strands().stream().filter(s -> !s.path().closed()).count())
                .isEqualTo(2);
        for (Strand strand : weave.strands()) {
            List<Curve> curves = strand.path().curves();
            for (int i = strand.path().closed() ? 0 : 1; i < curves.size(); i++) {
                Point before =
                        curves.get((i + curves.size() - 1) % curves.size()).tangent(1);
                assertThat(before.dot(curves.get(i).tangent(0))).isCloseTo(1, within(1e-6));
            }
        }
        // Each strand's band is parted at its under-passes and nowhere else, and shaded at each such end.
        long under = weave.crossings().size();
        long closedUnder = weave.courses().stream()
                .filter(c -> c.region().holes().isEmpty())
                .count();
        assertThat(weave.courses().stream().mapToInt(c -> c.dives().size()).sum())
                .isLessThanOrEqualTo((int) (2 * under));
        assertThat(closedUnder).isPositive();
        for (Course course : weave.courses()) {
            assertThat(course.region().area()).isPositive();
            for (Dive dive : course.dives()) {
                assertThat(dive.stretch().area())
                        .isPositive()
                        .isLessThan(course.region().area());
            }
        }
    }

    /** Grounds of two crossed circles: lens and two crescents, less the bands, by the closed forms of segments. */
    @org.junit.jupiter.api.Test
    void groundsHaveTheAreasOfTheClosedForm() {
        List<Strand> two = List.of(
                new Strand(
                        "A",
                        new StrandKey("a", List.of()),
                        Path.closed(Arc.circle(new Point(-20, 0), 40, 0)),
                        4,
                        Ends.BUTT),
                new Strand(
                        "B",
                        new StrandKey("b", List.of()),
                        Path.closed(Arc.circle(new Point(20, 0), 40, 0)),
                        4,
                        Ends.BUTT));
        Weave weave = Weave.of(two, Weave.Order.alternate(0.5), Symmetry.NONE, Watch.NONE)
                .orElseThrow();
        List<Region> grounds = Grounds.of(weave);
        assertThat(grounds).hasSize(3);
        // The lens between the inner edges, of radius 38; a crescent lies within one inner edge and outside the other's
        // outer one, 42.
        double lens = 2 * (38 * 38 * Math.acos(20.0 / 38)) - 40 * Math.sqrt(38 * 38 - 400);
        double crescent = Math.PI * 38 * 38 - common(38, 42, 40);
        List<Double> areas = grounds.stream().map(Region::area).toList();
        assertThat(areas.get(0)).isCloseTo(crescent, within(1e-6));
        assertThat(areas.get(1)).isCloseTo(crescent, within(1e-6));
        assertThat(areas.get(2)).isCloseTo(lens, within(1e-6));
    }

    /** The area two discs have in common; handbook formula of two circular segments, from memory. */
    private static double common(double r, double s, double d) {
        double a = Math.acos((d * d + r * r - s * s) / (2 * d * r));
        double b = Math.acos((d * d + s * s - r * r) / (2 * d * s));
        return r * r * (a - Math.sin(2 * a) / 2) + s * s * (b - Math.sin(2 * b) / 2);
    }
}
