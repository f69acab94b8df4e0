package org.hyphantes.desktop.stage;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;

/** The hand in the field while a stage is open: what is seen there, and what pointer, needle and keys do. */
public interface Hand {
    /** What is seen of a design (mm) when it is seen whole; empty for an empty page. */
    Optional<Box> whole(Resolved resolved);

    /** Draws the picture; only when something of it has changed. */
    void draw(Sheet sheet);

    /** Draws the marks over it; at every move of the pointer. */
    void marks(Sheet sheet);

    /** Whether there are any marks to draw. */
    boolean hasMarks();

    /** Whether there is anything in the picture. */
    boolean isEmpty();

    /** What is said in the field while there is nothing. */
    String emptyWords();

    void moved(MouseEvent event);

    void pressed(MouseEvent event);

    void dragged(MouseEvent event);

    /** @param still whether the pointer has not moved since it was pressed */
    void released(MouseEvent event, boolean still);

    /**
     * A key of the stage.
     *
     * @param way the direction of an arrow; the origin for any other key
     * @return whether it was one
     */
    boolean key(KeyEvent event, Point way);

    /** Where the needle can go. */
    List<Hover> stops();

    /** The needle has come to a place. */
    default void needleAt(Point place) {}

    /** Whether its picture always lies within the frame with rails. */
    default boolean isFramed() {
        return false;
    }

    /** Whether the pointer may leave the field without what it was at being forgotten. */
    default boolean holds() {
        return false;
    }

    /** What the pointer or needle is at, in words. */
    String at();

    /** Text typed that only this stage has a meaning for; false when it has none. */
    default boolean typed(String text) {
        return false;
    }

    /** A digit by itself; false when the stage has no meaning for it now. */
    default boolean digit(int digit) {
        return false;
    }

    /** Deletes what is taken hold of; false when nothing is. */
    default boolean delete() {
        return false;
    }

    /** Something new has been resolved: what was at the pointer may be gone. */
    default void resolved() {}

    /** Another thing is chosen. */
    default void chosen() {}

    /** Another stage has been opened. */
    default void left() {}
}
