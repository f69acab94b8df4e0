package org.hyphantes.setting;

import java.util.Map;

/** What an expression may refer to: the design's measures by name, its unit, and the present value as {@code was}. */
public record Scope(Map<String, Amount> measures, Unit unit) {
    public static final Scope PLAIN = new Scope(Map.of(), Unit.MM);

    public Scope {
        measures = Map.copyOf(measures);
    }
}
