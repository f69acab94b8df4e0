package org.hyphantes.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Upward;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.measure.Distances;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laid;
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
            names.add(division.name(cell));
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
                    int at = mosaic.division().cells().indexOf(ground);
                    assertThat(mosaic.division().named(mosaic.division().name(at)))
                            .hasValue(at);
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
        // The edge between the two of each turn is gone, and ends twice.
        assertThat(joined.staples())
                .hasSize(2 * 6)
                .allSatisfy(s -> assertThat(
                                joined.division().at(s.place().plus(s.along().times(1e-3))))
                        .isPresent());
        assertThat(before.staples()).isEmpty();
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
                for (int other : mosaic.beside(i).keySet()) {
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

    /**
     * Seeded joins, drops and kept rings, then other sizes, places and turns: what an edit is done to is bounded by just those lines that it
     * names, found without its name by where its border lies; without such a piece it waits, and comes back when the change is undone.
     */
    @Test
    void editsKeepToWhatBoundsThem() {
        Random random = new Random(11);
        int waited = 0;
        int done = 0;
        for (int trial = 0; trial < Integer.getInteger("hyphantes.piece.edits", 50); trial++) {
            int turns = 3 + random.nextInt(8);
            double[] sizes = {
                20 + 15 * random.nextDouble(), 20 + 15 * random.nextDouble(), 25 + 10 * random.nextDouble()
            };
            boolean round = random.nextBoolean();
            Division division = laid(round, sizes, turns, List.of()).division();
            PieceEdit edit = seeded(random, division);
            Mosaic at = laid(round, sizes, turns, List.of(edit));
            double step = random.nextBoolean() ? 0.02 : 0.6;
            double[] others = sizes.clone();
            for (int i = 0; i < others.length; i++) {
                others[i] *= 1 + step * (random.nextDouble() - 0.5);
            }
            int otherTurns = random.nextBoolean() ? turns : Math.max(2, turns + random.nextInt(7) - 3);
            Mosaic after = laid(round, others, otherTurns, List.of(edit));
            if (!after.waiting().isEmpty()) {
                waited++;
                assertThat(after.pieces())
                        .noneMatch(Tessera::dropped)
                        .noneMatch(p -> after.filled(p).isPresent())
                        .allMatch(p -> p.cells().size() == 1);
            } else {
                done++;
                isDoneToWhatItNames(edit, after, lines(round, others, otherTurns));
            }
            Mosaic again = laid(round, sizes, turns, List.of(edit));
            assertThat(again.pieces().toString()).isEqualTo(at.pieces().toString());
        }
        assertThat(waited).isPositive();
        assertThat(done).isPositive();
    }

    private static List<Form> forms(boolean round, double[] sizes) {
        Form turned = round
                ? circle(sizes[0], sizes[1])
                : new Polygon(
                        Amount.of(4),
                        Amount.of(sizes[0]),
                        Polygon.STARTING.upward(),
                        Amount.of(sizes[1]),
                        Amount.of(0),
                        Amount.of(7));
        return List.of(turned, circle(sizes[2], 0));
    }

    private static Mosaic laid(boolean round, double[] sizes, int turns, List<PieceEdit> edits) {
        return mosaic(forms(round, sizes), Turn.of(turns), Pieces.STARTING.withEdits(edits));
    }

    private static List<Laid> lines(boolean round, double[] sizes, int turns) {
        Design design = Trial.design(Material.PRINT, forms(round, sizes), Turn.of(turns));
        return new Resolver().resolve(design).work().lines();
    }

    private static PieceEdit seeded(Random random, Division division) {
        int cell = random.nextInt(division.cells().size());
        Reach reach = random.nextBoolean() ? Reach.THIS_ONE : Reach.EVERY_TURN;
        return switch (random.nextInt(4)) {
            case 0 -> edit(PieceAct.DROP, reach, division, cell);
            case 1 -> edit(PieceAct.KEEP, Reach.EVERY_TURN, division, cell);
            case 2 -> PieceEdit.fill(1 + random.nextInt(12), List.of(division.name(cell)), reach);
            default -> {
                List<Neighbour> beside = division.neighbours(cell);
                yield beside.isEmpty()
                        ? edit(PieceAct.DROP, reach, division, cell)
                        : edit(
                                PieceAct.JOIN,
                                reach,
                                division,
                                cell,
                                beside.get(random.nextInt(beside.size())).cell());
            }
        };
    }

    private static void isDoneToWhatItNames(PieceEdit edit, Mosaic after, List<Laid> lines) {
        List<Integer> named = new ArrayList<>();
        for (PieceName name : edit.pieces()) {
            int cell = after.division().named(name).orElseThrow();
            named.add(cell);
            // What bounds it: the lines that its border lies on, by place alone.
            Set<String> bounding = new TreeSet<>();
            for (Path border : after.division().cells().get(cell).region().borders()) {
                for (Curve curve : border.curves()) {
                    Point on = curve.at(0.437);
                    for (Laid line : lines) {
                        if (line.path().at(line.path().nearest(on)).distance(on) < 1e-7) {
                            bounding.add(new Bounding(line.key(), "line", line.path()).word());
                        }
                    }
                }
            }
            Set<String> told = new TreeSet<>();
            name.bounds().forEach(b -> told.add(b.split(" ", 2)[0]));
            assertThat(told).isEqualTo(bounding);
        }
        Set<Integer> reached = new TreeSet<>();
        after.division().reached(named, edit.reach()).forEach(reached::addAll);
        for (Tessera piece : after.pieces()) {
            boolean meant = piece.cells().stream().anyMatch(reached::contains);
            switch (edit.act()) {
                case DROP -> assertThat(piece.dropped()).isEqualTo(meant);
                case KEEP -> assertThat(piece.dropped()).isEqualTo(!meant);
                case FILL ->
                    assertThat(after.filled(piece))
                            .isEqualTo(meant ? OptionalInt.of(edit.well()) : OptionalInt.empty());
                default -> assertThat(piece.cells().size() > 1).isEqualTo(meant);
            }
        }
    }

    /**
     * Chosen corners are rounded, with their siblings, whatever the others are. A square corner rounded by r loses (1 - pi/4) r\u00b2; a straight
     * cut of r takes r\u00b2/2.
     */
    @Test
    void chosenCornersAreRounded() {
        Form square = new Polygon(
                Amount.of(4), Amount.of(20 * Math.sqrt(2)), Upward.SIDE, Amount.of(0), Amount.of(0), Amount.of(0));
        Pieces pieces = Pieces.STARTING.withCorners(Joint.Shape.SQUARE, 3);
        Division division = corners(square, pieces).division();
        int middle = division.at(Point.ORIGIN).orElseThrow();
        List<Corner> corners = division.corners(middle);
        assertThat(corners).hasSize(4);
        assertThat(corners.get(0).place().x()).as("clockwise from the top").isCloseTo(20, within(1e-9));
        assertThat(corners.get(0).place().y()).isCloseTo(-20, within(1e-9));
        List<PieceName> name = List.of(division.name(middle));
        double lost = (1 - Math.PI / 4) * 9;
        PieceEdit one =
                new PieceEdit(PieceAct.ROUND, name, Optional.of(corners.get(1).word()), 0, Reach.THIS_ONE);
        PieceEdit each =
                new PieceEdit(PieceAct.ROUND, name, Optional.of(corners.get(1).word()), 0, Reach.EVERY_TURN);
        PieceEdit straight =
                new PieceEdit(PieceAct.SQUARE, name, Optional.of(corners.get(2).word()), 0, Reach.THIS_ONE);
        assertThat(left(square, pieces, one)).isCloseTo(1600 - lost, within(1e-9));
        assertThat(left(square, pieces, each)).isCloseTo(1600 - 4 * lost, within(1e-9));
        assertThat(left(square, pieces, each, straight)).isCloseTo(1600 - 3 * lost, within(1e-9));
        assertThat(left(square, pieces.withCorners(Joint.Shape.CUT, 3), straight))
                .isCloseTo(1600 - 3 * 4.5, within(1e-9));
        assertThat(left(square, pieces.withCorners(Joint.Shape.CUT, 3), one))
                .isCloseTo(1600 - 3 * 4.5 - lost, within(1e-9));
        assertThat(left(square, pieces.withJoint(2), one)).isCloseTo(38 * 38 - lost, within(1e-9));
    }

    private static double left(Form form, Pieces pieces, PieceEdit... edits) {
        return corners(form, pieces.withEdits(List.of(edits)))
                .at(Point.ORIGIN)
                .orElseThrow()
                .area();
    }

    /** A figure in the middle of four circles that tell how often it turns. */
    private static Mosaic corners(Form form, Pieces pieces) {
        return mosaic(List.of(form, circle(5, 60)), Turn.of(4), pieces);
    }
}
