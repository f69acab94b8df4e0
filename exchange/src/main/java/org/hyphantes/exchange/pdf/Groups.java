package org.hyphantes.exchange.pdf;

import java.io.IOException;
import java.util.function.Consumer;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroup;
import org.apache.pdfbox.pdmodel.graphics.form.PDTransparencyGroupAttributes;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.hyphantes.geometry.Box;

/** What is laid together before it is laid on the page (ISO 32000-1, 11.6.6). */
record Groups(PDDocument document) {
    /** @param box round all that is drawn in it (mm) */
    PDTransparencyGroup of(Box box, Consumer<PDFormContentStream> drawing) throws IOException {
        return group(box, COSName.DEVICERGB, drawing);
    }

    /** What is drawn as it stands, for a page. */
    PDFormXObject plain(Box box, Consumer<PDFormContentStream> drawing) throws IOException {
        PDFormXObject form = new PDFormXObject(document);
        form.setResources(new PDResources());
        form.setBBox(rectangle(box));
        try (PDFormContentStream content = new PDFormContentStream(form)) {
            drawing.accept(content);
        }
        return form;
    }

    private static PDRectangle rectangle(Box box) {
        return new PDRectangle((float) box.left(), (float) box.top(), (float) box.width(), (float) box.height());
    }

    private PDTransparencyGroup group(Box box, COSName colours, Consumer<PDFormContentStream> drawing)
            throws IOException {
        PDTransparencyGroup group = new PDTransparencyGroup(document);
        group.setResources(new PDResources());
        group.setBBox(
                new PDRectangle((float) box.left(), (float) box.top(), (float) box.width(), (float) box.height()));
        PDTransparencyGroupAttributes attributes = new PDTransparencyGroupAttributes();
        attributes.getCOSObject().setItem(COSName.CS, colours);
        attributes.getCOSObject().setBoolean(COSName.getPDFName("I"), true);
        group.getCOSObject().setItem(COSName.GROUP, attributes.getCOSObject());
        try (PDFormContentStream content = new PDFormContentStream(group)) {
            drawing.accept(content);
        }
        return group;
    }

    /** What lets through as much as a grey shading is bright, in a box. */
    PDExtendedGraphicsState fading(Box box, PDShading shading) throws IOException {
        PDTransparencyGroup group = group(box.grown(1), COSName.DEVICEGRAY, content -> {
            try {
                content.shadingFill(shading);
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        });
        COSDictionary mask = new COSDictionary();
        mask.setItem(COSName.TYPE, COSName.MASK);
        mask.setItem(COSName.S, COSName.LUMINOSITY);
        mask.setItem(COSName.G, group);
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.getCOSObject().setItem(COSName.SMASK, mask);
        return state;
    }
}
