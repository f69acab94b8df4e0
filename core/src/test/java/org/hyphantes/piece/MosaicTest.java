package org.hyphantes.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Polygon;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.measure.Distances;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;

/** What is done with pieces: by structure, with siblings, and parted by a joint. */
class MosaicTest {
    private static Mosaic mosaic(List<Form> forms, Treatment... recipe) {
        Design design = Trial.design(Material.PRINT, forms, recipe);
        return new Resolver().resolve(design).work().mosaics().get(0).mosaic();
    }

    private static Circle circle(double radius, double out) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(0));
    }

    private static PieceEdit edit(PieceAct act, Reach reach, Division division, int... cells) {
        List<PieceName> names = new ArrayList<>();
        for (int cell : cells) {
            names.add(division.cells().get(cell).name());
        }
        return new PieceEdit(act, names, reach);
    }

    /** Of a finished weave its courses are pieces and the grounds between its bands: 32 and 33 of the demo Tide Ring. */
    @Test
    void aFinishedWeaveHasCoursesAndGrounds() {
        Mosaic mosaic = mosaic(
                List.of(circle(40, 62), circle(70, 0)),
                Turn.of(8),
                Band.of(Amount.of(6), Ends.BUTT),
                Interlace.STARTING,
                Pieces.STARTING);
        assertThat(mosaic.pieces()).hasSize(65);
        Design divided = Trial.design(
                Material.PRINT,
                List.of(circle(40, 62), circle(70, 0)),
                Turn.of(8),
                Band.of(Amount.of(6), Ends.BUTT),
                Interlace.STARTING,
                Pieces.STARTING);
        assertThat(Inspection.of(divided, new Resolver().resolve(divided))
                        .reading("crossings")
                        .text())
                .as("gauges still read the weave")
                .startsWith("32 of 32");
        assertThat(mosaic.division().cells().stream().filter(Cell::isCourse)).hasSize(32);
        assertThat(mosaic.division().turns()).isEqualTo(8);
        assertThat(mosaic.division().cells())
                .filteredOn(Cell::isGround)
                .hasSize(33)
                .allSatisfy(ground -> {
                    int at = mosaic.division().named(ground.name()).orElseThrow();
                    assertThat(mosaic.division().neighbours(at)).isNotEmpty();
                });
    }

    @Test
    void ringsAreDroppedAndKeptWithTheirSiblings() {
        Mosaic before = mosaic(List.of(circle(30, 20)), Turn.of(6), Pieces.STARTING);
        Division division = before.division();
        int last = division.cells().size() - 1;
        Mosaic dropped =
                Mosaic.of(division, List.of(edit(PieceAct.DROP, Reach.EVERY_TURN, division, last)), Joint.NONE);
        assertThat(dropped.pieces().stream().filter(Tessera::dropped)).hasSize(6);
        Mosaic back = Mosaic.of(
                division,
                List.of(
                        edit(PieceAct.DROP, Reach.EVERY_TURN, division, last),
                        edit(PieceAct.BACK, Reach.THIS_ONE, division, last)),
                Joint.NONE);
        assertThat(back.pieces().stream().filter(Tessera::dropped)).hasSize(5);
        Mosaic kept = Mosaic.of(division, List.of(edit(PieceAct.KEEP, Reach.EVERY_TURN, division, last)), Joint.NONE);
        assertThat(kept.kept()).hasSize(6);
        int inner = division.neighbours(last).get(0).cell();
        Mosaic joined =
                Mosaic.of(division, List.of(edit(PieceAct.JOIN, Reach.EVERY_TURN, division, last, inner)), Joint.NONE);
        assertThat(joined.pieces()).hasSizeLessThan(before.pieces().size());
        double inAll = joined.pieces().stream().mapToDouble(Tessera::area).sum();
        assertThat(inAll)
                .isCloseTo(before.pieces().stream().mapToDouble(Tessera::area).sum(), within(1e-6));
    }

    /** The distance of neighbours is the joint, measured by the common normals of their borders; seeded. */
    @Test
    void theJointIsEven() {
        Random random = new Random(7);
        int measured = 0;
        for (int trial = 0; trial < Integer.getInteger("hyphantes.joints", 30); trial++) {
            int turns = 3 + random.nextInt(8);
            double joint = 0.2 + random.nextDouble();
            Joint.Outer outer = random.nextBoolean() ? Joint.Outer.STAY : Joint.Outer.GIVE_WAY;
            Form form = random.nextBoolean()
                    ? circle(20 + 20 * random.nextDouble(), 20 + 20 * random.nextDouble())
                    : new Polygon(
                            Amount.of(3 + random.nextInt(4)),
                            Amount.of(20 + 20 * random.nextDouble()),
                            Polygon.STARTING.upward(),
                            Amount.of(20 * random.nextDouble()),
                            Amount.of(0),
                            Amount.of(10 * random.nextDouble()));
            Mosaic mosaic = mosaic(
                    List.of(form, circle(25 + 20 * random.nextDouble(), 0)),
                    Turn.of(turns),
                    Pieces.STARTING.withJoint(joint).withOuter(outer));
            for (int i = 0; i < mosaic.pieces().size(); i++) {
                for (int other : mosaic.beside(i)) {
                    if (other > i) {
                        measured += measure(mosaic, i, other, joint) ? 1 : 0;
                    }
                }
            }
        }
        assertThat(measured).isGreaterThan(150);
    }

    private static boolean measure(Mosaic mosaic, int one, int other, double joint) {
        double least = Double.POSITIVE_INFINITY;
        for (Region a : mosaic.pieces().get(one).shapes()) {
            for (Region b : mosaic.pieces().get(other).shapes()) {
                least = Math.min(least, Distances.between(a, b).distance());
            }
        }
        if (Double.isInfinite(least)) {
            return false;
        }
        // Nowhere nearer; and where both are left along the edge they share, no further.
        assertThat(least).isGreaterThan(joint - 1e-6);
        return Math.abs(least - joint) < 1e-6;
    }

    /** No edit lands on a piece that lacks its bounding stretches; one whose piece is gone waits, and comes back. */
    @Test
    void editsKeepToWhatBoundsThem() {
        Random random = new Random(11);
        int waited = 0;
        for (int trial = 0; trial < Integer.getInteger("hyphantes.piece.edits", 50); trial++) {
            int turns = 3 + random.nextInt(8);
            double radius = 20 + 15 * random.nextDouble();
            double out = 20 + 15 * random.nextDouble();
            Mosaic before = mosaic(List.of(circle(radius, out), circle(30, 0)), Turn.of(turns), Pieces.STARTING);
            Division division = before.division();
            int cell = random.nextInt(division.cells().size());
            PieceEdit drop = edit(PieceAct.DROP, Reach.THIS_ONE, division, cell);
            Mosaic after = mosaic(
                    List.of(circle(radius * (0.7 + 0.6 * random.nextDouble()), out), circle(30, 0)),
                    Turn.of(Math.max(2, turns + random.nextInt(3) - 1)),
                    Pieces.STARTING.withEdits(List.of(drop)));
            List<Tessera> gone =
                    after.pieces().stream().filter(Tessera::dropped).toList();
            if (gone.isEmpty()) {
                waited++;
                assertThat(after.waiting()).containsExactly(drop);
            } else {
                assertThat(gone).hasSize(1);
                assertThat(after.division()
                                .cells()
                                .get(gone.get(0).cells().get(0))
                                .name())
                        .isEqualTo(drop.pieces().get(0));
            }
            Mosaic again = mosaic(
                    List.of(circle(radius, out), circle(30, 0)),
                    Turn.of(turns),
                    Pieces.STARTING.withEdits(List.of(drop)));
            assertThat(again.pieces().stream().filter(Tessera::dropped).map(Tessera::number))
                    .containsExactly(cell + 1);
        }
        assertThat(waited).isPositive();
    }
}
