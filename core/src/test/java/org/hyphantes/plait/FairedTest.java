package org.hyphantes.plait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Panel;
import org.hyphantes.figure.Ringplait;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Braid;
import org.junit.jupiter.api.Test;

/** Strands laid by least change of curvature. */
class FairedTest {
    /** The one curve whose curvature does not change at all: through places of a circle it is that circle. */
    @Test
    void throughPlacesOfACircleItIsTheCircle() {
        for (int n = 4; n <= 12; n++) {
            List<Point> places = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                places.add(Point.polar(50, 360.0 * i / n));
            }
            for (Curve curve : Faired.path(places).curves()) {
                assertThat(curve).isInstanceOf(Arc.class);
                assertThat(((Arc) curve).radius()).isCloseTo(50, within(0.15));
            }
        }
    }

    /** An ellipse's curvature lies between b / a^2 and a / b^2 (differential geometry, from memory); that of a curve through it does too. */
    @Test
    void throughPlacesOfAnEllipseItsCurvatureIsTheEllipses() {
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            double t = Math.PI * i / 8;
            places.add(new Point(60 * Math.cos(t), 40 * Math.sin(t)));
        }
        for (Curve curve : Faired.path(places).curves()) {
            assertThat(1 / ((Arc) curve).radius()).isBetween(0.93 * 40 / 3600, 1.07 * 60 / 1600);
        }
    }

    private static Ringplait ring(int leads, int bights, String breaks) {
        return new Ringplait(
                Amount.of(leads),
                Amount.of(bights),
                Amount.of(100),
                Amount.of(60),
                Turns.ROUNDED,
                breaks,
                Amount.of(0),
                Amount.of(0),
                Amount.of(0));
    }

    private static Map<Lattice.Spot, Bar> breaks(Random random, int columns, int rows, int most) {
        Map<Lattice.Spot, Bar> bars = new LinkedHashMap<>();
        for (int i = random.nextInt(most + 1); i > 0; i--) {
            Lattice.Spot spot = new Lattice.Spot(random.nextInt(columns), 1 + random.nextInt(rows));
            if (spot.row() < rows && (spot.row() + spot.column()) % 2 == 1) {
                bars.put(spot, random.nextBoolean() ? Bar.LEVEL : Bar.UPRIGHT);
            }
        }
        return bars;
    }

    private static void crossesAsPlanned(List<Path> strands, Lattice plan, String what) {
        List<PathMeeting> meetings = PathMeetings.of(strands);
        assertThat(meetings).as(what).hasSize(plan.crossings());
        assertThat(meetings).as(what).allMatch(m -> m.kind() == PathMeeting.Kind.CROSSING);
    }

    /** Drawn strands cross just as often as their plan says: 2,000 plans by a seed, rings of few bights and broken ones among them. */
    @Test
    void strandsCrossAsOftenAsThePlanSays() {
        Random random = new Random(8);
        for (int i = 0; i < 2_000; i++) {
            if (i % 2 == 0) {
                int leads = 1 + random.nextInt(6);
                int bights = 1 + random.nextInt(12);
                Map<Lattice.Spot, Bar> bars = breaks(random, 2 * bights, leads, 8);
                crossesAsPlanned(
                        ring(leads, bights, Bars.of(bars)).upright(),
                        new Lattice(2 * bights, leads, true, bars, Optional.empty()),
                        leads + " by " + bights + " broken at " + Bars.of(bars));
            } else {
                int across = 1 + random.nextInt(6);
                int along = 2 + random.nextInt(8);
                Map<Lattice.Spot, Bar> bars = breaks(random, 2 * across, 2 * along, 10);
                bars.keySet().removeIf(s -> s.column() == 0);
                double stretched = 14 + 12 * random.nextDouble();
                crossesAsPlanned(
                        new Panel(across, along, across * 20, along * stretched, bars, 0, Turns.ROUNDED, Sides.CLOSED)
                                .strands(),
                        new Lattice(2 * across, 2 * along, false, bars, Optional.empty()),
                        across + " by " + along + " broken at " + Bars.of(bars));
            }
        }
    }

    /** How much curvature jumps at most from curve to curve, by the depth of a lead. */
    private static double jump(List<Path> strands, double lead) {
        double jump = 0;
        for (Path strand : strands) {
            double before = curvature(strand.curves().get(strand.size() - 1));
            for (Curve curve : strand.curves()) {
                jump = Math.max(jump, lead * Math.abs(curvature(curve) - before));
                before = curvature(curve);
            }
        }
        return jump;
    }

    private static double curvature(Curve curve) {
        return curve instanceof Arc arc ? Math.signum(arc.sweep()) / arc.radius() : 0;
    }

    /** Turn by turn, each by itself, these plans jumped by 0.94 in the mean, and by 3.42 at most. */
    @Test
    void ringsOfFewBightsAreRound() {
        double sum = 0;
        double most = 0;
        for (int leads = 2; leads <= 6; leads++) {
            for (int bights = 2; bights <= 12; bights++) {
                double jump = jump(ring(leads, bights, Bars.NONE).upright(), 60.0 / leads);
                sum += jump;
                most = Math.max(most, jump);
            }
        }
        assertThat(sum / 55).isLessThan(0.33);
        assertThat(most).isLessThan(2.5);
    }

    /** With turns of a line and one arc, these panels jumped by 0.85 in the mean and their curvature came to 0.44 by length. */
    @Test
    void panelsRunStraightAndTurnLittleByLittle() {
        Random random = new Random(5);
        double jumps = 0;
        double changes = 0;
        for (int i = 0; i < 200; i++) {
            int across = 1 + random.nextInt(6);
            int along = 2 + random.nextInt(8);
            double high = 14 + 12 * random.nextDouble();
            List<Path> strands = new Panel(
                            across, along, across * 20, along * high, Map.of(), 0, Turns.ROUNDED, Sides.CLOSED)
                    .strands();
            jumps += jump(strands, 10);
            changes += changes(strands, 10);
            Box box = Box.round(strands.stream().map(Path::box).toList());
            assertThat(box.width()).isCloseTo(across * 20, within(1e-6));
            assertThat(box.height()).isCloseTo(along * high, within(1e-6));
        }
        assertThat(jumps / 200).isLessThan(0.7);
        assertThat(changes / 200).isLessThan(0.43);
    }

    /** The sum of all jumps of curvature, by length in leads. */
    private static double changes(List<Path> strands, double lead) {
        double sum = 0;
        double length = 0;
        for (Path strand : strands) {
            double before = curvature(strand.curves().get(strand.size() - 1));
            for (Curve curve : strand.curves()) {
                sum += lead * Math.abs(curvature(curve) - before);
                before = curvature(curve);
            }
            length += strand.length() / lead;
        }
        return sum / length;
    }

    /**
     * A turn into which curvature grows from none and changes least: beside its integrals taken by Simpson's rule in 2,000 parts, the
     * heading after a share t of the length being 3/2 t^2 - 1/2 t^3 of the whole turn.
     */
    @Test
    void aTurnRisesAsItsIntegralsSay() {
        for (double bend = 0.1; bend < 1.5; bend += 0.2) {
            double along = 0;
            double aside = 0;
            for (int i = 0; i <= 2_000; i++) {
                double t = i / 2_000.0;
                double weight = i == 0 || i == 2_000 ? 1 : i % 2 == 0 ? 2 : 4;
                double toEdge = bend * (1 - 1.5 * t * t + 0.5 * t * t * t);
                along += weight * Math.cos(toEdge);
                aside += weight * Math.sin(toEdge);
            }
            assertThat(Eased.rise(bend)).isCloseTo(aside / along, within(1e-9));
        }
    }

    /** A braid fitted to its line crosses nearly at right angles: what is missing is left by whole numbers of bights. */
    @Test
    void aBraidFittedToItsLineCrossesSquarely() {
        for (int leads = 2; leads <= 8; leads++) {
            for (double radius : new double[] {9, 40, 111, 700}) {
                Braid braid = new Braid("every line", Amount.of(leads), Amount.of(16), Amount.of(20), Turns.ROUNDED)
                        .along(2 * Math.PI * radius);
                Path circle = new Circle(Amount.of(radius), Amount.of(0), Amount.of(0))
                        .upright()
                        .get(0);
                List<Path> strands = braided(
                        circle,
                        leads,
                        (int) braid.bights().value(),
                        braid.width().value());
                double sine = PathMeetings.of(strands).stream()
                        .mapToDouble(m -> Math.abs(strands.get(m.first())
                                .tangent(m.firstPosition())
                                .cross(strands.get(m.second()).tangent(m.secondPosition()))))
                        .average()
                        .orElseThrow();
                assertThat(sine).as(leads + " leads at " + radius).isGreaterThan(0.97);
            }
        }
    }

    private static List<Path> braided(Path line, int leads, int bights, double width) {
        return new Lattice(2 * bights, leads, true, Map.of(), Optional.empty())
                .strands(Along.of(line, 2 * bights, leads, width, Turns.ROUNDED), Turns.ROUNDED);
    }

    /** Led from crossing to crossing, each by itself, these braids jumped by 7.2 in the mean, their curvature came to 0.46 by length. */
    @Test
    void braidsGoRoundABoxLittleByLittle() {
        double jumps = 0;
        double changes = 0;
        for (int leads = 2; leads <= 5; leads++) {
            for (int bights = 8; bights <= 23; bights++) {
                List<Path> strands = braided(box(), leads, bights, 24);
                jumps += jump(strands, 24.0 / leads);
                changes += changes(strands, 24.0 / leads);
            }
        }
        assertThat(jumps / 64).isLessThan(0.8);
        assertThat(changes / 64).isLessThan(0.2);
    }

    private static Path box() {
        List<Point> corners = List.of(new Point(0, 0), new Point(200, 0), new Point(200, 150), new Point(0, 150));
        List<Curve> sides = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            sides.add(new Line(corners.get(i), corners.get((i + 1) % 4)));
        }
        return new Path(sides, true);
    }

    /** Round a box as round a circle, however few the bights and many the leads. */
    @Test
    void braidsCrossAsOftenAsThePlanSays() {
        Path circle = new Path(
                List.of(new Arc(Point.ORIGIN, 80, 0, Math.PI), new Arc(Point.ORIGIN, 80, Math.PI, Math.PI)), true);
        for (Path line : List.of(box(), circle)) {
            for (int leads = 2; leads <= 5; leads++) {
                for (int bights = 8; bights <= 23; bights++) {
                    Lattice plan = new Lattice(2 * bights, leads, true, Map.of(), Optional.empty());
                    crossesAsPlanned(
                            braided(line, leads, bights, 24),
                            plan,
                            leads + " along a line of " + line.size() + " curves by " + bights);
                }
            }
        }
    }
}
