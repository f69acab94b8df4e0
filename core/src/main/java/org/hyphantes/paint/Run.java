package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.WidthProfile;

/**
 * The stretch of a strand that an area is the band about.
 *
 * @param path the centre line of the whole strand
 * @param from where it begins (mm along the path)
 * @param to where it ends, beyond the length of a closed path where it runs on through its start
 * @param widths of the band along the path (mm)
 */
public record Run(Path path, double from, double to, WidthProfile widths) {
    /** A cubic is taken as so many biarcs: of a curve that a hand drew no colour is then off by a step. */
    private static final int BIARCS = 4;

    /** In so many parts a band that tapers is taken to be of even width. */
    private static final int EVEN = 24;

    /** Of all of a path. */
    public static Run of(Path path, WidthProfile widths) {
        return new Run(path, 0, path.length(), widths);
    }

    /** The same carried by a similarity. */
    public Run map(Affine map) {
        double scale = Math.sqrt(Math.abs(map.determinant()));
        List<WidthProfile.Stop> wide = widths.stops().stream()
                .map(s -> new WidthProfile.Stop(s.share(), s.width() * scale))
                .toList();
        return new Run(path.map(map), from * scale, to * scale, new WidthProfile(wide));
    }

    /**
     * A line or an arc of it.
     *
     * @param from where it begins (mm along the path)
     */
    record Leg(Curve curve, double from, double to, double width) {
        double middle() {
            return (from + to) / 2;
        }
    }

    double width() {
        return widths.widest();
    }

    /** Whether it goes all round a closed path. */
    boolean isRound() {
        return path.closed() && to - from >= path.length() * (1 - 1e-9);
    }

    /** Its lines and arcs, none of them longer or more bent than so much (mm, radians). */
    List<Leg> legs(double longest, double mostBent) {
        List<Leg> legs = new ArrayList<>();
        double even = widths.isEven() ? longest : Math.min(longest, path.length() / EVEN);
        for (int round = 0; round <= (path.closed() ? 1 : 0); round++) {
            double along = round * path.length();
            for (Curve curve : path.curves()) {
                double end = along + curve.length();
                double a = Math.max(from, along);
                double b = Math.min(to, end);
                if (b - a > 1e-9 * (1 + path.length())) {
                    Curve part = curve.part(
                            curve.parameterAt(Math.min(curve.length(), a - along)),
                            curve.parameterAt(Math.min(curve.length(), b - along)));
                    double at = a;
                    for (Curve simple : simple(part)) {
                        at = cut(simple, at, even, mostBent, legs);
                    }
                }
                along = end;
            }
        }
        return legs;
    }

    private static List<Curve> simple(Curve curve) {
        if (!(curve instanceof Cubic)) {
            return List.of(curve);
        }
        List<Curve> arcs = new ArrayList<>();
        for (int k = 0; k < BIARCS; k++) {
            Curve part = curve.part((double) k / BIARCS, (k + 1.0) / BIARCS);
            arcs.addAll(Biarc.of(part.start(), part.tangent(0), part.end(), part.tangent(1)));
        }
        return arcs;
    }

    private double cut(Curve curve, double at, double longest, double mostBent, List<Leg> into) {
        double bent = curve instanceof Arc arc ? Math.abs(arc.sweep()) / mostBent : 0;
        int parts = (int) Math.ceil(Math.max(1, Math.max(bent, curve.length() / longest) - 1e-9));
        double from = at;
        for (int k = 0; k < parts; k++) {
            double to = at + curve.length() * (k + 1) / parts;
            double share = ((from + to) / 2 % path.length()) / path.length();
            into.add(new Leg(curve.part((double) k / parts, (k + 1.0) / parts), from, to, widths.width(share)));
            from = to;
        }
        return from;
    }

    /** A line across the band where a leg ends and the next begins. */
    static Path across(Leg before, Leg after) {
        Point u = before.curve().tangent(1);
        Point v = after.curve().tangent(0);
        Point both = u.plus(v);
        Point aside = (both.length() < 1e-6 ? u : both.unit()).right();
        double mitre = Math.max(0.25, Math.abs(aside.cross(u)));
        Point half = aside.times(0.55 * Math.max(before.width(), after.width()) / mitre);
        Point at = after.curve().start();
        return Path.open(new Line(at.minus(half), at.plus(half)));
    }
}
