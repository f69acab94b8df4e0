package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Design;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Workshop;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.gauge.State;
import org.hyphantes.setting.Amount;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.function.Executable;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Files for machines as a designer hands them over in the real window: mended, replayed, written. */
class HandOverWindowTest extends OutcomeFixture {
    @Start
    void start(Stage window) {
        open(window);
    }

    @TestFactory
    Stream<DynamicTest> filesAreReplayedMendedAndWritten(FxRobot hand) {
        Map<String, Executable> pieces = new LinkedHashMap<>();
        pieces.put("a screen whose loose pieces are tied, replayed and written", this::aScreenIsTiedAndCut);
        pieces.put("a strap longer than the bed", this::aStrapLongerThanTheBed);
        pieces.put("three passes in leather", this::threePassesInLeather);
        pieces.put("brass with kerf", this::brassWithKerf);
        pieces.put("a large picture broken off", this::aLargePictureBrokenOff);
        pieces.put("another design on the bed", this::anotherDesignOnTheBed);
        pieces.put("a drawing of others brought in, woven, copied as a picture", this::aDrawingOfOthers);
        pieces.put("a painted drawing of others, its lines woven, one figure handed over", this::aPaintedDrawing);
        return each(hand, pieces);
    }

    private void lay(Design design) {
        robot.interact(() -> desk.lay(design));
        made();
        key(KeyCode.F6);
        assertThat(desk.view().stage()).isEqualTo("hand-over");
    }

    private Workshop workshop() {
        return frame.workshop();
    }

    private Replay replay() {
        made();

        eventually(() -> assertThat(workshop().replayProperty().get())
                .hasValueSatisfying(
                        r -> assertThat(r.job()).isEqualTo(desk.design().job())));
        return workshop().replayProperty().get().orElseThrow();
    }

    private State cut() {
        made();
        return desk.resolved().inspection().reading("cut").state();
    }

    private double moment() {
        return workshop().secondsProperty().get();
    }

    private void aScreenIsTiedAndCut() throws Exception {
        lay(Demo.LANTERN_SCREEN.design());
        assertThat(cut()).isEqualTo(State.BROKEN);
        key(KeyCode.F9);
        assertThat(cut()).isEqualTo(State.WHOLE);
        assertThat(desk.design().job().ties().value()).isEqualTo(2);
        Replay replay = replay();
        assertThat(replay.late()).isZero();
        assertThat(replay.falls()).hasSize(24);
        replayed(replay);
        // Written from the clasp, and read again from the file itself.
        written = "screen.plt";
        click(robot, "#write");
        eventually(() -> assertThat(desk.messageProperty().get().words())
                .startsWith("Written: screen.plt, 1 pass, ")
                .endsWith(" s, less than 0.001 mm from the design at worst."));
        assertThat(Files.readString(folder.resolve("screen.plt")))
                .startsWith("IN;")
                .contains("PD;PA");
    }

    /** By keys, and by a drag along the time line; while it runs the clock goes on, and at rest it stands. */
    private void replayed(Replay replay) {
        double total = replay.timeline().total();
        key(KeyCode.HOME);
        assertThat(moment()).isZero();
        key(KeyCode.RIGHT);
        assertThat(moment()).isEqualTo(replay.timeline().start(1));
        key(KeyCode.LEFT);
        key(KeyCode.DIGIT3);
        key(KeyCode.SPACE);
        eventually(() -> assertThat(moment()).isGreaterThan(1));
        key(KeyCode.SPACE);
        assertThat(workshop().runningProperty().get()).isFalse();
        Point2D corner = robot.point(frame.field()).query();
        double wide = frame.field().getWidth();
        double y = corner.getY() + frame.field().getHeight() / 2 - 66;
        robot.drag(corner.getX() - wide / 4, y).dropTo(corner.getX(), y);
        eventually(() -> assertThat(moment()).isBetween(0.4 * total, 0.6 * total));
        assertThat(robot.lookup("#readout").queryAs(Label.class).getText()).contains("of 24 fallen out");
        key(KeyCode.END);
        assertThat(moment()).isEqualTo(total);
    }

    private void aStrapLongerThanTheBed() {
        lay(Demo.FERRYMANS_PLAIT.design());
        assertThat(cut()).isEqualTo(State.BROKEN);
        key(KeyCode.F9);
        assertThat(cut()).isEqualTo(State.WHOLE);
        assertThat(desk.design().job().lie()).isEqualTo(Job.Lie.A_QUARTER_TURNED);
        assertThat(replay().straying().distance()).isLessThan(0.001);
        in(3);
    }

    private void threePassesInLeather() {
        words("material leather", "circle 30");
        type("out", "40");
        words("turn 5", "band 5", "interlace", "hand over");
        words("pass draw strand B", "pass score strand C");
        assertThat(desk.design().job().passes()).hasSize(4);
        Replay replay = replay();
        assertThat(replay.timeline().program().passes()).hasSize(3);
        assertThat(replay.cuts().of(1)).isNotEmpty().allMatch(c -> c.letter().equals("B"));
        // The pass that the sentence is about is done earlier, taken out, and all of it comes back.
        assertThat(desk.view().subject()).contains(new Subject.OfPass(2));
        robot.interact(() -> frame.field().requestFocus());
        key(KeyCode.CONTROL, KeyCode.UP);
        assertThat(desk.design().job().passes().get(1).work()).isEqualTo(Pass.Work.SCORE);
        key(KeyCode.DELETE);
        assertThat(desk.design().job().passes()).hasSize(3);
        key(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.design().job().passes()).hasSize(4));
        type("speed", "55");
        assertThat(desk.design().job().passes()).anyMatch(p -> p.speed().value() == 55);
        // What cannot be is refused with what to type.
        words("pass burn lines");
        assertThat(desk.messageProperty().get().words()).contains("pass score lines");
        assertThat(desk.design().job().passes()).hasSize(4);
    }

    private void brassWithKerf() {
        lay(Demo.TIDE_RING.design());
        assertThat(cut()).isEqualTo(State.WHOLE);
        double length = worked();
        type("kerf", "2");
        assertThat(desk.design().job().kerf().value()).isEqualTo(2);
        assertThat(worked()).isGreaterThan(length + 10);
        // So wide a tool takes away more than lies between the parts: they are laid apart.
        assertThat(cut()).isEqualTo(State.BROKEN);
        robot.interact(() -> frame.field().requestFocus());
        key(KeyCode.F9);
        assertThat(cut()).isEqualTo(State.WHOLE);
        assertThat(replay().cuts().parts()).hasSize(32);
        // As machine code, by the offer under the sentence.
        robot.clickOn("as machine code");
        eventually(() -> assertThat(workshop().formatProperty().get().ending()).isEqualTo(".nc"));
        assertThat(replay().straying().distance()).isLessThan(0.001);
        // Another stage shows the design again, not the bed.
        key(KeyCode.F3);
        assertThat(desk.view().scale()).isZero();
    }

    /** It tells how far it is; broken off by Esc it leaves what was there as it was. */
    private void aLargePictureBrokenOff() throws Exception {
        Design ring = Demo.TIDE_RING.design();
        Handing large = ring.handing().schema().put(ring.handing(), "resolution", Amount.of(2400));
        robot.interact(() -> desk.lay(ring.withHanding(large)));
        made();
        Files.writeString(folder.resolve("ring.png"), "as it was");
        written = "ring.png";
        click(robot, "#write");
        eventually(() -> assertThat(desk.messageProperty().get().words()).matches("Writing ring.png: \\d+ of 100. .*"));
        key(KeyCode.ESCAPE);
        eventually(() -> assertThat(desk.messageProperty().get().words()).startsWith("Broken off: ring.png"));
        assertThat(Files.readString(folder.resolve("ring.png"))).isEqualTo("as it was");
        in(2);
    }

    /** Two designs on one bed, by mouse and keys; the file that is replayed is an SVG. */
    private void anotherDesignOnTheBed() throws Exception {
        robot.interact(() -> desk.lay(Demo.TIDE_RING.design()));
        made();
        chosen = folder.resolve("quern.hyphantes");
        ProjectFile.save(Demo.QUERN.design(), chosen);
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
        eventually(
                () -> assertThat(desk.messageProperty().get().words()).isEqualTo("Brought in: a design of 2 figures."));
        made();
        assertThat(desk.design().root().members()).hasSize(3);
        key(KeyCode.F6);
        words("job");
        choose("laid", "each group by itself");
        choose("lie", "turned to fit");
        made();
        assertThat(replay().cuts().parts()).hasSize(2);
        robot.clickOn("as SVG");
        eventually(() -> assertThat(workshop().formatProperty().get().ending()).isEqualTo(".svg"));
        assertThat(replay().straying().distance()).isLessThan(0.001);
        in(8);
    }

    private double worked() {
        return replay().cuts().contours().stream()
                .mapToDouble(c -> c.path().length())
                .sum();
    }

    private static final String RINGS = "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='80mm' "
            + "viewBox='-40 -40 80 80'><circle id='left' cx='-9' r='20'/><circle id='right' cx='9' r='20'/></svg>";

    private void aDrawingOfOthers() throws Exception {
        chosen = folder.resolve("rings.svg");
        Files.writeString(chosen, RINGS);
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
        eventually(() -> assertThat(desk.messageProperty().get().words()).isEqualTo("Brought in: 2 figures."));
        words("band 3", "interlace");
        made();
        assertThat(desk.resolved().finished().work().weaves().get(0).weave().crossings())
                .hasSize(2);
        whole();
        in(5);
        // What is copied lies on the clipboard as SVG and as a picture too, and SVG from elsewhere is pasted.
        robot.interact(() -> frame.field().requestFocus());
        key(KeyCode.CONTROL, KeyCode.A);
        key(KeyCode.CONTROL, KeyCode.C);
        Clipboard clipboard = onPage(Clipboard::getSystemClipboard);
        eventually(() -> assertThat(onPage(clipboard::hasImage)).isTrue());
        robot.interact(() -> clipboard.setContent(Map.of(DataFormat.PLAIN_TEXT, RINGS)));
        key(KeyCode.CONTROL, KeyCode.V);
        eventually(() -> assertThat(desk.design().root().members()).hasSize(2));
        // What cannot be read is refused in words, and nothing is lost.
        Files.writeString(chosen, "<!DOCTYPE svg [<!ENTITY a 'b'>]><svg/>");
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
        eventually(() -> assertThat(desk.messageProperty().get().words()).contains("declares entities"));
        assertThat(desk.design().root().members()).hasSize(2);
    }

    private static final String PAINTED = "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='80mm' "
            + "viewBox='-40 -40 80 80'><circle id='disc' r='36' fill='#1F4E5F'/><g fill='none' stroke='#EDE6D6' "
            + "stroke-width='3' stroke-linejoin='round'><path id='zig' d='M-30-10L-5 12 20-14 30 0'/>"
            + "<path id='bar' d='M-32 2H32'/></g></svg>";

    private void aPaintedDrawing() throws Exception {
        chosen = folder.resolve("painted.svg");
        Files.writeString(chosen, PAINTED);
        key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
        eventually(() -> assertThat(desk.messageProperty().get().words()).isEqualTo("Brought in: 3 figures."));
        made();
        key(KeyCode.F3);
        made();
        // Its lines are bands already, and what is filled is none: they are woven as they are.
        eventually(() -> robot.clickOn("Interlace them?"));
        eventually(() -> assertThat(desk.resolved().finished().work().weaves()).hasSize(1));
        assertThat(desk.design().root().recipe()).hasSize(1);
        Weave weave = desk.resolved().finished().work().weaves().get(0).weave();
        assertThat(weave.strands()).hasSize(2).allMatch(s -> Math.abs(s.width() - 3) < 1e-6);
        assertThat(weave.crossings()).hasSize(2);
        assertThat(weave.alternates()).isTrue();
        in(4);
        key(KeyCode.F6);
        words("handing");
        eventually(() -> robot.clickOn("every figure"));
        eventually(() -> robot.clickOn("bar"));
        eventually(() -> assertThat(desk.design().handing().figures()).isNotEqualTo("every figure"));
        // The bar goes under once, so it is cut in two pieces.
        eventually(() -> assertThat(replay().cuts().contours()).hasSize(2));
    }

    private <T> T onPage(Supplier<T> ask) {
        AtomicReference<T> answer = new AtomicReference<>();
        robot.interact(() -> answer.set(ask.get()));
        return answer.get();
    }
}
