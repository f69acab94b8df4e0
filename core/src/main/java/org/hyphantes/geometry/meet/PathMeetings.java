package org.hyphantes.geometry.meet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BoxSweep;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;

/**
 * All meetings of a list of paths with one another and with themselves.
 *
 * <p>Curves whose boxes meet are found by a sweep ({@link BoxSweep}); each such pair is met in closed form; meetings
 * at the joint of two curves of one path are brought together; then each is told to be a crossing or a touch by the order
 * of the four branches round it.
 */
public final class PathMeetings {
    private final List<Path> paths;
    private final Tolerance tolerance;
    private final List<Raw> raw = new ArrayList<>();

    /** What is known of a meeting when it is found. */
    private enum Hint {
        /** Within both curves, which have different headings there: a crossing for sure. */
        CLEAR,
        /** At the end of a curve, or with one heading for both: to be told by what the paths do round it. */
        JOINT,
        /** The curves lie on one another from here on. */
        OVERLAP
    }

    private record Raw(Point place, int first, double firstPosition, int second, double secondPosition, Hint hint) {
        boolean isOfSamePaths(Raw other) {
            return first == other.first && second == other.second;
        }
    }

    private PathMeetings(List<Path> paths, Tolerance tolerance) {
        this.paths = paths;
        this.tolerance = tolerance;
    }

    public static List<PathMeeting> of(List<Path> paths) {
        return of(paths, Tolerance.of(Box.round(paths.stream().map(Path::box).toList())));
    }

    public static List<PathMeeting> of(List<Path> paths, Tolerance tolerance) {
        return of(paths, tolerance, Integer.MAX_VALUE, Watch.NONE).orElseThrow();
    }

    /** All meetings, or empty as soon as there turn out to be more than {@code most}. */
    public static Optional<List<PathMeeting>> of(List<Path> paths, Tolerance tolerance, int most, Watch watch) {
        PathMeetings meetings = new PathMeetings(paths, tolerance);
        return meetings.sweep(false, most, watch) ? Optional.of(meetings.classified()) : Optional.empty();
    }

    /** Those of the first path with any other, and none of the others with one another. */
    public static List<PathMeeting> withFirst(List<Path> paths) {
        Box box = Box.round(paths.stream().map(Path::box).toList());
        PathMeetings meetings = new PathMeetings(paths, Tolerance.of(box));
        meetings.sweep(true, Integer.MAX_VALUE, Watch.NONE);
        return meetings.classified();
    }

    /** @param withFirst whether only what the first path meets is found */
    private boolean sweep(boolean withFirst, int most, Watch watch) {
        int count = paths.stream().mapToInt(Path::size).sum();
        int[] path = new int[count];
        int[] curve = new int[count];
        Box[] box = new Box[count];
        List<Curve> curves = new ArrayList<>(count);
        int n = 0;
        for (int p = 0; p < paths.size(); p++) {
            for (int c = 0; c < paths.get(p).size(); c++, n++) {
                path[n] = p;
                curve[n] = c;
                curves.add(paths.get(p).curves().get(c));
                box[n] = curves.get(n).box().grown(tolerance.distance());
            }
        }
        CurveMeetings meetings = CurveMeetings.among(curves, tolerance);
        return BoxSweep.over(
                box,
                i -> {
                    watch.step();
                    if (!withFirst) {
                        meet(path[i], curve[i], path[i], curve[i], CurveMeetings.self(curves.get(i), tolerance));
                    }
                },
                (earlier, later) -> {
                    watch.step();
                    int a = Math.min(earlier, later);
                    int b = Math.max(earlier, later);
                    if (!withFirst || path[a] == 0 && path[b] != 0) {
                        meet(path[a], curve[a], path[b], curve[b], meetings.of(a, b));
                    }
                    return raw.size() <= most;
                });
    }

    private void meet(int p, int c, int q, int d, List<Meeting> meetings) {
        Curve a = paths.get(p).curves().get(c);
        Curve b = paths.get(q).curves().get(d);
        for (Meeting meeting : meetings) {
            if (meeting instanceof Meeting.At at) {
                double first = position(p, c, at.first(), a);
                double second = position(q, d, at.second(), b);
                if (p == q && joined(p, first, second)) {
                    continue;
                }
                boolean clear = !at.tangent() && first != Math.floor(first) && second != Math.floor(second);
                add(at.place(), p, first, q, second, clear ? Hint.CLEAR : Hint.JOINT);
            } else if (meeting instanceof Meeting.Along along) {
                add(a.at(along.firstFrom()), p, c + along.firstFrom(), q, d + along.secondFrom(), Hint.OVERLAP);
            }
        }
    }

    private void add(Point place, int p, double first, int q, double second, Hint hint) {
        if (p == q && second < first) {
            raw.add(new Raw(place, p, second, q, first, hint));
        } else {
            raw.add(new Raw(place, p, first, q, second, hint));
        }
    }

    /** The position on a path, with the joint of two curves, met from either, being one and the same number. */
    private double position(int p, int c, double t, Curve curve) {
        double slack = tolerance.distance() / curve.length();
        Path path = paths.get(p);
        if (t <= slack) {
            return c;
        }
        if (t >= 1 - slack) {
            return path.closed() && c + 1 == path.size() ? 0 : c + 1;
        }
        return c + t;
    }

    private boolean joined(int p, double first, double second) {
        return first == second
                || paths.get(p).closed()
                        && first % paths.get(p).size() == second % paths.get(p).size();
    }

    private List<PathMeeting> classified() {
        raw.sort((a, b) -> {
            int order = Integer.compare(a.first, b.first);
            order = order != 0 ? order : Integer.compare(a.second, b.second);
            order = order != 0 ? order : Double.compare(a.firstPosition, b.firstPosition);
            return order != 0 ? order : Double.compare(a.secondPosition, b.secondPosition);
        });
        List<Raw> single = new ArrayList<>(raw.size());
        for (int i = 0; i < raw.size(); i++) {
            if (!repeated(i)) {
                single.add(raw.get(i));
            }
        }
        List<PathMeeting> found = new ArrayList<>(single.size());
        for (int from = 0, to = 0; from < single.size(); from = to) {
            while (to < single.size() && single.get(to).isOfSamePaths(single.get(from))) {
                to++;
            }
            List<Raw> pair = single.subList(from, to);
            for (int i = 0; i < pair.size(); i++) {
                Raw r = pair.get(i);
                if (!isBesideAnother(pair, i)) {
                    found.add(new PathMeeting(kind(r), r.place, r.first, r.firstPosition, r.second, r.secondPosition));
                }
            }
        }
        return found;
    }

    private boolean repeated(int i) {
        Raw r = raw.get(i);
        for (int j = i - 1; j >= 0; j--) {
            Raw s = raw.get(j);
            if (s.first != r.first || s.second != r.second || s.firstPosition < r.firstPosition - 1) {
                return false;
            }
            if (s.hint != Hint.OVERLAP
                    && r.hint != Hint.OVERLAP
                    && s.place.distance(r.place) <= 2 * tolerance.distance()
                    && near(r.first, s.firstPosition, r.firstPosition)
                    && near(r.second, s.secondPosition, r.secondPosition)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether a meeting told of at a joint is none of its own: under a shallow angle an end lies within the tolerance of the other path well beside
     * the place where the two cross, and as far as that place nobody could tell them apart.
     */
    private boolean isBesideAnother(List<Raw> pair, int i) {
        return pair.get(i).hint == Hint.JOINT
                && (isBeside(pair, i, i - 1, -1)
                        || isBeside(pair, i, i + 1, 1)
                        || isBeside(pair, i, 0, 1)
                        || isBeside(pair, i, pair.size() - 1, -1));
    }

    /** Whether it is beside one of those from an index on, up or down, as far as they are near along the first path. */
    private boolean isBeside(List<Raw> pair, int i, int start, int step) {
        Raw r = pair.get(i);
        for (int j = start;
                j >= 0 && j < pair.size() && near(r.first, pair.get(j).firstPosition, r.firstPosition);
                j += step) {
            Raw s = pair.get(j);
            boolean stands = s.hint == Hint.CLEAR || s.hint == Hint.JOINT && j < i;
            if (stands && near(r.second, s.secondPosition, r.secondPosition) && areTogether(r, s)) {
                return true;
            }
        }
        return false;
    }

    /** Whether both paths run within the tolerance of the straight way from one meeting to another, so short that what tells a kind looks beyond it. */
    private boolean areTogether(Raw r, Raw s) {
        double apart = r.place.distance(s.place);
        return apart < step(r) / 2
                && isStraight(r.first, r.firstPosition, s.firstPosition, r.place, s.place)
                && isStraight(r.second, r.secondPosition, s.secondPosition, r.place, s.place);
    }

    private boolean isStraight(int p, double from, double to, Point start, Point end) {
        Path path = paths.get(p);
        int size = path.size();
        double way = to - from - (path.closed() ? size * Math.rint((to - from) / size) : 0);
        Line straight = new Line(start, end);
        for (int k = 1; k < 4; k++) {
            double position = from + way * k / 4;
            Point place = path.at(path.closed() ? (position + size) % size : position);
            if (place.distance(straight.at(straight.nearest(place))) > 2 * tolerance.distance()) {
                return false;
            }
        }
        return true;
    }

    private boolean near(int p, double a, double b) {
        int size = paths.get(p).size();
        double apart = Math.abs(a - b);
        return Math.min(apart, size - apart) < 0.5;
    }

    private PathMeeting.Kind kind(Raw r) {
        if (r.hint == Hint.CLEAR) {
            return PathMeeting.Kind.CROSSING;
        }
        if (r.hint == Hint.OVERLAP) {
            return PathMeeting.Kind.OVERLAP;
        }
        Path a = paths.get(r.first);
        Path b = paths.get(r.second);
        if (ends(a, r.firstPosition) || ends(b, r.secondPosition)) {
            return PathMeeting.Kind.TOUCH;
        }
        double step = step(r);
        double aOut = heading(a, r.firstPosition, step, r.place);
        double aIn = heading(a, r.firstPosition, -step, r.place);
        double bOut = heading(b, r.secondPosition, step, r.place);
        double bIn = heading(b, r.secondPosition, -step, r.place);
        return between(aIn, aOut, bIn) != between(aIn, aOut, bOut) ? PathMeeting.Kind.CROSSING : PathMeeting.Kind.TOUCH;
    }

    /** How far (mm) from a meeting its kind is told. */
    private double step(Raw r) {
        return 1e-3
                * Math.min(reach(paths.get(r.first), r.firstPosition), reach(paths.get(r.second), r.secondPosition));
    }

    private static boolean ends(Path path, double position) {
        return !path.closed() && (position == 0 || position == path.size());
    }

    private static double reach(Path path, double position) {
        int i = path.index(position);
        int before = i == 0 ? path.size() - 1 : i - 1;
        return Math.min(path.curves().get(i).length(), path.curves().get(before).length());
    }

    /** The angle under which the branch a short way ahead (or behind, for a negative step) is seen from the meeting. */
    private static double heading(Path path, double position, double step, Point from) {
        double total = path.length();
        double along = path.lengthTo(position) + step;
        if (path.closed()) {
            along = (along % total + total) % total;
        }
        Point there = path.at(path.positionAt(along)).minus(from);
        return Math.atan2(there.y(), there.x());
    }

    private static boolean between(double low, double high, double angle) {
        double turn = 2 * Math.PI;
        double span = ((high - low) % turn + turn) % turn;
        double at = ((angle - low) % turn + turn) % turn;
        return at < span;
    }
}
