package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.hyphantes.cut.Contour;
import org.hyphantes.cut.Cuts;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.report.Report;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.State;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.inventory.PieceRow;
import org.hyphantes.scene.Mark;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DemoTest {
    /** Strands and crossings, counted by hand or by the laws of plaits. */
    private static final Map<Demo, int[]> COUNTS = Map.of(
            Demo.TIDE_RING, new int[] {9, 32},
            Demo.FERRYMANS_PLAIT, new int[] {2, 150},
            Demo.STAITH, new int[] {4, 12},
            Demo.EDDY, new int[] {2, 9},
            Demo.SLUICE_GATE, new int[] {6, 20},
            Demo.TWO_TIDES, new int[] {2, 2},
            Demo.TOLLKEY, new int[] {4, 8},
            Demo.WEIR, new int[] {1, 48},
            Demo.QUERN, new int[] {4, 36});

    @ParameterizedTest
    @EnumSource(
            value = Demo.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"LANTERN_SCREEN", "SLACK_WATER_TILE", "EEL_TRAP", "CROWFOOT", "LOGBOOK_CORNER"})
    void everyDemoIsSoundAndHasTheStrandsItShould(Demo demo) {
        Design design = demo.design();
        assertThat(design.name()).isEqualTo(demo.title());
        Artwork artwork = new Resolver().resolve(design);
        Weave weave = artwork.work().weaves().get(0).weave();
        int[] counts = COUNTS.getOrDefault(
                demo, new int[] {weave.strands().size(), weave.crossings().size()});
        assertThat(weave.strands()).hasSize(counts[0]);
        assertThat(weave.crossings()).hasSize(counts[1]);
        assertThat(weave.alternates()).isTrue();
        Inspection inspection = Inspection.of(design, artwork);
        // The strap is longer than the bed of the machine for leather.
        assertThat(inspection.readings().stream().filter(r -> r.state() == State.BROKEN))
                .extracting(r -> r.text())
                .isEqualTo(demo == Demo.FERRYMANS_PLAIT ? List.of("too large") : List.of());
    }

    /** One half of the corner is the other's image in the diagonal; plate, rules and scrolls each go to a pass of their own. */
    @Test
    void logbookCornerIsMirroredInItsDiagonalAndCutInThreePasses() {
        Design design = Demo.LOGBOOK_CORNER.design();
        assertThat(design.name()).isEqualTo(Demo.LOGBOOK_CORNER.title());
        Artwork artwork = new Resolver().resolve(design);
        List<Mark.Area> areas = artwork.scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .toList();
        assertThat(areas).hasSize(5);
        assertThat(areas.get(0).region().holes()).as("rivets").hasSize(3);
        for (int i = 1; i < 3; i++) {
            Point place = areas.get(i).region().centroid();
            Point image = areas.get(i + 2).region().centroid();
            // Across the line through the corner above on the left and the middle, x and y change places.
            assertThat(image.distance(new Point(place.y(), place.x()))).isLessThan(1e-6);
        }
        Cuts cuts = Handout.of(design, artwork.scene()).cuts();
        assertThat(cuts.contours().stream().map(Contour::pass).distinct()).containsExactly(0, 1, 2);
        assertThat(cuts.contours().stream().filter(c -> c.pass() == 2))
                .as("the plate and its rivets")
                .hasSize(4);
        assertThat(Inspection.of(design, artwork).readings().stream().filter(r -> r.state() == State.BROKEN))
                .isEmpty();
    }

    /** A star {12/5} has 49 pieces; without its second and fourth ring 13 hang on nothing. */
    @Test
    void lanternScreenIsAStarInPieces() {
        Design design = Demo.LANTERN_SCREEN.design();
        assertThat(design.name()).isEqualTo(Demo.LANTERN_SCREEN.title());
        Artwork artwork = new Resolver().resolve(design);
        List<PieceRow> pieces = Inventory.of(artwork).pieces();
        assertThat(pieces).hasSize(49);
        assertThat(pieces.stream().filter(p -> p.state().equals("dropped")).map(PieceRow::ring))
                .hasSize(24)
                .containsOnly(2, 4);
        assertThat(pieces.stream().filter(p -> p.state().equals("loose")).map(PieceRow::ring))
                .hasSize(13)
                .containsOnly(1, 3);
        Inspection inspection = Inspection.of(design, artwork);
        assertThat(inspection.readings().stream().filter(r -> r.state() == State.BROKEN))
                .extracting(r -> r.text())
                .containsExactly("13 loose");
        assertThat(inspection.reading("narrowest").state()).isEqualTo(State.WHOLE);
        String json = new Report(design, artwork).json();
        assertThat(json).contains("\"state\":\"loose\"");
    }

    /** Three waves each way are odd; over two by two tiles, or with a fourth wave, they close. */
    @Test
    void slackWaterIsOddAndIsMended() {
        Design design = Demo.SLACK_WATER_TILE.design();
        Artwork artwork = new Resolver().resolve(design);
        Inspection inspection = Inspection.of(design, artwork);
        assertThat(inspection.reading("seam").state()).isEqualTo(State.BROKEN);
        assertThat(inspection.snags()).hasSize(1);
        assertThat(inspection.snags().get(0).words()).startsWith("Over meets over on 6 of 6 strands");
        assertThat(inspection.snags().get(0).offer()).isEqualTo("Close the weave over 2 by 2 tiles");
        Design mended = inspection.snags().get(0).mend().orElseThrow().of(design);
        Artwork closed = new Resolver().resolve(mended);
        assertThat(closed.work().weaves().get(0).weave().alternates()).isTrue();
        assertThat(closed.work().weaves().get(0).weave().crossings()).hasSize(36);
        assertThat(Inspection.of(mended, closed).snags()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
            value = Demo.class,
            mode = EnumSource.Mode.INCLUDE,
            names = {"EEL_TRAP", "CROWFOOT"})
    void clothsAreSoundAndMetAtEverySeam(Demo demo) {
        Design design = demo.design();
        assertThat(design.name()).isEqualTo(demo.title());
        Artwork artwork = new Resolver().resolve(design);
        Weave weave = artwork.work().weaves().get(0).weave();
        // Three lines of a lattice cross in two points a cell each, each line and its turn by half: 12; each leaf
        // crosses the ring twice: 6.
        assertThat(weave.crossings()).hasSize(demo == Demo.EEL_TRAP ? 12 : 6);
        assertThat(weave.alternates()).isTrue();
        Inspection inspection = Inspection.of(design, artwork);
        assertThat(inspection.reading("seam").state()).isEqualTo(State.WHOLE);
        assertThat(inspection.readings()).noneMatch(r -> r.state() == State.BROKEN);
    }

    /** An id that begins like a formula is none in the table of pieces. */
    @Test
    void idsAreNoFormulas() throws Exception {
        String text = ProjectFile.text(Demo.LANTERN_SCREEN.design());
        String id = Demo.LANTERN_SCREEN.design().root().members().get(0).id();
        Design strange = ProjectFile.read(text.replace('"' + id, "\"=1").replace(id + "#", "=1#"));
        String csv = new Report(strange, new Resolver().resolve(strange), Watch.NONE).csv();
        assertThat(csv).contains(",\"'=1 ").doesNotContain(",\"=");
    }
}
