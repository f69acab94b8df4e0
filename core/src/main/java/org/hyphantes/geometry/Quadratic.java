package org.hyphantes.geometry;

/** The roots of a quadratic within the open unit interval. */
final class Quadratic {
    private Quadratic() {}

    /**
     * Adds to {@code roots} the roots of a t^2 + b t + c within (0, 1), from index {@code found} on; how many there are then.
     *
     * <p>Source of the form that does not cancel: Press and others, Numerical Recipes, section 5.6.
     */
    static int roots(double a, double b, double c, double[] roots, int found) {
        int n = found;
        double size = Math.abs(a) + Math.abs(b) + Math.abs(c);
        if (size == 0) {
            return n;
        }
        if (Math.abs(a) <= 1e-15 * size) {
            return Math.abs(b) <= 1e-15 * size ? n : add(-c / b, roots, n);
        }
        double square = b * b - 4 * a * c;
        if (square < 0) {
            return n;
        }
        double q = -(b + Math.copySign(Math.sqrt(square), b)) / 2;
        n = add(q / a, roots, n);
        return q == 0 || square == 0 ? n : add(c / q, roots, n);
    }

    private static int add(double root, double[] roots, int n) {
        if (root > 0 && root < 1) {
            roots[n] = root;
            return n + 1;
        }
        return n;
    }
}
