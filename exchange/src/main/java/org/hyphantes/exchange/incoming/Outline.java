package org.hyphantes.exchange.incoming;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.PathIterator;
import java.awt.geom.RoundRectangle2D;
import org.apache.batik.ext.awt.geom.ExtendedGeneralPath;
import org.apache.batik.ext.awt.geom.ExtendedPathIterator;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.PathPen;
import org.hyphantes.geometry.Point;

/** A shape of a picture as exact paths. */
final class Outline {
    private final PathPen pen;

    private Outline(Affine map) {
        this.pen = new PathPen(map);
    }

    /** A shape drawn by a pen, carried by a map. */
    static PathPen drawn(Shape shape, Affine map) {
        Outline outline = new Outline(map);
        if (shape instanceof Ellipse2D ellipse) {
            Point centre = new Point(ellipse.getCenterX(), ellipse.getCenterY());
            outline.pen.ellipse(centre, ellipse.getWidth() / 2, ellipse.getHeight() / 2);
        } else if (shape instanceof RoundRectangle2D box) {
            Box all = new Box(box.getMinX(), box.getMinY(), box.getMaxX(), box.getMaxY());
            outline.pen.box(all, box.getArcWidth() / 2, box.getArcHeight() / 2);
        } else if (shape instanceof ExtendedGeneralPath path) {
            outline.extended(path.getExtendedPathIterator());
        } else {
            outline.plain(shape.getPathIterator(null));
        }
        return outline.pen;
    }

    private void plain(PathIterator each) {
        double[] n = new double[6];
        for (; !each.isDone(); each.next()) {
            switch (each.currentSegment(n)) {
                case PathIterator.SEG_MOVETO -> pen.move(new Point(n[0], n[1]));
                case PathIterator.SEG_LINETO -> pen.line(new Point(n[0], n[1]));
                case PathIterator.SEG_QUADTO -> pen.quadratic(new Point(n[0], n[1]), new Point(n[2], n[3]));
                case PathIterator.SEG_CUBICTO ->
                    pen.cubic(new Point(n[0], n[1]), new Point(n[2], n[3]), new Point(n[4], n[5]));
                default -> pen.close();
            }
        }
    }

    private void extended(ExtendedPathIterator each) {
        float[] n = new float[7];
        for (; !each.isDone(); each.next()) {
            switch (each.currentSegment(n)) {
                case ExtendedPathIterator.SEG_MOVETO -> pen.move(new Point(n[0], n[1]));
                case ExtendedPathIterator.SEG_LINETO -> pen.line(new Point(n[0], n[1]));
                case ExtendedPathIterator.SEG_QUADTO -> pen.quadratic(new Point(n[0], n[1]), new Point(n[2], n[3]));
                case ExtendedPathIterator.SEG_CUBICTO ->
                    pen.cubic(new Point(n[0], n[1]), new Point(n[2], n[3]), new Point(n[4], n[5]));
                case ExtendedPathIterator.SEG_ARCTO ->
                    pen.arc(n[0], n[1], Math.toRadians(n[2]), n[3] != 0, n[4] != 0, new Point(n[5], n[6]));
                default -> pen.close();
            }
        }
    }
}
