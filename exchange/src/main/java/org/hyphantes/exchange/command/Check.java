package org.hyphantes.exchange.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.hyphantes.cut.Machine;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.exchange.report.Report;
import org.hyphantes.gauge.State;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Timeline;
import org.hyphantes.setting.Quoted;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes check FILE [--json | --csv] [--strict] [--against DESIGN]}: of a design its gauges, of a written file for a cutter what it does. */
@Command(
        name = "check",
        description = "Reads the gauges of a design: strands, crossings, proof; or runs a written file for a cutter.",
        mixinStandardHelpOptions = true)
final class Check implements Callable<Integer> {
    @Parameters(
            paramLabel = "FILE",
            description = "The project file, or an SVG, drawing file, plotter file or machine code that was written.")
    private Path file;

    @Option(names = "--json", description = "Print the report as JSON.")
    private boolean json;

    @Option(names = "--csv", description = "Print strands and grounds as comma-separated values.")
    private boolean csv;

    @Option(names = "--strict", description = "Exit 1 when a gauge is broken.")
    private boolean strict;

    @Option(
            names = "--against",
            paramLabel = "DESIGN",
            description = "The design that a file for a cutter was written from: how far the file strays is told.")
    private Path against;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws CannotOpen, IOException, CannotHandOver, CannotRun {
        if (CutterFile.is(file)) {
            return written();
        }
        if (against != null) {
            throw new IOException("--against is for files for a cutter; " + Quoted.of(file.toString()) + " is none.");
        }
        Design design = ProjectFile.open(file);
        Report report = new Report(design, new Resolver().resolve(design));
        spec.commandLine().getOut().print(json ? report.json() + "\n" : csv ? report.csv() : report.lines());
        spec.commandLine().getOut().flush();
        boolean broken = report.inspection().readings().stream().anyMatch(r -> r.state() == State.BROKEN);
        return strict && broken ? 1 : 0;
    }

    /** Of a file for a cutter: what the machine does with it, and how far that strays from what was to be cut. */
    private int written() throws CannotOpen, IOException, CannotHandOver, CannotRun {
        if (json || csv) {
            throw new IOException("a file for a cutter is told in figures by: hyphantes cut FILE --json");
        }
        PrintWriter out = spec.commandLine().getOut();
        if (against == null) {
            Timeline timeline = CutterFile.timeline(file, Machine.HERON_BLADE);
            List<Fall> falls = CutterFile.falls(timeline);
            out.print(CutterFile.lines(timeline, falls));
            out.flush();
            return strict
                            && (CutterFile.late(falls) > 0
                                    || !timeline.program().unread().isEmpty())
                    ? 1
                    : 0;
        }
        Design design = ProjectFile.open(against);
        Handout handout = Handout.of(design, new Resolver().resolve(design));
        Replay replay = Replay.of(handout, String.valueOf(file.getFileName()), CutterFile.text(file));
        out.print(CutterFile.lines(replay.timeline(), replay.falls()));
        out.print("strays   " + CutterFile.rounded(replay.straying().distance()) + " mm"
                + (replay.strays() ? ", further than " + replay.allowed() + " mm: write it again" : "") + "\n");
        out.flush();
        boolean amiss = replay.strays()
                || replay.late() > 0
                || !replay.timeline().program().unread().isEmpty();
        return strict && amiss ? 1 : 0;
    }
}
