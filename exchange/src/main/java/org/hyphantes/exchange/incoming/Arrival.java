package org.hyphantes.exchange.incoming;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.FigureList;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Quoted;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.CornerStyle;
import org.hyphantes.treatment.Edging;
import org.hyphantes.treatment.Infill;
import org.hyphantes.treatment.Surroundings;
import org.hyphantes.treatment.Treatment;

/**
 * What was brought in from a file.
 *
 * @param shapes in the order in which they are drawn
 * @param left what was not understood, by its name, with how often it stands in the file
 */
public record Arrival(List<Shape> shapes, Map<String, Integer> left) implements Brought {
    public Arrival {
        shapes = List.copyOf(shapes);
    }

    /**
     * One shape.
     *
     * @param weight the width (mm) of its line; 0 for one that is filled, or has no width of its own
     * @param ends of its line, and its {@code corners}
     * @param filled the rule by which its lines enclose an area that is filled
     * @param graded how its colours pass into one another, where it is filled with several
     */
    public record Shape(
            String name,
            Form form,
            Optional<Colour> colour,
            double weight,
            Ends ends,
            CornerStyle corners,
            Optional<FillRule> filled,
            Optional<Graded> graded) {
        /** This shape with a gradient. */
        Shape graded(Graded by) {
            return new Shape(name, form, colour, weight, ends, corners, filled, Optional.of(by));
        }

        /** A line that has neither a width nor a colour. */
        static Shape bare(Path path) {
            return line("", Drawn.of(List.of(path)), Optional.empty(), 0, Ends.BUTT, CornerStyle.SQUARE);
        }

        static Shape line(
                String name, Form form, Optional<Colour> colour, double weight, Ends ends, CornerStyle corners) {
            return new Shape(
                    name,
                    form,
                    colour,
                    Math.rint(weight * 1e6) / 1e6,
                    ends,
                    corners,
                    Optional.empty(),
                    Optional.empty());
        }

        static Shape filled(String name, Form form, Optional<Colour> colour, FillRule rule) {
            return new Shape(name, form, colour, 0, Ends.BUTT, CornerStyle.SQUARE, Optional.of(rule), Optional.empty());
        }
    }

    /** Shapes that are done alike: filled by one rule, or bands of one width with like ends. */
    private record Kind(double weight, Ends ends, CornerStyle corners, Optional<FillRule> filled) {
        static Kind of(Shape shape) {
            return new Kind(shape.weight(), shape.ends(), shape.corners(), shape.filled());
        }

        Optional<Treatment> treatment(String lines) {
            return filled.<Treatment>map(rule -> new Infill(lines, Infill.Overlaps.of(rule)))
                    .or(() -> weight > 0
                            ? Optional.of(new Band(lines, Amount.of(weight), ends, corners, Amount.of(0)))
                            : Optional.empty());
        }
    }

    /** The box (mm) round all of it. */
    public Box box() {
        return Box.round(shapes.stream()
                .flatMap(s -> s.form().paths(null).stream())
                .map(Path::box)
                .toList());
    }

    @Override
    public Design into(Design design, Box drawn, String name) {
        return into(design, name);
    }

    /** A design with this in a group of its own: what was filled is filled in, and lines that had a width are bands. */
    public Design into(Design design, String name) {
        String id = design.freshId("group");
        Set<String> taken = new LinkedHashSet<>(design.figures());
        Map<Kind, List<String>> kinds = new LinkedHashMap<>();
        List<Member> members = new ArrayList<>();
        Wells wells = Wells.of(design, name);
        Map<Colouring, List<String>> colourings = new LinkedHashMap<>();
        int number = 0;
        for (Shape shape : shapes) {
            String word = shape.form().schema().word();
            do {
                number++;
            } while (taken.contains(word + "-" + number));
            kinds.computeIfAbsent(Kind.of(shape), k -> new ArrayList<>()).add(word + "-" + number);
            String own = shape.name().isBlank() ? shape.form().schema().title() + " " + number : shape.name();
            String figure = word + "-" + number;
            shape.graded()
                    .flatMap(wells::colouring)
                    .ifPresent(c -> colourings
                            .computeIfAbsent(c, k -> new ArrayList<>())
                            .add(figure));
            members.add(new Figure(figure, Quoted.name(own), shape.form()).coloured(shape.colour()));
        }
        List<Step> recipe = new ArrayList<>();
        kinds.forEach((kind, ids) -> kind.treatment(kinds.size() == 1 ? Surroundings.EVERY_LINE : FigureList.of(ids))
                .ifPresent(t -> recipe.add(new Step(true, t))));
        colourings.forEach(
                (colouring, ids) -> recipe.add(new Step(true, colouring.with("figures", FigureList.of(ids)))));
        if (!recipe.isEmpty()) {
            // Areas as they were drawn, without lines along their edges.
            recipe.add(new Step(true, Edging.STARTING.with("lines", Entry.word(Edging.Lines.NO_LINES))));
        }
        Group group = new Group(id, Quoted.name(name), members, recipe);
        return design.withColourway(wells.colourway()).change(design.root().id(), g -> {
            List<Member> more = new ArrayList<>(g.members());
            more.add(group);
            return g.withMembers(more);
        });
    }

    @Override
    public String told(Design into) {
        Map<String, Integer> left = new LinkedHashMap<>(this.left);
        Wells wells = Wells.of(into, "");
        shapes.stream()
                .flatMap(s -> s.graded().stream())
                .filter(g -> wells.colouring(g).isEmpty())
                .forEach(g -> left.merge("gradient or pattern", 1, Integer::sum));
        String words = left.entrySet().stream()
                .limit(6)
                .map(e -> e.getValue() + " " + e.getKey())
                .collect(Collectors.joining(", "));
        return Numerals.counted(shapes.size(), "figure") + "." + (words.isEmpty() ? "" : " Left out: " + words + ".");
    }

    /** @throws CannotBring if there is nothing in it, or more than a design holds */
    Arrival checked() throws CannotBring {
        if (shapes.isEmpty()) {
            throw new CannotBring("There is nothing in this file that can be brought in."
                    + (left.isEmpty() ? "" : " It has " + String.join(", ", left.keySet()) + "."));
        }
        if (shapes.size() > Limits.MEMBERS) {
            throw new CannotBring("The file has more than " + Limits.MEMBERS + " shapes: bring in less of it.");
        }
        Box box = box();
        double reach = Math.max(
                Math.max(Math.abs(box.left()), Math.abs(box.right())),
                Math.max(Math.abs(box.top()), Math.abs(box.bottom())));
        if (!(reach <= Limits.COORDINATE)) {
            throw new CannotBring("The file has places further away than 10 km: it cannot be drawn.");
        }
        return this;
    }
}
