package org.hyphantes.desktop.chrome;

/** How the copies of a tile beside it are seen. */
public enum Neighbours {
    FULL("Neighbours full."),
    PALE("Neighbours pale."),
    HIDDEN("Neighbours hidden.");

    private final String words;

    Neighbours(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    Neighbours next() {
        return values()[(ordinal() + 1) % values().length];
    }
}
