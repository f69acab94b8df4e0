package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;

/** A form between two ends, each given by its distance from the centre of its group and its bearing. */
public sealed interface Ended extends Form permits LineForm, Wave {
    Amount out();

    Amount bearing();

    Amount farout();

    Amount farbearing();

    default Point start() {
        return Point.polar(out().value(), bearing().value());
    }

    default Point end() {
        return Point.polar(farout().value(), farbearing().value());
    }

    @Override
    default Point centre() {
        return start().middle(end());
    }

    /** This form between two other ends. */
    default Form ended(Point start, Point end) {
        Form form = Seated.put(Seated.put(this, "out", start.length()), "bearing", bearing(start, bearing()));
        return Seated.put(Seated.put(form, "farout", end.length()), "farbearing", bearing(end, farbearing()));
    }

    private static double bearing(Point p, Amount was) {
        return p.length() < 1e-9 ? was.value() : Angle.bearing(p);
    }

    @Override
    default Form between(Point first, Point second, boolean otherWay) {
        return ended(first, second);
    }

    @Override
    default Form carried(Affine similarity) {
        Form scaled = Seated.scaled(this, Math.sqrt(similarity.determinant()), List.of("out", "farout"));
        return ((Ended) scaled).ended(similarity.of(start()), similarity.of(end()));
    }
}
