package org.hyphantes.exchange.raster;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import org.hyphantes.design.Handing;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Carries;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Quoted;

/**
 * Portable Network Graphics (W3C, third edition), with the physical size of its pixels. Drawn and written strip by strip, so that none but a strip is
 * held. Bare ground is left clear.
 */
public final class PngFormat implements Format {
    public static final PngFormat FORMAT = new PngFormat();

    /** So many pixels at most are held at once, a row at the least. */
    private static final int STRIP = 1 << 22;

    /** So many pixels to a side at most, and in all. */
    private static final double MOST_SIDE = 100_000;

    private static final double MOST = 2e9;

    private PngFormat() {}

    @Override
    public String ending() {
        return ".png";
    }

    @Override
    public String title() {
        return "PNG";
    }

    @Override
    public Set<Carries> carries() {
        return Set.of(Carries.FILLS, Carries.SHADES, Carries.WEIGHTS);
    }

    @Override
    public byte[] bytes(Handout given) throws IOException, CannotHandOver {
        Handout handout = given.drawn();
        if (handout.cloth().isPresent()) {
            throw new CannotHandOver("A picture holds no pattern: hand over one tile, which repeats edge to edge.");
        }
        double perMillimetre = handout.design().handing().resolution().value() / Handing.INCH * handout.scale();
        Box page = handout.page();
        // A tile is a whole number of pixels, each side by itself, so that it repeats edge to edge.
        int width = pixels(page.width() * perMillimetre, handout.isTile());
        int height = pixels(page.height() * perMillimetre, handout.isTile());
        if ((double) width * height > MOST) {
            throw new CannotHandOver("The picture would have more than 2,000 million pixels: choose a lower resolution,"
                    + " or hand it over smaller.");
        }
        double across = handout.isTile() ? width / page.width() : perMillimetre;
        double down = handout.isTile() ? height / page.height() : perMillimetre;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        double metre = 1000 / handout.scale();
        try (PngWriter png = new PngWriter(out, width, height, across * metre, down * metre)) {
            png.text("Title", Quoted.sound(handout.design().name()));
            for (Map.Entry<String, String> told :
                    handout.design().handing().told().entrySet()) {
                png.text(told.getKey().equals("creator") ? "Author" : "Copyright", told.getValue());
            }
            int rows = Math.max(1, Math.min(height, STRIP / width));
            for (int top = 0; top < height; top += rows) {
                Watch.ask();
                Watch.tell((double) top / height);
                png.rows(strip(handout, page, width, Math.min(rows, height - top), top, across, down));
            }
        }
        return out.toByteArray();
    }

    private static int pixels(double wanted, boolean tile) throws CannotHandOver {
        if (wanted > MOST_SIDE) {
            throw new CannotHandOver("A side would be " + Math.round(wanted)
                    + " pixels long, more than 100,000: choose a lower resolution, or hand it over smaller.");
        }
        return (int) Math.max(1, tile ? Math.rint(wanted) : Math.ceil(wanted - 1e-6));
    }

    private static BufferedImage strip(
            Handout handout, Box page, int width, int height, int top, double across, double down) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setBackground(new Color(0, 0, 0, 0));
        graphics.clipRect(0, 0, width, height);
        Affine pixels = new Affine(across, 0, 0, down, -page.left() * across, -page.top() * down - top);
        handout.feed(new RasterOutput(graphics, pixels, Math.sqrt(across * down)));
        graphics.dispose();
        return image;
    }
}
