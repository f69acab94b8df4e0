package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BoxSweep;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.symmetry.Lattice.Steps;

/**
 * Looks whether the courses of a weave are what its bands should be, by places along each strand and by what each course encloses. What is amiss
 * here was cut wrongly, whatever the design is; it is told all the same.
 */
public final class Cover {
    /** Places that are looked at between two crossings. */
    private static final int PLACES = 3;

    /** Those of a strand without crossings. */
    private static final int ALONE = 8;

    /**
     * A course covers about its length by its width, unless it is one with others that it goes on into; and half its border by its width, unless it
     * touches itself. So much more of both at most where its corners are mitred and its ends are cut aslant.
     */
    private static final double BROADEST = 1.3;

    private static final double ENDS = 2;

    private final Weave weave;
    private final double slack;
    private final List<Point> places = new ArrayList<>();
    private final List<Integer> strands = new ArrayList<>();
    private final BitSet covered = new BitSet();
    private final List<Along> courses = new ArrayList<>();

    /** What may be amiss. */
    public enum Kind {
        /** Neither the band nor another covers a place of a strand, and no clearance lies there. */
        BARE,
        /** A course is broader than its band. */
        BROAD
    }

    /** A place where courses are not what they should be. */
    public record Fault(Kind kind, int strand, Point place) {}

    /** The courses of a strand in order, and the positions where they begin. */
    private record Along(double[] from, List<Course> courses) {
        static Along of(List<Course> some) {
            List<Course> sorted = new ArrayList<>(some);
            sorted.sort(Comparator.comparingDouble(Course::from));
            return new Along(sorted.stream().mapToDouble(Course::from).toArray(), sorted);
        }

        /** The one that covers a position, null if there are none; the last of a round strand goes on over its start. */
        Course at(double position) {
            int found = Arrays.binarySearch(from, position);
            int before = found >= 0 ? found : -found - 2;
            return courses.isEmpty() ? null : courses.get(before >= 0 ? before : courses.size() - 1);
        }
    }

    /** A course as it lies in some tile. */
    private record Image(Region region, Point shift) {}

    private Cover(Weave weave, int from, int to) {
        this.weave = weave;
        double widest =
                weave.strands().stream().mapToDouble(Strand::width).max().orElse(0);
        // Edges of bands are fitted, and corners of clearances cut off.
        this.slack = 1.1 * weave.order().clearance() + 1e-3 * widest;
        List<List<Course>> own = new ArrayList<>();
        weave.strands().forEach(strand -> own.add(new ArrayList<>()));
        weave.courses().forEach(course -> own.get(course.strand()).add(course));
        own.forEach(some -> courses.add(Along.of(some)));
        for (int s = from; s < to; s++) {
            along(s);
        }
    }

    /** All places that are amiss; none are looked for in what was left rough. */
    public static List<Fault> faults(Weave weave) {
        return faults(weave, 0, weave.strands().size());
    }

    /** Those of the strands from one up to another. */
    public static List<Fault> faults(Weave weave, int from, int to) {
        if (weave.order().rough()) {
            return List.of();
        }
        List<Fault> faults = new ArrayList<>();
        for (Course course : weave.courses()) {
            int s = course.strand();
            if (s >= from && s < to && isBroad(weave.strands().get(s), course)) {
                faults.add(new Fault(Kind.BROAD, s, course.region().centroid()));
            }
        }
        faults.addAll(new Cover(weave, from, to).bare());
        return faults;
    }

    private static boolean isBroad(Strand strand, Course course) {
        double ahead = strand.path().lengthTo(course.to()) - strand.path().lengthTo(course.from());
        double length = ahead > 0 ? ahead : ahead + strand.path().length();
        double most = Math.max(length + ENDS * strand.width(), course.region().borderLength() / 2);
        return course.region().area() > BROADEST * strand.width() * most;
    }

    private void along(int s) {
        Projection projection = weave.projection();
        Path path = weave.strands().get(s).path();
        int n = projection.passages(s);
        double whole = path.length();
        boolean round = weave.strands().get(s).isRound();
        for (int i = 0; i < ALONE && n == 0; i++) {
            place(s, whole * (i + 0.5) / ALONE);
        }
        for (int i = 0; i < n; i++) {
            int passage = projection.passage(s, i);
            double here = path.lengthTo(projection.position(passage));
            double next = path.lengthTo(projection.position(projection.passage(s, (i + 1) % n)));
            int over = weave.passesOver(passage) ? passage : passage ^ 1;
            place(s, projection.position(passage), projection.strand(over), projection.position(over));
            if (i + 1 == n) {
                next = round ? next + whole : whole;
            }
            if (i == 0 && !round) {
                place(s, here / 2);
            }
            for (int k = 1; k <= PLACES; k++) {
                place(s, here + (next - here) * k / (PLACES + 1));
            }
        }
    }

    private void place(int s, double along) {
        Path path = weave.strands().get(s).path();
        double position = path.positionAt(along % path.length());
        place(s, position, s, position);
    }

    /** A position on a strand, and that on the strand whose course should cover it there. */
    private void place(int s, double position, int by, double there) {
        Strand strand = weave.strands().get(s);
        if (strand.width(position) > 2 * slack) {
            Point place = strand.path().at(position);
            Course course = courses.get(by).at(there);
            covered.set(places.size(), course != null && course.region().contains(place));
            places.add(place);
            strands.add(s);
        }
    }

    /** The places that no course covers; where the one that should does not, others are looked for. */
    private List<Fault> bare() {
        int first = covered.nextClearBit(0);
        if (first >= places.size()) {
            return List.of();
        }
        int[] open = IntStream.range(first, places.size())
                .filter(i -> !covered.get(i))
                .toArray();
        List<Image> images = images();
        Box[] boxes = new Box[images.size() + open.length];
        for (int i = 0; i < images.size(); i++) {
            Image image = images.get(i);
            boxes[i] = moved(image.region().outline().box(), image.shift());
        }
        for (int i = 0; i < open.length; i++) {
            Point place = places.get(open[i]);
            boxes[images.size() + i] = Box.of(place, place).grown(slack);
        }
        BoxSweep.over(boxes, i -> {}, (a, b) -> {
            int image = Math.min(a, b);
            int other = Math.max(a, b) - images.size();
            if (image < images.size() && other >= 0 && !covered.get(open[other])) {
                Watch.ask();
                covered.set(open[other], isIn(places.get(open[other]), images.get(image)));
            }
            return true;
        });
        List<Fault> bare = new ArrayList<>();
        for (int i = covered.nextClearBit(0); i < places.size(); i = covered.nextClearBit(i + 1)) {
            bare.add(new Fault(Kind.BARE, strands.get(i), places.get(i)));
        }
        return bare;
    }

    private static Box moved(Box box, Point by) {
        return new Box(box.left() + by.x(), box.top() + by.y(), box.right() + by.x(), box.bottom() + by.y());
    }

    private boolean isIn(Point place, Image image) {
        Point p = place.minus(image.shift());
        return image.region().contains(p)
                || image.region().borders().stream()
                        .anyMatch(b -> b.box().grown(slack).contains(p)
                                && b.at(b.nearest(p)).distance(p) <= slack);
    }

    /** The courses, on a cloth wherever they come to the strands of the tile. */
    private List<Image> images() {
        List<Image> images = new ArrayList<>();
        Box window = Box.round(places.stream().map(p -> Box.of(p, p)).toList()).grown(slack);
        for (Course course : weave.courses()) {
            Region region = course.region();
            weave.projection()
                    .lattice()
                    .ifPresentOrElse(
                            lattice -> {
                                for (Steps steps :
                                        lattice.reaching(region.outline().box(), window)) {
                                    images.add(new Image(region, lattice.shift(steps)));
                                }
                            },
                            () -> images.add(new Image(region, Point.ORIGIN)));
        }
        return images;
    }
}
