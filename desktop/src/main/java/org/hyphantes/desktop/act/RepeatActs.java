package org.hyphantes.desktop.act;

import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Path;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Numerals;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Setoff;
import org.hyphantes.treatment.Work;

/** The Repeat of the recipe in hand: its group, the size of its cells and where they lie. */
public final class RepeatActs {
    private final Desk desk;

    public RepeatActs(Desk desk) {
        this.desk = desk;
    }

    public Optional<Step> step() {
        return desk.root().last(Repeat.class);
    }

    public Optional<Repeat> repeat() {
        return desk.root().lastOf(Repeat.class);
    }

    /** The lines of what is repeated, as it is drawn; of very many only so many. */
    public List<Path> motif(int most) {
        Work tile = desk.resolved().setOut().work();
        boolean all = repeat().isEmpty() || tile.cloth().isEmpty();
        return tile.lines().stream()
                .filter(l -> all || l.key().outermost() == 0)
                .limit(most)
                .map(Laid::path)
                .toList();
    }

    /** Repeats by another group; with no Repeat yet one is added. */
    public void group(RepeatGroup group) {
        String word = Entry.word(group);
        if (step().isEmpty()) {
            new RecipeActs(desk).add(Repeat.STARTING.with("group", word));
            return;
        }
        Repeat now = repeat().orElseThrow();
        set(now.with("group", word), "Repeated by " + word + ".");
        choose();
    }

    /** The group so many further on in the list of all, round and round. */
    public void next(int way) {
        group(repeat().map(now -> further(now.group(), way)).orElse(RepeatGroup.P1));
    }

    /** Resolves the groups before and after this one, which may be asked for next. */
    public void foreseeNext() {
        repeat().ifPresent(now -> {
            foresee(further(now.group(), 1));
            foresee(further(now.group(), -1));
        });
    }

    /** Resolves what repeating by another group would make, which may be asked for next. */
    public void foresee(RepeatGroup group) {
        step().ifPresent(step -> {
            Repeat other = repeat().orElseThrow().with("group", Entry.word(group));
            Edit edit = Recipes.set(desk.root().id(), step.id(), other, "");
            desk.foresee(edit.change().apply(desk.design()));
        });
    }

    private static RepeatGroup further(RepeatGroup from, int way) {
        List<RepeatGroup> all = List.of(RepeatGroup.values());
        return all.get(Math.floorMod(from.ordinal() + way, all.size()));
    }

    private void set(Repeat repeat, String words) {
        step().ifPresent(s -> desk.edit(Recipes.set(desk.root().id(), s.id(), repeat, words)));
    }

    /** The sentence about the Repeat. */
    public void choose() {
        step().ifPresent(s ->
                desk.look(desk.view().about(new Subject.OfStep(desk.root().id(), s.id()))));
    }

    /** One of many sizes of a cell (mm) while it is dragged; negative for one that stays as it is. */
    public void sized(double width, double height) {
        Repeat now = repeat().orElseThrow();
        boolean both = now.group().cell() == RepeatGroup.Cell.SQUARE
                || now.group().cell() == RepeatGroup.Cell.HEXAGONAL
                || now.group().cell() == RepeatGroup.Cell.STRIP;
        double wide = both ? Math.max(width, height) : width;
        Repeat sized = wide > 0 ? now.with("width", Amount.of(clean(Math.max(0.01, wide)))) : now;
        if (!both && height > 0) {
            sized = sized.with("height", Amount.of(clean(Math.max(0.01, height))));
        }
        drag(sized, "Cells " + size(sized) + ".");
    }

    /** One of many places of the origin (mm). */
    public void origin(double right, double down) {
        Repeat moved =
                repeat().orElseThrow().with("right", Amount.of(clean(right))).with("down", Amount.of(clean(down)));
        drag(moved, "The origin moved.");
    }

    /** How far each row is set off from the one before, as a share of a cell, while it is dragged; false where the group leaves no such freedom. */
    public boolean skewed(double share) {
        Repeat now = repeat().orElseThrow();
        if (now.group().cell() != RepeatGroup.Cell.OBLIQUE) {
            return false;
        }
        double within = clean(share - Math.rint(share));
        Repeat skewed = now.with("laid", Entry.word(within == 0 ? Setoff.STRAIGHT : Setoff.BRICK))
                .with("share", Amount.of(within == 0 ? now.share().value() : within));
        drag(skewed, "Each row set off by " + Numerals.shown(within, 3) + " of a cell.");
        return true;
    }

    private void drag(Repeat repeat, String words) {
        step().ifPresent(s -> desk.drag(Recipes.set(desk.root().id(), s.id(), repeat, words)));
    }

    /** The size of the cells in words. */
    public String size(Repeat repeat) {
        String wide = Numerals.length(repeat.width().value(), desk.design().unit());
        boolean free = repeat.group().cell() == RepeatGroup.Cell.OBLIQUE
                || repeat.group().cell() == RepeatGroup.Cell.RECTANGULAR;
        return free
                ? wide + " by "
                        + Numerals.length(repeat.height().value(), desk.design().unit())
                : wide + " wide";
    }

    /** Without the rounding of binary fractions. */
    private static double clean(double number) {
        return Math.rint(number * 1e6) / 1e6;
    }
}
