package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.seam.SeamMark;
import org.hyphantes.seam.Seams;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Motifs cut to the share of a cell. */
class ConfinedTest {
    private static Repeat repeat(RepeatGroup group, String motif) {
        return Repeat.STARTING
                .with("group", Entry.word(group))
                .with("motif", motif)
                .with("width", Amount.of(60))
                .with("height", Amount.of(50));
    }

    private static Form circle(double radius, double out, double bearing) {
        return new Circle(Amount.of(radius), Amount.of(out), Amount.of(bearing));
    }

    private static Artwork laid(Repeat repeat, Form motif) {
        Artwork artwork = new Resolver()
                .resolve(Trial.design(
                        Material.PRINT,
                        List.of(motif),
                        repeat,
                        Band.of(Amount.of(1), Ends.BUTT),
                        Interlace.STARTING.withClearance(0.2)));
        assertThat(artwork.faults()).isEmpty();
        return artwork;
    }

    /** A circle that reaches far beyond its share lays as much line as of it lies in there, in every position. */
    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void aTileHasTheLengthOfTheShareTimesItsPositions(RepeatGroup group) {
        Repeat repeat = repeat(group, "cut to its share");
        Artwork artwork = laid(repeat, circle(23, 9, 200));
        double all = 0;
        Weave weave = artwork.work().weaves().get(0).weave();
        for (var strand : weave.strands()) {
            all += strand.path().length();
        }
        Region share = Region.of(repeat.tiling().share(new Box(-99, -99, 99, 99)));
        int within = 0;
        int samples = 200_000;
        for (int k = 0; k < samples; k++) {
            double angle = 2 * Math.PI * (k + 0.5) / samples;
            double bearing = Math.toRadians(200);
            Point centre = new Point(9 * Math.sin(bearing), -9 * Math.cos(bearing));
            within += share.contains(centre.plus(new Point(23 * Math.cos(angle), 23 * Math.sin(angle)))) ? 1 : 0;
        }
        double expected =
                2 * Math.PI * 23 * within / samples * group.positions().size();
        assertThat(all).isCloseTo(expected, within(2e-4 * expected));
    }

    /** What ends at a mirror goes on as its image there: circles about a corner of mirrors are whole circles again, and met at all seams. */
    @Test
    void whatEndsAtAMirrorGoesOnAsItsImage() {
        Artwork artwork = laid(repeat(RepeatGroup.P4MM, "cut to its share"), circle(24, 0, 0));
        Weave weave = artwork.work().weaves().get(0).weave();
        assertThat(weave.strands()).hasSize(1).allMatch(s -> s.path().closed());
        assertThat(weave.strands().get(0).path().length()).isCloseTo(2 * Math.PI * 24, within(1e-6));
        assertThat(Seams.of(artwork.work())).isNotEmpty().allMatch(m -> m.kind() == SeamMark.Kind.MET);
    }
}
