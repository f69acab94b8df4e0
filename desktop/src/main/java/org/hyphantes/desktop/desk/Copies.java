package org.hyphantes.desktop.desk;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Excerpt;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Resolver;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.raster.PngFormat;
import org.hyphantes.exchange.svg.SvgFormat;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What was copied last: on the system's clipboard, as the text of a design, so that other designs and windows can paste it. */
public final class Copies {
    private static final Logger LOG = LoggerFactory.getLogger(Copies.class);
    private static final int MOST_BYTES = 4 << 20;
    private static final DataFormat TYPE = new DataFormat("application/x-hyphantes-design");

    private static final DataFormat SVG = new DataFormat("image/svg+xml");

    /** Of what has more parts no picture is laid on the clipboard. */
    private static final int MOST_PARTS = 20_000;

    private final ExecutorService painter = OwnThread.named("copies");
    private Optional<Excerpt> own = Optional.empty();
    private byte[] text = {};
    private int pasted;

    /**
     * Puts something on the clipboard.
     *
     * @param cut whether it is gone from where it was, so that the first paste lays it there again
     * @return whether it could be put there
     */
    public boolean take(Excerpt copied, boolean cut) {
        own = Optional.of(copied);
        text = ProjectFile.text(copied.design()).getBytes(StandardCharsets.UTF_8);
        pasted = cut ? -1 : 0;
        ClipboardContent content = new ClipboardContent();
        content.put(TYPE, ByteBuffer.wrap(text));
        byte[] taken = text;
        painter.execute(() -> picture(copied.design(), taken));
        return Clipboard.getSystemClipboard().setContent(content);
    }

    /** Lays SVG and a picture on the clipboard too, for other programs, unless something else lies there by then. */
    private static void picture(Design design, byte[] taken) {
        try {
            Artwork artwork = new Resolver().resolve(design.withHanding(Handing.STARTING));
            if (artwork.scene().isEmpty() || artwork.scene().size() > MOST_PARTS) {
                return;
            }
            Handout handout = Handout.of(design.withHanding(Handing.STARTING), artwork.scene());
            String svg = SvgFormat.text(handout);
            byte[] png = PngFormat.FORMAT.bytes(handout);
            Platform.runLater(() -> {
                if (Arrays.equals(bytes(), taken)) {
                    ClipboardContent content = new ClipboardContent();
                    content.put(TYPE, ByteBuffer.wrap(taken));
                    content.put(SVG, ByteBuffer.wrap(svg.getBytes(StandardCharsets.UTF_8)));
                    content.putImage(new Image(new ByteArrayInputStream(png)));
                    Clipboard.getSystemClipboard().setContent(content);
                }
            });
        } catch (IOException | CannotHandOver | RuntimeException e) {
            LOG.warn("no picture of what was copied", e);
        }
    }

    /** The text of an SVG that another program laid on the clipboard; empty where it is ours, or none. */
    public Optional<String> svg() {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        if (clipboard.hasContent(TYPE)) {
            return Optional.empty();
        }
        if (clipboard.getContent(SVG) instanceof ByteBuffer found) {
            return Optional.of(StandardCharsets.UTF_8.decode(found.duplicate()).toString());
        }
        return Optional.ofNullable(clipboard.getString()).filter(t -> t.length() < MOST_BYTES && t.contains("<svg"));
    }

    /**
     * What lies on the clipboard; empty when that is nothing of ours.
     *
     * @throws CannotOpen if it is, and cannot be read
     */
    public Optional<Excerpt> there() throws CannotOpen {
        byte[] found = bytes();
        if (found.length == 0) {
            return Optional.empty();
        }
        if (!Arrays.equals(found, text)) {
            if (found.length > MOST_BYTES) {
                throw new CannotOpen("What was copied is too much to paste: up to " + (MOST_BYTES >> 20)
                        + " MB. Save it as a design and open that.");
            }
            Design design = ProjectFile.read(new String(found, StandardCharsets.UTF_8));
            own = Optional.of(new Excerpt(design));
            text = found;
            pasted = -1;
        }
        return own;
    }

    /** How often what is there has been pasted, this time too. What comes from another window is laid in its own place first. */
    public int nextPaste() {
        return ++pasted;
    }

    private static byte[] bytes() {
        if (!(Clipboard.getSystemClipboard().getContent(TYPE) instanceof ByteBuffer found)) {
            return new byte[0];
        }
        byte[] bytes = new byte[found.remaining()];
        found.duplicate().get(bytes);
        return bytes;
    }
}
