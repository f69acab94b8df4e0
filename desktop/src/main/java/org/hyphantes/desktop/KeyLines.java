package org.hyphantes.desktop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import org.hyphantes.desktop.leaf.KeyLine;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.stage.Stage;

/** All that can be done, with its keys: what the menus have, what the hand does in each stage, and what keys do everywhere. */
final class KeyLines {
    private static final List<Deed> EVERYWHERE = List.of(
            new Deed("letters", "begin a word: a figure, a treatment, an act; Tab completes it"),
            new Deed("digits", "open the first number of the sentence"),
            new Deed("Tab, Shift+Tab", "the next place for the keyboard, the one before"),
            new Deed("Esc", "let go; out of the sentence, back to the field"),
            new Deed("wheel, middle button", "closer and further; pan"),
            new Deed("Ctrl+Shift+arrows", "pan"),
            new Deed("Home", "the needle to the centre"),
            new Deed("Alt and a letter, F10", "open a menu"));

    private KeyLines() {}

    static List<KeyLine> of(MenuBar bar, List<Stage> stages) {
        List<KeyLine> lines = new ArrayList<>();
        bar.getMenus().forEach(m -> menu(m, m.getText().replace("_", ""), lines));
        for (Stage stage : stages) {
            stage.deeds().forEach(d -> lines.add(line(d, stage.title() + ", in the field")));
        }
        EVERYWHERE.forEach(d -> lines.add(line(d, "everywhere")));
        return lines;
    }

    private static KeyLine line(Deed deed, String where) {
        return new KeyLine(deed.how(), deed.does(), where, Optional.empty());
    }

    private static void menu(Menu menu, String where, List<KeyLine> lines) {
        for (MenuItem item : menu.getItems()) {
            if (item instanceof Menu inner) {
                menu(inner, where + ", " + inner.getText().replace("_", ""), lines);
            } else if (!(item instanceof SeparatorMenuItem)) {
                String key = item.getAccelerator() == null
                        ? ""
                        : item.getAccelerator().getDisplayText();
                lines.add(new KeyLine(key, item.getText(), where, Optional.of(item::fire)));
            }
        }
    }
}
