package org.hyphantes.desktop;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import org.hyphantes.desktop.chrome.Habits;

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

    /** The style sheets of a theme, the colours first, and the size of words last. */
    static List<String> sheets(boolean dark) {
        List<String> sheets = new ArrayList<>(List.of(sheet(dark ? "dark.css" : "light.css"), sheet("hyphantes.css")));
        if (Habits.type().get() > 1) {
            sheets.add(sheet("type-" + Math.round(Habits.type().get() * 100) + ".css"));
        }
        return sheets;
    }

    /** Has the window shown in the dark, or in the light. */
    void show(boolean inTheDark) {
        if (inTheDark != dark) {
            dark = inTheDark;
            renew();
        }
    }

    /** Has the window shown anew, with words of the size in force. */
    void renew() {
        if (window.getScene() != null) {
            window.getScene().getStylesheets().setAll(sheets(dark));
        }
    }
}
