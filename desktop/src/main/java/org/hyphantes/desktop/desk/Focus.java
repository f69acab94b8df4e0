package org.hyphantes.desktop.desk;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;

/** Where the keyboard can be taken to, each place by what takes it there; so that no control seeks another one. */
public final class Focus {
    /** The places, in the order in which the keyboard goes round. */
    public enum Place {
        STRIP,
        FIELD,
        RIM,
        CLASP,
        SENTENCE,
        REACH,
        CORNERS
    }

    private final Map<Place, Supplier<Node>> places = new EnumMap<>(Place.class);

    /** @param node what takes the keyboard there just now; null for nothing */
    public void at(Place place, Supplier<Node> node) {
        places.put(place, node);
    }

    /** Takes the keyboard to a place; false when nothing there takes it. */
    public boolean go(Place place) {
        Node node = node(place);
        if (node != null) {
            node.requestFocus();
        }
        return node != null;
    }

    private Node node(Place place) {
        return places.getOrDefault(place, () -> null).get();
    }

    /** Takes the keyboard to the next place, or the one before. */
    public void next(int way) {
        Place[] all = Place.values();
        int at = -1;
        for (Place place : all) {
            Node node = node(place);
            if (node != null && node.isFocused()) {
                at = place.ordinal();
            }
        }
        for (int i = 1; i <= all.length; i++) {
            if (go(all[Math.floorMod(at + way * i, all.length)])) {
                return;
            }
        }
    }
}
