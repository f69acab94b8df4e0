package org.hyphantes.exchange.svg;

import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.hyphantes.exchange.format.Carries;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.geometry.Box;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Walk;
import org.hyphantes.setting.Quoted;

/** Scalable vector graphics: one user unit is a millimetre, and the page is as large as the design. */
public final class SvgFormat implements Format {
    public static final SvgFormat FORMAT = new SvgFormat();

    private SvgFormat() {}

    @Override
    public String ending() {
        return ".svg";
    }

    @Override
    public String title() {
        return "SVG";
    }

    @Override
    public Set<Carries> carries() {
        return Set.of(Carries.values());
    }

    @Override
    public byte[] bytes(Handout handout) {
        return text(handout).getBytes(StandardCharsets.UTF_8);
    }

    /** The text of a file. */
    public static String text(Handout given) {
        Handout handout = given.drawn();
        String name = Quoted.sound(handout.design().name());
        Box seen = handout.cloth().orElse(handout.page());
        return text(output -> output.document(name, handout.design().handing().told(), seen, handout.scale(), () -> {
            if (handout.cloth().isPresent()) {
                output.pattern(handout.page(), seen, () -> handout.feed(output));
            } else {
                handout.feed(output);
            }
        }));
    }

    /** The text of a file with a scene as it is looked at. */
    public static String text(String name, Scene scene, Look look) {
        return text(output ->
                output.document(Quoted.sound(name), Map.of(), scene.inked(), 1, () -> Walk.feed(scene, look, output)));
    }

    /** What writes a document. */
    @FunctionalInterface
    private interface Document {
        void write(SvgOutput output) throws XMLStreamException;
    }

    private static String text(Document document) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            document.write(new SvgOutput(xml));
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
        return text.toString();
    }
}
