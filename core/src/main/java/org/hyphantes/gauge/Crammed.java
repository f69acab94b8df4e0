package org.hyphantes.gauge;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntPredicate;
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

/** The mend of a place that is too crowded for its bands: a width or a distance that has been tried and leaves nothing amiss there, or none. */
final class Crammed {
    /** Of a design with more crossings no figures are moved to see what comes of it. */
    private static final int MOST_CROSSINGS = 200;

    /** Of a design that is crowded at more places no single width or distance is looked for. */
    private static final int MOST_CROWDED = 8;

    private static final double[] PARTED = {0.5, 1, 2, 4, 8};

    private Crammed() {}

    static Optional<Mend> mend(Design design, Laying laying, Weave.Trouble trouble, Watch watch) {
        long crowded = laying.weave().troubles().stream()
                .filter(t -> t.kind() == Weave.Trouble.Kind.CROWDED || t.kind() == Weave.Trouble.Kind.NO_ROOM)
                .count();
        boolean cubics = laying.weave().strands().stream()
                .flatMap(s -> s.path().curves().stream())
                .anyMatch(Cubic.class::isInstance);
        // Where very much is crowded, or cubics are, each trial takes so long that all gauges would wait for it.
        return cubics || crowded > MOST_CROWDED
                ? Optional.empty()
                : Watch.over(
                        watch, () -> narrow(design, laying, trouble).or(() -> part(design, laying, trouble, watch)));
    }

    private static Optional<Mend> narrow(Design design, Laying laying, Weave.Trouble trouble) {
        List<Strand> strands = laying.weave().strands();
        Strand strand = strands.get(trouble.strand());
        Optional<Step> step = Mends.bandStep(design, laying, strand.key());
        if (step.isEmpty() || !strand.band().widths().isEven()) {
            return Optional.empty();
        }
        IntPredicate alike = s -> strands.get(s).band().widths().isEven()
                && Mends.bandStep(design, laying, strands.get(s).key())
                        .filter(other -> other.id().equals(step.get().id()))
                        .isPresent();
        OptionalDouble width = Narrowing.width(laying.weave(), trouble, alike, Mends::cutDown);
        return width.isEmpty() ? Optional.empty() : Mends.width(design, laying, strand, width.getAsDouble(), "Narrow");
    }

    /** Moves or resizes a figure, by the least of some distances that leaves fewer crowded places and nothing else amiss. */
    private static Optional<Mend> part(Design design, Laying laying, Weave.Trouble trouble, Watch watch) {
        String id = laying.weave().strands().get(trouble.strand()).key().figure();
        Optional<Figure> figure = Mends.seated(design, laying, id);
        if (figure.isEmpty() || laying.weave().crossings().size() > MOST_CROSSINGS) {
            return Optional.empty();
        }
        int now = troubles(design, watch).size();
        Point place = laying.placed().of(trouble.place());
        double near = 2
                * laying.weave().strands().stream()
                        .mapToDouble(Strand::width)
                        .max()
                        .orElse(1);
        for (double by : PARTED) {
            int tried = 0;
            for (Design moved : Mends.moved(design, laying, id, by)) {
                List<Point> left = troubles(moved, watch);
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

    private static List<Point> troubles(Design design, Watch watch) {
        Artwork artwork = new Resolver().resolve(design, watch);
        return artwork.work().weaves().stream()
                .flatMap(l -> l.weave().troubles().stream().map(t -> l.placed().of(t.place())))
                .toList();
    }
}
