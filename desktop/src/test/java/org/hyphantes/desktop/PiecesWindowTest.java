package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.NoFill;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Tessera;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Pieces by pointer, key and word: selected, joined, dropped, taken back and kept, with their siblings. */
class PiecesWindowTest extends WindowFixture {
    @Start
    void start(Stage window) {
        open(window);
    }

    @BeforeEach
    void lantern() {
        TestDesk.on(() -> {
            desk.lay(Demo.LANTERN_SCREEN.design());
            desk.open("pieces");
            frame.field().requestFocus();
            return null;
        });
        eventually(() -> assertThat(mosaic().pieces()).hasSize(49));
    }

    private Mosaic mosaic() {
        return desk.resolved().finished().work().mosaics().get(0).mosaic();
    }

    private long dropped() {
        return mosaic().pieces().stream().filter(Tessera::dropped).count();
    }

    private Point2D cell(int number) {
        return onScreen(mosaic().division().cells().get(number - 1).place());
    }

    private long ringOf(int number, boolean dropped) {
        return mosaic().pieces().stream()
                .filter(p -> p.ring() == number && p.dropped() == dropped)
                .count();
    }

    @Test
    void aPieceIsDroppedWithItsSiblingsAndTakenBack(FxRobot robot) {
        assertThat(dropped()).isEqualTo(24);
        robot.clickOn(cell(38));
        robot.type(KeyCode.DELETE);
        eventually(() -> assertThat(ringOf(5, true)).isEqualTo(12));
        // The same again takes them back; undo and redo go through all of it.
        robot.type(KeyCode.DELETE);
        eventually(() -> assertThat(ringOf(5, true)).isZero());
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(ringOf(5, true)).isEqualTo(12));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(ringOf(5, true)).isZero());
        // This one only.
        robot.press(KeyCode.CONTROL).clickOn(cell(38)).release(KeyCode.CONTROL);
        robot.type(KeyCode.DELETE);
        eventually(() -> assertThat(ringOf(5, true)).isEqualTo(1));
    }

    @Test
    void aThreadJoinsWhatItPassesAndPartsItAgain(FxRobot robot) {
        typed(robot, "keep all");
        eventually(() -> assertThat(dropped()).isZero());
        robot.interact(() -> frame.field().requestFocus());
        int tip = 38;
        int beside = mosaic().division().neighbours(tip - 1).get(0).cell() + 1;
        robot.drag(cell(tip), MouseButton.PRIMARY).moveTo(cell(beside)).drop();
        eventually(() -> assertThat(mosaic().pieces()).hasSize(37));
        robot.drag(cell(tip), MouseButton.PRIMARY).moveTo(cell(beside)).drop();
        eventually(() -> assertThat(mosaic().pieces()).hasSize(49));
        // Drawn the other way it drops.
        robot.drag(cell(1), MouseButton.SECONDARY).moveTo(cell(2)).drop();
        eventually(() -> assertThat(dropped()).isEqualTo(13));
    }

    @Test
    void ringsAreChosenByTheCardByWordsAndByADoubleClick(FxRobot robot) {
        ListView<?> rings = robot.lookup("#rings").queryListView();
        eventually(() -> assertThat(rings.getItems()).hasSize(5));
        robot.doubleClickOn(cell(14));
        typed(robot, "keep");
        eventually(() -> assertThat(ringOf(3, false)).isEqualTo(12));
        assertThat(dropped()).isEqualTo(37);
        typed(robot, "drop rings 1 3");
        eventually(() -> assertThat(dropped()).isEqualTo(49));
        typed(robot, "select ring 9");
        eventually(() -> assertThat(message(robot)).contains("Say which"));
    }

    private String colour(int piece) {
        return desk.resolved()
                .finished()
                .work()
                .mosaics()
                .get(0)
                .colours()
                .get(piece - 1)
                .map(f -> f.within().orElse(null) instanceof NoFill
                        ? "none"
                        : f.colour().hex())
                .orElse("as it is");
    }

    /** A digit fills with its well, with siblings; 0 takes the fill away, the same again gives back what was; wells change all that has them. */
    @Test
    void piecesAreFilledByDigitsWordsAndWells(FxRobot robot) throws Exception {
        robot.moveTo(cell(38));
        robot.type(KeyCode.DIGIT4);
        eventually(() -> assertThat(colour(38)).isEqualTo("#1F4E5F"));
        assertThat(colour(49)).as("its siblings too").isEqualTo("#1F4E5F");
        typed(robot, "well 4 teal");
        eventually(() -> assertThat(colour(38)).isEqualTo("#008080"));
        write(robot, "drop rings 3 5");
        Label before = robot.lookup("#completions").queryAs(Label.class);
        assertThat(before.getText()).as("the count before the act").contains("24 pieces");
        robot.type(KeyCode.ESCAPE);
        typed(robot, "select well 4");
        eventually(() -> assertThat(message(robot)).contains("12 pieces selected"));
        robot.interact(() -> frame.field().requestFocus());
        robot.type(KeyCode.ESCAPE);
        typed(robot, "fill 0 ring 1");
        eventually(() -> assertThat(colour(1)).isEqualTo("none"));
        typed(robot, "colouring");
        eventually(() -> assertThat(colour(14)).isEqualTo("#7DAE9A"));
        assertThat(colour(38)).as("by hand counts more").isEqualTo("#008080");
        java.nio.file.Path file = folder.resolve("filled" + ProjectFile.ENDING);
        ProjectFile.save(desk.design(), file);
        assertThat(ProjectFile.open(file)).isEqualTo(desk.design());
        typed(robot, "colourway kiln");
        eventually(() -> assertThat(colour(38)).isEqualTo("#33231D"));
        Node wells = robot.lookup("#wells").query();
        robot.clickOn(cell(38));
        robot.clickOn(wells, MouseButton.PRIMARY);
        eventually(() -> assertThat(colour(38)).isNotEqualTo("#33231D"));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(colour(38)).isEqualTo("#33231D"));
        robot.interact(() -> frame.field().requestFocus());
        robot.moveTo(cell(38)).type(KeyCode.DIGIT4);
        eventually(() ->
                assertThat(colour(38)).as("the same again: as coloured by ring").isEqualTo("#9B2F2B"));
        typed(robot, "well 99");
        eventually(() -> assertThat(message(robot)).contains("numbered from 1 to 12"));
    }

    /** A corner by the other way at it, all corners by a word; undone, kept in the file, and taken back by the same again. */
    @Test
    void chosenCornersAreRounded(FxRobot robot) throws Exception {
        double before = area(38);
        Point corner = mosaic().division().corners(37).get(0).place();
        Point inside = corner.plus(
                mosaic().division().cells().get(37).place().minus(corner).times(0.02));
        robot.clickOn(onScreen(inside), MouseButton.SECONDARY);
        eventually(() -> assertThat(area(38)).isLessThan(before - 1e-3));
        double one = before - area(38);
        assertThat(before - area(40)).as("its siblings too").isCloseTo(one, within(1e-6));
        Design made = desk.design();
        java.nio.file.Path file = folder.resolve("corners" + ProjectFile.ENDING);
        ProjectFile.save(made, file);
        assertThat(ProjectFile.open(file)).isEqualTo(made);
        assertThat(Files.readString(file)).contains("\"act\" : \"round\"");
        robot.clickOn(onScreen(inside), MouseButton.SECONDARY);
        eventually(() -> assertThat(area(38)).isCloseTo(before, within(1e-9)));
        robot.clickOn(cell(38));
        typed(robot, "round");
        eventually(() -> assertThat(area(38)).isLessThan(before - one));
        typed(robot, "round 9");
        assertThat(message(robot)).contains("corners 1 to");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(area(38)).isCloseTo(before, within(1e-9)));
    }

    private double area(int number) {
        return mosaic().pieces().get(mosaic().pieceOf(number - 1)).area();
    }

    /** What every act means holds with another count; words that find nothing say so. */
    @Test
    void wordsOfManyPieces(FxRobot robot) {
        typed(robot, "keep all");
        eventually(() -> assertThat(dropped()).isZero());
        typed(robot, "back ring 2");
        assertThat(message(robot)).contains("None of these pieces is dropped");
        typed(robot, "drop chequer");
        eventually(() -> assertThat(dropped()).isBetween(20L, 30L));
        typed(robot, "back chequer");
        eventually(() -> assertThat(dropped()).isZero());
        typed(robot, "join ring 1");
        assertThat(message(robot)).contains("nothing was joined");
        typed(robot, "keep inside nothing");
        assertThat(message(robot)).contains("Say which");
    }

    /** Bars cut to a disc, by words. */
    @Test
    void whatLiesWithinADisc(FxRobot robot) {
        robot.interact(() -> {
            desk.lay(Design.empty("Bars"));
            desk.open("set-out");
            frame.field().requestFocus();
        });
        for (String words : List.of(
                "line 60", "shift -40 0", "row 10 10 10 10 10 10 10 10", "band 4", "circle 30", "within Circle")) {
            typed(robot, words);
        }
        eventually(() -> assertThat(desk.resolved().finished().work().mosaics())
                .as(message(robot) + desk.design().root().recipe())
                .hasSize(1));
        assertThat(mosaic().pieces().stream()
                        .flatMap(p -> p.shapes().stream())
                        .allMatch(r -> Math.abs(r.outline().box().bottom()) < 30.001))
                .isTrue();
    }
}
