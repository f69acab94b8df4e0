package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Weaves with a course too few, or one that is not what it should be. */
class CoverTest {
    private static final double WIDTH = 4;

    private static Strand strand(int s, Path path) {
        return new Strand(Strand.letter(s), new StrandKey("f" + s, List.of()), path, WIDTH, Ends.BUTT);
    }

    private static Weave weave(List<Path> paths, Optional<Lattice> lattice) {
        List<Strand> strands = new ArrayList<>();
        paths.forEach(p -> strands.add(strand(strands.size(), p)));
        List<Strand> joined = lattice.map(l -> Joining.of(strands, l)).orElse(strands);
        return Weave.of(joined, Weave.Order.alternate(0.6), Symmetry.NONE, lattice, Watch.NONE)
                .orElseThrow();
    }

    static Stream<Weave> weaves() {
        Lattice square = new Lattice(new Point(40, 0), Optional.of(new Point(0, 40)));
        List<Path> net = new ArrayList<>();
        for (double at : new double[] {10, 30}) {
            net.add(Path.open(new Line(new Point(0, at), new Point(40, at))));
            net.add(Path.open(new Line(new Point(at, 0), new Point(at, 40))));
        }
        Path ring = Path.closed(Arc.circle(Point.ORIGIN, 30, 0));
        Path other = Path.closed(Arc.circle(new Point(34, 0), 30, 0));
        Path line = Path.open(new Line(new Point(-60, 4), new Point(90, 9)));
        return Stream.of(
                weave(List.of(ring, other, line), Optional.empty()),
                weave(net, Optional.of(square)),
                weave(List.of(ring, other), Optional.of(square.over(4, 3))));
    }

    @ParameterizedTest
    @MethodSource("weaves")
    void eachCourseThatIsMissingIsToldWhereItWouldBe(Weave weave) {
        assertThat(Cover.faults(weave)).isEmpty();
        for (Course missing : weave.courses()) {
            List<Course> left = new ArrayList<>(weave.courses());
            left.remove(missing);
            assertThat(Cover.faults(OtherCourses.in(weave, left))).isNotEmpty().allSatisfy(fault -> {
                assertThat(fault.kind()).isEqualTo(Cover.Kind.BARE);
                assertThat(weave.projection().apart(fault.place(), nearest(missing, fault.place(), weave)))
                        .isLessThan(WIDTH);
            });
        }
    }

    /** The place of a course, in the tile where it lies nearest to another place. */
    private static Point nearest(Course course, Point place, Weave weave) {
        Path path = weave.strands().get(course.strand()).path();
        double whole = path.size();
        double length = course.to() > course.from() ? course.to() - course.from() : course.to() + whole - course.from();
        Point nearest = path.at(course.from() % whole);
        for (int i = 0; i <= 200; i++) {
            Point p = path.at((course.from() + length * i / 200) % whole);
            nearest = weave.projection().apart(p, place) < weave.projection().apart(nearest, place) ? p : nearest;
        }
        return nearest;
    }

    /** A course that became a whole disc, as an arc taken the long way round makes of it. */
    @Test
    void aCourseBroaderThanItsBandIsTold() {
        Weave weave = weaves().findFirst().orElseThrow();
        Course first = weave.courses().get(0);
        Region disc = Region.of(Path.closed(Arc.circle(new Point(10, 10), 5 * WIDTH, 0)));
        List<Course> courses = new ArrayList<>(weave.courses());
        courses.add(
                new Course(first.strand(), 9, first.from(), first.to(), disc, disc.borders(), List.of(), List.of()));
        assertThat(Cover.faults(OtherCourses.in(weave, courses)))
                .singleElement()
                .satisfies(fault -> {
                    assertThat(fault.kind()).isEqualTo(Cover.Kind.BROAD);
                    assertThat(fault.place().distance(new Point(10, 10))).isLessThan(1e-9);
                });
    }
}
