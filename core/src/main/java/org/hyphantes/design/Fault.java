package org.hyphantes.design;

import org.hyphantes.geometry.Point;

/**
 * Something of a design that cannot be resolved, and is left out of what is: a step, a figure or a band that its geometry does not bear.
 *
 * @param group the id of its group; empty when only the figure is known
 * @param step the id of the step; empty for a figure
 * @param figure the id of the figure; empty for a step
 * @param place where it is: the seat of the figure, or the middle of what the step was given
 * @param pieces how many lines and courses the step would have laid, when it is left out for that; else 0
 * @param reason why, and what to do, where more is known than that it cannot be done; else empty
 */
public record Fault(String group, String step, String figure, Point place, long pieces, String reason) {
    static Fault ofStep(String group, String step, Point place, String reason) {
        return new Fault(group, step, "", place, 0, reason);
    }

    static Fault ofFigure(String group, String figure, Point place) {
        return new Fault(group, "", figure, place, 0, "");
    }

    static Fault tooMuch(String group, String step, Point place, long pieces) {
        return new Fault(group, step, "", place, pieces, "");
    }
}
