package org.hyphantes.geometry;

/** A smooth curve given by its place (mm) and velocity (mm by change of parameter) at any parameter. */
public interface SmoothCurve {
    Point at(double t);

    Point velocity(double t);
}
