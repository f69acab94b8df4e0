package org.hyphantes.geometry.offset;

import java.util.List;
import java.util.TreeSet;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;

/** Bands along paths, even or of changing width, however tightly the path bends or crosses itself. */
public final class Bands {
    private Bands() {}

    /**
     * The band along a path, half its width on either side, as regions: more than one where the width goes down to nothing
     * on the way.
     *
     * <p>An even band along lines and arcs is exact. Edges of cubics, and of arcs along which the width changes, are fitted
     * within {@link OffsetCurves#fittingTolerance}.
     */
    public static List<Region> of(Path path, WidthProfile profile, Ends ends, Corners corners) {
        if (!(profile.widest() > 0)) {
            return List.of();
        }
        if (path.length() <= 1e-9 * profile.widest()) {
            // No length to speak of: its ends alone.
            return ends == Ends.ROUND
                    ? List.of(Region.of(Path.closed(Arc.circle(path.start(), profile.widest() / 2, 0))))
                    : List.of();
        }
        return profile.isEven()
                ? even(path, profile.widest() / 2, ends, corners)
                : tapered(path, profile, ends, corners);
    }

    private static List<Region> even(Path path, double half, Ends ends, Corners corners) {
        boolean gentle = ends == Ends.BUTT && Gentle.isSo(path, half);
        return Attempts.over(List.of(path), half, corners, ends, swept -> {
            if (gentle) {
                swept.round(path, half, ends, 0);
                return List.of(Region.of(swept.paths().get(0)));
            }
            if (path.closed()) {
                swept.beside(path, half, false);
                swept.beside(path, -half, false);
            } else {
                swept.round(path, half, ends, 0);
            }
            return swept.regions(false);
        });
    }

    private static List<Region> tapered(Path path, WidthProfile profile, Ends ends, Corners corners) {
        Strips strips = new Strips(OffsetCurves.fittingTolerance(path.box()));
        tapered(strips, path, profile, corners);
        if (!path.closed()) {
            Curve first = path.curves().get(0);
            Curve last = path.curves().get(path.size() - 1);
            strips.cap(first.start(), first.tangent(0).times(-1), profile.width(0) / 2, ends);
            strips.cap(last.end(), last.tangent(1), profile.width(1) / 2, ends);
        }
        return Booleans.combined(strips.areas(), w -> w.held() > 0);
    }

    private static void tapered(Strips strips, Path path, WidthProfile profile, Corners corners) {
        double total = path.length();
        double done = 0;
        for (int i = 0; i < path.size(); i++) {
            Curve curve = path.curves().get(i);
            double length = curve.length();
            TreeSet<Double> cuts = new TreeSet<>(List.of(0.0, 1.0));
            for (WidthProfile.Stop stop : profile.stops()) {
                double along = stop.share() * total - done;
                if (along > 1e-9 * length && along < length * (1 - 1e-9)) {
                    cuts.add(curve.parameterAt(along));
                }
            }
            double from = 0;
            for (double to : cuts.tailSet(0.0, false)) {
                double a = (done + curve.lengthTo(from)) / total;
                double b = (done + curve.lengthTo(to)) / total;
                double halfA = profile.width(Math.min(1, a)) / 2;
                double halfB = profile.width(Math.min(1, b)) / 2;
                if (halfA > 0 || halfB > 0) {
                    strips.tapered(curve.part(from, to), halfA, halfB);
                }
                from = to;
            }
            if (i > 0 || path.closed()) {
                double half = profile.width(done / total) / 2;
                Curve before = path.curves().get(i == 0 ? path.size() - 1 : i - 1);
                if (half > 0) {
                    strips.corner(before, curve, half, corners);
                    strips.corner(before, curve, -half, corners);
                }
            }
            done += length;
        }
    }
}
