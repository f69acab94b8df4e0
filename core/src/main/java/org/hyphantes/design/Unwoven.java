package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.BandEdge;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Run;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.treatment.Infilled;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.StrandKey;

/** Depicts the lines of work that are not woven: bands as areas, what is filled as areas under them, all others as lines. */
final class Unwoven {
    private final Filling filling;
    private final List<Mark> marks = new ArrayList<>();
    private final List<Fault> faults = new ArrayList<>();

    Unwoven(Work work, Watch watch) {
        Box round = Box.round(work.lines().stream().map(l -> l.path().box()).toList());
        this.filling = Filling.about(work.turning(), round, Affine.IDENTITY);
        Map<StrandKey, Infilled> areas = Infilled.of(work.lines());
        for (Laid laid : work.lines()) {
            watch.step();
            Infilled area = laid.filled().isPresent() ? areas.get(Infilled.key(laid)) : null;
            if (area != null && area.first() == laid) {
                area(area);
            }
            if (area == null || laid.band().isPresent()) {
                line(laid);
            }
        }
    }

    List<Mark> marks() {
        return marks;
    }

    /** The side faces under them. */
    List<Mark> sides() {
        return filling.sides();
    }

    /** The figures whose bands have no outline, or that enclose no area, so that only their lines are drawn. */
    List<Fault> faults() {
        return faults;
    }

    /** The area of a copy of a figure, under the bands of its lines. */
    private void area(Infilled area) {
        Laid laid = area.first();
        List<Region> regions;
        try {
            regions = area.regions();
        } catch (IllegalArgumentException | IllegalStateException e) {
            faults.add(Fault.ofFigure("", laid.key().figure(), laid.path().box().centre()));
            area.lines().forEach(l -> Filling.line(marks, l.path(), l.colour(), Origin.of(l.key())));
            return;
        }
        for (Region region : regions) {
            Paint paint = filling.laid(Paint.area(laid.colour()), region.outline());
            Mark.Area mark = new Mark.Area(region, paint, Origin.of(laid.key()));
            filling.add(marks, mark, laid.colour(), Optional.empty(), marks.size());
        }
    }

    private void line(Laid laid) {
        Origin origin = Origin.of(laid.key());
        List<Region> band = outline(laid);
        if (band.isEmpty()) {
            Filling.line(marks, laid.path(), laid.colour(), origin);
            return;
        }
        BandStyle style = laid.band().orElseThrow();
        Run run = Run.of(laid.path(), style.widths());
        for (Region region : band) {
            Paint paint = filling.laid(Paint.band(laid.colour()), region.outline());
            filling.add(marks, new Mark.Area(region, paint, origin), laid.colour(), Optional.of(run), marks.size());
        }
        for (double share : style.shares()) {
            try {
                BandEdge line = BandEdge.of(laid.path(), style.widths(), style.corners(), share, 0);
                marks.add(new Mark.Stroke(line.path(), Paint.INNER_LINE, origin));
            } catch (IllegalArgumentException | IllegalStateException e) {
                faults.add(Fault.ofFigure(
                        "", laid.key().figure(), laid.path().box().centre()));
                return;
            }
        }
    }

    private List<Region> outline(Laid laid) {
        try {
            return laid.band().map(style -> style.along(laid.path())).orElse(List.of());
        } catch (IllegalArgumentException | IllegalStateException e) {
            faults.add(Fault.ofFigure("", laid.key().figure(), laid.path().box().centre()));
            return List.of();
        }
    }
}
