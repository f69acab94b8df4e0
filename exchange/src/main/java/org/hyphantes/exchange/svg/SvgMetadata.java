package org.hyphantes.exchange.svg;

import java.util.Map;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** What is told of a document beside the drawing: the terms of Dublin Core (ISO 15836) in RDF, as W3C SVG 2 has it in section 5.9. */
final class SvgMetadata {
    private static final String RDF = "http://www.w3.org/1999/02/22-rdf-syntax-ns#";
    private static final String DC = "http://purl.org/dc/elements/1.1/";

    private SvgMetadata() {}

    static void write(XMLStreamWriter xml, Map<String, String> told) throws XMLStreamException {
        if (told.isEmpty()) {
            return;
        }
        xml.writeCharacters("\n  ");
        xml.writeStartElement("metadata");
        xml.writeStartElement("rdf", "RDF", RDF);
        xml.writeNamespace("rdf", RDF);
        xml.writeNamespace("dc", DC);
        xml.writeStartElement("rdf", "Description", RDF);
        xml.writeAttribute("rdf", RDF, "about", "");
        for (Map.Entry<String, String> term : told.entrySet()) {
            xml.writeStartElement("dc", term.getKey(), DC);
            xml.writeCharacters(term.getValue());
            xml.writeEndElement();
        }
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeEndElement();
    }
}
