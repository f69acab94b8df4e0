package org.hyphantes.geometry.offset;

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
    private final int[] together;
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
        this.together = new int[curves.size()];
        this.boxes = new Box[curves.size()];
        for (int p = 0; p < paths.size(); p++) {
            goOn(p, paths.get(p));
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
        List<Path> outlines = paths.stream().filter(p -> p.signedArea() > 0).toList();
        if (outlines.size() > 1 || !areSo(paths, clear)) {
            return Optional.empty();
        }
        if (outlines.isEmpty()) {
            return Optional.of(List.of());
        }
        Path outline = outlines.get(0);
        List<Path> holes = paths.stream().filter(p -> p != outline).toList();
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

    private void goOn(int p, Path loop) {
        int n = loop.size();
        double[] turn = new double[n];
        Headings[] headings = new Headings[n];
        for (int i = 0; i < n; i++) {
            Curve curve = loop.curves().get(i);
            headings[i] = Headings.of(curve);
            // An arc comes to no place twice but when it is whole.
            isPlain &= headings[i].range() < HALF || curve instanceof Arc arc && (n == 1 || !arc.isWhole());
            turn[i] = ConvexLoop.turn(
                    curve.tangent(0), loop.curves().get((i + 1) % n).tangent(0));
            boxes[first[p] + i] = curve.box().grown(clear);
            path[first[p] + i] = p;
        }
        for (int i = 0; i < n; i++) {
            together[first[p] + i] = Math.max(1, together(i, turn, headings));
        }
    }

    private boolean areApart() {
        if (boxes.length > FEW_CURVES) {
            return BoxSweep.over(boxes, each -> Watch.ask(), (a, b) -> areApart(Math.min(a, b), Math.max(a, b)));
        }
        for (int a = 0; a < boxes.length; a++) {
            for (int b = Math.min(a + together[a], first[path[a] + 1]); b < boxes.length; b++) {
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
        if (isOne && (b - a < together[a] || n - (b - a) < together[b])) {
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

    /** How many curves from one on have their headings within less than half a turn. */
    private static int together(int from, double[] turn, Headings[] headings) {
        int n = turn.length;
        double low = 0;
        double high = 0;
        double heading = 0;
        for (int count = 0; count < n; count++) {
            int i = (from + count) % n;
            low = Math.min(low, heading + headings[i].least());
            high = Math.max(high, heading + headings[i].most());
            if (high - low > HALF) {
                return count;
            }
            heading += turn[i];
        }
        return n;
    }
}
