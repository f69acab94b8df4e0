package org.hyphantes.design;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.figure.Form;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Reading;
import org.hyphantes.treatment.Treatment;

/** What a sentence is about: a figure, or a step of a group's recipe. */
public sealed interface Subject {
    String group();

    /** The thing itself; empty when the design has it no longer. */
    Optional<Described> in(Design design);

    /** The design with the thing changed. */
    Design put(Design design, Described changed);

    /**
     * The design with one setting of the thing read from text.
     *
     * @throws CannotRead if the thing is gone, has no such setting, or the text is no value for it
     */
    default Reading<Design> set(Design design, String key, String text) throws CannotRead {
        Described thing = in(design).orElseThrow(() -> new CannotRead("That is no longer in the design."));
        Reading<?> reading = thing.schema().read(thing, key, text, design.scope(group()));
        return new Reading<>(put(design, (Described) reading.value()), reading.note());
    }

    /** A figure of a group. */
    record OfFigure(String group, String figure) implements Subject {
        @Override
        public Optional<Described> in(Design design) {
            return design.group(group).flatMap(g -> g.figure(figure)).map(Figure::form);
        }

        @Override
        public Design put(Design design, Described changed) {
            return design.change(
                    group,
                    g -> g.withMembers(g.members().stream()
                            .map(m -> m.id().equals(figure) ? ((Figure) m).withForm((Form) changed) : m)
                            .toList()));
        }
    }

    /** A step of a group's recipe, by its id. */
    record OfStep(String group, String step) implements Subject {
        @Override
        public Optional<Described> in(Design design) {
            return design.group(group).flatMap(g -> g.step(step)).map(Step::treatment);
        }

        @Override
        public Design put(Design design, Described changed) {
            return design.change(
                    group,
                    g -> g.step(step)
                            .map(s -> g.withStep(s.with((Treatment) changed)))
                            .orElse(g));
        }
    }

    /** A pass of the design's job, by its number from 0. */
    record OfPass(int number) implements Subject {
        @Override
        public String group() {
            return "design";
        }

        @Override
        public Optional<Described> in(Design design) {
            List<Pass> passes = design.job().passes();
            return number < passes.size() ? Optional.of(passes.get(number)) : Optional.empty();
        }

        @Override
        public Design put(Design design, Described changed) {
            return design.withJob(design.job().passing(number, (Pass) changed));
        }
    }

    /** Something that the design as a whole has one of. */
    enum OfDesign implements Subject {
        /** The page. */
        PAGE(Design::page, (d, t) -> d.withPage((Page) t)),
        /** The net that it is set out on. */
        NET(Design::net, (d, t) -> d.withNet((Net) t)),
        /** The picture to trace or compare. */
        SKETCH(Design::sketch, (d, t) -> d.withSketch((Sketch) t)),
        /** What it is made in. */
        MAKING(Design::making, (d, t) -> d.withMaking((Making) t)),
        /** How it is handed over. */
        HANDING(Design::handing, (d, t) -> d.withHanding((Handing) t)),
        /** How it is cut. */
        JOB(Design::job, (d, t) -> d.withJob((Job) t));

        private final Function<Design, Described> get;
        private final BiFunction<Design, Described, Design> put;

        OfDesign(Function<Design, Described> get, BiFunction<Design, Described, Design> put) {
            this.get = get;
            this.put = put;
        }

        /** What it is called in words and by the command line. */
        public String word() {
            return get.apply(Design.empty("")).schema().word();
        }

        @Override
        public String group() {
            return "design";
        }

        @Override
        public Optional<Described> in(Design design) {
            return Optional.of(get.apply(design));
        }

        @Override
        public Design put(Design design, Described changed) {
            return put.apply(design, changed);
        }
    }
}
