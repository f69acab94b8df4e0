package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BoxSweep;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Joining;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/**
 * Closed paths that meet neither themselves nor one another, so that what they bound needs no subdivision. What runs on within less than
 * half a turn of its headings goes on and on one way, and so comes to no place twice; what lies further along the path, or on another
 * one, mostly lies in boxes apart; and of the rest it is worked out where it meets, if it does.
 */
final class SimpleLoops {
    /** With no more curves every two of them are looked at. */
    private static final int FEW_CURVES = 64;

    /** Less than half a turn (radians). */
    private static final double HALF = Math.PI - 1e-3;

    private final List<Curve> curves;
    private final int[] first;
    private final int[] path;
    private final double[] turn;
    private final double[] least;
    private final double[] most;
    private final Box[] boxes;
    private final double clear;
    private boolean isPlain = true;
    private CurveMeetings meetings;

    private SimpleLoops(List<Path> paths, double clear) {
        this.clear = clear;
        this.curves = paths.size() == 1
                ? paths.get(0).curves()
                : paths.stream().flatMap(p -> p.curves().stream()).toList();
        this.first = new int[paths.size() + 1];
        for (int p = 0; p < paths.size(); p++) {
            first[p + 1] = first[p] + paths.get(p).size();
        }
        this.path = new int[curves.size()];
        this.turn = new double[curves.size()];
        this.least = new double[curves.size()];
        this.most = new double[curves.size()];
        this.boxes = new Box[curves.size()];
        for (int p = 0; p < paths.size(); p++) {
            putDown(p, paths.get(p).curves());
        }
    }

    /** Whether closed paths meet nowhere but at their joints; places within {@code clear} mm of one another count as meetings. */
    static boolean areSo(List<Path> paths, double clear) {
        if (paths.size() == 1 && paths.get(0).size() >= 3 && ConvexLoop.isSo(paths.get(0), clear)) {
            return true;
        }
        SimpleLoops loops = new SimpleLoops(paths, clear);
        return loops.isPlain && loops.areApart();
    }

    /**
     * What such paths bound if places count that are wound round more than not at all, those that run about clockwise adding to it: none
     * if they may meet, or if that is not one region with its holes. Curves that go on along one line or circle are made one.
     */
    static Optional<List<Region>> bounded(List<Path> paths, double clear) {
        Path outline = null;
        List<Path> holes = new ArrayList<>();
        for (Path path : paths) {
            if (path.signedArea() <= 0) {
                holes.add(path);
            } else if (outline == null) {
                outline = path;
            } else {
                return Optional.empty();
            }
        }
        if (!areSo(paths, clear)) {
            return Optional.empty();
        }
        if (outline == null) {
            return Optional.of(List.of());
        }
        return areHoles(holes, outline)
                ? Optional.of(List.of(new Region(
                        joined(outline, clear),
                        holes.stream().map(h -> joined(h, clear)).toList())))
                : Optional.empty();
    }

    private static boolean areHoles(List<Path> holes, Path outline) {
        for (int i = 0; i < holes.size(); i++) {
            Point place = holes.get(i).start();
            if (outline.winding(place) == 0) {
                return false;
            }
            for (int k = 0; k < holes.size(); k++) {
                if (k != i && holes.get(k).box().contains(place) && holes.get(k).winding(place) != 0) {
                    return false;
                }
            }
        }
        return true;
    }

    private static Path joined(Path path, double clear) {
        return new Path(Joining.joined(path.curves(), true, clear), true);
    }

    private void putDown(int p, List<Curve> loop) {
        int n = loop.size();
        Point start = loop.get(0).tangent(0);
        Point heading = start;
        for (int i = 0; i < n; i++) {
            Curve curve = loop.get(i);
            Headings headings = Headings.of(curve);
            // An arc comes to no place twice but when it is whole.
            isPlain &= headings.range() < HALF || curve instanceof Arc arc && (n == 1 || !arc.isWhole());
            Point next = i + 1 < n ? loop.get(i + 1).tangent(0) : start;
            int at = first[p] + i;
            least[at] = headings.least();
            most[at] = headings.most();
            turn[at] = ConvexLoop.turn(heading, next);
            boxes[at] = curve.box().grown(clear);
            path[at] = p;
            heading = next;
        }
    }

    private boolean areApart() {
        if (boxes.length > FEW_CURVES) {
            return BoxSweep.over(boxes, each -> Watch.ask(), (a, b) -> areApart(Math.min(a, b), Math.max(a, b)));
        }
        for (int a = 0; a < boxes.length; a++) {
            for (int b = a + 1; b < boxes.length; b++) {
                if (boxes[a].meets(boxes[b]) && !areApart(a, b)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether two curves whose boxes meet do not, but for a joint. */
    private boolean areApart(int a, int b) {
        boolean isOne = path[a] == path[b];
        int n = first[path[a] + 1] - first[path[a]];
        if (isOne && (goesOn(a, b - a) || goesOn(b, n - (b - a)))) {
            return true;
        }
        if (meetings == null) {
            meetings = CurveMeetings.among(curves, new Tolerance(clear));
        }
        for (Meeting meeting : meetings.of(a, b)) {
            boolean isJoint = isOne
                    && meeting instanceof Meeting.At at
                    && (b - a == 1 && at.place().distance(curves.get(b).start()) <= clear
                            || b - a == n - 1
                                    && at.place().distance(curves.get(a).start()) <= clear);
            if (!isJoint) {
                return false;
            }
        }
        return true;
    }

    /** Whether a curve and so many that follow it have their headings within less than half a turn. */
    private boolean goesOn(int from, int following) {
        int start = first[path[from]];
        int end = first[path[from] + 1];
        double low = 0;
        double high = 0;
        double heading = 0;
        int i = from;
        for (int count = 0; count <= following; count++) {
            low = Math.min(low, heading + least[i]);
            high = Math.max(high, heading + most[i]);
            if (high - low > HALF) {
                return false;
            }
            heading += turn[i];
            i = i + 1 < end ? i + 1 : start;
        }
        return true;
    }
}
