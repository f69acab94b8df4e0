package org.hyphantes.exchange.raster;

import java.awt.AlphaComposite;
import java.awt.Composite;
import java.awt.CompositeContext;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.util.function.Consumer;
import org.hyphantes.geometry.Box;
import org.hyphantes.paint.Blend;
import org.hyphantes.paint.Blended;

/** Lays a fill over what lies behind it in memory, through its opacity and by its mode (W3C, Compositing and Blending Level 1, section 5). */
final class Mixing implements Composite, CompositeContext {
    private final Blend mode;
    private final double opacity;

    /** Whether the parts of what is laid, and of what it is laid over, are multiplied by their opacity. */
    private boolean multipliedFront;

    private boolean multipliedBack;

    private Mixing(Blend mode, double opacity) {
        this.mode = mode;
        this.opacity = opacity;
    }

    /**
     * Draws by itself, and lays that over what was drawn before.
     *
     * @param seen the box (in the units of the graphics) that it is drawn in
     */
    static void of(Graphics2D over, Blended as, Box seen, Consumer<Graphics2D> drawing) {
        if (!as.isMixed()) {
            Composite before = over.getComposite();
            over.setComposite(AlphaComposite.SrcOver.derive((float) as.opacity()));
            drawing.accept(over);
            over.setComposite(before);
            return;
        }
        AffineTransform dense = over.getTransform();
        Rectangle whole = over.getDeviceConfiguration().getBounds();
        Rectangle box = dense.createTransformedShape(
                        new Rectangle2D.Double(seen.left(), seen.top(), seen.width(), seen.height()))
                .getBounds();
        box.grow(2, 2);
        Rectangle part = box.intersection(new Rectangle(whole.width, whole.height));
        if (part.isEmpty()) {
            return;
        }
        BufferedImage layer = new BufferedImage(part.width, part.height, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = layer.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.translate(-part.x, -part.y);
        graphics.transform(dense);
        drawing.accept(graphics);
        graphics.dispose();
        Composite before = over.getComposite();
        over.setComposite(new Mixing(as.mode(), as.opacity()));
        over.setTransform(AffineTransform.getTranslateInstance(part.x, part.y));
        over.drawImage(layer, 0, 0, null);
        over.setTransform(dense);
        over.setComposite(before);
    }

    @Override
    public CompositeContext createContext(ColorModel source, ColorModel destination, RenderingHints hints) {
        Mixing context = new Mixing(mode, opacity);
        context.multipliedFront = source.isAlphaPremultiplied();
        context.multipliedBack = destination.isAlphaPremultiplied();
        return context;
    }

    @Override
    public void dispose() {}

    @Override
    public void compose(Raster source, Raster behind, WritableRaster into) {
        int width = Math.min(source.getWidth(), Math.min(behind.getWidth(), into.getWidth()));
        int height = Math.min(source.getHeight(), Math.min(behind.getHeight(), into.getHeight()));
        int[] front = new int[4];
        int[] back = new int[4];
        double[] cs = new double[3];
        double[] cb = new double[3];
        double[] mixed = new double[3];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                source.getPixel(x + source.getMinX(), y + source.getMinY(), front);
                if (front[3] == 0 && into == behind) {
                    continue;
                }
                behind.getPixel(x + behind.getMinX(), y + behind.getMinY(), back);
                mix(front, back, cs, cb, mixed);
                into.setPixel(x + into.getMinX(), y + into.getMinY(), back);
            }
        }
    }

    /** One pixel laid over another, which becomes what comes of it. */
    private void mix(int[] front, int[] back, double[] cs, double[] cb, double[] mixed) {
        if (front[3] == 0) {
            return;
        }
        for (int i = 0; i < 3; i++) {
            cs[i] = Math.min(1, (double) front[i] / (multipliedFront ? front[3] : 255));
            cb[i] = back[3] == 0 ? 0 : Math.min(1, (double) back[i] / (multipliedBack ? back[3] : 255));
        }
        mode.mix(cb, cs, mixed);
        double as = front[3] / 255.0 * opacity;
        double ab = back[3] / 255.0;
        double all = as + ab * (1 - as);
        double whole = multipliedBack || all == 0 ? 1 : all;
        for (int i = 0; i < 3; i++) {
            double own = (1 - ab) * cs[i] + ab * mixed[i];
            back[i] = (int) Math.round(255 * (as * own + (1 - as) * ab * cb[i]) / whole);
        }
        back[3] = (int) Math.round(255 * all);
    }
}
