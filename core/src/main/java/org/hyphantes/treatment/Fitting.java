package org.hyphantes.treatment;

import java.util.List;
import java.util.OptionalDouble;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Subdivision;

/** What suits a drawing that has no bands yet, to begin with: rules of thumb, common practice, no published source. */
public final class Fitting {
    /** Of more lines the grounds are not looked at: a mere beginning is not worth the time. */
    private static final int MOST_LINES = 400;

    /** A band takes this share of what a ground is wide. */
    private static final double SHARE = 0.4;

    /** So many of a hundred grounds, the smallest, may be left narrow. */
    private static final int SMALLEST = 10;

    private static final double[] ROUND = {1, 1.5, 2, 2.5, 3, 4, 5, 6, 8};

    private Fitting() {}

    /**
     * The width (mm) of a band that keeps the grounds between lines whole: two fifths of how wide the smaller of them are, in round
     * figures; without grounds, a thirtieth of the drawing. Empty when there are no lines.
     *
     * @throws org.hyphantes.geometry.BrokenOff if the watch breaks it off
     */
    public static OptionalDouble band(List<Path> lines, Watch watch) {
        if (lines.isEmpty()) {
            return OptionalDouble.empty();
        }
        Box box = Box.round(lines.stream().map(Path::box).toList());
        double size = Math.max(box.width(), box.height());
        if (!(size > 0)) {
            return OptionalDouble.empty();
        }
        double[] widths = lines.size() > MOST_LINES
                ? new double[0]
                : Watch.over(
                        watch,
                        () -> Subdivision.of(lines).faceRegions().stream()
                                .mapToDouble(Fitting::width)
                                .filter(w -> w > size / 2_000)
                                .sorted()
                                .toArray());
        double width = widths.length == 0 ? size / 30 : SHARE * widths[widths.length * SMALLEST / 100];
        return OptionalDouble.of(rounded(Math.min(width, size / 8)));
    }

    /** How wide a ground is: twice the radius of the disc in it, exact where a disc touches all its sides. */
    private static double width(Region ground) {
        return ground.borderLength() > 0 ? 4 * Math.abs(ground.area()) / ground.borderLength() : 0;
    }

    /** The next lower round figure. */
    public static double rounded(double value) {
        double unit = Math.pow(10, Math.floor(Math.log10(value)));
        double best = unit;
        for (double figure : ROUND) {
            if (figure * unit <= value * (1 + 1e-9)) {
                best = figure * unit;
            }
        }
        return Math.rint(best * 1e6) / 1e6;
    }

    /** The clearance (mm) that suits bands of a width: a tenth of it. */
    public static double clearance(double band) {
        return Math.max(0.01, Math.rint(band * 100) / 1_000);
    }
}
