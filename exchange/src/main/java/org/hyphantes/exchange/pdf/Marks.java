package org.hyphantes.exchange.pdf;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.hyphantes.exchange.AtomicFile;
import org.hyphantes.geometry.Box;

/** What is printed in the margin of a page that is to be put together with others: strokes where the overlap begins and ends, and which page it is. */
final class Marks {
    private static final double LONG = 5;
    private static final float SIZE = 8;

    private Marks() {}

    /** The typeface that comes with the application, of which only what is used goes into the file. */
    static PDFont typeface(PDDocument document) throws IOException {
        try (InputStream shipped = AtomicFile.class.getResourceAsStream("typefaces/NotoSans-Regular.ttf")) {
            return PDType0Font.load(document, shipped);
        }
    }

    static void draw(PDPageContentStream content, Leaf leaf, PDFont typeface) throws IOException {
        Box seen = leaf.seen();
        double left = leaf.margin();
        double top = leaf.margin();
        double right = left + seen.width();
        double bottom = top + seen.height();
        content.setStrokingColor(0.4f);
        content.setLineWidth(0.4f);
        for (double x : new double[] {left, left + leaf.overlap(), right - leaf.overlap(), right}) {
            line(content, leaf, x, top - LONG, x, top - 1);
            line(content, leaf, x, bottom + 1, x, bottom + LONG);
        }
        for (double y : new double[] {top, top + leaf.overlap(), bottom - leaf.overlap(), bottom}) {
            line(content, leaf, left - LONG, y, left - 1, y);
            line(content, leaf, right + 1, y, right + LONG, y);
        }
        content.beginText();
        content.setFont(typeface, SIZE);
        content.newLineAtOffset(x(left + leaf.overlap() + 2), y(leaf, leaf.height() - 3));
        content.showText(leaf.words());
        content.endText();
    }

    private static float x(double millimetres) {
        return (float) (millimetres * PdfFormat.POINT);
    }

    private static float y(Leaf leaf, double millimetres) {
        return (float) ((leaf.height() - millimetres) * PdfFormat.POINT);
    }

    private static void line(PDPageContentStream content, Leaf leaf, double x1, double y1, double x2, double y2)
            throws IOException {
        content.moveTo(x(x1), y(leaf, y1));
        content.lineTo(x(x2), y(leaf, y2));
        content.stroke();
    }
}
