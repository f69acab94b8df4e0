package org.hyphantes.desktop.act;

import org.hyphantes.design.Recipes;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.desktop.desk.Nouns;
import org.hyphantes.figure.Form;

/** Adds figures to the group in hand. */
public final class FigureActs {
    private final Desk desk;
    private final Nouns nouns;

    public FigureActs(Bench bench) {
        this.desk = bench.desk();
        this.nouns = bench.nouns();
    }

    /** Adds a figure and makes the sentence about it; it is the noun from now on. */
    public void add(Form form) {
        desk.edit(Recipes.addFigure(desk.root().id(), form));
        String id = desk.root().members().get(desk.root().members().size() - 1).id();
        nouns.noun(form.schema().word());
        if (!desk.view().stage().equals(Gallery.SET_OUT)) {
            desk.open(Gallery.SET_OUT);
        }
        desk.look(desk.view().about(new Subject.OfFigure(desk.root().id(), id)));
    }

    /** Adds a figure of a kind, with the settings that a new one starts with; one just laid and still loose becomes it instead. */
    public void add(String word) {
        if (!nouns.becomes(word)) {
            add(new Beginning(desk).fitted(nouns.starting(word)));
        }
    }
}
