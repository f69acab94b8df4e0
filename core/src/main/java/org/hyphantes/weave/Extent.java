package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;

/**
 * Small boxes along a stretch of a strand that its band, widened by the clearance, does not leave.
 *
 * @param whole the box round all of them
 */
record Extent(Box whole, List<Box> parts) {
    /** Corners of a band lie no further off than so many widths from its centre line, as far as sharing goes. */
    private static final double FAR = 1.5;

    /** A box is about so many widths long, where the curves of the strand are not shorter. */
    private static final double LONG = 1.5;

    private static final int MOST_PARTS = 32;

    /** The cosine of a turn that is no corner. */
    private static final double STRAIGHT = 1 - 1e-6;

    /** More than any rounding of an offset, as a share of the width. */
    private static final double ROUNDING = 1e-3;

    static Extent of(Strand strand, Reaches.Stretch stretch, double clearance) {
        double width = strand.width();
        Path path = Reaches.part(strand.path(), stretch);
        double beside = (isPlain(strand, stretch, path) ? 0.5 + ROUNDING : FAR) * width + clearance;
        List<Box> parts = new ArrayList<>();
        for (Curve curve : path.curves()) {
            int count = (int) Math.max(1, Math.min(MOST_PARTS, curve.length() / (LONG * width)));
            for (int i = 0; i < count; i++) {
                Curve part = count == 1 ? curve : curve.part((double) i / count, (i + 1.0) / count);
                parts.add(part.box().grown(beside));
            }
        }
        return new Extent(Box.round(parts), List.copyOf(parts));
    }

    /** Whether nothing of a band lies further off than half its width: it has no corner and no end of the strand. */
    static boolean isPlain(Strand strand, Reaches.Stretch stretch, Path path) {
        if (!strand.path().closed()
                && (stretch.from() <= 1e-9 || stretch.to() >= strand.path().length() - 1e-9)) {
            return false;
        }
        for (int i = 1; i < path.size(); i++) {
            if (path.arrival(i).dot(path.tangent(i)) < STRAIGHT) {
                return false;
            }
        }
        return true;
    }

    /** Whether three bands may have a place in common. */
    static boolean meet(Extent one, Extent two, Extent three) {
        for (Box a : one.parts) {
            if (a.meets(two.whole) && a.meets(three.whole)) {
                for (Box b : two.parts) {
                    for (Box c : three.parts) {
                        if (a.meets(b) && a.meets(c) && b.meets(c)) {
                            return true;
                        }
                    }
                }
            }
        }
        return false;
    }

    boolean meets(Extent other) {
        if (!whole.meets(other.whole)) {
            return false;
        }
        for (Box one : parts) {
            if (one.meets(other.whole)) {
                for (Box two : other.parts) {
                    if (one.meets(two)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }
}
