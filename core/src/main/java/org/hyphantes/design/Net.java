package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * The net that a design is set out on. Its step is a unit: {@code 8 sq} is eight of it.
 *
 * @param net square, of triangles, round, or none
 * @param step the distance of its lines or rings, in mm
 * @param strong every so many lines one is drawn strong
 * @param spokes how many spokes a round net has
 */
public record Net(Pattern net, Amount step, Amount strong, Amount spokes) implements Described {
    public static final Net STARTING = new Net(Pattern.NONE, Amount.of(10), Amount.of(5), Amount.of(8));

    /** More lines than this in one direction are not drawn. */
    private static final int MOST = 400;

    private static final Schema<Net> SCHEMA = new Schema<>(
                    Net.class,
                    "net",
                    "Net {net}, a line every {step}, a strong one every {strong}, {spokes} spokes when round.",
                    List.of(
                            Setting.of(Net.class, "net"),
                            Setting.of(Net.class, "step", new Kind.Length(0.01, 1e5)),
                            Setting.of(Net.class, "strong", new Kind.Count(1, 100)),
                            Setting.of(Net.class, "spokes", new Kind.Count(2, 360))))
            .because("Places that are caught, and sizes in its squares, keep a design in measure.");

    /** The kinds of net. */
    public enum Pattern {
        NONE,
        SQUARE,
        TRIANGLE,
        ROUND
    }

    /** A line of the net, and whether it is a strong one. */
    public record Thread(Path path, boolean strong) {}

    @Override
    public Schema<Net> schema() {
        return SCHEMA;
    }

    /** The lines of the net over a box; none when they would be too many to be told apart. */
    public List<Thread> threads(Box box) {
        double reach = Math.hypot(
                Math.max(Math.abs(box.left()), Math.abs(box.right())),
                Math.max(Math.abs(box.top()), Math.abs(box.bottom())));
        int most = (int) Math.min(MOST + 1, Math.ceil(reach / step.value()));
        List<Thread> threads = new ArrayList<>();
        if (most > MOST) {
            return threads;
        }
        switch (net) {
            case SQUARE -> {
                parallels(threads, 0, step.value(), reach, most);
                parallels(threads, 90, step.value(), reach, most);
            }
            case TRIANGLE -> {
                // Triangles of the step as their side: rows of lines sqrt(3)/2 of it apart.
                for (double bearing : new double[] {30, 90, 150}) {
                    parallels(threads, bearing, step.value() * Math.sqrt(3) / 2, reach, most + most / 4);
                }
            }
            case ROUND -> {
                for (int i = 1; i <= most; i++) {
                    threads.add(new Thread(Path.closed(Arc.circle(Point.ORIGIN, i * step.value(), 0)), isStrong(i)));
                }
                for (int i = 0; i < spokes.value(); i++) {
                    Line spoke = new Line(Point.ORIGIN, Point.polar(reach, 360.0 * i / spokes.value()));
                    threads.add(new Thread(Path.open(spoke), i == 0));
                }
            }
            default -> {}
        }
        return threads;
    }

    private boolean isStrong(int i) {
        return i % (int) strong.value() == 0;
    }

    private void parallels(List<Thread> into, double bearing, double apart, double reach, int most) {
        Point along = Point.polar(reach, bearing);
        for (int i = -most; i <= most; i++) {
            Point across = Point.polar(i * apart, bearing + 90);
            into.add(new Thread(Path.open(new Line(across.minus(along), across.plus(along))), isStrong(i)));
        }
    }

    /** The point of the net nearest to a place; the place itself without a net. */
    public Point nearest(Point place) {
        double s = step.value();
        switch (net) {
            case SQUARE:
                return new Point(s * Math.rint(place.x() / s), s * Math.rint(place.y() / s));
            case TRIANGLE:
                double high = s * Math.sqrt(3) / 2;
                Point best = null;
                // Rows along x, every second shifted by half a step: the nearest of the two rows beside the place.
                for (double row : new double[] {Math.floor(place.y() / high), Math.ceil(place.y() / high)}) {
                    double shift = Math.floorMod((long) row, 2L) * s / 2;
                    Point p = new Point(shift + s * Math.rint((place.x() - shift) / s), row * high);
                    best = best == null || p.distance(place) < best.distance(place) ? p : best;
                }
                return best;
            case ROUND:
                double ring = s * Math.rint(place.length() / s);
                double spoke = 360 / spokes.value();
                return ring == 0
                        ? Point.ORIGIN
                        : Point.polar(ring, spoke * Math.rint(org.hyphantes.geometry.Angle.bearing(place) / spoke));
            default:
                return place;
        }
    }
}
