package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.figure.Drawn;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.piece.FreeEnd;
import org.hyphantes.treatment.Inlay;

/** Runs lines that stop short on to the edge of the piece that they are to divide, all of a figure at once. */
final class RunOn {
    /** An end of a figure as it is drawn, and of a line laid for it, are one when they are nearer than this (mm). */
    private static final double SAME = 1e-6;

    private RunOn() {}

    /** What runs on the figure whose line ends there; empty where it was laid by more than copies, or would meet nothing. */
    static Optional<Mend> of(Design design, Inlay inlay, FreeEnd end) {
        Optional<Figure> figure = design.group(inlay.group()).stream()
                .flatMap(g -> g.members().stream())
                .filter(m -> m.id().equals(end.line().figure()) && !m.standing().locked())
                .filter(Figure.class::isInstance)
                .map(Figure.class::cast)
                .findFirst();
        return figure.flatMap(f -> {
            List<FreeEnd> ends = inlay.mosaic().division().freeEnds().stream()
                    .filter(e -> e.line().figure().equals(f.id()))
                    .sorted(Comparator.comparingDouble(e -> e.place().distance(end.place())))
                    .toList();
            List<Path> paths = new ArrayList<>();
            for (Path path : f.form().paths(design.page().pageBox())) {
                paths.add(
                        path.closed()
                                ? path
                                : run(run(path, ends).reversed(), ends).reversed());
            }
            return paths.equals(f.form().paths(design.page().pageBox()))
                    ? Optional.empty()
                    : Optional.of(Mend.of("Run it on", changed(inlay.group(), f.reshaped(Drawn.of(paths)))));
        });
    }

    private static Edit changed(String group, Figure now) {
        return new Edit(
                now.name() + " runs on to the edge.",
                d -> d.change(
                        group,
                        g -> g.withMembers(g.members().stream()
                                .map(m -> m.id().equals(now.id()) ? now : m)
                                .toList())));
    }

    /** A path run on at its end, if that is one of those that stop short. */
    private static Path run(Path path, List<FreeEnd> ends) {
        Optional<Point> onto = ends.stream()
                .filter(e -> e.place().distance(path.end()) < SAME)
                .findFirst()
                .flatMap(FreeEnd::onto);
        if (onto.isEmpty()) {
            return path;
        }
        List<Curve> curves = new ArrayList<>(path.curves());
        Curve last = curves.get(curves.size() - 1);
        if (last instanceof Line line) {
            curves.set(curves.size() - 1, new Line(line.start(), onto.get()));
        } else {
            curves.add(new Line(path.end(), onto.get()));
        }
        return new Path(curves, false);
    }
}
