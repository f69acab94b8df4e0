package org.hyphantes.setting;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a setting may refer to: the design's measures by name, its unit, the step of its net in mm as {@code sq} (0 when it has
 * none), the present value as {@code was}; and the names of the figures of its group, by their ids. The measures are not copied, for
 * a file may have thousands, each read in the scope of those before it.
 */
public record Scope(Map<String, Amount> measures, Unit unit, double square, Map<String, String> names) {
    public static final Scope PLAIN = new Scope(Map.of(), Unit.MM);

    public Scope {
        measures = Collections.unmodifiableMap(measures);
        names = Collections.unmodifiableMap(new LinkedHashMap<>(names));
    }

    /** A scope without a net. */
    public Scope(Map<String, Amount> measures, Unit unit) {
        this(measures, unit, 0);
    }

    /** A scope without figures. */
    public Scope(Map<String, Amount> measures, Unit unit, double square) {
        this(measures, unit, square, Map.of());
    }

    /** The same as settings are kept in: bare numbers of a kept expression are millimetres, whatever unit the design is shown in. */
    Scope kept() {
        return unit == Unit.MM ? this : new Scope(measures, Unit.MM, square, names);
    }

    /** The id of the figure that a text means: by its name, or by its id. */
    Optional<String> figure(String text) {
        return names.entrySet().stream()
                .filter(e -> e.getValue().equals(text))
                .map(Map.Entry::getKey)
                .findFirst()
                .or(() -> names.keySet().stream().filter(text::equals).findFirst());
    }
}
