package org.hyphantes.desktop.strip;

import javafx.scene.control.Label;
import javafx.scene.layout.Pane;

/** The head of the strip: a name, how many figures there are where that has room beside it, and what adds one. */
final class StripHead extends Pane {
    private static final double GAP = 6;

    private final Label name;
    private final Label count;
    private final Label add;

    StripHead(Label name, Label count, Label add) {
        this.name = name;
        this.count = count;
        this.add = add;
        getChildren().addAll(name, count, add);
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.max(name.prefHeight(-1), add.prefHeight(-1));
    }

    @Override
    protected void layoutChildren() {
        double adding = Math.ceil(add.prefWidth(-1));
        double room = getWidth() - adding - GAP;
        double named = Math.min(room, Math.ceil(name.prefWidth(-1)));
        double counted = Math.ceil(count.prefWidth(-1));
        name.resizeRelocate(0, 0, named, getHeight());
        count.setVisible(named + GAP + counted <= room);
        count.resizeRelocate(named + GAP, 0, counted, getHeight());
        add.resizeRelocate(getWidth() - adding, 0, adding, getHeight());
    }
}
