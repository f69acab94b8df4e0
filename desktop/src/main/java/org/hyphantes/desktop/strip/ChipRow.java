package org.hyphantes.desktop.strip;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;

/** The chips in a row that scrolls, by the wheel, by a drag and by the arrows that stand at an end beyond which there are more. */
final class ChipRow extends Pane {
    private static final double ARROW = 16;

    private final Chips chips;
    private final ScrollPane scroll;
    private final Label back = arrow("\u2039", "Chips before these", -1);
    private final Label on = arrow("\u203a", "Chips after these", 1);

    ChipRow(Chips chips) {
        this.chips = chips;
        scroll = new ScrollPane(chips);
        scroll.getStyleClass().add("bare-scroll");
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setPannable(true);
        scroll.setFitToHeight(true);
        getChildren().addAll(scroll, back, on);
        back.setId("chips-back");
        on.setId("chips-on");
        scroll.hvalueProperty().addListener(o -> arrows());
        scroll.viewportBoundsProperty().addListener(o -> arrows());
        chips.widthProperty().addListener(o -> arrows());
        chips.onChosen(this::show);
        scroll.setOnScroll(e -> {
            by(-(e.getDeltaY() + e.getDeltaX()));
            e.consume();
        });
    }

    private Label arrow(String sign, String does, int way) {
        Label arrow = new Label(sign);
        arrow.getStyleClass().add("chip-arrow");
        arrow.setAccessibleText(does);
        arrow.setVisible(false);
        arrow.setOnMouseClicked(e -> by(way * scroll.getViewportBounds().getWidth() * 0.8));
        return arrow;
    }

    private double beyond() {
        return chips.getWidth() - scroll.getViewportBounds().getWidth();
    }

    private void by(double pixels) {
        if (beyond() > 1) {
            scroll.setHvalue(Math.max(0, Math.min(1, scroll.getHvalue() + pixels / beyond())));
        }
    }

    private void arrows() {
        boolean more = beyond() > 1;
        back.setVisible(more && scroll.getHvalue() * beyond() > 1);
        on.setVisible(more && (1 - scroll.getHvalue()) * beyond() > 1);
    }

    /** Brings a chip into sight. */
    private void show(Node chip) {
        Bounds bounds = chip.getBoundsInParent();
        double from = scroll.getHvalue() * beyond();
        double seen = scroll.getViewportBounds().getWidth();
        if (beyond() > 1 && bounds.getMinX() < from + ARROW) {
            by(bounds.getMinX() - from - ARROW);
        } else if (beyond() > 1 && bounds.getMaxX() > from + seen - ARROW) {
            by(bounds.getMaxX() - from - seen + ARROW);
        }
    }

    @Override
    protected double computePrefHeight(double width) {
        return scroll.prefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        scroll.resizeRelocate(0, 0, getWidth(), getHeight());
        back.resizeRelocate(0, 0, ARROW, getHeight());
        on.resizeRelocate(getWidth() - ARROW, 0, ARROW, getHeight());
    }
}
