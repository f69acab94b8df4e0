package org.hyphantes.exchange.incoming;

import java.awt.BasicStroke;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.treatment.CornerStyle;

/** How the lines of a file end and turn. */
final class LineStyle {
    private LineStyle() {}

    static Ends ends(BasicStroke stroke) {
        return switch (stroke.getEndCap()) {
            case BasicStroke.CAP_ROUND -> Ends.ROUND;
            case BasicStroke.CAP_SQUARE -> Ends.SQUARE;
            default -> Ends.BUTT;
        };
    }

    static CornerStyle corners(BasicStroke stroke) {
        return switch (stroke.getLineJoin()) {
            case BasicStroke.JOIN_ROUND -> CornerStyle.ROUND;
            case BasicStroke.JOIN_BEVEL -> CornerStyle.CUT;
            default -> CornerStyle.SQUARE;
        };
    }
}
