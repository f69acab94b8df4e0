package org.hyphantes.exchange.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Subject;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Quoted;
import org.hyphantes.setting.Reading;

/**
 * What a name like {@code Wide circle.radius} sets: a slot of a figure by its name or id, of a step by the word of its treatment
 * ({@code turn.times}, the second {@code turn 2.times}), of {@code page}, {@code net} or {@code sketch}, or a measure ({@code measures.seat}).
 * Figures and steps of an inner group come after the group's name and a slash: {@code Compass/turn.times}.
 */
record Target(Optional<Subject> subject, String key) {
    static Target of(Design design, String name) throws CannotRead {
        int dot = name.lastIndexOf('.');
        if (dot < 1 || dot == name.length() - 1) {
            throw new CannotRead("Name a slot as figure.slot, such as \"Circle.radius\" or \"turn.times\".");
        }
        String key = name.substring(dot + 1);
        Group group = design.root();
        String[] path = name.substring(0, dot).split("/");
        for (int i = 0; i + 1 < path.length; i++) {
            String wanted = path[i];
            group = group.members().stream()
                    .filter(m -> m instanceof Group && (m.name().equals(wanted) || m.id().equals(wanted)))
                    .map(Group.class::cast)
                    .findFirst()
                    .orElseThrow(() -> new CannotRead("There is no group " + Quoted.of(wanted) + "."));
        }
        String thing = path[path.length - 1];
        if (thing.equals("measures")) {
            return new Target(Optional.empty(), key);
        }
        return new Target(Optional.of(subject(group, thing)), key);
    }

    /** The design with this set from text, and what is to be said of it. */
    Reading<Design> set(Design design, String value) throws CannotRead {
        if (subject.isEmpty()) {
            return new Reading<>(design.withMeasure(key, value), "");
        }
        Reading<Design> reading = subject.get().set(design, key, value);
        References.check(reading.value(), subject.get(), key);
        return reading;
    }

    private static Subject subject(Group group, String thing) throws CannotRead {
        for (Member member : group.members()) {
            if (member instanceof Figure
                    && (member.name().equals(thing) || member.id().equals(thing))) {
                return new Subject.OfFigure(group.id(), member.id());
            }
        }
        for (Subject.OfDesign whole : Subject.OfDesign.values()) {
            if (thing.equals(whole.word())) {
                return whole;
            }
        }
        List<String> known = new ArrayList<>();
        group.members().stream()
                .filter(Figure.class::isInstance)
                .map(Member::name)
                .forEach(known::add);
        String[] words = thing.split(" ");
        int wanted = words.length == 2 && words[1].matches("[1-9]\\d{0,3}") ? Integer.parseInt(words[1]) : 1;
        int seen = 0;
        for (int i = 0; i < group.recipe().size(); i++) {
            String word = group.recipe().get(i).treatment().schema().word();
            if (word.equals(words[0].toLowerCase(Locale.ROOT)) && ++seen == wanted) {
                return new Subject.OfStep(group.id(), group.recipe().get(i).id());
            }
            known.add(word);
        }
        throw new CannotRead("There is no " + Quoted.of(thing) + " in " + group.name() + "; it has "
                + (known.isEmpty() ? "nothing yet" : String.join(", ", known))
                + ", page, net, sketch, material and measures.");
    }
}
