package org.hyphantes.machine;

import java.util.function.DoubleSupplier;
import org.apache.batik.parser.PathHandler;
import org.hyphantes.geometry.PathPen;
import org.hyphantes.geometry.Point;

/** Leads a pen as path data tells (W3C SVG 2, chapter 9). The numbers come from a source of their own, in the order in which they are written. */
final class PathDrawing implements PathHandler {
    private final PathPen pen;
    private final DoubleSupplier numbers;

    /** The last control point of a curve, which a smooth one mirrors; where the pen is after all else. */
    private Point control = Point.ORIGIN;

    private boolean isCubic;
    private boolean isQuadratic;

    PathDrawing(PathPen pen, DoubleSupplier numbers) {
        this.pen = pen;
        this.numbers = numbers;
    }

    private double number() {
        return numbers.getAsDouble();
    }

    private Point place(Point from) {
        double x = number();
        return from.plus(new Point(x, number()));
    }

    private Point from(boolean relative) {
        return relative ? pen.at() : Point.ORIGIN;
    }

    private void plain() {
        isCubic = false;
        isQuadratic = false;
    }

    private void move(boolean relative) {
        pen.move(place(from(relative)));
        plain();
    }

    private void line(Point to) {
        pen.line(to);
        plain();
    }

    private void cubic(Point a, boolean relative) {
        Point from = from(relative);
        Point b = place(from);
        pen.cubic(a, b, place(from));
        plain();
        isCubic = true;
        control = b;
    }

    private void quadratic(Point a, boolean relative) {
        pen.quadratic(a, place(from(relative)));
        plain();
        isQuadratic = true;
        control = a;
    }

    private Point mirrored(boolean smooth) {
        return smooth ? pen.at().times(2).minus(control) : pen.at();
    }

    private void arc(boolean relative, boolean large, boolean sweep) {
        double rx = number();
        double ry = number();
        double tilt = Math.toRadians(number());
        pen.arc(rx, ry, tilt, large, sweep, place(from(relative)));
        plain();
    }

    @Override
    public void startPath() {
        plain();
    }

    @Override
    public void endPath() {
        plain();
    }

    @Override
    public void closePath() {
        pen.close();
        plain();
    }

    @Override
    public void movetoRel(float x, float y) {
        move(true);
    }

    @Override
    public void movetoAbs(float x, float y) {
        move(false);
    }

    @Override
    public void linetoRel(float x, float y) {
        line(place(pen.at()));
    }

    @Override
    public void linetoAbs(float x, float y) {
        line(place(Point.ORIGIN));
    }

    @Override
    public void linetoHorizontalRel(float x) {
        line(pen.at().plus(new Point(number(), 0)));
    }

    @Override
    public void linetoHorizontalAbs(float x) {
        line(new Point(number(), pen.at().y()));
    }

    @Override
    public void linetoVerticalRel(float y) {
        line(pen.at().plus(new Point(0, number())));
    }

    @Override
    public void linetoVerticalAbs(float y) {
        line(new Point(pen.at().x(), number()));
    }

    @Override
    public void curvetoCubicRel(float x1, float y1, float x2, float y2, float x, float y) {
        cubic(place(pen.at()), true);
    }

    @Override
    public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float x, float y) {
        cubic(place(Point.ORIGIN), false);
    }

    @Override
    public void curvetoCubicSmoothRel(float x2, float y2, float x, float y) {
        cubic(mirrored(isCubic), true);
    }

    @Override
    public void curvetoCubicSmoothAbs(float x2, float y2, float x, float y) {
        cubic(mirrored(isCubic), false);
    }

    @Override
    public void curvetoQuadraticRel(float x1, float y1, float x, float y) {
        quadratic(place(pen.at()), true);
    }

    @Override
    public void curvetoQuadraticAbs(float x1, float y1, float x, float y) {
        quadratic(place(Point.ORIGIN), false);
    }

    @Override
    public void curvetoQuadraticSmoothRel(float x, float y) {
        quadratic(mirrored(isQuadratic), true);
    }

    @Override
    public void curvetoQuadraticSmoothAbs(float x, float y) {
        quadratic(mirrored(isQuadratic), false);
    }

    @Override
    public void arcRel(float rx, float ry, float tilt, boolean large, boolean sweep, float x, float y) {
        arc(true, large, sweep);
    }

    @Override
    public void arcAbs(float rx, float ry, float tilt, boolean large, boolean sweep, float x, float y) {
        arc(false, large, sweep);
    }
}
