package org.hyphantes.known;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Net;
import org.hyphantes.design.Resolver;
import org.hyphantes.figure.Ended;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Turn;
import org.hyphantes.treatment.Work;

/** All known points of a design as it is set out. Places that coincide are one point, known by what matters most. */
public final class KnownPoints {
    /** More crossings than this are not sought out: no hand could tell them apart. */
    private static final int MOST_CROSSINGS = 6_000;

    private static final int MOST_LINES = 1_500;

    private final List<KnownPoint> all = new ArrayList<>();
    private final Set<List<Long>> taken = new HashSet<>();
    private final Net net;
    private final double grid;

    private KnownPoints(Net net, double grid) {
        this.net = net;
        this.grid = grid;
    }

    /**
     * The known points of a group.
     *
     * @param setOut the lines of the group as set out, its turns done
     */
    public static KnownPoints of(Design design, Group group, Work setOut, Watch watch) {
        Map<String, String> names = new HashMap<>();
        for (Member member : group.members()) {
            names.put(member.id(), member.name());
        }
        List<Laid> lines = new ArrayList<>(setOut.lines());
        lines.addAll(Resolver.helpers(group, design.page().pageBox(), watch));
        Box box = Box.round(lines.stream().map(l -> l.path().box()).toList())
                .with(design.page().box());
        KnownPoints known = new KnownPoints(design.net(), 1e-6 * Math.max(box.width(), box.height()));
        known.add(Point.ORIGIN, PointKind.CENTRES, "the centre", List.of());
        known.centres(group, lines, names);
        if (lines.size() <= MOST_LINES) {
            Map<Path, String> words = new LinkedHashMap<>();
            for (Laid line : lines) {
                words.putIfAbsent(line.path(), words(line, names));
            }
            Map<Path, String> spokes = spokes(group, box);
            words.forEach(known::along);
            spokes.forEach(words::putIfAbsent);
            known.crossings(words, spokes.keySet(), watch);
        }
        known.page(design.page().box());
        return known;
    }

    /** A figure by its name, a copy of it by its number. */
    private static String words(Laid line, Map<String, String> names) {
        String name = names.getOrDefault(line.key().figure(), "a line");
        int copy = line.key().outermost();
        return copy == 0 ? name : "copy " + (copy + 1) + " of " + name;
    }

    private static Map<Path, String> spokes(Group group, Box box) {
        Map<Path, String> spokes = new LinkedHashMap<>();
        Optional<Turn> turn = group.lastOf(Turn.class);
        if (turn.isPresent() && turn.get().count() > 1 && turn.get().count() <= 60) {
            Turn of = turn.get();
            double reach = Math.hypot(box.width(), box.height());
            Point centre = group.members().stream()
                    .filter(m -> m instanceof Figure && m.id().equals(of.about()))
                    .map(m -> ((Figure) m).form().centre())
                    .findFirst()
                    .orElse(Point.ORIGIN);
            for (int k = 0; k < of.count(); k++) {
                Point end = centre.plus(Point.polar(reach, of.start().value() + k * of.step()));
                spokes.put(Path.open(new Line(centre, end)), "spoke " + k);
            }
        }
        return spokes;
    }

    private void add(Point place, PointKind kind, String words, List<Path> causes) {
        long x = (long) Math.rint(place.x() / (8 * grid));
        long y = (long) Math.rint(place.y() / (8 * grid));
        if (taken.add(List.of(x, y))) {
            all.add(new KnownPoint(place, kind, words, causes));
        }
    }

    private void centres(Group group, List<Laid> lines, Map<String, String> names) {
        // A line or a wave has a middle, but no centre.
        Set<String> centreless = new HashSet<>();
        for (Member member : group.members()) {
            if (member instanceof Figure figure && figure.form() instanceof Ended) {
                centreless.add(figure.id());
            } else if (member instanceof Figure figure && !figure.standing().hidden()) {
                add(figure.form().centre(), PointKind.CENTRES, "centre of " + figure.name(), List.of());
            }
        }
        for (Laid line : lines) {
            if (!centreless.contains(line.key().figure())) {
                add(line.seat(), PointKind.CENTRES, "centre of " + words(line, names), List.of(line.path()));
            }
        }
    }

    private void along(Path path, String name) {
        List<Path> cause = List.of(path);
        int n = path.size();
        boolean whole = n == 1 && path.curves().get(0) instanceof Arc arc && arc.isWhole();
        if (!path.closed()) {
            add(path.start(), PointKind.ENDS, "start of " + name, cause);
            add(path.end(), PointKind.ENDS, "end of " + name, cause);
        }
        for (int i = path.closed() ? 0 : 1; i < n && !whole; i++) {
            if (isCorner(path, i)) {
                add(path.curves().get(i).start(), PointKind.CORNERS, "corner " + (i + 1) + " of " + name, cause);
            }
        }
        double length = path.length();
        for (int q = 0; q < 4; q++) {
            if (whole || !path.closed() && q > 0) {
                String words = q == 2 && !whole ? "middle of " : q == 0 ? "start of " : q + " of 4 quarters along ";
                add(path.at(path.positionAt(q * length / 4)), PointKind.QUARTERS, words + name, cause);
            }
        }
        for (int i = 0; i < n && n > 1 && n <= 400; i++) {
            add(path.curves().get(i).at(0.5), PointKind.MIDDLES, "middle of side " + (i + 1) + " of " + name, cause);
        }
    }

    private static boolean isCorner(Path path, int i) {
        Curve before = path.curves().get(i == 0 ? path.size() - 1 : i - 1);
        return Math.abs(before.tangent(1).cross(path.curves().get(i).tangent(0))) > 1e-3
                || before.tangent(1).dot(path.curves().get(i).tangent(0)) < 0;
    }

    private void crossings(Map<Path, String> words, Set<Path> spokes, Watch watch) {
        List<Path> paths = new ArrayList<>(words.keySet());
        if (paths.size() < 2) {
            return;
        }
        Tolerance tolerance =
                Tolerance.of(Box.round(paths.stream().map(Path::box).toList()));
        Optional<List<PathMeeting>> meetings = PathMeetings.of(paths, tolerance, MOST_CROSSINGS, watch);
        for (PathMeeting meeting : meetings.orElse(List.of())) {
            Path a = paths.get(meeting.first());
            Path b = paths.get(meeting.second());
            if (!(spokes.contains(a) && spokes.contains(b))) {
                String verb = meeting.kind() == PathMeeting.Kind.CROSSING ? " cuts " : " touches ";
                add(
                        meeting.place(),
                        PointKind.CROSSINGS,
                        "where " + words.get(a) + verb + (a == b ? "itself" : words.get(b)),
                        List.of(a, b));
            }
        }
    }

    private void page(Box page) {
        Path edge = Path.polygon(List.of(
                new Point(page.left(), page.top()),
                new Point(page.right(), page.top()),
                new Point(page.right(), page.bottom()),
                new Point(page.left(), page.bottom())));
        for (int i = 0; i < 4; i++) {
            add(edge.at(i), PointKind.EDGE, "corner of the page", List.of(edge));
            add(edge.at(i + 0.5), PointKind.EDGE, "middle of the page's edge", List.of(edge));
        }
    }

    public List<KnownPoint> all() {
        return all;
    }

    /**
     * The known points near a place, the nearest first; of those about as near, what matters most.
     *
     * @param radius how far away (mm) they may be
     * @param on the kinds that are switched on
     */
    public List<KnownPoint> near(Point place, double radius, Set<PointKind> on) {
        List<KnownPoint> near = new ArrayList<>();
        for (KnownPoint point : all) {
            if (on.contains(point.kind()) && point.place().distance(place) <= radius) {
                near.add(point);
            }
        }
        if (on.contains(PointKind.NET) && net.net() != Net.Pattern.NONE) {
            Point knot = net.nearest(place);
            if (knot.distance(place) <= radius
                    && near.stream().noneMatch(p -> p.place().distance(knot) < 8 * grid)) {
                near.add(new KnownPoint(knot, PointKind.NET, "point of the net", List.of()));
            }
        }
        near.sort(Comparator.<KnownPoint>comparingLong(
                        p -> Math.round(3 * p.place().distance(place) / radius))
                .thenComparing(KnownPoint::kind)
                .thenComparingDouble(p -> p.place().distance(place)));
        return near;
    }

    /**
     * The point at a share of the side under a place: of the curve of a line, from its start.
     *
     * @param words the share as it was typed, such as "1/3"
     */
    public static Optional<KnownPoint> fraction(
            List<Laid> lines, Point place, double reach, double share, String words) {
        Curve nearest = null;
        double best = reach;
        for (Laid line : lines) {
            for (Curve curve : line.path().curves()) {
                double away = curve.at(curve.nearest(place)).distance(place);
                if (away <= best) {
                    best = away;
                    nearest = curve;
                }
            }
        }
        if (nearest == null || share < 0 || share > 1) {
            return Optional.empty();
        }
        Point at = nearest.at(nearest.parameterAt(share * nearest.length()));
        return Optional.of(
                new KnownPoint(at, PointKind.QUARTERS, words + " along the side", List.of(Path.open(nearest))));
    }
}
