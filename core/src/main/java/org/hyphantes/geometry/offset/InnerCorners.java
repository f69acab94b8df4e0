package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/**
 * On the inner side of a corner what runs beside both curves is cut off where it meets, in place of running on and back by way of the
 * corner.
 *
 * <p>Then each strip ends at the places that are as near to the one curve as to the other. They lead from the corner to where the
 * parallels meet, and beside both curves one way only, so long as the headings there are neither one nor opposite. Beside lines and
 * circles that is so wherever the parallels still meet: how far the centre of one lies from the other changes evenly with the
 * distance. Beside cubics headings are looked at. What is cut off lies within the distance of the other curve, and nearer to it; so all
 * strips together reach as far as before, and where nothing else comes near they lie beside one another.
 */
final class InnerCorners {
    /** A turn (radians), or what it lacks of half a turn, so small that where parallels meet is not well known. */
    private static final double LEAST = 1e-4;

    /** Where what runs beside two curves meets: the curve beside the first and the place on it, and those beside the second. */
    private record Met(Point at, int last, double ending, int first, double beginning) {}

    private final List<Part> parts;
    private final double side;
    private final Tolerance tolerance;
    private final double clear;
    private final Met[] met;

    private InnerCorners(List<Part> parts, double distance, double nothing) {
        this.parts = parts;
        this.side = Math.signum(distance);
        this.tolerance = new Tolerance(nothing);
        this.clear = 8 * nothing;
        this.met = new Met[parts.size()];
    }

    /**
     * The parts with what runs beside them cut off at inner corners where that can be.
     *
     * @param distance to the right-hand side (mm), negative to the left
     * @param nothing places nearer than this (mm) are one
     */
    static List<Part> cut(List<Part> parts, boolean closed, double distance, double nothing) {
        InnerCorners corners = null;
        for (int i = closed && parts.size() > 1 ? 0 : 1; i < parts.size(); i++) {
            Part arriving = parts.get(i == 0 ? parts.size() - 1 : i - 1);
            Part leaving = parts.get(i);
            if (leaving.isFirst()
                    && leaving.isBeside()
                    && arriving.isBeside()
                    && leaving.from().distance(arriving.to()) > 8 * nothing) {
                corners = corners == null ? new InnerCorners(parts, distance, nothing) : corners;
                corners.met[i] = corners.find(arriving, leaving);
            }
        }
        return corners == null ? parts : corners.cut();
    }

    private List<Part> cut() {
        int n = parts.size();
        boolean[] usedUp = new boolean[n];
        for (int i = 0; i < n; i++) {
            Met begin = met[i];
            Met end = met[(i + 1) % n];
            if (begin != null && end != null && begin.first >= end.last) {
                double left = begin.first > end.last ? 0 : end.ending - begin.beginning;
                if (!(left * parts.get(i).beside().get(end.last).length() > clear)) {
                    usedUp[i] = true;
                    usedUp[(i + 1) % n] = true;
                }
            }
        }
        List<Part> cut = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            int next = (i + 1) % n;
            cut.add(cut(parts.get(i), usedUp[i] ? null : met[i], usedUp[next] ? null : met[next]));
        }
        return cut;
    }

    private static Part cut(Part part, Met begin, Met end) {
        if (begin == null && end == null) {
            return part;
        }
        int first = begin == null ? 0 : begin.first;
        int last = end == null ? part.beside().size() - 1 : end.last;
        List<Curve> beside = new ArrayList<>(part.beside().subList(first, last + 1));
        double ending = end == null ? 1 : end.ending;
        if (end != null) {
            Curve curve = beside.get(last - first);
            beside.set(last - first, curve instanceof Line ? new Line(curve.start(), end.at) : curve.part(0, ending));
        }
        if (begin != null) {
            Curve curve = beside.get(0);
            double share = first == last ? begin.beginning / ending : begin.beginning;
            beside.set(0, curve instanceof Line ? new Line(begin.at, curve.end()) : curve.part(share, 1));
        }
        return new Part(
                part.curve(),
                part.isFirst(),
                beside,
                part.isBeside(),
                begin == null ? part.from() : begin.at,
                end == null ? part.to() : end.at);
    }

    private Met find(Part arriving, Part leaving) {
        if (!isInner(arriving.curve().tangent(1), leaving.curve().tangent(0))) {
            return null;
        }
        Curve a = arriving.beside().get(arriving.beside().size() - 1);
        Curve b = leaving.beside().get(0);
        return a instanceof Cubic || b instanceof Cubic
                ? bent(arriving.beside(), leaving.beside())
                : plain(a, b, leaving.curve().start());
    }

    /** Whether one heading turns from another to the side of what runs beside, neither hardly nor almost by half a turn. */
    private boolean isInner(Point u, Point v) {
        return side * u.cross(v) > LEAST;
    }

    private Met plain(Curve a, Curve b, Point corner) {
        Optional<Point> at = Parallel.carriersMeet(a, b, corner);
        if (at.isEmpty()) {
            return null;
        }
        double ending = along(a, at.get());
        double beginning = along(b, at.get());
        return ending < 1
                        && ending * a.length() > clear
                        && beginning > 0
                        && (1 - beginning) * b.length() > clear
                        && isInner(a.tangent(ending), b.tangent(beginning))
                ? new Met(at.get(), 0, ending, 0, beginning)
                : null;
    }

    private static double along(Curve curve, Point place) {
        if (curve instanceof Arc arc) {
            return arc.along(place);
        }
        Point way = curve.end().minus(curve.start());
        return place.minus(curve.start()).dot(way) / way.dot(way);
    }

    /** Curves of which one heads to one side of the other throughout meet once at most. */
    private Met bent(List<Curve> arriving, List<Curve> leaving) {
        int n = leaving.size();
        double[] least = new double[n];
        double[] most = new double[n];
        Point corner = arriving.get(arriving.size() - 1).tangent(1);
        double low = 0;
        double high = 0;
        int known = 0;
        for (int i = arriving.size() - 1; i >= 0; i--) {
            Headings back = Headings.of(arriving.get(i).reversed());
            double turned = ConvexLoop.turn(corner, arriving.get(i).tangent(1));
            low = Math.min(low, turned + back.least());
            high = Math.max(high, turned + back.most());
            for (int k = 0; k < n; k++) {
                if (k == known) {
                    Headings on = Headings.of(leaving.get(k));
                    double turn = ConvexLoop.turn(corner, leaving.get(k).tangent(0));
                    least[k] = Math.min(k == 0 ? turn : least[k - 1], turn + on.least());
                    most[k] = Math.max(k == 0 ? turn : most[k - 1], turn + on.most());
                    known++;
                }
                double fewest = side > 0 ? least[k] - high : low - most[k];
                double farthest = side > 0 ? most[k] - low : high - least[k];
                if (!(fewest > LEAST && farthest < Math.PI - LEAST)) {
                    break;
                }
                List<Meeting> meetings = meetings(arriving.get(i), leaving.get(k));
                if (!meetings.isEmpty()) {
                    return met(meetings, arriving, i, leaving, k);
                }
            }
        }
        return null;
    }

    private List<Meeting> meetings(Curve a, Curve b) {
        return a.box().grown(clear).meets(b.box()) ? CurveMeetings.of(a, b, tolerance) : List.of();
    }

    private Met met(List<Meeting> meetings, List<Curve> arriving, int i, List<Curve> leaving, int k) {
        if (meetings.size() > 1 || !(meetings.get(0) instanceof Meeting.At at)) {
            return null;
        }
        double before = at.first() * arriving.get(i).length();
        double after = (1 - at.second()) * leaving.get(k).length();
        return before > clear && at.first() < 1 && after > clear && at.second() > 0
                ? new Met(at.place(), i, at.first(), k, at.second())
                : null;
    }
}
