package org.hyphantes.desktop.desk;

import org.hyphantes.design.Subject;
import org.hyphantes.figure.Form;

/** The desk with what lies ready beside it: what new figures start with, what was copied, where the keyboard can be taken, and which pieces are selected, and the simulated machine. */
public record Bench(Desk desk, Nouns nouns, Copies copies, Focus focus, Picked picked, Workshop workshop) {
    /** A desk with nothing beside it yet; a figure that is set is what the next of its kind starts with. */
    public static Bench of(Desk desk) {
        Nouns nouns = new Nouns();
        desk.onSet(subject -> {
            if (subject instanceof Subject.OfFigure) {
                subject.in(desk.design()).ifPresent(form -> nouns.startLike((Form) form));
            }
        });
        return new Bench(desk, nouns, new Copies(), new Focus(), new Picked(), new Workshop());
    }
}
