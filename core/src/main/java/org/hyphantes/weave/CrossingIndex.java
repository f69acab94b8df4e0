package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Turning;

/** Finds crossings of a projection by structure, and the siblings that its symmetry makes of them. */
public final class CrossingIndex {
    /** Images are found within so many tolerances, and along a line, where curves are fitted, within so many. */
    private static final double NEAR = 100;

    private static final double BENT = 10_000;

    private final Projection projection;
    private final Symmetry symmetry;
    private final Map<StrandKey, Integer> orbitSize = new HashMap<>();
    private final int[] ordinal;
    private final Integer[] byX;
    private volatile Optional<Affine> mirror;
    private volatile Map<CrossingReference, Integer> byExact;
    private volatile Map<CrossingReference, Integer> byRelative;

    /**
     * A meet found.
     *
     * @param aligned whether the strand that matters (a place's first, or a sibling's image of the first) is its first
     * @param mirrored whether it is the image of what was asked for in a mirror, so that over and under are exchanged
     * @param reversed whether just one of its strands runs against the image of what was asked for
     */
    public record Found(int meet, boolean aligned, boolean mirrored, boolean reversed) {
        /** Whether the first strand lies over here, when at what was asked for the one that matters lies over or not. */
        public boolean firstOver(boolean over) {
            return over == aligned ^ mirrored;
        }

        /** The way strands turn back here that do so at what was asked for. */
        public Way way(Way asked) {
            return reversed ? asked.opposite() : asked;
        }
    }

    public CrossingIndex(Projection projection, Symmetry symmetry) {
        this.projection = projection;
        this.symmetry = symmetry;
        for (Strand strand : projection.strands()) {
            orbitSize.merge(strand.key().asCopy(0), 1, Integer::sum);
        }
        this.ordinal = ordinals();
        this.byX = new Integer[projection.meets().size()];
        Arrays.setAll(byX, i -> i);
        Arrays.sort(byX, (a, b) -> Double.compare(x(a), x(b)));
    }

    private double x(int meet) {
        return home(projection.meets().get(meet).place()).x();
    }

    /** A place, or on a cloth that of the first tile that is the same. */
    private Point home(Point place) {
        return projection.lattice().map(l -> l.home(place)).orElse(place);
    }

    /** For each passage, how many crossings with the same other strand come before it along its own. */
    private int[] ordinals() {
        int[] result = new int[2 * projection.meets().size()];
        for (int s = 0; s < projection.strands().size(); s++) {
            Map<Integer, Integer> seen = new HashMap<>();
            for (int i = 0; i < projection.passages(s); i++) {
                int passage = projection.passage(s, i);
                result[passage] = seen.merge(projection.strand(passage ^ 1), 1, Integer::sum) - 1;
            }
        }
        return result;
    }

    Symmetry symmetry() {
        return symmetry;
    }

    /** The place of a meet with its copies as they are. */
    public CrossingReference exact(int meet) {
        Meet m = projection.meets().get(meet);
        return new CrossingReference(key(m.first()), key(m.second()), ordinal[2 * meet]);
    }

    /** The place that stands for a meet and all that an edit of it reaches: the least of their relative places. */
    public CrossingReference place(int meet, Reach reach) {
        if (reach == Reach.THIS_ONE) {
            return exact(meet);
        }
        return reached(meet, reach).stream()
                .map(s -> relative(s.meet(), reach).place())
                .min(CrossingReference::compareTo)
                .orElseThrow();
    }

    /** The meets of a projection that an edit of a place holds, each told against that place. */
    public List<Found> held(CrossingReference place, Reach reach) {
        Integer meet = byReference(reach).get(place);
        if (meet == null) {
            return List.of();
        }
        Relative relative = relative(meet, reach);
        List<Found> found = new ArrayList<>();
        for (Found sibling : reached(meet, reach)) {
            found.add(new Found(
                    sibling.meet(), sibling.aligned() == relative.aligned(), sibling.mirrored(), sibling.reversed()));
        }
        return found;
    }

    /** The first meet of each reference: exact ones for reaches without turns, else relative ones. */
    private Map<CrossingReference, Integer> byReference(Reach reach) {
        boolean exact = !reach.turns() || symmetry.turning().isEmpty();
        Map<CrossingReference, Integer> known = exact ? byExact : byRelative;
        if (known == null) {
            known = new HashMap<>();
            for (int m = 0; m < projection.meets().size(); m++) {
                known.putIfAbsent(relative(m, reach).place(), m);
            }
            if (exact) {
                byExact = known;
            } else {
                byRelative = known;
            }
        }
        return known;
    }

    /** How a meet is told against the place that stands for it at a reach. */
    public Found against(int meet, Reach reach) {
        return held(place(meet, reach), reach).stream()
                .filter(f -> f.meet() == meet)
                .findFirst()
                .orElse(new Found(meet, true, false, false));
    }

    private record Relative(CrossingReference place, boolean aligned) {}

    private Relative relative(int meet, Reach reach) {
        Meet m = projection.meets().get(meet);
        if (symmetry.turning().isEmpty() || !reach.turns()) {
            return new Relative(exact(meet), true);
        }
        StrandKey a = key(m.first());
        StrandKey b = key(m.second());
        int sizeA = orbitSize.get(a.asCopy(0));
        int sizeB = orbitSize.get(b.asCopy(0));
        int ahead = Math.floorMod(b.outermost() - a.outermost(), Math.max(sizeA, sizeB));
        boolean sameFigure = a.asCopy(0).equals(b.asCopy(0));
        // Of two copies of one figure the one behind is first; a figure that the turns move comes before one they do
        // not.
        if (sameFigure && 2 * ahead > sizeA || sizeA == 1 && sizeB > 1) {
            return new Relative(relative(b, a, sizeB, sizeA, ordinal[2 * meet + 1]), false);
        }
        return new Relative(relative(a, b, sizeA, sizeB, ordinal[2 * meet]), true);
    }

    private static CrossingReference relative(StrandKey a, StrandKey b, int sizeA, int sizeB, int ordinal) {
        int ahead = sizeB == 1 ? 0 : Math.floorMod(b.outermost() - a.outermost(), sizeB);
        if (2 * ahead > sizeB) {
            ahead -= sizeB;
        }
        return new CrossingReference(sizeA == 1 ? a : a.asCopy(0), sizeB == 1 ? b : b.asCopy(ahead), ordinal);
    }

    /** The meets an edit of one is carried to, that one first. */
    public List<Found> reached(int meet, Reach reach) {
        Map<Integer, Found> found = new LinkedHashMap<>();
        found.put(meet, new Found(meet, true, false, false));
        List<Affine> turns = new ArrayList<>(List.of(Affine.IDENTITY));
        if (reach.turns() && symmetry.turns().isPresent()) {
            Turning turning = symmetry.turns().get();
            for (int k = 1; k < turning.count(); k++) {
                turns.add(turning.turn(k));
            }
        }
        for (Affine turn : turns) {
            image(meet, turn, false, found);
        }
        if (reach.mirrors() && mirror().isPresent()) {
            for (Affine turn : turns) {
                image(meet, turn.after(mirror().get()), true, found);
            }
        }
        if (reach == Reach.EVERY_REPEAT) {
            for (Affine map : symmetry.repeatsAbout(projection.meets().get(meet).place())) {
                image(meet, map, map.determinant() < 0, found);
            }
        }
        return List.copyOf(found.values());
    }

    /** The meet that a map carries one to, told against it. */
    Optional<Found> carried(int meet, Affine map) {
        Map<Integer, Found> found = new HashMap<>();
        image(meet, map, map.determinant() < 0, found);
        return found.values().stream().findFirst();
    }

    private void image(int meet, Affine map, boolean mirrored, Map<Integer, Found> found) {
        if (map.equals(Affine.IDENTITY)) {
            return;
        }
        Meet m = projection.meets().get(meet);
        int image = at(map.of(m.place()));
        if (image < 0) {
            return;
        }
        Meet n = projection.meets().get(image);
        Point first = map.ofDirection(tangent(m.first(), m.firstPosition()));
        Point second = map.ofDirection(tangent(m.second(), m.secondPosition()));
        Point u = tangent(n.first(), n.firstPosition());
        Point v = tangent(n.second(), n.secondPosition());
        boolean aligned =
                Math.abs(first.dot(u)) + Math.abs(second.dot(v)) >= Math.abs(first.dot(v)) + Math.abs(second.dot(u));
        boolean reversed = aligned ? first.dot(u) * second.dot(v) < 0 : first.dot(v) * second.dot(u) < 0;
        found.putIfAbsent(image, new Found(image, aligned, mirrored, reversed));
    }

    /** The design's mirror line, or one that its crossings show: upright, level or slant through their middle. */
    private Optional<Affine> mirror() {
        if (mirror == null) {
            mirror = symmetry.mirror().or(this::shown);
        }
        return mirror;
    }

    private Optional<Affine> shown() {
        List<Point> places = projection.meets().stream().map(Meet::place).toList();
        if (places.isEmpty() || places.size() > 20_000) {
            return Optional.empty();
        }
        Box box = Box.round(
                places.stream().map(p -> new Box(p.x(), p.y(), p.x(), p.y())).toList());
        Point middle = symmetry.turning()
                .map(Turning::centre)
                .orElse(new Point((box.left() + box.right()) / 2, (box.top() + box.bottom()) / 2));
        double spoke = symmetry.turning().map(Turning::spoke).orElse(0.0);
        double half = symmetry.turning().map(t -> t.step() / 2).orElse(45.0);
        for (int k = 0; k < (symmetry.turning().isPresent() ? 2 : 4); k++) {
            Affine candidate = Affine.mirror(
                    middle, spoke + (symmetry.turning().isPresent() ? k * half : k % 2 * 90 + k / 2 * 45));
            if (places.stream().allMatch(p -> at(candidate.of(p)) >= 0)) {
                return Optional.of(candidate);
            }
        }
        return Optional.empty();
    }

    private Point tangent(int strand, double position) {
        return projection.strands().get(strand).path().tangent(position);
    }

    private StrandKey key(int strand) {
        return projection.strands().get(strand).key();
    }

    /** The meet at a place; -1 when there is none. */
    int at(Point place) {
        if (projection.lattice().isEmpty()) {
            return find(place);
        }
        // Just at a border of the first tile a place may have been found at the other one.
        Lattice lattice = projection.lattice().get();
        Point home = lattice.home(place);
        int found = find(home);
        for (int right = -1; right <= 1 && found < 0; right++) {
            for (int further = -1; further <= 1 && found < 0; further++) {
                if (lattice.down().isPresent() || further == 0) {
                    found = find(home.plus(lattice.at(right, further)));
                }
            }
        }
        return found;
    }

    private int find(Point place) {
        double near = symmetry.bent().isPresent() ? BENT : NEAR;
        double slack = near * projection.tolerance().distance();
        int low = 0;
        int high = byX.length;
        while (low < high) {
            int middle = (low + high) / 2;
            if (x(byX[middle]) < place.x() - slack) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        for (int i = low; i < byX.length && x(byX[i]) <= place.x() + slack; i++) {
            if (home(projection.meets().get(byX[i]).place()).distance(place) <= slack) {
                return byX[i];
            }
        }
        return -1;
    }
}
