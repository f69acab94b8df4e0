package org.hyphantes.scene;

import org.hyphantes.paint.Colour;

/**
 * How eyes see colours. Source: WCAG 2.2 for luminance; G. M. Machado, M. M. Oliveira and L. A. F. Fernandes, A Physiologically-based
 * Model for Simulation of Color Vision Deficiency, IEEE TVCG 15 (2009), for those without one sort of cones.
 */
public enum Sight {
    AS_IT_IS(new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1}),
    /** By luminance alone. */
    AS_GREY(new double[] {0.2126, 0.7152, 0.0722, 0.2126, 0.7152, 0.0722, 0.2126, 0.7152, 0.0722}),
    /** Without the cones for long waves (protanopia). */
    WITHOUT_RED(
            new double[] {0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998}),
    /** Without the cones for middle waves (deuteranopia). */
    WITHOUT_GREEN(
            new double[] {0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881});

    private final double[] matrix;

    Sight(double[] matrix) {
        this.matrix = matrix;
    }

    /** A colour as it is seen. */
    public Colour of(Colour colour) {
        return this == AS_IT_IS ? colour : colour.mixed(matrix);
    }
}
