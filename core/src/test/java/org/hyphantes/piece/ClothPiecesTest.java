package org.hyphantes.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.PieceActs;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pieces of a cloth go round its seams as one, and end at its edge. */
class ClothPiecesTest {
    private static Design cloth(RepeatGroup group, double radius, Treatment... then) {
        List<Treatment> steps = new ArrayList<>(List.of(Repeat.STARTING
                .with("group", Entry.word(group))
                .with("width", Amount.of(40))
                .with("height", Amount.of(34))
                .with("columns", Amount.of(3))
                .with("rows", Amount.of(2))));
        steps.addAll(List.of(then));
        Circle circle = new Circle(Amount.of(radius), Amount.of(7), Amount.of(63));
        return Trial.design(Material.PRINT, List.of(circle), steps.toArray(Treatment[]::new));
    }

    private static Inlay inlay(Design design) {
        Artwork artwork = new Resolver().resolve(design);
        assertThat(artwork.faults()).isEmpty();
        return artwork.work().mosaics().get(0);
    }

    /** Circles so large that no place is outside all of them: the pieces fill the cloth, neither more nor less. */
    @ParameterizedTest
    @EnumSource(value = RepeatGroup.class, mode = EnumSource.Mode.MATCH_NONE, names = "FRIEZE_.*")
    void piecesFillTheClothUpToItsEdge(RepeatGroup group) {
        Mosaic mosaic = inlay(cloth(group, 29, Pieces.STARTING)).mosaic();
        double area = mosaic.kept().stream().mapToDouble(Tessera::area).sum();
        double high = group.cell() == RepeatGroup.Cell.SQUARE
                ? 40
                : group.cell() == RepeatGroup.Cell.HEXAGONAL ? 40 * Math.sqrt(3) / 2 : 34;
        assertThat(area).isCloseTo(3 * 40 * 2 * high, within(1e-6 * area));
    }

    /** Whatever is done to one piece is done to its copy in every tile, at the seams as well; and with a wider reach in every place of the group. */
    @Test
    void anActIsDoneInEveryTile() {
        Design design = cloth(RepeatGroup.P4, 17, Pieces.STARTING);
        Inlay inlay = inlay(design);
        PieceActs acts = new PieceActs(design, inlay);
        double period = 40;
        for (int cell = 0; cell < inlay.mosaic().pieces().size(); cell++) {
            Set<Integer> tiles = acts.reached(List.of(cell), Reach.THIS_ONE);
            Set<Integer> all = acts.reached(List.of(cell), Reach.EVERY_REPEAT);
            assertThat(all).containsAll(tiles);
            List<Cell> cells = inlay.mosaic().division().cells();
            assertThat(all.stream().map(c -> cells.get(c).ring()).distinct()).hasSize(1);
            // Of the 3 by 2 tiles that are seen each shows all of it, or parts of it at opposite sides.
            assertThat(tiles.size()).isBetween(6, 12);
            assertThat(all.size()).isBetween(6, 48);
            var place = inlay.mosaic().division().cells().get(cell).place();
            for (int other : tiles) {
                var apart = inlay.mosaic().division().cells().get(other).place().minus(place);
                assertThat(Math.abs(apart.x() / period - Math.rint(apart.x() / period)))
                        .isLessThan(1e-6);
                assertThat(Math.abs(apart.y() / period - Math.rint(apart.y() / period)))
                        .isLessThan(1e-6);
            }
        }
        Artwork artwork = new Resolver().resolve(design);
        assertThat(Inspection.of(design, artwork).reading("seam").text()).isEqualTo("pieces as one");
        // Dropped by hand, with all turns of it: what is left is less by the same in every tile.
        Mosaic before = inlay.mosaic();
        Design dropped =
                acts.drop(List.of(0), Reach.EVERY_REPEAT).orElseThrow().change().apply(design);
        Mosaic after = inlay(dropped).mosaic();
        assertThat(after.kept())
                .hasSize(before.kept().size()
                        - acts.reached(List.of(0), Reach.EVERY_REPEAT).size());
        // The name holds in a cloth of other size.
        Step step = dropped.root().recipe().get(0);
        Design wider = dropped.withRoot(
                dropped.root().withStep(step.with(((Repeat) step.treatment()).with("columns", Amount.of(5)))));
        assertThat(inlay(wider).mosaic().waiting()).isEmpty();
        assertThat(inlay(wider).mosaic().pieces().stream().filter(Tessera::dropped))
                .isNotEmpty();
    }

    /** Of a cloth some of whose figures are divided the others stay lines, and none beyond what is seen of it is laid. */
    @Test
    void whatIsNotDividedStaysAsItWas() {
        Design all = cloth(RepeatGroup.P1, 24);
        Circle other = new Circle(Amount.of(3), Amount.of(0), Amount.of(0));
        Repeat repeat = (Repeat) all.root().recipe().get(0).treatment();
        Pieces some = Pieces.STARTING.schema().put(Pieces.STARTING, "figures", "f0");
        Circle first = new Circle(Amount.of(24), Amount.of(7), Amount.of(63));
        Artwork before = new Resolver().resolve(Trial.design(Material.PRINT, List.of(first, other), repeat));
        Artwork after = new Resolver().resolve(Trial.design(Material.PRINT, List.of(first, other), repeat, some));
        assertThat(after.work().lines().stream().map(l -> l.key().figure()).distinct())
                .containsExactly("f1");
        assertThat(after.work().lines()).hasSize((int) before.spread().lines().stream()
                .filter(l -> l.key().figure().equals("f1"))
                .count());
    }

    /** A woven cloth is divided too: without clearance bands and the grounds between them fill it. */
    @Test
    void bandsAndTheirGroundsFillAClothToo() {
        Treatment weave = Interlace.STARTING.withClearance(0);
        Mosaic mosaic = inlay(cloth(RepeatGroup.P1, 24, Band.of(Amount.of(2), Ends.BUTT), weave, Pieces.STARTING))
                .mosaic();
        double whole = mosaic.pieces().stream()
                .flatMap(p -> p.whole().stream())
                .mapToDouble(r -> r.area())
                .sum();
        assertThat(whole).isCloseTo(3 * 40 * 2 * 34, within(1e-6 * whole));
    }
}
