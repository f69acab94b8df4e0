package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Well;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Strand;

/** Gives each strand, or the strands of each figure, a colour of the colourway, one well after another. */
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
        Map<String, Integer> order = new HashMap<>();
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            lines.add(
                    line.coloured(colour(order, line.key().figure(), line.key().toString())));
        }
        List<Laying> weaves = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            List<Optional<Colour>> colours = new ArrayList<>();
            for (Strand strand : laying.weave().strands()) {
                colours.add(Optional.of(
                        colour(order, strand.key().figure(), strand.key().toString())));
            }
            weaves.add(laying.coloured(colours));
        }
        return new Work(lines, weaves, work.symmetry());
    }

    private Colour colour(Map<String, Integer> order, String figure, String strand) {
        int place = order.computeIfAbsent(by == ColouredBy.STRAND ? strand : figure, k -> order.size());
        return Well.QUAY
                .get((place + (int) well.value() - 1) % Well.QUAY.size())
                .colour();
    }

    @Override
    public String brief(Work done, Unit unit) {
        return "by " + (by == ColouredBy.STRAND ? "strand" : "figure");
    }
}
