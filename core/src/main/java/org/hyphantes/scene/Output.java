package org.hyphantes.scene;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Paint;

/** What draws a scene on a screen or writes it into a file. A {@link Walk} feeds it, from the back to the front. */
public interface Output {
    /** A group begins, whose own map is in every map given until it ends. */
    default void begin(Mark.Group group) {}

    default void end() {}

    /**
     * Areas no two of which overlap, painted alike.
     *
     * @param whole whether all of their borders are lined, or only their sides
     * @param map what lays them in their place
     */
    void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map);

    /** Lines painted alike. */
    void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map);

    void shade(Mark.Shade shade, Colour ink, Affine map);

    /** From here to {@link #unclip} only what lies within a region is drawn. */
    void clip(Region within, Affine map);

    void unclip();
}
