package org.hyphantes.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hyphantes.piece.PieceName;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.treatment.Treatment;

/** Ids for members that are laid into a design: none that it has, none twice; and what refers to a member follows it. */
final class NewIds {
    private final Set<String> taken = new HashSet<>();
    private final Map<String, Integer> last = new HashMap<>();
    private final Map<String, List<String>> anew = new HashMap<>();

    NewIds(Design design) {
        take(design.root());
    }

    private void take(Member member) {
        taken.add(member.id());
        if (member instanceof Group group) {
            group.members().forEach(this::take);
        }
    }

    /** A member with new ids, for itself and all in it. */
    Member given(Member member) {
        if (member instanceof Figure figure) {
            return figure.withId(fresh(figure.form().schema().word(), member.id()));
        }
        Group group = (Group) member;
        String id = fresh("group", member.id());
        List<Member> members = group.members().stream().map(this::given).toList();
        return new Group(id, group.name(), members, group.recipe(), group.standing());
    }

    private String fresh(String word, String before) {
        String id;
        do {
            id = word + "-" + last.merge(word, 1, Integer::sum);
        } while (!taken.add(id));
        anew.put(before, List.of(id));
        return id;
    }

    /** A member whose recipes, if it has any, name members by the ids that they were given. */
    Member followed(Member member) {
        if (!(member instanceof Group group)) {
            return member;
        }
        return group.withMembers(group.members().stream().map(this::followed).toList())
                .withRecipe(group.recipe().stream().map(this::followed).toList());
    }

    private Step followed(Step step) {
        Treatment treatment = step.referring(anew).treatment();
        for (String key : treatment.schema().kept()) {
            List<Object> told = new ArrayList<>();
            treatment.schema().told(treatment, key).forEach(entry -> told.add(followed(entry)));
            try {
                treatment = (Treatment) treatment.schema().keeping(treatment, key, told);
            } catch (CannotRead e) {
                throw new IllegalStateException("what was told can be read", e);
            }
        }
        return step.with(treatment);
    }

    /** A kept value, such as a pinned crossing, with the figures that it names. */
    private Object followed(Object told) {
        if (!(told instanceof Map<?, ?> entry)) {
            return told;
        }
        Map<Object, Object> followed = new LinkedHashMap<>();
        entry.forEach((key, value) -> followed.put(key, followed(key, value)));
        return followed;
    }

    private Object followed(Object key, Object value) {
        if (key.equals("pieces") && value instanceof List<?> names) {
            return names.stream()
                    .map(n -> PieceName.of((String) n).renamed(this::now).text())
                    .toList();
        }
        return key.equals("figure") ? now((String) value) : followed(value);
    }

    /** The id that a figure was given, or its own. */
    private String now(String id) {
        return anew.containsKey(id) ? anew.get(id).get(0) : id;
    }
}
