package org.hyphantes.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.ChainedOptionsBuilder;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/**
 * Runs {@link GeometryBenchmark} on every scene and prints a table of median processor times and of their ratios. What takes
 * others longer than a minute is left out.
 */
public final class GeometryTable {
    private static final List<String> WORKS = List.of("faces", "union", "offset");
    private static final List<String> OTHERS = List.of("JtsCoarse", "JtsFine", "Area");

    private GeometryTable() {}

    /** A scene and what is too slow to be run on it. */
    private record Row(GeometryScene scene, int count, List<String> tooSlow) {}

    private static final List<Row> ROWS = List.of(
            new Row(GeometryScene.RINGS, 16, List.of()),
            new Row(GeometryScene.RINGS, 100, List.of()),
            new Row(GeometryScene.RINGS, 400, List.of("facesJtsFine")),
            new Row(GeometryScene.RINGS, 1600, List.of("facesJtsFine")),
            new Row(GeometryScene.ANNULI, 16, List.of()),
            new Row(GeometryScene.ANNULI, 400, List.of("facesJtsFine", "unionJtsFine", "unionArea")),
            new Row(GeometryScene.ANNULI, 1600, List.of("facesJtsFine", "unionJtsFine", "unionArea")),
            new Row(GeometryScene.ROSETTE, 12, List.of()),
            new Row(GeometryScene.ROSETTE, 48, List.of()),
            new Row(GeometryScene.LOOPS, 100, List.of()),
            new Row(GeometryScene.LOOPS, 800, List.of("facesJtsFine")),
            new Row(GeometryScene.STRANDS, 122, List.of("facesJtsFine", "unionJtsFine", "unionArea")));

    public static void main(String[] args) throws RunnerException {
        List<String> only = List.of(args);
        System.out.println("| Work | Hyphantes, ms | MB | JTS 1e-3 | JTS 1e-5 | Area |");
        System.out.println("| --- | ---: | ---: | ---: | ---: | ---: |");
        for (Row row : ROWS) {
            if (!only.isEmpty() && !only.contains(row.scene().name())) {
                continue;
            }
            Map<String, RunResult> results = run(row);
            for (String work : WORKS) {
                RunResult ours = results.get(work + "Hyphantes");
                double time = median(ours);
                StringBuilder line = new StringBuilder(String.format(
                        Locale.ROOT,
                        "| %s of %,d %s | %s | %s |",
                        work,
                        row.count(),
                        row.scene().name().toLowerCase(Locale.ROOT),
                        figures(time),
                        figures(allocated(ours))));
                for (String other : OTHERS) {
                    RunResult theirs = results.get(work + other);
                    line.append(
                            theirs == null
                                    ? " |"
                                    : String.format(
                                            Locale.ROOT,
                                            " %s (%s×) |",
                                            figures(median(theirs)),
                                            figures(median(theirs) / time)));
                }
                System.out.println(line);
            }
        }
    }

    private static Map<String, RunResult> run(Row row) throws RunnerException {
        ChainedOptionsBuilder options = new OptionsBuilder()
                .include(GeometryBenchmark.class.getName() + "\\.")
                .param("scene", row.scene().name())
                .param("count", Integer.toString(row.count()))
                .addProfiler(ProcessorTime.class)
                .addProfiler(GCProfiler.class)
                .jvmArgsAppend("-Xmx8g", "-XX:+UseSerialGC")
                .timeout(TimeValue.minutes(10))
                .verbosity(VerboseMode.SILENT);
        row.tooSlow().forEach(name -> options.exclude(GeometryBenchmark.class.getName() + "\\." + name));
        Map<String, RunResult> results = new LinkedHashMap<>();
        for (RunResult result : new Runner(options.build()).run()) {
            String benchmark = result.getParams().getBenchmark();
            results.put(benchmark.substring(benchmark.lastIndexOf('.') + 1), result);
        }
        return results;
    }

    private static double median(RunResult result) {
        return secondary(result, ProcessorTime.LABEL).getStatistics().getPercentile(50);
    }

    /** Megabytes to an operation. */
    private static double allocated(RunResult result) {
        return secondary(result, "gc.alloc.rate.norm").getScore() / 1e6;
    }

    private static Result<?> secondary(RunResult result, String label) {
        for (String name : result.getSecondaryResults().keySet()) {
            if (name.endsWith(label)) {
                return result.getSecondaryResults().get(name);
            }
        }
        throw new IllegalStateException("no " + label + " was measured");
    }

    /** A number to three figures, whole from a hundred on. */
    private static String figures(double x) {
        return x >= 100 ? String.format(Locale.ROOT, "%,.0f", x) : String.format(Locale.ROOT, "%.3g", x);
    }
}
