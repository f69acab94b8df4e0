package org.hyphantes.cut;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** What counts as a flaw. */
final class Flaws {
    /** A line shorter than this (mm) is a stray point: no tool makes anything of it. */
    static final double STRAY = 0.05;

    private Flaws() {}

    /** How far (mm) the nearer end of an open path lies from another end, its own other one included. */
    static double gap(Path path, List<Contour> open) {
        double least = path.start().distance(path.end());
        for (Contour other : open) {
            if (other.path() != path) {
                for (Point end : List.of(other.path().start(), other.path().end())) {
                    least = Math.min(least, Math.min(end.distance(path.start()), end.distance(path.end())));
                }
            }
        }
        return least;
    }
}
