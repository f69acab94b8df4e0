package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Breaks;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Seated;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Surroundings;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Rhythm;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/** The edits that mend what gauges find in a weave. */
final class Mends {
    private static final double PART = 0.5;
    private static final int MOST_TRIED = 4;

    private Mends() {}

    /** A width cut down to a tenth of a millimetre, or to three figures where it is small. */
    static double cutDown(double width) {
        double unit = width >= 1 ? 0.1 : Math.pow(10, Math.floor(Math.log10(width)) - 2);
        return Math.rint(Math.floor(width / unit + 1e-9) * unit * 1e9) / 1e9;
    }

    /** Sets the width of the bands that a strand bears; empty where no single step does that. */
    static Optional<Mend> width(Design design, Laying laying, Strand strand, double width, String word) {
        Optional<Step> step = bandStep(design, laying, strand.key());
        if (step.isEmpty() || !(width > 0.01)) {
            return Optional.empty();
        }
        String length = Numerals.length(width, design.unit());
        return Optional.of(new Mend(
                word + " the band to " + length,
                "Band now " + length + ".",
                (d, watch) -> banded(d, laying, step.get().id(), width)));
    }

    private static Design banded(Design design, Laying laying, String step, double width) {
        return design.change(
                laying.group(),
                g -> g.step(step)
                        .filter(s -> s.treatment() instanceof Band)
                        .map(s -> g.withStep(s.with(((Band) s.treatment()).withWidth(width))))
                        .orElse(g));
    }

    /** The last step before the weave that gives a strand an even band. */
    static Optional<Step> bandStep(Design design, Laying laying, StrandKey key) {
        Optional<Group> group = design.group(laying.group());
        if (group.isEmpty()) {
            return Optional.empty();
        }
        List<Step> recipe = group.get().recipe();
        for (int i = group.get().indexOf(laying.step()) - 1; i >= 0; i--) {
            if (recipe.get(i).over()
                    && recipe.get(i).treatment() instanceof Band band
                    && (band.lines().equals(Surroundings.EVERY_LINE)
                            || band.lines().equals(key.figure()))) {
                return Optional.of(recipe.get(i));
            }
        }
        return Optional.empty();
    }

    /** Moves or resizes a figure by half a millimetre, whichever way does away with a trouble. */
    static Optional<Mend> part(Design design, Laying laying, Strand strand, Weave.Trouble.Kind kind) {
        String id = strand.key().figure();
        Optional<Figure> figure = seated(design, laying, id);
        String by = Numerals.length(PART, Unit.MM);
        return figure.map(f -> new Mend(
                "Draw them apart or through by " + by,
                f.name() + " changed by " + by + ".",
                (d, watch) -> new Trying(watch).fewest(d, moved(d, laying, id, PART), kind)));
    }

    /** A figure in hand whose place is a matter of its settings. */
    static Optional<Figure> seated(Design design, Laying laying, String id) {
        return design.group(laying.group()).flatMap(g -> g.figure(id)).filter(f -> f.form() instanceof Seated);
    }

    /** The design with a figure changed in each of its lengths by so much (mm), one way and the other. */
    static List<Design> moved(Design design, Laying laying, String id, double by) {
        Form form = design.group(laying.group())
                .flatMap(g -> g.figure(id))
                .map(Figure::form)
                .orElseThrow();
        List<Design> moved = new ArrayList<>();
        for (String key : form.schema().keys()) {
            if (form.schema().isLength(key)) {
                for (double more : new double[] {-by, by}) {
                    double value = ((Amount) form.schema().value(form, key)).value() + more;
                    if (value > 0 || key.equals("out")) {
                        Form changed = (Form) form.schema().put(form, key, Amount.of(value));
                        moved.add(new Subject.OfFigure(laying.group(), id).put(design, changed));
                    }
                }
            }
        }
        return moved;
    }

    /** Removes a figure that lies on another. */
    static Optional<Mend> keepOne(Design design, Laying laying, Strand strand) {
        String id = strand.key().figure();
        Optional<Group> group = design.group(laying.group());
        if (group.isEmpty()
                || group.get().members().size() < 2
                || group.get().figure(id).isEmpty()) {
            return Optional.empty();
        }
        String name = group.get().figure(id).orElseThrow().name();
        return Optional.of(Mend.of(
                "Take " + name + " out",
                new Edit(
                        name + " taken out.",
                        d -> d.change(
                                laying.group(),
                                g -> g.withMembers(g.members().stream()
                                        .filter(m -> !m.id().equals(id))
                                        .toList())))));
    }

    static Mend rhythm(Laying laying) {
        return new Mend(
                "Weave alternately",
                "Woven alternately.",
                (d, watch) -> d.change(
                        laying.group(),
                        g -> g.step(laying.step())
                                .map(s ->
                                        g.withStep(s.with(((Interlace) s.treatment()).withRhythm(Rhythm.ALTERNATELY))))
                                .orElse(g)));
    }

    /** Breaks one of the crossings that contradict one another, whichever leaves the fewest contradictions. */
    static Optional<Mend> breakOne(Design design, Laying laying, List<Integer> meets) {
        List<Integer> wholes = meets.stream()
                .limit(MOST_TRIED)
                .map(laying.weave().origins()::whole)
                .filter(whole -> whole >= 0)
                .toList();
        if (wholes.isEmpty()) {
            return Optional.empty();
        }
        // What comes of each break is worked out when it is wanted: there may be many snags, and while a hand drags.
        return Optional.of(new Mend(
                "Break one of these crossings", "A crossing broken, so that the rhythm can be kept.", (d, watch) -> {
                    List<Design> tries = new ArrayList<>();
                    for (int whole : wholes) {
                        for (Point stroke : List.of(new Point(1, 0), new Point(0, 1))) {
                            tries.add(Breaks.stroke(design, laying, whole, stroke, Reach.THIS_ONE)
                                    .change()
                                    .apply(d));
                        }
                    }
                    return new Trying(watch).fewest(d, tries, Weave.Trouble.Kind.CANNOT_ALTERNATE);
                }));
    }

    /** Closes a drawn path whose ends lie close together. */
    static Optional<Mend> close(Design design, Laying laying, Strand strand) {
        String id = strand.key().figure();
        Optional<Figure> figure = design.group(laying.group()).flatMap(g -> g.figure(id));
        if (figure.isEmpty()
                || !(figure.get().form() instanceof Drawn drawn)
                || drawn.paths().size() != 1) {
            return Optional.empty();
        }
        Path open = drawn.paths().get(0);
        List<Curve> curves = new ArrayList<>(open.curves());
        if (!open.start().equals(open.end())) {
            curves.add(new Line(open.end(), open.start()));
        }
        Form closed = Drawn.of(List.of(new Path(curves, true)));
        return Optional.of(Mend.of(
                "Close it",
                new Edit(
                        figure.get().name() + " closed.",
                        d -> new Subject.OfFigure(laying.group(), id).put(d, closed))));
    }
}
