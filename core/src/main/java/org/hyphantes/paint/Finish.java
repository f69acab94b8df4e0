package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.finish.RoughHewing;
import org.hyphantes.geometry.finish.SideFaces;

/** What is done last to the outline of a part. */
public sealed interface Finish {
    /** The outline roughened. */
    record Hewn(double perCentimetre, double deep, boolean soft, long seed) implements Finish {
        public Region of(Region region) {
            return new RoughHewing(perCentimetre, deep, soft, seed).of(region);
        }
    }

    /**
     * Raised, so that side faces are seen.
     *
     * @param point whether it goes down towards a point, and not all in one direction
     * @param down how far (mm) it goes down and where, or the point
     * @param share how far it goes down towards the point, from 0 to less than 1
     * @param light the bearing (degrees) that the light comes from
     */
    record Raised(boolean point, Point down, double share, double light) implements Finish {
        /** The darkest a face is: so far from its own colour towards black. */
        private static final double DARK = 0.62;

        private static final double LIGHT = 0.12;

        private static final Colour BLACK = new Colour("#000000");

        /** A side face, those with more before those with less. */
        public record Side(Patch face, double order) {}

        public List<Side> sides(Region region, Colour own) {
            List<SideFaces.Face> faces =
                    point ? SideFaces.towards(region, down, share) : SideFaces.shifted(region, down);
            List<Side> sides = new ArrayList<>();
            for (SideFaces.Face face : faces) {
                double lit = (1 + Angle.direction(face.outward()).dot(Angle.direction(light))) / 2;
                Colour colour = own.towards(BLACK, LIGHT + (DARK - LIGHT) * (1 - lit));
                sides.add(new Side(new Patch(face.region(), new Flat(colour)), face.order()));
            }
            return sides;
        }
    }
}
