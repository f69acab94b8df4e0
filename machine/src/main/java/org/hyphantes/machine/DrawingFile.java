package org.hyphantes.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;

/**
 * Reads drawing files (DXF, as its published reference has them, from memory): pairs of lines, a group code and a value; in the section ENTITIES
 * LINE, ARC, CIRCLE and LWPOLYLINE with bulges, each for the pass of its layer, in order. What else stands there is counted.
 */
final class DrawingFile implements Readers.Reader {
    @Override
    public String ending() {
        return ".dxf";
    }

    private record Pair(int code, String value) {}

    @Override
    public Program read(String text) throws CannotRun {
        List<Pair> pairs = pairs(text);
        Program.Builder built = new Program.Builder();
        Map<String, Integer> others = new TreeMap<>();
        boolean within = false;
        for (int i = 0; i < pairs.size(); ) {
            int next = i + 1;
            while (next < pairs.size() && pairs.get(next).code() != 0) {
                next++;
            }
            String kind = pairs.get(i).value();
            List<Pair> entity = pairs.subList(i, next);
            if (kind.equals("SECTION")) {
                within = entity.size() > 1 && entity.get(1).value().equals("ENTITIES");
            } else if (kind.equals("ENDSEC")) {
                within = false;
            } else if (within) {
                List<Curve> curves = curves(kind, entity);
                if (curves.isEmpty()) {
                    others.merge(kind, 1, Integer::sum);
                } else {
                    built.stroke(curves, built.number(text(entity, 8)));
                }
            }
            i = next;
        }
        others.forEach((kind, count) -> built.unread(count + " " + kind));
        return built.program();
    }

    private static List<Pair> pairs(String text) throws CannotRun {
        List<String> lines = text.lines().toList();
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i + 1 < lines.size(); i += 2) {
            try {
                pairs.add(new Pair(
                        Integer.parseInt(lines.get(i).trim()), lines.get(i + 1).trim()));
            } catch (NumberFormatException e) {
                throw new CannotRun("Line " + (i + 1) + " of the drawing file has no group code.");
            }
        }
        return pairs;
    }

    private static String text(List<Pair> entity, int code) {
        return entity.stream()
                .filter(p -> p.code() == code)
                .map(Pair::value)
                .findFirst()
                .orElse("0");
    }

    private static double number(List<Pair> entity, int code) throws CannotRun {
        String text = text(entity, code);
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new CannotRun("The drawing file has no number for the code " + code + " of a "
                    + entity.get(0).value() + ".");
        }
    }

    private static List<Curve> curves(String kind, List<Pair> entity) throws CannotRun {
        return switch (kind) {
            case "LINE" ->
                List.of(new Line(
                        new Point(number(entity, 10), number(entity, 20)),
                        new Point(number(entity, 11), number(entity, 21))));
            case "CIRCLE" -> List.of(new Arc(centre(entity), number(entity, 40), 0, 2 * Math.PI));
            case "ARC" -> {
                double from = Math.toRadians(number(entity, 50));
                double sweep = Math.toRadians(number(entity, 51)) - from;
                while (sweep <= 0) {
                    sweep += 2 * Math.PI;
                }
                yield List.of(new Arc(centre(entity), number(entity, 40), from, Math.min(sweep, 2 * Math.PI)));
            }
            case "LWPOLYLINE" -> polyline(entity);
            default -> List.of();
        };
    }

    private static Point centre(List<Pair> entity) throws CannotRun {
        return new Point(number(entity, 10), number(entity, 20));
    }

    private static List<Curve> polyline(List<Pair> entity) throws CannotRun {
        List<Point> corners = new ArrayList<>();
        List<Double> bulges = new ArrayList<>();
        double x = 0;
        try {
            for (Pair pair : entity) {
                switch (pair.code()) {
                    case 10 -> x = Double.parseDouble(pair.value());
                    case 20 -> {
                        corners.add(new Point(x, Double.parseDouble(pair.value())));
                        bulges.add(0.0);
                    }
                    case 42 -> bulges.set(bulges.size() - 1, Double.valueOf(pair.value()));
                    default -> {}
                }
            }
        } catch (NumberFormatException | IndexOutOfBoundsException e) {
            throw new CannotRun("A polyline of the drawing file has a corner that is no number.");
        }
        boolean closed = ((int) number(entity, 70) & 1) == 1;
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < corners.size() - (closed ? 0 : 1); i++) {
            Point from = corners.get(i);
            Point to = corners.get((i + 1) % corners.size());
            if (from.distance(to) > 0) {
                curves.add(bulges.get(i) == 0 ? new Line(from, to) : bulged(from, to, bulges.get(i)));
            }
        }
        return curves;
    }

    /** An arc whose bulge is the tangent of a quarter of its angle, above 0 anticlockwise. */
    private static Arc bulged(Point from, Point to, double bulge) {
        double sweep = 4 * Math.atan(bulge);
        Point half = to.minus(from).times(0.5);
        double along = (1 - bulge * bulge) / (2 * bulge);
        Point centre = from.plus(half).plus(new Point(-half.y(), half.x()).times(along));
        Point out = from.minus(centre);
        return new Arc(centre, out.length(), Math.atan2(out.y(), out.x()), sweep);
    }
}
