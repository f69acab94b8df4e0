package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.geometry.plane.Booleans;
import org.junit.jupiter.api.Test;

/** What is told by distances, against the exact common part of three bands. */
class InCommonTest {
    private static final double WIDTH = 3;

    private static final double SEEN = 1e-4 * WIDTH * WIDTH;

    private static Path gentle(Random random) {
        Point from = new Point(40 * random.nextDouble(), -10);
        Point to = new Point(40 * random.nextDouble(), 50);
        Point first = from.plus(to.minus(from).times(0.3)).plus(new Point(12 * random.nextDouble(), 0));
        Point second = from.plus(to.minus(from).times(0.7)).plus(new Point(-12 * random.nextDouble(), 0));
        double turn = 180 * random.nextDouble();
        return new Path(List.of(new Cubic(from, first, second, to)), false).map(Affine.turn(turn, new Point(20, 20)));
    }

    @Test
    void aPlaceLiesInAllThreeAndWhereThereIsNoneNothingIsSeen() {
        Random random = new Random(15);
        int places = 0;
        int none = 0;
        for (int trial = 0; trial < 400; trial++) {
            List<InCommon.Spine> spines = new ArrayList<>();
            List<List<Region>> bands = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                Path path = gentle(random);
                spines.add(new InCommon.Spine(path, WIDTH / 2));
                bands.add(BandOutline.regions(path, WidthProfile.even(WIDTH), Ends.BUTT));
            }
            InCommon told = InCommon.of(spines, 0.05 * WIDTH / 2, SEEN);
            if (told.place().isPresent()) {
                places++;
                assertThat(bands)
                        .as("trial %d", trial)
                        .allMatch(band -> band.stream()
                                .anyMatch(r -> r.contains(told.place().get())));
            } else if (told.isSettled()) {
                none++;
                List<Region> all = bands.stream().map(band -> band.get(0)).toList();
                double common =
                        Booleans.common(all).stream().mapToDouble(Region::area).sum();
                assertThat(common).as("trial %d", trial).isLessThan(SEEN);
            }
        }
        assertThat(places).isGreaterThan(60);
        assertThat(none).isGreaterThan(200);
        assertThat(places + none).as("told, of 400").isGreaterThan(380);
    }
}
