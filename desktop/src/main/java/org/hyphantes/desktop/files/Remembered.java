package org.hyphantes.desktop.files;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import javafx.geometry.Rectangle2D;
import org.hyphantes.desktop.background.OwnThread;
import org.hyphantes.desktop.chrome.ClothSeen;
import org.hyphantes.desktop.chrome.Neighbours;
import org.hyphantes.desktop.chrome.OtherWay;
import org.hyphantes.exchange.AtomicFile;
import org.hyphantes.figure.Form;
import org.hyphantes.machine.Readers;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Scope;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What is kept from one start to the next, in a folder of the user's: theme, last folder, recent files, recovered work. */
public final class Remembered {
    private static final Logger LOG = LoggerFactory.getLogger(Remembered.class);
    private static final int RECENT = 8;

    private final Path home;
    private final Properties kept = new Properties();
    private final ExecutorService writer = OwnThread.named("remembering");

    public Remembered(Path home) {
        this.home = home;
        Path file = file();
        if (Files.isRegularFile(file)) {
            try (Reader in = Files.newBufferedReader(file)) {
                kept.load(in);
            } catch (IOException | IllegalArgumentException e) {
                LOG.warn("what was remembered cannot be read; starting afresh", e);
            }
        }
    }

    private Path file() {
        return home.resolve("remembered.properties");
    }

    /** The folder of designs kept aside in case the application stops. */
    public Path aside() {
        return home.resolve("aside");
    }

    public boolean dark() {
        return Boolean.parseBoolean(kept.getProperty("dark", "false"));
    }

    public void dark(boolean dark) {
        put("dark", String.valueOf(dark));
    }

    public boolean textures() {
        return Boolean.parseBoolean(kept.getProperty("textures", "true"));
    }

    public void textures(boolean textures) {
        put("textures", String.valueOf(textures));
    }

    /** How large words are: 1, 1.25 or 1.5. */
    public double type() {
        String size = kept.getProperty("type", "");
        return List.of("1.25", "1.5").contains(size) ? Double.parseDouble(size) : 1;
    }

    public void type(double size) {
        put("type", String.valueOf(size));
    }

    /** What has a press mean the other way. */
    public OtherWay otherWay() {
        String word = kept.getProperty("other-way", "");
        return Arrays.stream(OtherWay.values())
                .filter(w -> w.name().equals(word))
                .findFirst()
                .orElse(OtherWay.ALT);
    }

    public void otherWay(OtherWay way) {
        put("other-way", way.name());
    }

    public ClothSeen cloth() {
        String[] words = kept.getProperty("cloth", "").split(" ");
        return Arrays.stream(Neighbours.values())
                .filter(n -> words.length == 3
                        && words[0].matches("[1-9]")
                        && n.name().equals(words[1]))
                .findFirst()
                .map(n -> new ClothSeen(Integer.parseInt(words[0]), n, Boolean.parseBoolean(words[2])))
                .orElse(ClothSeen.STARTING);
    }

    /** The ending of the files for machines that were made last. */
    public String machined() {
        String ending = kept.getProperty("machined", ".plt");
        return Readers.of(ending).isPresent() ? ending : ".plt";
    }

    public void machined(String ending) {
        put("machined", ending);
    }

    public void cloth(ClothSeen seen) {
        put("cloth", seen.tiles() + " " + seen.neighbours().name() + " " + seen.symbols());
    }

    /** A kind of figure as it was last set out; what cannot be read any more is left as it starts. */
    public Form starting(Form form) {
        Form starting = form;
        for (String key : form.schema().keys()) {
            String typed = kept.getProperty("figure." + form.schema().word() + "." + key);
            try {
                if (typed != null) {
                    starting = (Form) starting.schema()
                            .read(starting, key, typed, Scope.PLAIN)
                            .value();
                }
            } catch (CannotRead e) {
                LOG.debug("a remembered setting is left out", e);
            }
        }
        return starting;
    }

    public void starting(String word, Form form) {
        for (String key : form.schema().keys()) {
            kept.setProperty("figure." + word + "." + key, form.schema().typed(form, key, Scope.PLAIN));
        }
        write();
    }

    /** Where the window stood, in pixels of the screen, and how large what is in it was; empty at the first start. */
    public Optional<Rectangle2D> window() {
        try {
            String[] parts = kept.getProperty("window", "").split(" ");
            return parts.length == 4
                    ? Optional.of(new Rectangle2D(
                            Integer.parseInt(parts[0]),
                            Integer.parseInt(parts[1]),
                            Integer.parseInt(parts[2]),
                            Integer.parseInt(parts[3])))
                    : Optional.empty();
        } catch (IllegalArgumentException e) {
            LOG.debug("a remembered place of the window is left out", e);
            return Optional.empty();
        }
    }

    public void window(double x, double y, double width, double height) {
        put("window", Math.round(x) + " " + Math.round(y) + " " + Math.round(width) + " " + Math.round(height));
    }

    public Optional<Path> folder() {
        return Optional.ofNullable(kept.getProperty("folder")).map(Path::of);
    }

    public void folder(Path folder) {
        if (folder != null) {
            put("folder", folder.toString());
        }
    }

    public List<Path> recent() {
        List<Path> recent = new ArrayList<>();
        for (int i = 0; i < RECENT; i++) {
            String path = kept.getProperty("recent." + i);
            if (path != null) {
                recent.add(Path.of(path));
            }
        }
        return recent;
    }

    public void recent(Path file) {
        List<Path> files = recent();
        files.remove(file.toAbsolutePath());
        files.add(0, file.toAbsolutePath());
        for (int i = 0; i < Math.min(RECENT, files.size()); i++) {
            kept.setProperty("recent." + i, files.get(i).toString());
        }
        write();
    }

    private void put(String key, String value) {
        if (!value.equals(kept.getProperty(key))) {
            kept.setProperty(key, value);
            write();
        }
    }

    /** What stands now, written on a thread of its own: a disc may take its time. */
    private void write() {
        Properties now = new Properties();
        now.putAll(kept);
        writer.execute(() -> {
            try {
                PrivateFolder.make(home);
                StringWriter out = new StringWriter();
                now.store(out, null);
                AtomicFile.write(file(), out.toString());
            } catch (IOException e) {
                LOG.warn("could not remember settings", e);
            }
        });
    }

    /** Waits until all is written. */
    public void finish() {
        try {
            writer.submit(() -> {}).get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException e) {
            LOG.warn("could not remember settings", e);
        }
    }
}
