package org.hyphantes.design;

import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Paint;

/** One thing to draw or cut, in exact curves. */
public sealed interface Shape {
    Origin origin();

    Paint paint();

    /** A region with its fill and line. */
    record Filled(Region region, Paint paint, Origin origin) implements Shape {}

    /** A stretch darkened where a strand dives under: with ink of an opacity at {@code from}, and none at {@code to}. */
    record Shaded(Region region, Point from, Point to, double opacity, Origin origin) implements Shape {
        @Override
        public Paint paint() {
            return Paint.SHADE;
        }
    }

    /** A line by itself, or one within a band. */
    record Lined(Path path, Paint paint, Origin origin) implements Shape {}
}
