package org.hyphantes.exchange.pdf;

import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;

/** The layers of a document by their titles (ISO 32000-1, 8.11): optional content, all of it seen at first. */
final class Layers {
    /** No viewer's list of more layers is of use to anybody; what comes after them lies in none. */
    private static final int MOST = 200;

    private final PDDocument document;
    private final Map<String, PDOptionalContentGroup> known = new HashMap<>();

    Layers(PDDocument document) {
        this.document = document;
    }

    boolean hasRoomFor(String title) {
        return known.containsKey(title) || known.size() < MOST;
    }

    PDOptionalContentGroup of(String title) {
        return known.computeIfAbsent(title, t -> {
            PDOptionalContentGroup group = new PDOptionalContentGroup(t);
            properties().addGroup(group);
            return group;
        });
    }

    private PDOptionalContentProperties properties() {
        PDOptionalContentProperties there = document.getDocumentCatalog().getOCProperties();
        if (there != null) {
            return there;
        }
        PDOptionalContentProperties fresh = new PDOptionalContentProperties();
        document.getDocumentCatalog().setOCProperties(fresh);
        return fresh;
    }
}
