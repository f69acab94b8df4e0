package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Making;
import org.hyphantes.design.Member;
import org.hyphantes.design.Standing;
import org.hyphantes.design.Step;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;

/** Lays a design out as a tree of plain JSON values; settings by their schemas. */
final class DesignWriter {
    /** What a design is written with. */
    static final List<String> KEYS = List.of(
            "format",
            "version",
            "name",
            "unit",
            "material",
            "narrowest",
            "measures",
            "page",
            "net",
            "sketch",
            "colourway",
            "handing",
            "job",
            "members",
            "recipe");

    private final JsonMapper mapper;

    private DesignWriter(JsonMapper mapper) {
        this.mapper = mapper;
    }

    static ObjectNode tree(Design design, JsonMapper mapper) {
        ObjectNode tree = mapper.createObjectNode();
        tree.put("format", DesignReader.FORMAT);
        tree.put("version", DesignReader.VERSION);
        tree.put("name", design.name());
        tree.put("unit", design.unit().symbol());
        tree.put("material", design.material().word());
        if (!design.making().equals(Making.in(design.material()))) {
            put(tree, "narrowest", design.making().narrowest());
        }
        ObjectNode measures = tree.putObject("measures");
        design.measures().forEach((name, amount) -> put(measures, name, amount));
        settings(tree.putObject("page"), design.page());
        settings(tree.putObject("net"), design.net());
        if (design.sketch().isPresent()) {
            settings(tree.putObject("sketch"), design.sketch());
        }
        if (!design.colourway().equals(Colourway.QUAY)) {
            ObjectNode colourway = tree.putObject("colourway");
            colourway.put("name", design.colourway().name());
            ArrayNode wells = colourway.putArray("wells");
            design.colourway().wells().forEach(well -> wells.add(well.text()));
        }
        if (!design.handing().equals(Handing.STARTING)) {
            settings(tree.putObject("handing"), design.handing());
        }
        if (!design.job().equals(design.material().job())) {
            ObjectNode job = tree.putObject("job");
            settings(job, design.job());
            ArrayNode passes = job.putArray("passes");
            design.job().passes().forEach(p -> settings(passes.addObject(), p));
        }
        new DesignWriter(mapper).group(tree, design.root());
        return tree;
    }

    private void group(ObjectNode into, Group group) {
        ArrayNode members = into.putArray("members");
        for (Member member : group.members()) {
            ObjectNode node = members.addObject();
            if (member instanceof Figure figure) {
                node.put("figure", figure.form().schema().word());
                node.put("id", figure.id());
                node.put("name", figure.name());
                standing(node, member.standing());
                figure.colour().ifPresent(c -> node.put("colour", c.hex()));
                settings(node, figure.form());
                figure.was().ifPresent(was -> {
                    ObjectNode before = node.putObject("was");
                    before.put("figure", was.schema().word());
                    settings(before, was);
                });
            } else {
                node.put("group", member.id());
                node.put("name", member.name());
                standing(node, member.standing());
                group(node, (Group) member);
            }
        }
        ArrayNode recipe = into.putArray("recipe");
        for (Step step : group.recipe()) {
            ObjectNode node = recipe.addObject();
            node.put("treatment", step.treatment().schema().word());
            node.put("id", step.id());
            node.put("passes", step.over() ? "over" : "under");
            settings(node, step.treatment());
            for (String key : step.treatment().schema().kept()) {
                List<Map<String, Object>> told = step.treatment().schema().told(step.treatment(), key);
                if (!told.isEmpty()) {
                    node.set(key, mapper.valueToTree(told));
                }
            }
        }
    }

    private static void standing(ObjectNode into, Standing standing) {
        List<String> words = standing.words();
        if (!words.isEmpty()) {
            into.put("standing", String.join(" ", words));
        }
    }

    private static void settings(ObjectNode into, Described thing) {
        for (String key : thing.schema().keys()) {
            Object value = thing.schema().value(thing, key);
            if (value instanceof Amount amount) {
                put(into, key, amount);
            } else {
                into.put(key, (String) value);
            }
        }
    }

    private static void put(ObjectNode into, String key, Amount amount) {
        if (amount.isExpression()) {
            into.put(key, amount.expression());
        } else if (amount.value() == Math.rint(amount.value())
                && Math.abs(amount.value()) < 1e15
                && !Double.valueOf(-0.0).equals(amount.value())) {
            into.put(key, (long) amount.value());
        } else {
            into.put(key, amount.value());
        }
    }
}
