package org.hyphantes.design;

import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Paint;

/** One thing to draw or cut, in exact curves. */
public sealed interface Shape {
    Origin origin();

    Paint paint();

    /** A region with its fill and line. */
    record Filled(Region region, Paint paint, Origin origin) implements Shape {}

    /** A bare line. */
    record Lined(Path path, Paint paint, Origin origin) implements Shape {}
}
