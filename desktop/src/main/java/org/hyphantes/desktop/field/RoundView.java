package org.hyphantes.desktop.field;

import org.hyphantes.design.Artwork;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.symmetry.Turning;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Strand;

/** What is seen of finished work: the square round the circle that holds it, about the centre of its turns or else its middle. */
final class RoundView {
    private RoundView() {}

    static Box of(Artwork finished) {
        Point centre = finished.work()
                .turning()
                .filter(t -> t.count() > 2)
                .map(Turning::centre)
                .orElse(finished.box().centre());
        double far = 0;
        for (Laid laid : finished.work().lines()) {
            double half = laid.band().map(b -> b.widths().widest() / 2).orElse(0.0);
            far = Math.max(far, far(laid.path(), centre) + half);
        }
        for (Laying laying : finished.work().weaves()) {
            boolean there = laying.placed().equals(Affine.IDENTITY);
            for (Strand strand : laying.weave().strands()) {
                Path path = there ? strand.path() : strand.path().map(laying.placed());
                far = Math.max(far, far(path, centre) + strand.width() / 2);
            }
        }
        return far == 0
                ? finished.box()
                : new Box(centre.x() - far, centre.y() - far, centre.x() + far, centre.y() + far);
    }

    /** How far from a place a path reaches at most; of cubics by their control points. */
    private static double far(Path path, Point centre) {
        double far = 0;
        for (Curve curve : path.curves()) {
            far = Math.max(
                    far,
                    curve.as(
                            line -> Math.max(
                                    line.start().distance(centre), line.end().distance(centre)),
                            arc -> far(arc, centre),
                            cubic -> Math.max(
                                    Math.max(
                                            cubic.start().distance(centre),
                                            cubic.end().distance(centre)),
                                    cubic.at(0.5).distance(centre))));
        }
        return far;
    }

    private static double far(Arc arc, Point centre) {
        Point out = arc.centre().minus(centre);
        double most = out.length() + arc.radius();
        if (arc.isWhole()) {
            return most;
        }
        double t = arc.parameter(arc.centre().plus(out.unit().times(arc.radius())));
        return t >= 0 && t <= 1
                ? most
                : Math.max(arc.start().distance(centre), arc.end().distance(centre));
    }
}
