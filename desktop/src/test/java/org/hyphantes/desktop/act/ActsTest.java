package org.hyphantes.desktop.act;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.ByteBuffer;
import java.util.List;
import java.util.Set;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.TestDesk;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.EndJoin;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Nest;
import org.hyphantes.treatment.Offset;
import org.hyphantes.treatment.Row;
import org.hyphantes.treatment.Taper;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Strand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** What is done with figures, groups and steps, on a desk without a window. */
@ExtendWith(ApplicationExtension.class)
class ActsTest {
    /** A ring of circles in a group of its own, with all that can follow a weave, beside a plain circle. */
    private static Design grouped() {
        Design design = Design.empty("Grouped");
        design = Recipes.addFigure("design", new Circle(Amount.of(30), Amount.of(24), Amount.of(0)))
                .change()
                .apply(design);
        design = Arranging.group("design", Set.of("circle-1")).change().apply(design);
        String group = design.root().members().get(0).id();
        int at = 0;
        for (Treatment treatment :
                List.of(Turn.of(6), Band.STARTING, Taper.STARTING, Interlace.STARTING, Colouring.STARTING)) {
            design = Recipes.addStep(group, at++, treatment).change().apply(design);
        }
        return Recipes.addFigure("design", new Circle(Amount.of(90), Amount.of(0), Amount.of(0)))
                .change()
                .apply(design);
    }

    private static List<String> over(Group group) {
        return group.recipe().stream()
                .filter(Step::over)
                .map(s -> s.treatment().schema().word())
                .toList();
    }

    @Test
    void castingWithinAGroupKeepsItsWeaveAndTouchesNothingOutsideIt() {
        TestDesk on = new TestDesk(grouped());
        Desk desk = on.desk();
        List<Strand> before =
                on.settled().finished().work().weaves().get(0).weave().strands();
        Group group = (Group) desk.root().members().get(0);
        Member outside = desk.root().members().get(1);
        on.act(() -> new GroupActs(desk).into(group));
        on.act(() -> new Casting(desk).cast());
        assertThat(over(desk.root())).containsExactly("band", "taper", "interlace", "colouring");
        assertThat(desk.root().id()).isEqualTo(group.id());
        assertThat(desk.root().members()).hasSize(2);
        assertThat(desk.root().members().get(0).standing().hidden()).isTrue();
        Group cast = (Group) desk.root().members().get(1);
        assertThat(cast.members()).as("a path for each line, by itself").hasSize(6);
        assertThat(cast.members()).extracting(Member::name).contains("Circle 1", "Circle 6");
        on.act(() -> new GroupActs(desk).out());
        assertThat(desk.root().members().get(1)).isEqualTo(outside);
        assertThat(desk.root().members().get(1).standing().hidden()).isFalse();
        List<Strand> after =
                on.settled().finished().work().weaves().get(0).weave().strands();
        assertThat(after).hasSameSizeAs(before);
        for (int s = 0; s < before.size(); s++) {
            assertThat(after.get(s).path().length())
                    .as("circles as plain paths")
                    .isCloseTo(before.get(s).path().length(), within(0.02));
        }
        on.act(desk::undo);
        assertThat(over((Group) desk.root().members().get(0))).contains("turn");
    }

    /** What three nested arches are made of: cast, one line cut under the pointer, two joined that lie far apart. */
    @Test
    void aCastLineIsCutAloneAndTwoAreJoinedHoweverFar() {
        TestDesk on = new TestDesk(Design.empty("Cast"));
        Desk desk = on.desk();
        on.act(() -> desk.edit(Recipes.addFigure("design", new Circle(Amount.of(30), Amount.of(0), Amount.of(0)))));
        on.act(() -> new RecipeActs(desk).add(Nest.STARTING));
        on.settled();
        on.act(() -> new Casting(desk).cast());
        Group cast = (Group) desk.root().members().get(1);
        assertThat(cast.members()).hasSize(4);
        on.act(() -> new GroupActs(desk).into(cast));
        on.act(() -> new PathActs(desk).cutAt(new Point(0, -29)));
        on.act(() -> desk.look(desk.view().about(null)));
        on.act(() -> new PathActs(desk).cutAt(new Point(0, 25.5)));
        List<Boolean> closed = desk.root().members().stream()
                .map(m -> ((Figure) m).form().paths(null).get(0).closed())
                .toList();
        assertThat(closed).as("the outermost and the second").containsExactly(false, false, true, true);
        Member third = desk.root().members().get(2);
        Set<String> three = Set.of(
                desk.root().members().get(0).id(), desk.root().members().get(1).id(), third.id());
        on.act(() -> desk.look(desk.view().choosing(desk.root().id(), three)));
        on.act(() -> new PathActs(desk).joinEnds(EndJoin.STRAIGHT));
        assertThat(desk.root().members()).hasSize(3).contains(third);
        on.act(desk::undo);
        assertThat(desk.root().members()).hasSize(4);
    }

    @Test
    void aSelectedGroupIsTakenWithAllItsFiguresWovenOrNot() {
        TestDesk on = new TestDesk(grouped());
        Desk desk = on.desk();
        int strands =
                on.settled().finished().work().weaves().get(0).weave().strands().size();
        Member group = desk.root().members().get(0);
        on.act(() -> desk.look(desk.view().choosing("design", Set.of(group.id()))));
        on.act(() -> new RecipeActs(desk).add(Row.STARTING));
        assertThat(desk.root().recipe().get(0).treatment().figures()).isEqualTo("circle-1");
        assertThat(on.settled().finished().work().weaves())
                .as("the woven group four times")
                .hasSize(4)
                .allSatisfy(l -> assertThat(l.weave().strands()).hasSize(strands));
        assertThat(on.settled().finished().work().lines())
                .as("the circle beside it once")
                .hasSize(1);
        assertThat(Taking.takes(desk.root().recipe().get(0), group)).isTrue();
        assertThat(Taking.takes(
                        desk.root().recipe().get(0), desk.root().members().get(1)))
                .isFalse();
    }

    @Test
    void stepsGoWhereTheyBelongAndAreChosenMovedAndRemovedById() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        Desk desk = on.desk();
        RecipeActs acts = new RecipeActs(desk);
        List<String> words = desk.root().recipe().stream()
                .map(s -> s.treatment().schema().word())
                .toList();
        assertThat(words.subList(0, 3)).containsExactly("turn", "band", "interlace");
        on.act(() -> {
            desk.open("set-out");
            desk.look(desk.view().withShuttle(1));
            acts.add(Offset.STARTING);
        });
        assertThat(acts.chosenIndex()).isEqualTo(1);
        String offset = acts.chosen().orElseThrow().id();
        on.act(() -> acts.moveBy(-1));
        assertThat(desk.root().indexOf(offset)).isZero();
        assertThat(acts.chosen().orElseThrow().id()).isEqualTo(offset);
        on.act(() -> acts.moveBy(-1));
        assertThat(desk.root().indexOf(offset)).as("first of all stays so").isZero();
        on.act(acts::pass);
        assertThat(acts.chosen().orElseThrow().over()).isFalse();
        on.act(acts::remove);
        assertThat(desk.root().step(offset)).isEmpty();
        assertThat(acts.chosen()).isEmpty();
        on.act(acts::remove);
        assertThat(on.message()).startsWith("Choose a step of the recipe first");
        // Taper, added while setting out, goes behind the weave's bands and not where the shuttle is.
        on.act(() -> {
            desk.look(desk.view().withShuttle(0));
            acts.add(Taper.STARTING);
        });
        assertThat(acts.chosenIndex()).isGreaterThan(1);
    }

    @Test
    void scalingAllTakesTheWidthsAlongAndScalingFiguresDoesNot() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        Desk desk = on.desk();
        Box was = on.settled().finished().box();
        double width = width(on);
        on.act(() -> new Arrange(desk).scaleAll(2));
        assertThat(on.settled().finished().box().width()).isCloseTo(2 * was.width(), within(1e-6));
        assertThat(width(on)).isCloseTo(2 * width, within(1e-9));
        on.act(() -> new Choosing(desk).all());
        on.act(() -> new Arrange(desk).scale(0.5, Point.ORIGIN));
        assertThat(width(on)).isCloseTo(2 * width, within(1e-9));
        on.act(() -> new Arrange(desk).scale(0, Point.ORIGIN));
        assertThat(on.message()).startsWith("Scale by a number above 0");
    }

    private static double width(TestDesk on) {
        return on.settled()
                .finished()
                .work()
                .weaves()
                .get(0)
                .weave()
                .strands()
                .get(0)
                .width(0);
    }

    @Test
    void copiesArePastedFurtherAsideEachTimeAndRecipesOnWhatIsSelected() {
        TestDesk on = new TestDesk(grouped());
        Desk desk = on.desk();
        CopyActs copies = new CopyActs(on.bench());
        on.act(copies::copy);
        assertThat(on.message()).startsWith("Select a figure first");
        Member circle = desk.root().members().get(1);
        on.act(() -> desk.look(desk.view().choosing("design", Set.of(circle.id()))));
        on.act(() -> {
            copies.copy();
            copies.paste(false);
            copies.paste(false);
            copies.paste(true);
        });
        List<Point> middles = desk.root().members().stream()
                .skip(1)
                .map(m -> Arranging.box(desk.design(), m).centre())
                .toList();
        assertThat(middles).hasSize(4);
        assertThat(middles.get(1).distance(middles.get(0).plus(new Point(5, 5))))
                .isLessThan(1e-6);
        assertThat(middles.get(2).distance(middles.get(0).plus(new Point(10, 10))))
                .isLessThan(1e-6);
        assertThat(middles.get(3).distance(middles.get(0))).isLessThan(1e-6);
        on.act(() -> new GroupActs(desk).into((Group) desk.root().members().get(0)));
        on.act(copies::copyRecipe);
        on.act(() -> new GroupActs(desk).out());
        on.act(() -> desk.look(desk.view().choosing("design", Set.of(circle.id()))));
        on.act(copies::pasteRecipe);
        Group made = (Group) new Chosen(desk).members().get(0);
        assertThat(over(made)).containsExactly("turn", "band", "taper", "interlace", "colouring");
        assertThat(on.settled().finished().work().weaves()).hasSize(2);
    }

    /** Two desks share the clipboard of the computer: what is copied in one is pasted in the other, in its own place first. */
    @Test
    void figuresAndRecipesArePastedInAnotherDesign() throws Exception {
        TestDesk from = new TestDesk(grouped());
        TestDesk to = new TestDesk(Design.empty("Other"));
        String circle = from.desk().root().members().get(1).id();
        from.act(() -> from.desk().look(from.desk().view().choosing("design", Set.of(circle))));
        from.act(new CopyActs(from.bench())::copy);
        CopyActs pasting = new CopyActs(to.bench());
        to.act(() -> {
            pasting.paste(false);
            pasting.paste(false);
        });
        List<Member> members = to.desk().root().members();
        assertThat(members).hasSize(2);
        assertThat(((Figure) members.get(0)).form())
                .isEqualTo(((Figure) from.desk().root().members().get(1)).form());
        Point apart = Arranging.box(to.desk().design(), members.get(1))
                .centre()
                .minus(Arranging.box(to.desk().design(), members.get(0)).centre());
        assertThat(apart.distance(new Point(5, 5))).isLessThan(1e-6);
        to.act(pasting::pasteRecipe);
        assertThat(to.message()).startsWith("No recipe is copied yet");
        from.act(() -> new GroupActs(from.desk())
                .into((Group) from.desk().root().members().get(0)));
        from.act(new CopyActs(from.bench())::copyRecipe);
        to.act(() -> pasting.paste(false));
        assertThat(to.message()).startsWith("What was copied is a recipe");
        to.act(pasting::pasteRecipe);
        assertThat(over((Group) to.desk().root().members().get(1)))
                .containsExactly("turn", "band", "taper", "interlace", "colouring");
        TestDesk.on(() -> {
            ClipboardContent content = new ClipboardContent();
            content.put(DataFormat.lookupMimeType("application/x-hyphantes-design"), ByteBuffer.wrap(new byte[] {'{'}));
            return Clipboard.getSystemClipboard().setContent(content);
        });
        to.act(() -> pasting.paste(false));
        assertThat(to.desk().root().members()).hasSize(2);
        assertThat(to.message()).as("what is damaged is said").isNotBlank().doesNotStartWith("What was copied");
    }

    @Test
    void selectedFiguresAreNamedColouredLockedAndRemoved() {
        TestDesk on = new TestDesk(grouped());
        Desk desk = on.desk();
        Arrange arrange = new Arrange(desk);
        String id = desk.root().members().get(1).id();
        on.act(() -> desk.look(desk.view().choosing("design", Set.of(id))));
        on.act(() -> {
            arrange.rename("Rim");
            arrange.colour("#A4472F");
            arrange.stand("lock");
            arrange.remove();
        });
        assertThat(on.message()).isEqualTo("Locked: unlock it first.");
        Member rim = desk.root().members().get(1);
        assertThat(rim.name()).isEqualTo("Rim");
        assertThat(((Figure) rim).colour()).contains(new Colour("#A4472F"));
        on.act(() -> arrange.colour("mauve-ish"));
        assertThat(on.message()).startsWith("Colours are ");
        on.act(() -> {
            arrange.stand("lock");
            arrange.remove();
        });
        assertThat(desk.root().members()).extracting(Member::id).doesNotContain(id);
    }
}
