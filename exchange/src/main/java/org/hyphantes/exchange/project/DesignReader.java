package org.hyphantes.exchange.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Material;
import org.hyphantes.design.Member;
import org.hyphantes.design.Net;
import org.hyphantes.design.Page;
import org.hyphantes.design.Sketch;
import org.hyphantes.design.Standing;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Form;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.Reading;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Treatment;

/** Reads a design from a JSON tree, saying of anything amiss where it stands. Numbers are mm and degrees whatever the unit. */
final class DesignReader {
    static final String FORMAT = "hyphantes design";
    static final int VERSION = 2;

    private static final JsonMapper PLAIN = new JsonMapper();

    private final Set<String> ids = new HashSet<>();
    private Map<String, Amount> measures = Map.of();
    private double square;

    private DesignReader() {}

    static Design design(JsonNode tree) throws CannotOpen {
        return new DesignReader().read(tree);
    }

    private Design read(JsonNode tree) throws CannotOpen {
        if (!tree.isObject() || !FORMAT.equals(tree.path("format").asText())) {
            throw new CannotOpen(
                    "This is not a Hyphantes design: it does not begin with \"format\": \"" + FORMAT + "\".");
        }
        int version = count(tree, "version", "");
        if (version > VERSION) {
            throw new CannotOpen("This file was written by a newer Hyphantes (format " + version
                    + "); this one reads up to " + VERSION + ".");
        }
        if (version == 1) {
            Version1.upgrade((ObjectNode) tree);
        }
        only(
                tree,
                "",
                List.of(
                        "format",
                        "version",
                        "name",
                        "unit",
                        "material",
                        "measures",
                        "page",
                        "net",
                        "sketch",
                        "members",
                        "recipe"));
        String name = text(tree, "name", "");
        Unit unit = one(text(tree, "unit", ""), List.of(Unit.values()), Unit::symbol, "/unit");
        Material material = one(text(tree, "material", ""), List.of(Material.values()), Material::word, "/material");
        measures = measures(tree.path("measures"));
        ids.add("design");
        Page page = tree.has("page")
                ? (Page) settings(tree.path("page"), Page.STARTING, List.of(), "/page")
                : Page.STARTING;
        Net net = tree.has("net") ? (Net) settings(tree.path("net"), Net.STARTING, List.of(), "/net") : Net.STARTING;
        square = net.step().value();
        Sketch sketch = tree.has("sketch")
                ? (Sketch) settings(tree.path("sketch"), Sketch.STARTING, List.of(), "/sketch")
                : Sketch.STARTING;
        return new Design(name, unit, material, measures, page, net, sketch, group(tree, "design", name, ""));
    }

    private static Map<String, Amount> measures(JsonNode node) throws CannotOpen {
        Map<String, Amount> found = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            try {
                found.put(entry.getKey(), Expression.length(entry.getValue().asText(), new Scope(found, Unit.MM), 0));
            } catch (CannotRead e) {
                throw at("/measures/" + entry.getKey(), e.getMessage());
            }
        }
        return found;
    }

    private Group group(JsonNode node, String id, String name, String at) throws CannotOpen {
        List<Member> members = new ArrayList<>();
        JsonNode memberNodes = array(node, "members", at);
        for (int i = 0; i < memberNodes.size(); i++) {
            members.add(member(memberNodes.get(i), at + "/members/" + i));
        }
        List<Step> recipe = new ArrayList<>();
        Set<String> steps = new HashSet<>();
        JsonNode stepNodes = array(node, "recipe", at);
        for (int i = 0; i < stepNodes.size(); i++) {
            recipe.add(step(stepNodes.get(i), steps, at + "/recipe/" + i));
        }
        return new Group(id, name, members, recipe);
    }

    private Member member(JsonNode node, String at) throws CannotOpen {
        if (node.has("group")) {
            only(node, at, List.of("group", "name", "standing", "members", "recipe"));
            return group(node, id(node, "group", at), text(node, "name", at), at)
                    .standing(standing(node, at));
        }
        String id = id(node, "id", at);
        Optional<Form> was = Optional.empty();
        if (node.has("was")) {
            was = Optional.of(form(node.path("was"), List.of("figure"), at + "/was"));
        }
        Form form = form(node, List.of("figure", "id", "name", "standing", "was", "colour"), at);
        return new Figure(id, text(node, "name", at), form, standing(node, at), was, colour(node, at));
    }

    private Form form(JsonNode node, List<String> others, String at) throws CannotOpen {
        Form starting = kind(text(node, "figure", at), Form.EACH, at + "/figure");
        return (Form) settings(node, starting, others, at);
    }

    private static Optional<Colour> colour(JsonNode node, String at) throws CannotOpen {
        if (!node.has("colour")) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Colour(text(node, "colour", at)));
        } catch (IllegalArgumentException e) {
            throw at(at + "/colour", e.getMessage() + ".");
        }
    }

    private static Standing standing(JsonNode node, String at) throws CannotOpen {
        Standing standing = Standing.PLAIN;
        if (node.has("standing")) {
            for (String word : text(node, "standing", at).split(" ")) {
                standing = switch (word) {
                    case "locked" -> standing.withLocked(true);
                    case "hidden" -> standing.withHidden(true);
                    case "helper" -> standing.withHelper(true);
                    default ->
                        throw at(
                                at + "/standing",
                                "\"" + word + "\" is not known here; it can be locked, hidden, helper.");
                };
            }
        }
        return standing;
    }

    private Step step(JsonNode node, Set<String> taken, String at) throws CannotOpen {
        Treatment treatment = kind(text(node, "treatment", at), Treatment.each(), at + "/treatment");
        String id = text(node, "id", at);
        if (id.isBlank() || !taken.add(id)) {
            throw at(at + "/id", "\"" + id + "\" is used twice, or empty.");
        }
        String passes = one(text(node, "passes", at), List.of("over", "under"), w -> w, at + "/passes");
        List<String> others = new ArrayList<>(List.of("treatment", "id", "passes"));
        others.addAll(treatment.schema().kept());
        treatment = (Treatment) settings(node, treatment, others, at);
        for (String key : treatment.schema().kept()) {
            if (node.has(key)) {
                treatment = keeping(treatment, key, array(node, key, at), at + "/" + key);
            }
        }
        return new Step(id, passes.equals("over"), treatment);
    }

    private static Treatment keeping(Treatment treatment, String key, JsonNode list, String at) throws CannotOpen {
        try {
            List<?> told = PLAIN.treeToValue(list, List.class);
            return (Treatment) treatment.schema().keeping(treatment, key, told);
        } catch (CannotRead e) {
            throw at(at + e.place(), e.getMessage());
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain values is always plain", e);
        }
    }

    private Described settings(JsonNode node, Described starting, List<String> others, String at) throws CannotOpen {
        Described thing = starting;
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            if (others.contains(entry.getKey())) {
                continue;
            }
            String place = at + "/" + entry.getKey();
            if (!entry.getValue().isTextual() && !entry.getValue().isNumber()) {
                throw at(place, "a number or a word is wanted here.");
            }
            if (thing.schema().figures().containsKey(entry.getKey())) {
                // A figure is held by its id, whether it is there or gone.
                thing = (Described) thing.schema()
                        .put(thing, entry.getKey(), entry.getValue().asText());
                continue;
            }
            try {
                Reading<?> reading = thing.schema()
                        .read(thing, entry.getKey(), entry.getValue().asText(), new Scope(measures, Unit.MM, square));
                if (!reading.note().isEmpty()) {
                    throw at(place, reading.note().replaceAll("; kept at.*", "."));
                }
                thing = (Described) reading.value();
            } catch (CannotRead e) {
                throw at(place, e.getMessage());
            }
        }
        return thing;
    }

    private String id(JsonNode node, String key, String at) throws CannotOpen {
        String id = text(node, key, at);
        if (!ids.add(id)) {
            throw at(at + "/" + key, "\"" + id + "\" is used twice.");
        }
        return id;
    }

    private static <T extends Described> T kind(String word, List<T> each, String at) throws CannotOpen {
        return one(word, each, t -> t.schema().word(), at);
    }

    private static <T> T one(String word, List<T> of, Function<T, String> words, String at) throws CannotOpen {
        for (T candidate : of) {
            if (words.apply(candidate).equals(word)) {
                return candidate;
            }
        }
        throw at(
                at,
                "\"" + word + "\" is not known here; it can be "
                        + String.join(", ", of.stream().map(words).toList()) + ".");
    }

    private static void only(JsonNode node, String at, List<String> keys) throws CannotOpen {
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            String key = entry.getKey();
            if (!keys.contains(key)) {
                throw at(at + "/" + key, "nothing of this name belongs here.");
            }
        }
    }

    private static String text(JsonNode node, String key, String at) throws CannotOpen {
        JsonNode value = node.path(key);
        if (!value.isTextual()) {
            throw at(at + "/" + key, "a text is wanted here.");
        }
        return value.asText();
    }

    private static int count(JsonNode node, String key, String at) throws CannotOpen {
        JsonNode value = node.path(key);
        if (!value.isInt() || value.intValue() < 0) {
            throw at(at + "/" + key, "a whole number of 0 or more is wanted here.");
        }
        return value.intValue();
    }

    private static JsonNode array(JsonNode node, String key, String at) throws CannotOpen {
        JsonNode value = node.path(key);
        if (!value.isArray()) {
            throw at(at + "/" + key, "a list is wanted here.");
        }
        return value;
    }

    private static CannotOpen at(String place, String words) {
        return new CannotOpen("At " + place + ": " + words);
    }
}
