package org.hyphantes.desktop.stage.handover;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.exchange.raster.PathTracer;
import org.hyphantes.exchange.raster.Pen;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Move;

/**
 * What a long program has cut so far, in memory: going on draws only what is new, and going back begins at the nearest of the states that are
 * kept, so that a hundred thousand moves can be gone through by hand.
 */
final class DoneLayer {
    /** A program of fewer moves is drawn as it is. */
    static final int MANY = 2000;

    /** How many states are kept on the way. */
    private static final int STATES = 32;

    private final Replay replay;
    private final Camera camera;
    private final Palette palette;
    private final BufferedImage drawn;
    private final PixelBuffer<IntBuffer> buffer;
    private final Image image;
    private final TreeMap<Integer, int[]> states = new TreeMap<>();
    private final Map<Integer, Fall> falls = new HashMap<>();
    private final Affine map;
    private int upTo;

    DoneLayer(Replay replay, Camera camera, Palette palette) {
        this.replay = replay;
        this.camera = camera;
        this.palette = palette;
        int width = (int) Math.max(1, Math.ceil(camera.width()));
        int height = (int) Math.max(1, Math.ceil(camera.height()));
        this.drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB_PRE);
        this.buffer = new PixelBuffer<>(width, height, IntBuffer.wrap(pixels()), PixelFormat.getIntArgbPreInstance());
        this.image = new WritableImage(buffer);
        this.map = camera.map()
                .after(new Affine(1, 0, 0, -1, 0, replay.job().height().value()));
        replay.falls().forEach(f -> falls.put(f.stroke(), f));
    }

    boolean isOf(Replay other, Camera seen, Palette theme) {
        return replay == other && camera.equals(seen) && palette.equals(theme);
    }

    private int[] pixels() {
        return ((DataBufferInt) drawn.getRaster().getDataBuffer()).getData();
    }

    /** The picture with so many moves done. */
    Image with(int moves) {
        if (moves < upTo) {
            Map.Entry<Integer, int[]> before = states.floorEntry(moves);
            int[] pixels = pixels();
            if (before == null) {
                Arrays.fill(pixels, 0);
                upTo = 0;
            } else {
                System.arraycopy(before.getValue(), 0, pixels, 0, pixels.length);
                upTo = before.getKey();
            }
        }
        int step = Math.max(1, replay.timeline().moves().size() / STATES);
        while (upTo < moves) {
            int next = Math.min(moves, (upTo / step + 1) * step);
            draw(upTo, next);
            upTo = next;
            if (upTo % step == 0) {
                states.computeIfAbsent(upTo, u -> pixels().clone());
            }
        }
        buffer.updateBuffer(b -> null);
        return image;
    }

    private void draw(int from, int to) {
        Graphics2D graphics = drawn.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        // Of one pass at once: what is done and how it was come to.
        Path2D done = new Path2D.Double();
        Path2D way = new Path2D.Double();
        Move last = null;
        for (int i = from; i < to; i++) {
            Move move = replay.timeline().moves().get(i);
            if (last != null && last.pass() != move.pass()) {
                stroke(graphics, done, way, last.pass());
            }
            new PathTracer(Pen.on(move.isWork() ? done : way), map).trace(Path.open(move.curve()));
            if (ends(i) && falls.containsKey(move.stroke())) {
                fall(graphics, move.stroke());
            }
            last = move;
        }
        if (last != null) {
            stroke(graphics, done, way, last.pass());
        }
        graphics.dispose();
    }

    /** Whether a stroke ends with a move. */
    private boolean ends(int i) {
        Move move = replay.timeline().moves().get(i);
        boolean last = i + 1 == replay.timeline().moves().size();
        return move.isWork() && (last || replay.timeline().moves().get(i + 1).stroke() != move.stroke());
    }

    private void fall(Graphics2D graphics, int stroke) {
        Path2D area = new Path2D.Double();
        new PathTracer(Pen.on(area), camera.map())
                .trace(replay.cuts().contours().get(stroke).path());
        graphics.setColor(colour(palette.wash()));
        graphics.fill(area);
    }

    private void stroke(Graphics2D graphics, Path2D done, Path2D way, int pass) {
        graphics.setColor(colour(palette.secondInk()));
        graphics.setStroke(
                new BasicStroke(0.7f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 10, new float[] {1.5f, 4}, 0));
        graphics.draw(way);
        graphics.setColor(colour(PassLook.colour(palette, PassLook.work(replay, pass))));
        graphics.setStroke(new BasicStroke(1.2f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_BEVEL));
        graphics.draw(done);
        done.reset();
        way.reset();
    }

    private static Color colour(javafx.scene.paint.Color colour) {
        return new Color((float) colour.getRed(), (float) colour.getGreen(), (float) colour.getBlue(), (float)
                colour.getOpacity());
    }
}
