package org.hyphantes.geometry.plane;

/** Which faces closed paths taken together enclose. Source of the first two: W3C SVG 2, section 13.4.2, the fill-rule property. */
public enum FillRule {
    /** Those that the paths wind round an odd number of times, whichever way. */
    EVEN_ODD {
        @Override
        boolean holds(int winding) {
            return winding % 2 != 0;
        }
    },
    /** Those that the paths do not wind round as often one way as the other. */
    NON_ZERO {
        @Override
        boolean holds(int winding) {
            return winding != 0;
        }
    },
    /** Those that the paths wind round more often clockwise than the other way. */
    POSITIVE {
        @Override
        boolean holds(int winding) {
            return winding > 0;
        }
    };

    abstract boolean holds(int winding);
}
