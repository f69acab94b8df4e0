package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.paint.ByHand;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Fill;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.weave.Break;
import org.hyphantes.weave.Joining;
import org.hyphantes.weave.Loops;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Rhythm;
import org.hyphantes.weave.Shading;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandFill;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/**
 * Weaves all bands in one rhythm along every strand, with a clearance at each under-pass, save for the crossings pinned and broken
 * by hand. Lines without a band are left as they are, and so is work that crosses more often than {@link Projection#MOST_MEETINGS}.
 */
public record Interlace(
        String figures,
        Rhythm rhythm,
        Beginning beginning,
        String strand,
        Amount clearance,
        Shading shading,
        Loops loops,
        Reach reach,
        List<Pin> pins,
        List<Break> breaks,
        List<StrandFill> fills)
        implements Treatment {
    public static final Interlace STARTING = new Interlace(
            Surroundings.EVERY_FIGURE,
            Rhythm.ALTERNATELY,
            Beginning.OVER,
            "A",
            Amount.of(0.6),
            Shading.NONE,
            Loops.KEPT,
            Reach.EVERY_TURN,
            List.of(),
            List.of(),
            List.of());

    private static final Schema<Interlace> SCHEMA = new Schema<>(
                    Interlace.class,
                    "interlace",
                    "Interlace {figures} {rhythm}, beginning {beginning} at strand {strand}, clearance {clearance}, shading {shading}, idle loops"
                            + " {loops}; acts reach {reach}.",
                    List.of(
                            Setting.of(Interlace.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Interlace.class, "rhythm"),
                            Setting.of(Interlace.class, "beginning"),
                            Setting.of(Interlace.class, "strand", new Kind.Strand()),
                            Setting.of(Interlace.class, "clearance", new Kind.Length(0, 1e4)),
                            Setting.of(Interlace.class, "shading"),
                            Setting.of(Interlace.class, "loops"),
                            Setting.of(Interlace.class, "reach")),
                    List.of(CrossingEntries.PINS, CrossingEntries.BREAKS, CrossingEntries.FILLS))
            .because(
                    "Over and under in turn makes one fabric of crossing bands, and can always be kept for closed strands.");

    public Interlace {
        pins = List.copyOf(pins);
        breaks = List.copyOf(breaks);
        fills = List.copyOf(fills);
    }

    @Override
    public Schema<Interlace> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.WEAVE;
    }

    public Interlace withPins(List<Pin> changed) {
        return new Interlace(
                figures, rhythm, beginning, strand, clearance, shading, loops, reach, changed, breaks, fills);
    }

    public Interlace withBreaks(List<Break> changed) {
        return new Interlace(
                figures, rhythm, beginning, strand, clearance, shading, loops, reach, pins, changed, fills);
    }

    public Interlace withFills(List<StrandFill> changed) {
        return new Interlace(
                figures, rhythm, beginning, strand, clearance, shading, loops, reach, pins, breaks, changed);
    }

    public Interlace withRhythm(Rhythm other) {
        return new Interlace(figures, other, beginning, strand, clearance, shading, loops, reach, pins, breaks, fills);
    }

    public Interlace withClearance(double millimetres) {
        return new Interlace(
                figures, rhythm, beginning, strand, Amount.of(millimetres), shading, loops, reach, pins, breaks, fills);
    }

    public Interlace beginning(Beginning way, String at) {
        return new Interlace(figures, rhythm, way, at, clearance, shading, loops, reach, pins, breaks, fills);
    }

    public Interlace shaded(Shading other) {
        return new Interlace(figures, rhythm, beginning, strand, clearance, other, loops, reach, pins, breaks, fills);
    }

    public Interlace withLoops(Loops other) {
        return new Interlace(figures, rhythm, beginning, strand, clearance, shading, other, reach, pins, breaks, fills);
    }

    public Interlace withReach(Reach other) {
        return new Interlace(figures, rhythm, beginning, strand, clearance, shading, loops, other, pins, breaks, fills);
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        List<Strand> strands = new ArrayList<>();
        Map<StrandKey, Optional<Fill>> colours = new HashMap<>();
        List<Laid> rest = new ArrayList<>();
        for (Laid laid : work.lines()) {
            if (laid.band().isPresent()) {
                colours.put(laid.key(), laid.colour());
                String letter = Strand.letter(strands.size());
                strands.add(
                        new Strand(letter, laid.key(), laid.path(), laid.band().get()));
            }
            if (laid.band().isEmpty() || laid.filled().isPresent()) {
                rest.add(laid.bare());
            }
        }
        if (strands.isEmpty()) {
            return work;
        }
        Weave.Order order = new Weave.Order(
                rhythm,
                Strand.index(strand),
                beginning == Beginning.OVER,
                clearance.value(),
                loops,
                shading != Shading.NONE,
                surroundings.rough(),
                pins,
                breaks);
        Optional<Lattice> lattice = work.cloth().map(Cloth::lattice);
        List<Strand> whole = lattice.map(
                        l -> Joining.of(strands, l, (a, b) -> colours.get(a).equals(colours.get(b))))
                .orElse(strands);
        Optional<Weave> woven = Weave.of(whole, order, work.symmetry(), lattice, surroundings.watch());
        if (woven.isEmpty()) {
            return work;
        }
        List<Optional<Fill>> inOrder = woven.get().strands().stream()
                .map(s -> byHand(s.key(), surroundings.colourway()).or(() -> colour(s.key(), colours)))
                .toList();
        List<Laying> weaves = new ArrayList<>(work.weaves());
        weaves.add(
                new Laying(woven.get(), surroundings.group(), surroundings.step(), Affine.IDENTITY, inOrder, shading));
        return new Work(rest, weaves, work.mosaics(), work.symmetry());
    }

    /** The last fill by hand that reaches a strand. */
    private Optional<Fill> byHand(StrandKey key, Colourway colourway) {
        return StrandFill.of(key, fills).map(f -> ByHand.of(f.well(), colourway));
    }

    /** The colour of a strand, or of the one that it was before it was broken. */
    private static Optional<Fill> colour(StrandKey key, Map<StrandKey, Optional<Fill>> colours) {
        Optional<Fill> own = colours.get(key);
        return own != null || key.parts().isEmpty()
                ? own == null ? Optional.empty() : own
                : colours.getOrDefault(key.whole(), Optional.empty());
    }

    @Override
    public String brief(Work done, Unit unit) {
        int crossings = done.woven().stream()
                .mapToInt(l -> l.weave().crossings().size())
                .sum();
        return Numerals.counted(crossings, "crossing");
    }
}
