package org.hyphantes.desktop.act;

import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.desk.Desk;

/** Takes groups in hand: into one of the group in hand, and out of it again. */
public final class GroupActs {
    private final Desk desk;

    public GroupActs(Desk desk) {
        this.desk = desk;
    }

    /** Takes a group in hand, which then is all that is set out and worked on. */
    public void into(Group group) {
        desk.look(desk.view().within(group.id(), group.recipe().size()));
        desk.say("In " + group.name() + ". Alt+Up leads out of it.");
    }

    /** Takes the first selected group in hand. */
    public void into() {
        new Chosen(desk)
                .members().stream()
                        .filter(Group.class::isInstance)
                        .findFirst()
                        .ifPresentOrElse(
                                g -> into((Group) g), () -> desk.warn("Select a group first; Alt+Down leads into it."));
    }

    /** Takes the group in hand that holds this one, or says that this is the whole. */
    public void out() {
        Group here = desk.root();
        Optional<Group> outer = holder(desk.design().root(), here.id());
        if (outer.isEmpty()) {
            desk.say("This is the whole design.");
        } else {
            into(outer.get());
            desk.look(desk.view().choosing(outer.get().id(), Set.of(here.id())));
        }
    }

    private static Optional<Group> holder(Group in, String id) {
        for (Member member : in.members()) {
            if (member instanceof Group inner) {
                Optional<Group> found = inner.id().equals(id) ? Optional.of(in) : holder(inner, id);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }
}
