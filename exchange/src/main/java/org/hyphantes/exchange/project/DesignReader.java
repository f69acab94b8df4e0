package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
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
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.weave.Break;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Place;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Way;

/** Reads a design from a JSON tree, saying of anything amiss where it stands. Numbers are mm and degrees whatever the unit. */
final class DesignReader {
    static final String FORMAT = "hyphantes design";
    static final int VERSION = 1;

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
        for (Iterator<Map.Entry<String, JsonNode>> it = node.fields(); it.hasNext(); ) {
            Map.Entry<String, JsonNode> entry = it.next();
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
        JsonNode stepNodes = array(node, "recipe", at);
        for (int i = 0; i < stepNodes.size(); i++) {
            recipe.add(step(stepNodes.get(i), at + "/recipe/" + i));
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
                    default -> throw at(
                            at + "/standing", "\"" + word + "\" is not known here; it can be locked, hidden, helper.");
                };
            }
        }
        return standing;
    }

    private Step step(JsonNode node, String at) throws CannotOpen {
        Treatment starting = kind(text(node, "treatment", at), Treatment.each(), at + "/treatment");
        String passes = one(text(node, "passes", at), List.of("over", "under"), w -> w, at + "/passes");
        Treatment treatment =
                (Treatment) settings(node, starting, List.of("treatment", "passes", "pins", "breaks"), at);
        if (node.has("pins")) {
            if (!(treatment instanceof Interlace interlace)) {
                throw at(at + "/pins", "only an interlace has pins.");
            }
            List<Pin> pins = new ArrayList<>();
            JsonNode pinNodes = array(node, "pins", at);
            for (int i = 0; i < pinNodes.size(); i++) {
                pins.add(pin(pinNodes.get(i), at + "/pins/" + i));
            }
            treatment = interlace.withPins(pins);
        }
        if (node.has("breaks")) {
            if (!(treatment instanceof Interlace interlace)) {
                throw at(at + "/breaks", "only an interlace has breaks.");
            }
            List<Break> breaks = new ArrayList<>();
            JsonNode breakNodes = array(node, "breaks", at);
            for (int i = 0; i < breakNodes.size(); i++) {
                breaks.add(cut(breakNodes.get(i), at + "/breaks/" + i));
            }
            treatment = interlace.withBreaks(breaks);
        }
        return new Step(passes.equals("over"), treatment);
    }

    private Described settings(JsonNode node, Described starting, List<String> others, String at) throws CannotOpen {
        Described thing = starting;
        for (Iterator<Map.Entry<String, JsonNode>> it = node.fields(); it.hasNext(); ) {
            Map.Entry<String, JsonNode> entry = it.next();
            if (others.contains(entry.getKey())) {
                continue;
            }
            String place = at + "/" + entry.getKey();
            if (!entry.getValue().isTextual() && !entry.getValue().isNumber()) {
                throw at(place, "a number or a word is wanted here.");
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

    private static Pin pin(JsonNode node, String at) throws CannotOpen {
        only(node, at, List.of("first", "second", "ordinal", "over", "reach"));
        String over = one(text(node, "over", at), List.of("first", "second"), w -> w, at + "/over");
        return new Pin(place(node, at), over.equals("first"), reach(node, at));
    }

    private static Break cut(JsonNode node, String at) throws CannotOpen {
        only(node, at, List.of("first", "second", "ordinal", "way", "reach"));
        Way way = one(text(node, "way", at), List.of(Way.values()), DesignWriter::word, at + "/way");
        return new Break(place(node, at), way, reach(node, at));
    }

    private static Place place(JsonNode node, String at) throws CannotOpen {
        return new Place(
                strand(node.path("first"), at + "/first"),
                strand(node.path("second"), at + "/second"),
                count(node, "ordinal", at));
    }

    private static Reach reach(JsonNode node, String at) throws CannotOpen {
        return one(text(node, "reach", at), List.of(Reach.values()), DesignWriter::word, at + "/reach");
    }

    private static StrandKey strand(JsonNode node, String at) throws CannotOpen {
        only(node, at, List.of("figure", "parts", "copies"));
        List<Integer> parts = node.has("parts") ? counts(node, "parts", at) : List.of();
        return new StrandKey(text(node, "figure", at), parts, counts(node, "copies", at));
    }

    private static List<Integer> counts(JsonNode node, String key, String at) throws CannotOpen {
        List<Integer> counts = new ArrayList<>();
        for (JsonNode count : array(node, key, at)) {
            if (!count.isInt()) {
                throw at(at + "/" + key, "whole numbers are wanted here.");
            }
            counts.add(count.intValue());
        }
        return counts;
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
        for (Iterator<String> it = node.fieldNames(); it.hasNext(); ) {
            String key = it.next();
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
