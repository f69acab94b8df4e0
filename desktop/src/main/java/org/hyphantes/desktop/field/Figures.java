package org.hyphantes.desktop.field;

import java.util.HashMap;
import java.util.Map;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;

/** The figures of a design numbered in order, by id; strands of one figure share a tint and a texture. */
final class Figures {
    private final Map<String, Integer> numbers = new HashMap<>();

    Figures(Group root) {
        add(root);
    }

    private void add(Member member) {
        if (member instanceof Group group) {
            group.members().forEach(this::add);
        } else if (member instanceof Figure figure) {
            numbers.put(figure.id(), numbers.size());
        }
    }

    int number(String id) {
        return numbers.getOrDefault(id, 0);
    }
}
