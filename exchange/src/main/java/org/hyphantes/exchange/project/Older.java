package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Makes a tree of an older format one of the present, format by format. */
final class Older {
    private Older() {}

    static void upgrade(ObjectNode tree, int version) {
        if (version <= 1) {
            Version1.upgrade(tree);
        }
        if (version <= 2) {
            Version2.upgrade(tree);
        }
    }
}
