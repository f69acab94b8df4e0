package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;

/** How far the bands of a projection lie over one another about a crossing, measured along a strand; and that stretch of a band. */
final class Reaches {
    /** Of a strand's length so small a share is nothing of it. */
    private static final double DUST = 1e-9;

    private final Projection projection;
    private final boolean[] firstOver;
    private final double clearance;
    private final double[] along;
    private final double[] zone;
    private final Stretch[] stretches;

    /** @param firstOver whether each meet's first strand is over */
    Reaches(Projection projection, boolean[] firstOver, double clearance) {
        this.projection = projection;
        this.firstOver = firstOver;
        this.clearance = clearance;
        this.along = new double[2 * projection.meets().size()];
        Arrays.fill(along, Double.NaN);
        this.zone = along.clone();
        this.stretches = new Stretch[along.length];
    }

    /** A stretch of a strand by lengths (mm) along it; on a closed one they may lie beyond its start or its length. */
    record Stretch(double from, double to) {
        double length() {
            return to - from;
        }
    }

    Path path(int passage) {
        return projection.strands().get(projection.strand(passage)).path();
    }

    /** How far (mm) along its strand a passage lies. */
    double along(int passage) {
        if (Double.isNaN(along[passage])) {
            along[passage] = path(passage).lengthTo(projection.position(passage));
        }
        return along[passage];
    }

    /** How far (mm) one passage lies beyond another on their strand, the nearer way round on a closed one. */
    double apart(int from, int to) {
        Path path = path(from);
        double ahead = along(to) - along(from);
        return path.closed() ? Math.IEEEremainder(ahead, path.length()) : ahead;
    }

    /** How far (mm) from a crossing straight bands of those widths lie over one another along the strand of a passage. */
    double zone(int passage) {
        if (Double.isNaN(zone[passage])) {
            zone[passage] = zoneOf(passage);
        }
        return zone[passage];
    }

    /** How far (mm) from a crossing the middle of the band that goes under comes clear of a straight one over it. */
    double beside(int passage) {
        Strand own = projection.strands().get(projection.strand(passage));
        Strand other = projection.strands().get(projection.strand(passage ^ 1));
        Point heading = own.path().tangent(projection.position(passage));
        Point across = other.path().tangent(projection.position(passage ^ 1));
        return (other.width() / 2 + clearance) / Math.max(0.08, Math.abs(heading.cross(across)));
    }

    private double zoneOf(int passage) {
        Strand own = projection.strands().get(projection.strand(passage));
        Strand other = projection.strands().get(projection.strand(passage ^ 1));
        Point heading = own.path().tangent(projection.position(passage));
        Point across = other.path().tangent(projection.position(passage ^ 1));
        double sine = Math.max(0.08, Math.abs(heading.cross(across)));
        double cosine = Math.abs(heading.dot(across));
        double zone = (other.width() / 2 + clearance + own.width() / 2 * cosine) / sine;
        double most = own.path().length() / (own.path().closed() ? 2 : 1);
        return Math.min(zone, most);
    }

    /**
     * The stretch of the strand of a passage that lies over, or under, the band it crosses there, until both are clear of one another; no
     * further than half the way to where the same two cross the other way about.
     */
    Stretch stretch(int passage) {
        Watch.ask();
        if (stretches[passage] == null) {
            double at = along(passage);
            stretches[passage] = new Stretch(at - reach(passage, -1), at + reach(passage, 1));
        }
        return stretches[passage];
    }

    /** Whether the strand of a passage ends before its band has come clear of the one that it crosses there. */
    boolean endsAt(int passage) {
        Path path = path(passage);
        double at = along(passage);
        return !path.closed() && Math.min(at, path.length() - at) < zone(passage);
    }

    private double reach(int passage, int way) {
        Strand own = projection.strands().get(projection.strand(passage));
        Strand other = projection.strands().get(projection.strand(passage ^ 1));
        Path path = own.path();
        double at = along(passage);
        double zone = zone(passage);
        double most = Math.min(4 * zone + own.width() + other.width(), path.length() / (path.closed() ? 2 : 1));
        double room = path.closed() ? most : way > 0 ? path.length() - at : at;
        most = Math.min(Math.min(most, room), back(passage, way).orElse(most));
        Path near = part(
                passage ^ 1,
                new Stretch(
                        along(passage ^ 1) - 2 * zone(passage ^ 1) - other.width(),
                        along(passage ^ 1) + 2 * zone(passage ^ 1) + other.width()));
        double step = Math.max(Math.min(own.width(), other.width()) / 3, most / 200);
        double clear = (own.width() + other.width()) / 2 + clearance;
        for (double gone = zone / 2; gone < most; gone += step) {
            Watch.ask();
            Point there = at(path, at + way * gone);
            if (near.at(near.nearest(there)).distance(there) > clear) {
                return gone;
            }
        }
        return most;
    }

    /** Half the way (mm) to where the same two strands cross next with the other over, if they do. */
    private OptionalDouble back(int passage, int way) {
        Path path = path(passage);
        for (int i = 1; i < projection.passages(projection.strand(passage)); i++) {
            OptionalInt next = projection.beyond(passage, way * i);
            if (next.isEmpty()) {
                return OptionalDouble.empty();
            }
            if (isOver(next.getAsInt()) != isOver(passage) && isLens(passage, next.getAsInt())) {
                double ahead = way * (along(next.getAsInt()) - along(passage));
                if (path.closed()) {
                    ahead -= path.length() * Math.floor(ahead / path.length());
                }
                return OptionalDouble.of(ahead / 2);
            }
        }
        return OptionalDouble.empty();
    }

    /** Whether two strands, or two stretches of one, run beside one another from one crossing to another. */
    boolean isLens(int passage, int next) {
        int s = projection.strand(passage);
        if (projection.strand(passage ^ 1) == s) {
            // Two stretches of one strand do so only while they cross nothing between.
            int n = projection.passages(s);
            int by = Math.floorMod(projection.ordinal(passage ^ 1) - projection.ordinal(next ^ 1), n);
            return by == 1 || by == n - 1;
        }
        return projection.strand(passage ^ 1) == projection.strand(next ^ 1)
                && Math.abs(apart(passage ^ 1, next ^ 1)) <= 3 * Math.abs(apart(passage, next));
    }

    /** Whether two passages of one strand are so near that what crosses at them may reach the same place. */
    boolean isNear(int passage, int other) {
        return projection.strand(passage) == projection.strand(other)
                && Math.abs(apart(passage, other)) <= 2 * (zone(passage) + zone(other));
    }

    boolean isOver(int passage) {
        return firstOver[passage / 2] ^ passage % 2 == 1;
    }

    /** Whether the band of the strand of a passage is equally wide all along. */
    boolean isEven(int passage) {
        return projection
                .strands()
                .get(projection.strand(passage))
                .band()
                .widths()
                .isEven();
    }

    double clearance() {
        return clearance;
    }

    static Point at(Path path, double length) {
        return path.at(path.positionAt(onLap(path, length)));
    }

    /** A length along a path, on its first lap if it is closed, on the path if it is open. */
    static double onLap(Path path, double length) {
        double whole = path.length();
        return path.closed() ? length - whole * Math.floor(length / whole) : Math.max(0, Math.min(whole, length));
    }

    /** The stretch of the strand of a passage, as an open path. */
    Path part(int passage, Stretch stretch) {
        return part(path(passage), stretch);
    }

    static Path part(Path path, Stretch stretch) {
        double a = onLap(path, stretch.from());
        double b = onLap(path, stretch.to());
        if (path.closed() && stretch.length() >= path.length()) {
            a = onLap(path, (stretch.from() + stretch.to()) / 2 + path.length() / 2);
            b = a;
        }
        List<Curve> curves = new ArrayList<>(path.part(path.positionAt(a), path.positionAt(b)));
        // Where it begins or ends at a joint but for rounding, what is left of the curve beyond would be dust.
        double dust = DUST * path.length();
        if (curves.size() > 1 && curves.get(0).length() < dust) {
            curves.remove(0);
        }
        if (curves.size() > 1 && curves.get(curves.size() - 1).length() < dust) {
            curves.remove(curves.size() - 1);
        }
        return curves.isEmpty() ? path : new Path(curves, false);
    }

    /** The band of a strand along a stretch, widened all round; butt at its ends but for those of the strand itself. */
    List<Region> band(Strand strand, Stretch stretch, double more) {
        Path path = strand.path();
        boolean first = !path.closed() && stretch.from() <= 1e-9;
        boolean last = !path.closed() && stretch.to() >= path.length() - 1e-9;
        double a = path.positionAt(onLap(path, stretch.from()));
        double b = path.positionAt(onLap(path, stretch.to()));
        Path part = part(path, stretch);
        Ends ends = first || last ? strand.ends() : Ends.BUTT;
        if (more > 0 && ends == Ends.BUTT && (first || last)) {
            part = longer(part, first ? more : 0, last ? more : 0);
        }
        return BandOutline.regions(
                part, widths(strand, a, b).plus(2 * more), ends, strand.band().corners());
    }

    /** An open path that runs straight on before its start and beyond its end. */
    private static Path longer(Path path, double before, double after) {
        List<Curve> curves = new ArrayList<>(path.curves());
        if (before > 0) {
            Point start = path.start();
            curves.add(0, new Line(start.minus(path.tangent(0).times(before)), start));
        }
        if (after > 0) {
            Point end = path.end();
            curves.add(new Line(end, end.plus(path.arrival(path.size()).times(after))));
        }
        return new Path(curves, false);
    }

    /** The widths of a strand's band from one position to another, which on a closed path may lie behind the first. */
    static WidthProfile widths(Strand strand, double from, double to) {
        WidthProfile widths = strand.band().widths();
        if (widths.isEven()) {
            return widths;
        }
        Path path = strand.path();
        double whole = path.length();
        double a = Math.max(0, path.lengthTo(Math.max(0, from)) / whole);
        double b = Math.min(1, path.lengthTo(Math.min(path.size(), to)) / whole);
        // Over the seam of a closed path the widths are those at both ends, and straight between them.
        return b > a ? widths.stretch(a, b) : WidthProfile.taper(widths.width(a), widths.width(b));
    }

    /** The length (mm) from one position to another, which on a closed path may lie before the first. */
    static double length(Path path, double a, double b) {
        double ahead = path.lengthTo(b) - path.lengthTo(a);
        return path.closed() && ahead < 0 ? ahead + path.length() : ahead;
    }
}
