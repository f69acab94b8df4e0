package org.hyphantes.geometry.offset;

import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;

/** Where borders turn about: a tip moves along by more than both its sides stray, the more the sharper it is. */
final class Tips {
    /** The cosine between the sides of a tip of 15 degrees. */
    private static final double SHARP = Math.cos(Math.toRadians(15));

    private Tips() {}

    /** Whether a closed border has a tip of less than 15 degrees, inwards or outwards, at a fitted curve. */
    static boolean areSharp(Path border) {
        List<Curve> curves = border.curves();
        Curve before = curves.get(curves.size() - 1);
        for (Curve next : curves) {
            if ((before instanceof Cubic || next instanceof Cubic)
                    && before.tangent(1).dot(next.tangent(0)) < -SHARP) {
                return true;
            }
            before = next;
        }
        return false;
    }
}
