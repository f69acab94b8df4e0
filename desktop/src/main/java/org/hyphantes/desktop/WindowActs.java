package org.hyphantes.desktop;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.hyphantes.desktop.act.Arrange;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.desktop.field.Field;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.wording.Wording;
import org.hyphantes.geometry.Point;

/** What is done with the window itself, and what means one thing here and another there: removing, typing, zooming. */
final class WindowActs {
    private final Desk desk;
    private final Field field;
    private final Wording wording;
    private final RecipeActs recipe;

    WindowActs(Desk desk, Field field, Wording wording) {
        this.desk = desk;
        this.field = field;
        this.wording = wording;
        this.recipe = new RecipeActs(desk);
    }

    /** Removes what is taken hold of in the field, or what is selected, or the step that the sentence is about. */
    void delete() {
        if (field.ask(Hand::delete)) {
            return;
        }
        if (!desk.view().chosen().isEmpty()) {
            new Arrange(desk).remove();
        } else if (recipe.chosen().isPresent()) {
            recipe.remove();
        } else {
            desk.say("Nothing selected to remove.");
        }
    }

    void whole() {
        desk.look(desk.view().seen(0, Point.ORIGIN));
    }

    void trueSize() {
        desk.look(desk.view().seen(96 / 25.4, field.camera().centre()));
    }

    void closer(double factor) {
        Camera camera = field.camera();
        field.see(camera.closer(factor, camera.width() / 2, camera.height() / 2));
    }

    /** Digits typed begin the first number of the sentence, letters a word. */
    void typed(KeyEvent event) {
        String character = event.getCharacter();
        if (character.isEmpty() || event.isControlDown() || event.isAltDown() || event.isMetaDown()) {
            return;
        }
        char c = character.charAt(0);
        if (Character.isLetter(c)) {
            wording.beginWord(character);
            event.consume();
        } else if (Character.isDigit(c) || "(=.-".indexOf(c) >= 0) {
            boolean free = desk.view().stage().equals(Gallery.SET_OUT)
                    && desk.view().subject().isEmpty();
            if (Character.isDigit(c) && field.isFocused() && field.ask(h -> h.digit(c - '0'))) {
                event.consume();
            } else if (free && Character.isDigit(c)) {
                wording.beginWord(character);
                event.consume();
            } else if (wording.beginNumber(character)) {
                event.consume();
            }
        }
    }

    /** Keys that mean the same everywhere but stand on no menu, or on several keys of the keyboard. */
    void pressed(KeyEvent event) {
        if (event.isShortcutDown() && (event.getCode() == KeyCode.EQUALS || event.getCode() == KeyCode.ADD)) {
            // Plus is a shifted key on many keyboards, and has one of its own beside the digits.
            closer(1.25);
            event.consume();
        } else if (event.isShortcutDown() && event.getCode() == KeyCode.SUBTRACT) {
            closer(0.8);
            event.consume();
        } else if (event.getCode() == KeyCode.DELETE) {
            delete();
            event.consume();
        }
    }
}
