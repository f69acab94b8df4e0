package org.hyphantes.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Point;
import org.hyphantes.piece.PieceAct;
import org.hyphantes.piece.PieceEdit;
import org.hyphantes.piece.PieceName;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.CrossingReference;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.StrandKey;
import org.junit.jupiter.api.Test;

/** What is taken from a design and laid into it or another. */
class ExcerptTest {
    private static final Pin PIN = new Pin(
            new CrossingReference(new StrandKey("a", List.of(0)), new StrandKey("b", List.of(1)), 0),
            true,
            Reach.THIS_ONE);

    private static Circle circle(double radius) {
        return new Circle(Amount.of(radius), Amount.of(0), Amount.of(0));
    }

    private static Net net(double step) {
        return new Net(Net.Pattern.SQUARE, Amount.of(step), Amount.of(5), Amount.of(8));
    }

    /** The piece within the second circle and the first, as turned. */
    private static final PieceEdit LEFT_OUT = new PieceEdit(
            PieceAct.DROP, List.of(new PieceName(List.of("a@0 + b#0 b#1", "b + a@0#0 a@0#1"))), Reach.EVERY_TURN);

    /** Two circles in a group whose recipe turns one of them, pins a crossing of both and drops a piece; seat is worked out of rim. */
    private static Design source() throws CannotRead {
        Turn turn = Turn.of(4);
        turn = turn.schema().put(turn, "figures", "a");
        Group pair = new Group(
                "pair",
                "Pair",
                List.of(new Figure("a", "Circle", circle(10)), new Figure("b", "Circle 2", circle(20))),
                List.of(
                        new Step(true, turn),
                        new Step(true, Interlace.STARTING.withPins(List.of(PIN))),
                        new Step(true, Pieces.STARTING.withEdits(List.of(LEFT_OUT)))));
        Design design = Design.empty("Source").withRoot(new Group("design", "Source", List.of(pair), List.of()));
        return sized(
                design.withMeasure("rim", "40").withMeasure("seat", "rim / 2").withMeasure("other", "7"), "seat + 1");
    }

    private static Design sized(Design design, String radius) throws CannotRead {
        Form form = (Form) circle(10)
                .schema()
                .read(circle(10), "radius", radius, design.scope())
                .value();
        return design.change(
                "pair",
                g -> g.withMembers(List.of(
                        ((Figure) g.members().get(0)).withForm(form),
                        g.members().get(1))));
    }

    private static Design pasted(Design into, Excerpt excerpt) {
        return excerpt.into("design", new Point(10, 0)).change().apply(into);
    }

    @Test
    void copiesHaveIdsAndNamesOfTheirOwnAndTheirRecipeFollowsThem() throws CannotRead {
        Design source = source();
        Design twice = pasted(source, Excerpt.of(source, source.root().members()));
        assertThat(twice.root().members()).extracting(Member::name).containsExactly("Pair", "Pair 2");
        Group copy = (Group) twice.root().members().get(1);
        List<String> ids = copy.members().stream().map(Member::id).toList();
        assertThat(ids).doesNotContain("a", "b").doesNotHaveDuplicates();
        assertThat(copy.recipe().get(0).treatment().figures()).isEqualTo(ids.get(0));
        Pin pin = ((Interlace) copy.recipe().get(1).treatment()).pins().get(0);
        assertThat(pin.place().first().figure()).isEqualTo(ids.get(0));
        assertThat(pin.place().second().figure()).isEqualTo(ids.get(1));
        assertThat(pin.place().second().copies()).containsExactly(1);
        PieceEdit edit = ((Pieces) copy.recipe().get(2).treatment()).edits().get(0);
        assertThat(edit.pieces().get(0).text().replace(ids.get(0), "a").replace(ids.get(1), "b"))
                .isEqualTo(LEFT_OUT.pieces().get(0).text());
        assertThat(edit.pieces()).isNotEqualTo(LEFT_OUT.pieces());
        assertThat(((Figure) copy.members().get(1)).form().centre().distance(new Point(10, 0)))
                .isLessThan(1e-9);
    }

    /** The measures that a size names come with it, and stay live; those of the other design are not touched. */
    @Test
    void measuresComeWithTheFiguresThatNameThem() throws CannotRead {
        Design source = source();
        Design bare =
                pasted(Design.empty("Other"), Excerpt.of(source, source.root().members()));
        assertThat(bare.measures()).containsOnlyKeys("rim", "seat");
        assertThat(radius(bare.withMeasure("rim", "60"))).isCloseTo(31, within(1e-12));
        Design rimmed = pasted(
                Design.empty("Rimmed").withMeasure("rim", "9"),
                Excerpt.of(source, source.root().members()));
        assertThat(rimmed.measures().get("seat")).as("half of another rim").isEqualTo(Amount.of(20));
        assertThat(radius(rimmed)).isCloseTo(21, within(1e-12));
        Design full = Design.empty("Full").withMeasure("seat", "5");
        Design other = pasted(full, Excerpt.of(source, source.root().members()));
        assertThat(other.measures().get("seat")).isEqualTo(Amount.of(5));
        assertThat(radius(other)).as("as large as it was").isCloseTo(21, within(1e-12));
        assertThat(radius(other.withMeasure("seat", "9"))).as("a number now").isCloseTo(21, within(1e-12));
    }

    /** A square of the net is another length on another net. */
    @Test
    void whatIsMeasuredInSquaresStaysAsLargeOnAnotherNet() throws CannotRead {
        Design net = sized(source().withNet(net(4)), "3 sq");
        Design laid = pasted(
                Design.empty("Other").withUnit(Unit.CM).withNet(net(10)),
                Excerpt.of(net, net.root().members()));
        assertThat(radius(laid)).isCloseTo(12, within(1e-12));
    }

    private static double radius(Design design) {
        Group group = (Group) design.root().members().get(0);
        Form form = ((Figure) group.members().get(0)).form();
        return ((Amount) form.schema().value(form, "radius")).value();
    }

    /** A recipe that took one figure takes all of another group, which has not that figure. */
    @Test
    void aRecipeIsLaidOnOtherGroups() throws CannotRead {
        Design source = source();
        Excerpt recipe = Excerpt.ofRecipe(source, source.group("pair").orElseThrow());
        Design grouped = Arranging.group("design", Set.of("c"))
                .change()
                .apply(Design.empty("Other")
                        .withRoot(new Group(
                                "design", "Other", List.of(new Figure("c", "Circle", circle(5))), List.of())));
        Design laid = recipe.recipeOn(Set.of("group-1")).change().apply(grouped);
        List<Step> steps = laid.group("group-1").orElseThrow().recipe();
        assertThat(steps).extracting(Step::title).containsExactly("Turn", "Interlace", "Pieces");
        assertThat(steps.get(0).treatment().figures()).isEqualTo("every figure");
        assertThat(laid.measures()).isEqualTo(Map.of());
    }
}
