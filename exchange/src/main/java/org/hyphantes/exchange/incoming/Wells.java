package org.hyphantes.exchange.incoming;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.hyphantes.design.Design;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Stop;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Quoted;
import org.hyphantes.treatment.ColouredBy;
import org.hyphantes.treatment.Colouring;

/**
 * The wells that gradients of a file are mixed from. Those of a design in which nothing is drawn yet are filled anew, one after another; else only the
 * colours that are there are taken.
 */
final class Wells {
    private final boolean fresh;
    private Colourway colourway;
    private int filled;

    private final String title;

    private Wells(boolean fresh, Colourway colourway, String title) {
        this.fresh = fresh;
        this.colourway = colourway;
        this.title = title;
    }

    static Wells of(Design design, String name) {
        boolean fresh = design.root().members().isEmpty();
        return new Wells(fresh, design.colourway(), Quoted.name(name));
    }

    /** The colourway with what was filled. */
    Colourway colourway() {
        return filled == 0 ? colourway : new Colourway(title, colourway.wells());
    }

    /** What gives figures a gradient; none where there is no well left for one of its colours. */
    Optional<Colouring> colouring(Graded graded) {
        List<Stop> stops = graded.stops();
        List<OptionalInt> found = stops.stream().map(s -> well(s.colour())).toList();
        if (found.stream().anyMatch(OptionalInt::isEmpty)) {
            return Optional.empty();
        }
        String through = IntStream.range(1, stops.size() - 1)
                .mapToObj(i -> found.get(i).getAsInt() + " at "
                        + Numerals.shown(100 * stops.get(i).at(), 3))
                .collect(Collectors.joining(", "));
        Amount first = Amount.of(found.get(0).getAsInt());
        return Optional.of(Colouring.STARTING
                .with("by", Entry.word(ColouredBy.FIGURE))
                .with("well", first)
                .with("last", first)
                .with("fill", Entry.word(graded.way()))
                .with("towards", Amount.of(found.get(stops.size() - 1).getAsInt()))
                .with("through", through.isEmpty() ? "none" : through)
                .with("over", Entry.word(Gradient.Over.EACH_PART))
                .with("axis", Amount.of(graded.axis()))
                .with("right", Amount.of(graded.shift().x()))
                .with("down", Amount.of(graded.shift().y())));
    }

    private OptionalInt well(Colour colour) {
        int known = fresh ? filled : Colourway.WELLS;
        OptionalInt there = IntStream.rangeClosed(1, known)
                .filter(w -> colourway.well(w).colour().equals(colour))
                .findFirst();
        if (there.isPresent() || !fresh || filled == Colourway.WELLS) {
            return there;
        }
        filled++;
        colourway = colourway.with(filled, colourway.well(filled).withColour(colour));
        return OptionalInt.of(filled);
    }
}
