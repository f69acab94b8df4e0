package org.hyphantes.exchange.svg;

import java.awt.image.BufferedImage;
import org.hyphantes.geometry.Box;

/** A written SVG as JSVG draws it, for tests of other formats. */
public final class SvgPicture {
    private SvgPicture() {}

    /** @param scale pixels to a millimetre */
    public static BufferedImage of(String svg, Box page, double scale) {
        return Raster.of(svg, page, scale, true).image();
    }
}
