package org.hyphantes.desktop.chrome;

import java.util.function.Predicate;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** What has a press mean the other way: some desktops keep Alt for moving windows. The right button always does. */
public enum OtherWay {
    ALT("Alt, or the right button", MouseEvent::isAltDown),
    META("the key with the window, or the right button", MouseEvent::isMetaDown),
    BUTTON("the right button alone", e -> false);

    private final String words;
    private final Predicate<MouseEvent> key;

    OtherWay(String words, Predicate<MouseEvent> key) {
        this.words = words;
        this.key = key;
    }

    public String words() {
        return words;
    }

    /** A click or a drag of the other way, in short. */
    public String doing(String act) {
        return switch (this) {
            case ALT -> "Alt+" + act;
            case META -> "Window key+" + act;
            case BUTTON -> "right " + act;
        };
    }

    /** What is held, or pressed in place of the left button, in words that follow on "with". */
    public String held() {
        return switch (this) {
            case ALT -> "Alt";
            case META -> "the window key";
            case BUTTON -> "the right button";
        };
    }

    public boolean isMeant(MouseEvent event) {
        return event.getButton() == MouseButton.SECONDARY || key.test(event);
    }
}
