package org.hyphantes.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.PieceActs;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Upward;
import org.hyphantes.figure.Wave;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pieces of a frieze that lies along a line, where no map of the plane carries what is bent inwards to what is bent outwards. */
class FriezePiecesTest {
    private static final Circle RING = new Circle(Amount.of(60), Amount.of(0), Amount.of(0));

    private static Form line(double x1, double y1, double x2, double y2) {
        return Drawn.of(List.of(Path.open(new Line(new Point(x1, y1), new Point(x2, y2)))));
    }

    private static Design frieze(Form guide, String group, int cells, Treatment... then) {
        List<Form> forms = List.of(guide, line(-9, -4, 8, 5), line(-10, 3, 10, -1), line(0, 5, 20, 5));
        return frieze(group, cells, forms, then);
    }

    private static Design frieze(String group, int cells, List<Form> forms, Treatment... then) {
        List<Treatment> steps = new ArrayList<>(List.of(Repeat.STARTING
                .with("group", "frieze " + group)
                .with("width", Amount.of(20))
                .with("columns", Amount.of(cells))
                .with("along", "f0")));
        steps.addAll(List.of(then));
        return Trial.design(Material.PRINT, forms, steps.toArray(Treatment[]::new));
    }

    private static Mosaic mosaic(Design design) {
        Artwork artwork = new Resolver().resolve(design);
        assertThat(artwork.faults()).isEmpty();
        return artwork.work().mosaics().get(0).mosaic();
    }

    private static PieceActs acts(Design design) {
        return new PieceActs(
                design, new Resolver().resolve(design).work().mosaics().get(0));
    }

    /** How many pieces belong to classes of each size; whatever is reached must reach the same. */
    private static Map<Integer, Integer> sizes(Design design) {
        PieceActs acts = acts(design);
        List<Set<Integer>> reached = new ArrayList<>();
        int cells = mosaic(design).division().cells().size();
        for (int c = 0; c < cells; c++) {
            reached.add(acts.reached(List.of(c), Reach.EVERY_REPEAT));
        }
        Map<Integer, Integer> sizes = new TreeMap<>();
        for (Set<Integer> all : reached) {
            sizes.merge(all.size(), 1, Integer::sum);
            assertThat(all).as("what they reach").allMatch(r -> reached.get(r).equals(all));
        }
        return sizes;
    }

    /**
     * Round a ring of 20 cells the middle is a piece by itself; all others are reached once a cell for each position of the group that is not the
     * same piece.
     */
    @ParameterizedTest
    @CsvSource({"p11g, 1", "p1m1, 2", "p211, 1", "p2mg, 4", "p11m, 2", "p2mm, 4"})
    void anActReachesEveryCellOfARing(String group, int positions) {
        Map<Integer, Integer> sizes = sizes(frieze(RING, group, 20, Pieces.STARTING));
        assertThat(sizes.remove(1)).isEqualTo(1);
        assertThat(sizes.keySet()).allMatch(size -> size % 20 == 0).contains(20 * positions);
        assertThat(sizes.keySet()).allMatch(size -> size <= 20 * positions);
    }

    /** Corners in odd numbers, where sides without an upright mirror turn about in their middle; with finished weaves too. */
    @ParameterizedTest
    @CsvSource({"3, p211, 18, 30", "5, p11m, 20, 20", "5, p1m1, 30, 15", "3, p11g, 30, 36"})
    void whatIsReachedReachesTheSame(int sides, String group, int divided, int woven) {
        Form guide =
                new Polygon(Amount.of(sides), Amount.of(90), Upward.CORNER, Amount.of(0), Amount.of(0), Amount.of(0));
        Treatment band = Band.of(Amount.of(1.5), Ends.BUTT);
        Treatment weave = Interlace.STARTING.withClearance(0.2);
        assertThat(sizes(frieze(guide, group, 20, Pieces.STARTING))).containsKey(divided);
        assertThat(sizes(frieze(guide, group, 20, band, weave, Pieces.STARTING)))
                .containsKey(woven);
    }

    /** An act by hand is kept by name: with other numbers of cells it is done in all of those. */
    @Test
    void anActHoldsWithOtherNumbersOfCells() {
        Design design = frieze(RING, "p2mg", 20, Pieces.STARTING);
        Division division = mosaic(design).division();
        PieceActs acts = acts(design);
        int cell = 1;
        while (acts.reached(List.of(cell), Reach.EVERY_REPEAT).size() < 80) {
            cell++;
        }
        int beside = division.neighbours(cell).stream()
                .mapToInt(Neighbour::cell)
                .filter(n ->
                        n > 0 && acts.reached(List.of(n), Reach.EVERY_REPEAT).size() == 40)
                .findFirst()
                .orElseThrow();
        Design dropped = acts.drop(List.of(cell), Reach.EVERY_REPEAT)
                .orElseThrow()
                .change()
                .apply(design);
        assertThat(mosaic(dropped).pieces().stream().filter(Tessera::dropped)).hasSize(80);
        Design joined = acts.join(List.of(cell, beside), Reach.EVERY_REPEAT)
                .orElseThrow()
                .change()
                .apply(design);
        for (int cells : new int[] {20, 12}) {
            int lost = mosaic(with(design, "columns", cells)).kept().size()
                    - mosaic(with(dropped, "columns", cells)).kept().size();
            assertThat(lost).isEqualTo(4 * cells);
            Mosaic now = mosaic(with(joined, "columns", cells));
            assertThat(now.waiting()).isEmpty();
            // Two of those that are alike lie beside each of the others, and become one with it.
            assertThat(now.kept().stream().filter(t -> t.cells().size() == 3)).hasSize(2 * cells);
        }
    }

    /** Of lines that run all round, where a piece is told by the crossings along them, those are kept that are there with more cells too. */
    @Test
    void anActHoldsBetweenLinesThatRunAllRound() {
        Wave wave = new Wave(Amount.of(10), Amount.of(270), Amount.of(10), Amount.of(90), Amount.of(1), Amount.of(8));
        Design design = frieze("p2mg", 10, List.of(RING, wave), Pieces.STARTING);
        PieceActs acts = acts(design);
        int cells = mosaic(design).pieces().size();
        assertThat(cells).isGreaterThan(40);
        for (int cell = 1; cell < cells; cell++) {
            Design dropped = acts.drop(List.of(cell), Reach.EVERY_REPEAT)
                    .orElseThrow()
                    .change()
                    .apply(design);
            Mosaic more = mosaic(with(dropped, "columns", 14));
            assertThat(more.waiting()).isEmpty();
            assertThat(more.pieces().stream().filter(Tessera::dropped))
                    .hasSize(acts.reached(List.of(cell), Reach.EVERY_REPEAT).size() * 14 / 10);
        }
    }

    private static Design with(Design design, String slot, int value) {
        var step = design.root().recipe().get(0);
        return design.withRoot(
                design.root().withStep(step.with(((Repeat) step.treatment()).with(slot, Amount.of(value)))));
    }
}
