package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.paint.Paint;
import org.hyphantes.treatment.BandStyle;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.Course;
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
                shapes.add(new Shape.Filled(
                        course.region(), Paint.band(laying.colours().get(course.strand())), origin));
            }
            letters += strands.size();
        }
        return new Artwork(shapes, work, box(shapes, work));
    }

    private static List<Shape> line(Laid laid) {
        Origin origin = new Origin(laid.key(), "", -1);
        if (laid.band().isEmpty()) {
            return List.of(new Shape.Lined(laid.path(), Paint.line(laid.colour()), origin));
        }
        BandStyle style = laid.band().get();
        List<Region> band = BandOutline.regions(laid.path(), style.width(), style.ends());
        return band.isEmpty()
                ? List.of(new Shape.Lined(laid.path(), Paint.line(laid.colour()), origin))
                : band.stream()
                        .<Shape>map(region -> new Shape.Filled(region, Paint.band(laid.colour()), origin))
                        .toList();
    }

    private static Box box(List<Shape> shapes, Work work) {
        List<Box> boxes = new ArrayList<>();
        for (Shape shape : shapes) {
            boxes.add(
                    shape instanceof Shape.Filled f
                            ? f.region().outline().box()
                            : ((Shape.Lined) shape).path().box());
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
