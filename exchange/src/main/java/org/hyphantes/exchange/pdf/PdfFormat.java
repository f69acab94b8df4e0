package org.hyphantes.exchange.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;
import org.hyphantes.design.Handing;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Carries;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.Quoted;

/** Portable Document Format (ISO 32000-1, PDF 1.7): one page in its real size. Arcs are cubics there, a thousandth of a millimetre off at most. */
public final class PdfFormat implements Format {
    public static final PdfFormat FORMAT = new PdfFormat();

    /** The points of an inch. */
    private static final double POINTS = 72;

    /** A page has so many points to a side at most (ISO 32000-1, annex C.2). */
    private static final double MOST = 14_400;

    private PdfFormat() {}

    @Override
    public String ending() {
        return ".pdf";
    }

    @Override
    public String title() {
        return "PDF";
    }

    @Override
    public Set<Carries> carries() {
        return Set.of(Carries.CUBICS, Carries.FILLS, Carries.SHADES, Carries.WEIGHTS);
    }

    @Override
    public byte[] bytes(Handout given) throws IOException, CannotHandOver {
        Handout handout = given.drawn();
        if (handout.cloth().isPresent()) {
            throw new CannotHandOver("A page of PDF gets no pattern yet: hand over all of it, or one tile.");
        }
        double points = POINTS / Handing.INCH * handout.scale();
        Box page = handout.page();
        double width = page.width() * points;
        double height = page.height() * points;
        if (Math.max(width, height) > MOST) {
            throw new CannotHandOver("A page of PDF is at most 5,080 mm long: hand it over smaller.");
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            document.setVersion(1.7f);
            document.getDocumentInformation()
                    .setTitle(Quoted.sound(handout.design().name()));
            document.getDocumentInformation().setCreator("Hyphantes");
            PDPage sheet = new PDPage(new PDRectangle((float) width, (float) height));
            document.addPage(sheet);
            try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
                // From here on millimetres, downward as everywhere else.
                content.transform(
                        new Matrix((float) points, 0, 0, (float) -points, (float) (-page.left() * points), (float)
                                (height + page.top() * points)));
                content.drawForm(new Groups(document)
                        .plain(page, inner -> handout.feed(new PdfOutput(document, inner, handout.scale()))));
            }
            document.save(out);
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
        return out.toByteArray();
    }
}
