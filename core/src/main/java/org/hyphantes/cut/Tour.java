package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.PriorityQueue;
import java.util.function.IntConsumer;
import java.util.function.IntUnaryOperator;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * The order of contours in which what lies inside is cut before what lies round it, and little is travelled between them: always the nearest
 * that may be cut next, then stretches of the way turned about while that makes it shorter.
 */
final class Tour {
    /** Stretches of so many contours at most are tried the other way round. */
    private static final int WINDOW = 40;

    private static final int MOST_ROUNDS = 8;

    private final List<Contour> contours;
    private final int[] parent;

    private Tour(List<Contour> contours) {
        this.contours = contours;
        this.parent = Nest.parents(contours.stream().map(Contour::path).toList());
    }

    /** The contours in order, each beginning where the tool comes to it soonest. */
    static List<Contour> of(List<Contour> contours, Point from, Job.Order order) {
        Tour tour = new Tour(contours);
        int[] first = order == Job.Order.AS_DRAWN ? tour.insideFirst() : tour.nearest(from);
        if (order == Job.Order.A_SHORT_WAY) {
            tour.improve(first, from);
        }
        return tour.laid(first, from);
    }

    /** How far (mm) is travelled with the tool up from a place through contours in their order. */
    static double travel(List<Contour> contours, Point from) {
        double length = 0;
        Point at = from;
        for (Contour contour : contours) {
            length += at.distance(contour.path().start());
            at = contour.path().end();
        }
        return length;
    }

    /** By their numbers, each as soon as all that lies within it is done. */
    private int[] insideFirst() {
        PriorityQueue<Integer> free = new PriorityQueue<>();
        return ordered(free::add, before -> free.remove());
    }

    /** Always the nearest of those that may be cut next. */
    private int[] nearest(Point from) {
        Point[][] ends = new Point[contours.size()][];
        Arrays.setAll(ends, i -> {
            Path path = contours.get(i).path();
            return path.closed() ? new Point[] {path.start()} : new Point[] {path.start(), path.end()};
        });
        Nearby free = new Nearby(ends);
        return ordered(free::add, before -> free.take(before < 0 ? from : ends[before][ends[before].length - 1]));
    }

    /** @param next gives one of those that are free, by the one before it; -1 at first */
    private int[] ordered(IntConsumer free, IntUnaryOperator next) {
        int[] inside = new int[parent.length];
        for (int p : parent) {
            if (p >= 0) {
                inside[p]++;
            }
        }
        for (int i = 0; i < inside.length; i++) {
            if (inside[i] == 0) {
                free.accept(i);
            }
        }
        int[] order = new int[contours.size()];
        for (int k = 0; k < order.length; k++) {
            Watch.ask();
            order[k] = next.applyAsInt(k == 0 ? -1 : order[k - 1]);
            int round = parent[order[k]];
            if (round >= 0 && --inside[round] == 0) {
                free.accept(round);
            }
        }
        return order;
    }

    private void improve(int[] order, Point from) {
        Point[] at = new Point[order.length];
        Arrays.setAll(at, i -> contours.get(i).path().start());
        boolean better = order.length <= 4000;
        for (int round = 0; better && round < MOST_ROUNDS; round++) {
            better = false;
            for (int i = 0; i < order.length; i++) {
                Watch.ask();
                Point before = i == 0 ? from : at[order[i - 1]];
                for (int j = i + 1; j < Math.min(order.length, i + WINDOW) && isFree(order, i, j); j++) {
                    Point after = j + 1 < order.length ? at[order[j + 1]] : null;
                    double was = before.distance(at[order[i]]) + (after == null ? 0 : at[order[j]].distance(after));
                    double now = before.distance(at[order[j]]) + (after == null ? 0 : at[order[i]].distance(after));
                    if (now < was - 1e-9) {
                        turn(order, i, j);
                        better = true;
                    }
                }
            }
        }
    }

    /** Whether none of a stretch of the order lies within another of it, so that it may be turned about. */
    private boolean isFree(int[] order, int from, int to) {
        for (int k = from; k < to; k++) {
            if (parent[order[k]] == order[to] || parent[order[to]] == order[k]) {
                return false;
            }
        }
        return true;
    }

    private static void turn(int[] order, int from, int to) {
        for (int i = from, j = to; i < j; i++, j--) {
            int kept = order[i];
            order[i] = order[j];
            order[j] = kept;
        }
    }

    private List<Contour> laid(int[] order, Point from) {
        List<Contour> laid = new ArrayList<>();
        Point at = from;
        for (int i : order) {
            Contour contour = contours.get(i).with(begun(contours.get(i).path(), at));
            laid.add(contour);
            at = contour.path().end();
        }
        return laid;
    }

    /** A path that begins where it is nearest to a place: a closed one at one of its corners, an open one at either end. */
    private static Path begun(Path path, Point near) {
        if (!path.closed()) {
            return path.end().distance(near) < path.start().distance(near) ? path.reversed() : path;
        }
        if (path.size() == 1) {
            if (path.curves().get(0) instanceof Arc arc && arc.isWhole() && near.distance(arc.centre()) > 0) {
                Point way = near.minus(arc.centre());
                return Path.closed(new Arc(arc.centre(), arc.radius(), Math.atan2(way.y(), way.x()), arc.sweep()));
            }
            return path;
        }
        int best = 0;
        for (int i = 1; i < path.size(); i++) {
            if (path.curves().get(i).start().distance(near)
                    < path.curves().get(best).start().distance(near)) {
                best = i;
            }
        }
        List<Curve> curves = new ArrayList<>(path.curves().subList(best, path.size()));
        curves.addAll(path.curves().subList(0, best));
        return new Path(curves, true);
    }
}
