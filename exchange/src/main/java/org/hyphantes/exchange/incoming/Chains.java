package org.hyphantes.exchange.incoming;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** Curves of a file as paths: what rounding left between two of them is bridged. */
final class Chains {
    private static final double NONE = 1e-9;

    private Chains() {}

    static Path path(List<Curve> curves, boolean closed) {
        List<Curve> chain = new ArrayList<>();
        for (Curve curve : curves) {
            bridge(chain, curve.start());
            chain.add(curve);
        }
        if (closed) {
            bridge(chain, chain.get(0).start());
        }
        return new Path(chain, closed);
    }

    private static void bridge(List<Curve> chain, Point to) {
        if (!chain.isEmpty()) {
            Point end = chain.get(chain.size() - 1).end();
            if (end.distance(to) > NONE * (1 + Math.abs(to.x()) + Math.abs(to.y()))) {
                chain.add(new Line(end, to));
            }
        }
    }
}
