package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Motif;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patch;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.StrandKey;

/** Takes lines, bands and weaves of some figures as a pattern. */
final class Motifs {
    private Motifs() {}

    /**
     * The pattern that some lines of work make, scaled and turned about its own middle, and shifted.
     *
     * @param isOf whether a line is of it
     */
    static Motif of(Work work, Predicate<StrandKey> isOf, double scale, double turn, Point shift) {
        List<Patch> patches = new ArrayList<>();
        List<Motif.Drawn> lines = new ArrayList<>();
        List<Laid> own = work.lines().stream().filter(l -> isOf.test(l.key())).toList();
        for (Infilled area : Infilled.of(own).values()) {
            area.regions()
                    .forEach(r -> patches.add(new Patch(r, fill(area.first().colour()))));
        }
        for (Laid line : own) {
            if (line.band().isPresent() || !line.isArea()) {
                line.band()
                        .ifPresentOrElse(
                                band -> band.along(line.path())
                                        .forEach(r -> patches.add(new Patch(r, fill(line.colour())))),
                                () -> lines.add(new Motif.Drawn(line.path(), Paint.line(line.colour()))));
            }
        }
        for (Laying laying : work.weaves()) {
            for (Course course : laying.weave().courses()) {
                if (isOf.test(laying.weave().strands().get(course.strand()).key())) {
                    Fill fill = fill(laying.colours().get(course.strand()));
                    patches.add(new Patch(course.region().map(laying.placed()), fill));
                }
            }
        }
        Motif motif = new Motif(patches, lines);
        List<Box> boxes = new ArrayList<>();
        patches.forEach(p -> boxes.add(p.region().outline().box()));
        lines.forEach(l -> boxes.add(l.path().box()));
        Point middle = boxes.isEmpty() ? Point.ORIGIN : Box.round(boxes).centre();
        return motif.map(Affine.shift(shift).after(Affine.turn(turn, middle)).after(Affine.scale(scale, middle)));
    }

    private static Fill fill(Optional<Fill> given) {
        return new Flat(given.flatMap(Fill::within)
                .or(() -> Paint.BAND.fill())
                .orElseThrow()
                .colour());
    }
}
