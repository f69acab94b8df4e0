package org.hyphantes.weave;

/**
 * A stretch of a strand about one passage, half the way to the passages beside it; an under-pass has one before it and one behind it.
 *
 * @param from where it begins along the strand, in mm; on a closed strand it may lie before its start
 * @param to where it ends
 * @param course the number of the course it is part of, among those that are shared out; {@link #CUT} for one that is cut already, {@link #UNCUT} for one that is not, and not needed
 */
record Element(int strand, double from, double to, int course) {
    static final int CUT = -1;

    static final int UNCUT = -2;

    /** The same where only others are shared out. */
    Element asOver() {
        return course < 0 ? this : new Element(strand, from, to, UNCUT);
    }

    /** How far (mm) along the strand a place lies from the element, 0 within it. */
    double away(double along, double length, boolean closed) {
        double at = along;
        if (closed) {
            double middle = (from + to) / 2;
            at = middle + Math.IEEEremainder(along - middle, length);
        }
        return Math.max(0, Math.max(from - at, at - to));
    }
}
