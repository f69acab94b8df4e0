package org.hyphantes.setting;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;

/** Figures that a setting holds by their ids, as one text. */
public final class FigureList {
    private static final String BETWEEN = ", ";

    private FigureList() {}

    /** The text for these figures, each once. */
    public static String of(Collection<String> ids) {
        return String.join(BETWEEN, new LinkedHashSet<>(ids));
    }

    /** The ids that a text holds. */
    public static List<String> ids(String text) {
        return List.of(text.split(BETWEEN, -1));
    }
}
