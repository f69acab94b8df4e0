package org.hyphantes.exchange.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Making;
import org.hyphantes.design.Material;
import org.hyphantes.design.Member;
import org.hyphantes.design.Net;
import org.hyphantes.design.Page;
import org.hyphantes.design.Sketch;
import org.hyphantes.design.Standing;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Quoted;
import org.hyphantes.setting.Reading;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Treatment;

/**
 * Reads a design from a JSON tree, saying of anything amiss where it stands; or, of a damaged one, what can be read of it. Numbers are
 * mm and degrees whatever the unit.
 */
final class DesignReader {
    static final String FORMAT = "hyphantes design";
    static final int VERSION = 3;

    private final Set<String> ids = new HashSet<>();
    private final Map<String, Amount> measures = new LinkedHashMap<>();
    private double square;

    /** Whether what is not sound is left out, rather than refused. */
    private final boolean lenient;

    /** What was left out, in words. */
    private final List<String> left = new ArrayList<>();

    private DesignReader(boolean lenient) {
        this.lenient = lenient;
    }

    static Design design(JsonNode tree) throws CannotOpen {
        return new DesignReader(false).read(tree);
    }

    /** What can be read of a tree that is not sound; empty when that is nothing. */
    static Optional<Rescue> rescue(JsonNode tree) {
        try {
            DesignReader reader = new DesignReader(true);
            if (Parsed.cleaned(tree)) {
                reader.left.add("the characters that cannot be shown");
            }
            Design design = reader.read(tree);
            if (design.root().members().isEmpty()) {
                return Optional.empty();
            }
            int steps = design.root().recipe().size();
            return Optional.of(new Rescue(
                    design,
                    reader.left.isEmpty()
                            ? "up to "
                                    + (steps == 0
                                            ? "figure "
                                                    + design.root().members().size()
                                            : "step " + steps)
                            : "without " + reader.left.get(0) + (reader.left.size() > 1 ? " and more" : "")));
        } catch (CannotOpen e) {
            return Optional.empty();
        }
    }

    private Design read(JsonNode tree) throws CannotOpen {
        Older.upgrade(tree);
        Fields.only(tree, "", DesignWriter.KEYS);
        String name = or("Design", () -> Fields.name(tree, "name", ""));
        Unit unit = or(
                Unit.MM,
                () -> Fields.one(Fields.text(tree, "unit", ""), List.of(Unit.values()), Unit::symbol, "/unit"));
        Making material = or(
                Making.in(Material.PRINT),
                () -> Making.in(Fields.one(
                        Fields.text(tree, "material", ""), List.of(Material.values()), Material::word, "/material")));
        measures(tree.path("measures"));
        ids.add("design");
        Page page = or(Page.STARTING, () -> (Page) whole(tree, "page", Page.STARTING));
        Net net = or(Net.STARTING, () -> (Net) whole(tree, "net", Net.STARTING));
        square = net.step().value();
        Sketch sketch = or(Sketch.STARTING, () -> (Sketch) whole(tree, "sketch", Sketch.STARTING));
        Colourway colourway = or(Colourway.QUAY, () -> ColourwayNode.read(tree));
        Making making = or(material, () -> making(tree, material));
        Handing handing = or(Handing.STARTING, () -> (Handing) whole(tree, "handing", Handing.STARTING));
        Job job = or(
                making.material().job(),
                () -> job(tree.path("job"), making.material().job()));
        Group root = group(tree, "design", name, "");
        return new Design(name, unit, making, measures, page, net, sketch, colourway, handing, job, root);
    }

    private Job job(JsonNode node, Job usual) throws CannotOpen {
        Job job = (Job) settings(node, usual, List.of("passes"), "/job");
        List<Pass> passes = new ArrayList<>();
        for (JsonNode pass : node.has("passes") ? list(node, "passes", "/job", Job.MOST_PASSES) : List.<JsonNode>of()) {
            passes.add((Pass) settings(pass, Pass.CUT, List.of(), "/job/passes/" + passes.size()));
        }
        return job.passing(passes);
    }

    /** What reads something and may find that it cannot. */
    @FunctionalInterface
    private interface Attempt<T> {
        T read() throws CannotOpen;
    }

    /** What an attempt reads; when that fails, something else in its place, unless nothing is to be left out. */
    private <T> T or(T otherwise, Attempt<T> attempt) throws CannotOpen {
        try {
            return attempt.read();
        } catch (CannotOpen e) {
            if (!lenient) {
                throw e;
            }
            return otherwise;
        }
    }

    private Described whole(JsonNode tree, String key, Described starting) throws CannotOpen {
        return tree.has(key) ? settings(tree.path(key), starting, List.of(), "/" + key) : starting;
    }

    private Making making(JsonNode tree, Making starting) throws CannotOpen {
        JsonNode limit = JsonNodeFactory.instance.objectNode().set("narrowest", tree.path("narrowest"));
        return tree.has("narrowest") ? (Making) settings(limit, starting, List.of(), "") : starting;
    }

    private void measures(JsonNode node) throws CannotOpen {
        if (node.size() > Limits.MEASURES) {
            throw Fields.at("/measures", "more than " + Limits.MEASURES + " measures.");
        }
        // In this scope each measure sees those before it.
        Scope scope = new Scope(measures, Unit.MM);
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            Watch.ask();
            String at = "/measures/" + Quoted.message(entry.getKey());
            if (!lenient && !Expression.isName(entry.getKey())) {
                throw Fields.at(at, Expression.NAMING);
            }
            try {
                measures.put(entry.getKey(), Expression.length(entry.getValue().asText(), scope, 0));
            } catch (CannotRead e) {
                if (!lenient) {
                    throw Fields.at(at, e.getMessage());
                }
                left.add("the measure " + Quoted.of(entry.getKey()));
            }
        }
    }

    private Group group(JsonNode node, String id, String name, String at) throws CannotOpen {
        List<Member> members = new ArrayList<>();
        JsonNode memberNodes = list(node, "members", at, Limits.MEMBERS);
        for (int i = 0; i < memberNodes.size(); i++) {
            Watch.ask();
            JsonNode memberNode = memberNodes.get(i);
            String place = at + "/members/" + i;
            Optional<Member> member = or(Optional.empty(), () -> Optional.of(member(memberNode, place)));
            if (member.isEmpty()) {
                left.add("figure " + (i + 1) + in(at, name));
            }
            member.ifPresent(members::add);
        }
        List<Step> recipe = new ArrayList<>();
        Set<String> steps = new HashSet<>();
        JsonNode stepNodes = list(node, "recipe", at, Limits.STEPS);
        for (int i = 0; i < stepNodes.size(); i++) {
            Watch.ask();
            JsonNode stepNode = stepNodes.get(i);
            String place = at + "/recipe/" + i;
            Optional<Step> step = or(Optional.empty(), () -> Optional.of(step(stepNode, steps, place)));
            if (step.isEmpty()) {
                // What follows was made for the work that this step leaves.
                left.add("step " + (i + 1) + in(at, name) + (i + 1 < stepNodes.size() ? " and those after it" : ""));
                break;
            }
            recipe.add(step.get());
        }
        return new Group(id, name, members, recipe);
    }

    private static String in(String at, String group) {
        return at.isEmpty() ? "" : " of " + Quoted.of(group);
    }

    private JsonNode list(JsonNode node, String key, String at, int most) throws CannotOpen {
        return or(Parsed.MAPPER.createArrayNode(), () -> Fields.array(node, key, at, most));
    }

    private Member member(JsonNode node, String at) throws CannotOpen {
        if (node.has("group")) {
            Fields.only(node, at, List.of("group", "name", "standing", "members", "recipe"));
            return group(node, id(node, "group", at), Fields.name(node, "name", at), at)
                    .standing(standing(node, at));
        }
        String id = id(node, "id", at);
        Optional<Form> was = Optional.empty();
        if (node.has("was")) {
            was = Optional.of(form(node.path("was"), List.of("figure"), at + "/was"));
        }
        Form form = form(node, List.of("figure", "id", "name", "standing", "was", "colour"), at);
        return new Figure(id, Fields.name(node, "name", at), form, standing(node, at), was, colour(node, at));
    }

    private Form form(JsonNode node, List<String> others, String at) throws CannotOpen {
        Form starting = Fields.kind(Fields.text(node, "figure", at), Form.EACH, at + "/figure");
        return (Form) settings(node, starting, others, at);
    }

    private static Optional<Colour> colour(JsonNode node, String at) throws CannotOpen {
        if (!node.has("colour")) {
            return Optional.empty();
        }
        try {
            return Optional.of(new Colour(Fields.text(node, "colour", at)));
        } catch (IllegalArgumentException e) {
            throw Fields.at(at + "/colour", e.getMessage() + ".");
        }
    }

    private static Standing standing(JsonNode node, String at) throws CannotOpen {
        Standing standing = Standing.PLAIN;
        if (node.has("standing")) {
            for (String word : Fields.text(node, "standing", at).split(" ")) {
                standing = switch (word) {
                    case "locked" -> standing.withLocked(true);
                    case "hidden" -> standing.withHidden(true);
                    case "helper" -> standing.withHelper(true);
                    default ->
                        throw Fields.at(
                                at + "/standing",
                                Quoted.of(word) + " is not known here; it can be locked, hidden, helper.");
                };
            }
        }
        return standing;
    }

    private Step step(JsonNode node, Set<String> taken, String at) throws CannotOpen {
        Treatment treatment = Fields.kind(Fields.text(node, "treatment", at), Treatment.each(), at + "/treatment");
        String id = Fields.name(node, "id", at);
        if (id.isBlank() || !taken.add(id)) {
            throw Fields.at(at + "/id", Quoted.of(id) + " is used twice, or empty.");
        }
        String passes = Fields.one(Fields.text(node, "passes", at), List.of("over", "under"), w -> w, at + "/passes");
        List<String> others = new ArrayList<>(List.of("treatment", "id", "passes"));
        others.addAll(treatment.schema().kept());
        treatment = (Treatment) settings(node, treatment, others, at);
        for (String key : treatment.schema().kept()) {
            if (node.has(key)) {
                treatment = keeping(treatment, key, Fields.array(node, key, at, Limits.ENTRIES), at + "/" + key);
            }
        }
        return new Step(id, passes.equals("over"), treatment);
    }

    private static Treatment keeping(Treatment treatment, String key, JsonNode list, String at) throws CannotOpen {
        try {
            List<?> told = Parsed.MAPPER.treeToValue(list, List.class);
            return (Treatment) treatment.schema().keeping(treatment, key, told);
        } catch (CannotRead e) {
            throw Fields.at(at + e.place(), e.getMessage());
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
                throw Fields.at(place, "a number or a word is wanted here.");
            }
            if (thing.schema().figures().containsKey(entry.getKey())) {
                // A figure is held by its id, whether it is there or gone.
                thing = (Described) thing.schema().put(thing, entry.getKey(), Fields.name(node, entry.getKey(), at));
                continue;
            }
            try {
                Reading<?> reading = thing.schema()
                        .read(thing, entry.getKey(), entry.getValue().asText(), new Scope(measures, Unit.MM, square));
                if (!reading.note().isEmpty()) {
                    throw Fields.at(place, reading.note().replaceAll("; kept at.*", "."));
                }
                thing = (Described) reading.value();
            } catch (CannotRead e) {
                throw Fields.at(place, e.getMessage());
            }
        }
        return thing;
    }

    private String id(JsonNode node, String key, String at) throws CannotOpen {
        String id = Fields.name(node, key, at);
        if (!ids.add(id)) {
            throw Fields.at(at + "/" + key, Quoted.of(id) + " is used twice.");
        }
        return id;
    }
}
