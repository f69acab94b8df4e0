package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Seated;
import org.hyphantes.gauge.State;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.seam.SeamMark;
import org.hyphantes.seam.Seams;
import org.hyphantes.setting.Entry;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.function.Executable;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Cloths and tiles as a designer makes them in the real window, and changed at the end. What their acts are is in docs/interface.md. */
class RepeatOutcomesWindowTest extends OutcomeFixture {
    /** How many groups are paged through: all are 24. */
    private static final int PAGED = Integer.getInteger("hyphantes.paged", 3);

    @Start
    void start(Stage window) {
        open(window);
    }

    @TestFactory
    Stream<DynamicTest> clothsAreMadeInFewActsAndChanged(FxRobot hand) {
        Map<String, Executable> pieces = new LinkedHashMap<>();
        pieces.put("a cloth that was opened is seen whole at once", this::aClothThatWasOpened);
        pieces.put("three waves each way caught at the seams and closed", this::threeWavesEachWay);
        pieces.put("leaves over edges and a corner, one dragged across a seam", this::leavesOverEdgesAndACorner);
        pieces.put("a knot in p4 paged through all groups", this::aKnotPagedThroughAllGroups);
        pieces.put("a plaited frieze round a plate", this::aFriezeRoundAPlate);
        pieces.put("a plaited frieze round a box with corners", this::aFriezeRoundABox);
        pieces.put("an all-over ground of knots in three sentences", this::anAllOverGround);
        pieces.put("a half-drop cloth", this::aHalfDropCloth);
        pieces.put("letters filled with an interlaced ground", this::lettersFilledWithAnInterlacedGround);
        pieces.put("a lattice in three directions", this::aLatticeInThreeDirections);
        return each(hand, pieces);
    }

    private Repeat repeat() {
        return desk.root().lastOf(Repeat.class).orElseThrow();
    }

    private Weave woven() {
        made();
        return desk.resolved().finished().work().weaves().get(0).weave();
    }

    private List<SeamMark> seams() {
        made();
        return Seams.of(desk.resolved().finished().work());
    }

    private String seam() {
        made();
        return desk.resolved().inspection().reading("seam").text();
    }

    /** The first that this window shows of any cloth: three tiles each way, each a fair part of the field. */
    private void aClothThatWasOpened() {
        robot.interact(() -> desk.lay(Demo.EEL_TRAP.design()));
        made();
        key(KeyCode.F5);
        double tile = onScreen(new Point(60, 0)).getX() - onScreen(Point.ORIGIN).getX();
        assertThat(tile).isBetween(100.0, 300.0);
    }

    private void threeWavesEachWay() {
        words("wave 2", "row 40 40");
        type("towards", "180");
        words("repeat p4", "band 9", "interlace");
        key(KeyCode.F5);
        assertThat(desk.view().stage()).isEqualTo("repeat");
        assertThat(repeat().width().value()).isEqualTo(120);
        // The field shows three tiles each way, each of them a fair part of it.
        double wide =
                onScreen(new Point(120, 0)).getX() - onScreen(Point.ORIGIN).getX();
        assertThat(wide).isBetween(60.0, 400.0);
        assertThat(woven().crossings()).hasSize(9);
        assertThat(seam()).isEqualTo("12 of 12 met, over meets over");
        assertThat(desk.resolved().inspection().reading("seam").state()).isEqualTo(State.BROKEN);
        key(KeyCode.F9);
        assertThat(seam()).isEqualTo("24 of 24 met");
        assertThat(woven().crossings()).hasSize(36);
        assertThat(woven().alternates()).isTrue();
        whole();
        in(11);
        // Or with a fourth wave, over one tile.
        key(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(repeat().closes().value()).isEqualTo(1));
        words("row 30 30 30");
        key(KeyCode.F5);
        type("down", "-15");
        assertThat(woven().crossings()).hasSize(16);
        assertThat(woven().alternates()).isTrue();
        assertThat(seam()).isEqualTo("16 of 16 met");
    }

    private void leavesOverEdgesAndACorner() {
        words("lens", "repeat p1");
        type("width", "170");
        type("height", "170");
        key(KeyCode.F2);
        Box tile = repeat().cloth().tile(new Box(0, 0, 1, 1)).box();
        Point edge = new Point(tile.right(), tile.centre().y());
        words("select all", "shift " + edge.x() + " " + edge.y());
        words("lens", "shift " + tile.right() + " " + tile.bottom());
        key(KeyCode.F5);
        made();
        // A leaf on the corner is seen at all of them, one over a side at all sides across: of 3 by 3 tiles 4 by 4, and
        // 4 by 3.
        List<Path> all = lines();
        assertThat(all).hasSize(16 + 12);
        assertThat(seams()).isNotEmpty().allMatch(m -> m.kind() == SeamMark.Kind.MET);
        Point before = centre("lens-2");
        Path copy = all.stream()
                .filter(p -> p.box().centre().distance(before) > 100)
                .filter(p -> p.box().centre().minus(before).y() < -100
                        && Math.abs(p.box().centre().minus(before).x()) < 1)
                .findFirst()
                .orElseThrow();
        Point held = copy.at(0.5);
        dragged(held, held.plus(new Point(-30, 20)));
        assertThat(centre("lens-2").distance(before.plus(new Point(-30, 20)))).isLessThan(4);
        assertThat(seams()).allMatch(m -> m.kind() == SeamMark.Kind.MET);
        in(16);
    }

    private Point centre(String figure) {
        return ((Seated) desk.root().figure(figure).orElseThrow().form()).centre();
    }

    private void aKnotPagedThroughAllGroups() {
        words("oval 40", "repeat p4");
        type("width", "34");
        words("band 1.5", "interlace");
        key(KeyCode.F5);
        assertThat(woven().alternates()).isTrue();
        assertThat(seam()).endsWith("met");
        Set<String> seen = new TreeSet<>();
        for (int k = 0; k < PAGED; k++) {
            key(KeyCode.PAGE_DOWN);
            made();
            seen.add(Entry.word(repeat().group()));
            assertThat(desk.resolved().finished().work().weaves()).hasSize(1);
            assertThat(desk.resolved().finished().faults()).isEmpty();
        }
        assertThat(seen).hasSize(PAGED).contains("p4mm", "p4gm", "p3");
        String last = Entry.word(repeat().group());
        key(KeyCode.PAGE_UP);
        key(KeyCode.PAGE_DOWN);
        assertThat(Entry.word(repeat().group())).isEqualTo(last);
    }

    /** Two waves, each the other's mirror image, along a line; with a break, the same in every place, and the turns of the plate. */
    private void frieze(String line) {
        words(line, "wave 2", "repeat frieze p11m");
        type("columns", "10");
    }

    private void aFriezeRoundAPlate() {
        frieze("circle 60");
        next("along");
        eventually(() -> assertThat(repeat().along()).isNotEqualTo("nothing"));
        words("band 3", "interlace");
        Weave weave = woven();
        assertThat(weave.strands()).allMatch(s -> s.path().closed());
        assertThat(weave.alternates()).isTrue();
        int before = weave.crossings().size();
        in(12);
        // A break by the needle.
        key(KeyCode.F3);
        key(KeyCode.RIGHT);
        key(KeyCode.INSERT);
        assertThat(woven().crossings()).hasSizeLessThan(before);
        whole();
    }

    /** Begun a quarter of a wave further on, its corners lie where the strands are furthest apart, and not at a crossing. */
    private void aFriezeRoundABox() {
        frieze("box");
        type("right", "-30");
        next("along");
        eventually(() -> assertThat(repeat().along()).isNotEqualTo("nothing"));
        words("band 3", "interlace");
        Weave weave = woven();
        assertThat(desk.resolved().finished().faults()).isEmpty();
        assertThat(weave.strands()).isNotEmpty().allMatch(s -> s.path().closed());
        assertThat(weave.crossings()).hasSize(20);
        assertThat(weave.alternates()).isTrue();
        whole();
        in(15);
        // Or in shorter waves.
        words("repeat");
        type("columns", "14");
        assertThat(woven().strands()).isNotEmpty().allMatch(s -> s.path().closed());
        assertThat(woven().crossings()).hasSize(28);
        assertThat(woven().alternates()).isTrue();
    }

    /** And broken by one stroke, it is in every tile. */
    private void anAllOverGround() {
        words("plait open", "repeat p1", "band 5", "interlace");
        Weave weave = woven();
        assertThat(weave.crossings()).hasSize(48);
        assertThat(weave.alternates()).isTrue();
        assertThat(seam()).endsWith("met");
        whole();
        in(5);
        key(KeyCode.F3);
        key(KeyCode.RIGHT);
        key(KeyCode.INSERT);
        assertThat(woven().crossings().size()).isLessThan(48);
        assertThat(woven().alternates()).isTrue();
    }

    private void aHalfDropCloth() {
        words("circle 20", "repeat p1", "repeat drop");
        type("width", "36");
        type("height", "36");
        type("share", "0.25");
        words("band 3", "interlace");
        Weave weave = woven();
        // Circles of radius 20 meet those above and below, 36 off, and of those beside the nearer, 37.1 off: two pairs
        // a cell.
        assertThat(weave.crossings()).hasSize(4);
        assertThat(weave.alternates()).isTrue();
        in(16);
        // Its tile as a picture: four columns, set off by a quarter each, make a rectangle, of 300 pixels to the inch.
        written = "drop.png";
        words("handing one tile");
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
        eventually(() -> {
            BufferedImage picture = picture(folder.resolve(written));
            assertThat(picture.getWidth()).isEqualTo((int) Math.rint(4 * 36 / 25.4 * 300));
            assertThat(picture.getHeight()).isEqualTo((int) Math.rint(36 / 25.4 * 300));
            Label handed = robot.lookup("#handed").queryAs(Label.class);
            assertThat(handed.getText()).isEqualTo("Print \u00b7 144 \u00d7 36 mm");
        });
    }

    private static BufferedImage picture(java.nio.file.Path file) {
        try {
            return ImageIO.read(file.toFile());
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private void lettersFilledWithAnInterlacedGround() {
        words("lettering HOY");
        words("circle 9");
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.A);
        words("select circle", "repeat p1");
        type("width", "14");
        type("height", "14");
        type("columns", "9");
        words("band 1.6", "interlace", "within Lettering");
        made();
        assertThat(desk.resolved().finished().work().mosaics()).hasSize(1);
        double area = desk.resolved().finished().work().mosaics().get(0).mosaic().kept().stream()
                .flatMap(t -> t.whole().stream())
                .mapToDouble(r -> r.area())
                .sum();
        assertThat(area).isGreaterThan(60);
    }

    private void aLatticeInThreeDirections() {
        words("line", "rotate 90", "repeat p6");
        words("band 8", "interlace");
        made();
        key(KeyCode.F5);
        Weave weave = woven();
        assertThat(weave.strands()).hasSize(6).allMatch(s -> s.onward().isPresent());
        assertThat(weave.crossings()).hasSize(12);
        assertThat(weave.alternates()).isTrue();
    }
}
