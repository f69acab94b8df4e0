package org.hyphantes.desktop.act;

import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.paint.Colour;

/** Selects members of the group in hand: all, none, by kind, by name or by colour. */
public final class Choosing {
    private final Desk desk;
    private final Chosen chosen;

    public Choosing(Desk desk) {
        this.desk = desk;
        this.chosen = new Chosen(desk);
    }

    public void all() {
        Set<String> ids = new LinkedHashSet<>();
        desk.root().members().stream()
                .filter(m -> !m.standing().locked() && !m.standing().hidden())
                .forEach(m -> ids.add(m.id()));
        desk.look(desk.view().choosing(chosen.group(), ids));
        desk.say(ids.size() + " selected.");
    }

    public void none() {
        desk.look(desk.view().about(null));
        desk.say("Nothing selected.");
    }

    /** Selects all members of a kind, of a colour, or whose names begin so; several are separated by commas, {@code and}, or blanks. */
    public void named(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        Set<String> ids = new LinkedHashSet<>(called(wanted));
        if (ids.isEmpty()) {
            for (String one : wanted.split("\\s*,\\s*|\\s+and\\s+|\\s+")) {
                Set<String> found = called(one);
                if (found.isEmpty()) {
                    ids.clear();
                    break;
                }
                ids.addAll(found);
            }
        }
        desk.look(desk.view().choosing(chosen.group(), ids));
        desk.say(ids.isEmpty() ? "Nothing is called \"" + words.strip() + "\"." : ids.size() + " selected.");
    }

    private Set<String> called(String wanted) {
        Optional<Colour> colour = desk.design().colourway().colour(wanted);
        Set<String> ids = new LinkedHashSet<>();
        for (Member member : desk.root().members()) {
            boolean kind = member instanceof Figure figure
                    && (wanted.equals(figure.form().schema().word())
                            || wanted.equals(figure.form().schema().word() + "s"));
            boolean coloured = member instanceof Figure of
                    && colour.isPresent()
                    && of.colour().equals(colour);
            boolean begins =
                    !wanted.isEmpty() && member.name().toLowerCase(Locale.ROOT).startsWith(wanted);
            if (kind || coloured || begins) {
                ids.add(member.id());
            }
        }
        return ids;
    }
}
