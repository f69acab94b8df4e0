package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;

/** Chains of fitted cubics that come back to their start but for rounding. */
final class Joints {
    private Joints() {}

    /** The chain closed, its last cubic ending exactly where the first begins. */
    static Path closed(List<Curve> chain) {
        List<Curve> curves = new ArrayList<>(chain);
        Cubic last = (Cubic) curves.get(curves.size() - 1);
        curves.set(
                curves.size() - 1,
                new Cubic(
                        last.start(),
                        last.control1(),
                        last.control2(),
                        curves.get(0).start()));
        return new Path(curves, true);
    }
}
