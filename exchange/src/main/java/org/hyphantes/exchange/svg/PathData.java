package org.hyphantes.exchange.svg;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/**
 * Path data (W3C SVG 2, section 9.3): lines as L, circular arcs as A, cubics as C.
 *
 * <p>Coordinates are rounded to a millionth of a millimetre. An arc of more than a third of a turn is written in equal
 * parts: the centre of half a turn hangs on the last digit of its ends (section 9.5 and implementation note F.6), and rounding would throw it about.
 */
final class PathData {
    private static final int DECIMALS = 6;

    /** The widest arc (radians) written in one part: a third of a turn, with room for what rounding adds to one. */
    private static final double MOST_SWEEP = Math.PI * 2 / 3 + 1e-9;

    private final StringBuilder data = new StringBuilder();

    private PathData() {}

    static String of(Region region) {
        PathData data = new PathData();
        data.add(region.outline());
        region.holes().forEach(data::add);
        return data.data.toString();
    }

    static String of(Path path) {
        PathData data = new PathData();
        data.add(path);
        return data.data.toString();
    }

    private void add(Path path) {
        command('M');
        point(path.start());
        int n = path.size();
        for (int i = 0; i < n; i++) {
            Curve curve = path.curves().get(i);
            boolean closing = path.closed() && i == n - 1;
            if (curve instanceof Cubic cubic) {
                command('C');
                point(cubic.control1());
                point(cubic.control2());
                point(closing ? path.start() : cubic.end());
            } else if (curve instanceof Arc arc) {
                int parts = Math.max(1, (int) Math.ceil(Math.abs(arc.sweep()) / MOST_SWEEP));
                for (int k = 0; k < parts; k++) {
                    boolean last = k == parts - 1;
                    arc(arc, last && closing ? path.start() : last ? arc.end() : arc.at((k + 1.0) / parts));
                }
            } else if (!closing) {
                command('L');
                point(curve.end());
            }
        }
        if (path.closed()) {
            command('Z');
        }
    }

    private void arc(Arc arc, Point end) {
        command('A');
        number(arc.radius());
        number(arc.radius());
        number(0);
        number(0);
        number(arc.sweep() > 0 ? 1 : 0);
        point(end);
    }

    private void command(char letter) {
        if (data.length() > 0) {
            data.append(' ');
        }
        data.append(letter);
    }

    private void point(Point p) {
        number(p.x());
        number(p.y());
    }

    private void number(double value) {
        data.append(' ').append(number(value, DECIMALS));
    }

    static String number(double value, int decimals) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_EVEN);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
