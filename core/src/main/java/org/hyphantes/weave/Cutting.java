package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.BandEdge;
import org.hyphantes.geometry.offset.BandOutline;

/**
 * Cuts the bands of a weave into courses: each under-pass takes away the band that lies over, widened on either side by the
 * clearance.
 *
 * <p>The four corners of an under-pass are where the two edges of the band meet the two edges of the widened band over it;
 * edges are exact or fitted parallels, so every outline is made of stretches of them and of nothing else. Where crossings lie so close that
 * three bands share a place, and wherever an edge finds no corner, courses are cut by the subdivision ({@link Sharing}).
 */
final class Cutting {
    private final Projection projection;
    private final Manner manner;
    private final boolean isCrowded;
    private final Sought sought;
    private final List<SharedOut.Pending> pending = new ArrayList<>();
    private final Reaches reaches;
    private final BitSet unfit;
    private final StrandEdges[] edges;
    private final List<Course> courses = new ArrayList<>();
    private final List<Fault> faults = new ArrayList<>();

    /** A place where something is amiss with bands. */
    record Fault(Weave.Trouble.Kind kind, int strand, Point place, List<Integer> meets) {}

    /** @param isRough whether something was left rough */
    record Result(List<Course> courses, List<Fault> faults, boolean isRough) {}

    /** Where a course begins or ends: the passage it dives at, -1 at the end of a strand; and the cut there, null at none. */
    private record Bound(int passage, Underpass cut) {
        static final Bound END = new Bound(-1, null);

        boolean isUnfit() {
            return passage >= 0 && cut == null;
        }
    }

    private Cutting(Projection projection, boolean[] firstOver, Manner manner, Sought sought) {
        this.projection = projection;
        this.manner = manner;
        this.sought = sought;
        this.edges = new StrandEdges[projection.strands().size()];
        this.reaches = new Reaches(projection, firstOver, manner.clearance());
        Crowding crowding = new Crowding(projection, reaches, sought, manner.rough());
        this.unfit = crowding.unfit();
        faults.addAll(crowding.faults());
        this.isCrowded = crowding.isRough();
    }

    /** The courses of a projection, on a cloth those of one tile. */
    static Result anyOf(Projection projection, boolean[] firstOver, Manner manner, Watch watch) {
        return projection
                .lattice()
                .map(l -> TileCourses.of(projection, l, firstOver, manner, watch))
                .orElseGet(() -> of(projection, firstOver, manner, Sought.all(projection.strands()), watch));
    }

    static Result of(Projection projection, boolean[] firstOver, Manner manner, Sought sought, Watch watch) {
        Cutting cutting = new Cutting(projection, firstOver, manner, sought);
        // Where bands are crowded those about share the place, so that it counts where their courses end.
        for (int s = 0; s < projection.strands().size(); s++) {
            watch.step();
            if (s < sought.strands() || projection.passes(s, cutting.unfit)) {
                cutting.strand(s);
            }
        }
        cutting.shareOut();
        cutting.courses.sort(Comparator.comparingInt(Course::strand).thenComparingInt(Course::ordinal));
        boolean isRough = manner.rough() && (cutting.isCrowded || !cutting.pending.isEmpty());
        return new Result(List.copyOf(cutting.courses), List.copyOf(cutting.faults), isRough);
    }

    /** The edges of a strand, found when they are first asked for: most of what lies about a tile is not. */
    private StrandEdges edges(int strand) {
        if (edges[strand] == null) {
            edges[strand] = StrandEdges.of(projection.strands().get(strand), manner.clearance());
        }
        return edges[strand];
    }

    private void strand(int s) {
        Strand strand = projection.strands().get(s);
        Path path = strand.path();
        boolean sound = edges(s).isSound(path, 0, path.size() - 0.5);
        if (!sound && path.size() == 1 && path.curves().get(0) instanceof Arc) {
            faults.add(new Fault(Weave.Trouble.Kind.TOO_WIDE, s, path.start(), List.of()));
        }
        List<Integer> under = new ArrayList<>();
        for (int i = 0; i < projection.passages(s); i++) {
            if (!reaches.isOver(projection.passage(s, i))) {
                under.add(projection.passage(s, i));
            }
        }
        if (under.isEmpty()) {
            whole(s);
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

    /** A strand that goes nowhere under. */
    private void whole(int s) {
        Strand strand = projection.strands().get(s);
        StrandEdges own = edges(s);
        int size = strand.path().size();
        if (!own.isSound(strand.path(), 0, size - 0.5)) {
            for (Region region : strand.band().along(strand.path())) {
                courses.add(new Course(s, 0, 0, size, region, region.borders(), List.of(), List.of()));
            }
            return;
        }
        Path right = own.right().path();
        Path left = own.left().path();
        Region region;
        if (strand.path().closed()) {
            boolean rightOutside = Math.abs(right.signedArea()) > Math.abs(left.signedArea());
            region = new Region(rightOutside ? right : left, List.of(rightOutside ? left : right));
        } else {
            List<Curve> round = new ArrayList<>(right.curves());
            cap(round, right.end(), left.end(), strand);
            round.addAll(left.reversed().curves());
            cap(round, left.start(), right.start(), strand);
            region = Region.of(new Path(round, true));
        }
        List<Path> lines = own.lines().stream().map(BandEdge::path).toList();
        courses.add(new Course(s, 0, 0, size, region, List.of(right, left), lines, List.of()));
    }

    private static void cap(List<Curve> round, Point from, Point to, Strand strand) {
        if (from.distance(to) > 1e-9 * strand.width()) {
            round.addAll(BandOutline.cap(from, to, strand.ends()));
        }
    }

    private Bound cut(int s, int passage, boolean arriving) {
        int o = projection.strand(passage ^ 1);
        double at = projection.position(passage);
        Strand own = projection.strands().get(s);
        Strand other = projection.strands().get(o);
        Point place = projection.meets().get(passage / 2).place();
        Point heading = own.path().tangent(at);
        if (unfit.get(passage) || reaches.endsAt(passage ^ 1)) {
            return new Bound(passage, null);
        }
        double overAt = projection.position(passage ^ 1);
        if (!edges(o).isSound(other.path(), overAt, overAt) || !edges(s).isSound(own.path(), at, at)) {
            return new Bound(passage, null);
        }
        double sense = heading.cross(other.path().tangent(overAt));
        // A strand heading for the right-hand side of the one over it comes from that one's left edge.
        boolean cutLeft = sense < 0 == arriving;
        StrandEdges over = edges(o);
        BandEdge along = cutLeft ? over.clearLeft() : over.clearRight();
        double reach = 1.5 * (own.width() + other.width() + 2 * manner.clearance()) / Math.max(0.1, Math.abs(sense));
        double beside = (cutLeft ? -1 : 1) * (other.width(overAt) / 2 + manner.clearance());
        Point aside = other.path().tangent(overAt).right().times(beside);
        double alongAt = along.beside(other.path(), overAt, place.plus(aside));
        Underpass.Meeting meeting = new Underpass.Meeting(own, at, along, alongAt, place, sense, reach);
        Optional<UnderpassCorner> right = meeting.with(edges(s).right(), 1);
        Optional<UnderpassCorner> left = meeting.with(edges(s).left(), -1);
        // Near a corner of the band over it a band may be cut far off, by an edge that does not lie over it here.
        double far = 2.2 * new Point(reaches.zone(passage), own.width() / 2).length();
        if (right.isEmpty()
                || left.isEmpty()
                || right.get().place().distance(place) > far
                || left.get().place().distance(place) > far) {
            return new Bound(passage, null);
        }
        List<Optional<UnderpassCorner>> lines = new ArrayList<>();
        double[] shares = own.band().shares();
        for (int k = 0; k < edges(s).lines().size(); k++) {
            lines.add(meeting.with(edges(s).lines().get(k), shares[Math.min(k, shares.length - 1)]));
        }
        return new Bound(passage, new Underpass(right.get(), left.get(), lines, along));
    }

    private void course(int s, int ordinal, Bound begin, Bound finish, int lap) {
        Watch.ask();
        Strand strand = projection.strands().get(s);
        Path path = strand.path();
        double a = begin.passage() < 0 ? 0 : projection.position(begin.passage());
        double b = finish.passage() < 0 ? path.size() : projection.position(finish.passage()) + lap;
        if (begin.isUnfit() || finish.isUnfit()) {
            clipped(s, ordinal, begin, finish);
            return;
        }
        StrandEdges own = edges(s);
        Underpass from = begin.cut();
        Underpass to = finish.cut();
        double whole = path.closed() ? path.size() : Double.POSITIVE_INFINITY;
        Optional<double[]> right =
                span(path, own.right(), a, b, from == null ? null : from.right(), to == null ? null : to.right());
        Optional<double[]> left =
                span(path, own.left(), a, b, from == null ? null : from.left(), to == null ? null : to.left());
        if (right.isEmpty() || left.isEmpty() || b - a > whole * (1 + 1e-12) || !own.isSound(path, a, b)) {
            clipped(s, ordinal, begin, finish);
            return;
        }
        List<Curve> ahead = EdgeStretch.of(own.right().path(), right.get()[0], right.get()[1]);
        List<Curve> back = EdgeStretch.of(own.left().path(), left.get()[0], left.get()[1]);
        List<Path> sides =
                List.of(new Path(EdgeStretch.merged(ahead), false), new Path(EdgeStretch.merged(back), false));
        List<Curve> round = new ArrayList<>(ahead);
        if (to == null) {
            cap(
                    round,
                    ahead.get(ahead.size() - 1).end(),
                    back.get(back.size() - 1).end(),
                    strand);
        } else {
            round.addAll(to.across(true));
        }
        for (int i = back.size() - 1; i >= 0; i--) {
            round.add(back.get(i).reversed());
        }
        if (from == null) {
            cap(round, back.get(0).start(), ahead.get(0).start(), strand);
        } else {
            round.addAll(from.across(false));
        }
        Region region = Region.of(new Path(EdgeStretch.merged(round), true));
        List<Dive> dives = new ArrayList<>();
        if (manner.shaded()) {
            if (from != null) {
                dives.add(Dive.of(sides.get(0), sides.get(1), from.across(false), strand.width()));
            }
            if (to != null) {
                dives.add(Dive.of(sides.get(1).reversed(), sides.get(0).reversed(), to.across(true), strand.width()));
            }
        }
        courses.add(new Course(s, ordinal, a, b - lap, region, sides, lines(s, a, b, from, to), dives));
    }

    /** The positions on an edge from one corner to another; empty when nothing lies between them. */
    private static Optional<double[]> span(
            Path path, BandEdge edge, double a, double b, UnderpassCorner from, UnderpassCorner to) {
        int size = edge.path().size();
        double start = from == null ? 0 : from.onEdge();
        double end = to == null ? size : to.onEdge();
        if (path.closed()) {
            // The edge has positions of its own; its laps are counted by those of the path.
            double ahead = edge.about(path, b) - edge.about(path, a);
            end += size * Math.rint((ahead - (end - start)) / size);
            if (end - start >= size * (1 - 1e-12)) {
                return Optional.empty();
            }
        }
        return end - start <= 1e-9 ? Optional.empty() : Optional.of(new double[] {start, end});
    }

    private List<Path> lines(int s, double a, double b, Underpass from, Underpass to) {
        Path path = projection.strands().get(s).path();
        List<Path> lines = new ArrayList<>();
        for (int k = 0; k < edges(s).lines().size(); k++) {
            BandEdge line = edges(s).lines().get(k);
            UnderpassCorner start = from == null ? null : from.lines().get(k).orElse(null);
            UnderpassCorner end = to == null ? null : to.lines().get(k).orElse(null);
            if (from != null && start == null || to != null && end == null) {
                continue;
            }
            Optional<double[]> span = span(path, line, a, b, start, end);
            if (span.isPresent()) {
                lines.add(
                        new Path(EdgeStretch.merged(EdgeStretch.of(line.path(), span.get()[0], span.get()[1])), false));
            }
        }
        return lines;
    }

    /** A course whose edges are not cut one by one. */
    private void clipped(int s, int ordinal, Bound begin, Bound finish) {
        Path path = projection.strands().get(s).path();
        double a = begin.passage() < 0 ? 0 : projection.position(begin.passage());
        double b = finish.passage() < 0 ? path.size() : projection.position(finish.passage());
        if (begin.passage() != finish.passage()
                && Math.abs(Reaches.length(path, a, b))
                        <= 1e-7 * projection.strands().get(s).width()) {
            // Both under-passes are at one place: there is nothing between them.
            return;
        }
        double from = begin.passage() < 0 ? 0 : reaches.along(begin.passage());
        boolean isSought = sought.has(s, from, finish.passage() < 0 ? path.length() : reaches.along(finish.passage()));
        pending.add(new SharedOut.Pending(
                new Sharing.Wanted(s, begin.passage(), isSought, sought.lap(s, from)),
                finish.passage(),
                ordinal,
                a,
                b));
    }

    /** Cuts what was put off, all at once; a course without room gives up its clearance, and is never left out. */
    private void shareOut() {
        if (manner.rough()) {
            courses.addAll(Rough.courses(projection, reaches, pending));
            return;
        }
        List<Sharing.Shared> shared = Sharing.of(
                projection,
                reaches,
                pending.stream().map(SharedOut.Pending::wanted).toList(),
                List.copyOf(courses));
        SharedOut made = new SharedOut(projection, reaches, this::edges, manner.shaded());
        for (int i = 0; i < shared.size(); i++) {
            SharedOut.Pending course = pending.get(i);
            Sharing.Shared got = shared.get(i);
            if (!course.wanted().sought()) {
                continue;
            }
            int s = course.wanted().strand();
            if (!got.room() || !got.isCut()) {
                Point place = got.pieces().isEmpty()
                        ? projection.strands().get(s).path().at(course.begin())
                        : got.pieces().get(0).centroid();
                faults.add(new Fault(Weave.Trouble.Kind.NO_ROOM, s, place, List.of()));
            }
            courses.addAll(made.courses(course, got.pieces()));
        }
    }
}
