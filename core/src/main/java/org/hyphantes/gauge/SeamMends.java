package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Ended;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.seam.SeamMark;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.Joining;

/** Mends of what does not go on at a seam: the end of a figure is moved. */
final class SeamMends {
    private final Group group;
    private final Cloth cloth;
    private final Work tile;

    private SeamMends(Group group, Cloth cloth, Work tile) {
        this.group = group;
        this.cloth = cloth;
        this.tile = tile;
    }

    static Optional<Mend> of(Design design, SeamMark mark) {
        if (design.root().last(Repeat.class).isEmpty()) {
            return Optional.empty();
        }
        return switch (mark.kind()) {
            case OUT ->
                Optional.of(new Mend(
                        "Draw the ends together",
                        "The ends meet.",
                        (d, watch) -> moved(d, mark.place(), mark.partner(), watch)));
            case UNANSWERED ->
                Optional.of(new Mend(
                        "Let it cross the seam",
                        "It goes on across the seam.",
                        (d, watch) -> moved(d, mark.place(), null, watch)));
            default -> Optional.empty();
        };
    }

    /** A design with the end at a place moved to another; with none to where its own start lies in a tile nearby. */
    private static Design moved(Design design, Point from, Point to, Watch watch) {
        Group root = design.root();
        Optional<Step> step = root.last(Repeat.class);
        if (step.isEmpty()) {
            return design;
        }
        Cloth cloth = ((Repeat) step.get().treatment()).cloth();
        Work tile = new Resolver()
                .resolve(design, root.upTo(root.indexOf(step.get().id()) + 1), watch)
                .work();
        return new SeamMends(root, cloth, tile).moved(design, from, to);
    }

    private Design moved(Design design, Point from, Point to) {
        Lattice lattice = cloth.lattice();
        List<Affine> maps = cloth.tiling().tile(cloth.closes(), cloth.closesDown());
        for (Laid line : tile.lines()) {
            Optional<Figure> figure = group.figure(line.key().figure());
            for (boolean last : new boolean[] {true, false}) {
                Point end = last ? line.path().end() : line.path().start();
                if (line.path().closed()
                        || figure.isEmpty()
                        || line.key().copies().size() != 1
                        || lattice.apart(end, from) > Joining.MEETING) {
                    continue;
                }
                Point goal = to == null ? beyond(line.path(), last) : end.plus(to.minus(from));
                Affine map = maps.get(line.key().outermost());
                Optional<Form> form = ended(figure.get().form(), map, end, goal);
                if (form.isPresent()) {
                    return new Subject.OfFigure(group.id(), figure.get().id()).put(design, form.get());
                }
            }
        }
        return design;
    }

    /** Where a line ends that goes on as from its other end: the nearest such place beyond. */
    private Point beyond(Path path, boolean last) {
        Point end = last ? path.end() : path.start();
        Point other = last ? path.start() : path.end();
        Point parts = cloth.lattice().parts(end.minus(other));
        double across = Math.rint(parts.x());
        double down = cloth.isStrip() ? 0 : Math.rint(parts.y());
        if (across == 0 && down == 0) {
            across = Math.abs(parts.x()) >= Math.abs(parts.y()) ? Math.signum(parts.x()) : 0;
            down = across == 0 ? Math.signum(parts.y()) : 0;
        }
        return other.plus(cloth.lattice().at(across, down));
    }

    /** A form whose end, laid by a map and any number of tiles, lies at another place; empty for one that has no ends to be moved. */
    private Optional<Form> ended(Form form, Affine map, Point from, Point to) {
        if (form instanceof Ended ended) {
            if (isThere(map.of(ended.start()), from)) {
                return Optional.of(ended.ended(moved(ended.start(), map, from, to), ended.end()));
            }
            return isThere(map.of(ended.end()), from)
                    ? Optional.of(ended.ended(ended.start(), moved(ended.end(), map, from, to)))
                    : Optional.empty();
        }
        if (form instanceof Drawn drawn) {
            List<Path> paths = new ArrayList<>(drawn.paths());
            for (int i = 0; i < paths.size(); i++) {
                Path path = paths.get(i);
                for (int point : new int[] {0, path.size()}) {
                    Point there = point == 0 ? path.start() : path.end();
                    if (!path.closed() && isThere(map.of(there), from)) {
                        paths.set(i, Reshaping.moved(path, point, moved(there, map, from, to)));
                        return Optional.of(Drawn.of(paths));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private boolean isThere(Point laid, Point place) {
        return cloth.lattice().apart(laid, place) <= 2 * Joining.MEETING;
    }

    private static Point moved(Point end, Affine map, Point from, Point to) {
        return end.plus(map.inverse().ofDirection(to.minus(from)));
    }
}
