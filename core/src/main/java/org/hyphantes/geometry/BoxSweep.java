package org.hyphantes.geometry;

import java.util.Arrays;
import java.util.function.IntConsumer;

/**
 * Finds the boxes that meet: from left to right, over level strips about as high as what lies in them, so that a box is tried only with
 * what reaches as far to the right in its own strips. Of n boxes spread evenly that is done in the time of sorting them.
 */
public final class BoxSweep {
    /** With fewer boxes one strip does as well. */
    private static final int FEW = 64;

    private static final int MOST = 4096;

    private final Box[] boxes;
    private final double top;
    private final double height;
    private final int[][] active;
    private final int[] alive;

    /** Told of two boxes that meet, by their numbers, the one further to the right second. */
    @FunctionalInterface
    public interface Pair {
        /** Whether to go on. */
        boolean met(int earlier, int later);
    }

    private BoxSweep(Box[] boxes) {
        this.boxes = boxes;
        double upper = Double.POSITIVE_INFINITY;
        double lower = Double.NEGATIVE_INFINITY;
        double sum = 0;
        for (Box box : boxes) {
            upper = Math.min(upper, box.top());
            lower = Math.max(lower, box.bottom());
            sum += box.height();
        }
        double all = lower - upper;
        boolean one = boxes.length < FEW || !(sum > 0 && all > 0);
        int count = one ? 1 : (int) Math.max(1, Math.min(MOST, all * boxes.length / (2 * sum)));
        this.top = upper;
        this.height = one ? Double.POSITIVE_INFINITY : all / count;
        this.active = new int[count][8];
        this.alive = new int[count];
    }

    /**
     * Tells of each box by itself, and then of those before it that it meets.
     *
     * @return whether it came to the end
     */
    public static boolean over(Box[] boxes, IntConsumer each, Pair pair) {
        return new BoxSweep(boxes).run(each, pair);
    }

    private boolean run(IntConsumer each, Pair pair) {
        Integer[] order = new Integer[boxes.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Double.compare(boxes[a].left(), boxes[b].left()));
        for (int next : order) {
            Watch.ask();
            each.accept(next);
            int first = strip(boxes[next].top());
            int last = strip(boxes[next].bottom());
            for (int strip = first; strip <= last; strip++) {
                if (!passes(strip, next, first, pair)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Tries a box with all that is alive in a strip, and adds it there. */
    private boolean passes(int strip, int next, int first, Pair pair) {
        Box box = boxes[next];
        int[] these = active[strip];
        int kept = 0;
        for (int k = 0; k < alive[strip]; k++) {
            int other = these[k];
            Box beside = boxes[other];
            if (beside.right() < box.left()) {
                continue;
            }
            these[kept++] = other;
            // In the first strip that both reach over, and in no other.
            boolean here = beside.top() <= box.bottom()
                    && box.top() <= beside.bottom()
                    && strip == Math.max(first, strip(beside.top()));
            if (here && !pair.met(other, next)) {
                return false;
            }
        }
        if (kept == these.length) {
            active[strip] = Arrays.copyOf(these, 2 * kept);
        }
        active[strip][kept] = next;
        alive[strip] = kept + 1;
        return true;
    }

    private int strip(double y) {
        return (int) Math.max(0, Math.min(active.length - 1, (y - top) / height));
    }
}
