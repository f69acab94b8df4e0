package org.hyphantes.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.hyphantes.figure.PageBox;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Flat;
import org.hyphantes.treatment.CannotLay;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Surroundings;
import org.hyphantes.treatment.Taken;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.StrandKey;

/**
 * Resolves designs to artwork. The result depends on the design alone; what was resolved before is remembered by group and
 * recipe so far, so that a change late in a recipe does only what comes after it. A step or a figure whose geometry cannot be is
 * left out, and told as a {@link Fault}. Not for use by several threads at once.
 */
public final class Resolver {
    private static final int REMEMBERED = 48;

    /** What a result depends on. */
    private record Key(Group group, Base base) {}

    /** What all groups of a design share. */
    private record Base(PageBox pageBox, Colourway colourway, boolean rough) {
        static Base of(Design design, boolean rough) {
            return new Base(design.page().pageBox(), design.colourway(), rough);
        }

        Base exact() {
            return rough ? new Base(pageBox, colourway, false) : this;
        }
    }

    /** A result: the work, and what had to be left out of it. */
    private record Done(Work work, List<Fault> faults) {
        Done with(Done other) {
            List<Fault> all = new ArrayList<>(faults);
            all.addAll(other.faults);
            return new Done(work.with(other.work), all);
        }

        boolean isRough() {
            return work.woven().stream().anyMatch(l -> l.weave().order().rough());
        }

        /** The middle of its lines. */
        Point middle() {
            return work.lines().isEmpty()
                    ? Point.ORIGIN
                    : Box.round(work.lines().stream().map(l -> l.path().box()).toList())
                            .centre();
        }

        /** The same work, with something more that had to be left out. */
        Done without(Fault fault) {
            List<Fault> all = new ArrayList<>(faults);
            all.add(fault);
            return new Done(work, all);
        }
    }

    /** A result that is remembered, and the last of those in passing that asked for it; 0 when something else did. */
    private static final class Kept {
        private final Done done;
        private long passing;

        Kept(Done done, long passing) {
            this.done = done;
            this.passing = passing;
        }
    }

    private final Map<Key, Kept> remembered = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Kept> eldest) {
            return size() > REMEMBERED;
        }
    };

    /** The number of what is resolved in passing, from 1 on. */
    private long passings;

    private boolean inPassing;

    /** The finished artwork of a design. */
    public Artwork resolve(Design design) {
        return resolve(design, Watch.NONE);
    }

    /** The same, with a watch that may break the work off. */
    public Artwork resolve(Design design, Watch watch) {
        return resolve(design, design.root(), watch);
    }

    /**
     * The artwork of a group of a design, or of something else made of its figures; its scene numbers figures as the design does.
     *
     * @param watch called now and then, which may break the work off; what was done until then is remembered
     */
    public Artwork resolve(Design design, Group group, Watch watch) {
        return resolve(design, group, design.figures(), false, watch);
    }

    /** The same, with weaves whose crowded courses are cut roughly: what is seen while something is dragged. */
    public Artwork roughly(Design design, Group group, Watch watch) {
        return resolve(design, group, design.figures(), true, watch);
    }

    /**
     * Works on what is soon to be something else, as while it is dragged. What only the one in passing before was made of is
     * forgotten then: many of them would push out what may be wanted again, and what is alive makes every collection of garbage longer.
     */
    public <T> T inPassing(Supplier<T> work) {
        passings++;
        inPassing = true;
        try {
            T made = work.get();
            remembered.values().removeIf(k -> k.passing > 0 && k.passing < passings);
            return made;
        } finally {
            inPassing = false;
        }
    }

    /** The artwork of a group by itself, which numbers its own figures alone. */
    public Artwork alone(Design design, Group group, Watch watch) {
        return resolve(design, group, Design.figures(group), false, watch);
    }

    private Artwork resolve(Design design, Group group, List<String> figures, boolean rough, Watch watch) {
        return Watch.over(watch, () -> {
            Done done = done(group, Base.of(design, rough), watch);
            return Artwork.of(done.work(), figures, done.faults(), watch);
        });
    }

    /** The lines of the helpers of a group, as they are set out. */
    public static List<Laid> helpers(Group group, PageBox pageBox, Watch watch) {
        List<Laid> helpers = new ArrayList<>();
        for (Member member : group.members()) {
            if (member.standing().helper() && !member.standing().hidden()) {
                helpers.addAll(
                        member instanceof Figure figure
                                ? figure(group, figure, pageBox).work().lines()
                                : new Resolver()
                                        .done((Group) member, new Base(pageBox, Colourway.QUAY, false), watch)
                                        .work()
                                        .lines());
            }
        }
        return helpers;
    }

    private Done done(Group group, Base base, Watch watch) {
        Key exact = new Key(group, base.exact());
        Key key = new Key(group, base);
        Kept known = base.rough() && remembered.containsKey(exact) ? remembered.get(exact) : remembered.get(key);
        if (known != null) {
            known.passing = inPassing && known.passing > 0 ? passings : 0;
            return known.done;
        }
        watch.step();
        Done done = group.recipe().isEmpty() ? members(group, base, watch) : lastStep(group, base, watch);
        // What failed may not have, exactly.
        boolean isExact = !done.isRough() && done.faults().isEmpty();
        remembered.put(isExact ? exact : key, new Kept(done, inPassing ? passings : 0));
        return done;
    }

    private Done members(Group group, Base base, Watch watch) {
        Done groups = new Done(Work.of(List.of()), List.of());
        Done figures = new Done(Work.of(List.of()), List.of());
        for (Member member : group.members()) {
            if (!member.standing().counts()) {
                continue;
            }
            if (member instanceof Figure figure) {
                figures = figures.with(figure(group, figure, base.pageBox()));
            } else {
                groups = groups.with(done((Group) member, base, watch));
            }
        }
        return groups.with(figures);
    }

    /** The lines of a figure; none, and a fault, when its numbers make no line that can be. */
    private static Done figure(Group group, Figure figure, PageBox pageBox) {
        try {
            return new Done(Work.of(lines(figure, pageBox)), List.of());
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException e) {
            return new Done(
                    Work.of(List.of()),
                    List.of(Fault.ofFigure(
                            group.id(), figure.id(), figure.form().centre())));
        }
    }

    private static List<Laid> lines(Figure figure, PageBox pageBox) {
        List<Path> paths = figure.form().paths(pageBox);
        StrandKey key = new StrandKey(figure.id(), List.of());
        List<Laid> lines = new ArrayList<>();
        for (int i = 0; i < paths.size(); i++) {
            StrandKey own = paths.size() == 1 ? key : key.part(i);
            Laid line = new Laid(
                    own, paths.get(i), figure.form().centre(), figure.colour().map(Flat::new));
            lines.add(paths.size() == 1 ? line : line.bounding(key));
        }
        return lines;
    }

    private Done lastStep(Group group, Base base, Watch watch) {
        int last = group.recipe().size() - 1;
        Done before = done(group.upTo(last), base, watch);
        Step step = group.recipe().get(last);
        if (!step.over()) {
            return before;
        }
        Surroundings surroundings = new Surroundings(
                group.id(), step.id(), figures(group), base.pageBox(), base.colourway(), base.rough(), watch);
        Taken taken = Taken.of(step.treatment(), before.work(), surroundings);
        if (taken.isTooMuch()) {
            long pieces = step.treatment().wouldLay(taken.part());
            return before.without(Fault.tooMuch(group.id(), step.id(), before.middle(), pieces));
        }
        try {
            return new Done(taken.applied(surroundings), before.faults());
        } catch (CannotLay e) {
            return before.without(Fault.ofStep(group.id(), step.id(), before.middle(), e.getMessage()));
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException | IndexOutOfBoundsException e) {
            return before.without(Fault.ofStep(group.id(), step.id(), before.middle(), ""));
        }
    }

    private static Map<String, Surroundings.Named> figures(Group group) {
        Map<String, Surroundings.Named> figures = new LinkedHashMap<>();
        collect(group, false, figures);
        return figures;
    }

    private static void collect(Group group, boolean within, Map<String, Surroundings.Named> figures) {
        for (Member member : group.members()) {
            if (member instanceof Figure figure) {
                figures.put(figure.id(), new Surroundings.Named(figure.id(), figure.form(), figure.colour(), within));
            } else {
                collect((Group) member, true, figures);
            }
        }
    }
}
