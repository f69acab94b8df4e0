package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Well;
import org.hyphantes.piece.Chequer;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.Tessera;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Strand;

/** Gives each strand, the strands of each figure, or pieces by their rings or in turn, a colour of the colourway, one well after another. */
public record Colouring(String figures, ColouredBy by, Amount well) implements Treatment {
    public static final Colouring STARTING = new Colouring(Surroundings.EVERY_FIGURE, ColouredBy.STRAND, Amount.of(1));

    private static final Schema<Colouring> SCHEMA = new Schema<>(
                    Colouring.class,
                    "colouring",
                    "Colour {figures} by {by}, beginning with well {well}.",
                    List.of(
                            Setting.of(Colouring.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Colouring.class, "by"),
                            Setting.of(Colouring.class, "well", new Kind.Count(1, Well.QUAY.size()))))
            .because("Colours by strand show how many there are and where each goes.");

    public Colouring withBy(ColouredBy other) {
        return new Colouring(figures, other, well);
    }

    @Override
    public Schema<Colouring> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.COLOUR;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        boolean groundsAlone = by == ColouredBy.GROUND;
        Map<String, Integer> order = new HashMap<>();
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            lines.add(
                    groundsAlone
                            ? line
                            : line.coloured(colour(
                                    order, line.key().figure(), line.key().toString())));
        }
        List<Laying> weaves = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            List<Optional<Colour>> colours = new ArrayList<>();
            for (Strand strand : laying.weave().strands()) {
                colours.add(Optional.of(
                        colour(order, strand.key().figure(), strand.key().toString())));
            }
            weaves.add(groundsAlone ? laying : laying.coloured(colours));
        }
        return new Work(lines, weaves, work.mosaics().stream().map(this::inlaid).toList(), work.symmetry());
    }

    /** Pieces by their ring, by every second one, or the grounds alone; by strand or figure they keep what they have. */
    private Inlay inlaid(Inlay inlay) {
        List<Tessera> pieces = inlay.mosaic().pieces();
        Division division = inlay.mosaic().division();
        boolean[] odd = by == ColouredBy.CHEQUER ? new Chequer(division).odd() : new boolean[0];
        Map<String, Integer> order = new HashMap<>();
        List<Optional<Colour>> colours = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            int cell = pieces.get(i).cells().get(0);
            boolean ground = division.cells().get(cell).isGround();
            String ring = "ring " + pieces.get(i).ring();
            colours.add(
                    switch (by) {
                        case STRAND, FIGURE -> inlay.colours().get(i);
                        case RING -> Optional.of(well(order.computeIfAbsent(ring, k -> order.size())));
                        case CHEQUER -> Optional.of(well(odd[cell] ? 1 : 0));
                        case GROUND ->
                            ground
                                    ? Optional.of(well(order.computeIfAbsent(ring, k -> order.size())))
                                    : inlay.colours().get(i);
                    });
        }
        return inlay.coloured(colours);
    }

    private Colour well(int place) {
        return Well.QUAY
                .get((place + (int) well.value() - 1) % Well.QUAY.size())
                .colour();
    }

    private Colour colour(Map<String, Integer> order, String figure, String strand) {
        return well(order.computeIfAbsent(by == ColouredBy.STRAND ? strand : figure, k -> order.size()));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return "by " + Entry.word(by);
    }
}
