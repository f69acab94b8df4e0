package org.hyphantes.piece;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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
    /** In place of a name: every second piece of all, however many there are. */
    public static final PieceName EVERY_SECOND = new PieceName(List.of("every second"));

    private static final String BETWEEN = " | ";
    private static final Pattern COPY = Pattern.compile("@(\\d{1,9})");
    private static final Pattern CROSSING = Pattern.compile("#(\\d{1,9})");
    private static final String INSIDE = "inside ";
    private static final String OUTSIDE = "outside ";

    /** In place of a name: all pieces inside the closed lines of a figure, by its id, or all outside them. */
    public static PieceName beside(String figure, boolean inside) {
        return new PieceName(List.of((inside ? INSIDE : OUTSIDE) + figure));
    }

    /** The figure inside or outside of which all pieces are meant, if it is so. */
    Optional<String> figure() {
        String only = bounds.get(0);
        return only.startsWith(INSIDE) || only.startsWith(OUTSIDE)
                ? Optional.of(only.substring(only.indexOf(' ') + 1))
                : Optional.empty();
    }

    boolean isInside() {
        return bounds.get(0).startsWith(INSIDE);
    }

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

    /**
     * The number of the furthest copy in any turn that bounds it. Of siblings the one with the least is known with other numbers of turns too: none
     * of its bounds is the last copy, next to the first.
     */
    public int furthestCopy() {
        return furthest(COPY);
    }

    /** The same of the crossings that bound it, as they are counted along lines: the first are known where lines are longer, or shorter. */
    public int furthestCrossing() {
        return furthest(CROSSING);
    }

    private int furthest(Pattern number) {
        return bounds.stream()
                .flatMap(bound -> number.matcher(bound).results())
                .mapToInt(found -> Integer.parseInt(found.group(1)))
                .max()
                .orElse(0);
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
