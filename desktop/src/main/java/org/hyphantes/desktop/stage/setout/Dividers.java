package org.hyphantes.desktop.stage.setout;

import java.util.Optional;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Nouns;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Unit;

/**
 * The dividers: from one leg to another, and only then what is laid between them. While they are open the noun can still be
 * changed, and the figure just laid stays loose until the next act.
 */
final class Dividers {
    private final Desk desk;
    private final Nouns nouns;
    private final FigureActs figures;
    private Point first;
    private Point second;
    private boolean otherWay;
    private String loose = "";

    Dividers(Bench bench) {
        this.desk = bench.desk();
        this.nouns = bench.nouns();
        this.figures = new FigureActs(bench);
        nouns.whileLoose(this::become);
    }

    boolean areOpen() {
        return first != null;
    }

    Optional<Point> first() {
        return Optional.ofNullable(first);
    }

    Optional<Point> second() {
        return Optional.ofNullable(second);
    }

    void open(Point leg) {
        first = leg;
        second = null;
        loose = "";
    }

    void spread(Point leg, boolean theOtherWay) {
        second = leg;
        otherWay = theOtherWay;
    }

    void close() {
        first = null;
        second = null;
    }

    /** The form between the legs; empty while they stand on one spot. */
    Optional<Form> form() {
        return first == null || second == null || first.distance(second) < 1e-6
                ? Optional.empty()
                : Optional.of(between(nouns.noun()));
    }

    private Form between(Form noun) {
        return noun.between(first, second, otherWay);
    }

    /** Lays the noun: between the legs, or as large as the last one about the first when the second was set on it. */
    void lay() {
        Form form = form().orElseGet(() -> nouns.noun()
                .carried(org.hyphantes.geometry.Affine.shift(
                        first.minus(nouns.noun().centre()))));
        figures.add(form);
        loose = desk.view().chosen().stream().findFirst().orElse("");
    }

    /** Whether the figure just laid can still become another. */
    boolean isLoose() {
        return !loose.isEmpty() && desk.view().chosen().contains(loose);
    }

    void keep() {
        loose = "";
        close();
    }

    /** Makes the figure just laid the next kind of figure. */
    void nextNoun(int way) {
        int at = 0;
        for (int i = 0; i < Form.EACH.size(); i++) {
            if (Form.EACH.get(i).schema().word().equals(nouns.noun().schema().word())) {
                at = i;
            }
        }
        Form next = Form.EACH.get(Math.floorMod(at + way, Form.EACH.size()));
        become(next.schema().word());
    }

    /** Makes the figure just laid one of another kind, between the same legs; false when none is loose. */
    boolean become(String word) {
        if (!isLoose()) {
            return false;
        }
        Point a = first;
        Point b = second;
        desk.undo();
        nouns.noun(word);
        first = a;
        second = b;
        lay();
        desk.say("A " + word + " instead. Up and Down change it, Enter keeps it.");
        return true;
    }

    /** Length and bearing between the legs, in words. */
    String words() {
        if (first == null || second == null) {
            return "";
        }
        Unit unit = desk.design().unit();
        return nouns.noun().schema().word() + "  " + Numerals.length(first.distance(second), unit) + "  at "
                + Numerals.degrees(Math.rint(Angle.bearing(second.minus(first)) * 100) / 100);
    }
}
