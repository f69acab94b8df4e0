package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.hyphantes.treatment.Treatment;

/**
 * Makes a tree of format 1 one of format 2: steps had no ids, and settings that refer to a figure held its name. A tree that is not
 * sound is left as it is, for the reader to say what is wrong with it.
 */
final class Version1 {
    private Version1() {}

    static void upgrade(ObjectNode tree) {
        tree.put("version", 2);
        group(tree);
    }

    private static void group(JsonNode group) {
        Map<String, String> ids = new HashMap<>();
        for (JsonNode member : group.path("members")) {
            if (member.has("group")) {
                group(member);
            } else {
                ids.putIfAbsent(member.path("name").asText(), member.path("id").asText());
            }
        }
        Set<String> taken = new HashSet<>();
        for (JsonNode step : group.path("recipe")) {
            if (step instanceof ObjectNode node) {
                step(node, ids, taken);
            }
        }
    }

    private static void step(ObjectNode step, Map<String, String> ids, Set<String> taken) {
        String word = step.path("treatment").asText();
        int n = 1;
        while (!taken.add(word + "-" + n)) {
            n++;
        }
        step.put("id", word + "-" + n);
        Treatment.each().stream()
                .filter(t -> t.schema().word().equals(word))
                .flatMap(t -> t.schema().figures().entrySet().stream())
                .filter(e -> step.path(e.getKey()).isTextual()
                        && !step.path(e.getKey()).asText().equals(e.getValue()))
                .forEach(e -> {
                    String name = step.path(e.getKey()).asText();
                    step.put(e.getKey(), ids.getOrDefault(name, name));
                });
    }
}
