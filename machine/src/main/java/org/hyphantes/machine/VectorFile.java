package org.hyphantes.machine;

import java.awt.geom.AffineTransform;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PathPen;
import org.hyphantes.geometry.Point;

/**
 * Reads vector graphics (W3C SVG 2): every shape is a line to follow, in the order in which they stand, whatever it is painted with. A titled group is a pass;
 * lines outside of any go to the pass of their colour. What else stands there is counted. Nothing is fetched, and no entity is read.
 */
final class VectorFile implements Readers.Reader {
    private static final int DEEPEST = 256;

    /** In so many parts a cubic is gone through, each as slowly as where it bends most. */
    private static final int PARTS = 8;

    /** What is not followed because it draws nothing by itself. */
    private static final Set<String> UNSEEN = Set.of(
            "defs", "clipPath", "pattern", "mask", "marker", "symbol", "linearGradient", "radialGradient", "metadata");

    private static final Set<String> WORDS = Set.of("title", "desc", "style");

    @Override
    public String ending() {
        return ".svg";
    }

    @Override
    public boolean isPage() {
        return true;
    }

    @Override
    public Program read(String text) throws CannotRun {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        try {
            return new Run(factory.createXMLStreamReader(new StringReader(text))).program();
        } catch (IllegalArgumentException e) {
            throw new CannotRun("The file has a curve that is none: " + e.getMessage() + ".");
        } catch (XMLStreamException e) {
            throw new CannotRun("The file breaks off at line "
                    + (e.getLocation() == null ? 1 : e.getLocation().getLineNumber()) + ": it is no sound XML.");
        }
    }

    /** One reading. */
    private static final class Run {
        private final XMLStreamReader xml;
        private final Program.Builder built = new Program.Builder();
        private final Map<String, Integer> others = new TreeMap<>();
        private final Deque<Affine> maps = new ArrayDeque<>();
        private final Deque<String> elements = new ArrayDeque<>();

        /** The title of the outermost group that has one, and how deep that group lies. */
        private String title = "";

        private int titled;
        private int unseen;

        Run(XMLStreamReader xml) {
            this.xml = xml;
        }

        Program program() throws CannotRun, XMLStreamException {
            while (xml.hasNext()) {
                switch (xml.next()) {
                    case XMLStreamConstants.START_ELEMENT -> begin(xml.getLocalName());
                    case XMLStreamConstants.END_ELEMENT -> end();
                    default -> {}
                }
            }
            others.forEach((what, count) -> built.unread(count + " " + what));
            return built.program();
        }

        private void begin(String name) throws CannotRun, XMLStreamException {
            if (elements.size() >= DEEPEST) {
                throw new CannotRun("The file has groups within groups more than " + DEEPEST + " deep.");
            }
            if (elements.isEmpty()) {
                maps.push(page());
            } else if (name.equals("title") && "g".equals(elements.peek()) && title.isEmpty()) {
                titled = elements.size();
                title = xml.getElementText().strip();
                return;
            } else {
                maps.push(maps.element().after(transform()));
            }
            elements.push(name);
            if (unseen > 0 || UNSEEN.contains(name)) {
                unseen++;
            } else {
                drawn(name);
            }
        }

        private void end() {
            elements.pop();
            maps.pop();
            unseen = Math.max(0, unseen - 1);
            if (elements.size() < titled) {
                titled = 0;
                title = "";
            }
        }

        /** From the page, downward, to millimetres above its lower left corner. */
        private Affine page() throws CannotRun {
            if (!xml.getLocalName().equals("svg")) {
                throw new CannotRun("The file is no SVG: it begins with " + xml.getLocalName() + ".");
            }
            String box = xml.getAttributeValue(null, "viewBox");
            double[] seen = box == null ? null : numbers(box, 4);
            double wide = length("width", seen == null ? 0 : seen[2]);
            double high = length("height", seen == null ? 0 : seen[3]);
            double left = seen == null ? 0 : seen[0];
            double top = seen == null ? 0 : seen[1];
            double across = seen == null ? Length.PIXEL : wide / seen[2];
            double down = seen == null ? Length.PIXEL : high / seen[3];
            if (!(across > 0 && down > 0) || Double.isInfinite(across + down)) {
                throw new CannotRun("The page of the file has no size.");
            }
            return new Affine(across, 0, 0, -down, -left * across, high + top * down);
        }

        private double length(String attribute, double otherwise) throws CannotRun {
            String given = xml.getAttributeValue(null, attribute);
            return given == null || given.endsWith("%") ? otherwise * Length.PIXEL : Length.of(given);
        }

        private double[] numbers(String words, int count) throws CannotRun {
            String[] parts = words.strip().split("[\\s,]+");
            double[] numbers = new double[parts.length];
            try {
                for (int i = 0; i < parts.length; i++) {
                    numbers[i] = Double.parseDouble(parts[i]);
                }
            } catch (NumberFormatException e) {
                throw new CannotRun("At line " + xml.getLocation().getLineNumber() + " stands no number.");
            }
            if (count > 0 && numbers.length != count || count == 0 && numbers.length % 2 != 0) {
                throw new CannotRun("At line " + xml.getLocation().getLineNumber() + " a number is missing.");
            }
            return numbers;
        }

        private Affine transform() throws CannotRun {
            String words = xml.getAttributeValue(null, "transform");
            if (words == null) {
                return Affine.IDENTITY;
            }
            try {
                AffineTransform t = AWTTransformProducer.createAffineTransform(words);
                return new Affine(
                        t.getScaleX(),
                        t.getShearY(),
                        t.getShearX(),
                        t.getScaleY(),
                        t.getTranslateX(),
                        t.getTranslateY());
            } catch (ParseException e) {
                throw new CannotRun("At line " + xml.getLocation().getLineNumber() + " stands no transform.");
            }
        }

        private void drawn(String name) throws CannotRun {
            PathPen pen = new PathPen(maps.element());
            switch (name) {
                case "svg", "g", "a" -> {}
                case "path" -> {
                    if (!PathWords.draw(attribute("d"), pen)) {
                        others.merge("broken path", 1, Integer::sum);
                    }
                }
                case "line" -> corners(pen, new double[] {own("x1"), own("y1"), own("x2"), own("y2")}, false);
                case "polyline" -> corners(pen, numbers(attribute("points"), 0), false);
                case "polygon" -> corners(pen, numbers(attribute("points"), 0), true);
                case "circle" -> pen.ellipse(new Point(own("cx"), own("cy")), own("r"), own("r"));
                case "ellipse" -> pen.ellipse(new Point(own("cx"), own("cy")), own("rx"), own("ry"));
                case "rect" -> box(pen);
                default -> {
                    if (!WORDS.contains(name)) {
                        others.merge(name, 1, Integer::sum);
                    }
                }
            }
            for (Path path : pen.paths()) {
                built.stroke(parts(path), built.number(pass()));
            }
        }

        private static List<Curve> parts(Path path) {
            List<Curve> parts = new ArrayList<>();
            for (Curve curve : path.curves()) {
                if (curve instanceof Cubic cubic) {
                    for (int k = 0; k < PARTS; k++) {
                        parts.add(cubic.part((double) k / PARTS, (k + 1.0) / PARTS));
                    }
                } else {
                    parts.add(curve);
                }
            }
            return parts;
        }

        private String pass() {
            if (!title.isEmpty()) {
                return title;
            }
            String colour = attribute("stroke");
            return colour.isEmpty() || colour.equals("none") ? "1 cut" : colour;
        }

        private String attribute(String name) {
            String given = xml.getAttributeValue(null, name);
            return given == null ? "" : given;
        }

        private double own(String name) throws CannotRun {
            String given = attribute(name);
            return given.isEmpty() ? 0 : Length.of(given) / Length.PIXEL;
        }

        private static void corners(PathPen pen, double[] places, boolean closed) {
            for (int i = 0; i + 1 < places.length; i += 2) {
                Point place = new Point(places[i], places[i + 1]);
                if (i == 0) {
                    pen.move(place);
                } else {
                    pen.line(place);
                }
            }
            if (closed) {
                pen.close();
            }
        }

        /** A box; its rounded corners are circular arcs or elliptical ones. */
        private void box(PathPen pen) throws CannotRun {
            double left = own("x");
            double top = own("y");
            double right = left + own("width");
            double bottom = top + own("height");
            double rx = attribute("rx").isEmpty() ? own("ry") : own("rx");
            double ry = attribute("ry").isEmpty() ? rx : own("ry");
            Box box = new Box(left, top, right, bottom);
            pen.box(box, Math.min(rx, box.width() / 2), Math.min(ry, box.height() / 2));
        }
    }
}
