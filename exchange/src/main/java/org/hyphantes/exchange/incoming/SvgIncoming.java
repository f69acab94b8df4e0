package org.hyphantes.exchange.incoming;

import java.awt.Color;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.BridgeException;
import org.apache.batik.bridge.DocumentLoader;
import org.apache.batik.bridge.ExternalResourceSecurity;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.NoLoadExternalResourceSecurity;
import org.apache.batik.bridge.NoLoadScriptSecurity;
import org.apache.batik.bridge.ScriptSecurity;
import org.apache.batik.bridge.TextNode;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.CanvasGraphicsNode;
import org.apache.batik.gvt.CompositeGraphicsNode;
import org.apache.batik.gvt.CompositeShapePainter;
import org.apache.batik.gvt.FillShapePainter;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.ShapeNode;
import org.apache.batik.gvt.ShapePainter;
import org.apache.batik.gvt.StrokeShapePainter;
import org.apache.batik.util.ParsedURL;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.w3c.dom.Element;
import org.w3c.dom.svg.SVGDocument;

/**
 * Scalable vector graphics that others drew: paths, shapes, letters as outlines, what {@code use} lays again, with styles and transforms, all
 * parsed by Apache Batik. Nothing is fetched, and no script is run. A document in millimetres keeps its coordinates where the centre lies
 * within it; any other is laid about the centre.
 */
final class SvgIncoming implements Incoming {
    /** The millimetres of a CSS pixel. */
    private static final double PIXEL = 25.4 / 96;

    /** So many parts that cannot be drawn are taken out before a file is given up. */
    private static final int MOST_TAKEN_OUT = 200;

    @Override
    public List<String> endings() {
        return List.of(".svg");
    }

    /** Loads nothing and runs nothing. */
    private static final class Careful extends UserAgentAdapter {
        @Override
        public ExternalResourceSecurity getExternalResourceSecurity(ParsedURL resource, ParsedURL document) {
            return new NoLoadExternalResourceSecurity();
        }

        @Override
        public ScriptSecurity getScriptSecurity(String type, ParsedURL script, ParsedURL document) {
            return new NoLoadScriptSecurity(type);
        }

        @Override
        public float getPixelUnitToMillimeter() {
            return (float) PIXEL;
        }
    }

    @Override
    public Arrival read(byte[] bytes) throws CannotBring {
        SvgSafety.check(bytes);
        try {
            SVGDocument document = new SAXSVGDocumentFactory(null)
                    .createSVGDocument("file:///brought-in.svg", new ByteArrayInputStream(bytes));
            Map<String, Integer> left = SvgSafety.cleared(document.getDocumentElement());
            BridgeContext context = context();
            GraphicsNode root = built(context, document, left);
            Reading reading = new Reading(context, left);
            reading.root(root, document.getDocumentElement());
            return new Arrival(reading.shapes, left).checked();
        } catch (IOException | RuntimeException e) {
            if (e instanceof org.hyphantes.geometry.BrokenOff broken) {
                throw broken;
            }
            throw new CannotBring("This is no SVG that can be read: "
                    + org.hyphantes.setting.Quoted.message(
                            String.valueOf(e.getMessage()).lines().findFirst().orElse("it breaks off")));
        }
    }

    private static BridgeContext context() {
        Careful agent = new Careful();
        BridgeContext context = new BridgeContext(agent, new DocumentLoader(agent));
        // Not that anything moves: so that it is known which element each node was made of.
        context.setDynamicState(BridgeContext.INTERACTIVE);
        return context;
    }

    /** What is drawn; an element that cannot be is taken out, counted, and all is tried again. */
    private static GraphicsNode built(BridgeContext context, SVGDocument document, Map<String, Integer> left) {
        for (int taken = 0; ; taken++) {
            Watch.ask();
            try {
                return new GVTBuilder().build(context, document);
            } catch (BridgeException e) {
                Element bad = e.getElement();
                if (taken == MOST_TAKEN_OUT
                        || bad == null
                        || bad.getParentNode() == null
                        || bad == document.getDocumentElement()) {
                    throw e;
                }
                bad.getParentNode().removeChild(bad);
                left.merge(bad.getLocalName() + " that refers to nothing", 1, Integer::sum);
            }
        }
    }

    /** One document. */
    private static final class Reading {
        private final BridgeContext context;
        private final Map<String, Integer> left;
        private final List<Arrival.Shape> shapes = new ArrayList<>();

        Reading(BridgeContext context, Map<String, Integer> left) {
            this.context = context;
            this.left = left;
        }

        void root(GraphicsNode root, Element svg) {
            for (Object child : ((CompositeGraphicsNode) root).getChildren()) {
                if (child instanceof CanvasGraphicsNode canvas) {
                    AffineTransform view =
                            canvas.getTransform() == null ? new AffineTransform() : canvas.getTransform();
                    double across = millimetres(view.getScaleX());
                    double down = millimetres(view.getScaleY());
                    Affine map = new Affine(across, 0, 0, down, 0, 0);
                    node(
                            canvas,
                            SvgSafety.middle(svg)
                                    .map(m -> Affine.shift(map.of(m).times(-1)).after(map))
                                    .orElse(map),
                            true);
                }
            }
        }

        /** A scale in millimetres; what is one but for rounding is one. */
        private static double millimetres(double scale) {
            double size = scale * PIXEL;
            return Math.abs(size - 1) < 1e-6 ? 1 : size;
        }

        private void node(GraphicsNode node, Affine above, boolean canvas) {
            Watch.ask();
            AffineTransform t = canvas || node.getTransform() == null ? new AffineTransform() : node.getTransform();
            Affine own = new Affine(
                    t.getScaleX(), t.getShearY(), t.getShearX(), t.getScaleY(), t.getTranslateX(), t.getTranslateY());
            Affine map = above.after(own);
            if (!canvas && node.getClip() != null) {
                left.merge("clip", 1, Integer::sum);
            }
            if (node instanceof ShapeNode shape) {
                painted(shape.getShapePainter(), node, shape.getShape(), map);
            } else if (node instanceof TextNode text) {
                shape(node, text.getOutline(), map, Optional.of(new Colour("#000000")), 0);
            } else if (node instanceof CompositeGraphicsNode inner) {
                for (Object child : inner.getChildren()) {
                    node((GraphicsNode) child, map, false);
                }
            } else {
                left.merge("picture", 1, Integer::sum);
            }
        }

        private void painted(ShapePainter painter, GraphicsNode node, Shape shape, Affine map) {
            Optional<Colour> fill = Optional.empty();
            Optional<Colour> line = Optional.empty();
            double weight = 0;
            for (ShapePainter one : each(painter)) {
                if (one instanceof FillShapePainter filled && filled.getPaint() != null) {
                    fill = colour(filled.getPaint());
                } else if (one instanceof StrokeShapePainter stroked && stroked.getPaint() != null) {
                    line = colour(stroked.getPaint());
                    weight = stroked.getStroke() instanceof java.awt.BasicStroke stroke
                            ? stroke.getLineWidth() * Math.sqrt(Math.abs(map.determinant()))
                            : 0;
                }
            }
            if (fill.isPresent() || line.isPresent()) {
                shape(node, shape, map, fill.isPresent() ? fill : line, fill.isPresent() ? 0 : weight);
            }
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

        private Optional<Colour> colour(Paint paint) {
            if (paint instanceof Color plain) {
                return Optional.of(new Colour(String.format(Locale.ROOT, "#%06X", plain.getRGB() & 0xFFFFFF)));
            }
            left.merge("gradient or pattern", 1, Integer::sum);
            return Optional.of(new Colour("#808080"));
        }

        private void shape(GraphicsNode node, Shape shape, Affine map, Optional<Colour> colour, double weight) {
            if (shape == null) {
                return;
            }
            List<Path> paths = Outline.of(shape, map);
            if (paths.isEmpty()) {
                return;
            }
            Element element = context.getElement(node);
            String id = element == null ? "" : element.getAttribute("id");
            Form form = circle(shape, paths).orElse(null);
            shapes.add(
                    form == null
                            ? Arrival.Shape.of(id, paths, colour, weight)
                            : new Arrival.Shape(id, form, colour, weight));
        }

        /** A circle that stayed one. */
        private static Optional<Form> circle(Shape shape, List<Path> paths) {
            if (shape instanceof Ellipse2D && paths.get(0).curves().get(0) instanceof Arc arc && arc.isWhole()) {
                return Optional.of(new Circle(
                        Amount.of(arc.radius()),
                        Amount.of(arc.centre().length()),
                        Amount.of(arc.centre().length() == 0 ? 0 : Angle.bearing(arc.centre()))));
            }
            return Optional.empty();
        }
    }
}
