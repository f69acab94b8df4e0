package org.hyphantes.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hyphantes.figure.Circle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Turn;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;

/** Weaves as they are seen while something is dragged, beside the exact ones. */
class RoughlyTest {
    private static final double CLEARANCE = 0.2;

    /** Circles that cross one another under all angles, their bands without room where these are shallow. */
    private static Design rosette(int circles, double width) {
        Group root = new Group(
                "design",
                "Rosette",
                List.of(new Figure("circle-1", "Circle", new Circle(Amount.of(40), Amount.of(50), Amount.of(0)))),
                List.of(
                        new Step(true, Turn.STARTING.withTimes(circles)),
                        new Step(true, Band.of(Amount.of(width), Ends.BUTT)),
                        new Step(true, Interlace.STARTING.withClearance(CLEARANCE))));
        return new Design("Rosette", Unit.MM, Material.PRINT, Map.of(), root);
    }

    private static Weave roughly(Resolver resolver, Design design) {
        return resolver.roughly(design, design.root(), Watch.NONE)
                .work()
                .weaves()
                .get(0)
                .weave();
    }

    private static Weave exactly(Resolver resolver, Design design) {
        return resolver.resolve(design).work().weaves().get(0).weave();
    }

    @Test
    void whatIsDraggedIsForgottenAndWhatWasThereBeforeAndAfterIsNot() {
        Resolver resolver = new Resolver();
        Weave before = exactly(resolver, rosette(5, 1));
        Weave dragged = resolver.inPassing(() -> roughly(resolver, rosette(5, 1.1)));
        assertThat(exactly(resolver, rosette(5, 1.1)))
                .as("asked for when the hand rests")
                .isSameAs(dragged);
        List<Weave> passed = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double width = 1.2 + i * 1e-3;
            passed.add(resolver.inPassing(() -> roughly(resolver, rosette(5, width))));
        }
        assertThat(exactly(resolver, rosette(5, 1)))
                .as("sixty in passing push nothing out")
                .isSameAs(before);
        assertThat(exactly(resolver, rosette(5, 1.1))).isSameAs(dragged);
        assertThat(exactly(resolver, rosette(5, 1.2 + 59 * 1e-3)))
                .as("the last one is kept")
                .isSameAs(passed.get(59));
        assertThat(exactly(resolver, rosette(5, 1.2 + 58 * 1e-3)))
                .as("the one before is not")
                .isNotSameAs(passed.get(58));
    }

    @Test
    void whatHasRoomIsExactEitherWayAndNotResolvedTwice() {
        Resolver resolver = new Resolver();
        Design design = rosette(5, 1);
        Weave rough = roughly(resolver, design);
        assertThat(rough.order().rough()).isFalse();
        assertThat(exactly(resolver, design)).isSameAs(rough);
        assertThat(rough.courses().size())
                .isEqualTo(exactly(new Resolver(), design).courses().size());
    }

    @Test
    void crowdedStrandsCrossAsTheyDoExactlyAndHardlyAPlaceOfThemIsBare() {
        Resolver resolver = new Resolver();
        Design design = rosette(24, 3);
        Weave rough = roughly(resolver, design);
        assertThat(rough.order().rough()).isTrue();
        assertThat(exactly(new Resolver(), design).order().rough()).isFalse();
        assertThat(rough.crossings()).isEqualTo(exactly(new Resolver(), design).crossings());
        List<Region> regions = rough.courses().stream().map(Course::region).toList();
        int bare = 0;
        int places = 0;
        for (Strand strand : rough.strands()) {
            Path path = strand.path();
            for (int i = 0; i < 200; i++) {
                Point place = path.at(path.positionAt((i + 0.37) / 200 * path.length()));
                places++;
                bare += regions.stream().anyMatch(r -> isCovered(r, place)) ? 0 : 1;
            }
        }
        assertThat(bare).as("bare of %d places", places).isLessThan(places / 50);
    }

    private static boolean isCovered(Region region, Point place) {
        return region.contains(place)
                || region.borders().stream()
                        .anyMatch(b -> b.at(b.nearest(place)).distance(place) < 2 * CLEARANCE);
    }

    @Test
    void aRoughWeaveIsNeverTakenForAnExactOne() {
        Resolver resolver = new Resolver();
        Design design = rosette(24, 3);
        roughly(resolver, design);
        Weave exact = exactly(resolver, design);
        assertThat(exact.order().rough()).isFalse();
        assertThat(exact.troubles()).isNotEmpty();
        assertThat(exact.courses().size())
                .isEqualTo(exactly(new Resolver(), design).courses().size());
        // What is known exactly need not be rough.
        assertThat(roughly(resolver, design)).isSameAs(exact);
    }
}
