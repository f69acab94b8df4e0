package org.hyphantes.gauge;

import java.util.List;
import java.util.function.ToIntFunction;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.geometry.Watch;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Weave;

/** Mends that are found by trying: of several changes of a design the first that does away with a trouble, or else the best. */
final class Trying {
    private final Watch watch;

    /** @param watch may break the trying off */
    Trying(Watch watch) {
        this.watch = watch;
    }

    /** The design among candidates with the fewest troubles of the kinds; the given one when none is better. */
    Design fewest(Design given, List<Design> candidates, Weave.Trouble.Kind... kinds) {
        List<Weave.Trouble.Kind> counted = List.of(kinds);
        ToIntFunction<Design> count = d -> {
            Artwork artwork = new Resolver().resolve(d, watch);
            int own = 0;
            int all = 0;
            for (Laying laying : artwork.work().woven()) {
                for (Weave.Trouble trouble : laying.weave().troubles()) {
                    own += counted.contains(trouble.kind()) ? 1 : 0;
                    all++;
                }
            }
            return 1000 * own + all;
        };
        Design best = given;
        int least = count.applyAsInt(given);
        for (Design candidate : candidates) {
            int now = count.applyAsInt(candidate);
            if (now < least) {
                best = candidate;
                least = now;
            }
            if (least < 1000) {
                return best;
            }
        }
        return best;
    }
}
