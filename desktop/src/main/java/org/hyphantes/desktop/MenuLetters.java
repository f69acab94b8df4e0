package org.hyphantes.desktop;

import java.util.Locale;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Opens a menu by Alt and its letter, whichever of the two is let go first: Alt let go leads the keyboard into the menu line, which closes
 * a menu that its letter has just opened.
 */
final class MenuLetters implements EventHandler<KeyEvent> {
    private final MenuBar bar;
    private Menu meant;

    MenuLetters(MenuBar bar) {
        this.bar = bar;
    }

    @Override
    public void handle(KeyEvent event) {
        if (event.getEventType() == KeyEvent.KEY_PRESSED && event.isAltDown() && !event.isControlDown()) {
            meant = bar.getMenus().stream()
                    .filter(m -> letter(m).equals(event.getCode().getName()))
                    .findFirst()
                    .orElse(null);
        } else if (event.getEventType() == KeyEvent.KEY_RELEASED && event.getCode() == KeyCode.ALT && meant != null) {
            Menu menu = meant;
            meant = null;
            // After what the menu line itself puts off until later.
            Platform.runLater(() -> Platform.runLater(() -> show(menu)));
        }
    }

    private void show(Menu menu) {
        if (bar.getScene() != null && bar.getScene().getWindow() != null) {
            menu.show();
        }
    }

    private static String letter(Menu menu) {
        int at = menu.getText().indexOf('_') + 1;
        return menu.getText().substring(at, at + 1).toUpperCase(Locale.ROOT);
    }
}
