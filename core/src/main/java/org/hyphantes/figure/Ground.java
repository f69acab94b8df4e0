package org.hyphantes.figure;

import org.hyphantes.geometry.Box;

/** What figures are set out on: the edge (mm) to which lines may run. */
public record Ground(Box edge) {
    /** A ground of a metre, for where there is no page. */
    public static final Ground WIDE = new Ground(new Box(-500, -500, 500, 500));
}
