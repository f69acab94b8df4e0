package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Pair;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.Operand;
import org.hyphantes.geometry.plane.Subdivision;
import org.hyphantes.geometry.plane.UnionFind;

/**
 * One subdivision of elements that reach one another, each of its faces left to one of them: to the one that lies over all others there;
 * where they lie over one another in a round, to the one that does so when the last of their crossings is not counted. What lies in
 * the clearance beside an element that is seen is left to nobody below it.
 */
final class Share {
    private final Elements elements;
    private final List<Element> all = new ArrayList<>();
    private final List<Integer> numbers;
    private final Subdivision plane;
    private final int[] bands;
    private final int[] clearances;
    private final Map<Integer, BitSet> drawn = new HashMap<>();
    private final int[] elementOf;
    private final int[] bandOf;
    private final List<int[]> holding = new ArrayList<>();
    private final int[] owner;
    private final int[] held;
    private final List<List<Integer>> beside = new ArrayList<>();
    private final BitSet left = new BitSet();
    private final Map<Integer, Integer> joined = new HashMap<>();

    /**
     * @param about the elements
     * @param cut the courses that are cut already, beyond which an element of theirs covers nothing
     * @param lap of a course
     * @throws IllegalStateException if they cannot be subdivided
     */
    Share(
            Projection projection,
            Reaches reaches,
            Elements elements,
            Neighbourhood about,
            List<Course> cut,
            IntUnaryOperator lap) {
        this.elements = elements;
        this.numbers = about.elements();
        this.bands = new int[numbers.size()];
        this.clearances = new int[numbers.size()];
        List<Operand> operands = new ArrayList<>();
        for (int k = 0; k < bands.length; k++) {
            Watch.ask();
            Element e = elements.all().get(numbers.get(k));
            all.add(k < about.own() ? e : e.asOver());
            bands[k] = operands.size();
            operands.add(Operand.all(band(projection, reaches, e, 0)));
            boolean clear = reaches.clearance() > 0 && about.clear().get(numbers.get(k));
            clearances[k] = clear ? operands.size() : -1;
            if (clear) {
                operands.add(Operand.all(band(projection, reaches, e, reaches.clearance())));
            }
        }
        drawn(projection, cut, operands);
        this.plane = Booleans.subdivision(operands);
        this.elementOf = elementOf(operands.size());
        this.bandOf = bandOf(operands);
        this.held = plane.labels(w -> {
            Watch.ask();
            holding.add(w.holding().stream().toArray());
            return holding.size() - 1;
        });
        this.owner = new int[held.length];
        Map<List<Integer>, Integer> known = new HashMap<>();
        for (int f = 0; f < held.length; f++) {
            Watch.ask();
            owner[f] = known.computeIfAbsent(covering(f), this::top);
        }
        neighbours();
        clearances();
        seams(lap);
    }

    /** Lays courses that are cut already beside their elements. Beside cubics they run a little otherwise, and are left out. */
    private void drawn(Projection projection, List<Course> cut, List<Operand> operands) {
        Map<Integer, List<Box>> boxes = new HashMap<>();
        for (Element e : all) {
            Strand strand = projection.strands().get(e.strand());
            if (e.course() == Element.CUT
                    && strand.band().widths().isEven()
                    && strand.path().curves().stream().noneMatch(Cubic.class::isInstance)) {
                boxes.computeIfAbsent(e.strand(), s -> new ArrayList<>())
                        .add(Reaches.part(strand.path(), new Reaches.Stretch(e.from(), e.to()))
                                .box());
            }
        }
        for (Course course : cut) {
            if (boxes.containsKey(course.strand())) {
                BitSet own = drawn.computeIfAbsent(course.strand(), s -> new BitSet());
                Box box = course.region().outline().box();
                if (boxes.get(course.strand()).stream().anyMatch(box::meets)) {
                    own.set(operands.size());
                    operands.add(Operand.of(course.region()));
                }
            }
        }
    }

    /** Whether an element covers a face that its band holds: by the course that is drawn of it if it is cut already. */
    private boolean covers(int k, int face) {
        Element e = all.get(k);
        BitSet courses = e.course() != Element.CUT ? null : drawn.get(e.strand());
        return courses == null || Arrays.stream(holding.get(held[face])).anyMatch(courses::get);
    }

    /** Whether an operand holds a face; of thousands few do. */
    private boolean holds(int operand, int face) {
        return Arrays.binarySearch(holding.get(held[face]), operand) >= 0;
    }

    /** For each operand the element whose band it is, -1 for others. */
    private int[] elementOf(int operands) {
        int[] elementOf = new int[operands];
        Arrays.fill(elementOf, -1);
        for (int k = 0; k < bands.length; k++) {
            elementOf[bands[k]] = k;
        }
        return elementOf;
    }

    /** For each path the element whose band it bounds, -1 for others. */
    private int[] bandOf(List<Operand> operands) {
        return IntStream.range(0, operands.size())
                .flatMap(o -> operands.get(o).paths().stream().mapToInt(p -> elementOf[o]))
                .toArray();
    }

    /** The band of an element, widened by so much. */
    static List<Region> band(Projection projection, Reaches reaches, Element e, double more) {
        return reaches.band(projection.strands().get(e.strand()), new Reaches.Stretch(e.from(), e.to()), more);
    }

    /** The elements, by their places here, that cover a face. */
    private List<Integer> covering(int face) {
        List<Integer> covering = new ArrayList<>();
        for (int o : holding.get(held[face])) {
            int k = elementOf[o];
            if (k >= 0 && covers(k, face)) {
                covering.add(k);
            }
        }
        return covering;
    }

    private boolean isInClearance(int k, int face) {
        return clearances[k] >= 0 && holds(clearances[k], face) && !holds(bands[k], face);
    }

    private int over(int k, int l) {
        return elements.over(numbers.get(k), numbers.get(l));
    }

    /** The element that gets what all of these cover, -1 for none. */
    private int top(List<Integer> covering) {
        int[] these = covering.stream().mapToInt(Integer::intValue).toArray();
        if (these.length < 2) {
            return these.length == 0 ? -1 : these[0];
        }
        int[][] over = new int[these.length][these.length];
        BitSet under = new BitSet();
        for (int i = 0; i < these.length; i++) {
            for (int j = 0; j < i; j++) {
                over[i][j] = over(these[i], these[j]);
                over[j][i] = -over[i][j];
                if (over[i][j] != 0) {
                    under.set(over[i][j] > 0 ? j : i);
                }
            }
        }
        int first = under.nextClearBit(0);
        return these[first < these.length ? first : ofRound(over)];
    }

    /**
     * Of elements that lie over one another in a round, the place of the one that gets what they share: their crossings count in order, but
     * for those that would close a round.
     */
    private static int ofRound(int[][] over) {
        List<int[]> ties = new ArrayList<>();
        for (int i = 0; i < over.length; i++) {
            for (int j = 0; j < over.length; j++) {
                if (over[i][j] > 0) {
                    ties.add(new int[] {over[i][j], i, j});
                }
            }
        }
        ties.sort((a, b) -> a[0] != b[0] ? Integer.compare(a[0], b[0]) : Integer.compare(a[1], b[1]));
        BitSet[] below = new BitSet[over.length];
        Arrays.setAll(below, i -> new BitSet());
        BitSet under = new BitSet();
        for (int[] tie : ties) {
            if (!below[tie[2]].get(tie[1]) && !below[tie[1]].get(tie[2])) {
                for (int i = 0; i < over.length; i++) {
                    if (i == tie[1] || below[i].get(tie[1])) {
                        below[i].or(below[tie[2]]);
                        below[i].set(tie[2]);
                    }
                }
            }
            if (below[tie[1]].get(tie[2])) {
                under.set(tie[2]);
            }
        }
        return under.nextClearBit(0);
    }

    private void neighbours() {
        for (int f = 0; f < held.length; f++) {
            beside.add(new ArrayList<>(4));
        }
        plane.sides((path, right, leftFace) -> {
            beside.get(right).add(leftFace);
            beside.get(leftFace).add(right);
        });
    }

    /**
     * Leaves to nobody what lies in the clearance of an element over it, where that element is seen beside it: first what lies along its
     * own edge, then, from there on, the rest of its clearance.
     */
    private void clearances() {
        Map<Pair, Boolean> cut = new HashMap<>();
        List<Pair> next = new ArrayList<>();
        for (boolean seen : new boolean[] {true, false}) {
            plane.sides((path, right, leftFace) -> {
                int k = bandOf[path];
                if (k >= 0 && clearances[k] >= 0) {
                    boolean onRight = holds(bands[k], right);
                    int within = onRight ? right : leftFace;
                    int without = onRight ? leftFace : right;
                    if (owner[within] == k == seen && isInClearance(k, without)) {
                        add(new Pair(k, without), seen, cut, next);
                    }
                }
            });
        }
        for (int i = 0; i < next.size(); i++) {
            Watch.ask();
            int k = next.get(i).first();
            int face = next.get(i).second();
            boolean seen = cut.get(next.get(i));
            if (seen && owner[face] >= 0 && over(k, owner[face]) > 0) {
                left.set(face);
            }
            for (int other : beside.get(face)) {
                if (isInClearance(k, other)) {
                    add(new Pair(k, other), seen, cut, next);
                }
            }
        }
    }

    /** Takes a face in the clearance of an element, if that is new, by whether the element is seen there. */
    private static void add(Pair face, boolean seen, Map<Pair, Boolean> cut, List<Pair> next) {
        if (cut.putIfAbsent(face, seen) == null) {
            next.add(face);
        }
    }

    /** Courses of one strand that go on into one another, where nothing over them parts them, are one. */
    private void seams(IntUnaryOperator lap) {
        Map<Integer, Integer> places = new HashMap<>();
        List<Integer> courses = all.stream().map(Element::course).distinct().toList();
        for (int i = 0; i < courses.size(); i++) {
            places.put(courses.get(i), i);
        }
        UnionFind whole = new UnionFind(courses.size());
        for (int f = 0; f < held.length; f++) {
            for (int other : beside.get(f)) {
                if (label(f) >= 0
                        && label(other) >= 0
                        && label(f) != label(other)
                        && all.get(owner[f]).strand() == all.get(owner[other]).strand()
                        && lap.applyAsInt(label(f)) == lap.applyAsInt(label(other))
                        && over(owner[f], owner[other]) == 0) {
                    whole.join(places.get(label(f)), places.get(label(other)));
                }
            }
        }
        int[] least = new int[courses.size()];
        Arrays.fill(least, Integer.MAX_VALUE);
        for (int course : courses) {
            int root = whole.find(places.get(course));
            least[root] = Math.min(least[root], course);
        }
        courses.forEach(course -> joined.put(course, least[whole.find(places.get(course))]));
    }

    private int label(int face) {
        return owner[face] < 0 || left.get(face) ? -1 : all.get(owner[face]).course();
    }

    /** The course that the pieces of a course belong to: its own number, or that of one it goes on into. */
    int joins(int course) {
        return joined.getOrDefault(course, course);
    }

    /** The pieces of each course, by its number. */
    Map<Integer, List<Region>> kept() {
        return pieces(true);
    }

    /** The pieces of each course without any clearance. */
    Map<Integer, List<Region>> whole() {
        return pieces(false);
    }

    private Map<Integer, List<Region>> pieces(boolean cleared) {
        int[] labels = new int[held.length];
        for (int f = 0; f < labels.length; f++) {
            int course =
                    cleared ? label(f) : owner[f] < 0 ? -1 : all.get(owner[f]).course();
            labels[f] = course < 0 ? -1 : cleared ? joins(course) : course;
        }
        Map<Integer, List<Region>> pieces = new HashMap<>();
        for (Subdivision.Labelled piece : plane.labelled(labels)) {
            pieces.computeIfAbsent(piece.label(), k -> new ArrayList<>()).add(piece.region());
        }
        return pieces;
    }
}
