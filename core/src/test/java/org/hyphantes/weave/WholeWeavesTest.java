package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;

/**
 * No strand is drawn with a stretch missing: every point of every centre line lies in a course of its own, under another band, or in a
 * clearance beside one, or else a trouble is told near it. The points are looked for by winding numbers alone.
 */
class WholeWeavesTest {
    private static final int WEAVES = Integer.getInteger("hyphantes.wholeweaves", 500);
    private static final long FROM = Long.getLong("hyphantes.wholeweaves.from", 0);

    private final Random random = new Random();

    private double between(double least, double most) {
        return least + (most - least) * random.nextDouble();
    }

    private Point place() {
        return new Point(between(-40, 40), between(-40, 40));
    }

    private Path path() {
        return switch (random.nextInt(5)) {
            case 0, 1 -> Path.closed(Arc.circle(place(), between(10, 45), 0));
            case 2 -> {
                Point p = place();
                Point on = Point.polar(between(20, 60), between(0, 360));
                yield Path.open(new Line(p.minus(on), p.plus(on)));
            }
            case 3 -> {
                List<Point> corners = new ArrayList<>();
                Point middle = place();
                double turned = between(0, 360);
                int n = 3 + random.nextInt(3);
                for (int i = 0; i < n; i++) {
                    corners.add(middle.plus(Point.polar(between(15, 45), turned + i * 360.0 / n)));
                }
                yield Path.polygon(corners);
            }
            default -> {
                List<Curve> round = new ArrayList<>();
                Point middle = place();
                int n = 4 + random.nextInt(3);
                double[] far = new double[n];
                for (int i = 0; i < n; i++) {
                    far[i] = between(15, 45);
                }
                for (int i = 0; i < n; i++) {
                    Point p = middle.plus(Point.polar(far[i], i * 360.0 / n));
                    Point q = middle.plus(Point.polar(far[(i + 1) % n], (i + 1) * 360.0 / n));
                    round.addAll(Biarc.of(
                            p, Point.polar(1, i * 360.0 / n + 90), q, Point.polar(1, (i + 1) * 360.0 / n + 90)));
                }
                yield new Path(round, true);
            }
        };
    }

    Weave weave(long seed) {
        random.setSeed(seed);
        int n = 2 + random.nextInt(5);
        double width = between(0.8, 8);
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double own = random.nextInt(4) == 0 ? between(0.8, 8) : width;
            strands.add(new Strand(Strand.letter(i), new StrandKey("f" + i, List.of()), path(), own, Ends.BUTT));
        }
        return Weave.of(strands, Weave.Order.alternate(between(0, 0.2) * width), Symmetry.NONE, Watch.NONE)
                .orElseThrow();
    }

    /** The points of centre lines that lie on bare ground. */
    static List<Point> bare(Weave weave) {
        double clearance = weave.order().clearance();
        List<Point> bare = new ArrayList<>();
        for (int s = 0; s < weave.strands().size(); s++) {
            Strand strand = weave.strands().get(s);
            double length = strand.path().length();
            int n = (int) Math.ceil(length / (strand.width() / 4));
            for (int i = 1; i < n; i++) {
                Point p = strand.path().at(strand.path().positionAt(length * i / n));
                if (weave.courses().stream().noneMatch(c -> covers(c, p, clearance))) {
                    bare.add(p);
                }
            }
        }
        return bare;
    }

    private static boolean covers(Course course, Point p, double clearance) {
        double near = clearance * 1.001 + 1e-4;
        if (!course.region().outline().box().grown(near).contains(p)) {
            return false;
        }
        return course.region().contains(p)
                || course.region().borders().stream()
                        .anyMatch(b -> b.at(b.nearest(p)).distance(p) <= near);
    }

    @Test
    void everyPointOfEveryCentreLineIsAccountedFor() {
        int troubled = 0;

        int withBare = 0;
        List<String> unaccounted = new ArrayList<>();
        for (long seed = FROM; seed < FROM + WEAVES; seed++) {
            Weave weave = weave(seed);
            troubled += weave.troubles().isEmpty() ? 0 : 1;
            double widest =
                    weave.strands().stream().mapToDouble(Strand::width).max().orElseThrow();
            List<Point> bare = bare(weave);
            withBare += bare.isEmpty() ? 0 : 1;
            assertThat(bare.isEmpty() ? Cover.faults(weave) : List.of())
                    .as("seed %d", seed)
                    .isEmpty();

            for (Point p : bare) {
                double told = weave.troubles().stream()
                        .mapToDouble(t -> t.place().distance(p))
                        .min()
                        .orElse(Double.POSITIVE_INFINITY);
                if (told > 2 * widest) {
                    unaccounted.add(seed + " at " + p);
                    break;
                }
            }
        }
        System.out.println(
                "whole weaves: " + WEAVES + ", with troubles " + troubled + ", with bare places " + withBare);
        assertThat(unaccounted).isEmpty();
        assertThat(withBare).as("weaves with a bare place, told or not").isLessThanOrEqualTo(WEAVES / 1000);
    }
}
