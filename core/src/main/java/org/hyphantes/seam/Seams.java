package org.hyphantes.seam;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.Joining;
import org.hyphantes.weave.Strand;

/** The marks of a cloth at its seams: where lines cross them, and where lines end that were meant to go on. */
public final class Seams {
    /** More marks than this are not made. */
    private static final int MOST = 600;

    /** An end no further from another than this share of a tile was meant to meet it. */
    private static final double NEAR = 0.08;

    /** A heading (radians) by which a line turns at a seam. */
    private static final double TURN = 1e-6;

    private final Lattice lattice;
    private final Path tile;
    private final List<Strand> strands;
    private final List<SeamMark> marks = new ArrayList<>();

    private Seams(Lattice lattice, Path tile, List<Strand> strands) {
        this.lattice = lattice;
        this.tile = tile;
        this.strands = strands;
    }

    /** Whether what is drawn is so much larger than a tile that no seams are told. */
    public static boolean isTooLarge(Work work) {
        return work.cloth().isPresent()
                && Cloth.isTooMuch(
                        work.drawn(), work.cloth().get().tile(work.drawn()).box());
    }

    /** All marks of the work of a cloth; none where it is of none, or too large for its tiles. */
    public static List<SeamMark> of(Work work) {
        if (work.cloth().isEmpty() || isTooLarge(work)) {
            return List.of();
        }
        Cloth cloth = work.cloth().get();
        Lattice lattice = cloth.lattice();
        List<Strand> strands = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            for (Strand strand : laying.weave().strands()) {
                Path path = laying.placed().equals(Affine.IDENTITY)
                        ? strand.path()
                        : strand.path().map(laying.placed());
                strands.add(new Strand(strand.name(), strand.key(), path, strand.band(), strand.onward()));
            }
        }
        BandStyle bare = BandStyle.even(0, Ends.BUTT);
        List<Strand> lines = work.lines().stream()
                .map(l -> new Strand("", l.key(), l.path(), l.band().orElse(bare)))
                .toList();
        strands.addAll(Joining.of(lines, lattice).stream()
                .map(s -> new Strand("", s.key(), s.path(), s.band(), s.onward()))
                .toList());
        Seams seams = new Seams(lattice, cloth.tile(work.drawn()), strands);
        seams.crossings();
        seams.ends();
        return seams.marks;
    }

    /** Where strands cross the border of the tile. */
    private void crossings() {
        Box border = tile.box();
        List<Path> paths = new ArrayList<>(List.of(tile));
        List<Strand> of = new ArrayList<>();
        for (Strand strand : strands) {
            for (Lattice.Steps steps : lattice.reaching(strand.path().box(), border)) {
                Watch.ask();
                paths.add(steps.isNone() ? strand.path() : strand.path().map(Affine.shift(lattice.shift(steps))));
                of.add(strand);
                if (paths.size() > 4 * MOST) {
                    return;
                }
            }
        }
        for (PathMeeting meeting : PathMeetings.withFirst(paths)) {
            if (marks.size() >= MOST) {
                break;
            }
            Strand strand = of.get(meeting.second() - 1);
            Path path = paths.get(meeting.second());
            double at = meeting.secondPosition();
            boolean atEnd = !path.closed() && (at <= 0 || at >= path.size());
            boolean crosses = meeting.kind() == PathMeeting.Kind.CROSSING || atEnd && strand.isRound();
            if (crosses && marks.stream().noneMatch(m -> m.place().distance(meeting.place()) < 1e-6)) {
                Point heading = path.tangent(at);
                double turn = Math.abs(arrival(strand, at)
                        .cross(strand.path().tangent(at % strand.path().size())));
                // Closed lines have what corners they have; one that goes on was meant to go straight on.
                SeamMark.Kind kind =
                        turn > TURN && strand.onward().isPresent() ? SeamMark.Kind.TURNED : SeamMark.Kind.MET;
                marks.add(new SeamMark(kind, meeting.place(), heading, meeting.place(), strand.name()));
            }
        }
    }

    /** The heading with which a strand comes to a position, over its laps. */
    private static Point arrival(Strand strand, double at) {
        Path path = strand.path();
        boolean start = at <= 0 || at >= path.size();
        return start && strand.isRound() ? path.arrival(path.size()) : path.arrival(at);
    }

    private record End(Strand strand, Point place, Point heading) {}

    /** Ends of strands that ought to go on in what ends nearby, or lie on a seam. */
    private void ends() {
        List<End> ends = new ArrayList<>();
        for (Strand strand : strands) {
            if (!strand.isRound()) {
                Path path = strand.path();
                ends.add(new End(strand, path.start(), path.tangent(0).times(-1)));
                ends.add(new End(strand, path.end(), path.arrival(path.size())));
            }
        }
        double near = NEAR
                * Math.min(
                        lattice.across().length(),
                        lattice.down()
                                .map(Point::length)
                                .orElse(lattice.across().length()));
        for (End end : ends) {
            Watch.ask();
            if (marks.size() >= MOST) {
                return;
            }
            Optional<End> partner = ends.stream()
                    .filter(other -> other != end && lattice.apart(end.place(), other.place()) <= near)
                    .min((a, b) -> Double.compare(
                            lattice.apart(end.place(), a.place()), lattice.apart(end.place(), b.place())));
            if (partner.isPresent() && isTold(partner.get())) {
                continue;
            }
            if (partner.isPresent()) {
                Point there = nearest(partner.get().place(), end.place());
                boolean here = there.distance(end.place()) <= Joining.MEETING;
                SeamMark.Kind kind = here ? SeamMark.Kind.UNLIKE : SeamMark.Kind.OUT;
                marks.add(new SeamMark(
                        kind, end.place(), end.heading(), there, end.strand().name()));
            } else if (isOnSeam(end.place())) {
                marks.add(new SeamMark(
                        SeamMark.Kind.UNANSWERED,
                        end.place(),
                        end.heading(),
                        end.place(),
                        end.strand().name()));
            }
        }
    }

    /** Whether an end is one side of a mark already. */
    private boolean isTold(End end) {
        return marks.stream()
                .anyMatch(m -> (m.kind() == SeamMark.Kind.OUT || m.kind() == SeamMark.Kind.UNLIKE)
                        && lattice.apart(m.place(), end.place()) <= Joining.MEETING
                        && m.heading().distance(end.heading()) < 1e-9);
    }

    /** A place, or that which is the same and lies nearest to another. */
    private Point nearest(Point place, Point to) {
        Point parts = lattice.parts(to.minus(place));
        double down = lattice.down().isEmpty() ? 0 : Math.rint(parts.y());
        return place.plus(lattice.at(Math.rint(parts.x()), down));
    }

    /** Whether a place lies on the border of any tile: rows of them run level, or columns upright. */
    private boolean isOnSeam(Point place) {
        Box box = tile.box();
        double x = (place.x() - box.left()) / box.width();
        double y = (place.y() - box.top()) / box.height();
        Point across = lattice.at(1, 0);
        Point down = lattice.at(0, 1);
        if (lattice.down().isEmpty()) {
            return isWhole(x);
        }
        boolean level = Math.abs(across.y()) < 1e-9 * across.length();
        return level
                ? isWhole(y) || isWhole(x - Math.floor(y) * down.x() / box.width())
                : isWhole(x) || isWhole(y - Math.floor(x) * across.y() / box.height());
    }

    private static boolean isWhole(double number) {
        return Math.abs(number - Math.rint(number)) < 1e-6;
    }
}
