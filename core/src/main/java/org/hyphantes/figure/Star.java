package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntPredicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Rounding;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * A star: its tips on a radius and its feet on a share of it, or, when it joins every k-th tip, the star polygon {tips/k}.
 *
 * @param tips the number of tips
 * @param radius through the tips, in mm
 * @param foot the radius through the feet, as a share of that through the tips; 1 makes a polygon of twice as many sides
 * @param twist how far (degrees) the feet are turned off the middle between their tips
 * @param joins 1 for a star with feet; 2 and more joins every so many tips by straight lines
 * @param tipround the radius of the rounded tips, 0 for sharp ones
 * @param footround the radius of the rounded feet, 0 for sharp ones
 * @param irregular by how great a share of the radius tips and feet stray at the most, by chance
 * @param seed the number from which that chance begins
 */
public record Star(
        Amount tips,
        Amount radius,
        Amount foot,
        Amount twist,
        Amount joins,
        Amount tipround,
        Amount footround,
        Amount irregular,
        Amount seed,
        Amount out,
        Amount bearing,
        Amount turned)
        implements Seated {
    public static final Star STARTING = new Star(
            Amount.of(8),
            Amount.of(40),
            Amount.of(0.5),
            Amount.of(0),
            Amount.of(1),
            Amount.of(0),
            Amount.of(0),
            Amount.of(0),
            Amount.of(1),
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    private static final Schema<Star> SCHEMA = new Schema<>(
                    Star.class,
                    "star",
                    "Star of {tips} tips, radius {radius}, joining every {joins}; feet at {foot} of it, twisted {twist}; tips rounded"
                            + " by {tipround}, feet by {footround}; irregular by {irregular}, seed {seed}" + SEAT,
                    Seated.settings(
                            Star.class,
                            List.of(
                                    Setting.of(Star.class, "tips", new Kind.Count(3, 360)),
                                    Seated.size(Star.class, "radius"),
                                    Setting.of(Star.class, "foot", new Kind.Number(0.01, 10)),
                                    Setting.of(Star.class, "twist", Sizes.BEARING),
                                    Setting.of(Star.class, "joins", new Kind.Count(1, 179)),
                                    Setting.of(Star.class, "tipround", Sizes.ROUNDING),
                                    Setting.of(Star.class, "footround", Sizes.ROUNDING),
                                    Setting.of(Star.class, "irregular", new Kind.Number(0, 0.9)),
                                    Setting.of(Star.class, "seed", new Kind.Count(0, 999_999)))))
            .because("One line, or a few, laid from corner to corner: the oldest figure that weaves with itself.");

    @Override
    public Schema<Star> schema() {
        return SCHEMA;
    }

    @Override
    public List<Path> upright() {
        int n = (int) tips.value();
        int k = (int) joins.value();
        return k == 1 ? List.of(footed(n)) : joined(n, k % n);
    }

    private Path footed(int n) {
        Random chance = new Random((long) seed.value());
        List<Point> corners = new ArrayList<>(2 * n);
        for (int i = 0; i < n; i++) {
            corners.add(Point.polar(radius.value() * stray(chance), 360.0 * i / n));
            corners.add(
                    Point.polar(radius.value() * foot.value() * stray(chance), 360.0 * (i + 0.5) / n + twist.value()));
        }
        return rounded(rounded(Path.polygon(corners), tipround, i -> i % 2 == 0, n), footround, null, n);
    }

    private double stray(Random chance) {
        return 1 + irregular.value() * (2 * chance.nextDouble() - 1);
    }

    /** Tips are rounded first; the feet are then those corners that are still sharp. */
    private static Path rounded(Path path, Amount by, IntPredicate tips, int n) {
        if (by.value() <= 0) {
            return path;
        }
        IntPredicate wanted = tips != null ? tips : path.size() == 2 * n ? i -> i % 2 == 1 : i -> i % 3 == 2;
        return Rounding.of(path, by.value(), wanted).path();
    }

    /** As many strokes as tips and step have in common; where the step is half the tips each is a line there and back. */
    private List<Path> joined(int n, int k) {
        if (k == 0) {
            return List.of(footed(n));
        }
        Random chance = new Random((long) seed.value());
        List<Point> places = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            places.add(Point.polar(radius.value() * stray(chance), 360.0 * i / n));
        }
        List<Path> strokes = new ArrayList<>();
        boolean[] seen = new boolean[n];
        for (int first = 0; first < n; first++) {
            List<Point> stroke = new ArrayList<>();
            for (int i = first; !seen[i]; i = (i + k) % n) {
                seen[i] = true;
                stroke.add(places.get(i));
            }
            if (stroke.size() == 2) {
                strokes.add(Path.open(new org.hyphantes.geometry.Line(stroke.get(0), stroke.get(1))));
            } else if (!stroke.isEmpty()) {
                Path path = Path.polygon(stroke);
                strokes.add(
                        tipround.value() > 0
                                ? Rounding.of(path, tipround.value(), i -> true).path()
                                : path);
            }
        }
        return strokes;
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        return (Star) Seated.put(this, "radius", leg);
    }
}
