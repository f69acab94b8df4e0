package org.hyphantes.exchange.incoming;

import org.hyphantes.design.Design;
import org.hyphantes.geometry.Box;

/** What was read from a file that is brought in. */
public interface Brought {
    /**
     * A design with this in a group of its own, in front of all else.
     *
     * @param drawn the box (mm) round what is drawn there already
     */
    Design into(Design design, Box drawn, String name);

    /**
     * What is said of it: "12 figures. Left out: 2 image, 1 filter."
     *
     * @param into the design that it is brought into, as that was before
     */
    String told(Design into);
}
