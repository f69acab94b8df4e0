package org.hyphantes.geometry;

/**
 * How lengths are stretched along a line: evenly, or by shares of their own at its ends and beyond, and between those by a cubic that rises from one
 * to the other (Fritsch and Carlson 1980: it does so where its slopes at its ends are no more than three times the even one).
 *
 * @param flat the length (mm) that is laid, and {@code length} what it becomes
 * @param first how much longer the first {@code lead} mm become, and all before them
 * @param last how much longer the last {@code trail} mm become, and all beyond them
 */
public record Pace(double flat, double length, double first, double lead, double last, double trail) {
    /** A pace that is the same everywhere. */
    public static Pace even(double flat, double length) {
        return new Pace(flat, length, length / flat, 0, length / flat, 0);
    }

    /** @throws IllegalArgumentException if what is left between the ends is too short for them */
    public Pace {
        double between = flat - lead - trail;
        double rise = length - first * lead - last * trail;
        double most = 3 * rise / between;
        if (!(between > 0 && rise > 0 && first > 0 && last > 0 && first <= most && last <= most)) {
            throw new IllegalArgumentException("a pace goes on, and nowhere more than three times the even one");
        }
    }

    public boolean isEven() {
        double even = length / flat;
        return Math.abs(first - even) < 1e-12 * even && Math.abs(last - even) < 1e-12 * even;
    }

    private double between() {
        return flat - lead - trail;
    }

    /** Where a length from the start comes to. */
    public double of(double at) {
        if (isEven()) {
            return at * length / flat;
        }
        if (at <= lead || at >= flat - trail) {
            return at <= lead ? first * at : length + last * (at - flat);
        }
        double t = (at - lead) / between();
        double back = 1 - t;
        double rise = length - first * lead - last * trail;
        return first * lead + between() * t * back * (first * back - last * t) + rise * t * t * (3 - 2 * t);
    }

    /** What comes to lie at a length along the line: the reverse of {@link #of}. */
    public double before(double along) {
        if (isEven()) {
            return along * flat / length;
        }
        if (along <= first * lead || along >= length - last * trail) {
            return along <= first * lead ? along / first : flat + (along - length) / last;
        }
        double low = lead;
        double high = flat - trail;
        for (int i = 0; i < 80; i++) {
            double middle = (low + high) / 2;
            if (of(middle) < along) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** How much longer what is laid there becomes. */
    public double stretch(double at) {
        if (isEven()) {
            return length / flat;
        }
        if (at <= lead || at >= flat - trail) {
            return at <= lead ? first : last;
        }
        double t = (at - lead) / between();
        double even = (length - first * lead - last * trail) / between();
        return first * (1 - t) * (1 - 3 * t) + last * t * (3 * t - 2) + 6 * even * t * (1 - t);
    }

    /** Whether all between two lengths is stretched alike. */
    public boolean isAlike(double from, double to) {
        double near = 1e-9 * flat;
        return isEven() || to <= lead + near || from >= flat - trail - near;
    }

    /** Where along the line (mm) it changes from one share to another; nowhere when it is even. */
    public double[] changes() {
        return isEven() ? new double[0] : new double[] {first * lead, length - last * trail};
    }
}
