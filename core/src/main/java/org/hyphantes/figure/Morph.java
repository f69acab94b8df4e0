package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.DoubleFunction;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;

/**
 * The way from one form to another. Forms of one kind pass through exact forms of that kind, number by number. Others pass as
 * cubics, joint by joint along their lengths.
 */
public final class Morph {
    private final DoubleFunction<List<Path>> between;

    private Morph(DoubleFunction<List<Path>> between) {
        this.between = between;
    }

    public static Morph of(Form a, Form b, PageBox pageBox) {
        if (a.getClass() == b.getClass() && !(a instanceof Drawn)) {
            return new Morph(share -> numbers(a, b, share).paths(pageBox));
        }
        List<Path> as = a.paths(pageBox);
        List<Path> bs = b.paths(pageBox);
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < Math.max(as.size(), bs.size()); i++) {
            pairs.add(Pair.of(as.get(Math.min(i, as.size() - 1)), bs.get(Math.min(i, bs.size() - 1))));
        }
        return new Morph(share -> pairs.stream().map(p -> p.at(share)).toList());
    }

    /** The paths at a share of the way, from 0 to 1. */
    public List<Path> at(double share) {
        return between.apply(share);
    }

    private static Form numbers(Form a, Form b, double share) {
        Form form = a;
        List<String> seat = List.of("out", "bearing", "turned", "farout", "farbearing");
        for (String key : a.schema().keys()) {
            if (!seat.contains(key) && a.schema().value(a, key) instanceof Amount from) {
                double to = ((Amount) b.schema().value(b, key)).value();
                double value = from.value() * (1 - share) + to * share;
                boolean whole = from.value() == Math.rint(from.value()) && to == Math.rint(to);
                boolean counted = a.schema().isCount(key);
                form = Seated.put(form, key, counted && whole ? Math.rint(value) : value);
            }
        }
        if (form instanceof Seated seated) {
            Seated sa = (Seated) a;
            Seated sb = (Seated) b;
            double facingA = sa.bearing().value() + sa.turned().value();
            double facingB = sb.bearing().value() + sb.turned().value();
            return seated.seated(mix(a.centre(), b.centre(), share), facingA + share * shortWay(facingB - facingA));
        }
        Ended ea = (Ended) a;
        Ended eb = (Ended) b;
        return ((Ended) form).ended(mix(ea.start(), eb.start(), share), mix(ea.end(), eb.end(), share));
    }

    /** A turn the short way round, in degrees. */
    private static double shortWay(double turn) {
        return turn - 360 * Math.rint(turn / 360);
    }

    private static Point mix(Point a, Point b, double share) {
        return a.times(1 - share).plus(b.times(share));
    }

    /** Two chains of as many cubics, each of which passes to its fellow. */
    private record Pair(List<Cubic> from, List<Cubic> to, boolean closed) {
        static Pair of(Path a, Path b) {
            Path other = a.closed() && b.closed() && a.signedArea() * b.signedArea() < 0 ? b.reversed() : b;
            TreeSet<Double> cuts = new TreeSet<>();
            shares(a, cuts);
            shares(other, cuts);
            return new Pair(cubics(a, cuts), cubics(other, cuts), a.closed() && b.closed());
        }

        /** The shares of its length at which a path has joints, and for few joints some more. */
        private static void shares(Path path, TreeSet<Double> into) {
            double length = path.length();
            for (int i = 0; i <= path.size(); i++) {
                into.add(Math.rint(path.lengthTo(i) / length * 1e9) / 1e9);
            }
            for (int i = 0; i <= 8; i++) {
                into.add(i / 8.0);
            }
        }

        private static List<Cubic> cubics(Path path, TreeSet<Double> cuts) {
            List<Double> shares = new ArrayList<>(cuts);
            double length = path.length();
            List<Cubic> cubics = new ArrayList<>();
            for (int i = 1; i < shares.size(); i++) {
                double middle = path.positionAt((shares.get(i - 1) + shares.get(i)) / 2 * length);
                int curve = path.index(middle);
                Curve whole = path.curves().get(curve);
                double begun = path.lengthTo(curve);
                double t0 = clamp(whole.parameterAt(shares.get(i - 1) * length - begun));
                double t1 = clamp(whole.parameterAt(shares.get(i) * length - begun));
                cubics.add(OneCubic.of(whole.part(t0, Math.max(t1, t0 + 1e-12))));
            }
            return cubics;
        }

        private static double clamp(double t) {
            return Math.max(0, Math.min(1, t));
        }

        Path at(double share) {
            List<Curve> curves = new ArrayList<>();
            Point start = mix(from.get(0).start(), to.get(0).start(), share);
            Point here = start;
            for (int i = 0; i < from.size(); i++) {
                Cubic a = from.get(i);
                Cubic b = to.get(i);
                Point end = closed && i + 1 == from.size() ? start : mix(a.end(), b.end(), share);
                curves.add(new Cubic(
                        here, mix(a.control1(), b.control1(), share), mix(a.control2(), b.control2(), share), end));
                here = end;
            }
            return new Path(curves, closed);
        }
    }
}
