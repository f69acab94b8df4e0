package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandEdge;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.paint.Paint;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Dive;
import org.hyphantes.weave.Strand;

/**
 * The one display list: what the screen draws and every file writes, in order from the back, with the work it came from.
 *
 * @param shapes what is drawn
 * @param work the lines and weaves behind the shapes
 * @param box the box round all centre lines and shapes (mm)
 */
public record Artwork(List<Shape> shapes, Work work, Box box) {
    public Artwork {
        shapes = List.copyOf(shapes);
    }

    public static Artwork of(Work work) {
        List<Shape> shapes = new ArrayList<>();
        for (Laid laid : work.lines()) {
            shapes.addAll(line(laid));
        }
        int letters = 0;
        for (Laying laying : work.weaves()) {
            List<Strand> strands = laying.weave().strands();
            for (Course course : laying.weave().coursesUnder(laying.placed())) {
                Origin origin = new Origin(
                        strands.get(course.strand()).key(), Strand.letter(letters + course.strand()), course.ordinal());
                course(shapes, course, laying, origin);
            }
            letters += strands.size();
        }
        return new Artwork(shapes, work, box(shapes, work));
    }

    private static void course(List<Shape> shapes, Course course, Laying laying, Origin origin) {
        Paint paint = Paint.band(laying.colours().get(course.strand()));
        shapes.add(new Shape.Filled(course.region(), paint, origin));
        double opacity = laying.shading().opacity();
        for (Dive dive : course.dives()) {
            if (opacity > 0) {
                shapes.add(new Shape.Shaded(dive.stretch(), dive.from(), dive.to(), opacity, origin));
            }
        }
        for (Path line : course.lines()) {
            shapes.add(new Shape.Lined(line, Paint.INNER_LINE, origin));
        }
    }

    private static List<Shape> line(Laid laid) {
        Origin origin = new Origin(laid.key(), "", -1);
        if (laid.band().isEmpty()) {
            return List.of(new Shape.Lined(laid.path(), Paint.line(laid.colour()), origin));
        }
        BandStyle style = laid.band().get();
        List<Region> band = BandOutline.regions(laid.path(), style.widths(), style.ends());
        if (band.isEmpty()) {
            return List.of(new Shape.Lined(laid.path(), Paint.line(laid.colour()), origin));
        }
        List<Shape> shapes = new ArrayList<>();
        band.forEach(region -> shapes.add(new Shape.Filled(region, Paint.band(laid.colour()), origin)));
        for (double share : style.shares()) {
            BandEdge line = BandEdge.of(laid.path(), style.widths(), share, 0);
            shapes.add(new Shape.Lined(line.path(), Paint.INNER_LINE, origin));
        }
        return shapes;
    }

    private static Box box(List<Shape> shapes, Work work) {
        List<Box> boxes = new ArrayList<>();
        for (Shape shape : shapes) {
            if (shape instanceof Shape.Filled filled) {
                boxes.add(filled.region().outline().box());
            } else if (shape instanceof Shape.Lined lined) {
                boxes.add(lined.path().box());
            }
        }
        // A strand whose band finds no room has no shape, but the design is no smaller for it.
        for (Laying laying : work.weaves()) {
            laying.weave()
                    .strands()
                    .forEach(s -> boxes.add(s.path().map(laying.placed()).box()));
        }
        return Box.round(boxes);
    }
}
