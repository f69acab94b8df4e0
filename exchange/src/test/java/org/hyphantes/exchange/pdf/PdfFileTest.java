package org.hyphantes.exchange.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.exchange.svg.SvgPicture;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Written pages, read and drawn by PDFBox, beside the SVG of the same design, drawn by JSVG. */
class PdfFileTest {
    private static final double SCALE = 3;
    private static final double POINTS = 72 / 25.4;

    private static Handout handout(Demo demo) throws CannotHandOver {
        Design design = demo.design();
        return Handout.of(design, new Resolver().resolve(design));
    }

    @ParameterizedTest
    @EnumSource(Demo.class)
    void aPageLooksLikeTheSvg(Demo demo) throws Exception {
        Handout handout = handout(demo);
        BufferedImage page;
        try (PDDocument document = Loader.loadPDF(PdfFormat.FORMAT.bytes(handout))) {
            assertThat(document.getVersion()).isEqualTo(1.7f);
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getDocumentInformation().getTitle())
                    .isEqualTo(demo.design().name());
            Box box = handout.page();
            assertThat(document.getPage(0).getMediaBox().getWidth() / POINTS).isCloseTo(box.width(), within(1e-3));
            assertThat(document.getPage(0).getMediaBox().getHeight() / POINTS).isCloseTo(box.height(), within(1e-3));
            page = new PDFRenderer(document).renderImage(0, (float) (SCALE / POINTS), ImageType.RGB);
        }
        BufferedImage svg = SvgPicture.of(SvgFormat.text(handout), handout.page(), SCALE);
        int differ = 0;
        int level = 0;
        int width = Math.min(page.getWidth(), svg.getWidth());
        int height = Math.min(page.getHeight(), svg.getHeight());
        for (int y = 1; y < height - 1; y++) {
            for (int x = 1; x < width - 1; x++) {
                if (!isEdge(svg, x, y)) {
                    level++;
                    differ += apart(svg.getRGB(x, y), page.getRGB(x, y)) <= 8 ? 0 : 1;
                }
            }
        }
        assertThat(level).isGreaterThan(width * height / 10);
        assertThat(differ).isLessThanOrEqualTo(level / 100);
    }

    /** Whether another colour begins beside a pixel: there renderers mix as they like. */
    private static boolean isEdge(BufferedImage picture, int x, int y) {
        for (int k = 0; k < 9; k++) {
            if (apart(picture.getRGB(x, y), picture.getRGB(x + k % 3 - 1, y + k / 3 - 1)) > 16) {
                return true;
            }
        }
        return false;
    }

    private static int apart(int a, int b) {
        int most = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            most = Math.max(most, Math.abs((a >> shift & 255) - (b >> shift & 255)));
        }
        return most;
    }

    /** What a page of circles draws lies on the borders of the design, a thousandth of a millimetre off at most, and the rounding of its numbers. */
    @Test
    void curvesKeepToTheirArcs() throws Exception {
        Design design = Demo.TIDE_RING.design();
        Artwork artwork = new Resolver().resolve(design);
        List<Path> borders = new ArrayList<>();
        for (Mark mark : artwork.scene().flat()) {
            if (mark instanceof Mark.Area area) {
                borders.addAll(area.region().borders());
            }
        }
        Handout handout = Handout.of(design, artwork);
        List<Point> drawn = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(PdfFormat.FORMAT.bytes(handout))) {
            new Reader(document.getPage(0), handout.page(), drawn).processPage(document.getPage(0));
        }
        assertThat(drawn).hasSizeGreaterThan(1000);
        double worst = 0;
        for (Point place : drawn) {
            double nearest = Double.MAX_VALUE;
            for (Path border : borders) {
                if (border.box().grown(1).contains(place)) {
                    nearest = Math.min(nearest, border.at(border.nearest(place)).distance(place));
                }
            }
            worst = Math.max(worst, nearest);
        }
        assertThat(worst).isLessThan(0.0012);
    }

    /** On sheets of A4: each of its size (ISO 216), told which it is, and what two show alike is alike. */
    @Test
    void sheetsFitTogether() throws Exception {
        Design design = Demo.TIDE_RING.design();
        Handing handing = design.handing().schema().put(design.handing(), "sheets", "sheets of a4");
        Handout handout = Handout.of(design.withHanding(handing), new Resolver().resolve(design));
        try (PDDocument document = Loader.loadPDF(PdfFormat.FORMAT.bytes(handout))) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            assertThat(document.getPage(1).getMediaBox().getWidth() / POINTS).isCloseTo(210, within(1e-3));
            assertThat(document.getPage(1).getMediaBox().getHeight() / POINTS).isCloseTo(297, within(1e-3));
            assertThat(new PDFTextStripper().getText(document)).contains("row 1 of 1, column 2 of 2");
            PDFRenderer renderer = new PDFRenderer(document);
            BufferedImage first = renderer.renderImage(0, (float) (4 / POINTS), ImageType.RGB);
            BufferedImage second = renderer.renderImage(1, (float) (4 / POINTS), ImageType.RGB);
            int ink = 0;
            int differ = 0;
            // Ten millimetres are seen twice, inside margins of ten, at four pixels to the millimetre.
            for (int y = 44; y < 800; y++) {
                for (int x = 2; x < 38; x++) {
                    int there = first.getRGB(190 * 4 + x, y);
                    ink += there != -1 ? 1 : 0;
                    differ += apart(there, second.getRGB(10 * 4 + x, y)) <= 40 ? 0 : 1;
                }
            }
            assertThat(ink).isGreaterThan(1000);
            assertThat(differ).isLessThan(ink / 50);
        }
    }

    /** The tile stands in the file once, and laid over the cloth it looks as the cloth does. */
    @Test
    void aPatternLooksLikeItsCloth() throws Exception {
        Design design = Demo.SLACK_WATER_TILE.design();
        Artwork artwork = new Resolver().resolve(design);
        Handing handing = design.handing().schema().put(design.handing(), "extent", "as a pattern");
        Handout made = Handout.of(design.withHanding(handing), artwork);
        Box cloth = made.cloth().orElseThrow();
        BufferedImage page;
        try (PDDocument document = Loader.loadPDF(PdfFormat.FORMAT.bytes(made))) {
            page = new PDFRenderer(document).renderImage(0, (float) (SCALE / POINTS), ImageType.RGB);
        }
        Handout all = Handout.of(design, artwork);
        BufferedImage svg = SvgPicture.of(SvgFormat.text(all), cloth, SCALE);
        int differ = 0;
        int level = 0;
        for (int y = 1; y < svg.getHeight() - 2; y++) {
            for (int x = 1; x < svg.getWidth() - 2; x++) {
                if (!isEdge(svg, x, y)) {
                    level++;
                    differ += apart(svg.getRGB(x, y), page.getRGB(x, y)) <= 8 ? 0 : 1;
                }
            }
        }
        assertThat(level).isGreaterThan(100_000);
        assertThat(differ).isLessThanOrEqualTo(level / 100);
    }

    @Test
    void whatAPageCannotHoldIsSaid() throws Exception {
        Design design = Demo.TIDE_RING.design();
        Handing large =
                new Handing(Handing.Extent.ALL_OF_IT, Handing.Painted.WITH_FILLS, Amount.of(40), Amount.of(300));
        Handout handout = Handout.of(design.withHanding(large), new Resolver().resolve(design));
        assertThatThrownBy(() -> PdfFormat.FORMAT.bytes(handout))
                .isInstanceOf(CannotHandOver.class)
                .hasMessageContaining("5,080 mm");
    }

    /** Gathers places along all that is filled, in millimetres of the design. */
    private static final class Reader extends PDFGraphicsStreamEngine {
        private final Path2D path = new Path2D.Double();
        private final Box page;
        private final List<Point> drawn;

        Reader(PDPage sheet, Box page, List<Point> drawn) {
            super(sheet);
            this.page = page;
            this.drawn = drawn;
        }

        private Point at(double x, double y) {
            return new Point(page.left() + x / POINTS, page.bottom() - y / POINTS);
        }

        @Override
        public void moveTo(float x, float y) {
            path.moveTo(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            path.lineTo(x, y);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            path.curveTo(x1, y1, x2, y2, x3, y3);
        }

        @Override
        public Point2D getCurrentPoint() {
            return path.getCurrentPoint();
        }

        @Override
        public void closePath() {
            path.closePath();
        }

        @Override
        public void endPath() {
            path.reset();
        }

        @Override
        public void strokePath() {
            path.reset();
        }

        @Override
        public void fillPath(int rule) {
            double[] c = new double[6];
            double x = 0;
            double y = 0;
            for (PathIterator it = path.getPathIterator(null); !it.isDone(); it.next()) {
                int kind = it.currentSegment(c);
                if (kind == PathIterator.SEG_CUBICTO) {
                    for (double t = 0.1; t < 1; t += 0.2) {
                        double s = 1 - t;
                        drawn.add(at(
                                s * s * s * x + 3 * s * s * t * c[0] + 3 * s * t * t * c[2] + t * t * t * c[4],
                                s * s * s * y + 3 * s * s * t * c[1] + 3 * s * t * t * c[3] + t * t * t * c[5]));
                    }
                }
                int last = kind == PathIterator.SEG_CUBICTO ? 4 : 0;
                if (kind != PathIterator.SEG_CLOSE) {
                    x = c[last];
                    y = c[last + 1];
                    drawn.add(at(x, y));
                }
            }
            path.reset();
        }

        @Override
        public void fillAndStrokePath(int rule) {
            fillPath(rule);
        }

        @Override
        public void clip(int rule) {
            // What is clipped is no border of the design.
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
            // Only clips are rectangles.
        }

        @Override
        public void drawImage(PDImage image) throws IOException {
            throw new IOException("a page holds no picture");
        }

        @Override
        public void shadingFill(COSName name) {
            // Shades have no border.
        }
    }
}
