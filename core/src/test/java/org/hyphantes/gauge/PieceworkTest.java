package org.hyphantes.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.Running;
import org.hyphantes.piece.Joint;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.PieceAct;
import org.hyphantes.piece.PieceEdit;
import org.hyphantes.piece.PieceName;
import org.hyphantes.piece.Tessera;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Row;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;

/** What gauges say of pieces, each with its place and what mends it. */
class PieceworkTest {
    private static Circle circle(double radius, double out) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(0));
    }

    private static LineForm line(double out, double bearing, double farOut, double farBearing) {
        return new LineForm(
                Amount.of(out), Amount.of(bearing), Amount.of(farOut), Amount.of(farBearing), Running.BETWEEN_THEM);
    }

    private static Design design(List<Form> forms, Treatment... recipe) {
        return Trial.design(Material.PRINT, forms, recipe);
    }

    private static List<Snag> snags(Design design) {
        return Inspection.of(design, new Resolver().resolve(design)).snags();
    }

    private static Mosaic mosaic(Design design) {
        return new Resolver().resolve(design).work().mosaics().get(0).mosaic();
    }

    /** Three lines from the middle that stop 5 short of a circle of 30, and one straight across that stops short at both its ends. */
    @Test
    void aLineThatStopsShortIsRunOn() {
        Design spokes = design(List.of(circle(30, 0), line(0, 0, 25, 0)), Turn.of(3), Pieces.STARTING);
        assertThat(mosaic(spokes).pieces()).hasSize(1);
        Snag snag = snags(spokes).get(0);
        assertThat(snag.words()).startsWith("Figure 1 ends 5 mm inside piece 1 and does not divide it");
        assertThat(snag.place()).isPresent();
        Design mended = snag.mend().orElseThrow().of(spokes);
        assertThat(snag.mend().orElseThrow().offer()).isEqualTo("Run it on");
        assertThat(mosaic(mended).pieces()).hasSize(3);
        assertThat(snags(mended)).isEmpty();

        Design across = design(List.of(circle(30, 0), line(20, 0, 10, 180)), Pieces.STARTING);
        assertThat(snags(across)).hasSize(2);
        Design through = snags(across).get(0).mend().orElseThrow().of(across);
        assertThat(mosaic(through).pieces())
                .hasSize(2)
                .allSatisfy(p -> assertThat(p.area()).isCloseTo(Math.PI * 450, within(1e-9)));
        assertThat(snags(through)).isEmpty();
    }

    @Test
    void aJointWiderThanEveryPieceIsSaidAndMended() {
        Design wide = design(List.of(circle(20, 15)), Turn.of(6), Pieces.STARTING.withJoint(80));
        assertThat(mosaic(wide).pieces()).isNotEmpty().allMatch(Tessera::isGone);
        Snag snag = snags(wide).stream()
                .filter(s -> s.words().contains("leaves nothing"))
                .findFirst()
                .orElseThrow();
        Design mended = snag.mend().orElseThrow().of(wide);
        assertThat(mosaic(mended).pieces()).noneMatch(Tessera::isGone);
    }

    /** Two circles that are one but for less than can be told apart, and one that is a thousandth of a millimetre larger. */
    @Test
    void piecesThinnerThanTheToleranceAreNone() {
        assertThat(mosaic(design(List.of(circle(40, 0), circle(40 + 1e-12, 0)), Pieces.STARTING))
                        .pieces())
                .hasSize(1);
        Design thin = design(List.of(circle(40, 0), circle(40.001, 0)), Pieces.STARTING);
        assertThat(mosaic(thin).pieces()).hasSize(2);
        assertThat(snags(thin)).anyMatch(s -> s.words().contains("mm across"));
    }

    @Test
    void aNarrowPieceIsJoinedToItsLongestNeighbour() {
        Design narrow = design(
                List.of(circle(40, 0), line(50, 0, 50, 180)), new Row("f1", "0.1", Amount.of(90)), Pieces.STARTING);
        assertThat(mosaic(narrow).pieces()).hasSize(3);
        Snag snag = snags(narrow).stream()
                .filter(s -> s.words().contains("0.1 mm across"))
                .findFirst()
                .orElseThrow();
        assertThat(snag.mend().orElseThrow().offer()).isEqualTo("Join it to its longest neighbour");
        Design mended = snag.mend().orElseThrow().of(narrow);
        assertThat(mosaic(mended).pieces()).hasSize(2);
        assertThat(snags(mended)).noneMatch(s -> s.words().contains("0.1 mm across"));
    }

    @Test
    void actsOnPiecesThatAreNotThereWait() {
        PieceEdit drop = new PieceEdit(PieceAct.DROP, List.of(new PieceName(List.of("f7 +"))), Reach.THIS_ONE);
        Design waits = design(List.of(circle(40, 0)), Pieces.STARTING.withEdits(List.of(drop)));
        assertThat(snags(waits)).anyMatch(s -> s.words().contains("1 act on pieces has no place now"));
        assertThat(mosaic(waits).kept()).hasSize(1);
    }

    /** A dropped piece wholly inside another leaves a hole that keeps its rim; what is within it, kept, is loose. */
    @Test
    void aDroppedPieceWithinAnother() {
        Design rings = design(List.of(circle(40, 0), circle(20, 0), circle(10, 0)), Pieces.STARTING);
        Mosaic whole = mosaic(rings);
        PieceName middle = whole.division()
                .name(whole.division()
                        .at(new org.hyphantes.geometry.Point(0, 15))
                        .orElseThrow());
        Design dropped = design(
                List.of(circle(40, 0), circle(20, 0), circle(10, 0)),
                Pieces.STARTING.withEdits(List.of(new PieceEdit(PieceAct.DROP, List.of(middle), Reach.THIS_ONE))));
        Artwork artwork = new Resolver().resolve(dropped);
        assertThat(org.hyphantes.inventory.Inventory.of(artwork).pieces().stream()
                        .map(p -> p.state()))
                .containsExactly("loose", "dropped", "kept");
        double area = mosaic(dropped).kept().stream().mapToDouble(Tessera::area).sum();
        assertThat(area).isCloseTo(Math.PI * (1600 - 400 + 100), within(1e-9));
    }

    /** Lines that enclose nothing, and twenty thousand of them: said, quickly, with what to do. */
    @Test
    void whatCannotBeDividedIsSaid() {
        Design open = design(List.of(line(10, 0, 30, 90)), Pieces.STARTING);
        assertThat(snags(open)).anyMatch(s -> s.words().contains("enclose nothing"));
        Design many = design(
                List.of(line(60, 0, 60, 180)),
                new Turn(
                        Row.STARTING.figures(),
                        Amount.of(200),
                        "the centre",
                        Amount.of(180),
                        Amount.of(0),
                        Turn.of(2).spokes(),
                        Turn.of(2).facing(),
                        Turn.NOTHING),
                new Row(Row.STARTING.figures(), "0.01 ".repeat(99).trim(), Amount.of(90)),
                Pieces.STARTING);
        Snag snag = snags(many).stream()
                .filter(s -> s.words().contains("is not done"))
                .findFirst()
                .orElseThrow();
        assertThat(snag.words()).contains("meets more than");
        assertThat(snag.mend()).isPresent();
        assertThat(new Resolver().resolve(many).work().lines()).hasSize(20_000);
    }

    /** Three lines through one point, lines that end on a line, and round corners that find no room. */
    @Test
    void linesThroughOnePointAndOnALine() {
        List<Form> forms = List.of(circle(30, 0), line(30, 0, 30, 180), line(30, 60, 30, 240), line(30, 120, 30, 300));
        assertThat(mosaic(design(forms, Pieces.STARTING.withJoint(1))).pieces())
                .hasSize(6)
                .allSatisfy(p -> assertThat(p.shapes()).hasSize(1));
        List<Form> tee = List.of(circle(30, 0), line(30, 0, 30, 180), line(0, 0, 30, 90));
        assertThat(mosaic(design(tee, Pieces.STARTING)).pieces()).hasSize(3);
        assertThat(snags(design(tee, Pieces.STARTING.withCorners(Joint.Shape.ROUND, 50))))
                .anyMatch(s -> s.words().contains("no room"));
    }
}
