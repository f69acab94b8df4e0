package org.hyphantes.scene;

import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** The square round the circle about a place that holds a scene: what is seen of round work. */
public final class RoundBox {
    private RoundBox() {}

    /** The square (mm) about a centre; the scene's own box when there is nothing to hold. */
    public static Box about(Point centre, Scene scene) {
        double far = 0;
        for (Mark mark : scene.marks()) {
            far = far(mark, Affine.IDENTITY, centre, far);
        }
        return far == 0 ? scene.box() : new Box(centre.x() - far, centre.y() - far, centre.x() + far, centre.y() + far);
    }

    /** The further of a distance that something reaches and how far a mark does; what its box tells is not looked at. */
    private static double far(Mark mark, Affine map, Point centre, double known) {
        if (mark instanceof Mark.Shade) {
            // It lies within the areas that it darkens.
            return known;
        }
        Box box = map.equals(Affine.IDENTITY) ? mark.box() : mark.box().map(map);
        if (box.furthest(centre) <= known) {
            return known;
        }
        double far = known;
        if (mark instanceof Mark.Group group) {
            for (Mark inner : group.marks()) {
                far = far(inner, map.after(group.map()), centre, far);
            }
        } else if (mark instanceof Mark.Clip clip) {
            far = far(laid(clip.within().outline(), map), centre, far);
        } else if (mark instanceof Mark.Area area) {
            far = far(laid(area.region().outline(), map), centre, far);
        } else if (mark instanceof Mark.Stroke stroke) {
            far = far(laid(stroke.path(), map), centre, far);
        }
        return far;
    }

    private static Path laid(Path path, Affine map) {
        return map.equals(Affine.IDENTITY) ? path : path.map(map);
    }

    /** The further of a distance that something reaches and how far a path does at most; of cubics about. */
    private static double far(Path path, Point centre, double known) {
        double far = known;
        for (Curve curve : path.curves()) {
            // Most arcs of round work reach no further than the first did, which is told without their ends.
            if (curve instanceof Arc arc && most(arc, centre) <= far * (1 + 1e-12)) {
                continue;
            }
            double ends = Math.max(curve.start().distance(centre), curve.end().distance(centre));
            far = Math.max(
                    far,
                    curve.as(
                            line -> ends,
                            arc -> far(arc, centre, ends),
                            cubic -> Math.max(ends, cubic.at(0.5).distance(centre))));
        }
        return far;
    }

    /** How far the circle of an arc reaches. */
    private static double most(Arc arc, Point centre) {
        return arc.centre().distance(centre) + arc.radius();
    }

    private static double far(Arc arc, Point centre, double ends) {
        if (arc.isWhole()) {
            return most(arc, centre);
        }
        Point out = arc.centre().minus(centre);
        double t = arc.parameter(arc.centre().plus(out.unit().times(arc.radius())));
        return t >= 0 && t <= 1 ? most(arc, centre) : ends;
    }
}
