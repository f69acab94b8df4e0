package org.hyphantes.exchange.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.hyphantes.exchange.raster.Pen;

/** Traces into the path of a page. */
record PdfPen(PDFormContentStream content) implements Pen {
    @Override
    public void move(double x, double y) {
        try {
            content.moveTo((float) x, (float) y);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void line(double x, double y) {
        try {
            content.lineTo((float) x, (float) y);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void cubic(double ax, double ay, double bx, double by, double x, double y) {
        try {
            content.curveTo((float) ax, (float) ay, (float) bx, (float) by, (float) x, (float) y);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        try {
            content.closePath();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
