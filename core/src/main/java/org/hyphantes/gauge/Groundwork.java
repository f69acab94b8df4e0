package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.GroundWidths;
import org.hyphantes.weave.GroundWidths.Ground;
import org.hyphantes.weave.Strand;

/** Grounds that are narrow even where they are widest, and those that bands which touch have closed. */
final class Groundwork {
    /** By so much (mm) a width may be measured too small; as wide as the limit is wide enough. */
    private static final double SLACK = 1e-4;

    private final Design design;
    private final Laying laying;
    private final double limit;

    private Groundwork(Design design, Laying laying) {
        this.design = design;
        this.laying = laying;
        this.limit = design.making().narrowest().value();
    }

    /** The narrowest ground (mm), or what is narrower; the grounds that are closed at a touch; and the snags. */
    record Measured(double narrowest, int touching, List<Snag> snags) {}

    /**
     * Measures the enclosed grounds of a weave.
     *
     * @param narrowest what else is known to be the narrowest (mm)
     * @param told narrow places of which there are snags already: the grounds that they lie in have none of their own
     */
    static Measured of(Design design, Laying laying, double narrowest, List<Point> told, Watch watch) {
        Groundwork work = new Groundwork(design, laying);
        GroundWidths.Found found =
                GroundWidths.of(laying.weave(), Bandwork.NEARLY * work.limit - SLACK, narrowest, watch);
        List<Ground> left = found.narrow().stream()
                .filter(g -> told.stream().noneMatch(p -> isIn(p, g.within())))
                .toList();
        Map<String, List<Ground>> families = left.stream()
                .collect(Collectors.groupingBy(Groundwork::family, LinkedHashMap::new, Collectors.toList()));
        List<Snag> snags = new ArrayList<>();
        families.values().stream().limit(Bandwork.MOST_ALIKE).forEach(f -> snags.add(work.snag(f)));
        int touching = (int) left.stream().filter(g -> g.across() == 0).count();
        return new Measured(found.least(), touching, snags);
    }

    private static boolean isIn(Point p, Region region) {
        return region.outline().box().contains(p) && region.contains(p);
    }

    /** What is told of a ground that is narrow here and at other places, so many in all. */
    static String words(Design design, double across, int count) {
        return "Ground is " + Numerals.length(across, design.unit()) + " here"
                + (count > 1 ? " and at " + (count - 1) + (count == 2 ? " more place" : " more places") : "")
                + ", limit "
                + Numerals.length(design.making().narrowest().value(), design.unit()) + ".";
    }

    private static String family(Ground ground) {
        return ground.beside().stream().map(s -> s.key().figure()).sorted().toList() + " "
                + Math.rint(ground.across() * 1e4);
    }

    private Snag snag(List<Ground> family) {
        Ground first = family.get(0);
        int count = family.size();
        boolean closed = first.across() == 0;
        State state = first.across() < limit - SLACK ? State.BROKEN : State.CHIPPED;
        String words = closed ? touch(first, count) : words(design, first.across(), count);
        return Snag.of(
                        closed ? TouchingGauge.WORD : NarrowestGauge.WORD,
                        state,
                        laying.placed().of(first.middle()),
                        words)
                .mended(mend(first));
    }

    /** Of a cloth a band may touch its own images, which bear its name. */
    private static String touch(Ground ground, int count) {
        List<String> names =
                ground.beside().stream().map(Strand::name).distinct().toList();
        String who = switch (names.size()) {
            case 0 -> "Bands touch";
            case 1 -> names.get(0) + " touches itself";
            default -> String.join(" and ", names) + " touch";
        };
        return who + " between crossings" + (count > 1 ? ", at " + count + " places." : ".");
    }

    /** Bands of one width give way together; where there are others, the wider of two alone gives way. */
    private Optional<Mend> mend(Ground ground) {
        if (ground.beside().isEmpty()) {
            return Optional.empty();
        }
        Strand wider = ground.beside().get(0);
        double lacks = Bandwork.NEARLY * limit - ground.across();
        boolean one = laying.weave().strands().stream().allMatch(s -> s.width() == wider.width());
        double room = wider.width() - (one ? lacks : 2 * lacks);
        return room > 0 ? Mends.width(design, laying, wider, Mends.cutDown(room), "Narrow") : Optional.empty();
    }
}
