package org.hyphantes.figure;

import org.hyphantes.setting.Kind;

/** The limits shared by the settings of figures: from a thousandth of a millimetre to a kilometre. */
final class Sizes {
    static final Kind SIZE = new Kind.Length(0.001, 1e6);
    static final Kind OUT = new Kind.Length(-1e6, 1e6);
    static final Kind BEARING = new Kind.Degrees(-3600, 3600);

    static final Kind ROUNDING = new Kind.Length(0, 1e6);

    private Sizes() {}

    /** How far (mm) fitted cubics may stray from a curve of a size: a millionth of it. */
    static double fitting(double size) {
        return 1e-6 * size;
    }
}
