package org.hyphantes.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.hyphantes.figure.BorderForm;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Plait;
import org.hyphantes.figure.Ringplait;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.symmetry.Symmetry;
import org.junit.jupiter.api.Test;

/**
 * Strand counts of plaits. Source: an unbroken plait of m by n has gcd(m, n) strands, and a ring plait of L leads and B bights gcd(L, B)
 * (C. W. Ashley, The Ashley Book of Knots, 1944, on Turk's heads; P. R. Cromwell, The Mathematical Intelligencer 15, 1993; both from
 * memory).
 */
class PlaitLawsTest {
    static Weave woven(List<Path> paths, double width) {
        List<Strand> strands = new ArrayList<>();
        for (Path path : paths) {
            StrandKey key = new StrandKey("f", List.of(strands.size()), List.of());
            strands.add(new Strand(Strand.letter(strands.size()), key, path, width, Ends.BUTT));
        }
        return Weave.of(strands, Weave.Order.alternate(0.1 * width), Symmetry.NONE, Watch.NONE)
                .orElseThrow();
    }

    private static Form put(Form form, Object... settings) {
        Form changed = form;
        for (int i = 0; i < settings.length; i += 2) {
            Object value = settings[i + 1] instanceof Number n ? Amount.of(n.doubleValue()) : settings[i + 1];
            changed = (Form) changed.schema().put(changed, (String) settings[i], value);
        }
        return changed;
    }

    private static List<Path> paths(Form form) {
        return form.paths(PageBox.WIDE);
    }

    private static int gcd(int a, int b) {
        return BigInteger.valueOf(a).gcd(BigInteger.valueOf(b)).intValue();
    }

    private static void smooth(List<Path> paths) {
        for (Path path : paths) {
            List<Curve> curves = path.curves();
            for (int i = 0; i < curves.size(); i++) {
                Point before = curves.get(i == 0 ? curves.size() - 1 : i - 1).tangent(1);
                assertThat(before.cross(curves.get(i).tangent(0))).isCloseTo(0, within(1e-7));
                assertThat(before.dot(curves.get(i).tangent(0))).isPositive();
            }
        }
    }

    @Test
    void everyPlaitUpToTwelveByTwelveHasAsManyStrandsAsItsCellsHaveInCommon() {
        for (int m = 1; m <= 12; m++) {
            for (int n = 1; n <= 12; n++) {
                List<Path> paths =
                        paths(put(Plait.STARTING, "across", m, "along", n, "width", 10 * m, "height", 13 * n));
                assertThat(paths).as(m + " by " + n).hasSize(gcd(m, n));
                smooth(paths);
                Weave weave = woven(paths, 1);
                assertThat(weave.crossings().size()).isEqualTo(2 * m * n - m - n);
                assertThat(weave.troubles()).isEmpty();
                assertThat(weave.alternates()).isTrue();
            }
        }
    }

    @Test
    void everyRingPlaitUpToTwelveByTwelveHasAsManyStrandsAsLeadsAndBightsHaveInCommon() {
        for (int leads = 1; leads <= 12; leads++) {
            for (int bights = 1; bights <= 12; bights++) {
                List<Path> paths =
                        paths(put(Ringplait.STARTING, "leads", leads, "bights", bights, "radius", 100, "deep", 60));
                assertThat(paths).as(leads + " leads, " + bights + " bights").hasSize(gcd(leads, bights));
                smooth(paths);
                Weave weave = woven(paths, 0.4);
                assertThat(weave.crossings().size())
                        .as(leads + " leads, " + bights + " bights")
                        .isEqualTo((leads - 1) * bights);
                assertThat(weave.troubles()).isEmpty();
                assertThat(weave.alternates()).isTrue();
            }
        }
    }

    @Test
    void theStrapOfTheBenchHasTwoStrandsAfterItsBreaks() {
        Form strap =
                put(Plait.STARTING, "across", 4, "along", 24, "width", 40, "height", 240, "every", 3, "bars", "level");
        assertThat(woven(paths(put(strap, "every", 0)), 3).strands()).hasSize(4);
        Weave weave = woven(paths(strap), 3);
        assertThat(weave.strands()).hasSize(2);
        assertThat(weave.crossings().size()).isEqualTo(150);
        assertThat(weave.alternates()).isTrue();
        assertThat(weave.troubles()).isEmpty();
        smooth(paths(strap));
        double left = Stream.concat(paths(strap).stream(), Stream.empty())
                .mapToDouble(p -> p.box().left())
                .min()
                .orElseThrow();
        assertThat(left).isCloseTo(-20, within(1e-6));
    }

    @Test
    void aFrameTurnsItsFourCornersAndAlternates() {
        for (int deep = 1; deep <= 4; deep++) {
            Form frame = put(BorderForm.STARTING, "across", 11, "along", 14, "deep", deep, "width", 110, "height", 140);
            Weave weave = woven(paths(frame), 2);
            // Crossings lie between neighbouring cells; the hollow has none, and its own edge takes some away.
            int cells = 11 * 14 - (11 - 2 * deep) * (14 - 2 * deep);
            int sides = 2 * (11 - 2 * deep + 14 - 2 * deep);
            assertThat(weave.crossings().size()).isEqualTo((4 * cells - 2 * (11 + 14) - sides) / 2);
            assertThat(weave.alternates()).isTrue();
            assertThat(weave.troubles()).isEmpty();
            smooth(paths(frame));
        }
    }
}
