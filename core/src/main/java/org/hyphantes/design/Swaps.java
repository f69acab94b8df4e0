package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Places;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Weave;

/** The edits of single crossings: swapping over and under, and releasing what was set by hand. */
public final class Swaps {
    private Swaps() {}

    /** Sets a crossing, and its siblings within reach, the other way; it is pinned so. */
    public static Edit swap(Laying laying, int meet, Reach reach) {
        Weave weave = laying.weave();
        Places places = new Places(weave.diagram(), weave.turning());
        Crossing crossing = weave.crossings().get(meet);
        boolean firstOverNow = weave.passesOver(2 * meet);
        Pin pin = new Pin(places.place(meet, reach), firstOverNow != places.aligned(meet, reach), reach);
        int count = places.reached(meet, reach).size();
        String over = weave.strands().get(crossing.under()).name();
        String under = weave.strands().get(crossing.over()).name();
        String words = over + " now over " + under + (count > 1 ? ", and so at " + count + " crossings." : ".");
        return new Edit(
                words,
                d -> withPins(d, laying, pins -> {
                    List<Pin> kept = without(pins, places, places.reached(meet, reach), reach);
                    kept.add(pin);
                    return kept;
                }));
    }

    /** Lets the resolver decide again at a crossing, and wherever the pin that holds it reaches. */
    public static Edit release(Laying laying, int meet) {
        Weave weave = laying.weave();
        Places places = new Places(weave.diagram(), weave.turning());
        return new Edit(
                "Released: the rhythm decides here again.",
                d -> withPins(d, laying, pins -> pins.stream()
                        .filter(p -> places.held(p).stream().noneMatch(f -> f.meet() == meet))
                        .toList()));
    }

    /** Lets the resolver decide at every crossing of an interlacing. */
    public static Edit releaseAll(String group, int step) {
        return new Edit("All pins released.", d -> withPins(d, group, step, pins -> List.of()));
    }

    /** Pins on just the crossings that a new one takes over, left out. */
    private static List<Pin> without(List<Pin> pins, Places places, List<Places.Found> taken, Reach reach) {
        Set<Integer> meets = taken.stream().map(Places.Found::meet).collect(Collectors.toSet());
        List<Pin> kept = new ArrayList<>();
        for (Pin pin : pins) {
            List<Places.Found> held = places.held(pin);
            boolean replaced = !held.isEmpty()
                    && (reach == Reach.EVERY_TURN || pin.reach() == Reach.THIS_ONE)
                    && meets.containsAll(held.stream().map(Places.Found::meet).toList());
            if (!replaced) {
                kept.add(pin);
            }
        }
        return kept;
    }

    private interface PinChange {
        List<Pin> of(List<Pin> pins);
    }

    private static Design withPins(Design design, Laying laying, PinChange change) {
        return withPins(design, laying.group(), laying.step(), change);
    }

    private static Design withPins(Design design, String group, int step, PinChange change) {
        return design.change(group, g -> {
            Step at = g.recipe().get(step);
            Interlace interlace = (Interlace) at.treatment();
            return g.withStep(step, at.with(interlace.withPins(change.of(interlace.pins()))));
        });
    }
}
