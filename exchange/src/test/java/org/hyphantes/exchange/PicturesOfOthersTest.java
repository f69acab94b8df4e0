package org.hyphantes.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import javax.imageio.ImageIO;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.GraphicsNode;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.incoming.Arrival;
import org.hyphantes.exchange.incoming.Incomings;
import org.hyphantes.exchange.raster.PngFormat;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What others drew looks here as it does there: against the pictures that Apache Batik draws of the same files. */
class PicturesOfOthersTest {
    private static final int SIDE = 24;
    private static final int TIMES = 8;

    @TempDir
    private java.nio.file.Path folder;

    private static BufferedImage theirs(String svg) throws Exception {
        GraphicsNode node = new GVTBuilder()
                .build(
                        new BridgeContext(new UserAgentAdapter()),
                        new SAXSVGDocumentFactory(null)
                                .createSVGDocument(
                                        "file:///drawn.svg",
                                        new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8))));
        BufferedImage image = new BufferedImage(SIDE * TIMES, SIDE * TIMES, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.transform(AffineTransform.getScaleInstance(TIMES, TIMES));
        node.paint(graphics);
        graphics.dispose();
        return image;
    }

    private static BufferedImage ours(Design design) throws Exception {
        Design fine = design.withHanding(
                design.handing().schema().put(design.handing(), "resolution", Amount.of(96.0 * TIMES)));
        Artwork artwork = new Resolver().resolve(fine);
        assertThat(artwork.faults()).isEmpty();
        return ImageIO.read(new ByteArrayInputStream(PngFormat.FORMAT.bytes(Handout.of(fine, artwork))));
    }

    private static int apart(int a, int b) {
        int most = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            most = Math.max(most, Math.abs((a >> shift & 255) - (b >> shift & 255)));
        }
        return most;
    }

    /** At most one pixel in a hundred differs by more than 8 of 255. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "holes and overlaps | <path fill-rule='evenodd' d='M4 4h16v16h-16zM8 8h8v8h-8z'/><path fill='#9E1F38' d='M12 5l4 13-11-8h14l-11 8z'/>",
                "handles on corners | <path d='M3 12C3 12 6 4 12 4S21 12 21 12C21 12 18 20 12 20S3 12 3 12zM9 12A3 3 0 1 0 15 12A3 3 0 1 0 9 12' fill-rule='evenodd'/>",
                "lines with round corners | <g fill='none' stroke='#0A6355' stroke-width='2' stroke-linejoin='round' stroke-linecap='round'><path d='M4 18L8 5l4 13 4-13 4 13'/><path d='M3 21h18'/></g>",
                "a line over itself | <path fill='none' stroke='#000' stroke-width='2' d='M18 3a3 3 0 0 0-3 3v12a3 3 0 1 0 3-3H6a3 3 0 1 0 3 3V6a3 3 0 1 0-3 3h12a3 3 0 0 0 0-6'/>",
                "lines wider than their rings | <g fill='none' stroke='#000' stroke-width='2'><circle cx='6' cy='6' r='1'/><circle cx='15' cy='14' r='6'/></g>",
                "dots | <path fill='none' stroke='#111' stroke-width='5' stroke-linecap='round' d='M5 12h0M12 12h0M19 12h0M4 20h16'/>",
                "cut corners and ends | <path fill='none' stroke='#333' stroke-width='3' stroke-linejoin='bevel' stroke-linecap='square' d='M5 19L12 5l7 14'/>",
                "clips | <clipPath id='c'><circle cx='12' cy='12' r='7'/></clipPath><g clip-path='url(#c)'><path fill='#C8A24A' d='M0 0h14v24H0z'/><path fill='none' stroke='#204' stroke-width='3' d='M0 12L24 9'/></g>",
                "a gradient from side to side | <linearGradient id='l'><stop stop-color='#C8A24A'/><stop offset='.4' stop-color='#9E1F38'/><stop offset='1' stop-color='#204080'/></linearGradient><path fill='url(#l)' d='M2 4h20v16l-10 2-10-2z'/>",
                "a gradient askew on the page | <linearGradient id='l' gradientUnits='userSpaceOnUse' x1='6' y1='4' x2='20' y2='14'><stop stop-color='#0A6355'/><stop offset='1' stop-color='#EDE6D6'/></linearGradient><g transform='rotate(20 12 12)'><circle fill='url(#l)' cx='12' cy='12' r='9'/></g>",
                "a gradient from a centre | <radialGradient id='r' gradientUnits='userSpaceOnUse' cx='9' cy='10' r='8'><stop stop-color='#FFF' /><stop offset='.5' stop-color='#C8A24A'/><stop offset='1' stop-color='#402010' stop-opacity='.8'/></radialGradient><path fill='url(#r)' d='M3 3h18v18H3z'/>",
                "dashes | <g fill='none' stroke='#0A6355' stroke-width='2'><path stroke-dasharray='3 1.5' stroke-dashoffset='1' d='M2 4h20M3 9c4-6 12 8 18 0'/><circle cx='12' cy='17' r='5' stroke-dasharray='2'/></g>",
                "what is seen through | <path fill='#9E1F38' opacity='.5' d='M2 2h9v20H2z'/><path fill-opacity='.25' d='M13 2h9v20h-9z'/>",
            })
    void aDrawingLooksAsItDidWhereItCameFrom(String name, String inner) throws Exception {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 24 24'>"
                + "<path fill='#FFF' d='M0 0h24v24H0z'/>" + inner + "</svg>";
        java.nio.file.Path file = folder.resolve("drawn.svg");
        Files.writeString(file, svg);
        Arrival arrival = (Arrival) Incomings.read(file);
        assertThat(arrival.box().width())
                .as("a document without a size is as large as its view box")
                .isCloseTo(6.35, within(1e-6));
        BufferedImage theirs = theirs(svg.replace("<svg ", "<svg width='24' height='24' "));
        BufferedImage ours = ours(arrival.into(Design.empty("Drawn"), "Drawn"));
        assertThat(ours.getWidth()).isEqualTo(SIDE * TIMES);
        int differ = 0;
        int dark = 0;
        for (int y = 0; y < SIDE * TIMES; y++) {
            for (int x = 0; x < SIDE * TIMES; x++) {
                differ += apart(theirs.getRGB(x, y), ours.getRGB(x, y)) > 8 ? 1 : 0;
                dark += apart(theirs.getRGB(x, y), 0xFFFFFF) > 8 ? 1 : 0;
            }
        }
        assertThat(dark).as("something is drawn").isGreaterThan(2_000);
        assertThat(100.0 * differ / (SIDE * SIDE * TIMES * TIMES)).isLessThan(1);
    }
}
