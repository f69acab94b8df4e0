package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Breaks;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.History;
import org.hyphantes.design.Member;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.Subject;
import org.hyphantes.design.Swaps;
import org.hyphantes.figure.Form;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Mend;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.weave.Reach;

/** One random walk of edits from a seed, with what must hold after every step of it. */
final class EditWalk {
    /** Resolving within a walk is broken off after so long (ns): a walk is about edits, and may lay very many lines. */
    private static final long LONG = 20_000_000L;

    private final Random random;
    private final List<Design> before = new ArrayList<>();
    private History history;
    private int saved;

    EditWalk(long seed) {
        random = new Random(seed);
        history = History.of(
                random.nextInt(8) == 0
                        ? Demo.values()[random.nextInt(Demo.values().length)].design()
                        : Design.empty("Walk " + seed));
    }

    Design design() {
        return history.design();
    }

    private <T> T pick(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private String group() {
        List<Member> inner = design().root().members().stream()
                .filter(Group.class::isInstance)
                .toList();
        return inner.isEmpty() || random.nextInt(3) > 0 ? "design" : pick(inner).id();
    }

    private void edit(Edit edit) {
        History after = history.after(edit);
        if (after != history) {
            while (before.size() > history.at()) {
                before.remove(before.size() - 1);
            }
            before.add(design());
            history = after;
        }
    }

    /** One act of sixteen, and then what must hold. */
    void step() throws CannotOpen {
        act(random.nextInt(16));
        check(design().root(), new HashSet<>());
    }

    private void act(int act) throws CannotOpen {
        Group group = design().group(group()).orElseThrow();
        List<Member> members = group.members();
        List<Step> recipe = group.recipe();
        switch (act) {
            case 0, 1 -> {
                if (members.size() < 4) {
                    edit(Recipes.addFigure(group.id(), pick(Form.EACH)));
                }
            }
            case 2, 3 -> {
                if (recipe.size() < 6) {
                    edit(Recipes.addStep(group.id(), random.nextInt(recipe.size() + 1), pick(Treatment.each())));
                }
            }
            case 4, 5, 6 -> set(group);
            case 7 -> {
                if (!members.isEmpty()) {
                    String name = pick(List.of("Boss", "spoke 1", "the centre", "Ring \"3\"", "\u00c4hre"));
                    edit(Arranging.rename(group.id(), pick(members).id(), Arranging.freshName(group, name)));
                }
            }
            case 8 -> {
                if (!recipe.isEmpty()) {
                    edit(Recipes.moveStep(design(), group.id(), pick(recipe).id(), random.nextInt(recipe.size())));
                }
            }
            case 9 -> {
                if (!recipe.isEmpty()) {
                    String step = pick(recipe).id();
                    edit(
                            random.nextBoolean()
                                    ? Recipes.pass(design(), group.id(), step)
                                    : Recipes.removeStep(design(), group.id(), step));
                }
            }
            case 10 -> {
                if (!members.isEmpty()) {
                    Set<String> ids = Set.of(pick(members).id());
                    edit(random.nextBoolean() ? Arranging.remove(group.id(), ids) : Arranging.group(group.id(), ids));
                }
            }
            case 11, 12 -> atCrossing();
            case 13 -> mend();
            case 14 -> undoOrRedo();
            default -> save();
        }
    }

    /** Sets one slot of a figure or a step to something else. */
    private void set(Group group) {
        List<Subject> subjects = new ArrayList<>();
        group.members().stream()
                .filter(Figure.class::isInstance)
                .forEach(f -> subjects.add(new Subject.OfFigure(group.id(), f.id())));
        group.recipe().forEach(s -> subjects.add(new Subject.OfStep(group.id(), s.id())));
        if (subjects.isEmpty()) {
            return;
        }
        Subject subject = pick(subjects);
        Described thing = subject.in(design()).orElseThrow();
        String key = pick(thing.schema().keys());
        try {
            String text = text(thing.schema().kind(key), group);
            Design changed = subject.set(design(), key, text).value();
            edit(new Edit(key + " is " + text, d -> changed));
        } catch (CannotRead e) {
            assertThat(e.getMessage()).isNotBlank();
        }
    }

    private String text(Kind kind, Group group) {
        if (kind instanceof Kind.Choice choice) {
            return pick(choice.words());
        }
        if (kind instanceof Kind.Figure figure) {
            List<String> names = new ArrayList<>(group.names().values());
            names.add(figure.otherwise());
            return pick(names);
        }
        if (kind.isReference()) {
            return pick(List.of("A", "B", "Noto Sans"));
        }
        if (kind instanceof Kind.Count) {
            return String.valueOf(1 + random.nextInt(9));
        }
        return pick(List.of("12", "0.75 * 4", "was + 1", "3 + 5/8", "20", "M 0 0 L 30 0", "5 5", "-8", "1/3"));
    }

    private Artwork resolved() {
        long begun = System.nanoTime();
        return new Resolver().resolve(design(), () -> {
            if (System.nanoTime() - begun > LONG) {
                throw new BrokenOff();
            }
        });
    }

    /** Pins or breaks a crossing, wherever one is. */
    private void atCrossing() {
        List<Laying> weaves = resolved().work().weaves();
        if (weaves.isEmpty()) {
            return;
        }
        Laying laying = pick(weaves);
        int crossings = laying.weave().crossings().size();
        int meets = laying.weave().whole().meets().size();
        Reach reach = pick(List.of(Reach.values()));
        if (random.nextBoolean() && crossings > 0) {
            edit(Swaps.swap(laying, random.nextInt(crossings), reach));
        } else if (meets > 0) {
            edit(Breaks.stroke(design(), laying, random.nextInt(meets), Point.polar(1, random.nextInt(360)), reach));
        }
    }

    private void mend() {
        long begun = System.nanoTime();
        Watch watch = () -> {
            if (System.nanoTime() - begun > 3 * LONG) {
                throw new BrokenOff();
            }
        };
        Artwork artwork = new Resolver().resolve(design(), watch);
        List<Mend> mends = Inspection.of(design(), artwork, watch, true).snags().stream()
                .flatMap(s -> s.mend().stream())
                .toList();
        if (!mends.isEmpty()) {
            Mend mend = pick(mends);
            Design mended = Watch.over(watch, () -> mend.change().of(design(), watch));
            edit(new Edit(mend.done(), d -> mended));
        }
    }

    /** How often it was saved and opened. */
    int saved() {
        return saved;
    }

    private void undoOrRedo() {
        if (random.nextBoolean() && history.canUndo()) {
            history = history.undone();
            assertThat(design()).isSameAs(before.get(history.at()));
        } else if (history.canRedo()) {
            history = history.redone();
        }
    }

    private void save() throws CannotOpen {
        String text = ProjectFile.text(design());
        Design opened = ProjectFile.read(text);
        assertThat(opened).isEqualTo(design());
        assertThat(ProjectFile.text(opened)).isEqualTo(text);
        saved++;
    }

    /** Whatever is resolved from the design names steps that stand in it. */
    void resolve() {
        for (Laying laying : resolved().work().weaves()) {
            assertThat(design().group(laying.group()).flatMap(g -> g.step(laying.step())))
                    .as("the step of a laying")
                    .isPresent();
        }
    }

    private static void check(Group group, Set<String> ids) {
        assertThat(group.recipe()).extracting(Step::id).doesNotHaveDuplicates().allMatch(id -> !id.isBlank());
        for (Member member : group.members()) {
            assertThat(ids.add(member.id())).as(member.id()).isTrue();
            if (member instanceof Group inner) {
                check(inner, ids);
            }
        }
    }

    /** Undoes all of it, and does it again. */
    void undoAll(long seed) {
        Design last = design();
        int at = history.at();
        while (history.canUndo()) {
            history = history.undone();
            assertThat(design()).as("seed %d", seed).isSameAs(before.get(history.at()));
        }
        while (history.at() < at) {
            history = history.redone();
        }
        assertThat(design()).isSameAs(last);
    }
}
