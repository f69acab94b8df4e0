package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Fault;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Lettering;
import org.hyphantes.figure.Typesetter;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.FigureList;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Between;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Phase;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;

/** Snags of a recipe whose order cannot work, or whose step refers to what is gone. */
public final class RecipeOrder {
    private final Design design;
    private final Group group;
    private final List<Snag> snags;

    private RecipeOrder(Design design, Group group, List<Snag> snags) {
        this.design = design;
        this.group = group;
        this.snags = snags;
    }

    static List<Snag> snags(Design design, List<Fault> faults) {
        List<Snag> snags = new ArrayList<>();
        collect(design, design.root(), snags);
        faults(design, faults, snags);
        return snags;
    }

    /** Of what is missing in an artwork, in sentences: steps and figures that could not be resolved. */
    public static List<String> leftOut(Design design, Artwork artwork) {
        List<Snag> snags = new ArrayList<>();
        faults(design, artwork.faults(), snags);
        return snags.stream().map(Snag::words).toList();
    }

    private static void faults(Design design, List<Fault> faults, List<Snag> snags) {
        for (Fault fault : faults) {
            new RecipeOrder(design, group(design, fault), snags).fault(fault);
        }
    }

    /** What could not be resolved and is left out. */
    private void fault(Fault fault) {
        Optional<Step> step = group.step(fault.step());
        if (step.isPresent() && fault.pieces() > 0) {
            tooMuch(step.get(), fault);
        } else if (step.isPresent()) {
            String why = fault.reason().isEmpty()
                    ? " cannot be done to what stands before it, so it is left out: change its settings or those lines."
                    : " is left out: " + fault.reason() + ".";
            snags.add(Snag.of(
                            CrossingsGauge.WORD,
                            State.BROKEN,
                            fault.place(),
                            step.get().title() + why)
                    .mended(Mend.of(
                            "Pass " + step.get().title() + " under",
                            Recipes.pass(design, group.id(), step.get().id()))));
        } else {
            figure(fault);
        }
    }

    private void figure(Fault fault) {
        Optional<Figure> figure = group.figure(fault.figure());
        snags.add(Snag.of(
                        StrandsGauge.WORD,
                        State.BROKEN,
                        fault.place(),
                        figure.map(Figure::name).orElse("A figure")
                                + " makes no line or band that can be drawn with these numbers: change them.")
                .mended(figure.map(f -> Mend.of(
                        "Begin " + f.name() + " anew",
                        new Edit(
                                f.name() + " has its starting numbers.",
                                d -> new Subject.OfFigure(group.id(), f.id()).put(d, starting(f.form())))))));
    }

    private static Form starting(Form form) {
        return Form.EACH.stream()
                .filter(f -> f.schema().word().equals(form.schema().word()))
                .findFirst()
                .orElse(form);
    }

    /** The group that a fault is in, or the one of its figure. */
    private static Group group(Design design, Fault fault) {
        return design.group(fault.group())
                .or(() -> holding(design.root(), fault.figure()))
                .orElse(design.root());
    }

    private static Optional<Group> holding(Group group, String figure) {
        return group.figure(figure).isPresent()
                ? Optional.of(group)
                : group.members().stream()
                        .filter(Group.class::isInstance)
                        .flatMap(m -> holding((Group) m, figure).stream())
                        .findFirst();
    }

    private static void collect(Design design, Group group, List<Snag> snags) {
        RecipeOrder order = new RecipeOrder(design, group, snags);
        for (int i = 0; i < group.recipe().size(); i++) {
            order.step(i);
        }
        for (Member member : group.members()) {
            if (member instanceof Group inner) {
                collect(design, inner, snags);
            } else if (((Figure) member).form() instanceof Lettering lettering && !lettering.isAtHand()) {
                order.typeface((Figure) member, lettering);
            }
        }
    }

    /** Whether a step of a recipe cannot do its work where it stands. */
    public static boolean cannotWork(Design design, Group group, int index) {
        List<Snag> snags = new ArrayList<>();
        RecipeOrder order = new RecipeOrder(design, group, snags);
        order.step(index);
        return order.isTooMuch(index) || snags.stream().anyMatch(s -> s.state() == State.BROKEN);
    }

    private void add(String gauge, State state, String words, Optional<Mend> mend) {
        snags.add(Snag.of(gauge, state, null, words).mended(mend));
    }

    private void typeface(Figure figure, Lettering lettering) {
        Optional<Mend> mend = Typesetter.installed().typefaces().stream()
                .findFirst()
                .map(first -> Mend.of(
                        "Set them in " + first,
                        new Edit(
                                "Letters set in " + first + ".",
                                d -> new Subject.OfFigure(group.id(), figure.id())
                                        .put(d, lettering.schema().put(lettering, "typeface", first)))));
        snags.add(Snag.of(
                        StrandsGauge.WORD,
                        State.CHIPPED,
                        lettering.centre(),
                        "Letters use the typeface " + lettering.typeface() + ", which this computer lacks.")
                .mended(mend));
    }

    private void step(int i) {
        Step step = group.recipe().get(i);
        if (!step.over()) {
            return;
        }
        Treatment treatment = step.treatment();
        int weave = first(Phase.WEAVE);
        if (treatment.phase() == Phase.WEAVE) {
            withoutBands(step, i);
        } else if (weave >= 0 && weave < i) {
            afterWeaving(step, weave);
        }
        if (treatment instanceof Between between) {
            between(between);
        }
        references(step);
    }

    /** A step that comes after the weave, but takes lines, or lays copies that are then not woven together. */
    private void afterWeaving(Step step, int weave) {
        Step woven = group.recipe().get(weave);
        Mend mend = Mend.of(
                "Move " + step.title() + " before " + woven.title(),
                Recipes.moveBefore(design, group.id(), step.id(), woven.id()));
        if (step.treatment().phase().takesLines()) {
            if (banded(weave)) {
                add(
                        CrossingsGauge.WORD,
                        State.BROKEN,
                        step.title() + " comes after " + woven.title() + " and finds no line left.",
                        Optional.of(mend));
            }
        } else if (step.treatment().laid(1) > 1) {
            add(
                    CrossingsGauge.WORD,
                    State.CHIPPED,
                    step.title() + " comes after " + woven.title()
                            + ": its copies lie on one another and are not woven together.",
                    Optional.of(mend));
        }
    }

    private void between(Between between) {
        long figures = group.members().stream().filter(Figure.class::isInstance).count();
        if (figures < 2 || between.from().equals(between.to())) {
            add(
                    StrandsGauge.WORD,
                    State.CHIPPED,
                    "Between needs two figures to lay its steps between: "
                            + (figures < 2 ? "add another." : "name two different ones."),
                    Optional.empty());
        }
    }

    /** Whether far more lines would be laid than are, as far as that can be told from the figures alone. */
    private boolean isTooMuch(int i) {
        Treatment treatment = group.recipe().get(i).treatment();
        return treatment.laid(laid(i)) > Treatment.MOST_LINES && treatment.laid(1) > 1;
    }

    private void tooMuch(Step step, Fault fault) {
        Mend mend = step.treatment() instanceof Turn turn
                ? Mend.of("Turn 12 times", Recipes.set(group.id(), step.id(), turn.withTimes(12), "Turned 12 times."))
                : step.treatment() instanceof Colouring colouring && fault.pieces() > 0
                        ? apart(step, colouring, fault.pieces())
                        : Mend.of("Pass " + step.title() + " under", Recipes.pass(design, group.id(), step.id()));
        snags.add(Snag.of(
                        StrandsGauge.WORD,
                        State.BROKEN,
                        fault.place(),
                        String.format(
                                Locale.ROOT,
                                "%s would lay %,d lines and courses, more than %,d lines or %,d courses, so it is left out.",
                                step.title(),
                                fault.pieces(),
                                Treatment.MOST_LINES,
                                Treatment.MOST_COURSES))
                .mended(mend));
    }

    /** Lays the lines of a hatch so far apart that half as many come of it as may be laid. */
    private Mend apart(Step step, Colouring colouring, long lines) {
        double spacing = Mends.cutDown(2.0 * colouring.spacing().value() * lines / Treatment.MOST_COURSES);
        return Mend.of(
                "Lines " + Numerals.length(spacing, design.unit()) + " apart",
                Recipes.set(
                        group.id(),
                        step.id(),
                        colouring.with("spacing", Amount.of(spacing)),
                        "Lines " + Numerals.length(spacing, design.unit()) + " apart."));
    }

    /** References to figures that are not in the group (any more). */
    private void references(Step step) {
        Schema<?> schema = step.treatment().schema();
        for (Map.Entry<String, String> reference : schema.figures().entrySet()) {
            String id = (String) schema.value(step.treatment(), reference.getKey());
            String otherwise = reference.getValue();
            List<String> there = new ArrayList<>(schema.isMany(reference.getKey()) ? FigureList.ids(id) : List.of(id));
            if (!id.equals(otherwise) && !group.names().keySet().containsAll(there)) {
                there.retainAll(group.names().keySet());
                String left = there.isEmpty() ? otherwise : FigureList.of(there);
                Treatment without = (Treatment) schema.put(step.treatment(), reference.getKey(), left);
                add(
                        StrandsGauge.WORD,
                        State.CHIPPED,
                        step.title() + " refers to a figure that is gone: \"" + reference.getKey() + "\".",
                        Optional.of(Mend.of(
                                "Take " + (there.isEmpty() ? otherwise : "those that are there"),
                                Recipes.set(
                                        group.id(),
                                        step.id(),
                                        without,
                                        step.title() + " takes "
                                                + (there.isEmpty() ? otherwise : "those that are there") + "."))));
            }
        }
    }

    private void withoutBands(Step step, int i) {
        boolean nested = group.members().stream().anyMatch(Group.class::isInstance);
        if (banded(i) || nested || first(Phase.WEAVE) < i) {
            return;
        }
        int band = first(Phase.BANDS);
        Mend mend;
        if (band > i) {
            Step late = group.recipe().get(band);
            mend = Mend.of(
                    "Move " + late.title() + " before " + step.title(),
                    Recipes.moveBefore(design, group.id(), late.id(), step.id()));
        } else {
            mend = Mend.of("Add Band before " + step.title(), Recipes.addBefore(group.id(), step.id(), Band.STARTING));
        }
        add(
                CrossingsGauge.WORD,
                State.BROKEN,
                step.title() + " finds no bands, so nothing is woven.",
                Optional.of(mend));
    }

    /** About how many lines there are before a step. */
    private long laid(int before) {
        long laid = group.members().size();
        for (int i = 0; i < before; i++) {
            Step step = group.recipe().get(i);
            if (step.over()) {
                laid = step.treatment().laid(laid);
            }
        }
        return laid;
    }

    private boolean banded(int before) {
        int band = first(Phase.BANDS);
        return band >= 0 && band < before;
    }

    /** The first step of a phase that works; -1 without one. */
    private int first(Phase phase) {
        for (int i = 0; i < group.recipe().size(); i++) {
            Step step = group.recipe().get(i);
            if (step.over() && step.treatment().phase() == phase) {
                return i;
            }
        }
        return -1;
    }
}
