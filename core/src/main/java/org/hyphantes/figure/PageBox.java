package org.hyphantes.figure;

import org.hyphantes.geometry.Box;

/** The page box: the edge (mm) of what figures are set out on, to which lines may run. */
public record PageBox(Box edge) {
    /** A box of a metre, for where there is no page. */
    public static final PageBox WIDE = new PageBox(new Box(-500, -500, 500, 500));
}
