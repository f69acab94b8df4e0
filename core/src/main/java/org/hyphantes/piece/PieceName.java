package org.hyphantes.piece;

import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A piece by structure: what bounds it, on which side, and between which crossings. Sizes and places do not come into it, so that what is
 * done with a piece survives their change.
 *
 * @param bounds one text for each stretch that bounds it, in order of the alphabet
 */
public record PieceName(List<String> bounds) {
    private static final String BETWEEN = " | ";

    public PieceName {
        bounds = bounds.stream().sorted().toList();
    }

    /** All bounds as one text, as files have it. */
    public String text() {
        return String.join(BETWEEN, bounds);
    }

    public static PieceName of(String text) {
        return new PieceName(List.of(text.split(Pattern.quote(BETWEEN), -1)));
    }

    /** The same piece where figures have other ids. */
    public PieceName renamed(UnaryOperator<String> id) {
        return new PieceName(bounds.stream()
                .map(bound -> Arrays.stream(bound.split(" "))
                        .map(word -> {
                            String figure = word.split("[/@#]", 2)[0];
                            return id.apply(figure) + word.substring(figure.length());
                        })
                        .collect(Collectors.joining(" ")))
                .toList());
    }
}
