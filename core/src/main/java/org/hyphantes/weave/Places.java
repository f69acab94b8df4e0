package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.symmetry.Turning;

/** Finds crossings of a diagram by structure, and the siblings that a turning makes of them. */
public final class Places {
    private final Diagram diagram;
    private final Optional<Turning> turning;
    private final Map<StrandKey, Integer> orbitSize = new HashMap<>();
    private final int[] ordinal;
    private final Integer[] byX;

    /** A meet, and whether the strand that matters (a place's first, or a sibling's image of the first) is its first. */
    public record Found(int meet, boolean aligned) {}

    public Places(Diagram diagram, Optional<Turning> turning) {
        this.diagram = diagram;
        this.turning = turning;
        for (Strand strand : diagram.strands()) {
            orbitSize.merge(strand.key().asCopy(0), 1, Integer::sum);
        }
        this.ordinal = ordinals();
        this.byX = new Integer[diagram.meets().size()];
        Arrays.setAll(byX, i -> i);
        Arrays.sort(byX, (a, b) -> Double.compare(x(a), x(b)));
    }

    private double x(int meet) {
        return diagram.meets().get(meet).place().x();
    }

    /** For each passage, how many crossings with the same other strand come before it along its own. */
    private int[] ordinals() {
        int[] result = new int[2 * diagram.meets().size()];
        for (int s = 0; s < diagram.strands().size(); s++) {
            Map<Integer, Integer> seen = new HashMap<>();
            for (int i = 0; i < diagram.passages(s); i++) {
                int passage = diagram.passage(s, i);
                result[passage] = seen.merge(diagram.strand(passage ^ 1), 1, Integer::sum) - 1;
            }
        }
        return result;
    }

    /** The place of a meet with its copies as they are. */
    public Place exact(int meet) {
        Meet m = diagram.meets().get(meet);
        return new Place(key(m.first()), key(m.second()), ordinal[2 * meet]);
    }

    /** The place that stands for a meet and all its siblings: the least of their relative places. */
    public Place family(int meet) {
        return siblings(meet).stream()
                .map(s -> relative(s.meet()).place())
                .min(Place::compareTo)
                .orElseThrow();
    }

    /** The meets of a diagram that a pin holds, each with whether the pin's first strand is the meet's first. */
    public List<Found> held(Pin pin) {
        List<Found> found = new ArrayList<>();
        for (int m = 0; m < diagram.meets().size(); m++) {
            if (pin.reach() == Reach.THIS_ONE) {
                if (exact(m).equals(pin.place())) {
                    return List.of(new Found(m, true));
                }
            } else if (maybe(m, pin.place())) {
                Relative relative = relative(m);
                if (relative.place().equals(pin.place())) {
                    for (Found sibling : siblings(m)) {
                        found.add(new Found(sibling.meet(), sibling.aligned() == relative.aligned()));
                    }
                    return found;
                }
            }
        }
        return found;
    }

    private boolean maybe(int meet, Place place) {
        Meet m = diagram.meets().get(meet);
        String a = key(m.first()).figure();
        String b = key(m.second()).figure();
        return a.equals(place.first().figure()) && b.equals(place.second().figure())
                || b.equals(place.first().figure()) && a.equals(place.second().figure());
    }

    /** The places to write down for an edit of a meet at a reach. */
    public Place place(int meet, Reach reach) {
        return reach == Reach.THIS_ONE ? exact(meet) : family(meet);
    }

    /** Whether the first strand of {@link #place} is the meet's first. */
    public boolean aligned(int meet, Reach reach) {
        return held(new Pin(place(meet, reach), true, reach)).stream()
                .filter(f -> f.meet() == meet)
                .findFirst()
                .map(Found::aligned)
                .orElse(true);
    }

    /** The meets an edit of one is carried to, that one first. */
    public List<Found> reached(int meet, Reach reach) {
        return reach == Reach.THIS_ONE ? List.of(new Found(meet, true)) : siblings(meet);
    }

    private record Relative(Place place, boolean aligned) {}

    private Relative relative(int meet) {
        Meet m = diagram.meets().get(meet);
        StrandKey a = key(m.first());
        StrandKey b = key(m.second());
        if (turning.isEmpty()) {
            return new Relative(exact(meet), true);
        }
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

    private static Place relative(StrandKey a, StrandKey b, int sizeA, int sizeB, int ordinal) {
        int ahead = sizeB == 1 ? 0 : Math.floorMod(b.outermost() - a.outermost(), sizeB);
        if (2 * ahead > sizeB) {
            ahead -= sizeB;
        }
        return new Place(sizeA == 1 ? a : a.asCopy(0), sizeB == 1 ? b : b.asCopy(ahead), ordinal);
    }

    /** The images of a meet under the turning, itself first; each with whether the image of the first strand is the first. */
    public List<Found> siblings(int meet) {
        Map<Integer, Found> found = new LinkedHashMap<>();
        found.put(meet, new Found(meet, true));
        Meet m = diagram.meets().get(meet);
        Point heading = tangent(m.first(), m.firstPosition());
        for (int k = 1; turning.isPresent() && k < turning.get().count(); k++) {
            Affine turn = turning.get().turn(k);
            int image = at(turn.of(m.place()));
            if (image >= 0) {
                Meet n = diagram.meets().get(image);
                Point turned = turn.ofDirection(heading);
                double likeFirst = Math.abs(turned.dot(tangent(n.first(), n.firstPosition())));
                double likeSecond = Math.abs(turned.dot(tangent(n.second(), n.secondPosition())));
                found.putIfAbsent(image, new Found(image, likeFirst >= likeSecond));
            }
        }
        return List.copyOf(found.values());
    }

    private Point tangent(int strand, double position) {
        return diagram.strands().get(strand).path().tangent(position);
    }

    private StrandKey key(int strand) {
        return diagram.strands().get(strand).key();
    }

    private int at(Point place) {
        double slack = 100 * diagram.tolerance().distance();
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
            if (diagram.meets().get(byX[i]).place().distance(place) <= slack) {
                return byX[i];
            }
        }
        return -1;
    }
}
