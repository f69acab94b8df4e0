package org.hyphantes.exchange.command;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.hyphantes.cut.Machine;
import org.hyphantes.cut.Pass;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Move;
import org.hyphantes.machine.Program;
import org.hyphantes.machine.Readers;
import org.hyphantes.machine.Timeline;
import org.hyphantes.setting.Quoted;

/** A written file for a cutter, as it is read from the command line, and what is told of it there. */
final class CutterFile {
    /** A file of more bytes is not read. */
    private static final long MOST = 256L << 20;

    private CutterFile() {}

    /** Whether the simulated machine reads files of this name. */
    static boolean is(Path file) {
        return Readers.of(file.toString()).isPresent();
    }

    static String text(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException("there is no file " + Quoted.of(file.toString()) + ".");
        }
        if (Files.size(file) > MOST) {
            throw new IOException(Quoted.of(file.toString()) + " is larger than 256 MB and is not read.");
        }
        return Files.readString(file, StandardCharsets.UTF_8);
    }

    private static Program program(Path file, String text) throws IOException, CannotRun {
        return Readers.of(file.toString())
                .orElseThrow(() -> new IOException(Quoted.of(file.toString())
                        + " is no file that the machine reads: "
                        + Readers.EACH.stream().map(Readers.Reader::ending).collect(Collectors.joining(", ")) + "."))
                .read(text);
    }

    /** How a machine runs a file of which nothing is known but what is in it. */
    static Timeline timeline(Path file, Machine machine) throws IOException, CannotRun {
        double speed = Pass.CUT.speed().value();
        return Timeline.of(program(file, text(file)).paced(p -> speed), machine);
    }

    static List<Fall> falls(Timeline timeline) {
        return Fall.of(
                timeline,
                timeline.program().passes().stream()
                        .map(p -> Stream.of("score", "draw", "engrave").noneMatch(p::contains))
                        .toList());
    }

    static String lines(Timeline timeline, List<Fall> falls) {
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
        int late = late(falls);
        if (late > 0) {
            text.append("late     ").append(late).append(" strokes are cut after what they lie in has fallen out\n");
        }
        program.unread().forEach(u -> text.append("unread   ").append(u).append('\n'));
        return text.toString();
    }

    static int late(List<Fall> falls) {
        return falls.stream().mapToInt(f -> f.late().size()).sum();
    }

    static double rounded(double value) {
        return Math.rint(value * 1000) / 1000;
    }

    private static String time(double seconds) {
        return Math.round(seconds) / 60 + " min " + Math.round(seconds) % 60 + " s";
    }
}
