package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.figure.Plait;
import org.hyphantes.gauge.State;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The stage Weave by mouse and key: strokes that break, drags that lay, strands lifted, reaches, ghosts of mends. */
class WeaveWindowTest extends WindowFixture {
    @Start
    void start(Stage window) {
        open(window);
    }

    /** The outermost crossing of two neighbours, of the projection before breaks. */
    private Point outer() {
        return weave().whole().meets().stream()
                .map(m -> m.place())
                .max(Comparator.comparingDouble(p -> Math.rint(p.length() * 1e4) + p.x() * 1e-3))
                .orElseThrow();
    }

    private void stroke(FxRobot robot, Point from, Point through, Point to) {
        robot.drag(onScreen(from), MouseButton.PRIMARY)
                .moveTo(onScreen(from.middle(through)))
                .moveTo(onScreen(through))
                .moveTo(onScreen(to))
                .drop();
    }

    @Test
    void aStrokeFromTheGroundBreaksEverySiblingAndTheSameStrokeRejoins(FxRobot robot) {
        Point crossing = outer();
        Point out = crossing.unit();
        stroke(robot, crossing.plus(out.times(12)), crossing, crossing.minus(out.times(12)));
        eventually(() -> assertThat(weave().broken()).hasSize(8));
        eventually(() -> assertThat(weave().crossings()).hasSize(24));
        eventually(() -> assertThat(weave().alternates()).isTrue());
        assertThat(message(robot)).isEqualTo("8 crossings broken.");
        stroke(robot, crossing.plus(out.times(12)), crossing, crossing.minus(out.times(12)));
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        // A stroke through no crossing changes nothing and says how it is done.
        stroke(robot, new Point(0, 0), new Point(2, 0), new Point(4, 0));
        eventually(() -> assertThat(message(robot)).startsWith("No crossing lies under this stroke"));
    }

    @Test
    void aDragAlongAStrandLaysItAndUndoTakesItBack(FxRobot robot) {
        Weave before = weave();
        Path ring = before.strands().get(8).path();
        double here = before.projection().position(before.projection().passage(8, 0));
        double third = before.projection().position(before.projection().passage(8, 2));
        double start = Math.max(0, here - 0.02);
        boolean first = before.passes(8).get(0);
        // Begun so that the first crossing turns out the other way than it is.
        MouseButton button = first ? MouseButton.SECONDARY : MouseButton.PRIMARY;
        robot.drag(onScreen(ring.at(start)), button);
        for (int i = 1; i <= 8; i++) {
            robot.moveTo(onScreen(ring.at(start + (third + 0.015 - start) * i / 8)));
        }
        robot.drop();
        eventually(() -> assertThat(weave().passes(8).subList(0, 3)).containsExactly(!first, first, !first));
        eventually(() -> assertThat(weave().crossings()).anyMatch(Crossing::isPinned));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
    }

    @Test
    void aLetterLiftsItsStrandAndEscapeLaysItDown(FxRobot robot) {
        Point letter = weave().clearest(2);
        robot.clickOn(onScreen(letter));
        eventually(() -> assertThat(desk.liftedProperty().get())
                .contains(weave().strands().get(2).key()));
        assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design());
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.ESCAPE);
        eventually(() -> assertThat(desk.liftedProperty().get()).isEmpty());
    }

    @Test
    void reachesAreSteppedThroughAndAnActObeysThem(FxRobot robot) {
        List<Integer> counts = List.of(16, 1, 1, 2, 8);
        int ring = IntStream.range(0, 32)
                .filter(m -> weave().projection().meets().get(m).second() == 8)
                .findFirst()
                .orElseThrow();
        Point place = weave().crossings().get(ring).place();
        Reach[] order = {
            Reach.EVERY_TURN_AND_MIRROR, Reach.EVERY_REPEAT, Reach.THIS_ONE, Reach.MIRROR_TWIN, Reach.EVERY_TURN
        };
        for (int i = 0; i < order.length; i++) {
            Reach reach = order[i];
            int count = reach == Reach.EVERY_REPEAT ? 8 : counts.get(reach == Reach.EVERY_TURN_AND_MIRROR ? 0 : i);
            robot.push(KeyCode.CONTROL, KeyCode.R);
            eventually(() -> assertThat(new ReachActs(desk).reach()).isEqualTo(reach));
            robot.clickOn(onScreen(place));
            int pinned = reach == Reach.THIS_ONE ? 1 : reach == Reach.MIRROR_TWIN ? 2 : count;
            eventually(() -> assertThat(weave().crossings())
                    .as(reach.name())
                    .filteredOn(Crossing::isPinned)
                    .hasSize(pinned));
            robot.push(KeyCode.CONTROL, KeyCode.Z);
            eventually(() -> assertThat(weave().crossings()).noneMatch(Crossing::isPinned));
        }
    }

    @Test
    void theNeedleBreaksLevelThenUprightThenRejoinsByKey(FxRobot robot) {
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.UP).type(KeyCode.INSERT);
        eventually(() -> assertThat(weave().broken()).hasSize(8));
        var first = weave().broken();
        robot.type(KeyCode.INSERT);
        eventually(() -> assertThat(weave().broken()).hasSize(8).isNotEqualTo(first));
        robot.type(KeyCode.INSERT);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
    }

    @Test
    void everyActHasAWord(FxRobot robot) {
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.UP);
        write(robot, "swap").type(KeyCode.ENTER);
        eventually(() ->
                assertThat(weave().crossings()).filteredOn(Crossing::isPinned).hasSize(8));
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "release").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "break upright").type(KeyCode.ENTER);
        eventually(() -> assertThat(weave().broken()).hasSize(8));
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "rejoin").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.design()).isEqualTo(Demo.TIDE_RING.design()));
        write(robot, "lift b").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.liftedProperty().get())
                .contains(weave().strands().get(1).key()));
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "lay i under").type(KeyCode.ENTER);
        eventually(() -> assertThat(weave().passes(8).get(0)).isFalse());
        eventually(() -> assertThat(weave().passes(8).get(1)).isTrue());
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "lay z").type(KeyCode.ENTER);
        eventually(() -> assertThat(message(robot)).contains("by its letter: lay B"));
    }

    @Test
    void rowsOfTheStrandsLiftThemAndTheMenuOpensDemosAndWritesReports(FxRobot robot) throws Exception {
        var rows = robot.lookup("#strands-card .scroll-pane").query();
        var place = rows.localToScreen(40, 26 * 2 + 13);
        robot.clickOn(place);
        eventually(() -> assertThat(desk.liftedProperty().get())
                .contains(weave().strands().get(2).key()));
        robot.clickOn(place);
        eventually(() -> assertThat(desk.liftedProperty().get()).isEmpty());
        robot.interact(() -> frame.documents().openDemo(Demo.FERRYMANS_PLAIT));
        eventually(() -> assertThat(desk.design().name()).isEqualTo("Ferryman's Plait"));
        eventually(() -> assertThat(weave().crossings()).hasSize(150));
        robot.interact(() -> frame.documents().report(".json"));
        eventually(() -> assertThat(message(robot)).contains("Written: ferryman-s-plait.json"));
        assertThat(Files.readString(folder.resolve("ferryman-s-plait.json"))).contains("\"grounds\":[");
        robot.interact(() -> frame.documents().report(".txt"));
        eventually(() -> assertThat(message(robot)).contains("Written: ferryman-s-plait.txt"));
        assertThat(Files.readString(folder.resolve("ferryman-s-plait.txt")))
                .contains("Strand B: closed,")
                .contains("Crossings: 150 of 150 alternate");
    }

    /** A lifted strand is filled by a digit, with its turns; kept with other turns, before any colouring, and given back by the same again. */
    @Test
    void strandsAreFilledByHand(FxRobot robot) throws Exception {
        eventually(() -> assertThat(desk.settledProperty().get()).isTrue());
        robot.clickOn(onScreen(weave().clearest(2)));
        eventually(() -> assertThat(desk.liftedProperty().get()).isPresent());
        robot.type(KeyCode.DIGIT8);
        eventually(() -> assertThat(fills()).containsExactlyElementsOf(java.util.Collections.nCopies(8, "#A4472F")));
        write(robot, "fill kelp I").type(KeyCode.ENTER);
        eventually(() -> assertThat(fills()).hasSize(9).contains("#3C4A1F"));
        write(robot, "colouring").type(KeyCode.ENTER);
        write(robot, "turn 6").type(KeyCode.ENTER);
        eventually(() -> assertThat(fills()).hasSize(7).containsOnly("#A4472F", "#3C4A1F"));
        java.nio.file.Path file = folder.resolve("filled" + ProjectFile.ENDING);
        ProjectFile.save(desk.design(), file);
        assertThat(ProjectFile.open(file)).isEqualTo(desk.design());
        write(robot, "fill 8 A").type(KeyCode.ENTER);
        eventually(() -> assertThat(fills()).as("as coloured by strand").doesNotContain("#A4472F"));
        write(robot, "fill nothing A").type(KeyCode.ENTER);
        eventually(() -> assertThat(message(robot)).contains("Say the number"));
    }

    private List<String> fills() {
        return desk.resolved().finished().work().weaves().get(0).colours().stream()
                .flatMap(java.util.Optional::stream)
                .map(f -> f.colour().hex())
                .toList();
    }

    /** The rhythm, the shading and a colouring are chosen in the sentence and by words, each seen in what is drawn. */
    @Test
    void rhythmShadingAndColouringAreSlotsAndWords(FxRobot robot) {
        robot.interact(() ->
                desk.set(new org.hyphantes.design.Subject.OfStep("design", "interlace-1"), "rhythm", "by hand", false));
        eventually(() -> assertThat(weave().crossings()).allMatch(c -> c.over() < c.under()));
        eventually(() -> assertThat(robot.lookup("#gauge-crossings").query().getAccessibleText())
                .contains("32 of 32 decided"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(weave().alternates()).isTrue());
        click(robot, "#slot-shading");
        robot.type(KeyCode.UP).type(KeyCode.ENTER);
        eventually(() -> assertThat(weave().courses()).allMatch(c -> c.dives().size() == 2));
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "colouring").type(KeyCode.ENTER);
        eventually(() -> assertThat(
                        desk.resolved().finished().work().weaves().get(0).colours())
                .allMatch(java.util.Optional::isPresent)
                .doesNotHaveDuplicates());
    }

    @Test
    void aMendIsShownAsAGhostAndThenDone(FxRobot robot) {
        write(robot, "band 8").type(KeyCode.ENTER);
        eventually(() -> assertThat(
                        desk.resolved().inspection().reading("touching").state())
                .isEqualTo(State.BROKEN));
        robot.type(KeyCode.F8);
        eventually(() -> assertThat(desk.ghostProperty().get()).isPresent());
        assertThat(((Band) desk.root().recipe().get(1).treatment()).width().value())
                .isEqualTo(8);
        robot.type(KeyCode.F8).type(KeyCode.F9);
        eventually(() -> assertThat(
                        ((Band) desk.root().recipe().get(1).treatment()).width().value())
                .isEqualTo(6.1));
        eventually(() -> assertThat(desk.ghostProperty().get()).isEmpty());
        eventually(() -> assertThat(
                        desk.resolved().inspection().reading("touching").text())
                .isEqualTo("nowhere"));
    }

    @Test
    void aPlaitIsTypedBandedWovenBrokenByAStrokeAndReported(FxRobot robot) throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        write(robot, "plait").type(KeyCode.ENTER);
        eventually(() -> assertThat(desk.root().members()).hasSize(1));
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "band 4").type(KeyCode.ENTER);
        robot.interact(() -> frame.field().requestFocus());
        write(robot, "interlace").type(KeyCode.ENTER);
        robot.type(KeyCode.F3);
        eventually(() -> assertThat(weave().crossings()).hasSize(38));
        assertThat(weave().strands()).hasSize(2);
        Point middle = weave().crossings().stream()
                .map(Crossing::place)
                .min(Comparator.comparingDouble(Point::length))
                .orElseThrow();
        stroke(robot, middle.plus(new Point(0, 8)), middle, middle.plus(new Point(0, -8)));
        eventually(() -> assertThat(weave().crossings()).hasSize(37));
        Plait plait = (Plait) desk.root()
                .figure(desk.root().members().get(0).id())
                .orElseThrow()
                .form();
        assertThat(plait.breaks()).contains("|");
        assertThat(((Interlace) desk.root().recipe().get(1).treatment()).breaks())
                .isEmpty();
        stroke(robot, middle.plus(new Point(0, 8)), middle, middle.plus(new Point(0, -8)));
        eventually(() -> assertThat(weave().crossings()).hasSize(38));
        // By key: level, upright, whole again.
        robot.interact(() -> {
            frame.field().requestFocus();
            desk.needle(org.hyphantes.desktop.desk.Hover.at(middle));
        });
        for (String bar : List.of("-", "|", "none")) {
            robot.type(KeyCode.INSERT);
            eventually(() -> assertThat(((Plait) desk.root()
                                    .figure(desk.root().members().get(0).id())
                                    .orElseThrow()
                                    .form())
                            .breaks())
                    .contains(bar));
        }
        robot.interact(() -> frame.documents().report(".csv"));
        eventually(() -> assertThat(message(robot)).contains("Written: new-design.csv"));
        assertThat(Files.readString(folder.resolve("new-design.csv")))
                .startsWith("kind,name,closed")
                .contains("strand,B,closed,");
    }

    @Test
    void aNetworkOfTypedLinesBecomesAKnotAndADemoIsOpenedFromTheMenu(FxRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        eventually(() -> assertThat(desk.root().members()).isEmpty());
        for (String word : List.of("polygon 4", "star 4", "knot", "band 3", "interlace")) {
            robot.interact(() -> frame.field().requestFocus());
            write(robot, word).type(KeyCode.ENTER);
            eventually(() -> assertThat(desk.settledProperty().get()).isTrue());
        }
        robot.type(KeyCode.F3);
        eventually(() -> assertThat(weave().alternates()).isTrue());
        eventually(() -> assertThat(weave().strands()).allMatch(s -> s.path().closed()));
        robot.interact(() -> {
            desk.markSaved();
            frame.documents().openDemo(Demo.EDDY);
        });
        eventually(() -> assertThat(weave().strands()).hasSize(2));
        eventually(() -> assertThat(weave().crossings()).hasSize(9));
    }
}
