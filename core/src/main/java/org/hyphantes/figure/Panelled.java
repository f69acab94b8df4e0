package org.hyphantes.figure;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.plait.Lattice;
import org.hyphantes.setting.Amount;

/** A plait on a rectangular plan, laid by two corners of the box that its outermost lines touch. */
public sealed interface Panelled extends Breakable permits Plait, BorderForm {
    Amount width();

    Amount height();

    /** Its plan. */
    Panel panel();

    @Override
    default List<Path> upright() {
        return panel().strands();
    }

    @Override
    default Optional<Lattice.Spot> spot(Point upright) {
        return panel().spot(upright);
    }

    @Override
    default Point acrossColumns(Point upright) {
        return new Point(1, 0);
    }

    @Override
    default Seated reaching(double leg, boolean otherWay) {
        double scale = 2 * leg / Math.hypot(width().value(), height().value());
        return (Seated) Seated.scaled(this, scale, List.of("out"));
    }

    /** The legs are opposite corners; the other way the first is the middle. */
    @Override
    default Form between(Point first, Point second, boolean otherWay) {
        return Rectangle.sized(this, first, second, otherWay);
    }
}
