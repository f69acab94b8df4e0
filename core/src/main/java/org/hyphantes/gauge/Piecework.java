package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Design;
import org.hyphantes.design.PieceActs;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.measure.InscribedDisc;
import org.hyphantes.geometry.measure.Narrowest;
import org.hyphantes.piece.FreeEnd;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Neighbour;
import org.hyphantes.piece.Tessera;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Within;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Reach;

/** What gauges measure on the pieces of a mosaic: the narrowest, those that a joint leaves nothing of, lines that stop short, acts that wait. */
final class Piecework {
    private static final double NEARLY = 1.25;
    private static final int MOST_ALIKE = 12;

    /** Of so many rings one piece is measured; its siblings are like it. */
    private static final int MOST_RINGS = 200;

    private final Design design;
    private final Inlay inlay;
    private final Mosaic mosaic;
    private final List<Snag> snags = new ArrayList<>();
    private double narrowest = Double.POSITIVE_INFINITY;

    private Piecework(Design design, Inlay inlay) {
        this.design = design;
        this.inlay = inlay;
        this.mosaic = inlay.mosaic();
    }

    /** The narrowest width (mm) of a piece, infinite without one, and the snags. */
    record Measured(double narrowest, List<Snag> snags) {}

    static Measured of(Design design, Inlay inlay, boolean measured) {
        try {
            return measured(design, inlay, measured);
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException e) {
            // Nothing may be called whole unseen.
            return new Measured(
                    Double.POSITIVE_INFINITY,
                    List.of(Snag.of(
                            NarrowestGauge.WORD,
                            State.BROKEN,
                            null,
                            "These pieces cannot be measured: move one of the figures a little.")));
        }
    }

    private static Measured measured(Design design, Inlay inlay, boolean measured) {
        Piecework work = new Piecework(design, inlay);
        work.nothing();
        work.freeEnds();
        work.waiting();
        work.gone(measured);
        work.cramped();
        if (measured) {
            work.widths();
        }
        return new Measured(work.narrowest, work.snags);
    }

    /** Steps that divide and could not, for there was too much, or nothing that is not in pieces already. */
    static List<Snag> undone(Design design, Work work) {
        List<Step> steps = design.root().recipe();
        return steps.stream()
                .filter(s -> s.over() && s.treatment() instanceof Pieces && work.size() > 0)
                .filter(s -> work.mosaics().stream().noneMatch(m -> m.step().equals(s.id())))
                // What is cut to a figure afterwards is told to be of that step.
                .filter(s -> steps.subList(steps.indexOf(s), steps.size()).stream()
                        .noneMatch(later -> later.over() && later.treatment() instanceof Within))
                .map(s -> Snag.of(
                                StrandsGauge.WORD,
                                State.BROKEN,
                                null,
                                s.title() + " is not done: what stands before it "
                                        + (work.mosaics().isEmpty()
                                                ? "meets more than " + Projection.MOST_MEETINGS
                                                        + " times. Lay less of it."
                                                : "is in pieces already. Move it before the step that cut them."))
                        .mended(Mend.of(
                                "Pass " + s.title() + " under",
                                Recipes.pass(design, design.root().id(), s.id()))))
                .toList();
    }

    private String length(double millimetres) {
        return Numerals.length(millimetres, design.unit());
    }

    private Point placed(Point place) {
        return inlay.placed().of(place);
    }

    private String name(String figure) {
        return design.group(inlay.group()).map(g -> g.names().get(figure)).orElse("A line");
    }

    private void nothing() {
        if (mosaic.pieces().isEmpty()) {
            snags.add(Snag.of(
                            StrandsGauge.WORD,
                            State.BROKEN,
                            null,
                            "These lines enclose nothing, so no piece is left of them: close them first.")
                    .mended(step().map(p ->
                            Mend.of("Pass Pieces under", Recipes.pass(design, inlay.group(), inlay.step())))));
        }
    }

    private void freeEnds() {
        for (FreeEnd end :
                mosaic.division().freeEnds().stream().limit(MOST_ALIKE).toList()) {
            int number = mosaic.pieces().get(mosaic.pieceOf(end.cell())).number();
            snags.add(Snag.of(
                            StrandsGauge.WORD,
                            State.CHIPPED,
                            placed(end.place()),
                            name(end.line().figure()) + " ends " + length(Math.rint(end.shortBy() * 100) / 100)
                                    + " inside piece " + number + " and does not divide it.")
                    .mended(RunOn.of(design, inlay, end)));
        }
    }

    private void waiting() {
        int count = mosaic.waiting().size();
        if (count > 0) {
            snags.add(Snag.of(
                    StrandsGauge.WORD,
                    State.CHIPPED,
                    null,
                    count == 1
                            ? "1 act on pieces has no place now: no piece is bounded as that was. It comes back with it."
                            : count + " acts on pieces have no place now: no pieces are bounded as those were."
                                    + " They come back with them."));
        }
    }

    private void gone(boolean measured) {
        List<Tessera> gone = mosaic.pieces().stream().filter(Tessera::isGone).toList();
        if (gone.isEmpty()) {
            return;
        }
        Tessera first = gone.get(0);
        // Siblings are as wide as one another. What would leave something is not looked for while something is dragged.
        Set<Integer> rings = new HashSet<>();
        double least = gone.stream()
                .filter(p -> measured && rings.add(p.ring()))
                .sorted(Comparator.comparingDouble(p -> p.whole().get(0).area()))
                .limit(MOST_ALIKE)
                .mapToDouble(p -> InscribedDisc.of(p.whole().get(0)).radius())
                .min()
                .orElse(0);
        double joint = least > 0 ? Mends.cutDown(1.6 * least) : 0;
        String more = gone.size() > 1 ? ", and " + (gone.size() - 1) + " more." : ".";
        Optional<Mend> mend = step().filter(s -> joint > 0)
                .map(p -> Mend.of(
                        "Joint " + length(joint),
                        Recipes.set(
                                inlay.group(), inlay.step(), p.withJoint(joint), "Joint of " + length(joint) + ".")));
        snags.add(Snag.of(
                        NarrowestGauge.WORD,
                        State.BROKEN,
                        placed(mosaic.division()
                                .cells()
                                .get(first.cells().get(0))
                                .inner()),
                        "The joint leaves nothing of piece " + first.number() + more)
                .mended(mend));
    }

    private void cramped() {
        List<Tessera> cramped =
                mosaic.pieces().stream().filter(p -> p.cramped() > 0).toList();
        if (!cramped.isEmpty()) {
            Tessera first = cramped.get(0);
            String by = step().map(s -> " of " + length(s.rounding().value())).orElse("");
            snags.add(Snag.of(
                    NarrowestGauge.WORD,
                    State.CHIPPED,
                    placed(InscribedDisc.of(first.shapes().get(0)).centre()),
                    Numerals.counted(first.cramped(), "corner") + " of piece " + first.number()
                            + (cramped.size() > 1 ? ", and of " + (cramped.size() - 1) + " more," : "")
                            + " have no room for a rounding" + by + " and stay as they are: make it smaller."));
        }
    }

    private Optional<Pieces> step() {
        return design.group(inlay.group())
                .flatMap(g -> g.step(inlay.step()))
                .map(s -> s.treatment())
                .filter(Pieces.class::isInstance)
                .map(Pieces.class::cast);
    }

    private void widths() {
        double limit = design.making().narrowest().value();
        Set<Integer> rings = new HashSet<>();
        int told = 0;
        for (Tessera piece : mosaic.pieces()) {
            if (piece.dropped() || piece.isGone() || rings.size() >= MOST_RINGS || !rings.add(piece.ring())) {
                continue;
            }
            for (Region shape : piece.shapes()) {
                Watch.ask();
                double across = Narrowest.of(shape).distance();
                narrowest = Math.min(narrowest, across);
                if (across < NEARLY * limit && told++ < MOST_ALIKE) {
                    snags.add(Snag.of(
                                    NarrowestGauge.WORD,
                                    across < limit ? State.BROKEN : State.CHIPPED,
                                    placed(InscribedDisc.of(shape).centre()),
                                    "Piece " + piece.number() + " is " + length(Math.rint(across * 100) / 100)
                                            + " across, limit " + length(limit) + ".")
                            .mended(joining(piece)));
                }
            }
        }
    }

    /** Joins a piece to the neighbour that it shares most of its edge with. */
    private Optional<Mend> joining(Tessera piece) {
        int cell = piece.cells().get(0);
        Optional<Neighbour> longest = mosaic.division().neighbours(cell).stream()
                .filter(n -> !piece.cells().contains(n.cell())
                        && !mosaic.pieces().get(mosaic.pieceOf(n.cell())).dropped())
                .max(java.util.Comparator.comparingDouble(Neighbour::length));
        PieceActs acts = new PieceActs(design, inlay);
        Reach wanted = step().map(Pieces::reach).orElse(Reach.THIS_ONE);
        // A piece that the turns leave where it is would take in every one of its neighbours.
        Reach reach = acts.reached(List.of(cell), wanted).size() == 1 ? Reach.THIS_ONE : wanted;
        return longest.flatMap(n -> acts.join(List.of(cell, n.cell()), reach))
                .map(edit -> Mend.of("Join it to its longest neighbour", edit));
    }
}
