package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.geometry.plane.Booleans;

/**
 * Cuts one course by the planar subdivision, for where the edges of bands do not meet one by one: under shallow angles, at
 * corners, and where two crossings lie close. What is taken away is the same: the bands over it, widened by the clearance.
 */
final class Clipping {
    /** A course, and whether the bands come clear of one another before the next crossing. */
    record Clipped(Region region, boolean hasRoom) {}

    private final Projection projection;
    private final double clearance;

    Clipping(Projection projection, double clearance) {
        this.projection = projection;
        this.clearance = clearance;
    }

    /**
     * The stretch of a strand's band from one under-pass to another, less the bands over it there; of several pieces the
     * largest.
     *
     * @param from the passage it comes from, -1 for the strand's start
     * @param to the passage it runs to, -1 for the strand's end
     * @return empty when nothing of the band is left, or it could not be cut
     */
    Optional<Clipped> course(int s, int from, int to) {
        Strand strand = projection.strands().get(s);
        double a = from < 0 ? 0 : projection.position(from);
        double b = to < 0 ? strand.path().size() : projection.position(to);
        List<Region> stretch = band(strand.path().part(a, b), widths(strand, a, b), strand.ends());
        if (stretch.isEmpty()) {
            return Optional.empty();
        }
        List<Region> taken = new ArrayList<>();
        boolean room = true;
        for (int passage : new int[] {from, to}) {
            Watch.ask();
            if (passage >= 0) {
                double[] reach = reach(passage ^ 1);
                taken.addAll(over(passage ^ 1, reach));
                room &= isClear(strand, passage ^ 1, reach[0]) && isClear(strand, passage ^ 1, reach[1]);
            }
        }
        boolean sound = room;
        return stretch.stream()
                .flatMap(band -> less(band, taken).stream())
                .max(Comparator.comparingDouble(Region::area))
                .map(region -> new Clipped(region, sound));
    }

    /** What is left of a band; nothing where the subdivision gives up, so that one bad place is reported and the rest drawn. */
    private static List<Region> less(Region band, List<Region> taken) {
        try {
            return Booleans.minus(band, taken);
        } catch (IllegalStateException | IllegalArgumentException e) {
            return List.of();
        }
    }

    /**
     * The positions half the way from a passage to its neighbours on its strand, but no further than the bands lie over one another
     * there; beyond an end where there is no neighbour.
     */
    private double[] reach(int passage) {
        int s = projection.strand(passage);
        Path path = projection.strands().get(s).path();
        int n = projection.passages(s);
        int at = projection.ordinal(passage);
        double here = projection.position(passage);
        boolean first = !path.closed() && at == 0;
        boolean last = !path.closed() && at == n - 1;
        double before = first ? -here : position(s, at - 1, n);
        double after = last ? 2 * path.size() - here : position(s, at + 1, n);
        Strand other = projection.strands().get(projection.strand(passage ^ 1));
        Point heading = path.tangent(here);
        double sine = Math.abs(heading.cross(other.path().tangent(projection.position(passage ^ 1))));
        double most =
                1.2 * (projection.strands().get(s).width() + other.width() + 2 * clearance) / Math.max(0.12, sine);
        return new double[] {
            nearer(path, here, (before + here) / 2, -most), nearer(path, here, (here + after) / 2, most)
        };
    }

    /** A position, or that a length on from another where this is nearer. */
    private static double nearer(Path path, double here, double there, double on) {
        Stride stride = new Stride(path, here);
        stride.go(on);
        double reached = stride.position();
        if (path.closed()) {
            double laps = Math.abs(on) / path.length();
            return laps >= 0.5
                    ? there
                    : on < 0
                            ? Math.max(there, onward(reached, here, path, -1))
                            : Math.min(there, onward(reached, here, path, 1));
        }
        return on < 0 ? Math.max(there, reached) : Math.min(there, reached);
    }

    /** A position on a closed path by whole laps so that it lies on the wanted side of another. */
    private static double onward(double position, double here, Path path, int way) {
        double size = path.size();
        double moved = position - size * Math.floor((position - here) / size);
        return way > 0 ? moved : moved - size;
    }

    /** Whether the strand over has come clear of a strand at a position; the end of an open strand is no matter. */
    private boolean isClear(Strand strand, int passage, double position) {
        Strand over = projection.strands().get(projection.strand(passage));
        Path path = over.path();
        if (!path.closed() && (position <= 0 || position >= path.size())) {
            return true;
        }
        Point there = path.at(onLap(path, position));
        double away = strand.path().at(strand.path().nearest(there)).distance(there);
        return over.key().equals(strand.key())
                || away > (over.width(onLap(path, position)) + strand.width()) / 2 + clearance;
    }

    /** The widened band of the strand over a crossing, within its reach. */
    private List<Region> over(int passage, double[] reach) {
        Strand strand = projection.strands().get(projection.strand(passage));
        Path path = strand.path();
        double a = onLap(path, reach[0]);
        double b = onLap(path, reach[1]);
        return band(path.part(a, b), widths(strand, a, b).plus(2 * clearance), Ends.BUTT);
    }

    private static double onLap(Path path, double position) {
        return path.closed() ? position - path.size() * Math.floor(position / path.size()) : position;
    }

    /** The position of a passage by its ordinal, which may run a lap ahead or behind. */
    private double position(int s, int ordinal, int n) {
        double size = projection.strands().get(s).path().size();
        int lap = Math.floorDiv(ordinal, n);
        return projection.position(projection.passage(s, Math.floorMod(ordinal, n))) + lap * size;
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

    private static List<Region> band(List<Curve> along, WidthProfile widths, Ends ends) {
        return along.isEmpty() ? List.of() : BandOutline.regions(new Path(along, false), widths, ends);
    }
}
