package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Standing;
import org.hyphantes.design.Step;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.weave.Break;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Place;
import org.hyphantes.weave.StrandKey;

/** Lays a design out as a tree of plain JSON values; settings by their schemas. */
final class DesignWriter {
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
        ObjectNode measures = tree.putObject("measures");
        design.measures().forEach((name, amount) -> put(measures, name, amount));
        settings(tree.putObject("page"), design.page());
        settings(tree.putObject("net"), design.net());
        if (design.sketch().isPresent()) {
            settings(tree.putObject("sketch"), design.sketch());
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
            node.put("passes", step.over() ? "over" : "under");
            settings(node, step.treatment());
            if (step.treatment() instanceof Interlace interlace
                    && !interlace.pins().isEmpty()) {
                ArrayNode pins = node.putArray("pins");
                interlace.pins().forEach(pin -> pins.add(pin(pin)));
            }
            if (step.treatment() instanceof Interlace interlace
                    && !interlace.breaks().isEmpty()) {
                ArrayNode breaks = node.putArray("breaks");
                interlace.breaks().forEach(cut -> breaks.add(cut(cut)));
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
        } else if (amount.value() == Math.rint(amount.value()) && Math.abs(amount.value()) < 1e15) {
            into.put(key, (long) amount.value());
        } else {
            into.put(key, amount.value());
        }
    }

    private ObjectNode pin(Pin pin) {
        ObjectNode node = place(pin.place());
        node.put("over", pin.firstOver() ? "first" : "second");
        node.put("reach", word(pin.reach()));
        return node;
    }

    private ObjectNode cut(Break cut) {
        ObjectNode node = place(cut.place());
        node.put("way", word(cut.way()));
        node.put("reach", word(cut.reach()));
        return node;
    }

    private ObjectNode place(Place place) {
        ObjectNode node = mapper.createObjectNode();
        node.set("first", strand(place.first()));
        node.set("second", strand(place.second()));
        node.put("ordinal", place.ordinal());
        return node;
    }

    static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private ObjectNode strand(StrandKey key) {
        ObjectNode node = mapper.createObjectNode();
        node.put("figure", key.figure());
        if (!key.parts().isEmpty()) {
            ArrayNode parts = node.putArray("parts");
            key.parts().forEach(parts::add);
        }
        ArrayNode copies = node.putArray("copies");
        key.copies().forEach(copies::add);
        return node;
    }
}
