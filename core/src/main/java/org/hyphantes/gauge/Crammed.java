package org.hyphantes.gauge;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Narrowing;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** The mends of the places of a weave that are too crowded for its bands: a width or a distance that has been tried and leaves nothing amiss there, or none. */
final class Crammed {
    /** Of a weave that is crowded at more places no width is looked for: each trial takes long, and all gauges wait for it. */
    private static final int MOST_CROWDED = 8;

    /** With more places than this no figure is moved to see what comes of it, nor with more crossings. */
    private static final int MOST_PARTED = 2;

    private static final int MOST_CROSSINGS = 200;

    private static final double[] PARTED = {0.5, 1, 2, 4, 8};

    private final Design design;
    private final Laying laying;
    private final Watch watch;
    private final List<Weave.Trouble> crowded;
    private final boolean quick;

    /** The widths found, by the step that gives them: one does for all places that its bands crowd. */
    private final Map<String, OptionalDouble> widths = new HashMap<>();

    Crammed(Design design, Laying laying, Watch watch) {
        this.design = design;
        this.laying = laying;
        this.watch = watch;
        this.crowded = laying.weave().troubles().stream()
                .filter(t -> t.kind() == Weave.Trouble.Kind.CROWDED || t.kind() == Weave.Trouble.Kind.NO_ROOM)
                .toList();
        this.quick = laying.weave().strands().stream()
                .allMatch(s ->
                        s.band().widths().isEven() && s.path().curves().stream().noneMatch(Cubic.class::isInstance));
    }

    Optional<Mend> mend(Weave.Trouble trouble) {
        return quick && crowded.size() <= MOST_CROWDED
                ? Watch.over(watch, () -> narrow(trouble).or(() -> part(trouble)))
                : Optional.empty();
    }

    private Optional<String> step(int strand) {
        return Mends.bandStep(
                        design, laying, laying.weave().strands().get(strand).key())
                .map(Step::id);
    }

    private Optional<Mend> narrow(Weave.Trouble trouble) {
        Optional<String> step = step(trouble.strand());
        if (step.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble width = widths.computeIfAbsent(step.get(), id -> {
            List<Weave.Trouble> own =
                    crowded.stream().filter(t -> step(t.strand()).equals(step)).toList();
            return Narrowing.width(laying.weave(), own, s -> step(s).equals(step), Mends::cutDown);
        });
        Strand strand = laying.weave().strands().get(trouble.strand());
        return width.isEmpty() ? Optional.empty() : Mends.width(design, laying, strand, width.getAsDouble(), "Narrow");
    }

    /** Moves or resizes a figure, by the least of some distances that leaves fewer crowded places and nothing else amiss. */
    private Optional<Mend> part(Weave.Trouble trouble) {
        String id = laying.weave().strands().get(trouble.strand()).key().figure();
        Optional<Figure> figure = Mends.seated(design, laying, id);
        if (figure.isEmpty()
                || crowded.size() > MOST_PARTED
                || laying.weave().crossings().size() > MOST_CROSSINGS) {
            return Optional.empty();
        }
        int now = troubles(design).size();
        Point place = laying.placed().of(trouble.place());
        double near = 2
                * laying.weave().strands().stream()
                        .mapToDouble(Strand::width)
                        .max()
                        .orElse(1);
        for (double by : PARTED) {
            int tried = 0;
            for (Design moved : Mends.moved(design, laying, id, by)) {
                List<Point> left = troubles(moved);
                if (left.size() < now && left.stream().noneMatch(p -> p.distance(place) <= near)) {
                    String length = Numerals.length(by, design.unit());
                    int which = tried;
                    return Optional.of(new Mend(
                            "Part them by " + length,
                            figure.get().name() + " changed by " + length + ".",
                            (d, w) -> Mends.moved(d, laying, id, by).get(which)));
                }
                tried++;
            }
        }
        return Optional.empty();
    }

    private List<Point> troubles(Design of) {
        Artwork artwork = new Resolver().resolve(of, watch);
        return artwork.work().woven().stream()
                .flatMap(l -> l.weave().troubles().stream().map(t -> l.placed().of(t.place())))
                .toList();
    }
}
