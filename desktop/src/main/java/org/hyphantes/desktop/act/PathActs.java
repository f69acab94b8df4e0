package org.hyphantes.desktop.act;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.EndJoin;
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

    /** Joins ends that lie close together; when none do, the nearest two, however far, also of two figures. */
    public void joinEnds(EndJoin by) {
        if (!chosen.isSomething()) {
            return;
        }
        List<Figure> figures = chosen.members().stream()
                .filter(m -> m instanceof Figure && !m.standing().locked())
                .map(Figure.class::cast)
                .toList();
        List<Path> paths = figures.stream()
                .flatMap(f -> f.form().paths(desk.design().page().pageBox()).stream())
                .toList();
        List<Path> close = PathEnds.joined(paths, CLOSE);
        Optional<List<Path>> joined = close.equals(paths) ? by.nearest(paths) : Optional.of(close);
        if (joined.isEmpty()) {
            desk.warn("There are no two open ends here to join; select open paths.");
            return;
        }
        // Figures no line of which was joined stay what they are.
        List<Path> lines = new ArrayList<>(joined.get());
        List<Figure> touched = new ArrayList<>();
        for (Figure figure : figures) {
            List<Path> own = figure.form().paths(desk.design().page().pageBox());
            if (joined.get().containsAll(own)) {
                own.forEach(lines::remove);
            } else {
                touched.add(figure);
            }
        }
        Figure first = touched.get(0);
        Set<String> others = new LinkedHashSet<>();
        touched.subList(1, touched.size()).forEach(f -> others.add(f.id()));
        Figure one = first.reshaped(Drawn.of(lines));
        String words = close.equals(paths)
                ? "The nearest ends joined by " + by.words() + "."
                : "Ends nearer than 0.5 mm joined.";
        desk.edit(new Edit(
                words,
                d -> d.change(
                        chosen.group(),
                        g -> g.withMembers(g.members().stream()
                                .filter(m -> !others.contains(m.id()))
                                .map(m -> m.id().equals(first.id()) ? one : m)
                                .toList()))));
        desk.look(desk.view().keeping(chosen.group(), Set.of(first.id())));
    }

    public void extend() {
        List<Path> others = desk.resolved().setOut().spread().lines().stream()
                .filter(l -> !chosen.ids().contains(l.key().figure()))
                .map(org.hyphantes.treatment.Laid::path)
                .toList();
        reshape(
                paths -> paths.stream()
                        .map(p -> PathEnds.extended(p, others, 1e4).orElse(p))
                        .toList(),
                "Ends run on to what they meet.");
    }

    /** Cuts the line that comes nearest to a place there: of what is selected, or of all when nothing is. */
    public void cutAt(Point place) {
        Figure nearest = null;
        int line = -1;
        double least = Double.POSITIVE_INFINITY;
        for (Member member : chosen.ids().isEmpty() ? desk.root().members() : chosen.members()) {
            if (member instanceof Figure figure && !member.standing().locked()) {
                List<Path> paths = lines(figure);
                for (int i = 0; i < paths.size(); i++) {
                    double distance =
                            paths.get(i).at(paths.get(i).nearest(place)).distance(place);
                    if (distance < least) {
                        least = distance;
                        nearest = figure;
                        line = i;
                    }
                }
            }
        }
        if (nearest == null) {
            desk.warn("There is no line here to cut; a locked one is unlocked first, and Alt+Down leads into a group.");
            return;
        }
        List<Path> kept = new ArrayList<>(lines(nearest));
        Path whole = kept.remove(line);
        List<Path> pieces = PathEnds.cut(whole, whole.nearest(place));
        kept.add(line, pieces.get(0));
        Figure now = nearest.reshaped(Drawn.of(kept));
        if (pieces.size() == 1) {
            desk.edit(replaced(now, List.of(now), now.name() + " is cut."));
            desk.look(desk.view().keeping(chosen.group(), Set.of(now.id())));
        } else {
            apart(now, pieces.subList(1, pieces.size()));
        }
    }

    /** What a cut has parted is a figure by itself, so that it can be moved and removed; undo is the way back, not what it was. */
    private void apart(Figure first, List<Path> others) {
        List<Figure> parts = new ArrayList<>();
        parts.add(
                new Figure(first.id(), first.name(), first.form(), first.standing(), Optional.empty(), first.colour()));
        String name = Arranging.freshName(desk.root(), first.name());
        String id = desk.design().freshId("path");
        parts.add(new Figure(id, name, Drawn.of(others), first.standing(), Optional.empty(), first.colour()));
        desk.edit(replaced(first, parts, first.name() + " is cut in two: " + first.name() + " and " + name + "."));
        desk.look(desk.view().choosing(chosen.group(), Set.of(id)));
    }

    /** A figure with others in its place. */
    private Edit replaced(Figure figure, List<Figure> others, String words) {
        return new Edit(
                words,
                d -> d.change(
                        chosen.group(),
                        g -> g.withMembers(g.members().stream()
                                .flatMap(m -> m.id().equals(figure.id()) ? others.stream() : Stream.of(m))
                                .toList())));
    }

    private List<Path> lines(Figure figure) {
        return figure.form().paths(desk.design().page().pageBox()).stream()
                .map(Reshaping::withPoints)
                .toList();
    }

    public void whole() {
        reshape(paths -> paths.stream().map(p -> PathEnds.whole(p).orElse(p)).toList(), "The half made whole.");
    }
}
