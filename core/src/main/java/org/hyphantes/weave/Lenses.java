package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/** Finds where two strands cross once one way about and next the other, with their bands over one another all the way between. */
final class Lenses {
    /** Where between two crossings strands are compared first, as shares of the way. */
    private static final double[] SHARES = {0.5, 0.25, 0.75};

    /** In so many parts of the way they are compared then. */
    private static final int PARTS = 16;

    /** Bands whose strands are nearer than this share of half their widths lie over one another beyond doubt. */
    private static final double WELL = 0.95;

    private final Projection projection;
    private final Reaches reaches;

    /** The two passages of one of the strands, and a place on it between them. */
    record Lens(int here, int next, Point middle) {}

    private Lenses(Projection projection, Reaches reaches) {
        this.projection = projection;
        this.reaches = reaches;
    }

    static List<Lens> of(Projection projection, Reaches reaches) {
        Lenses finding = new Lenses(projection, reaches);
        List<Lens> lenses = new ArrayList<>();
        for (int s = 0; s < projection.strands().size(); s++) {
            int n = projection.passages(s);
            Path path = projection.strands().get(s).path();
            for (int i = path.closed() ? 0 : 1; i < n && n > 1; i++) {
                Watch.ask();
                int here = projection.passage(s, Math.floorMod(i - 1, n));
                int next = projection.passage(s, i);
                if (here / 2 != next / 2
                        && reaches.isLens(here, next)
                        && reaches.isOver(here) != reaches.isOver(next)
                        && finding.isOnePart(here, next)) {
                    double half = reaches.apart(here, next) / 2;
                    lenses.add(new Lens(here, next, Reaches.at(path, reaches.along(here) + half)));
                }
            }
        }
        return lenses;
    }

    /** Whether what two bands have in common at two of their crossings is one part, and so all the way between. */
    private boolean isOnePart(int here, int next) {
        double together = (width(here) + width(here ^ 1)) / 2;
        for (double share : SHARES) {
            if (away(here, next, share) > together) {
                return false;
            }
        }
        if (liesWellOver(here, next, together) && liesWellOver(here ^ 1, next ^ 1, together)) {
            return true;
        }
        Point first = projection.meets().get(here / 2).place();
        Point second = projection.meets().get(next / 2).place();
        for (Region one : reaches.band(strand(here), between(here, next), 0)) {
            for (Region other : reaches.band(strand(here ^ 1), between(here ^ 1, next ^ 1), 0)) {
                if (ThreeBands.common(List.of(one, other)).stream()
                        .anyMatch(r -> r.contains(first) && r.contains(second))) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Whether a strand runs beside another from one of their crossings to the next and does not leave it: two even bands do so beyond doubt. */
    private boolean liesWellOver(int here, int next, double together) {
        if (!reaches.isEven(here) || !reaches.isEven(here ^ 1)) {
            return false;
        }
        double at = reaches.along(here ^ 1);
        double apart = reaches.apart(here ^ 1, next ^ 1);
        Path beside = reaches.part(here ^ 1, new Reaches.Stretch(at + Math.min(0, apart), at + Math.max(0, apart)));
        for (int k = 1; k < PARTS; k++) {
            Point place = Reaches.at(reaches.path(here), reaches.along(here) + reaches.apart(here, next) * k / PARTS);
            if (beside.at(beside.nearest(place)).distance(place) > WELL * together) {
                return false;
            }
        }
        return true;
    }

    private Strand strand(int passage) {
        return projection.strands().get(projection.strand(passage));
    }

    private double width(int passage) {
        return strand(passage).width();
    }

    /** How far (mm) the strand over or under is from a place between two passages; a strand that crosses itself is not near itself for that. */
    private double away(int here, int next, double share) {
        Path path = reaches.path(here);
        Path other = reaches.path(here ^ 1);
        Point place = Reaches.at(path, reaches.along(here) + share * reaches.apart(here, next));
        Point there = other == path
                ? Reaches.at(path, reaches.along(here ^ 1) + share * reaches.apart(here ^ 1, next ^ 1))
                : other.at(other.nearest(place));
        return there.distance(place);
    }

    /** The stretch from one passage to another, and on by as much as their crossings reach. */
    private Reaches.Stretch between(int here, int next) {
        double at = reaches.along(here);
        double apart = reaches.apart(here, next);
        double more = Math.max(reaches.zone(here), reaches.zone(next));
        return new Reaches.Stretch(at + Math.min(0, apart) - more, at + Math.max(0, apart) + more);
    }
}
