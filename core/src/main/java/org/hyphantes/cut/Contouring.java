package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.hatch.Hatching;
import org.hyphantes.geometry.measure.Narrow;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.OffsetCurves;
import org.hyphantes.geometry.plane.Subdivision;
import org.hyphantes.scene.Origin;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.StrandKey;

/** The contours of a part at the size in which it goes out, pass after pass, and what is amiss with them. */
final class Contouring {
    /** Engraving lays so many lines at most. */
    private static final double MOST_LINES = 200_000;

    private static final Origin NONE = Origin.of(new StrandKey("", List.of()));

    private final Job job;
    private final double scale;
    private final double limit;
    private final Affine sized;
    private final List<Flaw> flaws;
    private final Map<Sorted.Part, Integer> numbers = new IdentityHashMap<>();
    private List<Contour> contours = new ArrayList<>();
    private boolean sheets;

    /**
     * @param limit narrower (mm) than this no bridge of a sheet may be; 0 for no limit
     * @param flaws takes what is amiss
     */
    Contouring(Job job, double scale, double limit, List<Flaw> flaws) {
        this.job = job;
        this.scale = scale;
        this.limit = limit;
        this.sized = Affine.scale(scale, Point.ORIGIN);
        this.flaws = flaws;
    }

    List<Contour> of(List<Sorted.Taken> taken) {
        contours = new ArrayList<>();
        numbers.clear();
        sheets = false;
        for (int p = 0; p < taken.size(); p++) {
            pass(p, taken.get(p));
        }
        return contours;
    }

    /** Whether any pass of the scene that was gone through last cuts within a sheet, which stays in one. */
    boolean isSheet() {
        return sheets;
    }

    private void pass(int number, Sorted.Taken taken) {
        Pass pass = job.passes().get(number);
        if (pass.work() == Pass.Work.ENGRAVE) {
            engrave(number, pass, taken.engraved());
            return;
        }
        boolean cut = pass.work() == Pass.Work.CUT;
        List<Contour> found = new ArrayList<>();
        List<Path> borders = taken.edges().stream()
                .flatMap(e -> e.region().borders().stream())
                .toList();
        boolean whole = cut && !borders.isEmpty() && meetings(borders).isPresent();
        Optional<Sheet> sheet = whole ? Sheet.of(job.parts(), taken.edges()) : Optional.empty();
        if (sheet.isPresent()) {
            sheets = true;
            held(sheet.get()).forEach(r -> add(r, 0, NONE, "", number, found));
            sheet.get().edge().ifPresent(e -> found.removeIf(c -> isEdge(c.path(), e)));
        } else {
            List<Region> measured = new ArrayList<>();
            for (Sorted.Part part : taken.edges()) {
                Watch.ask();
                List<Region> regions = List.of(part.region());
                if (cut && !part.origin().isWoven() && part.origin().piece() < 0) {
                    // Of strands and pieces it is told where they are drawn how narrow they are.
                    regions = Bridges.widened(regions, job.bridge().value() / scale);
                    measured.addAll(regions);
                }
                for (Region region : regions) {
                    List<Region> made = cut ? madeUpFor(region, part.origin()) : List.of(region);
                    made.forEach(r -> add(r, number(part), part.origin(), part.letter(), number, found));
                }
            }
            narrow(measured);
        }
        Set<Path> edges = Collections.newSetFromMap(new IdentityHashMap<>());
        if (sheet.isEmpty()) {
            found.forEach(c -> edges.add(c.path()));
        }
        threaded(taken.lines(), number, found);
        if (job.least().value() > 0) {
            found.removeIf(c -> c.path().length() * scale < job.least().value());
        }
        stray(found);
        if (cut) {
            open(found);
        }
        for (List<Contour> together : job.laid() == Job.Laid.EACH_PART_BY_ITSELF ? byPart(found) : List.of(found)) {
            once(together, cut, number, edges);
            together.forEach(c -> contours.add(c.with(c.path().map(sized))));
        }
    }

    /** The same area has the same number in every pass. */
    private int number(Sorted.Part part) {
        return numbers.computeIfAbsent(part, p -> numbers.size() + 1);
    }

    private static List<List<Contour>> byPart(List<Contour> found) {
        Map<Integer, List<Contour>> parts = new LinkedHashMap<>();
        found.forEach(
                c -> parts.computeIfAbsent(c.part(), k -> new ArrayList<>()).add(c));
        return List.copyOf(parts.values());
    }

    private static void add(Region region, int part, Origin origin, String letter, int pass, List<Contour> to) {
        region.holes().forEach(h -> to.add(new Contour(h, pass, part, origin, letter)));
        to.add(new Contour(region.outline(), pass, part, origin, letter));
    }

    /** Whether a border is the edge of a sheet, which is not cut; nothing else reaches so far, and kerf moves it outwards. */
    private static boolean isEdge(Path border, Path edge) {
        return border.box().width() >= edge.box().width() * (1 - 1e-9)
                && border.box().height() >= edge.box().height() * (1 - 1e-9);
    }

    private List<Region> held(Sheet given) {
        List<Region> tied = Held.by((int) job.ties().value(), job.tie().value() / scale, given.regions());
        if (tied != given.regions()) {
            // Where a tie comes to a point of what it holds it is no narrower than elsewhere.
            double width = job.tie().value() / scale;
            tied = Bridges.widened(tied, width, Bridges.of(given.regions(), width));
        }
        List<Region> sheet = Bridges.widened(tied, job.bridge().value() / scale);
        List<Integer> loose = Held.loose(sheet);
        if (!loose.isEmpty()) {
            flaws.add(new Flaw(
                    Flaw.Kind.LOOSE,
                    0,
                    loose.stream().map(i -> sheet.get(i).centroid()).toList()));
        }
        narrow(sheet);
        List<Region> made = new ArrayList<>();
        sheet.forEach(r -> made.addAll(madeUpFor(r, NONE)));
        return made;
    }

    private void narrow(List<Region> regions) {
        List<Narrow> narrow = limit > 0 ? Bridges.of(regions, limit / scale) : List.of();
        if (!narrow.isEmpty()) {
            flaws.add(new Flaw(
                    Flaw.Kind.NARROW,
                    narrow.get(0).gap().distance() * scale,
                    narrow.stream().map(n -> n.gap().middle()).toList()));
        }
    }

    /** A part larger all round by half the kerf, so that it comes out as large as it is drawn. */
    private List<Region> madeUpFor(Region region, Origin origin) {
        double half = job.kerf().value() / scale / 2;
        if (half == 0) {
            return List.of(region);
        }
        try {
            return OffsetCurves.outset(region, half, Corners.ROUND);
        } catch (IllegalStateException e) {
            flaws.add(new Flaw(Flaw.Kind.UNRESOLVED, 0, List.of(region.centroid())));
            return List.of(region);
        }
    }

    private void engrave(int number, Pass pass, List<Sorted.Part> parts) {
        double spacing = pass.spacing().value() / scale;
        double lines = parts.stream()
                .mapToDouble(p -> Hatching.most(p.region().outline().box(), spacing))
                .sum();
        if (lines > MOST_LINES) {
            flaws.add(new Flaw(Flaw.Kind.UNRESOLVED, 0, List.of()));
            return;
        }
        boolean back = false;
        for (Sorted.Part part : parts) {
            for (var line : Hatching.of(part.region(), spacing, 90)) {
                Path path = Path.open(back ? line.reversed() : line).map(sized);
                contours.add(new Contour(path, number, number(part), part.origin(), part.letter()));
                back = !back;
            }
        }
    }

    /** Lines, end to end where they meet; lines of one origin first, so that what they are of is known. */
    private void threaded(List<Sorted.Run> lines, int number, List<Contour> found) {
        if (lines.isEmpty()) {
            return;
        }
        List<Path> paths = lines.stream().map(Sorted.Run::path).toList();
        List<Path> joined = Threading.joined(paths, job.closing().value() / scale);
        for (Path path : joined) {
            int own = paths.indexOf(path);
            Origin origin = own < 0 ? NONE : lines.get(own).origin();
            found.add(new Contour(
                    path, number, -1, origin, own < 0 ? "" : lines.get(own).letter()));
        }
    }

    private void stray(List<Contour> found) {
        List<Point> places = found.stream()
                .filter(c -> c.path().length() * scale < Flaws.STRAY)
                .map(c -> c.path().start())
                .toList();
        if (!places.isEmpty()) {
            flaws.add(new Flaw(Flaw.Kind.STRAY, Flaws.STRAY, places));
        }
    }

    private void open(List<Contour> found) {
        List<Contour> open = found.stream()
                .filter(c -> !c.path().closed() && c.path().length() * scale >= Flaws.STRAY)
                .toList();
        if (!open.isEmpty()) {
            double least = open.stream()
                    .mapToDouble(c -> Flaws.gap(c.path(), open) * scale)
                    .min()
                    .orElse(0);
            flaws.add(new Flaw(
                    Flaw.Kind.OPEN,
                    least,
                    open.stream().map(c -> c.path().end()).toList()));
        }
    }

    private static Optional<List<PathMeeting>> meetings(List<Path> paths) {
        Box box = Box.round(paths.stream().map(Path::box).toList());
        return PathMeetings.of(paths, Tolerance.of(box), Projection.MOST_MEETINGS, Watch.NONE);
    }

    /**
     * Tells areas that are cut into by one another, and lines that lie on one another, of which it leaves but one where each is to go out once.
     *
     * @param edges those that go round areas which are cut apart
     */
    private void once(List<Contour> found, boolean cut, int number, Set<Path> edges) {
        boolean each = job.lines() == Job.Lines.EACH_ONCE;
        if (found.isEmpty() || !cut && !each) {
            return;
        }
        List<Path> paths = found.stream().map(Contour::path).toList();
        Optional<List<PathMeeting>> meetings = meetings(paths);
        if (meetings.isEmpty()) {
            flaws.add(new Flaw(Flaw.Kind.CROWDED, Projection.MOST_MEETINGS, List.of()));
        }
        List<Point> into = meetings.stream()
                .flatMap(List::stream)
                .filter(m -> m.kind() == PathMeeting.Kind.CROSSING && m.first() != m.second())
                .filter(m -> edges.contains(paths.get(m.first())) && edges.contains(paths.get(m.second())))
                .map(PathMeeting::place)
                .toList();
        if (cut && job.kerf().value() > 0 && !into.isEmpty()) {
            flaws.add(new Flaw(Flaw.Kind.CUT_INTO, job.kerf().value(), into));
        }
        if (meetings.stream().flatMap(List::stream).noneMatch(m -> m.kind() == PathMeeting.Kind.OVERLAP)) {
            return;
        }
        try {
            Subdivision subdivision = Subdivision.of(paths);
            double[] doubled = new double[1];
            List<Point> places = new ArrayList<>();
            subdivision.stretches((curve, uses, from, to) -> {
                if (uses > 1) {
                    doubled[0] += curve.length() * (uses - 1) * scale;
                    places.add(curve.at(0.5));
                }
            });
            if (doubled[0] > Flaws.STRAY && each) {
                List<Path> single = Threading.once(subdivision);
                // Where parts lie apart all of these are of one.
                int part = found.get(0).part();
                found.clear();
                single.forEach(p -> found.add(new Contour(p, number, part, NONE, "")));
            } else if (doubled[0] > Flaws.STRAY) {
                flaws.add(new Flaw(Flaw.Kind.DOUBLED, doubled[0], places));
            }
        } catch (IllegalStateException e) {
            flaws.add(new Flaw(Flaw.Kind.UNRESOLVED, 0, List.of()));
        }
    }
}
