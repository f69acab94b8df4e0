package org.hyphantes.treatment;

import org.hyphantes.geometry.offset.Corners;

/** How corners of parallels are done. */
public enum CornerStyle {
    ROUND(Corners.ROUND),
    SQUARE(Corners.MITRED),
    CUT(Corners.BEVELLED);

    private final Corners corners;

    CornerStyle(Corners corners) {
        this.corners = corners;
    }

    public Corners corners() {
        return corners;
    }
}
