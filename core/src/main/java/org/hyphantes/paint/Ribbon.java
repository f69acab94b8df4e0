package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;

/**
 * A gradient along a strand or across it, over the band of a stretch of it, in legs of lines and arcs. Across, each leg is exact: linear on
 * a line, radial on an arc. Along, it is exact on a line, and on an arc linear over so little a bend that no place is off by two steps of 255.
 */
final class Ribbon {
    /** No leg along a strand bends more than this (radians). */
    private static final double BENT = Math.PI / 3;

    private final Gradient gradient;
    private final Run run;
    private final Stops stops;
    private final List<Run.Leg> legs;

    private Ribbon(Gradient gradient, Run run) {
        this.gradient = gradient;
        this.run = run;
        boolean along = gradient.way() == Gradient.Way.ALONG;
        Stops own = new Stops(gradient.stops());
        this.stops = !along ? own.reversed().thereAndBack() : run.path().closed() ? own.thereAndBack() : own;
        // Half the bend times half the width is how far the outer edge is off, and two legs meet that are off both
        // ways.
        double perMillimetre = stops.steepest() / run.path().length();
        double bent = along && perMillimetre > 0 ? Math.min(BENT, 4 / (run.width() * perMillimetre)) : along ? BENT : 7;
        this.legs = run.legs(Double.MAX_VALUE, Math.max(bent, 1e-3));
    }

    /** Laid over the band of a stretch. */
    static Fill over(Gradient gradient, Region region, Run run) {
        Colour colour = gradient.way() == Gradient.Way.ALONG ? middle(gradient, run) : gradient.colour();
        return new Patched(colour, Patched.Manner.COVERING, () -> new Ribbon(gradient, run).patches(region));
    }

    private static Colour middle(Gradient gradient, Run run) {
        Stops own = new Stops(gradient.stops());
        double total = run.path().length();
        double at = (run.from() + run.to()) / 2 % total / total;
        return run.isRound() ? own.at(0.5) : (run.path().closed() ? own.thereAndBack() : own).at(at);
    }

    private List<Patch> patches(Region region) {
        int n = legs.size();
        if (n == 0) {
            return List.of(new Patch(region, new Flat(gradient.colour())));
        }
        List<Patch> patches = new ArrayList<>(List.of(new Patch(region, ramp(legs.get(0)))));
        for (int k = 1; k < n; k++) {
            Watch.ask();
            boolean last = k + 1 == n;
            List<Path> cutters = new ArrayList<>(List.of(Run.across(legs.get(k - 1), legs.get(k))));
            if (k + 2 < n) {
                cutters.add(Run.across(legs.get(k + 1), legs.get(k + 2)));
            } else if (run.isRound()) {
                cutters.add(Run.across(legs.get(n - 1), legs.get(0)));
            }
            double from = legs.get(k).from();
            double to = legs.get(last ? k : k + 1).to();
            Ramp ramp = ramp(legs.get(k));
            Booleans.divided(List.of(region), cutters).stream()
                    .filter(r -> lies(r, from, to))
                    .forEach(r -> patches.add(new Patch(r, ramp)));
        }
        return patches;
    }

    /** Whether a part lies beside the legs between two places. */
    private boolean lies(Region part, double from, double to) {
        double along = along(inner(part));
        return along >= from && along <= to;
    }

    /** Where along the legs a place lies beside (mm along the path). */
    private double along(Point place) {
        return legs.stream()
                .map(leg -> {
                    double at = Math.max(0, Math.min(1, leg.curve().nearest(place)));
                    return new double[] {leg.curve().at(at).distance(place), leg.from() + at * (leg.to() - leg.from())};
                })
                .min(Comparator.comparingDouble(d -> d[0]))
                .orElseThrow()[1];
    }

    /** A place within a region, beside the middle of its longest side. */
    private static Point inner(Region region) {
        Curve longest = region.borders().stream()
                .flatMap(b -> b.curves().stream())
                .max(Comparator.comparingDouble(Curve::length))
                .orElseThrow();
        Point middle = longest.at(0.5);
        Point aside = longest.tangent(0.5).right();
        for (double off = longest.length() / 2; off > longest.length() * 1e-7; off /= 2) {
            for (int side = -1; side <= 1; side += 2) {
                Point there = middle.plus(aside.times(side * off));
                if (region.contains(there)) {
                    return there;
                }
            }
        }
        return middle;
    }

    private Ramp ramp(Run.Leg leg) {
        return gradient.way() == Gradient.Way.ALONG ? along(leg) : across(leg);
    }

    private Ramp along(Run.Leg leg) {
        double total = run.path().length();
        Point way = leg.curve().tangent(0.5);
        Point middle = leg.curve().at(0.5);
        double wide = leg.to() - leg.from();
        // On an arc the ends lie nearer along its middle heading than they do along itself.
        double chord = leg.curve().end().minus(leg.curve().start()).dot(way);
        double scale = chord / wide;
        double at = leg.middle() % total;
        return new Ramp(
                Gradient.Way.LINEAR,
                middle.minus(way.times(at * scale)),
                middle.plus(way.times((total - at) * scale)),
                stops.each());
    }

    private Ramp across(Run.Leg leg) {
        double half = leg.width() / 2;
        if (!(leg.curve() instanceof Arc arc)) {
            Point aside = leg.curve().tangent(0.5).right().times(half);
            Point middle = leg.curve().at(0.5);
            return new Ramp(Gradient.Way.LINEAR, middle.minus(aside), middle.plus(aside), stops.each());
        }
        double outer = arc.radius() + half;
        List<Stop> rings = new ArrayList<>();
        double inner = arc.radius() - half;
        if (inner < 0) {
            rings.add(new Stop(0, stops.at(-inner / (2 * half))));
        }
        for (Stop stop : stops.each()) {
            double at = (inner + 2 * half * stop.at()) / outer;
            if (at >= 0) {
                rings.add(new Stop(Math.min(1, at), stop.colour()));
            }
        }
        return new Ramp(Gradient.Way.RADIAL, arc.centre(), arc.centre().plus(new Point(outer, 0)), rings);
    }
}
