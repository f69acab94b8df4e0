package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.UnionFind;

/**
 * Shares out what bands have in common, for courses whose edges do not meet those of other bands one by one: under shallow angles, at
 * corners, where two crossings lie close, and where three bands share a place.
 *
 * <p>The bands are taken in elements, one about each crossing. Elements that reach one another are laid into one subdivision
 * ({@link Share}), and each of its faces is left to one of them: so no place that any band covers is bare, but for the clearances.
 */
final class Sharing {
    /** Corners of a band lie no further off than so many widths from its centre line, as far as sharing goes. */
    private static final double FAR = 1.5;

    /** More elements that reach one another than this are not parted: so much lies over so much there that nothing could be seen of it. */
    private static final int MOST_TOGETHER = 4_000;

    /** Without more than this share of the square of its band a course has no room. */
    private static final double ROOM = 1e-3;

    private final Projection projection;
    private final Reaches reaches;
    private final List<Wanted> wanted;
    private final List<Course> cut;
    private final Elements elements;
    private final Shared[] shared;

    /**
     * A course to be shared out.
     *
     * @param from the passage it comes from, -1 for the start of its strand
     */
    record Wanted(int strand, int from) {}

    /**
     * What a course got.
     *
     * @param pieces none where nothing of it shows, or where all of it belongs to another course of its strand that goes on into it
     * @param room whether it could keep its clearances
     * @param isCut whether the subdivision could cut it, or it is drawn as it would be alone
     * @param joins the number of the course that its pieces belong to, which is its own but where the two go on into one another
     */
    record Shared(List<Region> pieces, boolean room, boolean isCut, int joins) {}

    private Sharing(Projection projection, Reaches reaches, List<Wanted> wanted, List<Course> cut) {
        this.cut = cut;
        this.projection = projection;
        this.reaches = reaches;
        this.wanted = wanted;
        Map<List<Integer>, Integer> courses = new HashMap<>();
        for (int w = 0; w < wanted.size(); w++) {
            courses.put(List.of(wanted.get(w).strand(), wanted.get(w).from()), w);
        }
        this.elements = new Elements(projection, reaches, courses);
        this.shared = new Shared[wanted.size()];
    }

    /**
     * What each of the courses gets, in their order.
     *
     * @param cut the courses that are cut already
     */
    static List<Shared> of(Projection projection, Reaches reaches, List<Wanted> wanted, List<Course> cut) {
        if (wanted.isEmpty()) {
            return List.of();
        }
        Sharing sharing = new Sharing(projection, reaches, wanted, cut);
        Arrays.fill(sharing.shared, new Shared(List.of(), false, true, -1));
        sharing.together().forEach(sharing::share);
        return Arrays.asList(sharing.shared);
    }

    private Box box(Element e) {
        Strand strand = projection.strands().get(e.strand());
        return Reaches.part(strand.path(), new Reaches.Stretch(e.from(), e.to()))
                .box()
                .grown(FAR * strand.width() + reaches.clearance());
    }

    /** The elements that are to be laid into one subdivision, by their numbers: those of the courses, and all that reach them. */
    private List<List<Integer>> together() {
        List<Element> all = elements.all();
        Box[] boxes = all.stream().map(this::box).toArray(Box[]::new);
        Integer[] order = new Integer[boxes.length];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingDouble(i -> boxes[i].left()));
        UnionFind groups = new UnionFind(boxes.length);
        BitSet taken = new BitSet();
        for (int i = 0; i < order.length; i++) {
            Watch.ask();
            int e = order[i];
            for (int j = i; j < order.length && boxes[order[j]].left() <= boxes[e].right(); j++) {
                int f = order[j];
                if ((all.get(e).course() >= 0 || all.get(f).course() >= 0) && boxes[e].meets(boxes[f])) {
                    // An element that is there only to lie over others does not tie them to one another.
                    taken.set(e);
                    taken.set(f);
                    if (all.get(e).course() >= 0 && all.get(f).course() >= 0) {
                        groups.join(e, f);
                    }
                }
            }
        }
        return grouped(all, boxes, groups, taken);
    }

    private static List<List<Integer>> grouped(List<Element> all, Box[] boxes, UnionFind groups, BitSet taken) {
        Map<Integer, List<Integer>> together = new TreeMap<>();
        Map<Integer, Box> about = new HashMap<>();
        for (int e = taken.nextSetBit(0); e >= 0; e = taken.nextSetBit(e + 1)) {
            if (all.get(e).course() >= 0) {
                together.computeIfAbsent(groups.find(e), k -> new ArrayList<>()).add(e);
                about.merge(groups.find(e), boxes[e], Box::with);
            }
        }
        for (Map.Entry<Integer, List<Integer>> group : together.entrySet()) {
            List<Integer> own = List.copyOf(group.getValue());
            for (int e = taken.nextSetBit(0); e >= 0; e = taken.nextSetBit(e + 1)) {
                Box box = boxes[e];
                if (all.get(e).course() < 0
                        && box.meets(about.get(group.getKey()))
                        && own.stream().anyMatch(o -> boxes[o].meets(box))) {
                    group.getValue().add(e);
                }
            }
        }
        return List.copyOf(together.values());
    }

    private void share(List<Integer> group) {
        Watch.ask();
        if (group.size() > MOST_TOGETHER) {
            alone(group);
            return;
        }
        Share share;
        try {
            share = new Share(projection, reaches, elements, group, cut);
        } catch (IllegalStateException | IllegalArgumentException e) {
            alone(group);
            return;
        }
        Map<Integer, List<Region>> kept = share.kept();
        Map<Integer, List<Region>> whole = null;
        for (int w : group.stream()
                .map(e -> elements.all().get(e).course())
                .distinct()
                .toList()) {
            if (w < 0) {
                continue;
            }
            int joins = share.joins(w);
            List<Region> pieces = kept.getOrDefault(w, List.of());
            double width = projection.strands().get(wanted.get(w).strand()).width();
            boolean room =
                    joins != w || pieces.stream().mapToDouble(Region::area).sum() > ROOM * width * width;
            if (!room) {
                whole = whole == null ? share.whole() : whole;
                pieces = whole.getOrDefault(w, List.of());
            }
            shared[w] = new Shared(pieces, room, true, joins);
        }
    }

    /** Courses that no subdivision could part, each drawn as it would be without the others. */
    private void alone(List<Integer> group) {
        for (int e : group) {
            Element element = elements.all().get(e);
            if (element.course() >= 0) {
                List<Region> pieces = new ArrayList<>(shared[element.course()].pieces());
                pieces.addAll(Share.band(projection, reaches, element, 0));
                shared[element.course()] = new Shared(pieces, false, false, element.course());
            }
        }
    }
}
