package org.hyphantes.exchange.replay;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.hyphantes.cut.Contour;
import org.hyphantes.cut.Cuts;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Program;
import org.hyphantes.machine.Readers;
import org.hyphantes.machine.Straying;
import org.hyphantes.machine.Timeline;
import org.hyphantes.setting.Numerals;

/**
 * A file for a machine, as it was written and read again: what it has the machine do and when, what falls out, and how far it strays from what
 * was to be cut.
 *
 * @param passes those of the job that take something, in the order of the file
 */
public record Replay(Job job, Cuts cuts, List<Pass> passes, Timeline timeline, List<Fall> falls, Straying straying) {
    private static final double ROUNDED_OFF = 0.001;

    /**
     * Writes what goes out in a format, and reads that again.
     *
     * @throws CannotRun if the machine reads no such files, or cannot run this one
     */
    public static Replay of(Handout handout, Format format) throws IOException, CannotHandOver, CannotRun {
        byte[] written = format.bytes(handout.forMachines());
        return of(handout, format.ending(), new String(written, StandardCharsets.UTF_8));
    }

    /** The same from the text of a file. */
    public static Replay of(Handout handout, String file, String text) throws CannotRun {
        Readers.Reader reader =
                Readers.of(file).orElseThrow(() -> new CannotRun("The simulated machine reads no such file."));
        Job job = handout.design().job();
        Cuts cuts = handout.cuts();
        Program read = reader.read(text);
        Program program = reader.isPage() ? read.laid(page(handout)) : read;
        List<Pass> passes = job.passes().stream()
                .filter(p -> cuts.contours().stream().anyMatch(c -> job.passes().get(c.pass()) == p))
                .toList();
        Timeline timeline = Timeline.of(
                program.paced(
                        p -> passes.get(Math.min(p, passes.size() - 1)).speed().value()),
                job.machine());
        List<Boolean> cutting =
                passes.stream().map(p -> p.work() == Pass.Work.CUT).toList();
        Straying straying = Straying.of(
                program,
                cuts.contours().stream().map(Contour::path).toList(),
                job.height().value());
        return new Replay(job, cuts, passes, timeline, Fall.of(timeline, cutting), straying);
    }

    /** From the page of a drawing, upwards from its lower left corner, to where that lies on the bed. */
    private static Affine page(Handout handout) {
        if (handout.isOnBed()) {
            return Affine.IDENTITY;
        }
        Box page = handout.forMachines().drawn().page();
        double scale = handout.scale();
        Affine drawn = new Affine(1 / scale, 0, 0, -1 / scale, page.left(), page.bottom());
        Affine upright =
                new Affine(1, 0, 0, -1, 0, handout.design().job().height().value());
        return upright.after(handout.cuts().toBed()).after(drawn);
    }

    /** How many strokes are cut when what they lie in has fallen out already. */
    public int late() {
        return falls.stream().mapToInt(f -> f.late().size()).sum();
    }

    /** How far (mm) the file may stray: by what the job allows, and what files round off. */
    public double allowed() {
        return job.fine().value() + ROUNDED_OFF;
    }

    /** Whether it strays further than it may. */
    public boolean strays() {
        return straying.distance() > allowed();
    }

    /** What is said of it when it has been written: "3 passes, 3 min 57 s, 0.01 mm from the design at worst". */
    public String told() {
        int passes = timeline.program().passes().size();
        return (passes == 1 ? "1 pass" : passes + " passes") + ", "
                + minutes(timeline.total()) + ", "
                + (straying.distance() < 0.0005
                        ? "less than 0.001"
                        : Numerals.shown(straying.distance(), straying.distance() < 0.01 ? 3 : 2))
                + " mm from the design at worst";
    }

    /** A time in words: "3 min 57 s". */
    public static String minutes(double seconds) {
        long whole = Math.round(seconds);
        return whole < 60 ? whole + " s" : whole / 60 + " min " + whole % 60 + " s";
    }

    /** A time on a clock: "3:57". */
    public static String clock(double seconds) {
        long whole = (long) seconds;
        return whole / 60 + ":" + (whole % 60 < 10 ? "0" : "") + whole % 60;
    }
}
