package org.hyphantes.exchange.svg;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Dashes;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Patch;
import org.hyphantes.paint.Ramp;
import org.hyphantes.paint.Stop;
import org.hyphantes.paint.Sweep;

/** Writes what SVG has for fills and dashes, each gradient once. */
final class SvgFills {
    private final XMLStreamWriter xml;
    private final UnaryOperator<String> unique;

    /** The gradients that are written, by their ids. */
    private final Map<Ramp, String> gradients = new HashMap<>();

    private final Map<List<Stop>, String> sweeps = new HashMap<>();

    /** @param unique an id that no other element has */
    SvgFills(XMLStreamWriter xml, UnaryOperator<String> unique) {
        this.xml = xml;
        this.unique = unique;
    }

    void dashes(Dashes dashes) throws XMLStreamException {
        if (dashes.isDashed()) {
            xml.writeAttribute(
                    "stroke-dasharray", PathData.number(dashes.length(), 4) + " " + PathData.number(dashes.gap(), 4));
        }
        if (dashes.round()) {
            xml.writeAttribute("stroke-linecap", "round");
        }
    }

    /** What a fill is called by a path; a gradient is written before the first that has it (SVG 2, section 14). */
    String name(Fill fill) throws XMLStreamException {
        if (!(fill instanceof Ramp ramp)) {
            return fill.colour().hex();
        }
        String id = gradients.get(ramp);
        if (id == null) {
            id = unique.apply("gradient-" + (gradients.size() + 1));
            gradients.put(ramp, id);
            boolean linear = ramp.way() == Gradient.Way.LINEAR;
            xml.writeCharacters("\n    ");
            xml.writeStartElement(linear ? "linearGradient" : "radialGradient");
            xml.writeAttribute("id", id);
            xml.writeAttribute("gradientUnits", "userSpaceOnUse");
            place(linear ? "x1" : "cx", linear ? "y1" : "cy", ramp.from());
            if (linear) {
                place("x2", "y2", ramp.to());
            } else {
                xml.writeAttribute("r", PathData.number(ramp.from().distance(ramp.to()), 5));
            }
            for (Stop stop : ramp.stops()) {
                stop(PathData.number(stop.at(), 5), stop.colour().hex(), 1);
            }
            xml.writeEndElement();
        }
        return "url(#" + id + ")";
    }

    private void place(String x, String y, Point place) throws XMLStreamException {
        xml.writeAttribute(x, PathData.number(place.x(), 5));
        xml.writeAttribute(y, PathData.number(place.y(), 5));
    }

    /** A gradient from ink of an opacity to none. */
    void fading(String id, Point from, Point to, Colour ink, double opacity) throws XMLStreamException {
        xml.writeCharacters("\n    ");
        xml.writeStartElement("linearGradient");
        xml.writeAttribute("id", id);
        xml.writeAttribute("gradientUnits", "userSpaceOnUse");
        xml.writeAttribute("x1", PathData.number(from.x(), 5));
        xml.writeAttribute("y1", PathData.number(from.y(), 5));
        xml.writeAttribute("x2", PathData.number(to.x(), 5));
        xml.writeAttribute("y2", PathData.number(to.y(), 5));
        stop("0", ink.hex(), opacity);
        stop("1", ink.hex(), 0);
        xml.writeEndElement();
    }

    /** Where a box lies, and how large it is. */
    void box(Box box, int digits) throws XMLStreamException {
        xml.writeAttribute("x", PathData.number(box.left(), digits));
        xml.writeAttribute("y", PathData.number(box.top(), digits));
        xml.writeAttribute("width", PathData.number(box.width(), digits));
        xml.writeAttribute("height", PathData.number(box.height(), digits));
    }

    void stop(String offset, String ink, double opacity) throws XMLStreamException {
        xml.writeEmptyElement("stop");
        xml.writeAttribute("offset", offset);
        xml.writeAttribute("stop-color", ink);
        xml.writeAttribute("stop-opacity", PathData.number(opacity, 4));
    }

    /**
     * Colours round a centre over a box, which is clipped by whoever asks. Those with the same stops are written once, as wedges of unit
     * radius, and laid by turns and scales.
     */
    void sweep(Sweep sweep, Box over) throws XMLStreamException {
        String id = sweeps.get(sweep.stops());
        if (id == null) {
            id = unique.apply("sweep-" + (sweeps.size() + 1));
            sweeps.put(sweep.stops(), id);
            xml.writeStartElement("defs");
            xml.writeStartElement("g");
            xml.writeAttribute("id", id);
            for (Patch wedge : new Sweep(Point.ORIGIN, 0, sweep.stops()).wedges(1)) {
                String places = wedge.region().outline().curves().stream()
                        .map(c -> PathData.number(c.start().x(), 6) + " "
                                + PathData.number(c.start().y(), 6))
                        .collect(Collectors.joining(" "));
                xml.writeCharacters("\n");
                xml.writeEmptyElement("path");
                xml.writeAttribute("d", "M" + places + "Z");
                xml.writeAttribute("fill", wedge.fill().colour().hex());
            }
            xml.writeEndElement();
            xml.writeEndElement();
        }
        xml.writeEmptyElement("use");
        xml.writeAttribute("xmlns:xlink", "http://www.w3.org/1999/xlink");
        xml.writeAttribute("xlink:href", "#" + id);
        xml.writeAttribute(
                "transform",
                "translate(" + PathData.number(sweep.centre().x(), 5) + " "
                        + PathData.number(sweep.centre().y(), 5)
                        + ") rotate(" + PathData.number(sweep.bearing(), 6) + ") scale("
                        + PathData.number(sweep.far(over), 5) + ")");
    }
}
