package org.hyphantes.desktop.stage;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.hyphantes.design.Group;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.treatment.Phase;

/**
 * A picture of the design: its name and key, where it stands, what its corner shows, and the hand that works in the field while it is
 * open. A new one is a folder with one of these, and its line in the list of stages.
 */
public interface Stage {
    /** By what views and files know it. */
    String id();

    String title();

    KeyCode key();

    Home home();

    /** The words of the gauges the worst of which has its mark in the bite of its corner. */
    default List<String> bite() {
        return List.of();
    }

    /** What its corner shows. */
    default Scene corner(Resolved resolved) {
        return Scene.EMPTY;
    }

    /** How its corner looks at that. */
    default Look look(Palette palette) {
        return Looks.own(palette, 0.6);
    }

    /** What stands in its corner while there is nothing to show. */
    default String emptyCorner() {
        return "";
    }

    /** One drawn hint above those words, about a place in pixels. */
    default void drawHint(GraphicsContext gc, double x, double y) {}

    /** Whether what a step of a phase makes is best seen in it, so that a new one opens it. */
    default boolean shows(Phase phase, Group root) {
        return false;
    }

    /** The view with this stage just opened: what the sentence is about then. */
    default View opened(View there, Group root) {
        return there;
    }

    /** The hand for one window. */
    Hand hand(Bench bench, Glass glass);

    /** The card in the left wing while it is open. */
    default Optional<Region> card(Bench bench) {
        return Optional.empty();
    }

    /** The card in the right wing while it is open; empty for that of every stage. */
    default Optional<Region> rightCard(Bench bench) {
        return Optional.empty();
    }

    /** Whether its field shows a plane of its own, such as a bed, so that what is seen of the design is not what is seen there. */
    default boolean hasOwnPlane() {
        return false;
    }

    /** What can be done here, for the line under the sentence. */
    default List<Offer> offers(Bench bench) {
        return List.of();
    }

    /** All that the hand does in it, for help and the list of keys. */
    default List<Deed> deeds() {
        return List.of();
    }

    /** What it is for, in one sentence. */
    default String why() {
        return "";
    }

    /** The sentence while nothing is chosen. */
    default List<Phrase> idle(Bench bench) {
        return List.of(Phrase.of("Nothing selected. Click a figure or a step, or type a word."));
    }

    /** The words that can be typed for what is done here. */
    default List<String> words() {
        return List.of();
    }

    /** Whether one of those words, with what was typed behind it, is meant so where others have it too. */
    default boolean means(String word, String rest) {
        return words().contains(word);
    }

    /** To how many one of those words would be done, before it is done; empty where that is no count. */
    default String told(Bench bench, String word, String rest) {
        return "";
    }

    /** Does one of those words, with what was typed behind it; false when it could not, which is then said. */
    default boolean run(Bench bench, String word, String rest) {
        return false;
    }
}
