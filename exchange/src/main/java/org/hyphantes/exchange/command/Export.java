package org.hyphantes.exchange.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.gauge.RecipeOrder;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Quoted;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes export FILE -o OUT}, or {@code hyphantes export FILE... --to .svg --to .dxf --folder DIR}. */
@Command(name = "export", description = "Writes designs as files to print or cut.", mixinStandardHelpOptions = true)
final class Export implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", arity = "1..*", description = "The project files.")
    private List<Path> files;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "OUT",
            description = "The file to write of one design; its ending says the format. Several may be given.")
    private List<Path> outputs = new ArrayList<>();

    @Option(
            names = "--to",
            paramLabel = "ENDING",
            description = "Writes each design under its own name with this ending, such as .svg. Several may be given.")
    private List<String> endings = new ArrayList<>();

    @Option(names = "--folder", paramLabel = "DIR", description = "The folder for those; the one at hand without it.")
    private Path folder = Path.of("");

    @Option(
            names = {"-s", "--set"},
            paramLabel = "NAME.SLOT=VALUE",
            description = "Sets a slot before writing, such as handing.scale=2 or job.kerf=0.2. Several may be given.")
    private Map<String, String> settings = Map.of();

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws CannotOpen, CannotRead, CannotHandOver, IOException {
        if (outputs.isEmpty() && endings.isEmpty()) {
            throw new ParameterException(spec.commandLine(), "Say where to: -o OUT.svg, or --to .svg.");
        }
        if (files.size() > 1 && !outputs.isEmpty()) {
            throw new ParameterException(
                    spec.commandLine(),
                    "Several designs cannot be written into one file: give --to .svg and --folder.");
        }
        for (Path file : files) {
            List<Path> targets = new ArrayList<>(outputs);
            String name = String.valueOf(file.getFileName()).replaceFirst("\\.hyphantes$", "");
            endings.forEach(e -> targets.add(folder.resolve(name + (e.startsWith(".") ? e : "." + e))));
            for (Path target : targets) {
                check(target);
            }
            Design design = set(ProjectFile.open(file));
            Artwork artwork = new Resolver().resolve(design);
            Handout handout = Handout.of(design, artwork);
            for (Path target : targets) {
                Formats.of(target).orElseThrow().write(handout, target);
                spec.commandLine()
                        .getOut()
                        .println("Written: " + Quoted.message(target.toString()) + ", "
                                + handout.scene().size() + " paths.");
            }
            RecipeOrder.leftOut(design, artwork)
                    .forEach(words ->
                            spec.commandLine().getErr().println("hyphantes: not all of it is written. " + words));
        }
        return 0;
    }

    private static void check(Path target) throws IOException {
        if (Formats.of(target).isEmpty()) {
            throw new IOException(Quoted.of(target.toString())
                    + " has no ending that can be written; give it the ending " + Formats.endings() + ".");
        }
        Path into = target.toAbsolutePath().getParent();
        if (!Files.isDirectory(into)) {
            throw new IOException("there is no folder " + Quoted.of(into.toString()) + " to write into.");
        }
    }

    private Design set(Design design) throws CannotRead {
        Design changed = design;
        for (Map.Entry<String, String> setting : settings.entrySet()) {
            changed = Target.of(changed, setting.getKey())
                    .set(changed, setting.getValue())
                    .value();
        }
        return changed;
    }
}
