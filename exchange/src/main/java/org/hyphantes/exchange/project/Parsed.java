package org.hyphantes.exchange.project;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Quoted;

/**
 * A text of JSON as a tree, within the {@link Limits}. Of a text that breaks off or is damaged the tree holds what stands before that
 * place; things of a list that were not complete are left out of it, but groups, which keep what is complete of them.
 *
 * @param tree the tree; an empty object when nothing could be read
 * @param broken what is wrong and where, when the text is not sound to its end
 */
record Parsed(JsonNode tree, Optional<String> broken) {
    private static final int LEVELS = 2 * Limits.NESTING + 8;

    static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(LEVELS)
                            .maxNumberLength(Limits.DIGITS)
                            .maxNameLength(Limits.NAME)
                            .maxStringLength(Limits.COURSE)
                            .build())
                    .build())
            .build();

    static Parsed of(String text) {
        Open open = new Open();
        try (JsonParser parser = MAPPER.createParser(text)) {
            try {
                open.read(parser);
                return new Parsed(open.root, Optional.empty());
            } catch (JsonProcessingException e) {
                open.dropIncomplete();
                return new Parsed(open.root, Optional.of(words(e, open.place(), parser.currentLocation())));
            }
        } catch (IOException e) {
            throw new IllegalStateException("reading from memory cannot fail", e);
        }
    }

    private static String words(JsonProcessingException e, String at, JsonLocation place) {
        String where = at + " (line " + place.getLineNr() + ", column " + place.getColumnNr() + ")";
        if (e instanceof JsonEOFException) {
            return "This file breaks off" + where + ".";
        }
        if (e instanceof StreamConstraintsException) {
            return "This file is not sound" + where
                    + ": what stands there is too long or too deep. A design has groups in groups up to "
                    + Limits.NESTING + " deep, numbers up to " + Limits.DIGITS + " digits, names up to " + Limits.NAME
                    + " characters.";
        }
        // The parser's own words name its classes in brackets at the end.
        return "This file is damaged" + where + ": "
                + e.getOriginalMessage().replaceAll("\\s*\\(start marker at.*|\\[Source.*", "") + ".";
    }

    /** The containers that are open where the text is read, the outermost last. */
    private static final class Open {
        private final Deque<JsonNode> containers = new ArrayDeque<>();
        private final Deque<String> keys = new ArrayDeque<>();
        private JsonNode root = JsonNodeFactory.instance.objectNode();
        private boolean ended;

        void read(JsonParser parser) throws IOException {
            boolean begun = false;
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                Watch.ask();
                if (begun && containers.isEmpty()) {
                    throw new JsonParseException(parser, "Something stands after the end of the design");
                }
                begun = true;
                switch (token) {
                    case FIELD_NAME -> keys.push(parser.currentName());
                    case END_OBJECT, END_ARRAY -> containers.pop();
                    case START_OBJECT -> put(JsonNodeFactory.instance.objectNode(), true);
                    case START_ARRAY -> put(JsonNodeFactory.instance.arrayNode(), true);
                    default -> put(value(parser, token), false);
                }
            }
            if (!begun || !containers.isEmpty()) {
                throw new JsonEOFException(parser, null, "The design breaks off");
            }
            ended = true;
        }

        private static JsonNode value(JsonParser parser, JsonToken token) throws IOException {
            JsonNodeFactory nodes = JsonNodeFactory.instance;
            return switch (token) {
                case VALUE_NUMBER_INT ->
                    switch (parser.getNumberType()) {
                        case INT -> nodes.numberNode(parser.getIntValue());
                        case LONG -> nodes.numberNode(parser.getLongValue());
                        default -> nodes.numberNode(parser.getBigIntegerValue());
                    };
                case VALUE_NUMBER_FLOAT -> nodes.numberNode(parser.getDoubleValue());
                case VALUE_TRUE -> nodes.booleanNode(true);
                case VALUE_FALSE -> nodes.booleanNode(false);
                case VALUE_NULL -> nodes.nullNode();
                default -> nodes.textNode(parser.getText());
            };
        }

        private void put(JsonNode node, boolean opens) {
            JsonNode into = containers.peek();
            if (into instanceof ArrayNode list) {
                list.add(node);
            } else if (into instanceof ObjectNode object) {
                object.set(keys.pop(), node);
            } else {
                root = node;
            }
            if (opens) {
                containers.push(node);
            }
        }

        /** Where the text stops being sound: "at step 6", once what is incomplete has been dropped. */
        String place() {
            JsonNode within = null;
            for (JsonNode container : containers) {
                if (within != null && within == container.path("recipe")) {
                    return " at step " + (within.size() + 1);
                }
                if (within != null && within == container.path("members")) {
                    return " at figure " + (within.size() + 1);
                }
                within = container;
            }
            return "";
        }

        private static boolean isGroup(JsonNode node) {
            return node.has("group") && node.has("members");
        }

        void dropIncomplete() {
            if (ended) {
                return;
            }
            for (JsonNode container : containers) {
                drop(container);
            }
        }

        private void drop(JsonNode incomplete) {
            containers.stream().filter(ArrayNode.class::isInstance).forEach(list -> {
                int last = list.size() - 1;
                if (last >= 0 && list.get(last) == incomplete && !isGroup(incomplete)) {
                    ((ArrayNode) list).remove(last);
                }
            });
        }
    }

    /** Takes what cannot be shown out of every text; whether there was any. */
    static boolean cleaned(JsonNode tree) {
        boolean found = false;
        for (Map.Entry<String, JsonNode> entry : tree.properties()) {
            JsonNode value = entry.getValue();
            if (value.isTextual() && Quoted.isUnsound(value.asText())) {
                ((ObjectNode) tree).put(entry.getKey(), Quoted.sound(value.asText()));
                found = true;
            } else {
                found |= cleaned(value);
            }
        }
        for (JsonNode element : tree.isArray() ? tree : MAPPER.createArrayNode()) {
            found |= cleaned(element);
        }
        return found;
    }
}
