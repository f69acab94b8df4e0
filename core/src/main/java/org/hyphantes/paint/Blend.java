package org.hyphantes.paint;

import java.util.Locale;

/**
 * How a colour is laid over what lies behind it. Source: W3C, Compositing and Blending Level 1, section 9 (separable modes, non-separable
 * modes); each takes the parts of the two colours from 0 to 1.
 */
public enum Blend {
    NORMAL((b, s) -> s),
    MULTIPLY((b, s) -> b * s),
    SCREEN((b, s) -> b + s - b * s),
    OVERLAY((b, s) -> hard(s, b)),
    DARKEN(Math::min),
    LIGHTEN(Math::max),
    COLOR_DODGE((b, s) -> b == 0 ? 0 : s >= 1 ? 1 : Math.min(1, b / (1 - s))),
    COLOR_BURN((b, s) -> b >= 1 ? 1 : s <= 0 ? 0 : 1 - Math.min(1, (1 - b) / s)),
    HARD_LIGHT(Blend::hard),
    SOFT_LIGHT(Blend::soft),
    DIFFERENCE((b, s) -> Math.abs(b - s)),
    EXCLUSION((b, s) -> b + s - 2 * b * s),
    HUE(null),
    SATURATION(null),
    COLOR(null),
    LUMINOSITY(null);

    /** One part of the colour that comes of one behind and one in front. */
    private interface Part {
        double of(double behind, double front);
    }

    private final Part part;

    Blend(Part part) {
        this.part = part;
    }

    /** Its keyword in CSS. */
    public String css() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * Blends into an array.
     *
     * @param behind red, green and blue, from 0 to 1
     * @param front the same
     */
    public void mix(double[] behind, double[] front, double[] into) {
        if (part != null) {
            for (int i = 0; i < 3; i++) {
                into[i] = part.of(behind[i], front[i]);
            }
            return;
        }
        double[] made = switch (this) {
            case HUE -> lit(saturated(front, saturation(behind)), luminosity(behind));
            case SATURATION -> lit(saturated(behind, saturation(front)), luminosity(behind));
            case COLOR -> lit(front.clone(), luminosity(behind));
            default -> lit(behind.clone(), luminosity(front));
        };
        System.arraycopy(made, 0, into, 0, 3);
    }

    private static double hard(double b, double s) {
        return s <= 0.5 ? b * 2 * s : b + (2 * s - 1) - b * (2 * s - 1);
    }

    private static double soft(double b, double s) {
        if (s <= 0.5) {
            return b - (1 - 2 * s) * b * (1 - b);
        }
        double d = b <= 0.25 ? ((16 * b - 12) * b + 4) * b : Math.sqrt(b);
        return b + (2 * s - 1) * (d - b);
    }

    private static double luminosity(double[] c) {
        return 0.3 * c[0] + 0.59 * c[1] + 0.11 * c[2];
    }

    private static double saturation(double[] c) {
        return Math.max(c[0], Math.max(c[1], c[2])) - Math.min(c[0], Math.min(c[1], c[2]));
    }

    private static double[] saturated(double[] c, double wanted) {
        double least = Math.min(c[0], Math.min(c[1], c[2]));
        double wide = saturation(c);
        double[] made = new double[3];
        for (int i = 0; i < 3; i++) {
            made[i] = wide > 0 ? (c[i] - least) * wanted / wide : 0;
        }
        return made;
    }

    /** A colour of a luminosity, drawn towards grey where a part would leave its range. */
    private static double[] lit(double[] c, double wanted) {
        double more = wanted - luminosity(c);
        for (int i = 0; i < 3; i++) {
            c[i] += more;
        }
        double l = luminosity(c);
        double least = Math.min(c[0], Math.min(c[1], c[2]));
        double most = Math.max(c[0], Math.max(c[1], c[2]));
        for (int i = 0; i < 3; i++) {
            if (least < 0) {
                c[i] = l + (c[i] - l) * l / (l - least);
            }
            if (most > 1) {
                c[i] = l + (c[i] - l) * (1 - l) / (most - l);
            }
        }
        return c;
    }
}
