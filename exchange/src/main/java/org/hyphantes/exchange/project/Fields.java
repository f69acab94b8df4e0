package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Quoted;

/** The fields of JSON objects as what is wanted there; of one that is not, it is said where it stands. */
final class Fields {
    private Fields() {}

    static String text(JsonNode node, String key, String at) throws CannotOpen {
        JsonNode value = node.path(key);
        if (!value.isTextual()) {
            throw at(at + "/" + key, "a text is wanted here.");
        }
        return value.asText();
    }

    /** A text of a few words, such as a name or an id, without what cannot be written again. */
    static String name(JsonNode node, String key, String at) throws CannotOpen {
        String name = text(node, key, at);
        if (name.length() > Limits.NAME) {
            throw at(
                    at + "/" + key,
                    "this is too long with " + name.length() + " characters: up to " + Limits.NAME + ".");
        }
        if (Quoted.isUnsound(name)) {
            throw at(at + "/" + key, Quoted.of(name) + " has a character that cannot be shown; take it out.");
        }
        return name;
    }

    static int count(JsonNode node, String key, String at) throws CannotOpen {
        JsonNode value = node.path(key);
        if (!value.isInt() || value.intValue() < 0) {
            throw at(at + "/" + key, "a whole number of 0 or more is wanted here.");
        }
        return value.intValue();
    }

    static JsonNode array(JsonNode node, String key, String at, int most) throws CannotOpen {
        JsonNode value = node.path(key);
        if (!value.isArray()) {
            throw at(at + "/" + key, "a list is wanted here.");
        }
        if (value.size() > most) {
            throw at(at + "/" + key, "this list is too long with " + value.size() + " entries: up to " + most + ".");
        }
        return value;
    }

    static <T extends Described> T kind(String word, List<T> each, String at) throws CannotOpen {
        return one(word, each, t -> t.schema().word(), at);
    }

    static <T> T one(String word, List<T> of, Function<T, String> words, String at) throws CannotOpen {
        for (T candidate : of) {
            if (words.apply(candidate).equals(word)) {
                return candidate;
            }
        }
        throw at(
                at,
                Quoted.of(word) + " is not known here; it can be "
                        + String.join(", ", of.stream().map(words).toList()) + ".");
    }

    static void only(JsonNode node, String at, List<String> keys) throws CannotOpen {
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            String key = entry.getKey();
            if (!keys.contains(key)) {
                throw at(at + "/" + Quoted.message(key), "nothing of this name belongs here.");
            }
        }
    }

    static CannotOpen at(String place, String words) {
        return new CannotOpen("At " + place + ": " + words);
    }
}
