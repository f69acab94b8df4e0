package org.hyphantes.desktop.desk;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import org.hyphantes.design.Design;
import org.hyphantes.design.Excerpt;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;

/** What was copied last: on the system's clipboard, as the text of a design, so that other designs and windows can paste it. */
public final class Copies {
    private static final int MOST_BYTES = 4 << 20;
    private static final DataFormat TYPE = new DataFormat("application/x-hyphantes-design");

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
        return Clipboard.getSystemClipboard().setContent(content);
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
