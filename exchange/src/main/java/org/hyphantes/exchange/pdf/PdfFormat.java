package org.hyphantes.exchange.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;
import org.hyphantes.design.Handing;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Carries;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Quoted;

/** Portable Document Format (ISO 32000-1, PDF 1.7): one page in its real size, or many that are put together, with a tile as a form that is laid many times. Arcs are cubics there, a thousandth of a millimetre off at most. */
public final class PdfFormat implements Format {
    public static final PdfFormat FORMAT = new PdfFormat();

    /** The points of a millimetre: 72 are an inch. */
    static final double POINT = 72 / Handing.INCH;

    private static final int MOST_TILES = 100_000;

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
        return Set.of(Carries.CUBICS, Carries.FILLS, Carries.SHADES, Carries.WEIGHTS, Carries.PATTERNS);
    }

    @Override
    public byte[] bytes(Handout given) throws IOException, CannotHandOver {
        Handout handout = given.drawn();
        Box page = handout.cloth().orElse(handout.page());
        double scale = handout.scale();
        List<Leaf> leaves = Leaf.of(handout.design().handing(), page.width() * scale, page.height() * scale);
        if (leaves.size() > Leaf.MOST) {
            throw new CannotHandOver("It would fill more than " + Leaf.MOST + " sheets: hand it over smaller.");
        }
        if (leaves.stream().anyMatch(l -> Math.max(l.width(), l.height()) * POINT > MOST)) {
            throw new CannotHandOver("A page of PDF is at most 5,080 mm long: hand it over smaller, or on sheets.");
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            document.setVersion(1.7f);
            document.getDocumentInformation()
                    .setTitle(Quoted.sound(handout.design().name()));
            document.getDocumentInformation().setCreator("Hyphantes");
            Map<String, String> told = handout.design().handing().told();
            document.getDocumentInformation().setAuthor(told.get("creator"));
            document.getDocumentInformation().setCustomMetadataValue("Licence", told.get("rights"));
            PDFormXObject form = new Groups(document)
                    .plain(handout.page(), inner -> handout.feed(new PdfOutput(document, inner, scale)));
            PDFont typeface = leaves.size() > 1 ? Marks.typeface(document) : null;
            for (Leaf leaf : leaves) {
                Watch.ask();
                page(document, leaf, form, handout, page, typeface);
            }
            document.save(out);
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
        return out.toByteArray();
    }

    private static void page(
            PDDocument document, Leaf leaf, PDFormXObject form, Handout handout, Box whole, PDFont typeface)
            throws IOException, CannotHandOver {
        PDPage sheet = new PDPage(new PDRectangle((float) (leaf.width() * POINT), (float) (leaf.height() * POINT)));
        document.addPage(sheet);
        Box seen = leaf.seen();
        double scale = handout.scale();
        try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
            content.saveGraphicsState();
            content.addRect(
                    (float) (leaf.margin() * POINT),
                    (float) ((leaf.height() - leaf.margin() - seen.height()) * POINT),
                    (float) (seen.width() * POINT),
                    (float) (seen.height() * POINT));
            content.clip();
            // From here on millimetres, downward as everywhere else.
            content.transform(new Matrix(
                    (float) (POINT * scale),
                    0,
                    0,
                    (float) (-POINT * scale),
                    (float) (POINT * (leaf.margin() - seen.left() - whole.left() * scale)),
                    (float) (POINT * (leaf.height() - leaf.margin() + seen.top() + whole.top() * scale))));
            if (handout.cloth().isPresent()) {
                repeated(content, form, handout.page(), whole);
            } else {
                content.drawForm(form);
            }
            content.restoreGraphicsState();
            if (typeface != null) {
                Marks.draw(content, leaf, typeface);
            }
        }
    }

    /** The tile, which stands in the file once, wherever it lies on the cloth. */
    private static void repeated(PDPageContentStream content, PDFormXObject form, Box tile, Box cloth)
            throws IOException, CannotHandOver {
        int left = (int) Math.floor((cloth.left() - tile.left()) / tile.width());
        int right = (int) Math.ceil((cloth.right() - tile.left()) / tile.width());
        int top = (int) Math.floor((cloth.top() - tile.top()) / tile.height());
        int bottom = (int) Math.ceil((cloth.bottom() - tile.top()) / tile.height());
        if ((double) (right - left) * (bottom - top) > MOST_TILES) {
            throw new CannotHandOver("The cloth has more than " + MOST_TILES + " tiles: hand over one tile.");
        }
        content.addRect((float) cloth.left(), (float) cloth.top(), (float) cloth.width(), (float) cloth.height());
        content.clip();
        for (int row = top; row < bottom; row++) {
            for (int column = left; column < right; column++) {
                content.saveGraphicsState();
                content.transform(
                        Matrix.getTranslateInstance((float) (column * tile.width()), (float) (row * tile.height())));
                content.drawForm(form);
                content.restoreGraphicsState();
            }
        }
    }
}
