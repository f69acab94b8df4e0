package org.hyphantes.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Amount;
import org.hyphantes.weave.StrandKey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What goes to a machine: in which order, how large, and what is amiss with it. */
class CutsTest {
    private static final Job JOB = Job.on(Machine.GANNET_MILL).with("kerf", Amount.of(0));

    private static Path circle(double x, double y, double radius) {
        return Path.closed(Arc.circle(new Point(x, y), radius, 0));
    }

    private static Path box(double left, double top, double right, double bottom) {
        return Path.polygon(List.of(
                new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom)));
    }

    private static Mark area(Region region, int piece) {
        return new Mark.Area(region, Paint.BAND, Origin.piece(piece));
    }

    private static Mark line(Path path) {
        return new Mark.Stroke(path, Paint.BARE_LINE, Origin.of(new StrandKey("f0", List.of(0))));
    }

    private static Scene scene(List<Mark> marks) {
        return new Scene(
                marks, List.of("f0"), Box.round(marks.stream().map(Mark::box).toList()));
    }

    private static Cuts cuts(Job job, Mark... marks) {
        return Cuts.of(List.of(scene(List.of(marks))), job, Colourway.QUAY, 1, 1);
    }

    private static double length(Cuts cuts) {
        return cuts.contours().stream().mapToDouble(c -> c.path().length()).sum();
    }

    /** Half the kerf goes outwards round a part and inwards in its holes: the area of a parallel set (Steiner), and a hole less in radius. */
    @Test
    void kerfIsMadeUpForOnTheProperSide() {
        Region washer = new Region(box(0, 0, 40, 30), List.of(circle(20, 15, 5)));
        Cuts cuts = cuts(JOB.with("kerf", Amount.of(0.4)).with("parts", Job.Parts.APART), area(washer, 1));
        assertThat(cuts.contours()).hasSize(2);
        Path hole = cuts.contours().get(0).path();
        Path outline = cuts.contours().get(1).path();
        assertThat(hole.length()).isCloseTo(2 * Math.PI * 4.8, within(1e-6));
        double grown = 40 * 30 + 140 * 0.2 + Math.PI * 0.2 * 0.2;
        assertThat(Math.abs(outline.signedArea())).isCloseTo(grown, within(1e-6));
    }

    /** Rings within rings, strewn and shuffled: none is cut after what it lies in, all are cut, and the way is shorter than as drawn. */
    @Test
    void whatLiesInsideIsCutFirstAndTheWayIsShort() {
        Random random = new Random(16);
        for (int trial = 0; trial < 20; trial++) {
            List<Mark> marks = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                double x = 40 + 90 * (i % 10);
                double y = 40 + 90 * (i / 10);
                int rings = 1 + random.nextInt(4);
                for (int k = 0; k < rings; k++) {
                    marks.add(line(circle(x + random.nextDouble(), y + random.nextDouble(), 8 + 8 * k)));
                }
            }
            Collections.shuffle(marks, random);
            Job wide = JOB.with("width", Amount.of(2000)).with("height", Amount.of(2000));
            Cuts cuts = Cuts.of(scene(marks), wide, Colourway.QUAY, 1);
            assertThat(cuts.contours()).hasSameSizeAs(marks);
            for (int i = 0; i < cuts.contours().size(); i++) {
                Path outer = cuts.contours().get(i).path();
                for (Contour later : cuts.contours().subList(i + 1, marks.size())) {
                    assertThat(outer.winding(later.path().start())).isZero();
                }
            }
            assertThat(cuts.travel()).isLessThan(0.35 * cuts.asDrawn());
        }
    }

    /** Two boxes that share a side of 84 mm: told as doubled there, and cut once when that is asked for. */
    @Test
    void aDoubledLineIsFoundAndCutOnce() {
        Mark[] boxes = {line(box(0, 0, 50, 84)), line(box(50, 0, 120, 84))};
        Cuts twice = cuts(JOB, boxes);
        assertThat(twice.flaws()).hasSize(1);
        Flaw doubled = twice.flaws().get(0);
        assertThat(doubled.kind()).isEqualTo(Flaw.Kind.DOUBLED);
        assertThat(doubled.amount()).isCloseTo(84, within(1e-6));
        assertThat(doubled.places().get(0).x()).isCloseTo(50, within(1e-6));
        Cuts once = cuts(JOB.with("lines", Job.Lines.EACH_ONCE), boxes);
        assertThat(length(once)).isCloseTo(length(twice) - 84, within(1e-6));
        assertThat(once.flaws()).noneMatch(f -> f.kind() == Flaw.Kind.DOUBLED);
    }

    @Test
    void strayPointsAndOpenEndsAreFoundAndMended() {
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            marks.add(line(Path.open(new Line(new Point(10 * i, 50), new Point(10 * i + 0.01, 50)))));
        }
        marks.add(line(Path.open(
                new Line(new Point(0, 0), new Point(30, 0)),
                new Line(new Point(30, 0), new Point(30, 20)),
                new Line(new Point(30, 20), new Point(0, 0.3)))));
        Mark[] all = marks.toArray(Mark[]::new);
        List<Flaw> flaws = cuts(JOB, all).flaws();
        assertThat(flaws).extracting(Flaw::kind).containsExactly(Flaw.Kind.STRAY, Flaw.Kind.OPEN);
        assertThat(flaws.get(0).places()).hasSize(5);
        assertThat(flaws.get(1).amount()).isCloseTo(0.3, within(1e-9));
        Cuts mended = cuts(JOB.with("least", Amount.of(0.05)).with("closing", Amount.of(0.3)), all);
        assertThat(mended.flaws()).isEmpty();
        assertThat(mended.contours()).hasSize(1);
        assertThat(mended.contours().get(0).path().closed()).isTrue();
    }

    /** A disc within a ring with a gap between them hangs on nothing; two ties hold it, opposite one another; a bridge of 0.4 mm is told and widened. */
    @Test
    void loosePiecesAreTiedAndNarrowBridgesWidened() {
        Mark[] marks = {
            area(new Region(circle(0, 0, 40), List.of(circle(0, 0, 30))), 1), area(Region.of(circle(0, 0, 20)), 2)
        };
        Cuts loose = cuts(JOB, marks);
        assertThat(loose.flaws()).extracting(Flaw::kind).containsExactly(Flaw.Kind.LOOSE);
        assertThat(loose.flaws().get(0).places().get(0).length()).isCloseTo(0, within(1e-9));
        Cuts tied = cuts(JOB.with("ties", Amount.of(2)).with("tie", Amount.of(3)), marks);
        assertThat(tied.flaws()).isEmpty();
        // The gap is in two halves now, and the ring's own outside is the edge of no sheet: it lies round all.
        List<Double> areas = tied.contours().stream()
                .map(c -> Math.abs(c.path().signedArea()))
                .toList();
        assertThat(areas).hasSize(2);
        assertThat(areas.get(0)).isCloseTo(areas.get(1), within(1.0));
        double gap = Math.PI * (900 - 400) - 2 * 3 * 10;
        assertThat(areas.get(0) + areas.get(1)).isCloseTo(gap, within(0.01 * gap));

        Region sheet = new Region(box(-30, -20, 30, 20), List.of(circle(-8.2, 0, 8), circle(8.2, 0, 8)));
        Job one = JOB.with("parts", Job.Parts.AS_ONE_SHEET);
        Flaw narrow = cuts(one, area(sheet, 1)).flaws().get(0);
        assertThat(narrow.kind()).isEqualTo(Flaw.Kind.NARROW);
        assertThat(narrow.amount()).isCloseTo(0.4, within(1e-9));
        assertThat(narrow.places().get(0).length()).isCloseTo(0, within(1e-9));
        assertThat(cuts(one.with("bridge", Amount.of(1)), area(sheet, 1)).flaws())
                .isEmpty();
        // A long bridge round a hole is widened all along: 0.6 mm are taken of the holes over an arc of radius 20.2.
        Arc inner = new Arc(Point.ORIGIN, 20.4, 0.5, 2);
        Arc outer = new Arc(Point.ORIGIN, 30, 2.5, -2);
        Path sector =
                Path.closed(inner, new Line(inner.end(), outer.start()), outer, new Line(outer.end(), inner.start()));
        Region bent = new Region(box(-40, -40, 40, 40), List.of(circle(0, 0, 20), sector));
        Cuts before = cuts(one, area(bent, 1));
        assertThat(before.flaws()).isNotEmpty();
        Cuts after = cuts(one.with("bridge", Amount.of(1)), area(bent, 1));
        assertThat(after.flaws()).isEmpty();
        double taken = holes(before) - holes(after);
        assertThat(taken).isCloseTo(0.6 * 20.2 * 2, within(2.0));
    }

    private static double holes(Cuts cuts) {
        return cuts.contours().stream()
                .mapToDouble(c -> Math.abs(c.path().signedArea()))
                .filter(a -> a < 6000)
                .sum();
    }

    /** A line goes to the first pass that takes it; engraved areas still have their edges cut. */
    @Test
    void passesTakeByWellByStrandAndByKind() {
        Colour third = Colourway.QUAY.well(3).colour();
        Paint dyed = Paint.BAND.filled(new Flat(third));
        Mark dyedArea = new Mark.Area(Region.of(box(0, 0, 10, 12)), dyed, Origin.piece(1));
        Mark[] marks = {dyedArea, area(Region.of(box(20, 0, 30, 10)), 2), line(circle(5, 5, 2))};
        Pass engraved = Pass.CUT.doing(Pass.Work.ENGRAVE).taking(3);
        Pass drawn = Pass.CUT.doing(Pass.Work.DRAW).taking(Pass.Takes.LINES);
        Cuts cuts = cuts(JOB.passing(List.of(engraved, drawn, Pass.CUT)), marks);
        double spacing = engraved.spacing().value();
        double hatched = cuts.of(0).stream().mapToDouble(c -> c.path().length()).sum();
        assertThat(hatched * spacing).isCloseTo(120, within(120 * spacing / 12));
        assertThat(cuts.of(1)).hasSize(1);
        assertThat(cuts.of(2)).hasSize(2);
    }

    /** A bed of 200 mm is told to be too small by just what is missing. */
    @Test
    void whatIsLargerThanTheBedIsTold() {
        Cuts cuts = cuts(
                JOB.with("width", Amount.of(200)).with("height", Amount.of(100)),
                area(Region.of(box(5, 5, 217, 60)), 1));
        assertThat(cuts.flaws()).hasSize(1);
        assertThat(cuts.flaws().get(0).kind()).isEqualTo(Flaw.Kind.LARGER);
        assertThat(cuts.flaws().get(0).amount()).isCloseTo(12, within(1e-9));
    }

    /** Of ten tiles of 40 by 20 mm six have room on 130 by 60 mm with 5 mm between them: three in a row, none over another or over the edge. */
    @Test
    void copiesAreLaidInRowsWithAGap() {
        Mark tile = area(Region.of(box(0, 0, 40, 20)), 1);
        Job bed =
                JOB.with("width", Amount.of(130)).with("height", Amount.of(60)).with("copies", Amount.of(10));
        Cuts cuts = cuts(bed, tile);
        assertThat(cuts.contours()).hasSize(6);
        assertThat(cuts.flaws()).extracting(Flaw::kind).containsExactly(Flaw.Kind.NO_ROOM);
        assertThat(cuts.flaws().get(0).amount()).isEqualTo(6);
        for (Contour one : cuts.contours()) {
            Box own = one.path().box();
            assertThat(own.left()).isGreaterThanOrEqualTo(-1e-9);
            assertThat(own.bottom()).isLessThanOrEqualTo(60 + 1e-9);
            assertThat(cuts.contours().stream().filter(c -> c.path().box().meets(own.grown(4.9))))
                    .containsExactly(one);
        }
        assertThat(cuts(bed.with("copies", Amount.of(5)), tile).flaws()).isEmpty();
    }

    /**
     * Seeded sheets of parts of all sizes: none lies nearer to another than the gap or over the edge, each is cut whole, and turned to fit no fewer have
     * room than any one way round.
     */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void partsOfAllSizesAreLaidApart(int seed) {
        Random random = new Random(seed);
        List<Scene> parts = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double width = 5 + 60 * random.nextDouble();
            double height = 5 + 30 * random.nextDouble();
            double at = 100 * i;
            parts.add(scene(List.of(area(Region.of(box(at, -at, at + width, height - at)), 1))));
        }
        Job sheet = JOB.with("width", Amount.of(200))
                .with("height", Amount.of(120))
                .with("gap", Amount.of(3))
                .with("copies", Amount.of(1 + seed % 3));
        int most = 0;
        for (Job.Lie lie : Job.Lie.values()) {
            Cuts cuts = Cuts.of(parts, sheet.with("lie", lie), Colourway.QUAY, 1, 0);
            int wanted = 12 * (int) sheet.copies().value();
            boolean all = cuts.contours().size() == wanted;
            assertThat(cuts.flaws()).extracting(Flaw::kind).isEqualTo(all ? List.of() : List.of(Flaw.Kind.NO_ROOM));
            for (Contour one : cuts.contours()) {
                Box own = one.path().box();
                assertThat(new Box(-1e-9, -1e-9, 200 + 1e-9, 120 + 1e-9).with(own))
                        .isEqualTo(new Box(-1e-9, -1e-9, 200 + 1e-9, 120 + 1e-9));
                assertThat(cuts.contours().stream().filter(c -> c.path().box().meets(own.grown(3 - 1e-6))))
                        .containsExactly(one);
            }
            assertThat(cuts.contours().size()).isGreaterThanOrEqualTo(lie == Job.Lie.TURNED_TO_FIT ? most : 0);
            most = Math.max(most, cuts.contours().size());
            // What is flagged in the design is flagged where it lies on the bed.
            Cuts.Part part = cuts.parts().stream()
                    .max(Comparator.comparingDouble(
                            p -> p.cut().width() * p.cut().height()))
                    .orElseThrow();
            Point corner = new Point(part.drawn().left(), part.drawn().top());
            assertThat(cuts.contours().stream()
                            .mapToDouble(c -> c.path()
                                    .at(c.path().nearest(cuts.onBed(corner)))
                                    .distance(cuts.onBed(corner)))
                            .min()
                            .orElseThrow())
                    .isLessThan(1e-6);
        }
        assertThat(most).isGreaterThan(9);
    }

    /** Of a clipped area only what is seen is cut, and a line is cut off just at the clip's border. */
    @Test
    void whatAClipHidesIsNotCut() {
        Region window = Region.of(box(0, 0, 20, 20));
        Mark through = line(Path.open(new Line(new Point(-30, 12), new Point(50, 12))));
        Mark.Clip clip = new Mark.Clip(
                window,
                List.of(area(Region.of(box(10, 5, 40, 9)), 1), through),
                Origin.of(new StrandKey("f0", List.of(0))));
        Cuts cuts = cuts(JOB.with("parts", Job.Parts.APART), clip);
        assertThat(cuts.contours()).hasSize(2);
        assertThat(length(cuts)).isCloseTo(2 * (10 + 4) + 20, within(1e-6));
        // Turned a quarter on the bed it is as long, and stands.
        Cuts turned = cuts(JOB.with("parts", Job.Parts.APART).with("lie", Job.Lie.A_QUARTER_TURNED), clip);
        assertThat(length(turned)).isCloseTo(length(cuts), within(1e-6));
        Box box = turned.contours().stream()
                .map(c -> c.path().box())
                .reduce(Box::with)
                .orElseThrow();
        assertThat(box.height()).isCloseTo(20, within(1e-6));
        assertThat(box.centre().distance(new Point(450, 300))).isLessThan(20);
    }

    /** A scene of nothing is told as that, and a pass that takes only a strand that is not there too. */
    @Test
    void nothingIsToldAsNothing() {
        Cuts none = Cuts.of(List.of(Scene.EMPTY), JOB, Colourway.QUAY, 1, 1);
        assertThat(none.contours()).isEmpty();
        assertThat(none.flaws()).extracting(Flaw::kind).containsExactly(Flaw.Kind.NOTHING);
        assertThat(none.isUnresolved()).isFalse();
        Job strand = JOB.passing(List.of(Pass.CUT.taking(Pass.Takes.STRAND)));
        Cuts other = cuts(strand, line(circle(0, 0, 5)));
        assertThat(other.flaws()).extracting(Flaw::kind).containsExactly(Flaw.Kind.NOTHING);
    }
}
