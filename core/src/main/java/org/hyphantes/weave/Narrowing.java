package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntPredicate;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.WidthProfile;

/** How narrow bands must be for a trouble of theirs to be gone, found by cutting them anew. */
public final class Narrowing {
    /** So many crossings are cut anew; of more than that it would take long. */
    private static final int MOST_CROSSINGS = 600;

    /** Bands narrower than this share of what they are would be another design. */
    private static final double LEAST = 0.2;

    private static final int TRIES = 7;

    private final Weave weave;
    private final boolean[] firstOver;
    private final IntPredicate narrowed;

    private Narrowing(Weave weave, IntPredicate narrowed) {
        this.weave = weave;
        this.narrowed = narrowed;
        this.firstOver = new boolean[weave.crossings().size()];
        for (int m = 0; m < firstOver.length; m++) {
            firstOver[m] = weave.passesOver(2 * m);
        }
    }

    /**
     * The greatest width (mm), of some that a rounding allows, at which nothing is amiss any more near any of some troubles.
     *
     * @param troubles at least one
     * @param narrowed which strands are given the width
     * @param rounded what a width is rounded to, no greater than it
     * @return empty when narrowing does not do away with all of them, or the weave is too large to try
     */
    public static OptionalDouble width(
            Weave weave, List<Weave.Trouble> troubles, IntPredicate narrowed, DoubleUnaryOperator rounded) {
        if (weave.crossings().size() > MOST_CROSSINGS) {
            return OptionalDouble.empty();
        }
        Narrowing narrowing = new Narrowing(weave, narrowed);
        double most = weave.strands().get(troubles.get(0).strand()).width();
        double least = rounded.applyAsDouble(LEAST * most);
        double near =
                1.5 * weave.strands().stream().mapToDouble(Strand::width).max().orElse(most);
        if (!(least > 0) || !narrowing.isGone(least, troubles, near)) {
            return OptionalDouble.empty();
        }
        double high = most;
        for (int i = 0; i < TRIES; i++) {
            double middle = rounded.applyAsDouble((least + high) / 2);
            if (middle <= least) {
                break;
            }
            if (narrowing.isGone(middle, troubles, near)) {
                least = middle;
            } else {
                high = middle;
            }
        }
        return OptionalDouble.of(least);
    }

    private boolean isGone(double width, List<Weave.Trouble> troubles, double near) {
        List<Strand> strands = new ArrayList<>();
        for (int s = 0; s < weave.strands().size(); s++) {
            Strand strand = weave.strands().get(s);
            BandStyle band = strand.band();
            strands.add(narrowed.test(s) ? strand.banded(band.wide(WidthProfile.even(width))) : strand);
        }
        Projection projection = weave.projection().with(strands);
        try {
            return Cutting.anyOf(
                            projection, firstOver, Manner.exact(weave.order().clearance()), Watch.NONE)
                    .faults()
                    .stream()
                    .noneMatch(f -> troubles.stream().anyMatch(t -> t.place().distance(f.place()) <= near));
        } catch (IllegalArgumentException | IllegalStateException e) {
            // No edges can be laid beside these strands at that width.
            return false;
        }
    }
}
