package org.hyphantes.exchange.format;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import org.hyphantes.cut.Contour;
import org.hyphantes.cut.Cuts;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Arced;
import org.hyphantes.geometry.Curve;

/** What a machine follows, for all formats that machines read: millimetres from the lower left corner of the bed, upwards, in lines and arcs. */
public record Toolpath(Job job, Cuts cuts) {
    /** The widest arc (radians) that is written in one part. */
    private static final double MOST_SWEEP = Math.PI * 2 / 3 + 1e-9;

    /** @throws CannotHandOver if no pass takes anything */
    public static Toolpath of(Handout handout) throws CannotHandOver {
        Cuts cuts = handout.cuts();
        if (cuts.contours().isEmpty()) {
            throw new CannotHandOver(
                    cuts.isUnresolved()
                            ? "What is to be cut cannot be resolved as it lies: move a figure a little, or change the kerf."
                            : "No pass takes anything of this design: draw something, or let a pass take everything.");
        }
        return new Toolpath(handout.design().job(), cuts);
    }

    /** What draws one pass after another. */
    public interface Tool {
        /** @param number of the pass, from 1 */
        void begin(int number, Pass pass) throws IOException;

        /** @param closed whether it ends where it begins */
        void follow(List<Curve> curves, boolean closed) throws IOException;
    }

    /** Leads a tool along all contours, pass after pass. */
    public void lead(Tool tool) throws IOException {
        for (int p = 0; p < job.passes().size(); p++) {
            List<Contour> own = cuts.of(p);
            if (!own.isEmpty()) {
                tool.begin(p + 1, job.passes().get(p));
                for (Contour contour : own) {
                    tool.follow(curves(contour), contour.path().closed());
                }
            }
        }
    }

    private List<Curve> curves(Contour contour) {
        Affine upright = new Affine(1, 0, 0, -1, 0, job.height().value());
        return Arced.of(contour.path().map(upright).curves(), job.fine().value());
    }

    /** An arc in parts that no rounding throws about. */
    public static List<Arc> parts(Arc arc) {
        int count = Math.max(1, (int) Math.ceil(Math.abs(arc.sweep()) / MOST_SWEEP));
        return java.util.stream.IntStream.range(0, count)
                .mapToObj(k -> arc.part((double) k / count, (k + 1.0) / count))
                .toList();
    }

    /** A number without an exponent and without needless noughts. */
    public static String number(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_EVEN);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
