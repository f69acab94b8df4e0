package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Dashes;
import org.hyphantes.paint.Edge;
import org.hyphantes.paint.Edged;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Finished;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/**
 * Gives bands, courses and pieces lines of a well and a weight along their edges, or none; lines that are no bands are drawn so themselves.
 *
 * @param dash how long (mm) dashes are; 0 for dots
 * @param gap how far (mm) apart they are
 */
public record Edging(
        String figures, Lines lines, Amount well, Amount weight, Edge.Side side, Amount dash, Amount gap, Ends ends)
        implements Treatment {
    public static final Edging STARTING = new Edging(
            Surroundings.EVERY_FIGURE,
            Lines.LINES,
            Amount.of(7),
            Amount.of(0.5),
            Edge.Side.ON,
            Amount.of(2),
            Amount.of(1),
            Ends.BUTT);

    /** What lines there are. */
    public enum Lines {
        LINES,
        DASHES,
        NO_LINES
    }

    /** How dashes, and lines, end. */
    public enum Ends {
        BUTT,
        ROUND
    }

    private static final Schema<Edging> SCHEMA = new Schema<>(
                    Edging.class,
                    "edging",
                    "",
                    List.of(
                            Setting.of(Edging.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Edging.class, "weight", new Kind.Length(0.001, 100)),
                            Setting.of(Edging.class, "well", new Kind.Count(1, Colourway.WELLS)),
                            Setting.of(Edging.class, "lines"),
                            Setting.of(Edging.class, "side"),
                            Setting.of(Edging.class, "dash", new Kind.Length(0, 1000)),
                            Setting.of(Edging.class, "gap", new Kind.Length(0.001, 1000)),
                            Setting.of(Edging.class, "ends")))
            .telling(e -> switch (e.lines) {
                case NO_LINES -> "Edge {figures} with {lines}.";
                case LINES ->
                    "Edge {figures} with {lines} of well {well}, {weight} wide, {side} the border, {ends} ends.";
                case DASHES ->
                    "Edge {figures} with {lines} of well {well}, {weight} wide, {side} the border, {dash} long and {gap}"
                            + " apart, {ends} ends.";
            })
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

    public Edging with(String key, Object value) {
        return SCHEMA.put(this, key, value);
    }

    private Fill edged(Optional<Fill> fill, Colour own) {
        if (fill.orElse(null) instanceof Finished finished) {
            return new Finished(Optional.of(edged(finished.inner(), own)), finished.finish());
        }
        Optional<Fill> inner = fill.orElse(null) instanceof Edged before ? before.inner() : fill;
        if (lines == Lines.NO_LINES) {
            return new Edged(inner, Optional.empty());
        }
        boolean dashed = lines == Lines.DASHES;
        Dashes broken = new Dashes(dashed ? dash.value() : 0, dashed ? gap.value() : 0, ends == Ends.ROUND);
        return new Edged(inner, Optional.of(new Edge(own, weight.value(), broken, side)));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return lines == Lines.NO_LINES ? "bare" : Numerals.length(weight.value(), unit);
    }
}
