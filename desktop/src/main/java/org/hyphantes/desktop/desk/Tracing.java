package org.hyphantes.desktop.desk;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.hyphantes.design.Sketch;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Quoted;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The picture that lies under a design, to be traced. It is read on a thread of its own, and only when it is a picture of a size that
 * memory bears, which its header tells before anything is made of it.
 */
public final class Tracing {
    /** Bytes of a picture file at most. */
    static final long MOST_BYTES = 64L << 20;

    /** Pixels of a picture at most. */
    static final long MOST_PIXELS = 40_000_000L;

    private static final Logger LOG = LoggerFactory.getLogger(Tracing.class);

    /**
     * What came of reading a file.
     *
     * @param image the picture; null while it is being read, or when it cannot be
     * @param why why it cannot be seen; empty while it can, or is being read
     */
    public record Read(String file, Image image, String why) {
        static final Read NOTHING = new Read(Sketch.NONE, null, "");
    }

    private final ReadOnlyObjectWrapper<Read> read = new ReadOnlyObjectWrapper<>(Read.NOTHING);
    private final Set<String> withheld = new HashSet<>();
    private Optional<Path> base = Optional.empty();
    private final ExecutorService reader = OwnThread.named("pictures");

    /** What has been read last. */
    public ReadOnlyObjectProperty<Read> readProperty() {
        return read.getReadOnlyProperty();
    }

    /** The folder that names of files are told from; empty for a design in no file. */
    public void base(Optional<Path> folder) {
        base = folder;
    }

    /** Leaves a file unread until it is {@link #allow}ed. */
    public void withhold(String file) {
        withheld.add(file);
    }

    public void allow(String file) {
        withheld.remove(file);
        read.set(Read.NOTHING);
    }

    /** What is to be seen of a sketch; reading it begins when it has not. */
    public Read of(Sketch sketch) {
        if (!sketch.file().equals(read.get().file())) {
            String file = sketch.file();
            read.set(new Read(file, null, ""));
            if (sketch.isPresent() && !withheld.contains(file)) {
                read(file, image -> arrived(new Read(file, image, "")), why -> arrived(new Read(file, null, why)));
            }
        }
        return read.get();
    }

    private void arrived(Read made) {
        if (made.file().equals(read.get().file())) {
            read.set(made);
        }
    }

    /** Reads a picture, and hands it over, or why it cannot be read, on the interface thread. */
    public void read(String file, Consumer<Image> done, Consumer<String> refused) {
        Optional<Path> from = base;
        reader.execute(() -> {
            try {
                Path path = from.map(b -> b.resolve(file)).orElse(Path.of(file));
                check(path);
                Image image;
                try (InputStream in = Files.newInputStream(path)) {
                    image = new Image(in);
                }
                if (image.isError()) {
                    throw new IOException("it is damaged");
                }
                Platform.runLater(() -> done.accept(image));
            } catch (IOException | InvalidPathException e) {
                Platform.runLater(() -> refused.accept(words(e)));
            } catch (RuntimeException | Error e) {
                // A picture may be made to use up memory in ways that no header tells.
                LOG.warn("a picture could not be read", e);
                Platform.runLater(() -> refused.accept("it needs more than this computer has"));
            }
        });
    }

    private static String words(Exception e) {
        return e.getClass() == IOException.class ? e.getMessage() : "it is not there, or may not be read";
    }

    /** Refuses what is no picture, or larger than is borne. */
    private static void check(Path path) throws IOException {
        if (!Files.isRegularFile(path)) {
            throw new IOException("it is not there (any more)");
        }
        if (Files.size(path) > MOST_BYTES) {
            throw new IOException("it is larger than " + (MOST_BYTES >> 20) + " MB");
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(path.toFile())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader header = readers.hasNext() ? readers.next() : null;
            if (header == null
                    || !header.getFormatName().toLowerCase(Locale.ROOT).matches("png|jpe?g")) {
                throw new IOException("it is no PNG or JPEG picture");
            }
            header.setInput(in);
            try {
                long pixels = (long) header.getWidth(0) * header.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new IOException(String.format(
                            Locale.ROOT,
                            "it has %d by %d pixels, more than %,d in all: make a smaller copy",
                            header.getWidth(0),
                            header.getHeight(0),
                            MOST_PIXELS));
                }
            } finally {
                header.dispose();
            }
        }
    }

    /** Why a sketch cannot be seen, as a whole sentence; empty while it can, or is being read. */
    public Optional<String> amiss(Sketch sketch) {
        String why = sketch.isPresent() ? of(sketch).why() : "";
        return why.isEmpty()
                ? Optional.empty()
                : Optional.of("The sketch " + name(sketch.file()) + " cannot be seen: " + why
                        + ". Import it again, or type sketch none.");
    }

    /** The last part of a file's name, fit for a message. */
    public static String name(String file) {
        return Quoted.of(file.substring(file.lastIndexOf('/') + 1));
    }

    /** Where the picture lies on the page. */
    public Optional<Box> box(Sketch sketch) {
        return Optional.ofNullable(of(sketch).image()).map(i -> {
            double x = sketch.width().value() / 2;
            double y = x * i.getHeight() / i.getWidth();
            Point m = sketch.middle();
            return new Box(m.x() - x, m.y() - y, m.x() + x, m.y() + y);
        });
    }

    /** The colour of the picture at a place on the page. */
    public Optional<Colour> colour(Sketch sketch, Point place) {
        Image image = of(sketch).image();
        return box(sketch).filter(b -> b.contains(place)).map(b -> {
            int x = (int) ((place.x() - b.left()) / b.width() * image.getWidth());
            int y = (int) ((place.y() - b.top()) / b.height() * image.getHeight());
            Color seen = image.getPixelReader()
                    .getColor(Math.min(x, (int) image.getWidth() - 1), Math.min(y, (int) image.getHeight() - 1));
            return Colour.of(
                    Math.round(255 * seen.getRed()),
                    Math.round(255 * seen.getGreen()),
                    Math.round(255 * seen.getBlue()));
        });
    }
}
