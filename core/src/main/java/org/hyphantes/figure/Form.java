package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Described;

/** The form of a figure: a record of parameters that yields its paths. Lengths in mm, bearings in degrees from the top. */
public sealed interface Form extends Described permits Circle, Line, Polygon {
    /** One of each, with the values a new figure starts with. */
    List<Form> EACH = List.of(Circle.STARTING, Line.STARTING, Polygon.STARTING);

    /** The exact centre line, starting at a place that turns with the figure. */
    Path path();

    /** The point the figure is seated by. */
    Point centre();
}
