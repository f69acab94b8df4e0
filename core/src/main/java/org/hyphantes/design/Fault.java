package org.hyphantes.design;

/**
 * Something of a design that cannot be resolved, and is left out of what is: a step, a figure or a band that its geometry does not bear.
 *
 * @param group the id of its group
 * @param step the id of the step; empty for a figure
 * @param figure the id of the figure; empty for a step
 */
public record Fault(String group, String step, String figure) {
    static Fault ofStep(String group, String step) {
        return new Fault(group, step, "");
    }

    static Fault ofFigure(String group, String figure) {
        return new Fault(group, "", figure);
    }
}
