package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Makes a tree of an older format one of the present, format by format. */
final class Older {
    private Older() {}

    /** Refuses what is no design, or one of a newer format than it knows. */
    static void upgrade(JsonNode tree) throws CannotOpen {
        if (!tree.isObject() || !DesignReader.FORMAT.equals(tree.path("format").asText())) {
            throw new CannotOpen("This is not a Hyphantes design: it does not begin with \"format\": \""
                    + DesignReader.FORMAT + "\".");
        }
        int version = Fields.count(tree, "version", "");
        if (version > DesignReader.VERSION) {
            throw new CannotOpen("This file was written by a newer Hyphantes (format " + version
                    + "); this one reads up to " + DesignReader.VERSION + ".");
        }
        if (version <= 1) {
            Version1.upgrade((ObjectNode) tree);
        }
        if (version <= 2) {
            Version2.upgrade((ObjectNode) tree);
        }
    }
}
