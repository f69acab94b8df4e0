package org.hyphantes.exchange.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.report.Report;
import org.hyphantes.gauge.State;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes check FILE [--json | --csv] [--strict]}. */
@Command(
        name = "check",
        description = "Reads the gauges of a design: strands, crossings, proof.",
        mixinStandardHelpOptions = true)
final class Check implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project file.")
    private Path file;

    @Option(names = "--json", description = "Print the report as JSON.")
    private boolean json;

    @Option(names = "--csv", description = "Print strands and grounds as comma-separated values.")
    private boolean csv;

    @Option(names = "--strict", description = "Exit 1 when a gauge is broken.")
    private boolean strict;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws CannotOpen {
        Design design = ProjectFile.open(file);
        Report report = new Report(design, new Resolver().resolve(design));
        spec.commandLine().getOut().print(json ? report.json() + "\n" : csv ? report.csv() : report.lines());
        spec.commandLine().getOut().flush();
        boolean broken = report.inspection().readings().stream().anyMatch(r -> r.state() == State.BROKEN);
        return strict && broken ? 1 : 0;
    }
}
