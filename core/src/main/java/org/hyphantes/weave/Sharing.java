package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/**
 * Shares out what bands have in common, for courses whose edges do not meet those of other bands one by one: under shallow angles, at
 * corners, where two crossings lie close, and where three bands share a place.
 *
 * <p>The bands are taken in elements, one about each crossing. Elements that reach one another are laid into one subdivision
 * ({@link Share}), and each of its faces is left to one of them: so no place that any band covers is bare, but for the clearances.
 */
final class Sharing {
    /** Without more than this share of the square of its band a course has no room. */
    private static final double ROOM = 1e-3;

    private static final Shared NOTHING = new Shared(List.of(), false, true, -1);

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
     * @param sought whether it is needed, or only lies over others
     * @param lap as {@link Sought#lap} has it: courses of one lap that go on into one another are one, those of two laps never
     */
    record Wanted(int strand, int from, boolean sought, int lap) {}

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
            boolean needed = wanted.get(w).sought();
            courses.put(List.of(wanted.get(w).strand(), wanted.get(w).from()), needed ? w : Element.UNCUT);
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
        Arrays.fill(sharing.shared, NOTHING);
        Neighbourhood.all(projection, sharing.elements, reaches.clearance()).forEach(sharing::share);
        return Arrays.asList(sharing.shared);
    }

    private void share(Neighbourhood about) {
        Watch.ask();
        List<Integer> own = about.elements().subList(0, about.own());
        if (about.isTooMuch()) {
            alone(own);
            return;
        }
        try {
            Share share = new Share(
                    projection,
                    reaches,
                    elements,
                    about,
                    cut,
                    w -> wanted.get(w).lap());
            take(share, own);
        } catch (IllegalStateException | IllegalArgumentException e) {
            alone(own);
        }
    }

    private void take(Share share, List<Integer> own) {
        Map<Integer, List<Region>> kept = share.kept();
        Map<Integer, List<Region>> whole = null;
        for (int w :
                own.stream().map(e -> elements.all().get(e).course()).distinct().toList()) {
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
    private void alone(List<Integer> own) {
        own.forEach(e -> shared[elements.all().get(e).course()] = NOTHING);
        for (int e : own) {
            Element element = elements.all().get(e);
            List<Region> pieces = new ArrayList<>(shared[element.course()].pieces());
            pieces.addAll(Share.band(projection, reaches, element, 0));
            shared[element.course()] = new Shared(pieces, false, false, element.course());
        }
    }
}
