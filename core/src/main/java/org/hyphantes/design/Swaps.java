package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.CrossingIndex;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Rhythm;
import org.hyphantes.weave.Weave;

/** The edits of over and under by hand: swapping a crossing, laying a strand, and releasing what was set. */
public final class Swaps {
    private Swaps() {}

    /** Sets a crossing, and its siblings within reach, the other way; it is pinned so. */
    public static Edit swap(Laying laying, int meet, Reach reach) {
        Weave weave = laying.weave();
        int whole = weave.origins().whole(meet);
        if (whole < 0) {
            return new Edit("This crossing came of a break: rejoin that first to set it by hand.", d -> d);
        }
        CrossingIndex places = weave.places();
        Crossing crossing = weave.crossings().get(meet);
        int count = places.reached(whole, reach).size();
        String over = weave.strands().get(crossing.under()).name();
        String under = weave.strands().get(crossing.over()).name();
        String words = over + " now over " + under + (count > 1 ? ", and so at " + count + " crossings." : ".");
        boolean firstOver = !weave.passesOver(2 * meet);
        return new Edit(words, d -> withPins(d, laying, pins -> pinned(pins, weave, places, meet, firstOver, reach)));
    }

    /**
     * Lays a strand over, under, over at passages in order, and so at their siblings within reach.
     *
     * @param passages of the weave's projection, all of one strand
     */
    public static Edit lay(Laying laying, List<Integer> passages, boolean over, Reach reach) {
        Weave weave = laying.weave();
        CrossingIndex places = weave.places();
        String name =
                weave.strands().get(weave.projection().strand(passages.get(0))).name();
        int step = weave.order().rhythm() == Rhythm.IN_PAIRS ? 2 : 1;
        String words = name + " laid " + (over ? "over, under" : "under, over") + " at " + passages.size()
                + (passages.size() == 1 ? " crossing." : " crossings.");
        return new Edit(
                words,
                d -> withPins(d, laying, pins -> {
                    List<Pin> changed = pins;
                    for (int i = 0; i < passages.size(); i++) {
                        int passage = passages.get(i);
                        boolean passesOver = over ^ i / step % 2 == 1;
                        boolean firstOver = passesOver ^ passage % 2 == 1;
                        if (weave.origins().whole(passage / 2) >= 0) {
                            changed = pinned(changed, weave, places, passage / 2, firstOver, reach);
                        }
                    }
                    return changed;
                }));
    }

    private static List<Pin> pinned(
            List<Pin> pins, Weave weave, CrossingIndex places, int meet, boolean firstOver, Reach reach) {
        int whole = weave.origins().whole(meet);
        boolean same = weave.origins().image(whole).orElseThrow().aligned();
        CrossingIndex.Found found = places.against(whole, reach);
        List<Pin> kept = without(pins, places, places.reached(whole, reach), reach);
        kept.add(new Pin(places.place(whole, reach), found.firstOver(firstOver == same), reach));
        return kept;
    }

    /** Lets the resolver decide again at a crossing, and wherever the pin that holds it reaches. */
    public static Edit release(Laying laying, int meet) {
        Weave weave = laying.weave();
        CrossingIndex places = weave.places();
        int whole = weave.origins().whole(meet);
        return new Edit(
                "Released: the rhythm decides here again.",
                d -> withPins(
                        d,
                        laying,
                        pins -> pins.stream()
                                .filter(p -> places.held(p.place(), p.reach()).stream()
                                        .noneMatch(f -> f.meet() == whole))
                                .toList()));
    }

    /** Lets the resolver decide at every crossing of an interlacing. */
    public static Edit releaseAll(String group, String step) {
        return new Edit("All pins released.", d -> withPins(d, group, step, pins -> List.of()));
    }

    /** Pins on just the crossings that a new one takes over, left out. */
    private static List<Pin> without(
            List<Pin> pins, CrossingIndex places, List<CrossingIndex.Found> taken, Reach reach) {
        Set<Integer> meets = taken.stream().map(CrossingIndex.Found::meet).collect(Collectors.toSet());
        List<Pin> kept = new ArrayList<>();
        for (Pin pin : pins) {
            List<CrossingIndex.Found> held = places.held(pin.place(), pin.reach());
            boolean replaced = !held.isEmpty()
                    && (reach != Reach.THIS_ONE || pin.reach() == Reach.THIS_ONE)
                    && meets.containsAll(
                            held.stream().map(CrossingIndex.Found::meet).toList());
            if (!replaced) {
                kept.add(pin);
            }
        }
        return kept;
    }

    private static Design withPins(Design design, Laying laying, UnaryOperator<List<Pin>> change) {
        return withPins(design, laying.group(), laying.step(), change);
    }

    private static Design withPins(Design design, String group, String step, UnaryOperator<List<Pin>> change) {
        return Interlacings.change(design, group, step, i -> i.withPins(change.apply(i.pins())));
    }
}
