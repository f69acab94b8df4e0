package org.hyphantes.setting;

import java.util.Map;

/**
 * What an expression may refer to: the design's measures by name, its unit, the step of its net in mm as {@code sq} (0 when it
 * has none), and the present value as {@code was}.
 */
public record Scope(Map<String, Amount> measures, Unit unit, double square) {
    public static final Scope PLAIN = new Scope(Map.of(), Unit.MM);

    public Scope {
        measures = Map.copyOf(measures);
    }

    /** A scope without a net. */
    public Scope(Map<String, Amount> measures, Unit unit) {
        this(measures, unit, 0);
    }
}
