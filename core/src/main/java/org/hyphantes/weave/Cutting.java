package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Parallel;

/**
 * Cuts the bands of a weave into courses: each under-pass takes away the band that lies over, widened on either side by the
 * clearance.
 *
 * <p>The four corners of an under-pass are where the two edges of the band meet the two edges of the widened band over it;
 * edges are exact parallels, so every outline is made of stretches of them and of nothing else.
 */
final class Cutting {
    private final Diagram diagram;
    private final boolean[] firstOver;
    private final double clearance;
    private final Clipping clipping;
    private final List<Edges> edges = new ArrayList<>();
    private final List<Course> courses = new ArrayList<>();
    private final List<Fault> faults = new ArrayList<>();

    /** A place where a band finds no room: its strand, where, and whether the band is too wide for its own strand. */
    record Fault(int strand, Point place, boolean ownBend) {}

    record Result(List<Course> courses, List<Fault> faults) {}

    /** The parallels of a strand: the edges of its band, and those edges moved out by the clearance. */
    private record Edges(Path right, Path left, Path clearRight, Path clearLeft) {}

    private record Corner(Point place, double onEdge, int overCurve, double overParameter) {}

    /** One side of an under-pass: its two corners and the edge of the widened band between them. */
    private record Cut(Corner right, Corner left, Path along) {}

    /** Where a course begins or ends: the passage it dives at, -1 at the end of a strand; and the cut there, null at none. */
    private record Bound(int passage, Cut cut) {
        static final Bound END = new Bound(-1, null);

        boolean isUnfit() {
            return passage >= 0 && cut == null;
        }
    }

    private Cutting(Diagram diagram, boolean[] firstOver, double clearance) {
        this.diagram = diagram;
        this.firstOver = firstOver;
        this.clearance = clearance;
        this.clipping = new Clipping(diagram, clearance);
    }

    static Result of(Diagram diagram, boolean[] firstOver, double clearance, Watch watch) {
        Cutting cutting = new Cutting(diagram, firstOver, clearance);
        for (Strand strand : diagram.strands()) {
            cutting.edges.add(edges(strand, clearance));
        }
        for (int s = 0; s < diagram.strands().size(); s++) {
            watch.step();
            cutting.strand(s);
        }
        return new Result(List.copyOf(cutting.courses), List.copyOf(cutting.faults));
    }

    private static Edges edges(Strand strand, double clearance) {
        double half = strand.width() / 2;
        Optional<Path> right = Parallel.of(strand.path(), half);
        Optional<Path> left = Parallel.of(strand.path(), -half);
        if (right.isEmpty() || left.isEmpty()) {
            return null;
        }
        // A clearance that shrinks away inside a tight ring leaves the band's own edge to cut along.
        return new Edges(
                right.get(),
                left.get(),
                Parallel.of(strand.path(), half + clearance).orElse(right.get()),
                Parallel.of(strand.path(), -half - clearance).orElse(left.get()));
    }

    private boolean passesOver(int passage) {
        return firstOver[passage / 2] ^ passage % 2 == 1;
    }

    private void strand(int s) {
        Strand strand = diagram.strands().get(s);
        Path path = strand.path();
        if (edges.get(s) == null && path.curves().stream().noneMatch(Cubic.class::isInstance)) {
            faults.add(new Fault(s, path.start(), true));
            return;
        }
        List<Integer> under = new ArrayList<>();
        for (int i = 0; i < diagram.passages(s); i++) {
            if (!passesOver(diagram.passage(s, i))) {
                under.add(diagram.passage(s, i));
            }
        }
        if (under.isEmpty()) {
            for (Region region : BandOutline.regions(path, strand.width(), strand.ends())) {
                courses.add(new Course(s, 0, 0, path.size(), region, sides(s, region)));
            }
            return;
        }
        Bound[] arriving = new Bound[under.size()];
        Bound[] leaving = new Bound[under.size()];
        for (int i = 0; i < under.size(); i++) {
            arriving[i] = cut(s, under.get(i), true);
            leaving[i] = cut(s, under.get(i), false);
        }
        int n = under.size();
        if (!path.closed()) {
            course(s, 0, Bound.END, arriving[0], 0);
        }
        for (int i = 0; i < n; i++) {
            int next = i + 1 == n ? 0 : i + 1;
            if (path.closed()) {
                course(s, i, leaving[i], arriving[next], next == 0 ? path.size() : 0);
            } else {
                course(s, i + 1, leaving[i], next == 0 ? Bound.END : arriving[next], 0);
            }
        }
    }

    private List<Path> sides(int s, Region whole) {
        return edges.get(s) == null
                ? whole.borders()
                : List.of(edges.get(s).right(), edges.get(s).left());
    }

    private Bound cut(int s, int passage, boolean arriving) {
        int o = diagram.strand(passage ^ 1);
        double at = diagram.position(passage);
        if (edges.get(o) == null || edges.get(s) == null) {
            return new Bound(passage, null);
        }
        Path over = diagram.strands().get(o).path();
        double overAt = diagram.position(passage ^ 1);
        Point heading = diagram.strands().get(s).path().tangent(at);
        boolean toRight = heading.cross(over.tangent(overAt)) < 0;
        // A strand heading for the right-hand side of the one over it comes from that one's left edge.
        Path along =
                toRight == arriving ? edges.get(o).clearLeft() : edges.get(o).clearRight();
        Point place = diagram.meets().get(passage / 2).place();
        Optional<Corner> right = corner(edges.get(s).right(), at, along, overAt, place);
        Optional<Corner> left = corner(edges.get(s).left(), at, along, overAt, place);
        if (right.isEmpty() || left.isEmpty()) {
            return new Bound(passage, null);
        }
        return new Bound(passage, new Cut(right.get(), left.get(), along));
    }

    private Optional<Corner> corner(Path edge, double at, Path along, double overAt, Point place) {
        int i = edge.index(at);
        int j = along.index(overAt);
        Optional<Corner> here = corner(edge, i, along, j, place);
        if (here.isPresent() || edge.size() == 1 && along.size() == 1) {
            return here;
        }
        Optional<Corner> nearest = Optional.empty();
        for (int di = -1; di <= 1; di++) {
            for (int dj = -1; dj <= 1; dj++) {
                Optional<Corner> other = corner(edge, i + di, along, j + dj, place);
                if (other.isPresent()
                        && (nearest.isEmpty()
                                || other.get().place().distance(place)
                                        < nearest.get().place().distance(place))) {
                    nearest = other;
                }
            }
        }
        return nearest;
    }

    private static Optional<Corner> corner(Path edge, int i, Path along, int j, Point place) {
        int ei = edge.closed() ? Math.floorMod(i, edge.size()) : i;
        int aj = along.closed() ? Math.floorMod(j, along.size()) : j;
        if (ei < 0 || ei >= edge.size() || aj < 0 || aj >= along.size()) {
            return Optional.empty();
        }
        Curve own = edge.curves().get(ei);
        Curve other = along.curves().get(aj);
        Optional<Point> found = Parallel.carriersMeet(own, other, place);
        if (found.isEmpty()) {
            return Optional.empty();
        }
        double t = parameter(own, found.get());
        double u = parameter(other, found.get());
        // The band over may end just beside the crossing; its edge is then taken to run on.
        boolean runsOn = !along.closed() && (aj == 0 && u < 0.5 || aj == along.size() - 1 && u > 0.5);
        if (t < -1e-12 || t > 1 + 1e-12 || !runsOn && (u < -1e-12 || u > 1 + 1e-12)) {
            return Optional.empty();
        }
        return Optional.of(new Corner(found.get(), ei + Math.max(0, Math.min(1, t)), aj, u));
    }

    /** The parameter of a point on a curve's carrier, below 0 before its start and above 1 beyond its end. */
    private static double parameter(Curve curve, Point p) {
        return curve.as(
                line -> {
                    Point along = line.end().minus(line.start());
                    return p.minus(line.start()).dot(along) / along.dot(along);
                },
                arc -> {
                    double t = arc.parameter(p);
                    double turn = 2 * Math.PI / Math.abs(arc.sweep());
                    return t > (1 + turn) / 2 ? t - turn : t;
                },
                cubic -> cubic.nearest(p));
    }

    private void course(int s, int ordinal, Bound begin, Bound finish, int lap) {
        Strand strand = diagram.strands().get(s);
        Path path = strand.path();
        int size = path.size();
        double a = begin.passage() < 0 ? 0 : diagram.position(begin.passage());
        double b = finish.passage() < 0 ? size : diagram.position(finish.passage()) + lap;
        if (begin.isUnfit() || finish.isUnfit()) {
            clipped(s, ordinal, begin, finish);
            return;
        }
        Cut from = begin.cut();
        Cut to = finish.cut();
        double rightA = from == null ? 0 : unwound(from.right().onEdge(), a, path);
        double leftA = from == null ? 0 : unwound(from.left().onEdge(), a, path);
        double rightB = to == null ? size : unwound(to.right().onEdge(), b, path);
        double leftB = to == null ? size : unwound(to.left().onEdge(), b, path);
        double whole = path.closed() ? size : Double.POSITIVE_INFINITY;
        if (rightB <= rightA || leftB <= leftA || rightB - rightA >= whole || leftB - leftA >= whole) {
            clipped(s, ordinal, begin, finish);
            return;
        }
        Edges own = edges.get(s);
        List<Curve> round = new ArrayList<>(stretch(own.right(), rightA, rightB));
        Point rightEnd = round.get(round.size() - 1).end();
        List<Curve> back = stretch(own.left(), leftA, leftB);
        List<Path> sides = List.of(new Path(merged(round), false), new Path(merged(back), false));
        if (to == null) {
            round.addAll(BandOutline.cap(rightEnd, own.left().end(), strand.ends()));
        } else {
            round.addAll(across(to, true));
        }
        for (int i = back.size() - 1; i >= 0; i--) {
            round.add(back.get(i).reversed());
        }
        if (from == null) {
            round.addAll(BandOutline.cap(own.left().start(), own.right().start(), strand.ends()));
        } else {
            round.addAll(across(from, false));
        }
        Region region = Region.of(new Path(merged(round), true));
        courses.add(new Course(s, ordinal, a, b - lap, region, sides));
    }

    /** A course whose edges are not cut one by one; one of which nothing is left is a fault. */
    private void clipped(int s, int ordinal, Bound begin, Bound finish) {
        Path path = diagram.strands().get(s).path();
        double a = begin.passage() < 0 ? 0 : diagram.position(begin.passage());
        double b = finish.passage() < 0 ? path.size() : diagram.position(finish.passage());
        Optional<Clipping.Clipped> clipped = clipping.course(s, begin.passage(), finish.passage());
        clipped.ifPresent(c -> courses.add(
                new Course(s, ordinal, a, b, c.region(), List.of(c.region().outline()))));
        if (clipped.isEmpty() || !clipped.get().hasRoom()) {
            faults.add(new Fault(s, path.at(a), false));
        }
    }

    /** The position on a closed path moved by whole laps to within half a lap of another. */
    private static double unwound(double position, double near, Path path) {
        if (!path.closed()) {
            return position;
        }
        double size = path.size();
        return position + size * Math.rint((near - position) / size);
    }

    private static List<Curve> stretch(Path edge, double from, double to) {
        if (!edge.closed()) {
            return edge.part(from, to);
        }
        double size = edge.size();
        double a = from - size * Math.floor(from / size);
        double b = to - size * Math.floor(to / size);
        return edge.part(a, b);
    }

    /** The curves with stretches of one circle that follow on one another made one, as when an edge runs through its start. */
    private static List<Curve> merged(List<Curve> curves) {
        List<Curve> result = new ArrayList<>();
        for (Curve curve : curves) {
            int last = result.size() - 1;
            if (last >= 0
                    && curve instanceof Arc b
                    && result.get(last) instanceof Arc a
                    && a.centre().equals(b.centre())
                    && a.radius() == b.radius()
                    && a.sweep() * b.sweep() > 0) {
                result.set(last, new Arc(a.centre(), a.radius(), a.from(), a.sweep() + b.sweep()));
            } else {
                result.add(curve);
            }
        }
        return result;
    }

    private static List<Curve> across(Cut cut, boolean rightToLeft) {
        Corner a = rightToLeft ? cut.right() : cut.left();
        Corner b = rightToLeft ? cut.left() : cut.right();
        Curve along = cut.along().curves().get(a.overCurve());
        if (a.overCurve() == b.overCurve()) {
            if (along instanceof Arc arc) {
                double turn = 2 * Math.PI / Math.abs(arc.sweep());
                double ahead = b.overParameter() - a.overParameter();
                ahead -= turn * Math.rint(ahead / turn);
                return List.of(arc.part(a.overParameter(), a.overParameter() + ahead));
            }
            return List.of(new Line(a.place(), b.place()));
        }
        return shortWay(
                cut.along(), a.overCurve() + clamp(a.overParameter()), b.overCurve() + clamp(b.overParameter()));
    }

    private static List<Curve> shortWay(Path path, double a, double b) {
        double size = path.size();
        double ahead = path.closed() ? b - a - size * Math.rint((b - a) / size) : b - a;
        if (ahead > 0) {
            return path.part(a, b);
        }
        List<Curve> back = new ArrayList<>();
        List<Curve> forth = path.part(b, a);
        for (int i = forth.size() - 1; i >= 0; i--) {
            back.add(forth.get(i).reversed());
        }
        return back;
    }

    private static double clamp(double t) {
        return Math.max(0, Math.min(1, t));
    }
}
