package org.hyphantes.desktop.wording;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;

/** Offers beside one another: as many as have room, each whole. */
final class OfferRow extends HBox {
    OfferRow() {
        super(3);
        setAlignment(Pos.CENTER_LEFT);
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        for (Node offer : getChildren()) {
            // What is only hints makes room by itself.
            offer.setVisible(offer instanceof Hints
                    || offer.getLayoutX() + offer.getLayoutBounds().getWidth() <= getWidth() + 1);
        }
    }
}
