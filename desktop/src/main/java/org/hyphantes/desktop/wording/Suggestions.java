package org.hyphantes.desktop.wording;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.figure.Typesetter;
import org.hyphantes.setting.Kind;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Strand;

/** What a slot offers to choose from. */
final class Suggestions {
    private static final int MOST_STRANDS = 26;

    private Suggestions() {}

    /** The words for a kind of setting; none for what is typed. */
    static List<String> of(Kind kind, Desk desk) {
        if (kind instanceof Kind.Choice choice) {
            return choice.words();
        }
        if (kind instanceof Kind.Typeface) {
            return List.copyOf(Typesetter.installed().typefaces());
        }
        if (kind instanceof Kind.Strand) {
            return strands(desk);
        }
        if (kind instanceof Kind.Figure figure) {
            List<String> names = new ArrayList<>(List.of(figure.otherwise()));
            names.addAll(desk.root().names().values());
            return names;
        }
        return List.of();
    }

    private static List<String> strands(Desk desk) {
        List<String> letters = new ArrayList<>();
        if (desk.resolved() != null) {
            for (Laying laying : desk.resolved().finished().work().woven()) {
                laying.weave().strands().stream()
                        .map(Strand::name)
                        .limit(MOST_STRANDS)
                        .forEach(letters::add);
            }
        }
        return letters.isEmpty() ? List.of("A") : letters;
    }
}
