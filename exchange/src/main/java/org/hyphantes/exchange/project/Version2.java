package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Makes a tree of format 2 one of format 3: a nest counted the copies besides the figure itself, and now counts all. A tree that is not
 * sound is left as it is, for the reader to say what is wrong with it.
 */
final class Version2 {
    private Version2() {}

    static void upgrade(ObjectNode tree) {
        tree.put("version", 3);
        group(tree);
    }

    private static void group(JsonNode group) {
        for (JsonNode member : group.path("members")) {
            if (member.has("group")) {
                group(member);
            }
        }
        for (JsonNode step : group.path("recipe")) {
            JsonNode times = step.path("times");
            if (step.path("treatment").asText().equals("nest") && step instanceof ObjectNode nest) {
                if (times.isInt()) {
                    nest.put("times", times.intValue() + 1);
                } else if (times.isNumber()) {
                    nest.put("times", times.doubleValue() + 1);
                } else if (times.isTextual()) {
                    nest.put("times", "(" + times.asText() + ") + 1");
                }
            }
        }
    }
}
