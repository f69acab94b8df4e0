package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/** Where one loose piece could be tied to what lies round it. */
final class Ties {
    private static final int PLACES_ON_CURVE = 8;
    private static final int HALVINGS = 40;
    private static final double SAME = 1e-6;

    private final List<Region> sheet;
    private final int piece;
    private final int count;
    private final Path outline;
    private final Point middle;
    private final List<Tie> places = new ArrayList<>();

    Ties(List<Region> sheet, int piece, int count) {
        this.sheet = sheet;
        this.piece = piece;
        this.count = count;
        this.outline = sheet.get(piece).outline();
        this.middle =
                Box.round(sheet.stream().map(r -> r.outline().box()).toList()).centre();
        find();
    }

    /** All that were looked at: where the way across is shorter than beside it, or as many as are wanted at even steps. */
    List<Tie> places() {
        return places;
    }

    private void find() {
        List<Tie> looked = new ArrayList<>();
        double length = outline.length();
        for (int i = 0; i < outline.size(); i++) {
            for (int k = 0; k < PLACES_ON_CURVE; k++) {
                looked.add(at(outline.lengthTo(i + (double) k / PLACES_ON_CURVE)));
            }
        }
        int n = looked.size();
        for (int i = 0; i < n; i++) {
            Tie before = looked.get((i + n - 1) % n);
            Tie here = looked.get(i);
            Tie after = looked.get((i + 1) % n);
            if (here.length() < before.length() - SAME && here.length() < after.length() - SAME) {
                double from = i == 0 ? before.along() - length : before.along();
                double to = i == n - 1 ? after.along() + length : after.along();
                places.add(shortest(from, here, to));
            }
        }
        if (places.size() < count) {
            looked.stream()
                    .filter(t -> apart(t, places) >= length * (1 - 1e-9) / (2 * count))
                    .forEach(places::add);
        }
    }

    /** The shortest way across near a place, by halving the stretch on either side of it. */
    private Tie shortest(double from, Tie place, double to) {
        Tie best = place;
        double step = Math.min(place.along() - from, to - place.along());
        for (int k = 0; k < HALVINGS && best.length() > SAME; k++) {
            step /= 2;
            Tie left = at(best.along() - step);
            Tie right = at(best.along() + step);
            best = left.length() < best.length() ? left : right.length() < best.length() ? right : best;
        }
        return best;
    }

    private Tie at(double along) {
        Watch.ask();
        double length = outline.length();
        double there = ((along % length) + length) % length;
        Point from = outline.at(outline.positionAt(there));
        Point nearest = from;
        int other = piece;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < sheet.size(); i++) {
            for (Path border : i == piece ? List.<Path>of() : sheet.get(i).borders()) {
                if (border.box().grown(least).contains(from)) {
                    Point to = border.at(border.nearest(from));
                    if (to.distance(from) < least) {
                        least = to.distance(from);
                        nearest = to;
                        other = i;
                    }
                }
            }
        }
        return new Tie(piece, other, there, from, nearest);
    }

    /**
     * The shortest, then by turns the shortest that is far enough from all before. Of those that are as good as one another all are taken
     * when that is at most one too many, else as many as are wanted, evenly spread from the outermost on.
     */
    List<Tie> best() {
        List<Tie> chosen = new ArrayList<>();
        while (chosen.size() < count) {
            List<Tie> alike = alike(chosen);
            int wanted = count - chosen.size();
            if (alike.isEmpty()) {
                break;
            } else if (alike.size() <= wanted + 1) {
                chosen.addAll(alike);
            } else {
                int first = alike.indexOf(alike.stream()
                        .max(Comparator.comparingDouble(t -> t.middle().distance(middle)))
                        .orElseThrow());
                for (int k = 0; k < wanted; k++) {
                    chosen.add(alike.get((first + k * alike.size() / wanted) % alike.size()));
                }
            }
        }
        return chosen;
    }

    private List<Tie> alike(List<Tie> chosen) {
        double length = outline.length();
        List<Tie> free = places.stream()
                .filter(t -> t.other() != piece && apart(t, chosen) >= length / (2 * count + 1))
                .toList();
        double least = free.stream().mapToDouble(Tie::length).min().orElse(0);
        List<Tie> shortest =
                free.stream().filter(t -> t.length() <= least + SAME).toList();
        double furthest =
                shortest.stream().mapToDouble(t -> apart(t, chosen)).max().orElse(0);
        return shortest.stream()
                .filter(t -> apart(t, chosen) >= furthest - SAME * length)
                .toList();
    }

    private double apart(Tie place, List<Tie> chosen) {
        double length = outline.length();
        return chosen.stream()
                .mapToDouble(c -> {
                    double between = Math.abs(c.along() - place.along());
                    return Math.min(between, length - between);
                })
                .min()
                .orElse(length);
    }
}
