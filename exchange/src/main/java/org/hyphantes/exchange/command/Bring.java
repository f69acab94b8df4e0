package org.hyphantes.exchange.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.incoming.Arrival;
import org.hyphantes.exchange.incoming.CannotBring;
import org.hyphantes.exchange.incoming.Incomings;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.setting.Quoted;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes bring FILE -o OUT}: makes a design of what others drew. */
@Command(
        name = "bring",
        description = "Makes a design of an SVG, DXF or plotter file, or of machine code.",
        mixinStandardHelpOptions = true)
final class Bring implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The file to bring in: .svg, .dxf, .plt or .nc.")
    private Path file;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "OUT",
            required = true,
            description = "The project file to write.")
    private Path output;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException, CannotBring {
        Arrival arrival = Incomings.read(file);
        String name = Quoted.sound(String.valueOf(file.getFileName()).replaceFirst("\\.[^.]*$", ""));
        Design design = arrival.into(Design.empty(name), name);
        ProjectFile.save(design, output);
        spec.commandLine().getOut().println("Brought in: " + arrival.told());
        return 0;
    }
}
