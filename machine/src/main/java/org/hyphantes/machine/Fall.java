package org.hyphantes.machine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * What falls out when a closed stroke is done.
 *
 * @param stroke the number of the stroke that frees it
 * @param seconds when
 * @param inner the lengthwise middle of its first curve, where it can be shown
 * @param late the strokes that lie within and are cut only afterwards, when it no longer lies still
 */
public record Fall(int stroke, double seconds, Point inner, List<Integer> late) {
    /** So many strokes are looked at, at most. */
    private static final int MOST = 20_000;

    /**
     * All that falls out, in order.
     *
     * @param cutting for each pass of the program whether it cuts through
     */
    public static List<Fall> of(Timeline timeline, List<Boolean> cutting) {
        List<List<Curve>> work = timeline.program().work();
        List<Path> closed = new ArrayList<>();
        List<Integer> strokes = new ArrayList<>();
        double[] done = new double[work.size()];
        boolean[] cuts = new boolean[work.size()];
        for (int i = 0; i < timeline.moves().size(); i++) {
            Move move = timeline.moves().get(i);
            if (move.isWork()) {
                done[move.stroke()] = timeline.start(i + 1);
                cuts[move.stroke()] = move.pass() >= cutting.size() || cutting.get(move.pass());
            }
        }
        for (int s = 0; s < Math.min(work.size(), MOST); s++) {
            List<Curve> curves = work.get(s);
            Point end = curves.get(curves.size() - 1).end();
            if (cuts[s] && end.distance(curves.get(0).start()) < 0.01) {
                closed.add(outline(curves));
                strokes.add(s);
            }
        }
        List<Point> places = strokes.stream().map(s -> away(work.get(s))).toList();
        List<Fall> falls = new ArrayList<>();
        for (int i = 0; i < closed.size(); i++) {
            Watch.ask();
            List<Integer> late = new ArrayList<>();
            for (int j = i + 1; j < closed.size(); j++) {
                Point place = places.get(j);
                if (closed.get(i).box().contains(place) && closed.get(i).winding(place) != 0) {
                    late.add(strokes.get(j));
                }
            }
            int stroke = strokes.get(i);
            falls.add(
                    new Fall(stroke, done[stroke], closed.get(i).curves().get(0).at(0.5), late));
        }
        return falls;
    }

    /** A place on a stroke away from its corners, where it may touch others. */
    private static Point away(List<Curve> curves) {
        return curves.stream()
                .max(Comparator.comparingDouble(Curve::length))
                .orElseThrow()
                .at(0.45);
    }

    /** As a polygon near enough to tell what lies within: the ends of curves in a file may be a little apart. */
    private static Path outline(List<Curve> curves) {
        List<Point> corners = new ArrayList<>();
        for (Curve curve : curves) {
            for (int k = 0; k < 6; k++) {
                corners.add(curve.at(k / 6.0));
            }
        }
        return Path.polygon(corners);
    }
}
