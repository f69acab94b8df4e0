package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.geometry.plane.Booleans;

/**
 * Cuts one course by the planar subdivision, for where the edges of bands do not meet one by one: under shallow angles, at
 * corners, where two crossings lie close, and where three bands share a place. What is taken away is the same: the bands over it,
 * widened by the clearance; all of them that reach it.
 *
 * <p>Where three bands share a place and each lies over the next, what all of them have in common would be taken from each. It is
 * left to one of them: a band over it that itself dives under a third takes nothing where that third lies.
 */
final class Clipping {
    /** A piece beside its centre line that is smaller than this share of the square of its band is let go. */
    private static final double SHOWS = 0.05;

    /** In a design with more crowded under-passes each course is cut at its ends alone: holes there are told, and nobody waits for them. */
    private static final int MOST_TOGETHER = 64;

    private final Projection projection;
    private final Reaches reaches;
    private final boolean together;
    private final Map<Integer, List<Region>> overs = new HashMap<>();
    private boolean refused;

    /** @param crowded how many under-passes are crowded */
    Clipping(Projection projection, Reaches reaches, int crowded) {
        this.projection = projection;
        this.reaches = reaches;
        this.together = crowded <= MOST_TOGETHER;
    }

    /** A course in its pieces, none where nothing of it shows; and whether the subdivision could cut it, or it is drawn uncut. */
    record Clipped(List<Region> pieces, boolean isCut) {}

    /**
     * The stretch of a strand's band from one under-pass to another that lies further on, less the bands over it there, in pieces.
     *
     * @param from the passage it comes from, -1 for the strand's start
     * @param to the passage it runs to, -1 for the strand's end
     */
    Clipped course(int s, int from, int to) {
        refused = false;
        List<Region> pieces = pieces(s, from, to);
        return new Clipped(pieces, !refused);
    }

    private List<Region> pieces(int s, int from, int to) {
        Strand strand = projection.strands().get(s);
        Path path = strand.path();
        double a = from < 0 ? 0 : reaches.along(from);
        double b = to < 0 ? path.length() : reaches.along(to);
        if (path.closed() && b <= a && from >= 0) {
            b += path.length();
        }
        double spare = path.closed() ? 0.45 * Math.max(0, path.length() - (b - a)) : Double.POSITIVE_INFINITY;
        double before = from < 0 ? 0 : Math.min(spare, 2 * reaches.zone(from));
        double after = to < 0 ? 0 : Math.min(spare, 2 * reaches.zone(to));
        Set<Integer> under = under(from, to, before, after);
        Stretches cut = new Stretches(strand, a, b, before, after, parted(under, a, b));
        List<Region> all = cut(cut, under);
        // What lies beyond an under-pass is cut off by it; where it is not, the band ends straight at the crossing.
        boolean early = from >= 0 && holds(all, path, a - before, a, strand);
        boolean late = to >= 0 && holds(all, path, b, b + after, strand);
        return united(
                early || late
                        ? cut(new Stretches(strand, a, b, early ? 0 : before, late ? 0 : after, cut.parts()), under)
                        : all);
    }

    /**
     * How a course is cut: from one length to another, and on beyond its ends; and between which lengths it is not cut by what it lies over
     * itself.
     */
    private record Stretches(Strand strand, double a, double b, double before, double after, double[] parts) {}

    /** Where a course that dives under itself parts into its ends, which do so, and what is between: half the way round each loop. */
    private double[] parted(Set<Integer> under, double a, double b) {
        double[] parts = {a, b};
        for (int passage : under) {
            double over = own(passage, a, b);
            if (over > a && over < b) {
                double at = reaches.along(passage);
                double whole = reaches.path(passage).length();
                // On the lap of the course.
                double nearA = at + whole * Math.rint((a - at) / whole);
                double nearB = at + whole * Math.rint((b - at) / whole);
                if (Math.abs(nearB - b) <= Math.abs(nearA - a)) {
                    parts[1] = Math.min(parts[1], Math.max((a + b) / 2, (over + Math.min(b, nearB)) / 2));
                } else {
                    parts[0] = Math.max(parts[0], Math.min((a + b) / 2, (over + Math.max(a, nearA)) / 2));
                }
            }
        }
        return parts;
    }

    /** Where on a course, or by it, the strand over an under-pass is that course itself; not a number where it is not. */
    private double own(int passage, double a, double b) {
        if (projection.strand(passage) != projection.strand(passage ^ 1)) {
            return Double.NaN;
        }
        Path path = reaches.path(passage);
        Reaches.Stretch over = reaches.stretch(passage ^ 1);
        double lap = path.closed() ? path.length() * Math.ceil((a - over.to()) / path.length()) : 0;
        return over.to() + lap > a && over.from() + lap < b ? reaches.along(passage ^ 1) + lap : Double.NaN;
    }

    private List<Region> cut(Stretches how, Set<Integer> under) {
        List<Region> all = new ArrayList<>();
        List<Region> others = new ArrayList<>();
        for (int passage : under) {
            Watch.ask();
            List<Region> taken = over(passage);
            all.addAll(taken);
            if (Double.isNaN(own(passage, how.a(), how.b()))) {
                others.addAll(taken);
            }
        }
        double from = how.parts()[0];
        double to = how.parts()[1];
        List<Region> kept = new ArrayList<>();
        if (from > how.a()) {
            kept.addAll(pieces(how.strand(), new Reaches.Stretch(how.a() - how.before(), from), how.a(), how.b(), all));
        }
        kept.addAll(pieces(
                how.strand(),
                new Reaches.Stretch(
                        from > how.a() ? from : how.a() - how.before(), to < how.b() ? to : how.b() + how.after()),
                how.a(),
                how.b(),
                others));
        if (to < how.b()) {
            kept.addAll(pieces(how.strand(), new Reaches.Stretch(to, how.b() + how.after()), how.a(), how.b(), all));
        }
        return kept;
    }

    private static List<Region> united(List<Region> pieces) {
        try {
            return pieces.size() < 2 ? pieces : Booleans.union(pieces);
        } catch (IllegalStateException | IllegalArgumentException e) {
            return pieces;
        }
    }

    /** The under-passes that reach a course: those at its ends, and those beyond that are near. */
    private Set<Integer> under(int from, int to, double before, double after) {
        Set<Integer> found = new LinkedHashSet<>();
        if (from >= 0) {
            found.add(from);
            near(from, -1, before, found);
        }
        if (to >= 0) {
            found.add(to);
            near(to, 1, after, found);
        }
        return found;
    }

    private void near(int passage, int way, double within, Set<Integer> found) {
        for (int i = 1; together && i < projection.passages(projection.strand(passage)); i++) {
            OptionalInt next = projection.beyond(passage, way * i);
            if (next.isEmpty()) {
                return;
            }
            double apart = Math.abs(reaches.apart(passage, next.getAsInt()));
            if (apart > 4 * within + 1e-9) {
                return;
            }
            if (!reaches.isOver(next.getAsInt()) && apart <= within + reaches.zone(next.getAsInt())) {
                found.add(next.getAsInt());
            }
        }
    }

    /**
     * The pieces of a stretch of a band, less what is taken, through which its centre line runs between two lengths; and what shows of it
     * beside another band, while its centre line runs hidden.
     */
    private List<Region> pieces(Strand strand, Reaches.Stretch stretch, double a, double b, List<Region> taken) {
        List<Region> kept = new ArrayList<>();
        for (Region band : reaches.band(strand, stretch, 0)) {
            for (Region piece : less(band, meeting(band, taken))) {
                if (holds(List.of(piece), strand.path(), a, b, strand)
                        || piece.area() > SHOWS * strand.width() * strand.width()
                                && isBeside(strand.path(), piece.centroid(), a, b)) {
                    kept.add(piece);
                }
            }
        }
        return kept;
    }

    /** Whether the nearest place of a path to a point lies between two lengths. */
    private static boolean isBeside(Path path, Point p, double a, double b) {
        double at = path.lengthTo(path.nearest(p));
        double whole = path.length();
        return path.closed() ? at + whole * Math.ceil((a - at) / whole) < b : at > a && at < b;
    }

    /** Whether regions hold a place of a centre line between two lengths. */
    private static boolean holds(List<Region> regions, Path path, double a, double b, Strand strand) {
        int n = (int) Math.max(6, Math.min(400, Math.ceil(4 * (b - a) / strand.width())));
        for (int i = 0; i < n; i++) {
            Point p = Reaches.at(path, a + (b - a) * (i + 0.5) / n);
            if (regions.stream().anyMatch(r -> r.contains(p))) {
                return true;
            }
        }
        return false;
    }

    /** What is left of a band; all of it where the subdivision gives up, for a band is never left out. */
    private List<Region> less(Region band, List<Region> taken) {
        try {
            return taken.isEmpty() ? List.of(band) : Booleans.minus(band, taken);
        } catch (IllegalStateException | IllegalArgumentException e) {
            refused = true;
            return List.of(band);
        }
    }

    /** What the band over an under-pass takes; found once, for every course that it reaches. */
    private List<Region> over(int passage) {
        List<Region> known = overs.get(passage);
        if (known == null) {
            known = overOf(passage);
            overs.put(passage, known);
        }
        return known;
    }

    private List<Region> overOf(int passage) {
        int above = passage ^ 1;
        Strand strand = projection.strands().get(projection.strand(above));
        Reaches.Stretch stretch = reaches.stretch(above);
        List<Region> taken = reaches.band(strand, stretch, reaches.clearance());
        Set<Integer> thirds = thirds(passage, stretch);
        if (thirds.isEmpty()) {
            return taken;
        }
        List<Region> left = new ArrayList<>();
        for (int third : thirds) {
            Strand over = projection.strands().get(projection.strand(third));
            left.addAll(reaches.band(over, reaches.stretch(third), 0));
        }
        return taken.stream()
                .flatMap(region -> less(region, meeting(region, left)).stream())
                .toList();
    }

    /** Those of some regions whose boxes meet that of another. */
    private static List<Region> meeting(Region region, List<Region> others) {
        Box box = region.outline().box();
        return others.stream().filter(o -> o.outline().box().meets(box)).toList();
    }

    /**
     * Where the band over an under-pass itself goes under a third that the strand below lies over, or under that strand: passages of
     * those over it. Of their crossings the first, in the order of the projection, tells to whom the common part is left, so it is left to one alone.
     */
    private Set<Integer> thirds(int passage, Reaches.Stretch stretch) {
        int above = passage ^ 1;
        int o = projection.strand(above);
        Set<Integer> found = new LinkedHashSet<>();
        double within = stretch.length() + reaches.zone(above);
        for (int way : new int[] {-1, 1}) {
            for (int i = 1; together && i < projection.passages(o); i++) {
                OptionalInt next = projection.beyond(above, way * i);
                if (next.isEmpty() || Math.abs(reaches.apart(above, next.getAsInt())) > within) {
                    break;
                }
                if (!reaches.isOver(next.getAsInt()) && isFirst(passage, next.getAsInt())) {
                    found.add(next.getAsInt() ^ 1);
                }
            }
        }
        return found;
    }

    /**
     * Whether what is common is left to the strand of an under-pass, where the strand over it dives at another passage: under that same
     * strand, before the two come clear, or under a third that it lies over near by.
     */
    private boolean isFirst(int passage, int dive) {
        if (reaches.isNear(passage, dive ^ 1)) {
            return passage / 2 < dive / 2;
        }
        OptionalInt meet = between(passage, dive ^ 1);
        return meet.isPresent() && passage / 2 < dive / 2 && passage / 2 < meet.getAsInt();
    }

    /** The meet near an under-pass where its strand lies over the strand of another passage. */
    private OptionalInt between(int passage, int third) {
        for (int way : new int[] {-1, 1}) {
            for (int i = 1; i < projection.passages(projection.strand(passage)); i++) {
                Watch.ask();
                OptionalInt next = projection.beyond(passage, way * i);
                if (next.isEmpty() || !reaches.isNear(passage, next.getAsInt())) {
                    break;
                }
                if (reaches.isOver(next.getAsInt()) && reaches.isNear(third, next.getAsInt() ^ 1)) {
                    return OptionalInt.of(next.getAsInt() / 2);
                }
            }
        }
        return OptionalInt.empty();
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
}
