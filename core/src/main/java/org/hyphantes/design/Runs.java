package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.paint.Run;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** Along which stretch of which line what is filled runs. */
final class Runs {
    private Runs() {}

    /** The strands that run through what were courses before, in the order in which those were given. */
    static List<Run> of(Inlay inlay) {
        List<Run> runs = new ArrayList<>();
        for (Laying laying : inlay.weaves()) {
            for (Course course : laying.weave().courses()) {
                Run run = of(laying.weave(), course);
                boolean there = laying.placed().equals(Affine.IDENTITY);
                runs.add(there ? run : run.map(laying.placed()));
            }
        }
        return runs;
    }

    /** The stretch of its strand that a course runs along. */
    static Run of(Weave weave, Course course) {
        Strand strand = weave.strands().get(course.strand());
        double from = strand.path().lengthTo(course.from());
        double to = strand.path().lengthTo(course.to());
        double total = strand.path().length();
        if (strand.onward().isPresent() && to <= from) {
            // Over the seam it goes on by the next lap.
            return new Run(
                    strand.laps(weave.projection().lattice().orElseThrow(), 2),
                    from,
                    to + total,
                    strand.band().widths());
        }
        return new Run(
                strand.path(),
                from,
                to <= from && strand.path().closed() ? to + total : to,
                strand.band().widths());
    }
}
