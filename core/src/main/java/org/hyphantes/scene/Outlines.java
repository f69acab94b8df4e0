package org.hyphantes.scene;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Paint;

/** Lets the borders of areas through to another output, and lines, but no fills and no shades. */
public record Outlines(Output to) implements Output {
    @Override
    public void begin(Mark.Group group) {
        to.begin(group);
    }

    @Override
    public void end() {
        to.end();
    }

    @Override
    public void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map) {
        Paint bare = paint.filled(null);
        Paint lined = bare.line().isPresent() && paint.weight() > 0
                ? bare
                : bare.lined(Paint.BARE_LINE.line().orElse(Paint.INK), Paint.BARE_LINE.weight());
        to.areas(areas, lined, true, map);
    }

    @Override
    public void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map) {
        to.strokes(strokes, paint, map);
    }

    @Override
    public void shade(Mark.Shade shade, Colour ink, Affine map) {
        // No fill, and so no shade on it.
    }

    @Override
    public void clip(Region within, Affine map) {
        to.clip(within, map);
    }

    @Override
    public void unclip() {
        to.unclip();
    }
}
