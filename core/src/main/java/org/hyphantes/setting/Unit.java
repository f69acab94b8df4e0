package org.hyphantes.setting;

import java.util.Locale;

/** Units of length; CSS 2.2, section 4.3.2, fixes 1 in = 25.4 mm = 72 pt = 96 px. */
public enum Unit {
    MM(1),
    CM(10),
    IN(25.4),
    PT(25.4 / 72),
    PX(25.4 / 96);

    private final double millimetres;

    Unit(double millimetres) {
        this.millimetres = millimetres;
    }

    public double millimetres() {
        return millimetres;
    }

    public String symbol() {
        return name().toLowerCase(Locale.ROOT);
    }
}
