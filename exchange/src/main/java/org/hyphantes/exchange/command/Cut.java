package org.hyphantes.exchange.command;

import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.hyphantes.cut.Machine;
import org.hyphantes.cut.Pass;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Move;
import org.hyphantes.machine.Program;
import org.hyphantes.machine.Readers;
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
    /** A file of more bytes is not read. */
    private static final long MOST = 256L << 20;

    @Parameters(paramLabel = "FILE", description = "A drawing file (.dxf), plotter file (.plt) or machine code (.nc).")
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
        Readers.Reader reader = Readers.of(file.toString())
                .orElseThrow(() -> new IOException(Quoted.of(file.toString())
                        + " is no file that the machine reads: "
                        + Readers.EACH.stream().map(Readers.Reader::ending).collect(Collectors.joining(", ")) + "."));
        if (!Files.isRegularFile(file)) {
            throw new IOException("there is no file " + Quoted.of(file.toString()) + ".");
        }
        if (Files.size(file) > MOST) {
            throw new IOException(Quoted.of(file.toString()) + " is larger than 256 MB and is not read.");
        }
        double speed = Pass.CUT.speed().value();
        Program program =
                reader.read(Files.readString(file, StandardCharsets.UTF_8)).paced(p -> speed);
        Timeline timeline = Timeline.of(program, on);
        List<Fall> falls = Fall.of(timeline, cutting(program));
        spec.commandLine().getOut().print(json ? tree(timeline, falls) + "\n" : lines(timeline, falls));
        return 0;
    }

    private static List<Boolean> cutting(Program program) {
        return program.passes().stream()
                .map(p -> !p.contains("score") && !p.contains("draw"))
                .toList();
    }

    private static String tree(Timeline timeline, List<Fall> falls) {
        Program program = timeline.program();
        ObjectNode tree = JsonMapper.builder().build().createObjectNode();
        tree.put("seconds", rounded(timeline.total()));
        tree.put("strokes", program.strokes());
        tree.put("travel_mm", rounded(program.length(Move.Kind.TRAVEL)));
        tree.put("work_mm", rounded(program.length(Move.Kind.WORK)));
        ArrayNode passes = tree.putArray("passes");
        program.passes().forEach(p -> passes.addObject().put("name", p).put("seconds", rounded(timeline.seconds(p))));
        tree.put("falls", falls.size());
        tree.put("late", falls.stream().mapToInt(f -> f.late().size()).sum());
        ArrayNode unread = tree.putArray("unread");
        program.unread().forEach(unread::add);
        return tree.toPrettyString();
    }

    private static double rounded(double value) {
        return Math.rint(value * 1000) / 1000;
    }

    private static String lines(Timeline timeline, List<Fall> falls) {
        Program program = timeline.program();
        StringBuilder text = new StringBuilder();
        text.append("time     ").append(time(timeline.total())).append('\n');
        text.append("strokes  ").append(program.strokes()).append('\n');
        text.append("travel   ")
                .append(rounded(program.length(Move.Kind.TRAVEL)))
                .append(" mm\n");
        text.append("work     ").append(rounded(program.length(Move.Kind.WORK))).append(" mm\n");
        for (String pass : program.passes()) {
            text.append("pass     ")
                    .append(pass)
                    .append(", ")
                    .append(time(timeline.seconds(pass)))
                    .append('\n');
        }
        text.append("falls    ").append(falls.size()).append('\n');
        int late = falls.stream().mapToInt(f -> f.late().size()).sum();
        if (late > 0) {
            text.append("late     ").append(late).append(" strokes are cut after what they lie in has fallen out\n");
        }
        program.unread().forEach(u -> text.append("unread   ").append(u).append('\n'));
        return text.toString();
    }

    private static String time(double seconds) {
        return Math.round(seconds) / 60 + " min " + Math.round(seconds) % 60 + " s";
    }
}
