package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * The strands of a ring, laid by least change of curvature. Where they would cross more often than the plan says, such as neighbouring
 * turns that grow into one another, they are led closer along the plan, until they do not.
 */
final class RoundWays {
    /** Into how many parts each way between spots is divided, by one attempt after another. */
    private static final int[] LED = {1, 2, 3, 5, 9};

    /** Where a turn at a bar has come so far aside, it has come nearer to the bar by this power of that. */
    private static final double ROUNDNESS = 1.5;

    /** Between how many half cells a turn stays from its bar. */
    private static final double NEAREST = 0.2;

    private static final double FURTHEST = 0.4;

    private final Lay lay;

    private RoundWays(Lay lay) {
        this.lay = lay;
    }

    /** @param crossings how often the plan has them cross */
    static List<Path> of(List<List<Passage>> ways, Lay lay, int crossings) {
        RoundWays round = new RoundWays(lay);
        List<Path> strands = List.of();
        for (int led : LED) {
            strands = ways.stream()
                    .map(way -> Faired.path(round.places(way, led)))
                    .toList();
            if (Crossed.as(strands, crossings, 0)) {
                break;
            }
        }
        return strands;
    }

    /** The places that a strand is led through: its crossings and turns, and places between where the plan is bent or a way is led. */
    private List<Point> places(List<Passage> way, int led) {
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < way.size(); i++) {
            Watch.ask();
            Passage at = way.get(i);
            Passage next = way.get((i + 1) % way.size());
            places.add(lay.at(column(at), row(at)));
            double turn = Lattice.turn(at.column(), at.row(), at.acrossOn(), lay);
            int parts = Math.max(led, turn > Lattice.MOST_BENT ? (int) Math.ceil(turn / Lattice.MOST_BENT) + 1 : 1);
            for (int k = 1; k < parts; k++) {
                places.add(between(at, next, (double) k / parts));
            }
        }
        return places;
    }

    /** How far from its bar, in half cells, a turn stays: half as far as it is wide, within bounds; none at an edge. */
    private double clear(Passage turn) {
        if (!staysClear(turn)) {
            return 0;
        }
        double across = lay.step(turn.column(), turn.row(), 1, 0).length();
        double down = lay.step(turn.column(), turn.row(), 0, 1).length();
        double half = 0.5 * (turn.isLevel() ? across / down : down / across);
        return turn.edge()
                ? Lattice.shortfall(Math.min(across, down), Math.max(across, down))
                : Math.max(NEAREST, Math.min(FURTHEST, half));
    }

    private double column(Passage at) {
        return staysClear(at) && !at.isLevel() ? at.column() - clear(at) * at.across() : at.column();
    }

    private double row(Passage at) {
        return staysClear(at) && at.isLevel() ? at.row() - clear(at) * at.down() : at.row();
    }

    /** A place on the way from a spot to the next: straight in the plan, but round where a turn at a bar is at either end of it. */
    private Point between(Passage from, Passage to, double share) {
        // The next spot as the plan runs on, beyond the seam of the ring too.
        double columns = from.column() + from.acrossOn() + (column(to) - to.column()) - column(from);
        double rows = row(to) - row(from);
        double level = share;
        double upright = share;
        if (staysClear(from)) {
            double slow = Math.pow(share, ROUNDNESS);
            level = from.isLevel() ? share : slow;
            upright = from.isLevel() ? slow : share;
        } else if (staysClear(to)) {
            double slow = 1 - Math.pow(1 - share, ROUNDNESS);
            level = to.isLevel() ? share : slow;
            upright = to.isLevel() ? slow : share;
        }
        return lay.at(column(from) + level * columns, row(from) + upright * rows);
    }

    /** Whether it turns within the plan, or at an edge that does not turn it of itself. */
    private boolean staysClear(Passage at) {
        return !at.isCrossing() && !(at.edge() && at.isLevel() && lay.isBowed());
    }
}
