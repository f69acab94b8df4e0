package org.hyphantes.exchange.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.incoming.Brought;
import org.hyphantes.exchange.incoming.CannotBring;
import org.hyphantes.exchange.incoming.Incomings;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.Box;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Quoted;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes bring FILE... -o OUT}: makes a design of what others drew, or of several designs. */
@Command(
        name = "bring",
        description =
                "Makes a design of SVG, DXF or plotter files, of machine code or of other designs, each in a group of its own.",
        mixinStandardHelpOptions = true)
final class Bring implements Callable<Integer> {
    @Parameters(
            paramLabel = "FILE",
            arity = "1..*",
            description = "The files to bring in: .svg, .dxf, .plt, .nc or .hyphantes.")
    private List<Path> files;

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
        Design design = Design.empty(name(output));
        Box drawn = Scene.EMPTY.box();
        for (Path file : files) {
            Brought brought = Incomings.read(file);
            spec.commandLine().getOut().println("Brought in: " + brought.told(design));
            design = brought.into(design, drawn, name(file));
            drawn = new Resolver().resolve(design).scene().box();
        }
        ProjectFile.save(design, output);
        return 0;
    }

    private static String name(Path file) {
        return Quoted.sound(String.valueOf(file.getFileName()).replaceFirst("\\.[^.]*$", ""));
    }
}
