package org.hyphantes.desktop.act;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.setting.FigureList;
import org.hyphantes.setting.Schema;
import org.hyphantes.treatment.Treatment;

/**
 * Which figures a treatment takes that is asked for: those that are selected, or all. A figure just laid is selected as well; what is
 * set out then takes it alone, but bands, weaves and colours, which come when all is set out, take all.
 */
public final class Taking {
    private final Desk desk;

    public Taking(Desk desk) {
        this.desk = desk;
    }

    /** The treatment, taking what is selected. */
    public Treatment selected(Treatment treatment) {
        Schema<?> schema = treatment.schema();
        Optional<String> key = key(schema);
        List<String> ids = ids(treatment);
        return key.isEmpty() || ids.isEmpty()
                ? treatment
                : (Treatment) schema.put(treatment, key.get(), FigureList.of(ids));
    }

    /** The last step of the same kind that takes what is selected; with nothing selected the last of its kind. */
    public Optional<Step> there(Treatment treatment) {
        Optional<String> key = key(treatment.schema());
        if (key.isEmpty() || ids(treatment).isEmpty()) {
            return desk.root().last(treatment.getClass());
        }
        String wanted = (String) treatment.schema().value(selected(treatment), key.get());
        return desk.root().recipe().stream()
                .filter(s -> s.treatment().getClass() == treatment.getClass()
                        && s.treatment()
                                .schema()
                                .value(s.treatment(), key.get())
                                .equals(wanted))
                .reduce((a, b) -> b);
    }

    /** Whether a step takes a member of the group in hand. */
    public static boolean takes(Step step, Member member) {
        Schema<?> schema = step.treatment().schema();
        return key(schema)
                .map(k -> {
                    String value = (String) schema.value(step.treatment(), k);
                    return value.equals(schema.figures().get(k))
                            || FigureList.ids(value).stream().anyMatch(figures(member)::contains);
                })
                .orElse(true);
    }

    private static Optional<String> key(Schema<?> schema) {
        return schema.keys().stream().filter(schema::isMany).findFirst();
    }

    /** The figures that a member is or holds, by their ids. */
    private static Set<String> figures(Member member) {
        return member instanceof Group group ? group.names().keySet() : Set.of(member.id());
    }

    /** The figures that a treatment asked for would take, by their ids; none where it takes all. */
    List<String> ids(Treatment treatment) {
        List<Member> members = new Chosen(desk).members();
        if (members.isEmpty()) {
            return List.of();
        }
        Set<String> ids = new LinkedHashSet<>();
        members.forEach(m -> ids.addAll(figures(m)));
        boolean all = desk.root().members().stream().allMatch(m -> ids.containsAll(figures(m)));
        return treatment.takesAll() && (all || !desk.view().picked()) ? List.of() : new ArrayList<>(ids);
    }
}
