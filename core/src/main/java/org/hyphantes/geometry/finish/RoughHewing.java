package org.hyphantes.geometry.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeetings;

/**
 * Outlines as if cut by hand in strokes: each stroke ends a little aside of where it should. How far depends on the place and the seed
 * alone, so that neighbours still fit one another. No outline crosses itself or another of its area: where it would, strokes go less far aside.
 */
public final class RoughHewing {
    /** So often is what would cross made half as rough, before it is left as it is. */
    private static final int HALVINGS = 6;

    /** A corner sharper than this cosine stays one where strokes are soft. */
    private static final double CORNER = 0.94;

    private final double perMillimetre;
    private final double deep;
    private final boolean soft;
    private final long seed;

    /**
     * @param perCentimetre how many strokes come to a centimetre, above 0
     * @param deep how far (mm) they may end aside
     * @param soft whether they bend into one another
     */
    public RoughHewing(double perCentimetre, double deep, boolean soft, long seed) {
        if (!(perCentimetre > 0) || !(deep >= 0)) {
            throw new IllegalArgumentException("strokes are more than 0 to the centimetre and 0 mm deep or more, not "
                    + perCentimetre + ", " + deep);
        }
        this.perMillimetre = perCentimetre / 10;
        this.deep = deep;
        this.soft = soft;
        this.seed = seed;
    }

    /** About how many strokes go round a length (mm). */
    public static double strokes(double length, double perCentimetre) {
        return length * perCentimetre / 10 + 1;
    }

    /** The area with rough outlines. */
    public Region of(Region region) {
        double much = deep;
        for (int i = 0; i < HALVINGS; i++) {
            Watch.ask();
            List<Path> borders = new ArrayList<>();
            for (Path border : region.borders()) {
                borders.add(hewn(border, much));
            }
            if (borders.stream().noneMatch(Objects::isNull)
                    && PathMeetings.of(borders).isEmpty()
                    && isWithin(borders)) {
                return new Region(borders.get(0), borders.subList(1, borders.size()));
            }
            much /= 2;
        }
        return region;
    }

    private static boolean isWithin(List<Path> borders) {
        Region outline = Region.of(borders.get(0));
        return borders.stream().skip(1).allMatch(hole -> outline.contains(hole.start()));
    }

    /** A path hewn; null where so little is left of it that it has no strokes. */
    private Path hewn(Path path, double much) {
        List<Point> places = new ArrayList<>();
        List<Boolean> corners = new ArrayList<>();
        Curve before = path.curves().get(path.size() - 1);
        for (Curve curve : path.curves()) {
            int n = Math.max(curve instanceof Line ? 1 : 3, (int) Math.round(curve.length() * perMillimetre));
            for (int k = 0; k < n; k++) {
                Point at = k == 0 ? curve.start() : curve.at(curve.parameterAt(curve.length() * k / n));
                Point moved = moved(at, much);
                if (places.isEmpty() || moved.distance(places.get(places.size() - 1)) > 0) {
                    places.add(moved);
                    corners.add(k == 0 && before.tangent(1).dot(curve.tangent(0)) < CORNER);
                }
            }
            before = curve;
        }
        if (places.size() < 3) {
            return null;
        }
        return soft ? bent(places, corners) : Path.polygon(places);
    }

    private static Path bent(List<Point> places, List<Boolean> corners) {
        int n = places.size();
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Point from = places.get(i);
            Point to = places.get((i + 1) % n);
            Point leaving = heading(places, corners, i, to.minus(from));
            Point arriving = heading(places, corners, (i + 1) % n, to.minus(from));
            curves.add(new Cubic(from, from.plus(leaving.times(1 / 3.0)), to.minus(arriving.times(1 / 3.0)), to));
        }
        return new Path(curves, true);
    }

    private static Point heading(List<Point> places, List<Boolean> corners, int i, Point chord) {
        if (corners.get(i)) {
            return chord;
        }
        int n = places.size();
        Point wide = places.get((i + 1) % n).minus(places.get((i + n - 1) % n));
        return wide.length() == 0 ? chord : wide.unit().times(chord.length());
    }

    private Point moved(Point at, double much) {
        long x = Math.round(at.x() * 1e4);
        long y = Math.round(at.y() * 1e4);
        long hash = mixed(mixed(mixed(seed + 0x9E3779B97F4A7C15L) + x) + y);
        double bearing = (hash >>> 40) / (double) (1 << 24) * 360;
        double out = Math.sqrt((hash >>> 16 & 0xFFFFFF) / (double) (1 << 24)) * much;
        return at.plus(Point.polar(out, bearing));
    }

    /** Source: G. L. Steele, D. Lea and C. H. Flood, Fast Splittable Pseudorandom Number Generators, OOPSLA 2014. */
    private static long mixed(long bits) {
        long z = (bits ^ bits >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return z ^ z >>> 31;
    }
}
