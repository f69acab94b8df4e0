package org.hyphantes.desktop.act;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Point;

/** What is selected of the group in hand. */
public final class Chosen {
    private final Desk desk;

    public Chosen(Desk desk) {
        this.desk = desk;
    }

    String group() {
        return desk.root().id();
    }

    public Set<String> ids() {
        return desk.view().chosen();
    }

    public List<Member> members() {
        return desk.root().members().stream()
                .filter(m -> ids().contains(m.id()))
                .toList();
    }

    /** What is selected, in words. */
    public String words() {
        List<String> names = members().stream().map(Member::name).toList();
        return names.isEmpty()
                ? "Nothing selected"
                : names.size() + " selected: " + String.join(", ", names.subList(0, Math.min(8, names.size())))
                        + (names.size() > 8 ? " and more" : "");
    }

    /** The middle of what is selected; the centre when nothing is. */
    public Point middle() {
        return ids().isEmpty()
                ? Point.ORIGIN
                : Arranging.box(desk.design(), group(), ids()).centre();
    }

    /** What the one figure that is selected was before it was reshaped. */
    public Optional<Form> was() {
        return members().size() == 1 && members().get(0) instanceof Figure figure ? figure.was() : Optional.empty();
    }

    /** Whether something is selected; says so when nothing is. */
    boolean isSomething() {
        if (ids().isEmpty()) {
            desk.warn("Select a figure first: click its line, or its chip at the left of the cord.");
            return false;
        }
        return true;
    }

    /** Does an edit, and keeps selected what is. */
    void keep(Edit edit) {
        Set<String> kept = ids();
        desk.edit(edit);
        desk.look(desk.view().keeping(group(), kept));
    }
}
