package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Edged;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Motif;
import org.hyphantes.paint.Over;
import org.hyphantes.piece.Chequer;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.PieceName;
import org.hyphantes.piece.Tessera;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;

/** Gives the parts of work the fills of a colouring. */
final class Dyeing {
    private final Colouring as;
    private final Work work;
    private final Surroundings surroundings;
    private final Colourway wells;
    private final Motif motif;

    Dyeing(Colouring as, Work whole, Surroundings surroundings) {
        this.as = as;
        this.work = as.isPatterned() ? apart(as, whole) : whole;
        this.surroundings = surroundings;
        this.wells = surroundings.colourway();
        this.motif =
                Motifs.of(whole, as::isOfPattern, as.scale().value(), as.axis().value(), as.shift());
    }

    /** Parts in the order in which they are met: each key once, so that all of one key are coloured alike. */
    private static final class Order {
        private final Map<String, Integer> places = new LinkedHashMap<>();

        void meet(String key) {
            places.putIfAbsent(key, places.size());
        }
    }

    /** What is coloured, without the lines that the pattern is made of, and that pattern. */
    private static Work apart(Colouring as, Work work) {
        return new Work(
                work.lines().stream().filter(l -> !as.isOfPattern(l.key())).toList(),
                work.weaves().stream()
                        .filter(l -> !l.weave().strands().stream().allMatch(s -> as.isOfPattern(s.key())))
                        .toList(),
                work.mosaics(),
                work.symmetry());
    }

    Work done() {
        Order order = new Order();
        boolean groundsAlone = as.by() == ColouredBy.GROUND;
        if (!groundsAlone) {
            work.lines().forEach(l -> order.meet(key(l.key())));
            work.weaves().forEach(laying -> laying.weave().strands().forEach(s -> order.meet(key(s.key()))));
        }
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            lines.add(
                    groundsAlone
                            ? line
                            : fill(order, key(line.key()))
                                    .map(f -> line.coloured(laid(line.colour(), f)))
                                    .orElse(line));
        }
        List<Laying> weaves = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            List<Optional<Fill>> fills = new ArrayList<>();
            for (int s = 0; s < laying.weave().strands().size(); s++) {
                Strand strand = laying.weave().strands().get(s);
                Optional<Fill> before = laying.colours().get(s);
                fills.add(before.filter(Fill::isByHand)
                        .or(() -> fill(order, key(strand.key()))
                                .map(f -> laid(before, f))
                                .or(() -> before)));
            }
            weaves.add(groundsAlone ? laying : laying.coloured(fills));
        }
        return new Work(lines, weaves, work.mosaics().stream().map(this::inlaid).toList(), work.symmetry());
    }

    /** Pieces by their ring, by every second one, by their side of the figures, or the grounds alone; by strand or figure they keep what they have. */
    private Inlay inlaid(Inlay inlay) {
        List<Tessera> pieces = inlay.mosaic().pieces();
        Division division = inlay.mosaic().division();
        boolean[] odd = as.by() == ColouredBy.CHEQUER ? new Chequer(division).odd() : new boolean[0];
        Set<Integer> inside = as.by() == ColouredBy.SIDE ? inside(division) : Set.of();
        List<String> keys = new ArrayList<>();
        Order order = new Order();
        for (Tessera piece : pieces) {
            int cell = piece.cells().get(0);
            boolean ground = division.cells().get(cell).isGround();
            String ring = "ring " + piece.ring();
            String key = switch (as.by()) {
                case STRAND, FIGURE, COPY -> "";
                case RING -> ring;
                case CHEQUER -> odd[cell] ? "odd" : "even";
                case SIDE -> inside.contains(cell) ? "inside" : "outside";
                case GROUND -> ground ? ring : "";
            };
            keys.add(key);
        }
        if (as.by() == ColouredBy.CHEQUER || as.by() == ColouredBy.SIDE) {
            // The first well is that of the even ones, or of what is inside, even where there is none.
            order.meet(as.by() == ColouredBy.SIDE ? "inside" : "even");
        }
        keys.stream().filter(k -> !k.isEmpty()).forEach(order::meet);
        List<Optional<Fill>> fills = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            Optional<Fill> before = inlay.colours().get(i);
            boolean byHand = before.filter(Fill::isByHand).isPresent();
            fills.add(
                    byHand || keys.get(i).isEmpty()
                            ? before
                            : fill(order, keys.get(i)).map(f -> laid(before, f)).or(() -> before));
        }
        return inlay.coloured(inlay.mosaic().likened(fills));
    }

    private Set<Integer> inside(Division division) {
        Set<Integer> inside = new HashSet<>();
        surroundings.figures().keySet().stream()
                .filter(f -> as.figures().equals(Surroundings.EVERY_FIGURE)
                        || List.of(as.figures().split("\\s*,\\s*")).contains(f))
                .forEach(f -> inside.addAll(division.meant(PieceName.beside(f, true))));
        return inside;
    }

    private String key(StrandKey of) {
        return switch (as.by()) {
            case STRAND -> of.toString();
            case COPY -> of.parts() + " " + of.copies();
            default -> of.figure();
        };
    }

    /** A fill in place of what was there before, or over it. */
    private Fill laid(Optional<Fill> before, Fill made) {
        return Edged.as(before, as.fill().isTexture() ? new Over(Edged.inner(before), made) : made);
    }

    /** The fill of a part; empty for one that keeps what it has. */
    private Optional<Fill> fill(Order of, String key) {
        int place = of.places.getOrDefault(key, 0);
        int step = (int) as.every().value();
        if (place % step != 0) {
            return Optional.empty();
        }
        int count = (of.places.size() + step - 1) / step;
        Colour colour = colour(place / step, count);
        return Optional.of(as.fill().fill(colour, as, wells, motif));
    }

    private Colour colour(int place, int count) {
        int first = (int) as.well().value();
        int end = (int) as.last().value();
        if (as.order() == WellOrder.IN_STEPS) {
            double share = count < 2 ? 0 : (double) place / (count - 1);
            return wells.well(first).colour().towards(wells.well(end).colour(), share);
        }
        // To the very last well is all round: what begins with the eleventh has the first after the twelfth.
        int wide = end == Colourway.WELLS ? end : Math.floorMod(end - first, Colourway.WELLS) + 1;
        return wells.well(first + place % wide).colour();
    }
}
