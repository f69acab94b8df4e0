package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;

/** All states of a design since it was opened, with the one in force; undo without limit. */
public record History(List<Entry> entries, int at) {
    /** A state and the words of the edit that led to it. */
    public record Entry(Design design, String words) {}

    public static History of(Design design) {
        return new History(List.of(new Entry(design, "")), 0);
    }

    public Design design() {
        return entries.get(at).design();
    }

    /** The history after an edit; what had been undone is given up. An edit that changes nothing leaves no trace. */
    public History after(Edit edit) {
        Design changed = edit.change().apply(design());
        if (changed.equals(design())) {
            return this;
        }
        List<Entry> kept = new ArrayList<>(entries.subList(0, at + 1));
        kept.add(new Entry(changed, edit.words()));
        return new History(kept, at + 1);
    }

    /** The history with the newest state replaced, for the many small changes of one drag. */
    public History amended(Design design) {
        List<Entry> kept = new ArrayList<>(entries.subList(0, at));
        kept.add(new Entry(design, entries.get(at).words()));
        return new History(kept, at);
    }

    public boolean canUndo() {
        return at > 0;
    }

    public boolean canRedo() {
        return at + 1 < entries.size();
    }

    public History undone() {
        return canUndo() ? new History(entries, at - 1) : this;
    }

    public History redone() {
        return canRedo() ? new History(entries, at + 1) : this;
    }

    /** The words of the edit that undo would take back. */
    public String undoWords() {
        return entries.get(at).words();
    }

    /** The words of the edit that redo would bring back. */
    public String redoWords() {
        return canRedo() ? entries.get(at + 1).words() : "";
    }
}
