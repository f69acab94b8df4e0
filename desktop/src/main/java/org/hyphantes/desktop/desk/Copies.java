package org.hyphantes.desktop.desk;

import java.util.List;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;

/** What was copied last: members of a group, and a recipe. */
public final class Copies {
    private List<Member> members = List.of();
    private List<Step> recipe = List.of();
    private int pasted;

    public List<Member> members() {
        return members;
    }

    public List<Step> recipe() {
        return recipe;
    }

    /** @param cut whether they are gone from where they were, so that the first paste lays them there again */
    public void takeMembers(List<Member> copied, boolean cut) {
        members = List.copyOf(copied);
        pasted = cut ? -1 : 0;
    }

    public void takeRecipe(List<Step> copied) {
        recipe = List.copyOf(copied);
    }

    /** How often they have been pasted, this time too. */
    public int nextPaste() {
        return ++pasted;
    }
}
