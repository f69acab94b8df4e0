package org.hyphantes.exchange.svg;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patch;
import org.hyphantes.paint.Patched;
import org.hyphantes.paint.Sweep;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Output;
import org.hyphantes.weave.Strand;

/** Writes the marks of a scene as SVG: one path for each course, in a group for each strand, and one for each piece, in a group for each ring. */
final class SvgOutput implements Output {
    private static final String NAMESPACE = "http://www.w3.org/2000/svg";

    private enum Named {
        AREA,
        LINE,
        SHADE
    }

    private final XMLStreamWriter xml;
    private final Map<Named, Integer> numbers = new EnumMap<>(Named.class);
    private int letters;
    private int clips;
    private String strand = "";
    private boolean lines;
    private int ring;

    /** Whether each group that has begun is an element of its own. */
    private final Deque<Boolean> open = new ArrayDeque<>();

    private final Map<String, Integer> ids = new HashMap<>();

    private final SvgFills fills;

    SvgOutput(XMLStreamWriter xml) {
        this.xml = xml;
        this.fills = new SvgFills(xml, this::unique);
    }

    /** An act of the writer, whose refusal is a fault of ours: it writes into memory. */
    private interface Act {
        void run() throws XMLStreamException;
    }

    private static void sure(Act act) {
        try {
            act.run();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
    }

    /** @param scale how many millimetres of the page one of the design is */
    void document(String name, Map<String, String> told, Box page, double scale, Runnable marks)
            throws XMLStreamException {
        xml.writeStartDocument("UTF-8", "1.0");
        line(0);
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace(NAMESPACE);
        xml.writeAttribute("width", PathData.number(page.width() * scale, 4) + "mm");
        xml.writeAttribute("height", PathData.number(page.height() * scale, 4) + "mm");
        xml.writeAttribute(
                "viewBox",
                PathData.number(page.left(), 4) + " " + PathData.number(page.top(), 4) + " "
                        + PathData.number(page.width(), 4) + " " + PathData.number(page.height(), 4));
        line(1);
        title(name);
        SvgMetadata.write(xml, told);
        marks.run();
        line(0);
        xml.writeEndElement();
        line(0);
        xml.writeEndDocument();
    }

    /** Marks as a pattern of one tile, which fills a box. */
    void pattern(Box tile, Box cloth, Runnable marks) {
        sure(() -> {
            line(1);
            xml.writeStartElement("pattern");
            xml.writeAttribute("id", unique("tile"));
            xml.writeAttribute("patternUnits", "userSpaceOnUse");
            fills.box(tile, 9);
            xml.writeAttribute(
                    "viewBox",
                    PathData.number(tile.left(), 9) + " " + PathData.number(tile.top(), 9) + " "
                            + PathData.number(tile.width(), 9) + " " + PathData.number(tile.height(), 9));
        });
        marks.run();
        sure(() -> {
            line(1);
            xml.writeEndElement();
            line(1);
            xml.writeEmptyElement("rect");
            xml.writeAttribute("id", unique("cloth"));
            fills.box(cloth, 4);
            xml.writeAttribute("fill", "url(#tile)");
        });
    }

    @Override
    public void begin(Mark.Group group) {
        if (group.part() == Mark.Part.WEAVE || group.part() == Mark.Part.PIECES) {
            letters = group.letters();
            open.push(false);
            return;
        }
        Mark.Part part = group.part();
        ring = part == Mark.Part.RING ? group.origin().piece() : 0;
        strand = part == Mark.Part.STRAND
                ? Strand.letter(letters + group.origin().strand())
                : part == Mark.Part.NAMED ? GroupTitle.id(group, group.title()) : "";
        lines = ring == 0 && strand.isEmpty();
        numbers.clear();
        open.push(!group.marks().isEmpty());
        if (group.marks().isEmpty()) {
            return;
        }
        String title = GroupTitle.of(group, strand);
        sure(() -> {
            line(1);
            xml.writeStartElement("g");
            id(GroupTitle.id(group, title));
            line(2);
            title(title);
        });
    }

    /** An id that no other element has: of marks laid several times each laying has its own. */
    private String unique(String id) {
        int times = ids.merge(id, 1, Integer::sum);
        return times == 1 ? id : id + "." + times;
    }

    private void id(String id) throws XMLStreamException {
        xml.writeAttribute("id", unique(id));
    }

    @Override
    public void end() {
        if (open.pop()) {
            sure(() -> {
                line(1);
                xml.writeEndElement();
            });
        }
    }

    private int number(Named of) {
        return numbers.merge(of, 1, Integer::sum);
    }

    @Override
    public void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map) {
        for (Mark.Area area : areas) {
            Watch.ask();
            String id =
                    ring > 0 ? "piece-" + area.origin().piece() : (lines ? "band" : strand) + "-" + number(Named.AREA);
            area(id, PathData.of(laid(area.region(), map)), area.box(), paint.map(map));
        }
    }

    @Override
    public void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map) {
        for (Mark.Stroke stroke : strokes) {
            Watch.ask();
            String id = (lines ? "line" : strand + "-line") + "-" + number(Named.LINE);
            path(id, PathData.of(laid(stroke.path(), map)), paint);
        }
    }

    /** An area by one path where that says all of it; else in a group, its fill laid together before its line. */
    private void area(String id, String data, Box box, Paint paint) {
        Fill fill = paint.fill().orElse(null);
        Blended blended = fill instanceof Blended b ? b : null;
        Fill inner = blended == null ? fill : blended.inner();
        if (!(inner instanceof Patched) && (blended == null || !blended.isMixed())) {
            path(id, data, paint);
            return;
        }
        sure(() -> {
            line(2);
            xml.writeStartElement("g");
            id(id);
            Optional<Sweep> sweep = inner instanceof Patched patched ? patched.sweep() : Optional.empty();
            String clip = sweep.isPresent() ? clipPath(data) : "";
            line(3);
            xml.writeStartElement("g");
            if (sweep.isPresent()) {
                xml.writeAttribute("clip-path", "url(#" + clip + ")");
            } else {
                xml.writeAttribute("fill-rule", "evenodd");
            }
            if (blended != null) {
                xml.writeAttribute("opacity", PathData.number(blended.opacity(), 4));
                xml.writeAttribute(
                        "style",
                        "isolation:isolate;mix-blend-mode:" + blended.mode().css());
            }
            if (sweep.isPresent()) {
                fills.sweep(sweep.get(), box);
            } else if (inner instanceof Patched patched) {
                for (List<Patch> alike : patched.alike()) {
                    StringBuilder together = new StringBuilder();
                    alike.forEach(p -> together.append(PathData.of(p.region())));
                    filled(together.toString(), alike.get(0).fill());
                }
            } else {
                filled(data, inner);
            }
            line(3);
            xml.writeEndElement();
        });
        if (paint.line().isPresent()) {
            path(id + "-edge", data, paint.filled(null));
        }
        sure(() -> {
            line(2);
            xml.writeEndElement();
        });
    }

    private void filled(String data, Fill with) throws XMLStreamException {
        String fill = fills.name(with);
        line(4);
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", data);
        xml.writeAttribute("fill", fill);
    }

    private static Region laid(Region region, Affine map) {
        return map.equals(Affine.IDENTITY) ? region : region.map(map);
    }

    private static Path laid(Path path, Affine map) {
        return map.equals(Affine.IDENTITY) ? path : path.map(map);
    }

    private void path(String id, String data, Paint paint) {
        sure(() -> {
            Fill own = paint.fill().orElse(null);
            Blended through = own instanceof Blended blended ? blended : null;
            String fill = own == null ? "none" : fills.name(through == null ? own : through.inner());
            line(2);
            xml.writeEmptyElement("path");
            id(id);
            xml.writeAttribute("d", data);
            xml.writeAttribute("fill", fill);
            if (paint.fill().isPresent()) {
                xml.writeAttribute("fill-rule", "evenodd");
            }
            if (through != null) {
                xml.writeAttribute("fill-opacity", PathData.number(through.opacity(), 4));
            }
            xml.writeAttribute("stroke", paint.line().map(Colour::hex).orElse("none"));
            if (paint.line().isPresent()) {
                xml.writeAttribute("stroke-width", PathData.number(paint.weight(), 4));
                fills.dashes(paint.dashes());
            }
        });
    }

    /** A stretch with ink that fades out along it. */
    @Override
    public void shade(Mark.Shade shade, Colour ink, Affine map) {
        String id = unique("shade-" + strand + "-" + number(Named.SHADE));
        Point from = map.of(shade.from());
        Point to = map.of(shade.to());
        sure(() -> {
            fills.fading(id, from, to, ink, shade.opacity());
            line(2);
            xml.writeEmptyElement("path");
            xml.writeAttribute("d", PathData.of(laid(shade.region(), map)));
            xml.writeAttribute("fill", "url(#" + id + ")");
            xml.writeAttribute("stroke", "none");
        });
    }

    @Override
    public void clip(Region within, Affine map) {
        sure(() -> {
            String id = clipPath(PathData.of(laid(within, map)));
            line(2);
            xml.writeStartElement("g");
            xml.writeAttribute("clip-path", "url(#" + id + ")");
        });
    }

    private String clipPath(String data) throws XMLStreamException {
        String id = "clip-" + ++clips;
        line(2);
        xml.writeStartElement("clipPath");
        xml.writeAttribute("id", id);
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", data);
        xml.writeAttribute("clip-rule", "evenodd");
        xml.writeEndElement();
        return id;
    }

    @Override
    public void unclip() {
        sure(xml::writeEndElement);
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
