package org.hyphantes.desktop.files;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.project.ProjectFile;

/** The system's own file choosers, opening where the last file was. */
public final class SystemFileChoice implements FileChoice {
    private final Window window;
    private final Remembered remembered;

    public SystemFileChoice(Window window, Remembered remembered) {
        this.window = window;
        this.remembered = remembered;
    }

    @Override
    public Optional<Path> toOpen() {
        FileChooser chooser = chooser("Open a design", ProjectFile.ENDING);
        return remember(chooser.showOpenDialog(window));
    }

    @Override
    public Optional<Path> toTrace() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Import picture");
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("Pictures", "*.png", "*.jpg", "*.jpeg", "*.PNG", "*.JPG"));
        inLastFolder(chooser);
        return remember(chooser.showOpenDialog(window));
    }

    @Override
    public Optional<Path> toBring(List<String> endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Import drawing");
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        "Drawings",
                        endings.stream()
                                .flatMap(e -> Stream.of("*" + e, "*" + e.toUpperCase(Locale.ROOT)))
                                .toList()));
        inLastFolder(chooser);
        return remember(chooser.showOpenDialog(window));
    }

    @Override
    public Optional<Path> toWrite(String title, String suggestedName, String ending) {
        FileChooser chooser = chooser(title, ending);
        chooser.setInitialFileName(suggestedName + ending);
        return remember(chooser.showSaveDialog(window)).map(p -> withEnding(p, ending));
    }

    @Override
    public Optional<Path> toWrite(String title, String suggestedName, List<Format> formats) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        for (Format format : formats) {
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(format.title(), "*" + format.ending()));
        }
        inLastFolder(chooser);
        chooser.setInitialFileName(suggestedName + formats.get(0).ending());
        return remember(chooser.showSaveDialog(window)).map(p -> {
            // One typed with the ending of another format is of that.
            FileChooser.ExtensionFilter chosen = chooser.getSelectedExtensionFilter();
            boolean named = formats.stream().anyMatch(f -> p.toString().endsWith(f.ending()));
            return named
                    ? p
                    : withEnding(
                            p,
                            chosen == null
                                    ? formats.get(0).ending()
                                    : chosen.getExtensions().get(0).substring(1));
        });
    }

    private void inLastFolder(FileChooser chooser) {
        remembered.folder().filter(Files::isDirectory).ifPresent(f -> chooser.setInitialDirectory(f.toFile()));
    }

    private FileChooser chooser(String title, String ending) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        ending.equals(ProjectFile.ENDING)
                                ? "Hyphantes designs"
                                : ending.substring(1).toUpperCase(Locale.ROOT),
                        "*" + ending));
        inLastFolder(chooser);
        return chooser;
    }

    private Optional<Path> remember(File file) {
        Optional<Path> path = Optional.ofNullable(file).map(File::toPath);
        path.ifPresent(p -> remembered.folder(p.getParent()));
        return path;
    }

    private static Path withEnding(Path path, String ending) {
        String name = path.getFileName().toString();
        return name.endsWith(ending) ? path : path.resolveSibling(name + ending);
    }
}
