package org.hyphantes.desktop.field;

import java.util.Optional;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Angle;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Mirror;
import org.hyphantes.treatment.Spokes;
import org.hyphantes.treatment.Turn;

/** The Turn and the Mirror of the recipe in hand, as the rim shows and sets them. */
final class TurnActs {
    private final Desk desk;

    TurnActs(Desk desk) {
        this.desk = desk;
    }

    Optional<Step> step() {
        return desk.root().last(Turn.class);
    }

    /** The Turn in force; a single one where there is none. */
    Turn turn() {
        return desk.root().lastOf(Turn.class).orElse(Turn.STARTING.withTimes(1));
    }

    Optional<Mirror> mirror() {
        return desk.root().lastOf(Mirror.class);
    }

    /** The bearing (degrees) of a tongue: 0 stands at the start, 1 one step on. */
    double bearing(int tongue) {
        Turn turn = turn();
        return turn.start().value() + (tongue == 1 && step().isPresent() ? turn.step() : 0);
    }

    /** Makes the sentence about the Turn. */
    void choose() {
        step().ifPresent(s ->
                desk.look(desk.view().about(new Subject.OfStep(desk.root().id(), s.id()))));
    }

    /** Sets the number of turns by where tongue 1 is pulled to. */
    void pullTimes(double bearing) {
        Turn turn = turn();
        double step = Angle.turned(bearing - turn.start().value());
        double over = turn.over().value() == 0 ? 360 : turn.over().value();
        if (over < 0) {
            step = 360 - step;
        }
        int count = step < 1 ? turn.count() : (int) Math.rint(Math.abs(over) / step);
        times(Math.min(count, 360));
    }

    /** Sets the start by where tongue 0 is pulled to; it catches at half a step and at a step. */
    void pullStart(double bearing, double catching) {
        Turn turn = turn();
        double start = bearing > 180 ? bearing - 360 : bearing;
        double half = turn.step() / 2;
        double caught = half == 0 ? start : half * Math.rint(start / half);
        boolean catches = Math.abs(caught - start) <= catching && Math.abs(caught) <= Math.abs(turn.step());
        start(catches ? caught : Math.rint(start));
    }

    void times(int count) {
        Turn changed = turn().withTimes(Math.max(1, Math.min(3600, count)));
        set(changed, "Turned " + changed.count() + " times.");
    }

    void start(double degrees) {
        set(turn().withStart(degrees), "Turned from " + Numerals.degrees(degrees) + ".");
    }

    private void set(Turn changed, String words) {
        String group = desk.root().id();
        Optional<Step> step = step();
        if (step.isPresent() && !changed.equals(turn())) {
            desk.drag(Recipes.set(group, step.get().id(), changed, words));
            desk.say(words);
        } else if (step.isEmpty() && changed.count() > 1) {
            desk.drag(new Edit(words, Recipes.addStep(group, 0, changed).change()));
            desk.say(words);
        }
    }

    /** No mirrors, mirrors on the spokes, mirrors between the spokes, and round again. */
    void nextMirror() {
        String group = desk.root().id();
        Optional<Step> at = desk.root().last(Mirror.class);
        if (at.isEmpty()) {
            int after = step().map(s -> desk.root().indexOf(s.id()) + 1).orElse(0);
            Mirror added = Mirror.STARTING.through(turn().about());
            desk.edit(new Edit(
                    "Mirrored on the spokes.",
                    Recipes.addStep(group, after, added).change()));
        } else if (mirror().orElseThrow().spokes() == Spokes.ON) {
            Mirror between = mirror().orElseThrow().on(Spokes.BETWEEN);
            desk.edit(Recipes.set(group, at.get().id(), between, "Mirrored between the spokes."));
        } else {
            desk.edit(new Edit(
                    "No mirrors.",
                    Recipes.removeStep(desk.design(), group, at.get().id()).change()));
        }
    }

    String mirrorWords() {
        return mirror().map(m -> m.spokes() == Spokes.ON ? "mirrored on the spokes" : "mirrored between the spokes")
                .orElse("not mirrored");
    }
}
