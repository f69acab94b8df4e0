package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.EllipticalArc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.symmetry.Symmetry;
import org.hyphantes.symmetry.Tiling;
import org.hyphantes.treatment.Repeat;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The courses of a tile beside those of a finite patch of the same pattern, which knows nothing of tiles. */
class ClothCoverTest {
    /** Motifs of each group whose bands are compared with those of a finite patch. */
    private static final int MOTIFS = Integer.getInteger("hyphantes.seams", 1);

    private static List<Strand> strands(List<Path> paths) {
        List<Strand> strands = new ArrayList<>();
        for (Path path : paths) {
            StrandKey key = new StrandKey("f" + strands.size(), List.of());
            strands.add(new Strand(Strand.letter(strands.size()), key, path, 2, Ends.BUTT));
        }
        return strands;
    }

    private static Path oval(Point centre, double size, Random random) {
        EllipticalArc ellipse = EllipticalArc.ellipse(centre, size, size * 0.7, 180 * random.nextDouble());
        return new Path(new ArrayList<>(ellipse.cubics()), true);
    }

    /** What the courses of a tile cover is what those of a finite patch cover of one tile of it: no hole, nothing twice, at any seam. */
    @ParameterizedTest
    @EnumSource(
            value = RepeatGroup.class,
            mode = EnumSource.Mode.MATCH_NONE,
            names = {"FRIEZE_.*"})
    void coursesOfATileCoverWhatThoseOfAPatchDo(RepeatGroup group) {
        for (int seed = 0; seed < MOTIFS; seed++) {
            Random random = new Random(100L * group.ordinal() + seed);
            Repeat repeat = Repeat.STARTING
                    .with("group", Entry.word(group))
                    .with("laid", List.of("straight", "brick", "drop").get(random.nextInt(3)))
                    .with("height", Amount.of(50 + random.nextInt(20)));
            Tiling tiling = repeat.tiling();
            List<Path> motif = new ArrayList<>();
            double size = 30 / Math.sqrt(group.positions().size());
            for (int k = 0; k < 2; k++) {
                Point centre = new Point(random.nextDouble() * 30, random.nextDouble() * 30);
                motif.add(oval(centre, size, random));
            }
            List<Path> tile = new ArrayList<>();
            tiling.tile(1, 1).forEach(map -> motif.forEach(path -> tile.add(path.map(map))));
            Lattice lattice = tiling.lattice();
            Weave weave = Weave.of(
                            Joining.of(strands(tile), lattice),
                            Weave.Order.alternate(0),
                            Symmetry.NONE,
                            Optional.of(lattice),
                            Watch.NONE)
                    .orElseThrow();
            assertThat(weave.alternates()).as("closed strands always alternate").isTrue();
            double covered =
                    weave.courses().stream().mapToDouble(c -> c.region().area()).sum();
            Region window = Region.of(
                    Path.polygon(List.of(Point.ORIGIN, lattice.at(1, 0), lattice.at(1, 1), lattice.at(0, 1))));
            List<Path> near = new ArrayList<>();
            for (int right = -2; right <= 2; right++) {
                for (int further = -2; further <= 2; further++) {
                    Affine map = Affine.shift(lattice.at(right, further));
                    for (Path path : tile) {
                        Path there = path.map(map);
                        if (there.box().grown(12).meets(window.outline().box())) {
                            near.add(there);
                        }
                    }
                }
            }
            Weave patch = Weave.of(strands(near), Weave.Order.alternate(0), Symmetry.NONE, Watch.NONE)
                    .orElseThrow();
            double expected = patch.courses().stream()
                    .filter(c ->
                            c.region().outline().box().meets(window.outline().box()))
                    .flatMap(c -> Booleans.common(List.of(c.region(), window)).stream())
                    .mapToDouble(Region::area)
                    .sum();
            // Where three bands share a place, and it is said so, faces are shared out in another order now and then.
            double slack = weave.troubles().isEmpty() ? 1e-4 : 1e-2;
            assertThat(covered).as("motif %d", seed).isCloseTo(expected, within(slack * expected));
        }
    }
}
