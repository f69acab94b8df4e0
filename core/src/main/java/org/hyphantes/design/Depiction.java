package org.hyphantes.design;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Run;
import org.hyphantes.piece.Cell;
import org.hyphantes.piece.Tessera;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Spine;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Dive;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/** Depicts work as a scene; nothing else that draws or writes reads the work. */
final class Depiction {
    private record Shown(List<Optional<Fill>> colours, double opacity) {}

    /** What stands on the page, and the side faces under it. */
    private record Woven(List<Mark> sides, List<Mark> groups) {}

    private final Work work;
    private final List<String> figures;
    private final Watch watch;
    private final Map<Weave, Map<Shown, Woven>> woven = new IdentityHashMap<>();
    private final List<Fault> faults = new ArrayList<>();
    private Scene scene;

    private Depiction(Work work, List<String> figures, Watch watch) {
        this.work = work;
        this.figures = figures;
        this.watch = watch;
    }

    /**
     * Finished work depicted: bands as areas, woven ones cut, and what is no band as lines.
     *
     * @param figures the ids of all figures in order
     */
    static Depiction of(Work work, List<String> figures, Watch watch) {
        Depiction depiction = new Depiction(work, figures, watch);
        depiction.scene = depiction.whole();
        return depiction;
    }

    Scene scene() {
        return scene;
    }

    /** The figures whose bands have no outline, so that only their lines are drawn. */
    List<Fault> faults() {
        return faults;
    }

    /** The scene of the centre lines alone. */
    static Scene lines(Work work, List<String> figures) {
        List<Mark> marks = new ArrayList<>();
        for (Laid laid : work.lines()) {
            Filling.line(marks, laid.path(), laid.colour(), Origin.of(laid.key()));
        }
        for (Laying laying : work.weaves()) {
            for (Strand strand : laying.weave().strands()) {
                Path path = strand.path().map(laying.placed());
                marks.add(new Mark.Stroke(path, Paint.BARE_LINE, Origin.of(strand.key())));
            }
        }
        for (Inlay inlay : work.mosaics()) {
            for (Cell cell : inlay.mosaic().division().cells()) {
                Path path = cell.region().outline().map(inlay.placed());
                marks.add(new Mark.Stroke(path, Paint.BARE_LINE, Origin.piece(0)));
            }
        }
        Mark.Group group = group(Mark.Part.LINES, marks, Affine.IDENTITY, 0);
        return new Scene(List.of(group), figures, group.box());
    }

    private Scene whole() {
        Unwoven unwoven = new Unwoven(work, watch);
        List<Mark> lines = unwoven.marks();
        faults.addAll(unwoven.faults());
        List<Mark> marks = new ArrayList<>();
        sides(unwoven.sides(), Affine.IDENTITY, marks);
        if (!lines.isEmpty()) {
            marks.add(group(Mark.Part.LINES, lines, Affine.IDENTITY, 0));
        }
        int letters = 0;
        for (Laying laying : work.weaves()) {
            watch.step();
            Woven drawn = strands(laying);
            sides(drawn.sides(), laying.placed(), marks);
            marks.add(group(Mark.Part.WEAVE, drawn.groups(), laying.placed(), letters));
            letters += laying.weave().strands().size();
        }
        for (Inlay inlay : work.mosaics()) {
            watch.step();
            Woven drawn = rings(inlay);
            sides(drawn.sides(), inlay.placed(), marks);
            marks.add(group(Mark.Part.PIECES, drawn.groups(), inlay.placed(), 0));
        }
        return work.cloth().isEmpty()
                ? new Scene(marks, figures, box(marks))
                : Tiles.laid(marks, box(marks).with(work.drawn()), work.cloth().get(), figures);
    }

    private static void sides(List<Mark> faces, Affine placed, List<Mark> into) {
        if (!faces.isEmpty()) {
            into.add(group(Mark.Part.SIDES, faces, placed, 0));
        }
    }

    /** The pieces of a mosaic that are not dropped, those of each ring a group. */
    private Woven rings(Inlay inlay) {
        Map<Integer, List<Mark>> rings = new java.util.TreeMap<>();
        List<Tessera> pieces = inlay.mosaic().pieces();
        boolean flat = inlay.colours().stream()
                .allMatch(c -> c.flatMap(Fill::within).orElse(null) instanceof Flat || c.isEmpty());
        Box round = Box.round(
                flat
                        ? List.of()
                        : inlay.mosaic().division().cells().stream()
                                .map(c -> c.region().outline().box())
                                .toList());
        Filling filling = Filling.about(work.turning(), round, inlay.placed());
        List<Run> runs = flat ? List.of() : Runs.of(inlay);
        for (int i = 0; i < pieces.size(); i++) {
            Tessera piece = pieces.get(i);
            Cell cell = inlay.mosaic().division().cells().get(piece.cells().get(0));
            Optional<Fill> fill = inlay.colours().get(i);
            OptionalInt given = inlay.mosaic().division().given(piece.cells().get(0));
            Optional<Run> run = flat || given.isEmpty() ? Optional.empty() : Optional.of(runs.get(given.getAsInt()));
            Paint paint = cell.isGround() ? Paint.ground(fill) : Paint.band(fill);
            List<Mark> ring = rings.computeIfAbsent(piece.ring(), r -> new ArrayList<>());
            for (Region shape : piece.shapes()) {
                Paint own = filling.laid(paint, shape.outline());
                Mark.Area area = new Mark.Area(shape, own, Origin.piece(piece.number()));
                filling.add(ring, area, fill, run, piece.number());
            }
        }
        List<Mark> groups = new ArrayList<>();
        rings.forEach((ring, marks) ->
                groups.add(Mark.Group.of(Mark.Part.RING, marks, Affine.IDENTITY, 0, Origin.piece(ring))));
        return new Woven(filling.sides(), groups);
    }

    private static Mark.Group group(Mark.Part part, List<Mark> marks, Affine map, int letters) {
        return Mark.Group.of(part, marks, map, letters, Origin.of(new StrandKey("", List.of())));
    }

    /** The strands of a weave, each a group of its courses; laid several times it is depicted but once. */
    private Woven strands(Laying laying) {
        Shown shown = new Shown(laying.colours(), laying.shading().opacity());
        return woven.computeIfAbsent(laying.weave(), w -> new java.util.HashMap<>())
                .computeIfAbsent(shown, s -> strands(laying.weave(), s));
    }

    private Woven strands(Weave weave, Shown shown) {
        List<List<Mark>> byStrand = new ArrayList<>();
        weave.strands().forEach(s -> byStrand.add(new ArrayList<>()));
        boolean oneFigure =
                weave.strands().stream().map(s -> s.key().figure()).distinct().count() == 1;
        // Strands of one figure are told apart among themselves, unless they are its turns.
        boolean byThemselves = oneFigure && weave.symmetry().turning().isEmpty();
        Box round = Box.round(weave.strands().stream().map(s -> s.path().box()).toList());
        Filling filling = Filling.about(weave.symmetry().turning(), round, Affine.IDENTITY);
        // Of a strand its courses are one part: what passes under others goes on as it was.
        List<Paint> paints = new ArrayList<>();
        for (int s = 0; s < byStrand.size(); s++) {
            paints.add(filling.laid(
                    Paint.band(shown.colours().get(s)), weave.strands().get(s).path()));
        }
        for (Course course : weave.courses()) {
            course(byStrand.get(course.strand()), weave, course, shown, filling, paints, byThemselves);
        }
        List<Mark> groups = new ArrayList<>();
        for (int s = 0; s < byStrand.size(); s++) {
            Origin origin = Origin.of(weave.strands().get(s).key(), s, -1);
            groups.add(Mark.Group.of(Mark.Part.STRAND, byStrand.get(s), Affine.IDENTITY, 0, origin));
        }
        return new Woven(filling.sides(), groups);
    }

    private void course(
            List<Mark> into,
            Weave weave,
            Course course,
            Shown shown,
            Filling filling,
            List<Paint> paints,
            boolean byThemselves) {
        Strand strand = weave.strands().get(course.strand());
        Origin origin = Origin.of(strand.key(), course.strand(), course.ordinal());
        int number = byThemselves
                ? course.strand()
                : Math.max(0, figures.indexOf(strand.key().figure()));
        int telling = strand.band().lines() > 0 ? -1 : number;
        Paint paint = paints.get(course.strand());
        Run run = Runs.of(weave, course);
        Optional<Spine> spine = Optional.of(spine(strand, course, run, telling));
        Mark.Area area = new Mark.Area(course.region(), course.sides(), spine, paint, origin);
        filling.add(
                into,
                area,
                shown.colours().get(course.strand()),
                Optional.of(run),
                1000 * course.strand() + course.ordinal());
        for (Dive dive : course.dives()) {
            if (shown.opacity() > 0) {
                into.add(new Mark.Shade(dive.stretch(), dive.from(), dive.to(), shown.opacity(), origin));
            }
        }
        for (Path line : course.lines()) {
            into.add(new Mark.Stroke(line, Paint.INNER_LINE, origin));
        }
    }

    private static Spine spine(Strand strand, Course course, Run run, int telling) {
        boolean ring = course.region().holes().size() == 1;
        return new Spine(run.path(), run.from(), run.to(), strand.width(), ring ? 0 : strand.width() * 1.25, telling);
    }

    private Box box(List<Mark> marks) {
        List<Box> boxes = new ArrayList<>();
        for (Mark mark : marks) {
            if (mark instanceof Mark.Group group && !group.marks().isEmpty()) {
                boxes.add(exact(group));
            }
        }
        // A strand whose band finds no room has no mark, but the design is no smaller for it.
        for (Laying laying : work.weaves()) {
            boolean there = laying.placed().equals(Affine.IDENTITY);
            laying.weave().strands().forEach(s -> {
                Watch.ask();
                boxes.add((there ? s.path() : s.path().map(laying.placed())).box());
            });
        }
        return Box.round(boxes);
    }

    /** The box round a group as it is laid, closer than that of its box carried. */
    private static Box exact(Mark.Group group) {
        if (group.map().equals(Affine.IDENTITY)) {
            return group.box();
        }
        List<Box> boxes = new ArrayList<>();
        for (Mark mark : new Scene(List.of(group), List.of(), group.box()).flat()) {
            boxes.add(mark.box());
        }
        return Box.round(boxes);
    }
}
