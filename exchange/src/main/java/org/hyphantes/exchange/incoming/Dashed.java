package org.hyphantes.exchange.incoming;

import java.awt.BasicStroke;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Watch;

/** Dashed lines as the dashes that are seen of them, each a line by itself (W3C SVG 2, section 13.5.6). */
final class Dashed {
    private static final int MOST = 5_000;

    private static final double NONE = 1e-9;

    private Dashed() {}

    /**
     * The dashes of paths; none where there would be too many, or all of them are without a length.
     *
     * @param unit the millimetres of one unit of the stroke
     */
    static Optional<List<Path>> of(List<Path> paths, BasicStroke stroke, double unit) {
        double[] lengths = new double[stroke.getDashArray().length];
        double round = 0;
        for (int i = 0; i < lengths.length; i++) {
            lengths[i] = stroke.getDashArray()[i] * unit;
            round += lengths[i];
        }
        double all = paths.stream().mapToDouble(Path::length).sum();
        if (!(round > NONE) || all / round * lengths.length > MOST) {
            return Optional.empty();
        }
        List<Path> dashes = new ArrayList<>();
        for (Path path : paths) {
            along(path, lengths, stroke.getDashPhase() * unit, dashes);
        }
        return Optional.of(dashes);
    }

    private static void along(Path path, double[] lengths, double phase, List<Path> dashes) {
        double length = path.length();
        double at = -phase;
        for (int i = 0; at < length - NONE; i++) {
            Watch.ask();
            double to = at + lengths[i % lengths.length];
            double from = Math.max(0, at);
            // Every second stretch is a gap; a list of an odd length is gone through twice.
            if (i % 2 == 0 && Math.min(to, length) > from + NONE) {
                double end = Math.min(to, length);
                dashes.add(new Path(path.part(path.positionAt(from), path.positionAt(end)), false));
            }
            at = to;
        }
    }
}
