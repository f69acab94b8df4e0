package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Pair;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Stretch;
import org.hyphantes.geometry.plane.Subdivision;

/**
 * Names faces by the stretches that bound them. Each stretch is told by its path, the side that the face lies on, and the crossings at
 * both its ends: with which path, and which of the crossings of the two, counted along one of them.
 */
final class Naming {
    /** Positions on a path nearer than this (of one curve) are one crossing. */
    private static final double SAME = 1e-7;

    private final List<Bounding> paths;
    private final String[] words;
    private final List<Subdivision.Face> faces;
    private volatile Map<Pair, List<Double>> crossings;

    /** @param faces all faces, by which crossings are known */
    Naming(List<Bounding> paths, List<Subdivision.Face> faces) {
        this.paths = paths;
        this.words = paths.stream().map(Bounding::word).toArray(String[]::new);
        this.faces = faces;
    }

    /** Found when a name is first asked for, which is not at each step of a drag. */
    private Map<Pair, List<Double>> crossings() {
        Map<Pair, List<Double>> found = crossings;
        if (found == null) {
            found = new HashMap<>();
            for (Subdivision.Face face : faces) {
                Watch.ask();
                for (List<Stretch> border : face.sources()) {
                    for (int i = 0; i < border.size(); i++) {
                        corner(border.get(i), border.get(i + 1 == border.size() ? 0 : i + 1), found);
                    }
                }
            }
            found.values().forEach(list -> list.sort(null));
            crossings = found;
        }
        return found;
    }

    private double position(Stretch stretch, double parameter) {
        double position = stretch.curve() + parameter;
        int size = paths.get(stretch.path()).path().size();
        return position >= size ? position - size : position;
    }

    private void corner(Stretch arriving, Stretch leaving, Map<Pair, List<Double>> found) {
        if (arriving.path() == leaving.path() && isCorner(arriving, leaving)) {
            return;
        }
        note(found, new Pair(arriving.path(), leaving.path()), position(arriving, arriving.to()));
        note(found, new Pair(leaving.path(), arriving.path()), position(leaving, leaving.from()));
    }

    /** Whether two stretches follow on one another at a corner of their own path. */
    private boolean isCorner(Stretch arriving, Stretch leaving) {
        int size = paths.get(arriving.path()).path().size();
        double apart = Math.abs(position(arriving, arriving.to()) - position(leaving, leaving.from()));
        return apart < SAME || size - apart < SAME;
    }

    private static void note(Map<Pair, List<Double>> found, Pair of, double position) {
        List<Double> known = found.computeIfAbsent(of, k -> new ArrayList<>(2));
        for (double other : known) {
            if (Math.abs(other - position) < SAME) {
                return;
            }
        }
        known.add(position);
    }

    private int ordinal(int along, int with, double position) {
        List<Double> known = crossings().getOrDefault(new Pair(along, with), List.of());
        for (int i = 0; i < known.size(); i++) {
            if (Math.abs(known.get(i) - position) < SAME) {
                return i;
            }
        }
        return 0;
    }

    /** The crossing at the end of a stretch that another follows on. */
    private String crossing(Stretch own, double ownAt, Stretch other, double otherAt) {
        boolean alongOther =
                paths.get(own.path()).isSingle() && !paths.get(other.path()).isSingle();
        int ordinal = alongOther
                ? ordinal(other.path(), own.path(), position(other, otherAt))
                : ordinal(own.path(), other.path(), position(own, ownAt));
        return words[other.path()] + "#" + ordinal;
    }

    PieceName name(Subdivision.Face face) {
        List<String> bounds = new ArrayList<>();
        for (List<Stretch> border : face.sources()) {
            List<List<Stretch>> runs = runs(border);
            for (int i = 0; i < runs.size(); i++) {
                bounds.add(bound(runs, i));
            }
        }
        return new PieceName(bounds);
    }

    /** What a run of a border is. */
    private String bound(List<List<Stretch>> runs, int i) {
        List<Stretch> run = runs.get(i);
        Stretch first = run.get(0);
        Stretch last = run.get(run.size() - 1);
        boolean with = first.from() < first.to();
        String word = words[first.path()] + (with ? " +" : " -");
        if (runs.size() == 1 && isWhole(run)) {
            return word;
        }
        List<Stretch> before = runs.get(i == 0 ? runs.size() - 1 : i - 1);
        List<Stretch> after = runs.get(i + 1 == runs.size() ? 0 : i + 1);
        Stretch into = before.get(before.size() - 1);
        Stretch out = after.get(0);
        String from = crossing(first, first.from(), into, into.to());
        String to = crossing(last, last.to(), out, out.from());
        return word + " " + (with ? from + " " + to : to + " " + from);
    }

    /** The places where a border turns: at the beginning of a run, or at a corner of the path within one. */
    List<Corner> corners(Subdivision.Face face) {
        List<Corner> corners = new ArrayList<>();
        for (List<Stretch> border : face.sources()) {
            List<List<Stretch>> runs = runs(border);
            List<Stretch> last = runs.get(runs.size() - 1);
            Stretch before = last.get(last.size() - 1);
            for (int i = 0; i < runs.size(); i++) {
                List<Stretch> run = runs.get(i);
                for (int k = 0; k < run.size(); k++) {
                    Stretch stretch = run.get(k);
                    if (turns(before, stretch)) {
                        boolean own = k > 0 || runs.size() == 1 && isWhole(run);
                        corners.add(new Corner(
                                bound(runs, i) + (own ? " corner " + ownCorner(stretch) : ""),
                                curve(stretch).at(stretch.from())));
                    }
                    before = stretch;
                }
            }
        }
        return corners;
    }

    /** Which corner of its path a stretch begins at: the number of the curve that begins there. */
    private int ownCorner(Stretch stretch) {
        int size = paths.get(stretch.path()).path().size();
        return (int) Math.rint(stretch.curve() + stretch.from()) % size;
    }

    private Curve curve(Stretch stretch) {
        return paths.get(stretch.path()).path().curves().get(stretch.curve());
    }

    /** Whether a border turns where a stretch follows on another. */
    private boolean turns(Stretch arriving, Stretch leaving) {
        Point in = curve(arriving).tangent(arriving.to()).times(arriving.from() < arriving.to() ? 1 : -1);
        Point out = curve(leaving).tangent(leaving.from()).times(leaving.from() < leaving.to() ? 1 : -1);
        return Corner.isTurn(in, out);
    }

    /** Whether a run comes back to where it began without a crossing. */
    private boolean isWhole(List<Stretch> run) {
        return isCorner(run.get(run.size() - 1), run.get(0));
    }

    /** The stretches of a border, those of one path that go on at its corners together. */
    private List<List<Stretch>> runs(List<Stretch> border) {
        List<List<Stretch>> runs = new ArrayList<>();
        for (Stretch stretch : border) {
            List<Stretch> last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
            if (last != null && goesOn(last.get(last.size() - 1), stretch)) {
                last.add(stretch);
            } else {
                runs.add(new ArrayList<>(List.of(stretch)));
            }
        }
        if (runs.size() > 1) {
            List<Stretch> last = runs.get(runs.size() - 1);
            if (goesOn(last.get(last.size() - 1), runs.get(0).get(0))) {
                last.addAll(runs.remove(0));
            }
        }
        return runs;
    }

    private boolean goesOn(Stretch arriving, Stretch leaving) {
        return arriving.path() == leaving.path()
                && arriving.from() < arriving.to() == leaving.from() < leaving.to()
                && isCorner(arriving, leaving);
    }
}
