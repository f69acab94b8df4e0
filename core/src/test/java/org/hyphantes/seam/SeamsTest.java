package org.hyphantes.seam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.gauge.State;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.CornerStyle;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.weave.UnderGroup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SeamsTest {
    /** Motifs of each group that are laid over edges and corners. */
    private static final int MOTIFS = Integer.getInteger("hyphantes.seams", 1) * 4;

    private static final Repeat TILE =
            Repeat.STARTING.with("width", Amount.of(100)).with("height", Amount.of(100));

    private static Form line(double x1, double y1, double x2, double y2) {
        return Drawn.of(List.of(Path.open(new Line(new Point(x1, y1), new Point(x2, y2)))));
    }

    private static Design woven(List<Form> forms, Repeat repeat) {
        return Trial.design(
                Material.PRINT, forms, repeat, Band.of(Amount.of(4), Ends.BUTT), Interlace.STARTING.withClearance(0.4));
    }

    /** A line with another level one and two upright ones, all of which cross an even number of others. */
    private static List<Form> net(Form line) {
        return List.of(line, line(0, 70, 100, 70), line(30, 0, 30, 100), line(45, 0, 45, 100));
    }

    private static List<Snag> seamSnags(Design design) {
        Artwork artwork = new Resolver().resolve(design);
        return Inspection.of(design, artwork).snags().stream()
                .filter(s -> s.gauge().equals("seam"))
                .toList();
    }

    /** What leaves 0.4 mm from where its partner enters is told with its distance, and drawn to it by the mend. */
    @Test
    void endsThatMissAreToldAndDrawnTogether() {
        Design design = woven(net(line(0, 30, 100, 30.4)), TILE);
        List<Snag> snags = seamSnags(design);
        assertThat(snags).hasSize(1);
        assertThat(snags.get(0).state()).isEqualTo(State.BROKEN);
        assertThat(snags.get(0).words()).contains("leaves 0.4 mm from where its partner enters");
        assertThat(snags.get(0).offer()).isEqualTo("Draw the ends together");
        Design mended = snags.get(0).mend().orElseThrow().of(design);
        assertThat(seamSnags(mended)).isEmpty();
        assertThat(new Resolver().resolve(mended).work().weaves().get(0).weave().strands())
                .allMatch(s -> s.onward().isPresent());
    }

    /** The same of a line laid by turns: its own end is moved, whichever copy comes to the seam. */
    @Test
    void endsOfTurnedCopiesAreDrawnTogether() {
        Design design = woven(List.of(line(0, 30, 100, 31)), TILE.with("group", "p4"));
        List<Snag> snags = seamSnags(design);
        assertThat(snags).isNotEmpty();
        Design mended = snags.get(0).mend().orElseThrow().of(design);
        assertThat(seamSnags(mended)).noneMatch(s -> s.words().contains("leaves"));
    }

    @Test
    void whatEndsAtASeamIsLetAcross() {
        Design design = woven(net(line(0, 30, 60, 30)), TILE);
        List<Snag> snags = seamSnags(design);
        assertThat(snags).hasSize(1);
        assertThat(snags.get(0).words()).contains("has no partner on the far side");
        Design mended = snags.get(0).mend().orElseThrow().of(design);
        assertThat(seamSnags(mended).stream().map(Snag::words)).noneMatch(w -> w.contains("partner"));
    }

    /** Bands of two widths, or of two colours, do not go on into one another. */
    @Test
    void anotherWidthIsFlagged() {
        Design design = Trial.design(
                Material.PRINT,
                List.of(line(0, 30, 50, 30), line(50, 30, 100, 30)),
                TILE,
                Band.of(Amount.of(4), Ends.BUTT),
                new Band("f1", Amount.of(6), Ends.BUTT, CornerStyle.SQUARE, Amount.of(0)),
                Interlace.STARTING);
        assertThat(seamSnags(design).stream().map(Snag::words))
                .anyMatch(w -> w.contains("with another width or colour"));
    }

    /** An alternate weave turned by its own symmetry is itself, mirrored it has every crossing swapped: common practice, no published source. */
    @Test
    void turnsKeepAWeaveAndMirrorsTurnItOver() {
        List<Form> circles = List.of(
                new Circle(Amount.of(30), Amount.of(20), Amount.of(100)),
                new Circle(Amount.of(24), Amount.of(33), Amount.of(140)));
        Map<String, UnderGroup> expected = Map.of(
                "p2", UnderGroup.KEPT,
                "p4", UnderGroup.KEPT,
                "p6", UnderGroup.KEPT,
                "pm", UnderGroup.TURNED_OVER,
                "pg", UnderGroup.TURNED_OVER,
                "p2gg", UnderGroup.TURNED_OVER);
        expected.forEach((group, what) -> {
            Artwork artwork = new Resolver().resolve(woven(circles, TILE.with("group", group)));
            assertThat(Inventory.of(artwork).underGroup()).as(group).contains(what);
        });
        // Closed over two by two cells, a weave of one strand each way is exchanged by the shift of a cell.
        Repeat wider = TILE.with("closes", Amount.of(2)).with("closesdown", Amount.of(2));
        Artwork odd = new Resolver().resolve(woven(List.of(line(0, 30, 100, 30), line(30, 0, 30, 100)), wider));
        assertThat(Inventory.of(odd).underGroup()).contains(UnderGroup.BROKEN);
    }

    /** Wherever lines cross the left side of a tile they cross the right one at the same height, and so of top and bottom; in every group. */
    @ParameterizedTest
    @EnumSource(
            value = RepeatGroup.class,
            mode = EnumSource.Mode.MATCH_NONE,
            names = {"FRIEZE_.*", "P3.*", "P6.*"})
    void cutsAtOppositeSidesAgree(RepeatGroup group) {
        for (int seed = 0; seed < MOTIFS; seed++) {
            Random random = new Random(31L * group.ordinal() + seed);
            List<Form> forms = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                forms.add(new Circle(
                        Amount.of(5 + 30 * random.nextDouble()),
                        Amount.of(100 * random.nextDouble()),
                        Amount.of(360 * random.nextDouble())));
            }
            Repeat repeat = TILE.with("group", Entry.word(group))
                    .with("right", Amount.of(17 * random.nextDouble()))
                    .with("columns", Amount.of(1))
                    .with("rows", Amount.of(1));
            Artwork artwork = new Resolver().resolve(Trial.design(Material.PRINT, forms, repeat));
            Path tile = repeat.cloth().tile(new Box(0, 0, 1, 1));
            List<Path> paths = new ArrayList<>(List.of(tile));
            for (Laid laid : artwork.spread().lines()) {
                paths.add(laid.path());
            }
            List<List<Double>> cuts =
                    List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
            for (PathMeeting meeting : PathMeetings.of(paths)) {
                if (meeting.first() == 0 && meeting.second() > 0) {
                    int side = Math.min(3, (int) meeting.firstPosition());
                    cuts.get(side)
                            .add(
                                    side % 2 == 0
                                            ? meeting.place().x()
                                            : meeting.place().y());
                }
            }
            for (int side = 0; side < 2; side++) {
                List<Double> one = cuts.get(side).stream().sorted().toList();
                List<Double> other = cuts.get(side + 2).stream().sorted().toList();
                assertThat(one).as("motif %d, side %d", seed, side).hasSameSizeAs(other);
                for (int i = 0; i < one.size(); i++) {
                    assertThat(one.get(i)).isCloseTo(other.get(i), within(1e-9));
                }
            }
        }
    }
}
