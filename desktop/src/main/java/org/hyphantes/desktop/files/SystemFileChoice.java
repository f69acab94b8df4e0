package org.hyphantes.desktop.files;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;
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
        remembered.folder().filter(Files::isDirectory).ifPresent(f -> chooser.setInitialDirectory(f.toFile()));
        return remember(chooser.showOpenDialog(window));
    }

    @Override
    public Optional<Path> toWrite(String title, String suggestedName, String ending) {
        FileChooser chooser = chooser(title, ending);
        chooser.setInitialFileName(suggestedName + ending);
        return remember(chooser.showSaveDialog(window)).map(p -> withEnding(p, ending));
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
        remembered.folder().filter(Files::isDirectory).ifPresent(f -> chooser.setInitialDirectory(f.toFile()));
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
