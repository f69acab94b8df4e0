package org.hyphantes.exchange.incoming;

import java.util.ArrayList;
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
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Quoted;
import org.hyphantes.treatment.Band;

/**
 * What was brought in from a file.
 *
 * @param shapes in the order in which they are drawn
 * @param left what was not understood, by its name, with how often it stands in the file
 */
public record Arrival(List<Shape> shapes, Map<String, Integer> left) {
    public Arrival {
        shapes = List.copyOf(shapes);
    }

    /**
     * One shape.
     *
     * @param weight the width (mm) of its line; 0 for one that is filled, or has no width of its own
     */
    public record Shape(String name, Form form, Optional<Colour> colour, double weight) {
        static Shape of(String name, List<Path> paths, Optional<Colour> colour, double weight) {
            return new Shape(name, Drawn.of(paths), colour, weight);
        }
    }

    /** The box (mm) round all of it. */
    public Box box() {
        return Box.round(shapes.stream()
                .flatMap(s -> s.form().paths(null).stream())
                .map(Path::box)
                .toList());
    }

    /** A design with this in a group of its own; a band where all of it is lines of one width. */
    public Design into(Design design, String name) {
        String id = design.freshId("group");
        Set<String> taken = new LinkedHashSet<>(design.figures());
        List<Member> members = new ArrayList<>();
        int number = 0;
        for (Shape shape : shapes) {
            String word = shape.form().schema().word();
            do {
                number++;
            } while (taken.contains(word + "-" + number));
            String own = shape.name().isBlank() ? shape.form().schema().title() + " " + number : shape.name();
            members.add(new Figure(word + "-" + number, Quoted.name(own), shape.form()).coloured(shape.colour()));
        }
        List<Step> recipe = new ArrayList<>();
        double weight = weight();
        if (weight > 0) {
            recipe.add(new Step(true, Band.of(Amount.of(weight), Ends.ROUND)));
        }
        Group group = new Group(id, Quoted.name(name), members, recipe);
        return design.change(design.root().id(), g -> {
            List<Member> more = new ArrayList<>(g.members());
            more.add(group);
            return g.withMembers(more);
        });
    }

    /** The width of all its lines where they are of one; 0 where they are not. */
    private double weight() {
        List<Double> weights = shapes.stream().map(Shape::weight).distinct().toList();
        return weights.size() == 1 ? Math.rint(weights.get(0) * 1e6) / 1e6 : 0;
    }

    /** What is said of it: "12 figures. Left out: 2 image, 1 filter." */
    public String told() {
        String left = this.left.entrySet().stream()
                .limit(6)
                .map(e -> e.getValue() + " " + e.getKey())
                .collect(Collectors.joining(", "));
        return Numerals.counted(shapes.size(), "figure") + "." + (left.isEmpty() ? "" : " Left out: " + left + ".");
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
