package org.hyphantes.geometry.offset;

import java.util.List;
import java.util.function.Function;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Path;

/** The ways in which what is swept is tried one after another, till one holds. */
final class Attempts {
    private final List<Path> paths;
    private final double distance;
    private final Corners corners;

    private Attempts(List<Path> paths, double distance, Corners corners) {
        this.paths = paths;
        this.distance = distance;
        this.corners = corners;
    }

    /**
     * What comes of sweeping along paths: first with parallels folded where cubics bend too tightly; if that cannot be resolved or does not
     * hold, with discs there; then turned about, for what the last digits decide, and a little further or less far. What folds take away
     * nearest places must give: so none are taken where ends or corners give less than all that is near them, nor of a path in one disc.
     *
     * @throws IllegalStateException if no way holds
     */
    static <T> T over(List<Path> paths, double distance, Corners corners, Ends ends, Function<Swept, T> work) {
        boolean curved = false;
        boolean less = corners.kind() == Corner.BEVELLED;
        for (Path path : paths) {
            curved |= path.curves().stream().anyMatch(Cubic.class::isInstance);
            less |= !path.closed() && ends != Ends.ROUND;
            less |= InDisc.isPossible(path, Math.abs(distance));
        }
        return new Attempts(paths, distance, corners).over(curved && !less, work);
    }

    private <T> T over(boolean foldable, Function<Swept, T> work) {
        for (Way way : Way.ALL) {
            for (boolean folded : foldable ? new boolean[] {true, false} : new boolean[] {false}) {
                try {
                    Swept swept = new Swept(paths.get(0), distance, corners, folded, way);
                    T found = work.apply(swept);
                    return swept.hasSharpTips() ? finer(folded, way, work, found) : found;
                } catch (IllegalStateException | IllegalArgumentException e) {
                    // Edges that run almost upon one another, as beside a cusp: done a little otherwise they do not.
                }
            }
        }
        throw new IllegalStateException("no offset by " + distance + " mm was found here; try it a little larger");
    }

    private <T> T finer(boolean folded, Way way, Function<Swept, T> work, T found) {
        try {
            return work.apply(new Swept(paths.get(0), distance, corners, folded, way.finer()));
        } catch (IllegalStateException | IllegalArgumentException e) {
            return found;
        }
    }
}
