package org.hyphantes.desktop.field;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Stop;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Group;
import org.hyphantes.design.Net;
import org.hyphantes.design.Page;
import org.hyphantes.design.Shape;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Paint;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Dive;
import org.hyphantes.weave.Shading;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;

/**
 * Paints artwork into a picture, culled to what can be seen. Woven courses never overlap, so all of one tint are traced as
 * one path: filling a thousand courses then costs little more than filling one.
 */
public final class Painter {
    /** From this many pixels of band width on, a drawing is seen from near. */
    private static final double NEAR = 36;

    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;
    private final Figures figures;

    public Painter(GraphicsContext gc, Camera camera, Palette palette, Group root) {
        this.gc = gc;
        this.camera = camera;
        this.palette = palette;
        this.figures = new Figures(root);
    }

    public void clear(Color ground) {
        gc.setFill(ground);
        gc.fillRect(0, 0, camera.width(), camera.height());
    }

    /** The centre lines, thin; those of some figures, named by their ids, stand out. */
    public void lines(Artwork artwork, Set<String> chosen, double weight) {
        List<Path> plain = new ArrayList<>();
        List<Path> marked = new ArrayList<>();
        Map<Color, List<Path>> coloured = new LinkedHashMap<>();
        for (Laid laid : artwork.work().lines()) {
            if (chosen.contains(laid.key().figure())) {
                marked.add(laid.path());
            } else if (laid.colour().isPresent()) {
                coloured.computeIfAbsent(Color.web(laid.colour().get().hex()), c -> new ArrayList<>())
                        .add(laid.path());
            } else {
                plain.add(laid.path());
            }
        }
        coloured.forEach((colour, paths) -> stroke(paths, colour, weight + 0.2));
        for (Laying laying : artwork.work().weaves()) {
            for (Strand strand : laying.weave().strands()) {
                (chosen.contains(strand.key().figure()) ? marked : plain)
                        .add(strand.path().map(laying.placed()));
            }
        }
        stroke(plain, palette.ink(), weight);
        stroke(marked, palette.verdigris(), weight + (weight > 1 ? 0.8 : 0.4));
    }

    /** The net, faint, and the page with its centre lines; under everything else. */
    public void ground(Design design) {
        Box box = design.page().box();
        for (Net.Thread thread : design.net().threads(box)) {
            stroke(List.of(thread.path()), palette.hairline(), thread.strong() ? 1.3 : 0.6);
        }
        List<Path> page = new ArrayList<>();
        page.add(Path.polygon(List.of(
                new Point(box.left(), box.top()),
                new Point(box.right(), box.top()),
                new Point(box.right(), box.bottom()),
                new Point(box.left(), box.bottom()))));
        if (design.page().centrelines() == Page.Shown.SHOWN) {
            page.add(Path.open(new Line(new Point(0, box.top()), new Point(0, box.bottom()))));
            page.add(Path.open(new Line(new Point(box.left(), 0), new Point(box.right(), 0))));
        }
        stroke(page, palette.hairline(), 1);
    }

    /** Helpers, in dashes; those that are selected stand out. */
    public void helpers(List<Laid> helpers, Set<String> chosen) {
        for (Laid laid : helpers) {
            dashed(laid.path(), chosen.contains(laid.key().figure()) ? palette.verdigris() : palette.edge());
        }
    }

    private void dashed(Path path, Color colour) {
        gc.setStroke(colour);
        gc.setLineWidth(1.2);
        gc.setLineDashes(6, 4);
        gc.setLineCap(StrokeLineCap.BUTT);
        gc.beginPath();
        new Tracer(gc, camera).trace(path);
        gc.stroke();
        gc.setLineDashes();
    }

    private void stroke(List<Path> paths, Color colour, double weight) {
        Box seen = camera.seen();
        Tracer tracer = new Tracer(gc, camera);
        gc.setStroke(colour);
        gc.setLineWidth(weight);
        gc.setLineDashes();
        gc.setLineCap(StrokeLineCap.ROUND);
        gc.setLineJoin(StrokeLineJoin.ROUND);
        gc.beginPath();
        paths.stream().filter(p -> p.box().meets(seen)).forEach(tracer::trace);
        gc.stroke();
    }

    /**
     * The work as bands in the tints of their figures, with ink edges. The cuts across a band are lined only when seen from
     * near: from afar their lines would fill the gap beside an under-pass, which is what makes it readable. With no weight, edges are left out and tints are full.
     */
    public void bands(Artwork artwork, double weight) {
        bands(artwork, weight, Optional.empty());
    }

    /** The same with one strand lifted: all others fade to a third. */
    public void bands(Artwork artwork, double weight, Optional<StrandKey> lifted) {
        Box seen = camera.seen();
        boolean all = seen.with(artwork.box()).equals(seen);
        for (Shape shape : artwork.shapes()) {
            if (shape.origin().strand().isEmpty() && (all || visible(shape, seen))) {
                unwoven(shape, weight);
            }
        }
        for (Laying laying : artwork.work().weaves()) {
            Map<Color, List<Course>> byColour = new LinkedHashMap<>();
            List<Strand> strands = laying.weave().strands();
            for (Course course : laying.weave().coursesUnder(laying.placed())) {
                if (all || course.region().outline().box().meets(seen)) {
                    int figure =
                            figures.number(strands.get(course.strand()).key().figure());
                    Color own = laying.colours()
                            .get(course.strand())
                            .map(c -> Color.web(c.hex()))
                            .orElseGet(() -> weight > 0 ? tint(figure) : palette.tint(figure));
                    Color colour = own;
                    if (lifted.isPresent()
                            && !strands.get(course.strand()).key().equals(lifted.get())) {
                        colour = palette.paper().interpolate(own, 1.0 / 3);
                    }
                    byColour.computeIfAbsent(colour, c -> new ArrayList<>()).add(course);
                }
            }
            byColour.forEach((colour, courses) -> courses(courses, colour, weight, near(strands)));
            if (weight > 0) {
                byColour.values().forEach(courses -> within(courses, laying.shading(), weight));
            }
        }
    }

    private boolean near(List<Strand> strands) {
        return strands.stream().mapToDouble(Strand::width).max().orElse(0) * camera.scale() > NEAR;
    }

    private void courses(List<Course> courses, Color colour, double weight, boolean near) {
        Tracer tracer = new Tracer(gc, camera);
        gc.beginPath();
        courses.forEach(c -> tracer.trace(c.region()));
        fill(colour);
        if (weight > 0) {
            if (!near) {
                gc.beginPath();
                courses.forEach(c -> c.sides().forEach(tracer::trace));
            }
            edge(weight);
        }
    }

    /** What is drawn within bands: ink where they dive, and the lines along them. */
    private void within(List<Course> courses, Shading shading, double weight) {
        if (shading.opacity() > 0) {
            Color ink = palette.shade();
            for (Course course : courses) {
                course.dives().forEach(d -> dive(d, ink.deriveColor(0, 1, 1, shading.opacity())));
            }
        }
        List<Path> lines = new ArrayList<>();
        courses.forEach(c -> lines.addAll(c.lines()));
        if (!lines.isEmpty()) {
            stroke(lines, palette.ink(), 0.7 * weight);
        }
    }

    private void dive(Dive dive, Color ink) {
        gc.beginPath();
        new Tracer(gc, camera).trace(dive.stretch());
        gc.setFill(new LinearGradient(
                camera.x(dive.from()),
                camera.y(dive.from()),
                camera.x(dive.to()),
                camera.y(dive.to()),
                false,
                CycleMethod.NO_CYCLE,
                new Stop(0, ink),
                new Stop(1, ink.deriveColor(0, 1, 1, 0))));
        gc.setFillRule(FillRule.EVEN_ODD);
        gc.fill();
    }

    private void unwoven(Shape shape, double weight) {
        if (shape instanceof Shape.Filled filled) {
            gc.beginPath();
            new Tracer(gc, camera).trace(filled.region());
            fill(own(shape, tint(figures.number(shape.origin().key().figure()))));
            edge(Math.max(weight, 0.6));
        } else if (shape instanceof Shape.Lined lined) {
            Color line = lined.paint().equals(Paint.BARE_LINE)
                    ? palette.ink()
                    : lined.paint().line().map(c -> Color.web(c.hex())).orElse(palette.ink());
            stroke(List.of(lined.path()), line, Math.max(weight, 0.8));
        }
    }

    /** The colour a shape has of its own, which the theme never changes; else another. */
    private static Color own(Shape shape, Color otherwise) {
        return shape.paint().equals(Paint.BAND)
                ? otherwise
                : shape.paint().fill().map(c -> Color.web(c.hex())).orElse(otherwise);
    }

    private void fill(Color colour) {
        gc.setFill(colour);
        gc.setFillRule(FillRule.EVEN_ODD);
        gc.fill();
    }

    private void edge(double weight) {
        gc.setStroke(palette.ink());
        gc.setLineWidth(weight);
        gc.setLineDashes();
        gc.setLineCap(StrokeLineCap.BUTT);
        gc.setLineJoin(StrokeLineJoin.MITER);
        gc.stroke();
    }

    private static boolean visible(Shape shape, Box seen) {
        if (shape instanceof Shape.Lined lined) {
            return lined.path().box().meets(seen);
        }
        return shape instanceof Shape.Filled filled
                && filled.region().outline().box().meets(seen);
    }

    private Color tint(int figure) {
        return palette.tint(figure).interpolate(palette.paper(), figure % 2 == 0 ? 0.55 : 0.25);
    }

    int figure(String id) {
        return figures.number(id);
    }
}
