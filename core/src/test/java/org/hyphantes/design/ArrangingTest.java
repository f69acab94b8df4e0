package org.hyphantes.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.figure.Star;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Laid;
import org.junit.jupiter.api.Test;

class ArrangingTest {
    private static Figure circle(String id, double radius, double x, double y) {
        return new Figure(
                id,
                id.toUpperCase(java.util.Locale.ROOT),
                Circle.STARTING.between(new Point(x, y), new Point(x, y - radius), false));
    }

    private static final Design DESIGN = Design.empty("Trial")
            .withRoot(new Group(
                    "design",
                    "Trial",
                    List.of(circle("a", 5, 0, 0), circle("b", 10, 30, 7), circle("c", 2, 100, -4)),
                    List.of()));

    private static Design after(Design design, Edit... edits) {
        Design changed = design;
        for (Edit edit : edits) {
            changed = edit.change().apply(changed);
        }
        return changed;
    }

    private static List<String> ids(Design design) {
        return design.root().members().stream().map(Member::id).toList();
    }

    private static Point at(Design design, String id) {
        return design.root().figure(id).orElseThrow().form().centre();
    }

    @Test
    void figuresAreMovedTurnedAndScaledUnlessTheyAreLocked() {
        Edit move = Arranging.carry("design", Set.of("a", "b"), Affine.shift(new Point(3, 4)), "Moved.");
        Design moved = after(DESIGN, move);
        assertThat(at(moved, "a").distance(new Point(3, 4))).isLessThan(1e-9);
        assertThat(at(moved, "c")).isEqualTo(at(DESIGN, "c"));
        Edit lock = Arranging.stand("design", Set.of("a"), s -> s.withLocked(true), "Locked.");
        assertThat(at(after(DESIGN, lock, move), "a").length()).isLessThan(1e-9);
        assertThat(ids(after(DESIGN, lock, Arranging.remove("design", Set.of("a", "b")))))
                .containsExactly("a", "c");
        Design larger =
                after(DESIGN, Arranging.carry("design", Set.of("b"), Affine.scale(2, new Point(30, 7)), "Scaled."));
        assertThat(((Circle) larger.root().figure("b").orElseThrow().form()).radius())
                .isEqualTo(Amount.of(20));
    }

    @Test
    void figuresAreAlignedAndSpread() {
        Set<String> all = Set.of("a", "b", "c");
        Design aligned = after(
                DESIGN,
                Arranging.align(DESIGN, "design", all, Arranging.Side.BOTTOM, new Box(-105, -148.5, 105, 148.5)));
        for (Member member : aligned.root().members()) {
            assertThat(Arranging.box(aligned, member).bottom()).isCloseTo(148.5, within(1e-9));
        }
        Design spread = after(DESIGN, Arranging.spread(DESIGN, "design", all, true));
        Box a = Arranging.box(spread, spread.root().members().get(0));
        Box b = Arranging.box(spread, spread.root().members().get(1));
        Box c = Arranging.box(spread, spread.root().members().get(2));
        assertThat(b.left() - a.right()).isCloseTo(c.left() - b.right(), within(1e-9));
        assertThat(a.left()).isEqualTo(-5);
        assertThat(c.right()).isCloseTo(102, within(1e-9));
    }

    @Test
    void theOrderIsChangedByOneOrAllTheWay() {
        assertThat(ids(after(DESIGN, Arranging.order("design", Set.of("a"), true, false))))
                .containsExactly("b", "a", "c");
        assertThat(ids(after(DESIGN, Arranging.order("design", Set.of("a"), true, true))))
                .containsExactly("b", "c", "a");
        assertThat(ids(after(DESIGN, Arranging.order("design", Set.of("b", "c"), false, false))))
                .containsExactly("b", "c", "a");
        assertThat(ids(after(DESIGN, Arranging.order("design", Set.of("c"), false, true))))
                .containsExactly("c", "a", "b");
    }

    @Test
    void figuresAreGroupedUngroupedAndNamed() {
        Design grouped = after(DESIGN, Arranging.group("design", Set.of("a", "b")));
        assertThat(ids(grouped)).containsExactly("group-1", "c");
        assertThat(((Group) grouped.root().members().get(0)).members()).hasSize(2);
        assertThat(after(grouped, Arranging.ungroup("design", Set.of("group-1"))))
                .isEqualTo(DESIGN);
        Design named = after(grouped, Arranging.rename("design", "group-1", "Border"));
        assertThat(named.root().members().get(0).name()).isEqualTo("Border");
    }

    /** Helpers and what is hidden never reach the result, but can still be referred to. */
    @Test
    void helpersAreNoPartOfTheResult() {
        Design helped = after(DESIGN, Arranging.stand("design", Set.of("b"), s -> s.withHelper(true), "A helper."));
        assertThat(new Resolver().resolve(helped).work().lines())
                .extracting(Laid::key)
                .extracting(k -> k.figure())
                .containsExactly("a", "c");
        assertThat(Resolver.helpers(helped.root(), helped.page().pageBox(), Watch.NONE))
                .hasSize(1);
        Design turned = after(
                helped,
                Recipes.addStep("design", 0, org.hyphantes.treatment.Turn.of(4).withAbout("b")));
        assertThat(new Resolver().resolve(turned).work().lines().get(1).seat().distance(new Point(30, 7)))
                .isCloseTo(new Point(30, 7).length(), within(1e-9));
        Design grouped = after(
                DESIGN,
                Arranging.group("design", Set.of("a", "b")),
                Arranging.stand("design", Set.of("group-1"), s -> s.withHelper(true), "A helper."));
        assertThat(Resolver.helpers(grouped.root(), grouped.page().pageBox(), Watch.NONE))
                .hasSize(2);
        assertThat(new Resolver().resolve(grouped).scene().flat()).hasSize(1);
        Design hidden = after(DESIGN, Arranging.stand("design", Set.of("b"), s -> s.withHidden(true), "Hidden."));
        assertThat(new Resolver().resolve(hidden).scene().flat()).hasSize(2);
    }

    @Test
    void aReshapedFigureRemembersWhatItWas() {
        Design star = after(DESIGN, Recipes.addFigure("design", Star.STARTING));
        String id = star.root().members().get(3).id();
        Design bent = after(
                star,
                Arranging.reshape(
                        star,
                        "design",
                        Set.of(id),
                        paths -> paths.stream()
                                .map(p -> Reshaping.everySideBent(p, 0.1))
                                .toList(),
                        "Bent."));
        assertThat(bent.root().figure(id).orElseThrow().form()).isInstanceOf(Drawn.class);
        assertThat(bent.root().figure(id).orElseThrow().was()).contains(Star.STARTING);
        assertThat(after(bent, Arranging.asItWas("design", Set.of(id)))).isEqualTo(star);
    }
}
