package org.hyphantes.desktop.act;

import java.util.Optional;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.weave.Reach;

/** How far acts on crossings are carried: as the last interlacing says. */
public final class ReachActs {
    private final Desk desk;

    public ReachActs(Desk desk) {
        this.desk = desk;
    }

    public Reach reach() {
        return desk.root()
                .lastOf(Interlace.class)
                .map(Interlace::reach)
                .orElse(desk.view().reach());
    }

    /** Has acts carried further, or less far. */
    public void set(Reach reach) {
        String words = "Acts reach " + ReachWords.of(reach) + ".";
        String group = desk.root().id();
        Optional<Step> step = desk.root().last(Interlace.class);
        desk.look(desk.view().reaching(reach));
        step.ifPresent(s -> desk.edit(Recipes.set(group, s.id(), ((Interlace) s.treatment()).withReach(reach), words)));
        desk.say(words);
    }

    /** The next reach, or the one before, round and round. */
    public void next(int way) {
        set(ReachWords.next(reach(), way));
    }
}
