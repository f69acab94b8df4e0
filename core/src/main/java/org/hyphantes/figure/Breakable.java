package org.hyphantes.figure;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Point;
import org.hyphantes.plait.Bar;
import org.hyphantes.plait.Bars;
import org.hyphantes.plait.Lattice;

/** A form whose crossings can be broken: at each the strands turn back along a bar. */
public sealed interface Breakable extends Seated permits Panelled, Ringplait {
    /** Its single breaks, as {@link Bars}. */
    String breaks();

    /** The crossing of its plan at a place, as it lies upright about the origin; empty when none is near. */
    Optional<Lattice.Spot> spot(Point upright);

    /** The way across the columns of its plan at a place. */
    Point acrossColumns(Point upright);

    /** Whether a rule of its own breaks a crossing, which no single break can change. */
    default boolean isRuled(Lattice.Spot spot) {
        return false;
    }

    /** This form with a single break at a place taken out; empty when there is none. */
    default Optional<Form> rejoined(Point place) {
        Map<Lattice.Spot, Bar> left = new LinkedHashMap<>(Bars.read(breaks()));
        return spot(placed().inverse().of(place))
                .filter(spot -> left.remove(spot) != null)
                .map(spot -> (Form) schema().put(this, "breaks", Bars.of(left)));
    }

    /**
     * This form with the crossing at a place broken, or whole again when it is broken that way.
     *
     * @param place within its group
     * @param stroke the way the bar lies there
     * @return empty when no crossing of its own is there, or a rule breaks it
     */
    default Optional<Form> broken(Point place, Point stroke) {
        Point own = placed().inverse().of(place);
        Optional<Lattice.Spot> spot = spot(own);
        if (spot.isEmpty() || isRuled(spot.get())) {
            return Optional.empty();
        }
        Point way = placed().inverse().ofDirection(stroke).unit();
        Point across = acrossColumns(own);
        Bar bar = Math.abs(way.dot(across)) >= Math.abs(way.cross(across)) ? Bar.LEVEL : Bar.UPRIGHT;
        Map<Lattice.Spot, Bar> changed = new LinkedHashMap<>(Bars.read(breaks()));
        if (bar == changed.get(spot.get())) {
            changed.remove(spot.get());
        } else {
            changed.put(spot.get(), bar);
        }
        return Optional.of((Form) schema().put(this, "breaks", Bars.of(changed)));
    }
}
