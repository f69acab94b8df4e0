package org.hyphantes.exchange.svg;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Shape;
import org.hyphantes.exchange.AtomicFile;
import org.hyphantes.geometry.Box;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Paint;

/**
 * Artwork as SVG: one user unit is one millimetre, the page is as large as the design, one path for each course, in a group
 * for each strand.
 */
public final class SvgFile {
    private static final String NAMESPACE = "http://www.w3.org/2000/svg";

    private final XMLStreamWriter xml;

    private SvgFile(XMLStreamWriter xml) {
        this.xml = xml;
    }

    public static String text(Design design, Artwork artwork) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            new SvgFile(xml).document(design, artwork);
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
        return text.toString();
    }

    /** @throws IOException if the file could not be written; an older one of the name is then unharmed */
    public static void save(Design design, Artwork artwork, Path file) throws IOException {
        AtomicFile.write(file, text(design, artwork));
    }

    /** The box of a written page: the artwork with half the weight of its lines all round. */
    public static Box page(Artwork artwork) {
        double most = artwork.shapes().stream()
                .map(Shape::paint)
                .filter(p -> p.line().isPresent())
                .mapToDouble(Paint::weight)
                .max()
                .orElse(0);
        return artwork.box().grown(most / 2);
    }

    private void document(Design design, Artwork artwork) throws XMLStreamException {
        Box page = page(artwork);
        String width = PathData.number(page.width(), 4);
        String height = PathData.number(page.height(), 4);
        xml.writeStartDocument("UTF-8", "1.0");
        line(0);
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace(NAMESPACE);
        xml.writeAttribute("width", width + "mm");
        xml.writeAttribute("height", height + "mm");
        xml.writeAttribute(
                "viewBox",
                PathData.number(page.left(), 4) + " " + PathData.number(page.top(), 4) + " " + width + " " + height);
        line(1);
        title(design.name());
        for (Map.Entry<String, List<Shape>> strand : byStrand(artwork).entrySet()) {
            group(strand.getKey(), strand.getValue());
        }
        line(0);
        xml.writeEndElement();
        line(0);
        xml.writeEndDocument();
    }

    private static Map<String, List<Shape>> byStrand(Artwork artwork) {
        Map<String, List<Shape>> groups = new LinkedHashMap<>();
        for (Shape shape : artwork.shapes()) {
            groups.computeIfAbsent(shape.origin().strand(), s -> new ArrayList<>())
                    .add(shape);
        }
        return groups;
    }

    private void group(String strand, List<Shape> shapes) throws XMLStreamException {
        line(1);
        xml.writeStartElement("g");
        xml.writeAttribute("id", strand.isEmpty() ? "lines" : "strand-" + strand);
        line(2);
        title(strand.isEmpty() ? "Lines" : "Strand " + strand);
        // Courses are numbered by themselves, so that inner lines and shading leave no gaps.
        Map<Class<?>, Integer> numbers = new HashMap<>();
        for (Shape shape : shapes) {
            int number = numbers.merge(shape.getClass(), 1, Integer::sum);
            if (shape instanceof Shape.Shaded shaded) {
                shaded(shaded, "shade-" + strand + "-" + number);
                continue;
            }
            line(2);
            xml.writeEmptyElement("path");
            boolean filled = shape instanceof Shape.Filled;
            String name = strand.isEmpty() ? filled ? "band" : "line" : filled ? strand : strand + "-line";
            xml.writeAttribute("id", name + "-" + number);
            xml.writeAttribute(
                    "d",
                    filled ? PathData.of(((Shape.Filled) shape).region()) : PathData.of(((Shape.Lined) shape).path()));
            paint(shape.paint());
        }
        line(1);
        xml.writeEndElement();
    }

    /** A stretch with ink that fades out along it. */
    private void shaded(Shape.Shaded shaded, String id) throws XMLStreamException {
        line(2);
        xml.writeStartElement("linearGradient");
        xml.writeAttribute("id", id);
        xml.writeAttribute("gradientUnits", "userSpaceOnUse");
        xml.writeAttribute("x1", PathData.number(shaded.from().x(), 5));
        xml.writeAttribute("y1", PathData.number(shaded.from().y(), 5));
        xml.writeAttribute("x2", PathData.number(shaded.to().x(), 5));
        xml.writeAttribute("y2", PathData.number(shaded.to().y(), 5));
        String ink = shaded.paint().fill().map(Colour::hex).orElse("none");
        stop("0", ink, shaded.opacity());
        stop("1", ink, 0);
        xml.writeEndElement();
        line(2);
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", PathData.of(shaded.region()));
        xml.writeAttribute("fill", "url(#" + id + ")");
        xml.writeAttribute("stroke", "none");
    }

    private void stop(String offset, String ink, double opacity) throws XMLStreamException {
        xml.writeEmptyElement("stop");
        xml.writeAttribute("offset", offset);
        xml.writeAttribute("stop-color", ink);
        xml.writeAttribute("stop-opacity", PathData.number(opacity, 4));
    }

    private void paint(Paint paint) throws XMLStreamException {
        xml.writeAttribute("fill", paint.fill().map(Colour::hex).orElse("none"));
        if (paint.fill().isPresent()) {
            xml.writeAttribute("fill-rule", "evenodd");
        }
        xml.writeAttribute("stroke", paint.line().map(Colour::hex).orElse("none"));
        if (paint.line().isPresent()) {
            xml.writeAttribute("stroke-width", PathData.number(paint.weight(), 4));
        }
    }

    private void title(String words) throws XMLStreamException {
        xml.writeStartElement("title");
        xml.writeCharacters(words);
        xml.writeEndElement();
    }

    private void line(int depth) throws XMLStreamException {
        xml.writeCharacters("\n" + "  ".repeat(depth));
    }
}
