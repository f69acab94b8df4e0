package org.hyphantes.desktop.wording;

import java.util.Arrays;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;

/** Hints one after another in a line: as many as have room, each whole, and all of them when the pointer rests there. */
final class Hints extends Pane {
    private static final String BETWEEN = " \u00b7 ";
    private static final double GAP = 10;

    Hints(String text) {
        String[] hints = text.split(BETWEEN);
        for (int i = 0; i < hints.length; i++) {
            Label hint = new Label((i == 0 ? "" : "\u00b7 ") + hints[i]);
            hint.getStyleClass().add("second");
            getChildren().add(hint);
        }
        Tooltip.install(this, new Tooltip(String.join("\n", Arrays.asList(hints))));
        setAccessibleText(text);
    }

    @Override
    protected double computePrefWidth(double height) {
        double width = GAP;
        for (Node hint : getChildren()) {
            width += hint.prefWidth(-1) + 4;
        }
        return width;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected void layoutChildren() {
        double x = GAP;
        boolean room = true;
        for (Node hint : getChildren()) {
            double width = hint.prefWidth(-1);
            room &= x + width <= getWidth() + 1;
            hint.setVisible(room);
            hint.resizeRelocate(x, (getHeight() - hint.prefHeight(-1)) / 2, width, hint.prefHeight(-1));
            x += width + 4;
        }
    }
}
