package org.hyphantes.desktop.desk;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Subject;
import org.hyphantes.geometry.Point;
import org.hyphantes.known.PointKind;
import org.hyphantes.weave.Reach;

/**
 * How the design is looked at; nothing of it is in the design or its file.
 *
 * @param stage the id of the picture in the field
 * @param group the id of the group in hand: the design's own, or one within it
 * @param shuttle how many steps of the recipe the field shows
 * @param subject what the sentence is about; empty for the whole
 * @param chosen the ids of the members that are selected
 * @param picked whether they were selected by hand, and not because they have just been laid
 * @param scale pixels for a millimetre; 0 shows the whole design, however large
 * @param centre the place (mm) in the middle of the field
 * @param reach how far a swap is carried
 * @param points the kinds of known points that are switched on
 */
public record View(
        String stage,
        String group,
        int shuttle,
        Optional<Subject> subject,
        Set<String> chosen,
        boolean picked,
        double scale,
        Point centre,
        Reach reach,
        Set<PointKind> points,
        boolean dark,
        Eyes eyes,
        boolean folded) {
    /** The id of the group that is the whole design. */
    public static final String OUTERMOST = "design";

    public static final View STARTING = new View(
            "weave",
            OUTERMOST,
            0,
            Optional.empty(),
            Set.of(),
            false,
            0,
            Point.ORIGIN,
            Reach.EVERY_TURN,
            EnumSet.allOf(PointKind.class),
            false,
            Eyes.STARTING,
            false);

    public View {
        chosen = Set.copyOf(chosen);
        points = Set.copyOf(points);
    }

    public View withStage(String other) {
        return new View(
                other, group, shuttle, subject, chosen, picked, scale, centre, reach, points, dark, eyes, folded);
    }

    public View withShuttle(int steps) {
        return new View(stage, group, steps, subject, chosen, picked, scale, centre, reach, points, dark, eyes, folded);
    }

    /** The sentence about something; a figure is then all that is selected, anything else leaves nothing selected. */
    public View about(Subject other) {
        Set<String> only = other instanceof Subject.OfFigure figure ? Set.of(figure.figure()) : Set.of();
        return new View(
                stage,
                group,
                shuttle,
                Optional.ofNullable(other),
                only,
                false,
                scale,
                centre,
                reach,
                points,
                dark,
                eyes,
                folded);
    }

    /** Other members selected; the sentence is about the one, if it is one. */
    public View choosing(String in, Set<String> ids) {
        Optional<Subject> one = ids.size() == 1
                ? Optional.of(new Subject.OfFigure(in, ids.iterator().next()))
                : Optional.empty();
        return new View(stage, group, shuttle, one, ids, true, scale, centre, reach, points, dark, eyes, folded);
    }

    /** The same selection, kept as it was made through an edit of what is selected. */
    public View keeping(String in, Set<String> ids) {
        View kept = choosing(in, ids);
        return picked ? kept : kept.laid();
    }

    private View laid() {
        return new View(
                stage, group, shuttle, subject, chosen, false, scale, centre, reach, points, dark, eyes, folded);
    }

    /** A member taken into the selection, or out of it when it is there. */
    public View toggling(String in, String id) {
        Set<String> ids = new LinkedHashSet<>(chosen);
        if (!ids.remove(id)) {
            ids.add(id);
        }
        return choosing(in, ids);
    }

    /** Another group in hand, with nothing selected. */
    public View within(String other, int steps) {
        return new View(
                stage,
                other,
                steps,
                Optional.empty(),
                Set.of(),
                false,
                scale,
                centre,
                reach,
                points,
                dark,
                eyes,
                folded);
    }

    public View seen(double otherScale, Point otherCentre) {
        return new View(
                stage,
                group,
                shuttle,
                subject,
                chosen,
                picked,
                otherScale,
                otherCentre,
                reach,
                points,
                dark,
                eyes,
                folded);
    }

    public View reaching(Reach other) {
        return new View(
                stage, group, shuttle, subject, chosen, picked, scale, centre, other, points, dark, eyes, folded);
    }

    /** A kind of known points switched on or off. */
    public View switching(PointKind kind) {
        Set<PointKind> other = EnumSet.noneOf(PointKind.class);
        other.addAll(points);
        if (!other.remove(kind)) {
            other.add(kind);
        }
        return new View(
                stage, group, shuttle, subject, chosen, picked, scale, centre, reach, other, dark, eyes, folded);
    }

    public View inTheDark(boolean other) {
        return new View(
                stage, group, shuttle, subject, chosen, picked, scale, centre, reach, points, other, eyes, folded);
    }

    public boolean textures() {
        return eyes.textures();
    }

    public View textured(boolean on) {
        return seenWith(eyes.withTextures(on));
    }

    public View seenWith(Eyes other) {
        return new View(
                stage, group, shuttle, subject, chosen, picked, scale, centre, reach, points, dark, other, folded);
    }

    public View folded(boolean other) {
        return new View(
                stage, group, shuttle, subject, chosen, picked, scale, centre, reach, points, dark, eyes, other);
    }
}
