package org.hyphantes.desktop.chrome;

import java.util.List;
import javafx.scene.layout.Region;
import javafx.scene.shape.SVGPath;
import javafx.scene.shape.StrokeType;
import javafx.scene.transform.Affine;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.PathText;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** A kind of figure as a small picture of its lines, to stand beside its word. */
public final class FigurePicture extends Region {
    private static final double WIDTH = 40;
    private static final double HEIGHT = 22;
    private static final double MARGIN = 1.5;

    public FigurePicture(Form form) {
        // A page no wider than the figures, so that what runs to its edge is seen whole.
        List<Path> paths = form.paths(new PageBox(Box.of(new Point(-60, -40), new Point(60, 40))));
        Box box = Box.round(paths.stream().map(Path::box).toList());
        double scale = Math.min(
                (WIDTH - 2 * MARGIN) / Math.max(box.width(), 1e-3),
                (HEIGHT - 2 * MARGIN) / Math.max(box.height(), 1e-3));
        SVGPath lines = new SVGPath();
        lines.setContent(PathText.of(paths));
        lines.getStyleClass().add("figure-lines");
        lines.setStrokeWidth(1.2 / scale);
        lines.setStrokeType(StrokeType.CENTERED);
        lines.getTransforms()
                .add(new Affine(
                        scale,
                        0,
                        WIDTH / 2 - scale * box.centre().x(),
                        0,
                        scale,
                        HEIGHT / 2 - scale * box.centre().y()));
        lines.setManaged(false);
        setMinSize(WIDTH, HEIGHT);
        setPrefSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        getChildren().add(lines);
    }
}
