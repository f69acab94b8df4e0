package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.EllipticalArc;
import org.hyphantes.geometry.Line;

/** A curve as one cubic between the same ends with the same headings: exact for lines and cubics, near for arcs. */
final class OneCubic {
    private OneCubic() {}

    static Cubic of(Curve curve) {
        return curve.as(OneCubic::straight, OneCubic::bowed, cubic -> cubic);
    }

    private static Cubic straight(Line line) {
        return new Cubic(line.start(), line.at(1 / 3.0), line.at(2 / 3.0), line.end());
    }

    private static Cubic bowed(Arc arc) {
        List<Cubic> fitted = EllipticalArc.of(arc, Affine.IDENTITY).cubics();
        if (fitted.size() == 1) {
            return fitted.get(0);
        }
        // The handle that makes the middle exact.
        double reach = 4.0 / 3 * Math.tan(Math.abs(arc.sweep()) / 4) * arc.radius();
        return new Cubic(
                arc.start(),
                arc.start().plus(arc.tangent(0).times(reach)),
                arc.end().minus(arc.tangent(1).times(reach)),
                arc.end());
    }
}
