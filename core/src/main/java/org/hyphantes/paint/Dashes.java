package org.hyphantes.paint;

/**
 * How a line is broken into dashes.
 *
 * @param length how long (mm) each is; 0 for dots, which are seen where they are round
 * @param gap how far (mm) apart they are; 0 for a whole line
 * @param round whether they, and the ends of a line, are rounded beyond their length
 */
public record Dashes(double length, double gap, boolean round) {
    /** A whole line. */
    public static final Dashes NONE = new Dashes(0, 0, false);

    public boolean isDashed() {
        return gap > 0;
    }
}
