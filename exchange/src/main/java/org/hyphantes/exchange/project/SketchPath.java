package org.hyphantes.exchange.project;

import java.io.File;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import org.hyphantes.design.Design;
import org.hyphantes.design.Sketch;

/** Where the picture under a design lies: in a file told from its folder, so that both can be moved together; on the desk as a whole path. */
public final class SketchPath {
    private SketchPath() {}

    /** A design as it is written into a file. */
    static Design told(Design design, Path file) {
        return named(design, picture -> {
            Path folder = file.toAbsolutePath().normalize().getParent();
            return picture.isAbsolute() ? folder.relativize(picture.normalize()) : picture;
        });
    }

    /** A design as it is read from a file. */
    static Design found(Design design, Path file) {
        return named(
                design,
                picture -> file.toAbsolutePath().getParent().resolve(picture).normalize());
    }

    /** Whether the picture of a design, if it has one, lies in a folder or below it. */
    public static boolean isWithin(Design design, Path folder) {
        try {
            return !design.sketch().isPresent()
                    || Path.of(design.sketch().file())
                            .toAbsolutePath()
                            .normalize()
                            .startsWith(folder.toAbsolutePath().normalize());
        } catch (InvalidPathException e) {
            return false;
        }
    }

    private static Design named(Design design, java.util.function.UnaryOperator<Path> change) {
        Sketch sketch = design.sketch();
        if (!sketch.isPresent()) {
            return design;
        }
        try {
            // Between systems, a file tells paths with slashes.
            String path = change.apply(Path.of(sketch.file())).toString().replace(File.separatorChar, '/');
            return design.withSketch(sketch.of(path));
        } catch (IllegalArgumentException e) {
            // No path of this system, or on another disc: it stays as it is told.
            return design;
        }
    }
}
