package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.Point;
import org.hyphantes.piece.Cell;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Tessera;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.function.Executable;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/**
 * Designs in pieces as a designer makes them, and changed at the end: a size or a count, with which all that was done holds. What their acts are is in
 * docs/interface.md, under worked examples.
 */
class PieceOutcomesWindowTest extends OutcomeFixture {
    @Start
    void start(Stage window) {
        open(window);
    }

    @TestFactory
    Stream<DynamicTest> piecesAreMadeInFewActsAndChanged(FxRobot hand) {
        Map<String, Executable> pieces = new LinkedHashMap<>();
        pieces.put("eighteen leaves in three rows by keys alone", this::eighteenLeavesInThreeRowsByKeysAlone);
        pieces.put("a disc in curved slices every second dropped", this::aDiscInCurvedSlicesEverySecondDropped);
        pieces.put("a hexagon in forty eight sectors", this::aHexagonInFortyEightSectors);
        pieces.put("a lens leaf with even slots", this::aLensLeafWithEvenSlots);
        pieces.put("a cog of round bites with a hole", this::aCogOfRoundBitesWithAHole);
        pieces.put("letters cut out of a band of bars", this::lettersCutOutOfABandOfBars);
        pieces.put("a knot with its grounds in two colours", this::aKnotWithItsGroundsInTwoColours);
        pieces.put("an octagon ring in eight bent branches", this::anOctagonRingInEightBentBranches);
        return each(hand, pieces);
    }

    private Mosaic mosaic() {
        made();
        return desk.resolved().finished().work().mosaics().get(0).mosaic();
    }

    private List<Tessera> kept() {
        return mosaic().kept();
    }

    private static double area(Tessera piece) {
        return piece.whole().stream().mapToDouble(r -> r.area()).sum();
    }

    private void eighteenLeavesInThreeRowsByKeysAlone() throws Exception {
        words("lens 50", "shift 0 -62", "turn 18", "divide", "keep rings 3 4 5", "colouring");
        assertThat(kept()).hasSize(3 * 18);
        assertThat(colours()).isEqualTo(3);
        whole();
        in(7);
        words("turn 16");
        assertThat(kept()).as("each row is still kept").hasSize(3 * 16);
        assertThat(colours()).isEqualTo(3);
        ProjectFile.save(desk.design(), folder.resolve("Leaves.hyphantes"));
        assertThat(ProjectFile.open(folder.resolve("Leaves.hyphantes"))).isEqualTo(desk.design());
        key(KeyCode.CONTROL, KeyCode.Z);
        assertThat(kept()).hasSize(3 * 18);
    }

    private void aDiscInCurvedSlicesEverySecondDropped() {
        words("circle 60");
        dragged(Point.ORIGIN, new Point(0, -75));
        words("line", "bend 0.25", "turn 8", "divide", "drop chequer");
        type("joint", "1");
        assertThat(kept()).hasSize(4);
        whole();
        in(11);
        words("turn 12");
        assertThat(kept()).as("every second slice").hasSize(6);
        assertThat(kept()).allSatisfy(p -> assertThat(area(p)).isCloseTo(Math.PI * 3600 / 12, within(1e-6)));
    }

    /** A stripe, and no edge, lies on the axis; those inside and outside the hexagon meet in the same width. */
    private void aHexagonInFortyEightSectors() {
        words("circle 60", "polygon 6", "line 70", "turn 48");
        choose("spokes", "between");
        words("divide", "colouring");
        choose("by", "chequer");
        Mosaic mosaic = mosaic();
        assertThat(mosaic.pieces()).hasSize(2 * 48);
        assertThat(colours()).isEqualTo(2);
        for (double out : new double[] {30, 50}) {
            Point[] onAxis = {new Point(-0.3, -out), new Point(0.3, -out)};
            assertThat(mosaic.at(onAxis[0])).isPresent().isEqualTo(mosaic.at(onAxis[1]));
        }
        assertThat(mosaic.pieces().stream()
                        .mapToDouble(PieceOutcomesWindowTest::area)
                        .sum())
                .isCloseTo(Math.PI * 3600, within(1e-6));
        whole();
        in(12);
        double inner = area(mosaic.at(new Point(0, -30)).orElseThrow());
        words("select polygon", "scale 1.2");
        assertThat(mosaic().pieces()).hasSize(2 * 48);
        assertThat(area(mosaic().at(new Point(0, -30)).orElseThrow())).isCloseTo(1.44 * inner, within(1e-6));
        assertThat(colours()).isEqualTo(2);
    }

    private void aLensLeafWithEvenSlots() {
        words("lens 60", "rotate 90", "line 30", "shift -50 -20", "row 10 10 10 10 10 10 10 10 10 10", "divide");
        choose("outer", "stay");
        type("joint", "2");
        assertThat(kept()).hasSize(12);
        double slots = kept().stream().mapToDouble(p -> area(p) - p.area()).sum();
        // Each slot is 2 wide and as high as the leaf there.
        assertThat(slots).isCloseTo(11 * 2 * 39, within(60.0));
        whole();
        in(14);
        double before = kept().stream().mapToDouble(Tessera::area).sum();
        words("select lens", "scale 1.1");
        assertThat(kept()).hasSize(12);
        assertThat(kept().stream().mapToDouble(Tessera::area).sum()).isGreaterThan(1.15 * before);
    }

    private void aCogOfRoundBitesWithAHole() {
        words("circle 40", "circle 6", "shift 0 -40", "turn 8", "circle 10", "combine the first without the others of");
        assertThat(lines()).hasSize(2);
        in(7);
        words("turn 12");
        // Less the hole and twelve bites: each the part that a circle of 6 about a point of the rim has in common with
        // the disc.
        double angle = 2 * Math.asin(6 / (2 * 40.0));
        double bite = 36 * Math.acos(6 / 80.0) + 1600 * angle - 40 * 6 * Math.cos(angle / 2);
        double area = lines().stream().mapToDouble(p -> p.signedArea()).sum();
        assertThat(Math.abs(area)).isCloseTo(Math.PI * (1600 - 100) - 12 * bite, within(1e-6));
    }

    private void lettersCutOutOfABandOfBars() {
        words(
                "line 20",
                "shift -40 0",
                "row" + " 8".repeat(10),
                "lettering QUAY",
                "scale 2.5",
                "select line",
                "band 4");
        words("divide", "drop inside Lettering");
        Mosaic mosaic = mosaic();
        assertThat(mosaic.kept().size()).isGreaterThan(11);
        assertThat(mosaic.pieces().stream().filter(Tessera::dropped)).hasSizeGreaterThan(8);
        double bars = 11 * 4 * 80;
        assertThat(mosaic.kept().stream().mapToDouble(Tessera::area).sum()).isBetween(0.7 * bars, 0.99 * bars);
        in(10);
        words("select lettering", "shift 0 20");
        assertThat(mosaic().kept().stream().mapToDouble(Tessera::area).sum())
                .as("the letters are cut where they are now")
                .isBetween(0.7 * bars, 0.99 * bars);
    }

    private void aKnotWithItsGroundsInTwoColours() {
        words("ringplait 2");
        type("bights", "5");
        words("band 6", "interlace", "divide", "colouring");
        choose("by", "ground");
        Mosaic mosaic = mosaic();
        // Five crossings: by Euler's formula six grounds, one of them in the middle.
        assertThat(mosaic.division().cells().stream().filter(Cell::isGround)).hasSize(6);
        assertThat(colours()).as("the band, the middle and what lies about it").isEqualTo(3);
        whole();
        in(11);
        words("select ringplait");
        type("bights", "7");
        assertThat(mosaic().division().cells().stream().filter(Cell::isGround)).hasSize(8);
        assertThat(colours()).isEqualTo(3);
    }

    private void anOctagonRingInEightBentBranches() {
        words("polygon 8", "scale 1.5", "polygon 8");
        dragged(Point.ORIGIN, new Point(0, -75));
        words("line", "bend 0.2", "turn 8", "divide", "drop inside Polygon 2");
        type("joint", "1");
        assertThat(kept()).hasSize(8);
        double octagon = 4 * Math.sin(Math.PI / 4) * 3600;
        assertThat(kept().stream().mapToDouble(PieceOutcomesWindowTest::area).sum())
                .as("an inner octagon of 2/3 takes away 4/9; common practice, no published source")
                .isCloseTo(octagon * 5 / 9, within(1e-6));
        in(13);
        words("select polygon 2", "scale 0.9");
        assertThat(kept()).hasSize(8);
        assertThat(kept().stream().mapToDouble(PieceOutcomesWindowTest::area).sum())
                .isCloseTo(octagon * (1 - 0.36), within(1e-6));
    }
}
