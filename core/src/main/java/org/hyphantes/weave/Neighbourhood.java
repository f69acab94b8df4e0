package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BoxSweep;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.UnionFind;

/**
 * Elements that are to be laid into one subdivision, by their numbers: those of courses to be shared out that reach one another; what lies
 * over those; and what lies over that, which tells where it is seen.
 *
 * @param elements in order, those of the courses first
 * @param own how many of them are those of the courses
 * @param clear those that lie over some element of a course there, so that their clearance counts
 * @param pairs what those of the courses may touch, all counted
 */
record Neighbourhood(List<Integer> elements, int own, BitSet clear, long pairs) {
    /** More elements than this are not parted: they would take too long and too much memory. */
    private static final int MOST_TOGETHER = 30_000;

    /** Nor such of courses as may touch so many others on the average, and so many all counted: nothing could be seen of what lies so. */
    private static final int MOST_BESIDE = 16;

    private static final int MOST_PAIRS = 120_000;

    /** All of them, in the order of their first elements. */
    static List<Neighbourhood> all(Projection projection, Elements elements, double clearance) {
        List<Element> all = elements.all();
        Extent[] extents = all.stream()
                .map(e -> Extent.of(
                        projection.strands().get(e.strand()), new Reaches.Stretch(e.from(), e.to()), clearance))
                .toArray(Extent[]::new);
        List<List<Integer>> beside = beside(extents);
        UnionFind groups = new UnionFind(extents.length);
        for (int e = 0; e < extents.length; e++) {
            for (int f : beside.get(e)) {
                if (all.get(e).course() >= 0 && all.get(f).course() >= 0) {
                    groups.join(e, f);
                }
            }
        }
        Map<Integer, List<Integer>> together = new TreeMap<>();
        for (int e = 0; e < extents.length; e++) {
            if (all.get(e).course() >= 0) {
                together.computeIfAbsent(groups.find(e), k -> new ArrayList<>()).add(e);
            }
        }
        return together.values().stream().map(own -> of(own, elements, beside)).toList();
    }

    boolean isTooMuch() {
        return elements.size() > MOST_TOGETHER || areTooMany(pairs, own);
    }

    private static boolean areTooMany(long pairs, int own) {
        return pairs > Math.max(MOST_PAIRS, (long) MOST_BESIDE * own);
    }

    /** For each element the numbers of those that it may reach. */
    private static List<List<Integer>> beside(Extent[] extents) {
        List<List<Integer>> beside = new ArrayList<>();
        Box[] boxes = new Box[extents.length];
        for (int e = 0; e < extents.length; e++) {
            beside.add(new ArrayList<>());
            boxes[e] = extents[e].whole();
        }
        BoxSweep.over(boxes, e -> Watch.ask(), (e, f) -> {
            if (extents[e].meets(extents[f])) {
                beside.get(e).add(f);
                beside.get(f).add(e);
            }
            return true;
        });
        return beside;
    }

    private static Neighbourhood of(List<Integer> own, Elements elements, List<List<Integer>> beside) {
        BitSet wanted = new BitSet();
        own.forEach(wanted::set);
        long pairs = own.stream().mapToLong(e -> beside.get(e).size()).sum();
        if (areTooMany(pairs, own.size())) {
            return new Neighbourhood(List.copyOf(own), own.size(), new BitSet(), pairs);
        }
        BitSet all = new BitSet();
        all.set(0, beside.size());
        BitSet clear = over(wanted, all, elements, beside);
        BitSet taken = (BitSet) clear.clone();
        taken.andNot(wanted);
        // Further off than it reaches with its clearance, and the courses with theirs, it hides no edge that counts
        // here.
        BitSet about = new BitSet();
        for (int e : own) {
            Watch.ask();
            beside.get(e).forEach(about::set);
        }
        taken.or(over(taken, about, elements, beside));
        List<Integer> together = new ArrayList<>(own);
        taken.stream().filter(e -> !wanted.get(e)).forEach(together::add);
        return new Neighbourhood(List.copyOf(together), own.size(), clear, pairs);
    }

    /** What of some elements lies over any of these. */
    private static BitSet over(BitSet these, BitSet of, Elements elements, List<List<Integer>> beside) {
        BitSet over = new BitSet();
        these.stream().forEach(f -> {
            Watch.ask();
            for (int e : beside.get(f)) {
                if (of.get(e) && !over.get(e) && elements.over(e, f) > 0) {
                    over.set(e);
                }
            }
        });
        return over;
    }
}
