package org.hyphantes.plait;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Plait;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.seam.SeamMark;
import org.hyphantes.seam.Seams;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;

/** Plaits whose strands go on beyond their sides, woven as cloths. */
class AllOverTest {
    private static Artwork cloth(int across, int along, String breaks, String turns) {
        Plait plait = Plait.STARTING;
        for (Map.Entry<String, Object> set : Map.<String, Object>of(
                        "across",
                        Amount.of(across),
                        "along",
                        Amount.of(along),
                        "width",
                        Amount.of(15 * across),
                        "height",
                        Amount.of(13 * along),
                        "sides",
                        "open",
                        "turns",
                        turns,
                        "breaks",
                        breaks)
                .entrySet()) {
            plait = plait.schema().put(plait, set.getKey(), set.getValue());
        }
        Repeat repeat = Repeat.STARTING.with("width", plait.width()).with("height", plait.height());
        Artwork artwork = new Resolver()
                .resolve(Trial.design(
                        Material.PRINT,
                        List.of(plait),
                        repeat,
                        Band.of(Amount.of(3), Ends.BUTT),
                        Interlace.STARTING.withClearance(0.3)));
        assertThat(artwork.faults()).isEmpty();
        return artwork;
    }

    private static Weave weave(Artwork artwork) {
        return artwork.work().weaves().get(0).weave();
    }

    private static int common(int a, int b) {
        return b == 0 ? a : common(b, a % b);
    }

    /**
     * On a torus of 2m by 2n half cells the lines of either slope close after the least common multiple: as many of them as the common divisor. Its
     * faces are coloured like a chequerboard, so that over and under alternate on one tile whatever m and n.
     */
    @Test
    void strandsAreTwiceTheCommonDivisorAndAlternate() {
        for (int m = 1; m <= 4; m++) {
            for (int n = 1; n <= 4; n++) {
                Artwork artwork = cloth(m, n, "none", "rounded");
                Weave weave = weave(artwork);
                assertThat(weave.strands()).as("%d by %d", m, n).hasSize(2 * common(m, n));
                assertThat(weave.strands()).allMatch(s -> s.onward().isPresent());
                assertThat(weave.crossings()).hasSize(2 * m * n);
                assertThat(weave.alternates()).isTrue();
                assertThat(Seams.of(artwork.work())).allMatch(s -> s.kind() == SeamMark.Kind.MET);
            }
        }
    }

    /** Each break takes a crossing away, wherever it lies, at the sides too; what is left alternates, and every strand goes on. */
    @Test
    void breaksTakeCrossingsAway() {
        for (int seed = 0; seed < 40; seed++) {
            Random random = new Random(seed);
            int m = 2 + random.nextInt(3);
            int n = 2 + random.nextInt(3);
            StringBuilder breaks = new StringBuilder();
            int broken = 0;
            for (int row = 0; row < 2 * n; row++) {
                for (int column = 1 - row % 2; column < 2 * m; column += 2) {
                    if (random.nextInt(5) == 0) {
                        breaks.append(column)
                                .append(random.nextBoolean() ? '-' : '|')
                                .append(row)
                                .append(' ');
                        broken++;
                    }
                }
            }
            String turns = seed % 2 == 0 ? "rounded" : "pointed";
            Weave weave = weave(cloth(m, n, broken == 0 ? "none" : breaks.toString(), turns));
            assertThat(weave.crossings()).as("seed %d", seed).hasSize(2 * m * n - broken);
            assertThat(weave.alternates()).isTrue();
            assertThat(weave.strands()).allMatch(s -> s.isRound());
        }
    }
}
