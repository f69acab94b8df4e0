package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Described;

/** The form of a figure: a record of parameters that yields its paths. Lengths in mm, bearings in degrees from the top. */
public sealed interface Form extends Described permits Seated, Ended, Drawn {
    /** One of each, with the values a new figure starts with. */
    List<Form> EACH = List.of(
            Circle.STARTING,
            Ring.STARTING,
            Oval.STARTING,
            Polygon.STARTING,
            Star.STARTING,
            ArcForm.STARTING,
            LineForm.STARTING,
            Drawn.STARTING,
            Spiral.STARTING,
            Wave.STARTING,
            Lens.STARTING,
            Rectangle.STARTING,
            Arch.STARTING,
            Cog.STARTING,
            Trochoid.STARTING,
            Rose.STARTING,
            Plait.STARTING,
            BorderForm.STARTING,
            Ringplait.STARTING,
            Lettering.STARTING);

    /** The exact centre lines, each starting at a place that turns with the figure. */
    List<Path> paths(PageBox pageBox);

    /** The point the figure is seated by. */
    Point centre();

    /**
     * This form laid between the two legs of the dividers: what it has besides size and place stays.
     *
     * @param first the first leg; for most forms the centre
     * @param second the second leg, elsewhere than the first
     * @param otherWay by diameter rather than radius, by the middle of a side rather than a corner, and the like
     */
    Form between(Point first, Point second, boolean otherWay);

    /** This form moved, turned and scaled by a similarity that does not mirror. */
    Form carried(Affine similarity);
}
