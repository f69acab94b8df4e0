package org.hyphantes.exchange.svg;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Component;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/** A written file drawn by JSVG, an independent library, on white. */
record Raster(BufferedImage image, Box page, double scale) {
    /** @param scale pixels to a millimetre */
    static Raster of(String svg, Box page, double scale, boolean smooth) {
        SVGDocument document = new SVGLoader()
                .load(
                        new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)),
                        null,
                        LoaderContext.createDefault());
        int width = (int) Math.ceil(page.width() * scale);
        int height = (int) Math.ceil(page.height() * scale);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(
                RenderingHints.KEY_ANTIALIASING,
                smooth ? RenderingHints.VALUE_ANTIALIAS_ON : RenderingHints.VALUE_ANTIALIAS_OFF);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        document.render((Component) null, g, new ViewBox(0, 0, (float) (page.width() * scale), (float)
                (page.height() * scale)));
        g.dispose();
        return new Raster(image, page, scale);
    }

    Color colour(Point p) {
        return new Color(image.getRGB(
                (int) Math.floor((p.x() - page.left()) * scale), (int) Math.floor((p.y() - page.top()) * scale)));
    }
}
