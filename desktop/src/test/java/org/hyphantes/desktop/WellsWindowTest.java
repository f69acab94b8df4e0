package org.hyphantes.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colourway;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Inlay;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.function.Executable;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Wells carried into the field, colours taken from it, and gradients taken hold of there. */
@ExtendWith(ApplicationExtension.class)
class WellsWindowTest extends OutcomeFixture {
    @Start
    void start(Stage window) throws Exception {
        open(window);
    }

    @TestFactory
    Stream<DynamicTest> coloursAreHandledInTheField(FxRobot hand) {
        Map<String, Executable> acts = new LinkedHashMap<>();
        acts.put("a well carried through pieces fills them, in one edit", this::aWellCarriedThroughPieces);
        acts.put("a well takes the colour under the pointer", this::aWellTakesTheColourHere);
        acts.put("middle, axis and a well on the way are dragged", this::gripsAreDragged);
        acts.put("wells on the way that cannot be read are said and change nothing", this::wellsOnTheWay);
        return each(hand, acts);
    }

    private long filled(int well) {
        made();
        Inlay inlay = desk.resolved().finished().work().mosaics().get(0);
        return inlay.colours().stream()
                .flatMap(Optional::stream)
                .filter(f -> f.isByHand()
                        && f.colour().equals(Colourway.QUAY.well(well).colour()))
                .count();
    }

    private void aWellCarriedThroughPieces() {
        words("lens 50", "shift 0 -30", "turn 6", "divide");
        made();
        Inlay inlay = desk.resolved().finished().work().mosaics().get(0);
        // From a petal to what lies further in on the same axis.
        List<Point> places = inlay.mosaic().division().cells().stream()
                .map(c -> c.inner())
                .filter(p -> Math.abs(p.x()) < 1e-6 && p.y() < -1)
                .toList();
        assertThat(places).hasSizeGreaterThan(1);
        int edits = desk.historyProperty().get().at();
        Node wells = robot.lookup("#wells").query();
        // The fourth of six in the upper row.
        Point2D fourth = wells.localToScreen(wells.getBoundsInLocal().getWidth() * 3.5 / 6, 10);
        robot.moveTo(fourth).press(MouseButton.PRIMARY);
        robot.moveTo(wells.localToScreen(wells.getBoundsInLocal().getWidth() + 30, 10));
        for (Point place : places) {
            robot.moveTo(onScreen(place));
            robot.moveTo(onScreen(place.plus(new Point(0.2, 0.2))));
        }
        robot.release(MouseButton.PRIMARY);
        eventually(() -> assertThat(filled(4)).as("with their siblings").isGreaterThanOrEqualTo(6L * places.size()));
        assertThat(desk.historyProperty().get().at()).isEqualTo(edits + 1);
        words("undo");
        assertThat(filled(4)).isZero();
    }

    private void aWellTakesTheColourHere() {
        words("circle 40", "divide", "colouring");
        type("well", "8");
        made();
        robot.moveTo(onScreen(new Point(5, 5)));
        words("well 2 here");
        assertThat(desk.design().colourway().well(2).colour())
                .isEqualTo(Colourway.QUAY.well(8).colour());
        robot.moveTo(onScreen(new Point(44, 0)));
        words("well 3 here");
        assertThat(desk.design().colourway().well(3)).isEqualTo(Colourway.QUAY.well(3));
        assertThat(desk.messageProperty().get().words()).contains("no colour here");
    }

    private Colouring colouring() {
        return (Colouring) desk.root().last(Colouring.class).orElseThrow().treatment();
    }

    private void gripsAreDragged() {
        words("circle 40", "divide", "colouring swept", "colouring all together");
        type("through", "5 at 25");
        made();
        dragged(new Point(0, 0), new Point(10, 6));
        assertThat(colouring().shift().distance(new Point(10, 6))).isLessThan(0.5);
        made();
        // The axis points up, with its end at a distance in pixels, whatever the design's size.
        double out = 70 / frame.field().camera().scale();
        Point middle = colouring().shift();
        dragged(middle.plus(Point.polar(out, 0)), middle.plus(Point.polar(out, 40)));
        assertThat(colouring().axis().value()).isCloseTo(40, within(2.0));
        made();
        dragged(
                middle.plus(Point.polar(out, colouring().axis().value() + 90)),
                middle.plus(Point.polar(out, 40 + 180)));
        assertThat(colouring().between().get(0)).isCloseTo(0.5, within(0.02));
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        eventually(() -> assertThat(colouring().through()).isEqualTo("5 at 25"));
    }

    private void wellsOnTheWay() {
        words("circle 40", "divide", "colouring linear");
        Colouring before = colouring();
        for (String wrong : List.of("5 at 70, 6 at 20", "13 at 20", "blue at 3")) {
            type("through", wrong);
            assertThat(colouring()).as(wrong).isEqualTo(before);
            assertThat(desk.messageProperty().get().words()).isNotEmpty();
        }
    }
}
