package org.hyphantes.weave;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;

/**
 * The band that a line bears: its widths (mm) along the line, how it ends, how it goes round corners, and how many lines run within it, which part it evenly
 * across.
 */
public record BandStyle(WidthProfile widths, Ends ends, Corners corners, int lines) {
    public BandStyle(WidthProfile widths, Ends ends, int lines) {
        this(widths, ends, Corners.MITRED, lines);
    }

    public static BandStyle even(double width, Ends ends) {
        return new BandStyle(WidthProfile.even(width), ends, 0);
    }

    /** The same with other ends. */
    public BandStyle ended(Ends other) {
        return new BandStyle(widths, other, corners, lines);
    }

    /** The same of other widths. */
    public BandStyle wide(WidthProfile other) {
        return new BandStyle(other, ends, corners, lines);
    }

    /** The band along a path, whole where it lies over itself. */
    public List<Region> along(Path path) {
        return BandOutline.whole(path, widths, ends, corners);
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
