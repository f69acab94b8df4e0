package org.hyphantes.exchange.command;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Reading;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes set FILE NAME.SLOT VALUE -o OUT}. */
@Command(
        name = "set",
        description = "Sets one slot of a sentence and writes the design.",
        mixinStandardHelpOptions = true)
final class Put implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "FILE", description = "The project file.")
    private Path file;

    @Parameters(
            index = "1",
            paramLabel = "NAME.SLOT",
            description =
                    "What to set, such as \"Wide circle.radius\", \"turn.times\", \"page.width\" or \"measures.seat\".")
    private String name;

    @Parameters(
            index = "2",
            paramLabel = "VALUE",
            description = "As it would be typed: \"40\", \"1 in\", \"seat + 8\", \"side\".")
    private String value;

    @Option(
            names = {"-o", "--output"},
            paramLabel = "OUT",
            required = true,
            description = "The project file to write; it may be the same.")
    private Path output;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws CannotOpen, CannotRead, IOException {
        Design design = ProjectFile.open(file);
        Target target = Target.of(design, name);
        Reading<Design> reading = target.set(design, value);
        ProjectFile.save(reading.value(), output);
        String slot = target.subject().isEmpty() ? target.key() : name;
        say(reading.note().isEmpty() ? slot + " is now " + value + "." : reading.note());
        return 0;
    }

    private void say(String words) {
        spec.commandLine().getOut().println(words);
        spec.commandLine().getOut().flush();
    }
}
