package org.hyphantes.exchange.incoming;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.BridgeException;
import org.apache.batik.bridge.DocumentLoader;
import org.apache.batik.bridge.ExternalResourceSecurity;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.NoLoadExternalResourceSecurity;
import org.apache.batik.bridge.NoLoadScriptSecurity;
import org.apache.batik.bridge.ScriptSecurity;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.util.ParsedURL;
import org.hyphantes.geometry.Watch;
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
            SvgSafety.sized(document.getDocumentElement());
            BridgeContext context = context();
            GraphicsNode root = built(context, document, left);
            SvgReading reading = new SvgReading(context, left);
            reading.root(root, document.getDocumentElement(), PIXEL);
            return new Arrival(reading.shapes(), left).checked();
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
}
