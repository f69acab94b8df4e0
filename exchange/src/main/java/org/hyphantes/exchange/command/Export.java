package org.hyphantes.exchange.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.setting.Quoted;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes export FILE -o OUT}. */
@Command(name = "export", description = "Writes a design as a file to print or cut.", mixinStandardHelpOptions = true)
final class Export implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project file.")
    private Path file;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "OUT",
            required = true,
            description = "The file to write; its ending says the format.")
    private Path output;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws CannotOpen, CannotHandOver, IOException {
        Format format = Formats.of(output)
                .orElseThrow(() -> new IOException(Quoted.of(output.toString())
                        + " has no ending that can be written; give it the ending " + Formats.endings() + "."));
        Path folder = output.toAbsolutePath().getParent();
        if (!Files.isDirectory(folder)) {
            throw new IOException("there is no folder " + Quoted.of(folder.toString()) + " to write into.");
        }
        Design design = ProjectFile.open(file);
        Artwork artwork = new Resolver().resolve(design);
        Handout handout = Handout.of(design, artwork);
        format.write(handout, output);
        spec.commandLine()
                .getOut()
                .println("Written: " + Quoted.message(output.toString()) + ", "
                        + handout.scene().size() + " paths.");
        return 0;
    }
}
