package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.UnionFind;

/** A sheet whose loose pieces, those that only holes surround, are held by ties to what hangs together. */
final class Held {
    /** Lengths (mm) nearer than this are the same. */
    private static final double SAME = 1e-6;

    private final List<Region> sheet;
    private final Ties[] ties;
    private final UnionFind joined;
    private final List<Tie> chosen = new ArrayList<>();

    private Held(List<Region> sheet, List<Integer> loose, int count) {
        this.sheet = sheet;
        this.ties = new Ties[sheet.size()];
        loose.forEach(i -> ties[i] = new Ties(sheet, i, count));
        // One more for all that is not loose.
        this.joined = new UnionFind(sheet.size() + 1);
        for (int i = 0; i < sheet.size(); i++) {
            if (ties[i] == null) {
                joined.join(i, sheet.size());
            }
        }
    }

    /** The numbers of the regions that lie within a hole of another: they would fall out. */
    static List<Integer> loose(List<Region> sheet) {
        List<Integer> loose = new ArrayList<>();
        for (int i = 0; i < sheet.size(); i++) {
            Point place = Contour.away(sheet.get(i).outline());
            for (int j = 0; j < sheet.size(); j++) {
                Watch.ask();
                boolean within = j != i
                        && sheet.get(j).holes().stream()
                                .anyMatch(h -> h.box().contains(place) && h.winding(place) != 0);
                if (within) {
                    loose.add(i);
                    break;
                }
            }
        }
        return loose;
    }

    /**
     * The sheet with so many ties of a width (mm) to each loose piece, where it lies nearest to what is round it, and more where all
     * of that is loose. What lies alike is tied alike, which may take one more.
     */
    static List<Region> by(int count, double width, List<Region> sheet) {
        List<Integer> loose = loose(sheet);
        if (count == 0 || loose.isEmpty()) {
            return sheet;
        }
        Held held = new Held(sheet, loose, count);
        for (int i : loose) {
            held.ties[i].best().forEach(held::add);
        }
        held.reach(loose);
        List<Region> all = new ArrayList<>(sheet);
        held.chosen.forEach(t -> all.add(t.region(width)));
        return Booleans.union(all);
    }

    private void add(Tie tie) {
        joined.join(tie.piece(), tie.other());
        boolean there = chosen.stream()
                .anyMatch(t -> t.middle().distance(tie.middle()) < SAME && Math.abs(t.length() - tie.length()) < SAME);
        if (!there) {
            chosen.add(tie);
        }
    }

    /** Ties what is only tied to what is loose itself, by the shortest ties there are, until all hangs together. */
    private void reach(List<Integer> loose) {
        while (true) {
            Watch.ask();
            List<Tie> out = new ArrayList<>();
            int whole = joined.find(sheet.size());
            for (int i : loose) {
                if (joined.find(i) != whole) {
                    ties[i].places().stream()
                            .filter(t -> joined.find(t.other()) != joined.find(t.piece()))
                            .forEach(out::add);
                }
            }
            double least = out.stream().mapToDouble(Tie::length).min().orElse(-1);
            if (least < 0) {
                return;
            }
            out.stream().filter(t -> t.length() <= least + SAME).forEach(this::add);
        }
    }
}
