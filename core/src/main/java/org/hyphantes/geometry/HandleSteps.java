package org.hyphantes.geometry;

/** By how much the two handles of a cubic would have to change so that it ran through places beside it: the least squares. */
final class HandleSteps {
    private final double least;
    private double aa;
    private double ab;
    private double bb;
    private double ra;
    private double rb;
    private double worst;

    /** @param least a weight on staying put where nothing else tells */
    HandleSteps(double least) {
        this.least = least;
    }

    /** Takes in how far from a target, across the cubic, it runs at a parameter; with the headings at its ends. */
    void add(Powers now, double t, Point target, Point leaving, Point coming) {
        double vx = now.velocityX(t);
        double vy = now.velocityY(t);
        double speed = Math.sqrt(vx * vx + vy * vy);
        double nx = -vy / speed;
        double ny = vx / speed;
        double da = 3 * t * (1 - t) * (1 - t) * (leaving.x() * nx + leaving.y() * ny);
        double db = -3 * t * t * (1 - t) * (coming.x() * nx + coming.y() * ny);
        double rest = (target.x() - now.x(t)) * nx + (target.y() - now.y(t)) * ny;
        aa += da * da;
        ab += da * db;
        bb += db * db;
        ra += da * rest;
        rb += db * rest;
        worst = Math.max(worst, Math.abs(rest));
    }

    /** How far (mm) the cubic runs from the furthest of them. */
    double worst() {
        return worst;
    }

    /** What the first handle has to change by (mm), or the second. */
    double step(boolean first) {
        // A little weight on staying put, so that nearly straight stretches have an answer.
        double weight = 1e-12 * (aa + bb) + least;
        double det = (aa + weight) * (bb + weight) - ab * ab;
        return first ? ((bb + weight) * ra - ab * rb) / det : ((aa + weight) * rb - ab * ra) / det;
    }
}
