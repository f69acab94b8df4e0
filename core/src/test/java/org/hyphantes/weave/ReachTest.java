package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Oval;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Turn;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Families of crossings under turns and mirrors: whole, closed, told by one place, and of one sense but for mirrors. */
class ReachTest {
    private static Weave rosette(int times) {
        Design design = Trial.design(
                Material.PRINT,
                List.of(
                        new Circle(Amount.of(30), Amount.of(45), Amount.of(0)),
                        new Circle(Amount.of(52), Amount.of(0), Amount.of(0)),
                        Oval.STARTING.schema().put(Oval.STARTING, "out", Amount.of(33))),
                Turn.of(times),
                Band.of(Amount.of(0.4), Ends.BUTT),
                Interlace.STARTING.withClearance(0.1));
        return new Resolver().resolve(design).work().weaves().get(0).weave();
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 4, 5, 6, 7, 8, 9, 12})
    void familiesAreClosedAndToldByOnePlace(int times) {
        Weave weave = rosette(times);
        CrossingIndex places = weave.places();
        for (Reach reach : Reach.values()) {
            Map<Integer, Set<Integer>> families = new java.util.HashMap<>();
            for (int m = 0; m < weave.whole().meets().size(); m++) {
                List<CrossingIndex.Found> reached = places.reached(m, reach);
                assertThat(reached.get(0).meet()).isEqualTo(m);
                families.put(m, reached.stream().map(CrossingIndex.Found::meet).collect(Collectors.toSet()));
            }
            families.forEach((meet, family) -> {
                assertThat(family).allMatch(other -> families.get(other).equals(family));
                int most = reach == Reach.THIS_ONE
                        ? 1
                        : reach == Reach.MIRROR_TWIN ? 2 : reach.mirrors() ? 2 * times : times;
                assertThat(family.size()).isLessThanOrEqualTo(most);
                CrossingReference place = places.place(meet, reach);
                Set<Integer> held = places.held(place, reach).stream()
                        .map(CrossingIndex.Found::meet)
                        .collect(Collectors.toSet());
                assertThat(held).as(reach + " of " + meet + " at " + times).isEqualTo(family);
            });
        }
    }

    /** An alternate weave turned by its symmetry maps to itself; mirrored, to the weave with every crossing swapped. */
    @ParameterizedTest
    @ValueSource(ints = {3, 5, 6, 8})
    void turnsKeepTheWeaveAndMirrorsSwapIt(int times) {
        Weave weave = rosette(times);
        CrossingIndex places = weave.places();
        boolean both = false;
        for (int m = 0; m < weave.whole().meets().size(); m++) {
            boolean over = weave.passesOver(2 * m);
            for (CrossingIndex.Found found : places.reached(m, Reach.EVERY_TURN_AND_MIRROR)) {
                both |= found.mirrored();
                assertThat(weave.passesOver(2 * found.meet())).isEqualTo(found.firstOver(over));
            }
        }
        assertThat(both).isTrue();
    }

    /** The images are where the turns and a mirror through the spoke put them. */
    @ParameterizedTest
    @ValueSource(ints = {4, 7})
    void imagesLieWhereTheMapsPutThem(int times) {
        Weave weave = rosette(times);
        CrossingIndex places = weave.places();
        Affine mirror = Affine.mirror(Point.ORIGIN, 0);
        for (int m = 0; m < weave.whole().meets().size(); m += 3) {
            Point place = weave.whole().meets().get(m).place();
            Set<Point> wanted = new HashSet<>();
            for (int k = 0; k < times; k++) {
                Affine turn = Affine.turn(360.0 * k / times, Point.ORIGIN);
                wanted.add(rounded(turn.of(place)));
                wanted.add(rounded(turn.of(mirror.of(place))));
            }
            Set<Point> found = places.reached(m, Reach.EVERY_TURN_AND_MIRROR).stream()
                    .map(f -> rounded(weave.whole().meets().get(f.meet()).place()))
                    .collect(Collectors.toSet());
            assertThat(found).isEqualTo(wanted);
        }
    }

    private static Point rounded(Point p) {
        return new Point(Math.rint(p.x() * 1e5) / 1e5 + 0.0, Math.rint(p.y() * 1e5) / 1e5 + 0.0);
    }
}
