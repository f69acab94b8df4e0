package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Edged;
import org.hyphantes.paint.Fill;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/** Gives bands, courses and pieces lines of a well and a weight along their edges, or none; lines that are no bands are drawn so themselves. */
public record Edging(String figures, Lines lines, Amount well, Amount weight) implements Treatment {
    public static final Edging STARTING =
            new Edging(Surroundings.EVERY_FIGURE, Lines.LINES, Amount.of(7), Amount.of(0.5));

    /** Whether there are lines. */
    public enum Lines {
        LINES,
        NO_LINES
    }

    private static final Schema<Edging> SCHEMA = new Schema<>(
                    Edging.class,
                    "edging",
                    "Edge {figures} with {lines} of well {well}, {weight} wide.",
                    List.of(
                            Setting.of(Edging.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Edging.class, "weight", new Kind.Length(0.001, 100)),
                            Setting.of(Edging.class, "well", new Kind.Count(1, Colourway.WELLS)),
                            Setting.of(Edging.class, "lines")))
            .because("Edges of a colour and weight of their own hold fills together, or let them meet bare.");

    @Override
    public Schema<Edging> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.COLOUR;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        Colour own = surroundings.colourway().well((int) well.value()).colour();
        List<Laid> lined = new ArrayList<>();
        for (Laid line : work.lines()) {
            lined.add(line.coloured(edged(line.colour(), own)));
        }
        return new Work(
                lined,
                work.weaves().stream()
                        .map(l -> l.coloured(edged(l.colours(), own)))
                        .toList(),
                work.mosaics().stream()
                        .map(i -> i.coloured(edged(i.colours(), own)))
                        .toList(),
                work.symmetry());
    }

    private List<Optional<Fill>> edged(List<Optional<Fill>> fills, Colour own) {
        return fills.stream().map(f -> Optional.of(edged(f, own))).toList();
    }

    private Fill edged(Optional<Fill> fill, Colour own) {
        Optional<Fill> inner = fill.orElse(null) instanceof Edged before ? before.inner() : fill;
        return new Edged(inner, lines == Lines.LINES ? Optional.of(own) : Optional.empty(), weight.value());
    }

    @Override
    public String brief(Work done, Unit unit) {
        return lines == Lines.LINES ? Numerals.length(weight.value(), unit) : "bare";
    }
}
