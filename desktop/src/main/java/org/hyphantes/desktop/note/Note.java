package org.hyphantes.desktop.note;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;

/**
 * What is said about a thing of the window.
 *
 * @param title its name
 * @param what what it is, just now
 * @param deeds what can be done with it
 * @param why what it is good for, in one sentence; may be empty
 */
public record Note(String title, String what, List<Deed> deeds, String why) {
    private static final String KEY = Note.class.getName();

    public Note {
        deeds = List.copyOf(deeds);
    }

    /** Has a node of the window, with all in it that has no note of its own, told of by a note. */
    public static void on(Node node, Supplier<Note> note) {
        node.getProperties().put(KEY, note);
    }

    /** The note of a node, or of the nearest one about it that has one. */
    public static Optional<Note> of(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.getProperties().get(KEY) instanceof Supplier<?> supplier && supplier.get() instanceof Note note) {
                return Optional.of(note);
            }
        }
        return Optional.empty();
    }
}
