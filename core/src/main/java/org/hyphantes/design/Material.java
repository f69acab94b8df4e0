package org.hyphantes.design;

import java.util.Locale;

/** What a design is made in, with the narrowest width (mm) it bears; common practice, no published source. */
public enum Material {
    PRINT(0.1),
    PRINTED_TILE(0.3),
    LASER(1.0),
    VINYL(0.8),
    LEATHER(1.0),
    METAL_INLAY(1.5),
    EMBROIDERY(1.0);

    private final double narrowest;

    Material(double narrowest) {
        this.narrowest = narrowest;
    }

    public double narrowest() {
        return narrowest;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
