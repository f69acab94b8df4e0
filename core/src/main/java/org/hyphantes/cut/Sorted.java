package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.hatch.Clipping;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Paint;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Spine;
import org.hyphantes.weave.Strand;

/** The areas and lines of a scene, each for the pass that takes it; what a clip hides is cut off. */
final class Sorted {
    /** What a line is of. */
    private enum Sort {
        EDGE,
        LINE,
        INNER_LINE
    }

    /** An area to be cut round. */
    record Part(Region region, Origin origin, String letter) {}

    /** A line by itself. */
    record Run(Path path, Origin origin, String letter) {}

    /** What one pass takes: areas to go round, areas to engrave, and lines. */
    record Taken(List<Part> edges, List<Part> engraved, List<Run> lines) {
        Taken() {
            this(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        }
    }

    private final Job job;
    private final Colourway colourway;
    private final List<Taken> taken = new ArrayList<>();
    private final List<Region> clips = new ArrayList<>();

    /** Strands whose middle is taken already: it is one line, however many courses it has. */
    private final List<Spine> spines = new ArrayList<>();

    private int letters;
    private String letter = "";

    private Sorted(Job job, Colourway colourway) {
        this.job = job;
        this.colourway = colourway;
        job.passes().forEach(p -> taken.add(new Taken()));
    }

    /** For each pass of a job, in order, what it takes. */
    static List<Taken> of(Scene scene, Job job, Colourway colourway) {
        Sorted sorted = new Sorted(job, colourway);
        sorted.marks(scene.marks(), Affine.IDENTITY);
        return sorted.taken;
    }

    private void marks(List<Mark> marks, Affine map) {
        for (Mark mark : marks) {
            Watch.ask();
            if (mark instanceof Mark.Group group) {
                group(group, map.after(group.map()));
            } else if (mark instanceof Mark.Clip clip) {
                clips.add(clip.within().map(map));
                marks(clip.marks(), map);
                clips.remove(clips.size() - 1);
            } else if (mark instanceof Mark.Area area) {
                area(area, map);
            } else if (mark instanceof Mark.Stroke stroke) {
                Path path = stroke.path().map(map);
                boolean inner = stroke.origin().isWoven() || stroke.paint().equals(Paint.INNER_LINE);
                line(path, stroke.origin(), stroke.paint().line(), inner ? Sort.INNER_LINE : Sort.LINE);
            }
        }
    }

    private void group(Mark.Group group, Affine map) {
        if (group.part() == Mark.Part.SIDES) {
            // What is raised is only drawn so.
            return;
        }
        if (group.part() == Mark.Part.WEAVE) {
            letters = group.letters();
        }
        boolean strand = group.part() == Mark.Part.STRAND;
        letter = strand ? Strand.letter(letters + group.origin().strand()) : letter;
        marks(group.marks(), map);
        letter = strand ? "" : letter;
    }

    private void area(Mark.Area area, Affine map) {
        if (job.bands() == Job.Bands.AS_CENTRE_LINES && area.spine().isPresent()) {
            Spine spine = area.spine().get();
            if (spines.stream().noneMatch(s -> s.path() == spine.path())) {
                spines.add(spine);
                line(spine.path().map(map), area.origin(), colour(area), Sort.LINE);
            }
            return;
        }
        Region whole = area.region().map(map);
        for (Region region : clips.isEmpty() ? List.of(whole) : clipped(whole)) {
            Part part = new Part(region, area.origin(), letter);
            first(Sort.EDGE, colour(area)).ifPresent(p -> taken.get(p).edges().add(part));
            for (int p = 0; p < taken.size(); p++) {
                Pass pass = job.passes().get(p);
                if (pass.work() == Pass.Work.ENGRAVE && takes(pass, Sort.EDGE, colour(area))) {
                    taken.get(p).engraved().add(part);
                }
            }
        }
    }

    private static Optional<Colour> colour(Mark.Area area) {
        return area.paint().fill().map(Fill::colour);
    }

    private List<Region> clipped(Region whole) {
        List<Region> all = new ArrayList<>(clips);
        all.add(whole);
        return Booleans.common(all);
    }

    private void line(Path whole, Origin origin, Optional<Colour> colour, Sort sort) {
        Optional<Integer> pass = first(sort, colour);
        if (pass.isEmpty()) {
            return;
        }
        List<Run> lines = taken.get(pass.get()).lines();
        if (clips.isEmpty()) {
            lines.add(new Run(whole, origin, letter));
            return;
        }
        List<Curve> curves = whole.curves();
        for (Region clip : clips) {
            curves = Clipping.of(clip, curves);
        }
        for (List<Curve> chain : Threading.chains(curves)) {
            lines.add(new Run(Threading.path(chain), origin, letter));
        }
    }

    /** The first pass that follows lines and takes one. */
    private Optional<Integer> first(Sort sort, Optional<Colour> colour) {
        for (int p = 0; p < taken.size(); p++) {
            Pass pass = job.passes().get(p);
            if (pass.work() != Pass.Work.ENGRAVE && takes(pass, sort, colour)) {
                return Optional.of(p);
            }
        }
        return Optional.empty();
    }

    private boolean takes(Pass pass, Sort sort, Optional<Colour> colour) {
        return switch (pass.takes()) {
            case EVERYTHING -> true;
            case EDGES -> sort == Sort.EDGE;
            case LINES -> sort != Sort.EDGE;
            case INNER_LINES -> sort == Sort.INNER_LINE;
            case WELL ->
                colour.isPresent()
                        && colour.get()
                                .equals(colourway
                                        .well((int) pass.well().value())
                                        .colour());
            case STRAND -> letter.equalsIgnoreCase(pass.strand().strip());
        };
    }
}
