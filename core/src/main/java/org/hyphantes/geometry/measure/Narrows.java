package org.hyphantes.geometry.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * All places where paths come near one another without meeting: where their distance is least among the places round about. Near a
 * crossing the distance has no such place, so that crossings are none.
 */
public final class Narrows {
    private static final int SAMPLES = 8;

    /** More than this many places are not sought out. */
    private static final int MOST = 20_000;

    private final List<Path> paths;
    private final double within;
    private final List<Narrow> found = new ArrayList<>();

    private Narrows(List<Path> paths, double within) {
        this.paths = paths;
        this.within = within;
    }

    /**
     * The places where two paths, or two stretches of one, are at most so far apart (mm), nearest first; each once.
     */
    public static List<Narrow> of(List<Path> paths, double within, Watch watch) {
        Narrows narrows = new Narrows(paths, within);
        narrows.sweep(watch);
        return narrows.distinct();
    }

    private record Piece(int path, int curve, Curve on, Box box) {}

    private void sweep(Watch watch) {
        List<Piece> pieces = new ArrayList<>();
        for (int p = 0; p < paths.size(); p++) {
            for (int c = 0; c < paths.get(p).size(); c++) {
                Curve curve = paths.get(p).curves().get(c);
                pieces.add(new Piece(p, c, curve, curve.box().grown(within / 2)));
            }
        }
        pieces.sort(Comparator.comparingDouble(p -> p.box().left()));
        Piece[] active = new Piece[pieces.size()];
        int alive = 0;
        for (Piece next : pieces) {
            watch.step();
            int kept = 0;
            for (int k = 0; k < alive; k++) {
                Piece other = active[k];
                if (other.box().right() < next.box().left()) {
                    continue;
                }
                active[kept++] = other;
                if (other.box().top() <= next.box().bottom()
                        && next.box().top() <= other.box().bottom()) {
                    pair(other, next);
                }
            }
            if (found.size() > MOST) {
                return;
            }
            alive = kept;
            active[alive++] = next;
        }
    }

    private void pair(Piece a, Piece b) {
        Watch.ask();
        if (a.on() instanceof Arc p && b.on() instanceof Arc q) {
            arcs(a, p, b, q);
        } else if (a.on() instanceof Line && b.on() instanceof Line) {
            lines(a, b);
        } else if (a.on() instanceof Arc arc && b.on() instanceof Line) {
            arcAndLine(a, arc, b);
        } else if (a.on() instanceof Line && b.on() instanceof Arc arc) {
            arcAndLine(b, arc, a);
        } else {
            sampled(a, b);
        }
        points(a, b);
        points(b, a);
    }

    /** Two arcs come nearest on the line of their centres; about one centre they are as far apart everywhere. */
    private void arcs(Piece a, Arc p, Piece b, Arc q) {
        Point between = q.centre().minus(p.centre());
        if (between.length() <= 1e-9 * (p.radius() + q.radius())) {
            Point middle = p.at(0.5);
            candidate(a, 0.5, b, q.parameter(middle));
            candidate(a, p.parameter(q.at(0.5)), b, 0.5);
            return;
        }
        Point way = between.unit();
        for (int i : new int[] {-1, 1}) {
            for (int j : new int[] {-1, 1}) {
                Point on = p.centre().plus(way.times(i * p.radius()));
                Point other = q.centre().plus(way.times(j * q.radius()));
                candidate(a, p.parameter(on), b, q.parameter(other));
            }
        }
    }

    private void lines(Piece a, Piece b) {
        Point u = a.on().tangent(0);
        if (Math.abs(u.cross(b.on().tangent(0))) > 1e-9) {
            return;
        }
        // Side by side: the middle of the stretch along which they are.
        Point from = a.on().start();
        double end = a.on().length();
        double first = b.on().start().minus(from).dot(u);
        double second = b.on().end().minus(from).dot(u);
        double low = Math.max(0, Math.min(first, second));
        double high = Math.min(end, Math.max(first, second));
        if (high >= low) {
            Point middle = from.plus(u.times((low + high) / 2));
            candidate(a, a.on().nearest(middle), b, b.on().nearest(middle));
        }
    }

    private void arcAndLine(Piece a, Arc arc, Piece line) {
        double t = line.on().nearest(arc.centre());
        Point foot = line.on().at(t);
        Point way = foot.minus(arc.centre());
        if (way.length() > 1e-12) {
            for (int side : new int[] {-1, 1}) {
                Point on = arc.centre().plus(way.unit().times(side * arc.radius()));
                candidate(a, arc.parameter(on), line, t);
            }
        }
    }

    private void sampled(Piece a, Piece b) {
        Piece p = a.on() instanceof Cubic ? a : b;
        Piece q = p == a ? b : a;
        double[] away = new double[SAMPLES + 1];
        double[] foot = new double[SAMPLES + 1];
        for (int i = 0; i <= SAMPLES; i++) {
            Point on = p.on().at((double) i / SAMPLES);
            foot[i] = q.on().nearest(on);
            away[i] = q.on().at(foot[i]).distance(on);
        }
        for (int i = 0; i <= SAMPLES; i++) {
            boolean least = (i == 0 || away[i] <= away[i - 1]) && (i == SAMPLES || away[i] <= away[i + 1]);
            if (least && away[i] < 2 * within) {
                Normals.Feet feet = Normals.common(p.on(), q.on(), new Normals.Feet((double) i / SAMPLES, foot[i]));
                if (feet != null) {
                    candidate(p, feet.onFirst(), q, feet.onSecond());
                }
            }
        }
    }

    /** Where two curves have a common normal: taken in if they are near there, and no nearer round about. */
    private void candidate(Piece a, double t, Piece b, double s) {
        if (t < -1e-9 || t > 1 + 1e-9 || s < -1e-9 || s > 1 + 1e-9) {
            return;
        }
        Point p = a.on().at(t);
        Point q = b.on().at(s);
        Point d = p.minus(q);
        double distance = d.length();
        Point u = a.on().tangent(t);
        Point v = b.on().tangent(s);
        boolean square = Math.abs(d.dot(u)) + Math.abs(d.dot(v)) <= 1e-6 * (distance + within);
        if (distance > within || !square) {
            return;
        }
        double haa = 1 + a.on().curvature(t) * d.dot(u.right());
        double hbb = 1 - b.on().curvature(s) * d.dot(v.right());
        double hab = -u.dot(v);
        if (haa >= -1e-9 && hbb >= -1e-9 && haa * hbb - hab * hab >= -1e-9) {
            add(a, t, b, s, p, q);
        }
    }

    /** Ends and corners of a path beside another: nearest to it when all ways from them lead away. */
    private void points(Piece a, Piece b) {
        Path path = paths.get(a.path());
        int n = path.size();
        boolean first = !path.closed() && a.curve() == 0;
        Point before = a.curve() > 0 || path.closed()
                ? path.curves().get((a.curve() + n - 1) % n).tangent(1)
                : null;
        boolean corner = before != null && Math.abs(before.cross(a.on().tangent(0))) > 1e-6;
        if (first || corner) {
            point(a, 0, b, first ? null : before.times(-1), a.on().tangent(0));
        }
        if (!path.closed() && a.curve() == n - 1) {
            point(a, 1, b, a.on().tangent(1).times(-1), null);
        }
    }

    private void point(Piece a, double t, Piece b, Point back, Point ahead) {
        Point p = a.on().at(t);
        double s = b.on().nearest(p);
        Point q = b.on().at(s);
        Point d = p.minus(q);
        boolean away = (back == null || d.dot(back) >= 0) && (ahead == null || d.dot(ahead) >= 0);
        boolean square = Math.abs(d.dot(b.on().tangent(s))) <= 1e-6 * (d.length() + within);
        if (d.length() <= within && away && (square || isNearestEnd(b, s, d))) {
            add(a, t, b, s, p, q);
        }
    }

    /** Whether a parameter is an end or a corner of its path, from which the path leads away, each way that it has, from what lies a displacement off. */
    private boolean isNearestEnd(Piece b, double s, Point d) {
        Path path = paths.get(b.path());
        int n = path.size();
        boolean start = s < 1e-9;
        if (!start && s <= 1 - 1e-9) {
            return false;
        }
        int ahead = start ? b.curve() : b.curve() + 1;
        boolean leaves = ahead < n || path.closed();
        boolean comes = ahead > 0 || path.closed();
        return (!leaves || d.dot(path.curves().get(ahead % n).tangent(0)) <= 0)
                && (!comes || d.dot(path.curves().get((ahead + n - 1) % n).tangent(1)) >= 0);
    }

    private void add(Piece a, double t, Piece b, double s, Point p, Point q) {
        double distance = p.distance(q);
        if (distance <= 1e-9 * within) {
            return;
        }
        double first = a.curve() + Math.max(0, Math.min(1, t));
        double second = b.curve() + Math.max(0, Math.min(1, s));
        if (a.path() == b.path()) {
            Path path = paths.get(a.path());
            double along = Math.abs(path.lengthTo(first) - path.lengthTo(second));
            along = path.closed() ? Math.min(along, path.length() - along) : along;
            if (along < 1.6 * distance) {
                return;
            }
        }
        boolean inOrder = a.path() < b.path() || a.path() == b.path() && first <= second;
        Gap gap = new Gap(distance, inOrder ? p : q, inOrder ? q : p);
        found.add(
                inOrder
                        ? new Narrow(a.path(), first, b.path(), second, gap)
                        : new Narrow(b.path(), second, a.path(), first, gap));
    }

    /** Each place once: curves that follow on one another find those at their joints twice. */
    private List<Narrow> distinct() {
        Narrow[] sorted = found.toArray(Narrow[]::new);
        Arrays.sort(sorted, Comparator.comparingDouble(n -> n.gap().distance()));
        List<Narrow> kept = new ArrayList<>();
        double slack = 1e-6 * within;
        for (Narrow narrow : sorted) {
            boolean known = false;
            for (int i = kept.size() - 1; i >= 0 && !known; i--) {
                Narrow other = kept.get(i);
                if (narrow.gap().distance() - other.gap().distance() > slack) {
                    break;
                }
                known = other.gap().from().distance(narrow.gap().from()) <= slack
                        && other.gap().to().distance(narrow.gap().to()) <= slack;
            }
            if (!known) {
                kept.add(narrow);
            }
        }
        return kept;
    }
}
