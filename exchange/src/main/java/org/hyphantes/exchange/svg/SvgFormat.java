package org.hyphantes.exchange.svg;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.Set;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.AtomicFile;
import org.hyphantes.exchange.format.Carries;
import org.hyphantes.exchange.format.Format;
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
    public void write(Design design, Scene scene, Path file) throws IOException {
        AtomicFile.write(file, text(design.name(), scene, Look.PLAIN));
    }

    /** The text of a file with a scene as it is looked at. */
    public static String text(String name, Scene scene, Look look) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            SvgOutput output = new SvgOutput(xml);
            output.document(Quoted.sound(name), scene.inked(), () -> Walk.feed(scene, look, output));
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory cannot fail", e);
        }
        return text.toString();
    }
}
