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
 * <p>Coordinates are rounded to a hundred-thousandth of a millimetre. An arc of more than half a turn is written as two, so
 * that rounding its ends cannot throw its centre about.
 */
final class PathData {
    private static final int DECIMALS = 5;

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
                int parts = Math.abs(arc.sweep()) > Math.PI ? 2 : 1;
                for (int k = 0; k < parts; k++) {
                    boolean last = k == parts - 1;
                    arc(arc, last && closing ? path.start() : last ? arc.end() : arc.at(0.5));
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
