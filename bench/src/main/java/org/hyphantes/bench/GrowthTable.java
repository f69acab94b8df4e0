package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.Subdivision;

/**
 * How the time of a subdivision grows with the number of its curves: seeded lines, arcs and cubics, laid as close to one another however
 * many they are, so that each meets about as many others.
 */
public final class GrowthTable {
    private static final int[] COUNTS = {1_000, 10_000, 100_000};

    private static final int RUNS = 5;

    private GrowthTable() {}

    private enum Kind {
        LINES {
            @Override
            Path curve(Random random, Point at) {
                return Path.open(new Line(at, at.plus(step(random))));
            }
        },
        ARCS {
            @Override
            Path curve(Random random, Point at) {
                return Path.open(new Arc(at, 0.5 + random.nextDouble(), 6 * random.nextDouble(), 2));
            }
        },
        CUBICS {
            @Override
            Path curve(Random random, Point at) {
                Point end = at.plus(step(random));
                return Path.open(new Cubic(at, at.plus(step(random)), end.plus(step(random)), end));
            }
        };

        abstract Path curve(Random random, Point at);

        static Point step(Random random) {
            return new Point(3 * random.nextDouble() - 1.5, 3 * random.nextDouble() - 1.5);
        }
    }

    public static void main(String[] args) {
        System.out.println("| Curves | Faces | Median processor time, ms | by curve, microseconds |");
        System.out.println("| --- | ---: | ---: | ---: |");
        for (Kind kind : Kind.values()) {
            for (int count : COUNTS) {
                row(kind, count);
            }
        }
    }

    private static void row(Kind kind, int count) {
        Random random = new Random(count);
        double side = Math.sqrt(count);
        List<Path> paths = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            paths.add(kind.curve(random, new Point(side * random.nextDouble(), side * random.nextDouble())));
        }
        // The clock of a process ticks slowly: small ones are done many times between two looks at it.
        int times = Math.max(1, 100_000 / count);
        double[] spent = new double[RUNS];
        int faces = 0;
        for (int i = 0; i < 2 * RUNS; i++) {
            long begun = ProcessorTime.now();
            for (int k = 0; k < times; k++) {
                faces = Subdivision.of(paths).faces();
            }
            spent[i % RUNS] = (ProcessorTime.now() - begun) / 1e6 / times;
        }
        Arrays.sort(spent);
        double median = spent[RUNS / 2];
        System.out.printf(
                Locale.ROOT,
                "| %,d %s | %,d | %.1f | %.2f |%n",
                count,
                kind.name().toLowerCase(Locale.ROOT),
                faces,
                median,
                1_000 * median / count);
    }
}
