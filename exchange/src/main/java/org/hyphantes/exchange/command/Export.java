package org.hyphantes.exchange.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.svg.SvgFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes export FILE -o OUT.svg}. */
@Command(name = "export", description = "Writes a design as a file to print or cut.", mixinStandardHelpOptions = true)
final class Export implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "The project file.")
    private Path file;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "OUT.svg",
            required = true,
            description = "The file to write; its ending says the kind: .svg.")
    private Path output;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws CannotOpen, IOException {
        if (!output.toString().toLowerCase(Locale.ROOT).endsWith(".svg")) {
            throw new IOException(output + " has no ending that can be written; give it the ending .svg.");
        }
        Path folder = output.toAbsolutePath().getParent();
        if (!Files.isDirectory(folder)) {
            throw new IOException("there is no folder " + folder + " to write into.");
        }
        Design design = ProjectFile.open(file);
        Artwork artwork = new Resolver().resolve(design);
        SvgFile.save(design, artwork, output);
        spec.commandLine()
                .getOut()
                .println("Written: " + output + ", " + artwork.shapes().size() + " paths.");
        return 0;
    }
}
