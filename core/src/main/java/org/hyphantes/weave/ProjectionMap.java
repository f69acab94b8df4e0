package org.hyphantes.weave;

import java.util.Arrays;
import java.util.Optional;
import org.hyphantes.geometry.Point;
import org.hyphantes.symmetry.Symmetry;

/** Which meets of a projection with breaks are which of the projection before them: breaks move no crossing. */
public final class ProjectionMap {
    private static final ProjectionMap SAME = new ProjectionMap(null, null, null);

    private final int[] toWhole;
    private final int[] fromWhole;
    private final boolean[] aligned;

    /** A meet, and whether the first strands of both projections are the same there. */
    public record Image(int meet, boolean aligned) {}

    private ProjectionMap(int[] toWhole, int[] fromWhole, boolean[] aligned) {
        this.toWhole = toWhole;
        this.fromWhole = fromWhole;
        this.aligned = aligned;
    }

    static ProjectionMap same() {
        return SAME;
    }

    static ProjectionMap of(Projection projection, Projection whole) {
        CrossingIndex places = new CrossingIndex(whole, Symmetry.NONE);
        int n = projection.meets().size();
        int[] to = new int[n];
        int[] from = new int[whole.meets().size()];
        boolean[] aligned = new boolean[n];
        Arrays.fill(from, -1);
        for (int m = 0; m < n; m++) {
            Meet meet = projection.meets().get(m);
            to[m] = places.at(meet.place());
            if (to[m] >= 0) {
                Meet origin = whole.meets().get(to[m]);
                from[to[m]] = m;
                Point u = projection.strands().get(meet.first()).path().tangent(meet.firstPosition());
                double first = whole.strands()
                        .get(origin.first())
                        .path()
                        .tangent(origin.firstPosition())
                        .dot(u);
                double second = whole.strands()
                        .get(origin.second())
                        .path()
                        .tangent(origin.secondPosition())
                        .dot(u);
                aligned[m] = Math.abs(first) >= Math.abs(second);
            }
        }
        return new ProjectionMap(to, from, aligned);
    }

    /** The meet of the whole projection that a meet is; -1 when it is none of them. */
    public int whole(int meet) {
        return toWhole == null ? meet : toWhole[meet];
    }

    /** What a meet of the whole projection has become; empty when it is broken. */
    public Optional<Image> image(int wholeMeet) {
        if (toWhole == null) {
            return Optional.of(new Image(wholeMeet, true));
        }
        int meet = fromWhole[wholeMeet];
        return meet < 0 ? Optional.empty() : Optional.of(new Image(meet, aligned[meet]));
    }
}
