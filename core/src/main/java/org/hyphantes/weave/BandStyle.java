package org.hyphantes.weave;

import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;

/**
 * The band that a line bears: its widths (mm) along the line, how it ends, and how many lines run within it, which part it evenly
 * across.
 */
public record BandStyle(WidthProfile widths, Ends ends, int lines) {
    public static BandStyle even(double width, Ends ends) {
        return new BandStyle(WidthProfile.even(width), ends, 0);
    }

    /** How far out each inner line runs, from -1 on the left-hand edge to 1 on the right-hand one. */
    public double[] shares() {
        double[] shares = new double[lines];
        for (int k = 1; k <= lines; k++) {
            shares[k - 1] = 2.0 * k / (lines + 1) - 1;
        }
        return shares;
    }
}
