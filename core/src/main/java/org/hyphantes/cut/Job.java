package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * How a design is cut.
 *
 * @param width of the bed (mm)
 * @param height of the bed (mm)
 * @param lie how it lies on the bed
 * @param laid whether all of it lies on the bed as it is drawn, or its groups or parts apart
 * @param copies how many of each are laid on the bed
 * @param gap how far (mm) apart
 * @param kerf the width (mm) of what the tool takes away, half of which is made up for where parts are cut out
 * @param parts whether areas that adjoin are cut apart
 * @param ties how many ties hold each piece that would fall out
 * @param tie how wide (mm) a tie is
 * @param bridge narrower (mm) than this no bridge of a sheet stays, nor any place of an area that is neither strand nor piece
 * @param bands whether bands are cut along their edges or their middle
 * @param lines whether lines that lie on one another go out as often as they are drawn
 * @param closing ends nearer to one another than this (mm) are joined
 * @param least lines shorter than this (mm) are left out
 * @param fine how far (mm) what is written may stray where a format has no such curve
 * @param passes in the order in which they are done
 */
public record Job(
        Machine machine,
        Amount width,
        Amount height,
        Lie lie,
        Laid laid,
        Amount copies,
        Amount gap,
        Amount kerf,
        Parts parts,
        Amount ties,
        Amount tie,
        Amount bridge,
        Bands bands,
        Lines lines,
        Amount closing,
        Amount least,
        Amount fine,
        Order order,
        List<Pass> passes)
        implements Described {
    /** A job has so many passes at most. */
    public static final int MOST_PASSES = 12;

    /** A job on a machine, with its bed and kerf: inner lines are scored, then all else is cut. */
    public static Job on(Machine machine) {
        return new Job(
                machine,
                Amount.of(machine.width()),
                Amount.of(machine.height()),
                Lie.AS_DRAWN,
                Laid.ALL_AS_ONE,
                Amount.of(1),
                Amount.of(5),
                Amount.of(machine.kerf()),
                Parts.AS_THEY_HANG,
                Amount.of(0),
                Amount.of(1),
                Amount.of(0),
                Bands.AS_OUTLINES,
                Lines.AS_DRAWN,
                Amount.of(0),
                Amount.of(0),
                Amount.of(0.01),
                Order.A_SHORT_WAY,
                Pass.STARTING);
    }

    /** How a design lies on the bed. */
    public enum Lie {
        AS_DRAWN,
        A_QUARTER_TURNED,
        /** Each as drawn or a quarter turned, so that the most have room. */
        TURNED_TO_FIT
    }

    /** What is laid on the bed by itself. */
    public enum Laid {
        ALL_AS_ONE,
        EACH_GROUP_BY_ITSELF,
        /** Each area by itself, with the lines within it. */
        EACH_PART_BY_ITSELF
    }

    /** Whether areas that adjoin are cut apart. */
    public enum Parts {
        /** Pieces with gaps between them within a sheet, all else apart. */
        AS_THEY_HANG,
        /** Each area is a part by itself. */
        APART,
        /** Areas that adjoin stay one; only what lies round them and the holes in them are cut. */
        AS_ONE_SHEET,
        /** They stay one with what lies round them; only the gaps between them are cut. */
        WITHIN_A_SHEET
    }

    /** What of a band is cut. */
    public enum Bands {
        AS_OUTLINES,
        AS_CENTRE_LINES
    }

    /** Lines that lie on one another. */
    public enum Lines {
        AS_DRAWN,
        EACH_ONCE
    }

    /** In which order contours of one pass are cut; what lies inside always before what lies round it. */
    public enum Order {
        A_SHORT_WAY,
        AS_DRAWN
    }

    private static final Schema<Job> SCHEMA = new Schema<>(
                    Job.class,
                    "job",
                    "",
                    List.of(
                            Setting.of(Job.class, "machine"),
                            Setting.of(Job.class, "width", new Kind.Length(1, 1e5)),
                            Setting.of(Job.class, "height", new Kind.Length(1, 1e5)),
                            Setting.of(Job.class, "lie"),
                            Setting.of(Job.class, "laid"),
                            Setting.of(Job.class, "copies", new Kind.Count(1, 1000)),
                            Setting.of(Job.class, "gap", new Kind.Length(0, 1000)),
                            Setting.of(Job.class, "kerf", new Kind.Length(0, 100)),
                            Setting.of(Job.class, "parts"),
                            Setting.of(Job.class, "ties", new Kind.Count(0, 24)),
                            Setting.of(Job.class, "tie", new Kind.Length(0.01, 100)),
                            Setting.of(Job.class, "bridge", new Kind.Length(0, 100)),
                            Setting.of(Job.class, "bands"),
                            Setting.of(Job.class, "lines"),
                            Setting.of(Job.class, "closing", new Kind.Length(0, 100)),
                            Setting.of(Job.class, "least", new Kind.Length(0, 100)),
                            Setting.of(Job.class, "fine", new Kind.Length(1e-4, 1)),
                            Setting.of(Job.class, "order")))
            .telling(j -> "Cut on the {machine}, bed {width} by {height}, {laid}, {copies}"
                    + (j.copies.value() > 1 ? " copies" : " copy")
                    + (j.copies.value() > 1 || j.laid != Laid.ALL_AS_ONE ? " {gap} apart" : "")
                    + " lying {lie}, kerf {kerf}; bands {bands}, parts {parts}"
                    + (j.parts != Parts.APART
                            ? ", {ties} ties" + (j.ties.value() > 0 ? " of {tie}" : "") + " to each loose piece"
                            : "")
                    + ", bridges {bridge} wide at least"
                    + "; lines {lines}, ends up to {closing} apart joined, none shorter than {least}; "
                    + "{order}, curves within {fine}.")
            .because("What the machine does: the file that is written is read again and cut on the simulated bed.");

    public Job {
        passes = passes.isEmpty() ? Pass.STARTING : List.copyOf(passes);
    }

    @Override
    public Schema<Job> schema() {
        return SCHEMA;
    }

    /** This job, or another, with the bed and kerf of its machine where only the machine was changed. */
    public Job changedTo(Job other) {
        boolean same = other.machine == machine
                || !other.width.equals(width)
                || !other.height.equals(height)
                || !other.kerf.equals(kerf);
        return same
                ? other
                : other.with("width", Amount.of(other.machine.width()))
                        .with("height", Amount.of(other.machine.height()))
                        .with("kerf", Amount.of(other.machine.kerf()));
    }

    /** This job with one of its settings: an amount, or one of its choices. */
    public Job with(String key, Object value) {
        return SCHEMA.put(this, key, value instanceof Enum<?> choice ? Entry.word(choice) : value);
    }

    /** This job with other passes. */
    public Job passing(List<Pass> others) {
        return new Job(
                machine, width, height, lie, laid, copies, gap, kerf, parts, ties, tie, bridge, bands, lines, closing,
                least, fine, order, others);
    }

    /** This job with one pass changed. */
    public Job passing(int number, Pass pass) {
        List<Pass> changed = new ArrayList<>(passes);
        changed.set(number, pass);
        return passing(changed);
    }
}
