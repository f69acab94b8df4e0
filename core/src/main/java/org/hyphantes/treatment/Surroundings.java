package org.hyphantes.treatment;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.PageBox;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.FigureList;
import org.hyphantes.weave.StrandKey;

/**
 * What a step may refer to: the ids of its group and of itself, the group's figures by their ids, the ground they are set out on,
 * the colours of the design, whether a weave may be rough for once, and the watch that may break off long work.
 */
public record Surroundings(
        String group,
        String step,
        Map<String, Named> figures,
        PageBox pageBox,
        Colourway colourway,
        boolean rough,
        Watch watch) {
    /**
     * A figure by its id, with its colour if it has one.
     *
     * @param within whether it lies in a group within the group
     */
    public record Named(String id, Form form, Optional<Colour> colour, boolean within) {}

    /** The words for the middle of the group, where its figures are set out from. */
    public static final String THE_CENTRE = "the centre";

    /** The words for all lines of the group. */
    public static final String EVERY_LINE = "every line";

    /** The words for all figures of the group, and of groups in it. */
    public static final String EVERY_FIGURE = "every figure";

    /** Whether a reference to lines means a line: all of them, or those of figures by their ids; told once for many. */
    public Predicate<StrandKey> meaning(String reference) {
        if (reference.equals(EVERY_LINE) || reference.equals(EVERY_FIGURE)) {
            return line -> true;
        }
        Set<String> ids = new HashSet<>(FigureList.ids(reference));
        return line -> ids.contains(line.figure());
    }

    /** The middle of the figure that a reference holds; the centre when there is no such figure (any more). */
    public Point point(String reference) {
        return figure(reference).map(f -> f.form().centre()).orElse(Point.ORIGIN);
    }

    /** The group's own figures, without those of groups in it, in their order. */
    public List<Named> own() {
        return figures.values().stream().filter(f -> !f.within()).toList();
    }

    /** The figure that a reference holds. */
    public Optional<Named> figure(String reference) {
        return Optional.ofNullable(figures.get(reference));
    }
}
