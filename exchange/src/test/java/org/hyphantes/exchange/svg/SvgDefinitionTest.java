package org.hyphantes.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.SAXParserFactory;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.setting.Entry;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.xml.sax.InputSource;
import org.xml.sax.SAXParseException;
import org.xml.sax.XMLReader;
import org.xml.sax.helpers.DefaultHandler;

/**
 * Written files against the document type definition of SVG 1.1 (W3C Recommendation of 2011, appendix A), as Apache Batik carries it, by the
 * validating parser of the JDK. What SVG 2 took out is not written, and what it brought is not needed.
 */
class SvgDefinitionTest {
    private static final String DEFINITION = "/org/apache/batik/dom/svg/resources/";

    private static List<String> faults(String svg) throws Exception {
        SAXParserFactory factory = SAXParserFactory.newInstance();
        factory.setValidating(true);
        XMLReader reader = factory.newSAXParser().getXMLReader();
        List<String> faults = new ArrayList<>();
        reader.setEntityResolver((publicId, systemId) -> {
            InputStream part = SvgDefinitionTest.class.getResourceAsStream(
                    DEFINITION + systemId.substring(systemId.lastIndexOf('/') + 1));
            assertThat(part).as(systemId).isNotNull();
            return new InputSource(part);
        });
        reader.setErrorHandler(new DefaultHandler() {
            @Override
            public void error(SAXParseException e) {
                faults.add(e.getMessage());
            }
        });
        String type = "<!DOCTYPE svg PUBLIC \"-//W3C//DTD SVG 1.1//EN\" \"svg11.dtd\">\n";
        reader.parse(new InputSource(new StringReader(svg.replaceFirst("<svg ", type + "<svg "))));
        return faults;
    }

    @ParameterizedTest
    @EnumSource(Demo.class)
    void everyDemoIsAValidDocument(Demo demo) throws Exception {
        Design design = demo.design();
        Artwork artwork = new Resolver().resolve(design);
        assertThat(faults(SvgFormat.text(Handout.of(design, artwork)))).isEmpty();
        Handing passes =
                design.handing().schema().put(design.handing(), "painted", Entry.word(Handing.Painted.AS_PASSES));
        Design cut = design.withHanding(passes);
        assertThat(faults(SvgFormat.text(Handout.of(cut, artwork)))).isEmpty();
        // And one that is none is told.
        assertThat(faults("<svg xmlns='http://www.w3.org/2000/svg'><path id='a@b' d='M0 0h1'/></svg>"))
                .hasSize(1);
    }
}
