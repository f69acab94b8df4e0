package org.hyphantes.desktop.act;

import java.util.List;
import java.util.function.UnaryOperator;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Figure;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.figure.PathEnds;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** Makes paths of what is selected, and changes them: bent, joined, extended, cut, made whole, or back to what they were. */
public final class PathActs {
    private static final double CLOSE = 0.5;

    private final Desk desk;
    private final Chosen chosen;

    public PathActs(Desk desk) {
        this.desk = desk;
        this.chosen = new Chosen(desk);
    }

    /** Makes paths of the figures that are selected, to be changed point by point; {@link #back} makes them again what they were. */
    public void reshape() {
        reshape(
                paths -> paths.stream().map(Reshaping::withPoints).toList(),
                "A path now: drag its points and sides. The word restore makes it what it was.");
    }

    public void reshape(UnaryOperator<List<Path>> change, String words) {
        if (chosen.isSomething()) {
            if (chosen.members().stream().noneMatch(Figure.class::isInstance)) {
                desk.warn("A group has no points; select a figure in it.");
                return;
            }
            chosen.keep(Arranging.reshape(desk.design(), chosen.group(), chosen.ids(), change, words));
        }
    }

    /** Bends every side alike, by a share of its length. */
    public void bend(double share) {
        if (Math.abs(share) > 2) {
            desk.warn("Bend by a share of each side, from -2 to 2, such as 0.1.");
            return;
        }
        reshape(
                paths -> paths.stream()
                        .map(p -> Reshaping.everySideBent(Reshaping.withPoints(p), share))
                        .toList(),
                "Every side bent by " + share + " of its length.");
    }

    public void back() {
        if (!chosen.isSomething()) {
            return;
        }
        if (chosen.members().stream()
                .noneMatch(m -> m instanceof Figure f && f.was().isPresent())) {
            desk.warn("It has not been reshaped, so there is nothing to go back to.");
            return;
        }
        chosen.keep(Arranging.asItWas(chosen.group(), chosen.ids()));
    }

    public void joinEnds() {
        reshape(paths -> PathEnds.joined(paths, CLOSE), "Ends nearer than 0.5 mm joined.");
    }

    public void extend() {
        List<Path> others = desk.resolved().setOut().work().lines().stream()
                .filter(l -> !chosen.ids().contains(l.key().figure()))
                .map(org.hyphantes.treatment.Laid::path)
                .toList();
        reshape(
                paths -> paths.stream()
                        .map(p -> PathEnds.extended(p, others, 1e4).orElse(p))
                        .toList(),
                "Ends run on to what they meet.");
    }

    /** Cuts the paths that are selected where they come nearest to a place. */
    public void cutAt(Point place) {
        reshape(
                paths -> paths.stream()
                        .flatMap(p ->
                                PathEnds.cut(
                                        Reshaping.withPoints(p),
                                        Reshaping.withPoints(p).nearest(place))
                                        .stream())
                        .toList(),
                "Cut.");
    }

    public void whole() {
        reshape(paths -> paths.stream().map(p -> PathEnds.whole(p).orElse(p)).toList(), "The half made whole.");
    }
}
