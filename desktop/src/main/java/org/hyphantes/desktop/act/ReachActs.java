package org.hyphantes.desktop.act;

import java.util.Optional;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.weave.Reach;

/** How far acts on crossings, or on pieces while they are looked at, are carried: as the last step of its kind says. */
public final class ReachActs {
    private final Desk desk;

    public ReachActs(Desk desk) {
        this.desk = desk;
    }

    public Reach reach() {
        return inPieces()
                ? desk.root()
                        .lastOf(Pieces.class)
                        .map(Pieces::reach)
                        .orElse(desk.view().reach())
                : desk.root()
                        .lastOf(Interlace.class)
                        .map(Interlace::reach)
                        .orElse(desk.view().reach());
    }

    /** Has acts carried further, or less far. */
    public void set(Reach reach) {
        String words = "Acts reach " + ReachWords.of(reach) + ".";
        String group = desk.root().id();
        boolean pieces = inPieces();
        Optional<Step> step =
                pieces ? desk.root().last(Pieces.class) : desk.root().last(Interlace.class);
        desk.look(desk.view().reaching(reach));
        step.ifPresent(s -> desk.edit(Recipes.set(group, s.id(), reaching(s.treatment(), reach), words)));
        desk.say(words);
    }

    private static Treatment reaching(Treatment treatment, Reach reach) {
        return treatment instanceof Pieces pieces ? pieces.withReach(reach) : ((Interlace) treatment).withReach(reach);
    }

    /** Whether what is acted on are pieces: they have a reach of their own. */
    private boolean inPieces() {
        return desk.view().stage().equals("pieces");
    }

    /** The next reach, or the one before, round and round. */
    public void next(int way) {
        set(ReachWords.next(reach(), way));
    }
}
