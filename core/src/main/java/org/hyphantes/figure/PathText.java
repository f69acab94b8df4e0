package org.hyphantes.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Quoted;

/**
 * Paths as text, in millimetres: of the path data of W3C SVG 2, chapter 9, the commands M, L, C, A and Z with absolute
 * coordinates, arcs being of circles.
 */
public final class PathText {
    private static final Pattern TOKEN =
            Pattern.compile("\\s*,?\\s*([MLCAZz]|[-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?)");

    private final List<String> tokens = new ArrayList<>();
    private int at;

    private PathText(String text) {
        Matcher matcher = TOKEN.matcher(text);
        int end = 0;
        while (matcher.find() && matcher.start() == end) {
            tokens.add(matcher.group(1));
            end = matcher.end();
        }
        if (!text.substring(end).isBlank()) {
            throw new IllegalArgumentException("A path cannot be read from "
                    + Quoted.of(text.substring(end, Math.min(text.length(), end + 12))
                            .strip())
                    + " on; it is made of M, L, C, A and Z with numbers.");
        }
    }

    /**
     * The paths that a text describes.
     *
     * @throws IllegalArgumentException if it describes none; the message says what to do
     */
    public static List<Path> read(String text) {
        return new PathText(text).paths();
    }

    /** A text in a few words: how many points its paths go through, and whether they are closed. */
    static String told(String text) {
        List<Path> paths = read(text);
        int points = paths.stream()
                .mapToInt(p -> p.closed() ? p.size() : p.size() + 1)
                .sum();
        boolean closed = paths.stream().allMatch(Path::closed);
        return (paths.size() == 1 ? "" : Numerals.counted(paths.size(), "line") + " with ")
                + Numerals.counted(points, "point")
                + (closed ? ", closed" : "");
    }

    private List<Path> paths() {
        List<Path> paths = new ArrayList<>();
        while (at < tokens.size()) {
            if (!tokens.get(at++).equals("M")) {
                throw new IllegalArgumentException("A path begins with M and a point.");
            }
            paths.add(path());
        }
        if (paths.isEmpty()) {
            throw new IllegalArgumentException("A path needs at least two points, such as M 0 0 L 10 0.");
        }
        return paths;
    }

    private Path path() {
        Point start = point();
        Point here = start;
        List<Curve> curves = new ArrayList<>();
        String command = "L";
        boolean closed = false;
        while (at < tokens.size() && !closed && !tokens.get(at).equals("M")) {
            if (Character.isLetter(tokens.get(at).charAt(0))) {
                command = tokens.get(at++);
            }
            if (command.equalsIgnoreCase("Z")) {
                closed = true;
                if (here.distance(start) > 1e-9) {
                    curves.add(new Line(here, start));
                } else if (!curves.isEmpty()) {
                    curves.set(curves.size() - 1, ending(curves.get(curves.size() - 1), start));
                }
            } else {
                Curve curve = curve(command, here);
                curves.add(curve);
                here = curve.end();
            }
        }
        if (curves.isEmpty()) {
            throw new IllegalArgumentException("A path needs at least two points, such as M 0 0 L 10 0.");
        }
        return new Path(curves, closed);
    }

    /** Curves rounded as they were written meet again. */
    private static Curve ending(Curve curve, Point end) {
        return curve.as(
                line -> new Line(line.start(), end),
                arc -> arc,
                cubic -> new Cubic(cubic.start(), cubic.control1(), cubic.control2(), end));
    }

    private Curve curve(String command, Point here) {
        switch (command) {
            case "L":
                Point end = point();
                return new Line(here, moved(here, end));
            case "C":
                Point first = point();
                Point second = point();
                Point last = point();
                if (first.equals(here) && second.equals(here)) {
                    moved(here, last);
                }
                return new Cubic(here, first, second, last);
            default:
                double radius = number();
                double other = number();
                number();
                boolean large = number() != 0;
                boolean clockwise = number() != 0;
                Point to = point();
                if (Math.abs(radius - other) > 1e-6 * radius) {
                    throw new IllegalArgumentException("An arc of a path is of a circle: give it one radius, twice.");
                }
                return arc(here, to, radius, large, clockwise);
        }
    }

    private static Curve arc(Point from, Point to, double radius, boolean large, boolean clockwise) {
        Point chord = moved(from, to).minus(from);
        double half = chord.length() / 2;
        double r = Math.max(radius, half);
        double aside = Math.sqrt(Math.max(0, r * r - half * half));
        Point normal = chord.unit().right();
        Point centre = from.middle(to).plus(normal.times(large == clockwise ? -aside : aside));
        double a = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
        double b = Math.atan2(to.y() - centre.y(), to.x() - centre.x());
        double sweep = b - a;
        if (clockwise && sweep <= 0) {
            sweep += 2 * Math.PI;
        } else if (!clockwise && sweep >= 0) {
            sweep -= 2 * Math.PI;
        }
        return new Arc(centre, r, a, sweep);
    }

    /** The end of a curve; a curve of no length has no heading, so it is refused. */
    private static Point moved(Point from, Point to) {
        if (to.equals(from)) {
            throw new IllegalArgumentException(
                    "A curve of no length stands at " + shown(to.x()) + " " + shown(to.y()) + "; take it out.");
        }
        return to;
    }

    private Point point() {
        double x = coordinate();
        return new Point(x, coordinate());
    }

    private double coordinate() {
        double number = number();
        if (Math.abs(number) > Limits.COORDINATE) {
            throw new IllegalArgumentException(
                    Quoted.of(tokens.get(at - 1)) + " lies too far out: up to " + (long) Limits.COORDINATE + " mm.");
        }
        return number;
    }

    private double number() {
        if (at >= tokens.size() || Character.isLetter(tokens.get(at).charAt(0))) {
            throw new IllegalArgumentException("A number is missing "
                    + (at >= tokens.size() ? "at the end" : "before " + tokens.get(at)) + " of the path.");
        }
        return Double.parseDouble(tokens.get(at++));
    }

    /** The text of paths, rounded to a millionth of a millimetre. */
    public static String of(List<Path> paths) {
        StringBuilder text = new StringBuilder();
        for (Path path : paths) {
            text.append(text.length() == 0 ? "M" : " M");
            point(text, path.start());
            for (Curve curve : path.curves()) {
                append(text, curve);
            }
            text.append(path.closed() ? " Z" : "");
        }
        return text.toString();
    }

    /** A curve too short for the digits that are written is left out. */
    private static void append(StringBuilder text, Curve curve) {
        if (isNowhere(curve)) {
            return;
        }
        if (curve instanceof Cubic cubic) {
            text.append(" C");
            point(text, cubic.control1());
            point(text, cubic.control2());
            point(text, cubic.end());
        } else if (curve instanceof Arc arc) {
            if (Math.abs(arc.sweep()) > Math.PI) {
                append(text, arc.part(0, 0.5));
                append(text, arc.part(0.5, 1));
                return;
            }
            text.append(" A ").append(shown(arc.radius())).append(' ').append(shown(arc.radius()));
            text.append(arc.sweep() > 0 ? " 0 0 1" : " 0 0 0");
            point(text, arc.end());
        } else {
            text.append(" L");
            point(text, curve.end());
        }
    }

    private static boolean isNowhere(Curve curve) {
        return same(curve.start(), curve.end())
                && curve.as(
                        line -> true,
                        arc -> Math.abs(arc.sweep()) <= Math.PI,
                        cubic -> same(cubic.start(), cubic.control1()) && same(cubic.start(), cubic.control2()));
    }

    private static boolean same(Point a, Point b) {
        return shown(a.x()).equals(shown(b.x())) && shown(a.y()).equals(shown(b.y()));
    }

    private static void point(StringBuilder text, Point p) {
        text.append(' ').append(shown(p.x())).append(' ').append(shown(p.y()));
    }

    private static String shown(double x) {
        double rounded = Math.rint(x * 1e6) / 1e6;
        return rounded == Math.rint(rounded) && Math.abs(rounded) < 1e15
                ? String.format(Locale.ROOT, "%d", (long) rounded)
                : Double.toString(rounded);
    }
}
