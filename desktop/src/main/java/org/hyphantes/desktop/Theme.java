package org.hyphantes.desktop;

import java.util.List;
import javafx.scene.Node;

/** The colours of the window: one style sheet for each theme, on the scene itself, so that menus and all that opens beside it have them too. */
final class Theme {
    private final Node window;
    private boolean dark;

    Theme(Node window) {
        this.window = window;
    }

    static String sheet(String name) {
        return Theme.class.getResource(name).toExternalForm();
    }

    /** The style sheets of a theme, the colours first. */
    static List<String> sheets(boolean dark) {
        return List.of(sheet(dark ? "dark.css" : "light.css"), sheet("hyphantes.css"));
    }

    /** Has the window shown in the dark, or in the light. */
    void show(boolean inTheDark) {
        if (inTheDark != dark && window.getScene() != null) {
            dark = inTheDark;
            window.getScene().getStylesheets().setAll(sheets(dark));
        }
    }
}
