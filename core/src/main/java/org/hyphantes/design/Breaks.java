package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.hyphantes.figure.Breakable;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Break;
import org.hyphantes.weave.CrossingIndex;
import org.hyphantes.weave.Meet;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Way;
import org.hyphantes.weave.Weave;

/** The edits that take crossings out and put them back. */
public final class Breaks {
    private Breaks() {}

    /**
     * Breaks a crossing, so that its strands turn back along a stroke; on a crossing that is broken that way already the same
     * stroke rejoins it. A crossing of a plait by itself is broken in the plait, which shapes its turns to its cells.
     *
     * @param meet of the whole projection, before breaks
     * @param stroke the way of the stroke through it
     */
    public static Edit stroke(Design design, Laying laying, int meet, Point stroke, Reach reach) {
        Weave weave = laying.weave();
        Optional<Way> now = Optional.ofNullable(weave.broken().get(meet));
        Way way = way(weave.whole(), meet, stroke);
        if (now.filter(w -> w == way).isPresent()) {
            return rejoin(laying, meet);
        }
        Optional<Edit> own = now.isPresent() ? Optional.empty() : inPlait(design, laying, meet, stroke, reach);
        if (own.isPresent()) {
            return own.get();
        }
        CrossingIndex places = weave.places();
        int count = places.reached(meet, reach).size();
        Break cut =
                new Break(places.place(meet, reach), places.against(meet, reach).way(way), reach);
        String words = count == 1 ? "Crossing broken." : count + " crossings broken.";
        return new Edit(
                words,
                d -> with(d, laying, breaks -> {
                    Set<Integer> taken = places.reached(meet, reach).stream()
                            .map(CrossingIndex.Found::meet)
                            .collect(Collectors.toSet());
                    List<Break> kept = new ArrayList<>(breaks.stream()
                            .filter(b -> places.held(b.place(), b.reach()).isEmpty()
                                    || !places.held(b.place(), b.reach()).stream()
                                            .allMatch(f -> taken.contains(f.meet())))
                            .toList());
                    kept.add(cut);
                    return kept;
                }));
    }

    /** Makes a broken crossing whole again, and wherever the break that holds it reaches. */
    public static Edit rejoin(Laying laying, int meet) {
        CrossingIndex places = laying.weave().places();
        List<Break> now = laying.weave().order().breaks();
        int count = now.stream()
                .map(b -> places.held(b.place(), b.reach()))
                .filter(held -> held.stream().anyMatch(f -> f.meet() == meet))
                .mapToInt(List::size)
                .sum();
        return new Edit(
                count > 1 ? count + " crossings rejoined." : "Crossing rejoined.",
                d -> with(
                        d,
                        laying,
                        breaks -> breaks.stream()
                                .filter(b -> places.held(b.place(), b.reach()).stream()
                                        .noneMatch(f -> f.meet() == meet))
                                .toList()));
    }

    /** Which way strands turn back that do so along a stroke through their crossing. */
    public static Way way(Projection whole, int meet, Point stroke) {
        Meet m = whole.meets().get(meet);
        Point u = whole.strands().get(m.first()).path().tangent(m.firstPosition());
        Point v = whole.strands().get(m.second()).path().tangent(m.secondPosition());
        // Going on along one another's way they keep to the bisector of their headings; against it, to the other one.
        Point with = u.plus(v).unit();
        Point against = u.minus(v).unit();
        Point along = stroke.unit();
        return Math.abs(along.dot(with)) >= Math.abs(along.dot(against)) ? Way.WITH : Way.AGAINST;
    }

    /** The break of a figure that has crossings of its own, where it is laid but once or every copy is meant. */
    private static Optional<Edit> inPlait(Design design, Laying laying, int meet, Point stroke, Reach reach) {
        Projection whole = laying.weave().whole();
        Meet m = whole.meets().get(meet);
        String id = whole.strands().get(m.first()).key().figure();
        boolean alone = whole.strands().stream()
                .filter(s -> s.key().figure().equals(id))
                .allMatch(s -> s.key().copies().isEmpty());
        Optional<Figure> figure = design.group(laying.group()).flatMap(g -> g.figure(id));
        if (!alone
                || reach == Reach.MIRROR_TWIN
                || reach == Reach.EVERY_TURN_AND_MIRROR
                || !whole.strands().get(m.second()).key().figure().equals(id)
                || figure.isEmpty()
                || !(figure.get().form() instanceof Breakable plait)) {
            return Optional.empty();
        }
        Optional<Form> broken = plait.broken(m.place(), stroke);
        return broken.map(form -> new Edit(
                "Broken in " + figure.get().name() + ".", d -> new Subject.OfFigure(laying.group(), id).put(d, form)));
    }

    /**
     * Turns a break of a figure that has crossings of its own, or rejoins it, at a place where the weave has no crossing any more.
     *
     * @param place within the group
     * @return empty when no single break of a figure is there
     */
    public static Optional<Edit> ofFigure(Design design, String group, Point place, Point stroke) {
        return changed(design, group, plait -> plait.rejoined(place).flatMap(rejoined -> plait.broken(place, stroke)));
    }

    /** Rejoins a crossing that a figure's own single break has taken out; empty when there is none at the place. */
    public static Optional<Edit> rejoinInFigure(Design design, String group, Point place) {
        return changed(design, group, plait -> plait.rejoined(place));
    }

    private static Optional<Edit> changed(Design design, String group, Function<Breakable, Optional<Form>> change) {
        for (Member member : design.group(group).map(Group::members).orElse(List.of())) {
            if (member instanceof Figure figure && figure.form() instanceof Breakable plait) {
                Optional<Form> changed = change.apply(plait);
                if (changed.isPresent()) {
                    return Optional.of(new Edit(
                            figure.name() + " changed at this crossing.",
                            d -> new Subject.OfFigure(group, figure.id()).put(d, changed.get())));
                }
            }
        }
        return Optional.empty();
    }

    private interface Change {
        List<Break> of(List<Break> breaks);
    }

    private static Design with(Design design, Laying laying, Change change) {
        return Interlacings.change(design, laying.group(), laying.step(), i -> i.withBreaks(change.of(i.breaks())));
    }
}
