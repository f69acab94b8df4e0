package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.Beside;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.measure.Bends;
import org.hyphantes.geometry.measure.Narrow;
import org.hyphantes.geometry.measure.Narrows;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Cover;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** What three gauges measure on the bands of a weave: how even they are, where the ground is narrowest, and whether they touch. */
final class Bandwork {
    /** Within this share above its limit a width is chipped, not broken. */
    static final double NEARLY = 1.25;

    static final int MOST_ALIKE = 12;

    private final Design design;
    private final Laying laying;
    private final Weave weave;
    private final List<Snag> snags = new ArrayList<>();
    private List<Strand> near = List.of();
    private double narrowest = Double.POSITIVE_INFINITY;
    private double deepest;
    private int touching;

    private Bandwork(Design design, Laying laying) {
        this.design = design;
        this.laying = laying;
        this.weave = laying.weave();
    }

    /** What was measured: the narrowest ground or band (mm), the deepest overlap (mm), the places of touch, and the snags. */
    record Measured(double narrowest, double deepest, int touching, List<Snag> snags) {}

    /** @param beside looks meanwhile whether the bands are all there */
    static Measured of(Design design, Laying laying, Watch watch, Executor beside) {
        Bandwork work = new Bandwork(design, laying);
        int strands = laying.weave().strands().size();
        try (Beside<List<Cover.Fault>> first = work.cover(beside, 0, strands / 2);
                Beside<List<Cover.Fault>> second = work.cover(beside, strands / 2, strands)) {
            work.bends();
            work.ends();
            work.widths();
            work.gaps(watch);
            // The second is done here, if the other thread has come to the first alone.
            List<Cover.Fault> later = second.get();
            work.cover(Stream.concat(first.get().stream(), later.stream()).toList());
        }
        return new Measured(work.narrowest, work.deepest, work.touching, work.snags);
    }

    private void snag(String gauge, State state, Point place, String words, Optional<Mend> mend) {
        snags.add(Snag.of(gauge, state, place == null ? null : laying.placed().of(place), words)
                .mended(mend));
    }

    private String length(double millimetres) {
        return Numerals.length(millimetres, design.unit());
    }

    /** Bends so tight that the inner edge of the band has no room. */
    private void bends() {
        Map<String, Bends.Bend> tightest = new LinkedHashMap<>();
        Map<String, Integer> places = new LinkedHashMap<>();
        Map<String, Strand> of = new LinkedHashMap<>();
        for (Strand strand : weave.strands()) {
            for (Bends.Bend bend : Bends.tighter(strand.path(), strand.width() / 2)) {
                if (bend.radius() >= strand.width(bend.position()) / 2) {
                    continue;
                }
                String family = strand.key().figure();
                places.merge(family, 1, Integer::sum);
                if (!tightest.containsKey(family)
                        || bend.radius() < tightest.get(family).radius() * (1 - 1e-6)) {
                    tightest.put(family, bend);
                    of.put(family, strand);
                }
            }
        }
        tightest.forEach((family, bend) -> {
            Strand strand = of.get(family);
            double width = strand.width(bend.position());
            String at = places.get(family) == 1
                    ? " on this bend."
                    : " on this bend, and so at " + places.get(family) + " places.";
            snag(
                    EvennessGauge.WORD,
                    State.CHIPPED,
                    bend.place(),
                    "Band " + strand.name() + " pinches to " + length(width / 2 + bend.radius()) + " of "
                            + length(width) + at,
                    Mends.width(design, laying, strand, Mends.cutDown(2 * bend.radius()), "Narrow"));
        });
    }

    /** Bands of different widths whose ends meet. */
    private void ends() {
        List<Strand> open = weave.strands().stream().filter(s -> !s.isRound()).toList();
        double slack = 100 * weave.projection().tolerance().distance();
        for (int i = 0; i < open.size(); i++) {
            Watch.ask();
            for (int j = i + 1; j < open.size() && open.size() < 2000; j++) {
                for (boolean a : new boolean[] {false, true}) {
                    for (boolean b : new boolean[] {false, true}) {
                        meeting(open.get(i), a, open.get(j), b, slack);
                    }
                }
            }
        }
    }

    private void meeting(Strand a, boolean aEnd, Strand b, boolean bEnd, double slack) {
        Point p = aEnd ? a.path().end() : a.path().start();
        Point q = bEnd ? b.path().end() : b.path().start();
        double one = a.width(aEnd ? a.path().size() : 0);
        double other = b.width(bEnd ? b.path().size() : 0);
        if (p.distance(q) <= slack && Math.abs(one - other) > 1e-6 * one) {
            Strand narrower = one < other ? a : b;
            snag(
                    EvennessGauge.WORD,
                    State.CHIPPED,
                    p,
                    "Two bands meet here at " + length(one) + " and " + length(other) + ".",
                    Mends.width(design, laying, narrower, Math.max(one, other), "Widen"));
        }
    }

    /** Bands narrower than the material bears. */
    private void widths() {
        double limit = design.making().narrowest().value();
        for (Strand strand : weave.strands()) {
            // A taper is meant to run out.
            if (strand.band().widths().isEven()) {
                narrowest = Math.min(narrowest, strand.width());
            }
        }
        weave.strands().stream()
                .filter(s -> s.band().widths().isEven() && s.width() < NEARLY * limit)
                .findFirst()
                .ifPresent(s -> snag(
                        NarrowestGauge.WORD,
                        s.width() < limit ? State.BROKEN : State.CHIPPED,
                        weave.clearest(weave.strands().indexOf(s)),
                        "Band is " + length(s.width()) + " wide, limit " + length(limit) + ".",
                        Mends.width(design, laying, s, Math.ceil(NEARLY * limit * 10) / 10, "Widen")));
    }

    private Beside<List<Cover.Fault>> cover(Executor beside, int from, int to) {
        return Beside.begin(beside, () -> Cover.faults(weave, from, to));
    }

    /** Places where what is drawn is not what the bands should be. */
    private void cover(List<Cover.Fault> faults) {
        Map<Cover.Kind, List<Cover.Fault>> kinds = faults.stream().collect(Collectors.groupingBy(Cover.Fault::kind));
        kinds.forEach((kind, alike) -> {
            Cover.Fault first = alike.get(0);
            String band = "Band " + weave.strands().get(first.strand()).name();
            String more = alike.size() == 1 ? "" : " (and so at " + (alike.size() - 1) + " more places)";
            String what = kind == Cover.Kind.BARE ? " is missing here" : " is broader here than it should be";
            snag(
                    EvennessGauge.WORD,
                    State.BROKEN,
                    first.place(),
                    band + what + more + ": move one of its figures a little.",
                    Optional.empty());
        });
    }

    /** Places where bands come near one another beside their crossings. */
    private void gaps(Watch watch) {
        double limit = design.making().narrowest().value();
        double widest =
                weave.strands().stream().mapToDouble(Strand::width).max().orElse(0);
        double far = widest + NEARLY * limit + 4 * widest;
        near = weave.about(far);
        List<Path> paths = near.stream().map(Strand::path).toList();
        List<Narrow> all = Narrows.of(paths, far, watch);
        Set<String> told = new HashSet<>();
        Map<String, List<Found>> families = new LinkedHashMap<>();
        for (Narrow narrow : all) {
            watch.step();
            if (isTold(narrow, told)) {
                continue;
            }
            Strand a = near.get(narrow.first());
            Strand b = near.get(narrow.second());
            double gap =
                    narrow.gap().distance() - (a.width(narrow.firstPosition()) + b.width(narrow.secondPosition())) / 2;
            if (gap < narrowest && isGround(narrow, paths)) {
                narrowest = Math.min(narrowest, Math.max(gap, 0));
                touching += gap <= 1e-6 ? 1 : 0;
                deepest = Math.max(deepest, -gap);
            } else if (gap <= 1e-6 && isGround(narrow, paths)) {
                touching++;
                deepest = Math.max(deepest, -gap);
            }
            if (gap < NEARLY * limit && isGround(narrow, paths)) {
                String family = a.key().figure() + " " + b.key().figure() + " " + Math.rint(gap * 1e4);
                families.computeIfAbsent(family, k -> new ArrayList<>()).add(new Found(narrow, gap));
            }
        }
        families.values().stream().limit(MOST_ALIKE).forEach(f -> gap(f, limit));
        List<Point> narrows = families.values().stream()
                .flatMap(List::stream)
                .map(f -> f.narrow().gap().middle())
                .toList();
        Groundwork.Measured grounds = Groundwork.of(design, laying, narrowest, narrows, watch);
        narrowest = grounds.narrowest();
        touching += grounds.touching();
        snags.addAll(grounds.snags());
    }

    /** Whether a narrow place lies in other tiles alone, or was told of another tile. */
    private boolean isTold(Narrow narrow, Set<String> told) {
        if (weave.projection().lattice().isEmpty()) {
            return false;
        }
        int own = weave.strands().size();
        Point home = weave.projection().lattice().get().home(narrow.gap().middle());
        return narrow.first() >= own && narrow.second() >= own
                || isCutOff(narrow.first(), narrow.firstPosition())
                || isCutOff(narrow.second(), narrow.secondPosition())
                || !told.add(Math.rint(home.x() * 1e4) + " " + Math.rint(home.y() * 1e4));
    }

    /** Whether a strand only ends at a position because no more of it was looked at. */
    private boolean isCutOff(int strand, double position) {
        Path path = near.get(strand).path();
        boolean ends =
                strand < weave.strands().size() && !weave.strands().get(strand).isRound();
        return !path.closed() && !ends && (position <= 1e-9 || position >= path.size() - 1e-9);
    }

    private record Found(Narrow narrow, double gap) {}

    private void gap(List<Found> family, double limit) {
        Found first = family.get(0);
        Strand a = near.get(first.narrow().first());
        Strand b = near.get(first.narrow().second());
        double apart = first.narrow().gap().distance();
        double narrower = Math.min(a.width(), b.width());
        double wanted = apart - (first.gap() < limit ? limit : NEARLY * limit);
        double room = a.width() == b.width() ? wanted : 2 * wanted - narrower;
        Strand wider = a.width() >= b.width() ? a : b;
        Optional<Mend> mend =
                room > 0 ? Mends.width(design, laying, wider, Mends.cutDown(room), "Narrow") : Optional.empty();
        Point place = first.narrow().gap().middle();
        int n = family.size();
        if (first.gap() <= 1e-6) {
            boolean self = first.narrow().first() == first.narrow().second();
            String who = self ? a.name() + " overlaps itself" : a.name() + " and " + b.name() + " overlap";
            String words = first.gap() < -1e-6
                    ? who + " by " + length(-first.gap())
                    : self ? a.name() + " touches itself" : a.name() + " and " + b.name() + " touch";
            snag(TouchingGauge.WORD, State.BROKEN, place, words + (n > 1 ? ", at " + n + " places." : "."), mend);
        } else {
            State state = first.gap() < limit ? State.BROKEN : State.CHIPPED;
            snag(NarrowestGauge.WORD, state, place, Groundwork.words(design, first.gap(), n), mend);
        }
    }

    /** Whether no other band lies between two that come near each other. */
    private boolean isGround(Narrow narrow, List<Path> paths) {
        Watch.ask();
        Point middle = narrow.gap().middle();
        for (int s = 0; s < paths.size(); s++) {
            if (s != narrow.first()
                    && s != narrow.second()
                    && paths.get(s).box().grown(near.get(s).width()).contains(middle)) {
                double away = paths.get(s).at(paths.get(s).nearest(middle)).distance(middle);
                if (away < near.get(s).width() / 2) {
                    return false;
                }
            }
        }
        return true;
    }
}
