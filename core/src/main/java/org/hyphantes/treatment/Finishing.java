package org.hyphantes.treatment;

import java.util.List;
import java.util.Optional;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Finish;
import org.hyphantes.paint.Finished;
import org.hyphantes.piece.Cell;
import org.hyphantes.weave.Course;

/** Hands a finish to all parts of work. */
final class Finishing {
    private Finishing() {}

    static Work of(Work work, Finish finish) {
        return new Work(
                work.lines().stream()
                        .map(l -> !l.isArea() ? l : l.coloured(new Finished(l.colour(), finish)))
                        .toList(),
                work.weaves().stream()
                        .map(l -> l.coloured(all(l.colours(), finish)))
                        .toList(),
                work.mosaics().stream()
                        .map(i -> i.coloured(all(i.colours(), finish)))
                        .toList(),
                work.symmetry());
    }

    private static List<Optional<Fill>> all(List<Optional<Fill>> fills, Finish finish) {
        return fills.stream()
                .map(f -> Optional.<Fill>of(new Finished(f, finish)))
                .toList();
    }

    /** About how long (mm) all outlines are together. */
    static double length(Work work) {
        double length = 0;
        for (Laid line : work.lines()) {
            length += (line.band().isPresent() ? 2 : line.isArea() ? 1 : 0)
                    * line.path().length();
        }
        for (Laying laying : work.weaves()) {
            for (Course course : laying.weave().courses()) {
                length += course.region().borderLength();
            }
        }
        for (Inlay inlay : work.mosaics()) {
            for (Cell cell : inlay.mosaic().division().cells()) {
                length += cell.region().borderLength();
            }
        }
        return length;
    }
}
