package org.hyphantes.exchange.incoming;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.PathIterator;
import java.text.AttributedCharacterIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.TextNode;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.ext.awt.geom.ExtendedGeneralPath;
import org.apache.batik.gvt.CanvasGraphicsNode;
import org.apache.batik.gvt.CompositeGraphicsNode;
import org.apache.batik.gvt.CompositeShapePainter;
import org.apache.batik.gvt.FillShapePainter;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.ShapeNode;
import org.apache.batik.gvt.ShapePainter;
import org.apache.batik.gvt.StrokeShapePainter;
import org.apache.batik.gvt.text.GVTAttributedCharacterIterator;
import org.apache.batik.gvt.text.TextPaintInfo;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PathPen;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Operand;
import org.hyphantes.machine.PathWords;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.w3c.dom.Element;

/** Reads the shapes of one document: what each fills, and the lines it draws, cut off where the document clips them. */
final class SvgReading {
    private static final String GRADIENT = "gradient or pattern";

    private static final Colour WHITE = new Colour("#FFFFFF");

    private final BridgeContext context;
    private final Map<String, Integer> left;
    private final List<Arrival.Shape> shapes = new ArrayList<>();

    SvgReading(BridgeContext context, Map<String, Integer> left) {
        this.context = context;
        this.left = left;
    }

    List<Arrival.Shape> shapes() {
        return shapes;
    }

    /** @param pixel the millimetres of a CSS pixel */
    void root(GraphicsNode root, Element svg, double pixel) {
        for (Object child : ((CompositeGraphicsNode) root).getChildren()) {
            if (child instanceof CanvasGraphicsNode canvas) {
                AffineTransform view = canvas.getTransform() == null ? new AffineTransform() : canvas.getTransform();
                Affine map = new Affine(
                        millimetres(view.getScaleX() * pixel), 0, 0, millimetres(view.getScaleY() * pixel), 0, 0);
                Affine laid = SvgSafety.middle(svg)
                        .map(m -> Affine.shift(map.of(m).times(-1)).after(map))
                        .orElse(map);
                for (Object node : canvas.getChildren()) {
                    node((GraphicsNode) node, laid, List.of(), 1);
                }
            }
        }
    }

    /** A scale in millimetres; what is one but for rounding is one. */
    private static double millimetres(double size) {
        return Math.abs(size - 1) < 1e-6 ? 1 : size;
    }

    private void node(GraphicsNode node, Affine above, List<Operand> clips, double seen) {
        Watch.ask();
        AffineTransform t = node.getTransform() == null ? new AffineTransform() : node.getTransform();
        Affine map = above.after(affine(t));
        double shown = seen * (node.getComposite() instanceof AlphaComposite see ? see.getAlpha() : 1);
        List<Operand> within = clips;
        if (node.getClip() != null) {
            within = new ArrayList<>(clips);
            Shape clip = node.getClip().getClipPath();
            within.add(new Operand(closed(Outline.drawn(clip, map).paths()), rule(clip)));
        }
        if (node.getMask() != null) {
            left.merge("mask", 1, Integer::sum);
        }
        if (node instanceof ShapeNode shape) {
            for (ShapePainter one : each(shape.getShapePainter())) {
                painted(one, node, shape.getShape(), map, within, shown);
            }
        } else if (node instanceof TextNode text) {
            List<Operand> cut = within;
            colour(ink(text), shown).ifPresent(c -> filled(text, text.getOutline(), map, c, cut));
        } else if (node instanceof CompositeGraphicsNode inner) {
            for (Object child : inner.getChildren()) {
                node((GraphicsNode) child, map, within, shown);
            }
        } else {
            left.merge("picture", 1, Integer::sum);
        }
    }

    /** What letters are filled with: as their first is. */
    private static Paint ink(TextNode text) {
        AttributedCharacterIterator letters = text.getAttributedCharacterIterator();
        Object first =
                letters == null ? null : letters.getAttribute(GVTAttributedCharacterIterator.TextAttribute.PAINT_INFO);
        return first instanceof TextPaintInfo info && info.fillPaint != null ? info.fillPaint : Color.BLACK;
    }

    static Affine affine(AffineTransform t) {
        return new Affine(
                t.getScaleX(), t.getShearY(), t.getShearX(), t.getScaleY(), t.getTranslateX(), t.getTranslateY());
    }

    private static List<ShapePainter> each(ShapePainter painter) {
        List<ShapePainter> all = new ArrayList<>();
        if (painter instanceof CompositeShapePainter several) {
            for (int i = 0; i < several.getShapePainterCount(); i++) {
                all.addAll(each(several.getShapePainter(i)));
            }
        } else if (painter != null) {
            all.add(painter);
        }
        return all;
    }

    private void painted(
            ShapePainter painter, GraphicsNode node, Shape shape, Affine map, List<Operand> clips, double seen) {
        if (painter instanceof FillShapePainter fill && fill.getPaint() != null) {
            int before = shapes.size();
            colour(fill.getPaint(), seen).ifPresent(c -> filled(node, shape, map, c, clips));
            if (shapes.size() > before && fill.getPaint() instanceof MultipleGradientPaint gradient) {
                graded(gradient, map, seen);
            }
        } else if (painter instanceof StrokeShapePainter line && line.getPaint() != null) {
            if (line.getPaint() instanceof MultipleGradientPaint) {
                left.merge(GRADIENT, 1, Integer::sum);
            }
            colour(line.getPaint(), seen).ifPresent(c -> drawn(node, shape, map, c, line, clips));
        }
    }

    /** The colour of a paint, as it is seen on white; none where nothing of it is seen. */
    private Optional<Colour> colour(Paint paint, double seen) {
        if (paint instanceof Color plain) {
            double share = seen * plain.getAlpha() / 255;
            if (share > 0 && share < 1) {
                left.merge("see-through part", 1, Integer::sum);
            }
            return share == 0
                    ? Optional.empty()
                    : Optional.of(colour(List.of(plain)).towards(WHITE, 1 - share));
        }
        if (paint instanceof MultipleGradientPaint gradient) {
            return Optional.of(colour(List.of(gradient.getColors())));
        }
        left.merge(GRADIENT, 1, Integer::sum);
        return Optional.of(new Colour("#808080"));
    }

    /** Gives the shape that was read last a gradient, where it is one area and the gradient one that can be laid over it; else it is counted. */
    private void graded(MultipleGradientPaint gradient, Affine map, double seen) {
        Arrival.Shape last = shapes.get(shapes.size() - 1);
        Optional<Graded> graded = outline(last).flatMap(o -> Graded.of(gradient, map, o, seen));
        graded.ifPresentOrElse(
                g -> shapes.set(shapes.size() - 1, last.graded(g)), () -> left.merge(GRADIENT, 1, Integer::sum));
    }

    /** What goes round a filled shape that is one area. */
    private static Optional<Path> outline(Arrival.Shape shape) {
        try {
            List<Region> regions = Booleans.combined(
                    List.of(new Operand(
                            closed(shape.form().paths(null)), shape.filled().orElseThrow())),
                    w -> w.held() == 1);
            return regions.size() == 1 ? Optional.of(regions.get(0).outline()) : Optional.empty();
        } catch (IllegalStateException e) {
            // It comes in all the same, in one colour.
            return Optional.empty();
        }
    }

    /** A colour as it is seen on white. */
    static Colour onWhite(Color colour, double share) {
        return colour(List.of(colour)).towards(WHITE, 1 - share);
    }

    /** The mean of colours. */
    private static Colour colour(List<Color> all) {
        return new Colour(String.format(
                Locale.ROOT,
                "#%02X%02X%02X",
                Math.round(all.stream().mapToInt(Color::getRed).average().orElse(128)),
                Math.round(all.stream().mapToInt(Color::getGreen).average().orElse(128)),
                Math.round(all.stream().mapToInt(Color::getBlue).average().orElse(128))));
    }

    private void filled(GraphicsNode node, Shape shape, Affine map, Colour colour, List<Operand> clips) {
        if (shape == null) {
            return;
        }
        List<Path> paths = drawn(node, shape, map).paths();
        FillRule rule = rule(shape);
        if (!clips.isEmpty()) {
            List<Operand> all = new ArrayList<>(clips);
            all.add(new Operand(closed(paths), rule));
            paths = cut(all);
            rule = FillRule.EVEN_ODD;
        }
        if (!paths.isEmpty()) {
            List<Path> round = paths;
            Form form = circle(shape, paths).<Form>map(c -> c).orElseGet(() -> Drawn.of(round));
            shapes.add(Arrival.Shape.filled(name(node), form, Optional.of(colour), rule));
        }
    }

    private void drawn(
            GraphicsNode node, Shape shape, Affine map, Colour colour, StrokeShapePainter line, List<Operand> clips) {
        if (shape == null) {
            return;
        }
        PathPen pen = drawn(node, shape, map);
        List<Path> paths = pen.paths();
        BasicStroke stroke = line.getStroke() instanceof BasicStroke basic ? basic : new BasicStroke();
        double weight = stroke.getLineWidth() * Math.sqrt(Math.abs(map.determinant()));
        Ends ends = LineStyle.ends(stroke);
        if (ends == Ends.ROUND && weight > 0 && clips.isEmpty()) {
            pen.dots().forEach(dot -> disc(node, dot, weight / 2, colour));
        }
        if (paths.isEmpty() || !(weight > 0)) {
            return;
        }
        if (stroke.getDashArray() != null) {
            Optional<List<Path>> dashes = Dashed.of(paths, stroke, weight / stroke.getLineWidth());
            if (dashes.isEmpty()) {
                left.merge("dashed line", 1, Integer::sum);
            }
            paths = dashes.orElse(paths);
        }
        List<Path> lines = paths;
        Optional<Circle> circle = stroke.getDashArray() == null ? circle(shape, paths) : Optional.empty();
        if (circle.isPresent() && circle.get().radius().value() <= weight / 2 && clips.isEmpty()) {
            // So wide a line covers all that it goes round.
            disc(node, circle.get().centre(), circle.get().radius().value() + weight / 2, colour);
            return;
        }
        if (clips.isEmpty()) {
            Form form = circle.<Form>map(c -> c).orElseGet(() -> Drawn.of(lines));
            shapes.add(
                    Arrival.Shape.line(name(node), form, Optional.of(colour), weight, ends, LineStyle.corners(stroke)));
            return;
        }
        List<Region> bands = new ArrayList<>();
        paths.forEach(p -> bands.addAll(BandOutline.regions(
                p, WidthProfile.even(weight), ends, LineStyle.corners(stroke).corners())));
        List<Operand> all = new ArrayList<>(clips);
        all.add(Operand.all(Booleans.union(bands)));
        List<Path> cut = cut(all);
        if (!cut.isEmpty()) {
            shapes.add(Arrival.Shape.filled(name(node), Drawn.of(cut), Optional.of(colour), FillRule.EVEN_ODD));
        }
    }

    private void disc(GraphicsNode node, Point centre, double radius, Colour colour) {
        shapes.add(Arrival.Shape.filled(name(node), circle(centre, radius), Optional.of(colour), FillRule.NON_ZERO));
    }

    private static Circle circle(Point centre, double radius) {
        double out = centre.length();
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(out == 0 ? 0 : Angle.bearing(centre)));
    }

    private static List<Path> cut(List<Operand> all) {
        return Booleans.combined(all, w -> w.held() == all.size()).stream()
                .flatMap(r -> r.borders().stream())
                .toList();
    }

    /** A shape as its element tells it, where that is a path: what Batik makes of it is rounded to seven figures. */
    private PathPen drawn(GraphicsNode node, Shape shape, Affine map) {
        Element element = context.getElement(node);
        if (shape instanceof ExtendedGeneralPath && element != null && "path".equals(element.getLocalName())) {
            PathPen pen = new PathPen(map);
            if (PathWords.draw(element.getAttribute("d"), pen)) {
                return pen;
            }
        }
        return Outline.drawn(shape, map);
    }

    private static List<Path> closed(List<Path> paths) {
        return paths.stream()
                .map(p -> p.closed() ? p : PathPen.chained(p.curves(), true))
                .toList();
    }

    private static FillRule rule(Shape shape) {
        int rule = shape instanceof ExtendedGeneralPath path
                ? path.getWindingRule()
                : shape.getPathIterator(null).getWindingRule();
        return rule == PathIterator.WIND_EVEN_ODD ? FillRule.EVEN_ODD : FillRule.NON_ZERO;
    }

    private String name(GraphicsNode node) {
        Element element = context.getElement(node);
        return element == null ? "" : element.getAttribute("id");
    }

    /** A circle that stayed one. */
    private static Optional<Circle> circle(Shape shape, List<Path> paths) {
        if (shape instanceof Ellipse2D
                && paths.size() == 1
                && paths.get(0).curves().get(0) instanceof Arc arc
                && arc.isWhole()) {
            return Optional.of(circle(arc.centre(), arc.radius()));
        }
        return Optional.empty();
    }
}
