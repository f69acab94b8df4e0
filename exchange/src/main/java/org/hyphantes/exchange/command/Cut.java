package org.hyphantes.exchange.command;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.hyphantes.cut.Machine;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Move;
import org.hyphantes.machine.Program;
import org.hyphantes.machine.Timeline;
import org.hyphantes.setting.Quoted;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code hyphantes cut FILE [--json]}: cuts a written file on the simulated machine. */
@Command(
        name = "cut",
        description = "Reads a file for a cutter and cuts it on the simulated machine.",
        mixinStandardHelpOptions = true)
final class Cut implements Callable<Integer> {
    @Parameters(
            paramLabel = "FILE",
            description = "A drawing file (.dxf), plotter file (.plt), machine code (.nc) or SVG (.svg).")
    private Path file;

    @Option(names = "--json", description = "Print the result as JSON.")
    private boolean json;

    @Option(
            names = {"-m", "--machine"},
            paramLabel = "NAME",
            description = "The machine: \"heron blade\", \"kittiwake beam\" or \"gannet mill\".")
    private String machine = Machine.HERON_BLADE.word();

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws IOException, CannotRun {
        Machine on = List.of(Machine.values()).stream()
                .filter(m -> m.word().equals(machine.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IOException("there is no machine " + Quoted.of(machine) + "; there are "
                        + List.of(Machine.values()).stream().map(Machine::word).collect(Collectors.joining(", "))
                        + "."));
        Timeline timeline = CutterFile.timeline(file, on);
        List<Fall> falls = CutterFile.falls(timeline);
        spec.commandLine().getOut().print(json ? tree(timeline, falls) + "\n" : CutterFile.lines(timeline, falls));
        return 0;
    }

    private static String tree(Timeline timeline, List<Fall> falls) {
        Program program = timeline.program();
        ObjectNode tree = JsonMapper.builder().build().createObjectNode();
        tree.put("seconds", CutterFile.rounded(timeline.total()));
        tree.put("strokes", program.strokes());
        tree.put("travel_mm", CutterFile.rounded(program.length(Move.Kind.TRAVEL)));
        tree.put("work_mm", CutterFile.rounded(program.length(Move.Kind.WORK)));
        ArrayNode passes = tree.putArray("passes");
        program.passes()
                .forEach(
                        p -> passes.addObject().put("name", p).put("seconds", CutterFile.rounded(timeline.seconds(p))));
        tree.put("falls", falls.size());
        tree.put("late", CutterFile.late(falls));
        ArrayNode unread = tree.putArray("unread");
        program.unread().forEach(unread::add);
        return tree.toPrettyString();
    }
}
