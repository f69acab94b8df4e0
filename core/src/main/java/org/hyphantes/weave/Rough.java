package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;

/** Courses without room as they are seen while something is dragged: cut short squarely beside what they dive under, and not shared out. */
final class Rough {
    private Rough() {}

    static List<Course> courses(Projection projection, Reaches reaches, List<SharedOut.Pending> pending) {
        List<Course> courses = new ArrayList<>();
        for (SharedOut.Pending course : pending) {
            int s = course.wanted().strand();
            if (!course.wanted().sought()) {
                continue;
            }
            for (Region piece : reaches.band(projection.strands().get(s), stretch(projection, reaches, course), 0)) {
                courses.add(new Course(
                        s,
                        course.ordinal(),
                        course.begin(),
                        course.end(),
                        piece,
                        piece.borders(),
                        List.of(),
                        List.of()));
            }
        }
        return courses;
    }

    /** From where it comes clear, by its middle, of one band to where it reaches the next. */
    private static Reaches.Stretch stretch(Projection projection, Reaches reaches, SharedOut.Pending course) {
        Path path = projection.strands().get(course.wanted().strand()).path();
        int from = course.wanted().from();
        int to = course.to();
        double begin = from < 0 ? 0 : reaches.along(from);
        double end = to < 0 ? path.length() : reaches.along(to);
        if (path.closed() && end <= begin) {
            end += path.length();
        }
        return new Reaches.Stretch(
                from < 0 ? begin : begin + cut(projection, reaches, from, 1),
                to < 0 ? end : end - cut(projection, reaches, to, -1));
    }

    /** How much (mm) is cut off at an under-pass: no more than half the way to the next passage, where the band may lie over others. */
    private static double cut(Projection projection, Reaches reaches, int passage, int way) {
        OptionalInt next = projection.beyond(passage, way);
        double beside = reaches.beside(passage);
        return next.isEmpty() || next.getAsInt() == passage
                ? Math.min(beside, reaches.path(passage).length() / 3)
                : Math.min(beside, Math.abs(reaches.apart(passage, next.getAsInt())) / 2);
    }
}
