package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * Paths drawn point by point, or cast from a figure: straight sides, arcs and cubics.
 *
 * @param course the paths as {@link PathText}
 * @throws IllegalArgumentException if the text describes no path
 */
public record Drawn(String course) implements Form {
    public static final Drawn STARTING = new Drawn("M -40 20 L 0 -30 L 40 20");

    private static final Schema<Drawn> SCHEMA = new Schema<>(
                    Drawn.class,
                    "path",
                    "Path of {course}.",
                    List.of(Setting.of(
                            Drawn.class,
                            "course",
                            new Kind.Text(
                                    "a path, such as M 0 0 L 20 0 A 10 10 0 0 1 40 0 Z",
                                    Limits.COURSE,
                                    PathText::told))))
            .because("For lines that no rule gives: drawn by hand, traced, or cast from what is set out.");

    public Drawn {
        PathText.read(course);
    }

    public static Drawn of(List<Path> paths) {
        return new Drawn(PathText.of(paths));
    }

    @Override
    public Schema<Drawn> schema() {
        return SCHEMA;
    }

    public List<Path> paths() {
        return PathText.read(course);
    }

    @Override
    public List<Path> paths(PageBox pageBox) {
        return paths();
    }

    /** The mean of all points that it goes through. */
    @Override
    public Point centre() {
        Point sum = Point.ORIGIN;
        int count = 0;
        for (Path path : paths()) {
            for (Curve curve : path.curves()) {
                sum = sum.plus(curve.start());
                count++;
            }
            if (!path.closed()) {
                sum = sum.plus(path.end());
                count++;
            }
        }
        return sum.times(1.0 / count);
    }

    @Override
    public Form between(Point first, Point second, boolean otherWay) {
        return of(List.of(Path.open(new Line(first, second))));
    }

    @Override
    public Form carried(Affine similarity) {
        return of(paths().stream().map(p -> p.map(similarity)).toList());
    }
}
