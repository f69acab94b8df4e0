package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Pair;
import org.hyphantes.geometry.Path;

/** All strands of a projection in elements, and which of two elements lies over the other. */
final class Elements {
    /** Shorter than this share of its band an element is none. */
    private static final double NOTHING = 1e-9;

    /** Where between two passages an element may end, as shares of the way. */
    private static final double[] SHARES = {0.5, 0.3, 0.7};

    /** The cosine of a turn that is no corner. */
    private static final double STRAIGHT = 1 - 1e-6;

    private final Projection projection;
    private final Reaches reaches;
    private final List<Element> all = new ArrayList<>();
    private final Map<Pair, List<Integer>> meets = new HashMap<>();
    private final Map<Pair, Integer> known = new HashMap<>();

    /** @param courses the number of a course by its strand and the passage that it comes from, absent for one that is cut already */
    Elements(Projection projection, Reaches reaches, Map<List<Integer>, Integer> courses) {
        this.projection = projection;
        this.reaches = reaches;
        for (int m = 0; m < projection.meets().size(); m++) {
            Meet meet = projection.meets().get(m);
            meets.computeIfAbsent(Pair.unordered(meet.first(), meet.second()), k -> new ArrayList<>())
                    .add(m);
        }
        for (int s = 0; s < projection.strands().size(); s++) {
            strand(s, courses);
        }
    }

    List<Element> all() {
        return all;
    }

    private void strand(int s, Map<List<Integer>, Integer> courses) {
        int n = projection.passages(s);
        Path path = projection.strands().get(s).path();
        double length = path.length();
        int first = 0;
        while (first < n && reaches.isOver(projection.passage(s, first))) {
            first++;
        }
        if (n == 0) {
            return;
        }
        // A closed strand begins at an under-pass, so that each course is gone through from its beginning.
        int begin = path.closed() && first < n ? first : 0;
        int from = path.closed() && first < n ? projection.passage(s, first) : -1;
        for (int i = 0; i < n; i++) {
            int passage = projection.passage(s, (begin + i) % n);
            double at = reaches.along(passage) + (begin + i >= n ? length : 0);
            double before = i == 0 && !path.closed() ? 0 : at - toNext(s, (begin + i - 1 + n) % n)[1];
            double after = i == n - 1 && !path.closed() ? length : at + toNext(s, (begin + i) % n)[0];
            if (reaches.isOver(passage)) {
                add(s, before, after, course(s, from, courses));
            } else {
                int last = i == 0 && path.closed() ? projection.passage(s, under(s, begin)) : from;
                add(s, before, at, course(s, last, courses));
                from = passage;
                add(s, at, after, course(s, from, courses));
            }
        }
    }

    /** The under-pass before another on a closed strand, by its ordinal. */
    private int under(int s, int ordinal) {
        int n = projection.passages(s);
        int at = ordinal;
        do {
            at = (at - 1 + n) % n;
        } while (reaches.isOver(projection.passage(s, at)));
        return at;
    }

    /** How far (mm) it is from one passage to where its element ends, about half the way to the next and by no corner; and from there on. */
    private double[] toNext(int s, int ordinal) {
        Path path = projection.strands().get(s).path();
        int next = ordinal + 1 == projection.passages(s) ? 0 : ordinal + 1;
        double here = reaches.along(projection.passage(s, ordinal));
        double gap = reaches.along(projection.passage(s, next)) - here + (next == 0 ? path.length() : 0);
        for (double share : SHARES) {
            if (!isByCorner(path, here + share * gap, gap / 12)) {
                return new double[] {share * gap, gap - share * gap};
            }
        }
        return new double[] {gap / 2, gap / 2};
    }

    /** Whether a path has a corner so near to a place along it: an element that ended there would lose the tip of its band. */
    private static boolean isByCorner(Path path, double along, double near) {
        double length = path.length();
        double from = path.positionAt(Reaches.onLap(path, along - near));
        double to = path.positionAt(Reaches.onLap(path, along + near));
        if (2 * near >= length) {
            return false;
        }
        int size = path.size();
        double laps = to < from ? to + size : to;
        for (int corner = (int) Math.ceil(from); corner <= laps; corner++) {
            int at = corner % size;
            if ((path.closed() || at > 0) && path.arrival(at).dot(path.tangent(at)) < STRAIGHT) {
                return true;
            }
        }
        return false;
    }

    private static int course(int s, int from, Map<List<Integer>, Integer> courses) {
        return courses.getOrDefault(List.of(s, from), Element.CUT);
    }

    private void add(int s, double from, double to, int course) {
        if (to - from > NOTHING * projection.strands().get(s).width()) {
            all.add(new Element(s, from, to, course));
        }
    }

    /**
     * Which of two elements lies over the other where their bands share a place, told by the crossing of their strands that is nearest to
     * both along them: more than 0 when the first does, less when the second does, by the number of that crossing and one; 0 for
     * elements that follow on one another.
     */
    int over(int e, int f) {
        if (e == f) {
            return 0;
        }
        int told = known.computeIfAbsent(
                Pair.unordered(e, f), k -> between(all.get(Math.min(e, f)), all.get(Math.max(e, f))));
        return e < f ? told : -told;
    }

    private int between(Element e, Element f) {
        Path first = projection.strands().get(e.strand()).path();
        Path second = projection.strands().get(f.strand()).path();
        boolean same = e.strand() == f.strand();
        double nearest = same
                ? Math.max(0, e.away((f.from() + f.to()) / 2, first.length(), first.closed()) - (f.to() - f.from()) / 2)
                : Double.POSITIVE_INFINITY;
        // Strands that share a place and never cross lie as they are told one after another, and give way to every
        // crossing.
        int told = same
                ? 0
                : projection.strandRank(e.strand()) < projection.strandRank(f.strand())
                        ? Integer.MAX_VALUE
                        : -Integer.MAX_VALUE;
        for (int m : meets.getOrDefault(Pair.unordered(e.strand(), f.strand()), List.of())) {
            for (int own = 2 * m; own < 2 * m + 2; own++) {
                if (projection.strand(own) == e.strand()) {
                    double away = e.away(reaches.along(own), first.length(), first.closed())
                            + f.away(reaches.along(own ^ 1), second.length(), second.closed());
                    if (away < nearest) {
                        nearest = away;
                        int rank = projection.meetRank(m) + 1;
                        told = reaches.isOver(own) ? rank : -rank;
                    }
                }
            }
        }
        return told;
    }
}
