package org.hyphantes.desktop;

import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCombination;

/** A line of a menu: its words, its key, and what it does. */
final class MenuLine {
    private MenuLine() {}

    static MenuItem item(String words, String key, Runnable act) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(words.contains("_"));
        if (!key.isEmpty()) {
            item.setAccelerator(KeyCombination.valueOf(key));
        }
        item.setOnAction(e -> act.run());
        return item;
    }
}
