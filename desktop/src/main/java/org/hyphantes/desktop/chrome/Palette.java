package org.hyphantes.desktop.chrome;

import javafx.scene.paint.Color;

/** The colours of one theme, for what is drawn by hand; the style sheet has the same ones for the controls. */
public record Palette(
        Color window,
        Color surface,
        Color paper,
        Color ink,
        Color secondInk,
        Color edge,
        Color hairline,
        Color verdigris,
        Color wash,
        Color madder,
        Color ochre,
        Color moss) {
    public static final Palette LIGHT = new Palette(
            Color.web("#E4E9E5"),
            Color.web("#F3F5F1"),
            Color.web("#FDFDFB"),
            Color.web("#1A2523"),
            Color.web("#4A5855"),
            Color.web("#707E79"),
            Color.web("#C3CCC7"),
            Color.web("#0A6355"),
            Color.web("#CDE4DD"),
            Color.web("#9E1F38"),
            Color.web("#7E5200"),
            Color.web("#2B632F"));

    public static final Palette DARK = new Palette(
            Color.web("#111918"),
            Color.web("#1B2625"),
            Color.web("#0C1312"),
            Color.web("#E7EDE9"),
            Color.web("#AAB9B3"),
            Color.web("#73857F"),
            Color.web("#33413E"),
            Color.web("#5CC8B2"),
            Color.web("#1D463E"),
            Color.web("#FF8F98"),
            Color.web("#E9B65C"),
            Color.web("#8ACD8E"));

    public static Palette of(boolean dark) {
        return dark ? DARK : LIGHT;
    }

    /** What darkens a strand where it dives under another, in either theme. */
    public Color shade() {
        return this == DARK ? Color.web("#060B0A") : ink;
    }

    /** The colour of a strand unrolled in a card. */
    public Color ribbon() {
        return this == DARK ? Color.web("#2F7F70") : Color.web("#7FB3A6");
    }
}
