package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;

/** Stretches of the edges of bands. */
final class EdgeStretch {
    private EdgeStretch() {}

    /** The stretch of an edge from one position to another, round a closed one as often as they say. */
    static List<Curve> of(Path edge, double from, double to) {
        if (!edge.closed()) {
            return edge.part(from, to);
        }
        double size = edge.size();
        double a = from - size * Math.floor(from / size);
        double b = to - size * Math.floor(to / size);
        return edge.part(a, b);
    }

    /** The curves with stretches of one circle that follow on one another made one, as when an edge runs through its start. */
    static List<Curve> merged(List<Curve> curves) {
        List<Curve> result = new ArrayList<>();
        for (Curve curve : curves) {
            int last = result.size() - 1;
            if (last >= 0
                    && curve instanceof Arc b
                    && result.get(last) instanceof Arc a
                    && a.centre().equals(b.centre())
                    && a.radius() == b.radius()
                    && a.sweep() * b.sweep() > 0) {
                result.set(last, new Arc(a.centre(), a.radius(), a.from(), a.sweep() + b.sweep()));
            } else {
                result.add(curve);
            }
        }
        return result;
    }
}
