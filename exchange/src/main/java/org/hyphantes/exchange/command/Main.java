package org.hyphantes.exchange.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import org.hyphantes.exchange.Refusal;
import org.hyphantes.setting.Quoted;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code hyphantes}: writes and checks designs. Exits 0 when done, 1 when it could not be done, 2 on wrong words. */
@Command(
        name = "hyphantes",
        description = "Writes and checks ornamental designs.",
        mixinStandardHelpOptions = true,
        version = "Hyphantes 0.1.0",
        subcommands = {Export.class, Check.class, Put.class, Cut.class, Bring.class})
public final class Main implements Runnable {
    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        throw new ParameterException(spec.commandLine(), "Say what to do: export, check, set, cut or bring.");
    }

    /** Runs the command and says how it ended; for tests as for {@link #main}. */
    public static int run(PrintWriter out, PrintWriter err, String... words) {
        CommandLine line = new CommandLine(new Main());
        // A value may begin with a minus.
        line.getSubcommands().get("set").setUnmatchedOptionsArePositionalParams(true);
        line.setOut(out);
        line.setErr(err);
        line.setExecutionExceptionHandler((e, command, result) -> {
            command.getErr().println("hyphantes: " + words(e));
            return 1;
        });
        int exit = run(line, err, words);
        out.flush();
        if (out.checkError()) {
            err.println("hyphantes: what was to be printed could not be written; is the disc full?");
            return Math.max(exit, 1);
        }
        return exit;
    }

    /** Memory and stack may run out over a design made to use them up; that too ends as a message. */
    private static int run(CommandLine line, PrintWriter err, String... words) {
        try {
            return line.execute(words);
        } catch (OutOfMemoryError | StackOverflowError e) {
            err.println("hyphantes: this design needs more memory than there is; make it smaller.");
            return 1;
        }
    }

    private static String words(Exception e) {
        if (e instanceof IOException io && !(e.getMessage() != null && io.getClass() == IOException.class)) {
            return "not written: " + Refusal.words(io);
        }
        return Quoted.message(String.valueOf(e.getMessage()));
    }

    public static void main(String[] words) {
        PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(out, err, words));
    }
}
