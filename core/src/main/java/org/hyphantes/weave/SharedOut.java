package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandEdge;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.Inside;
import org.hyphantes.geometry.plane.Operand;

/** Makes courses of what they got when bands were shared out: with the lines within the band, and the ends where they dive under. */
final class SharedOut {
    private final Projection projection;
    private final Reaches reaches;
    private final IntFunction<StrandEdges> edges;
    private final boolean shaded;

    SharedOut(Projection projection, Reaches reaches, IntFunction<StrandEdges> edges, boolean shaded) {
        this.projection = projection;
        this.reaches = reaches;
        this.edges = edges;
        this.shaded = shaded;
    }

    /** A course that is shared out with others: which it is, where it dives at its end (-1 for nowhere), and the positions it runs between. */
    record Pending(Sharing.Wanted wanted, int to, int ordinal, double begin, double end) {}

    List<Course> courses(Pending course, List<Region> pieces) {
        int s = course.wanted().strand();
        List<Path> lines = lines(course, pieces);
        List<List<Dive>> dives = shaded ? dives(course, pieces) : List.of();
        List<Course> courses = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            courses.add(new Course(
                    s,
                    course.ordinal(),
                    course.begin(),
                    course.end(),
                    pieces.get(i),
                    pieces.get(i).borders(),
                    i == 0 ? lines : List.of(),
                    shaded ? dives.get(i) : List.of()));
        }
        return courses;
    }

    private List<Path> lines(Pending course, List<Region> pieces) {
        Path path = projection.strands().get(course.wanted().strand()).path();
        List<Path> lines = new ArrayList<>();
        for (BandEdge line : edges.apply(course.wanted().strand()).lines()) {
            double from = line.about(path, course.begin());
            double to = line.about(path, course.end());
            Path stretch = path.closed() && course.begin() == course.end()
                    ? line.path()
                    : new Path(EdgeStretch.merged(EdgeStretch.of(line.path(), from, to)), false);
            lines.addAll(Inside.of(stretch, pieces));
        }
        return lines;
    }

    /** For each piece the ends that it has; each end belongs to the piece that has most of it. */
    private List<List<Dive>> dives(Pending course, List<Region> pieces) {
        List<List<Dive>> dives = new ArrayList<>();
        pieces.forEach(p -> dives.add(new ArrayList<>()));
        for (int way : new int[] {1, -1}) {
            int passage = way > 0 ? course.wanted().from() : course.to();
            Optional<Dive> most = Optional.empty();
            int at = 0;
            for (int i = 0; passage >= 0 && i < pieces.size(); i++) {
                Optional<Dive> dive = dive(passage, way, pieces.get(i));
                if (dive.isPresent()
                        && (most.isEmpty()
                                || dive.get().stretch().area()
                                        > most.get().stretch().area())) {
                    most = dive;
                    at = i;
                }
            }
            int piece = at;
            most.ifPresent(d -> dives.get(piece).add(d));
        }
        return dives;
    }

    /** The end of a piece at an under-pass, from there on forwards or back, as far as it is darkened; none where all or nothing of it is. */
    private Optional<Dive> dive(int passage, int way, Region piece) {
        Strand strand = projection.strands().get(projection.strand(passage));
        Strand over = projection.strands().get(projection.strand(passage ^ 1));
        double at = reaches.along(passage);
        double room = strand.path().length() / 2;
        double seen = Math.min(over.width() / 2 + reaches.clearance(), room / 2);
        double clear = Math.min(seen + 1.4 * strand.width(), room);
        Reaches.Stretch stretch = way > 0 ? new Reaches.Stretch(at, at + clear) : new Reaches.Stretch(at - clear, at);
        List<Region> band = reaches.band(strand, stretch, 0);
        if (band.stream().noneMatch(r -> r.outline().box().meets(piece.outline().box()))) {
            return Optional.empty();
        }
        try {
            return Booleans.combined(List.of(Operand.of(piece), Operand.all(band)), w -> w.held() == 2).stream()
                    .max(Comparator.comparingDouble(Region::area))
                    .filter(r -> r.area() < piece.area() * (1 - 1e-6))
                    .map(r -> new Dive(
                            r,
                            Reaches.at(strand.path(), at + way * seen),
                            Reaches.at(strand.path(), at + way * clear)));
        } catch (IllegalStateException e) {
            // Without its shade a course is whole all the same.
            return Optional.empty();
        }
    }
}
