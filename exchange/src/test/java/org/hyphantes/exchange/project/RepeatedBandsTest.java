package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Strand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Bands of a motif whose copies lie over one another in most groups, so that courses have no room and are shared out. */
class RepeatedBandsTest {
    private static final int SAMPLES = 40;

    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void noCourseIsWiderThanItsBandAndNoStrandIsLost(RepeatGroup group) {
        Design design = Demo.CROWFOOT.design();
        double width = ((Band) step(design, Band.class).treatment()).width().value();
        Artwork artwork = by(group, design);
        assertNoStrandIsLost(artwork);
        List<Region> courses = new ArrayList<>();
        areas(artwork.scene().marks(), courses);
        assertThat(courses).isNotEmpty().allSatisfy(region -> {
            assertThat(region.area()).isPositive();
            // A stretch of a band is as wide as the band at most, and both its sides are border; a tenth for mitred
            // corners.
            assertThat(region.area()).isLessThan(1.1 * width * region.borderLength() / 2);
        });
    }

    /** One of its strands goes over all that covers it, so that nothing parts its courses, lap after lap. */
    @Test
    void aStrandThatGoesOnAndOnOverAllOthersIsNotLost() {
        assertNoStrandIsLost(by(RepeatGroup.P4MM, Demo.SLACK_WATER_TILE.design()));
    }

    /** Along the middle of each strand most lies in a course of some tile; the rest in the clearance beside bands over it. */
    private static void assertNoStrandIsLost(Artwork artwork) {
        Cloth cloth = artwork.work().cloth().orElseThrow();
        List<Point> shifts = new ArrayList<>();
        for (int across = -3; across <= 3; across++) {
            for (int down = -3; down <= 3; down++) {
                if (down == 0 || !cloth.isStrip()) {
                    shifts.add(cloth.lattice().at(across, cloth.isStrip() ? 0 : down));
                }
            }
        }
        for (Laying woven : artwork.work().weaves()) {
            List<Region> courses =
                    woven.weave().courses().stream().map(Course::region).toList();
            List<Box> boxes = courses.stream().map(c -> c.outline().box()).toList();
            for (Strand strand : woven.weave().strands()) {
                long covered = IntStream.range(0, SAMPLES)
                        .mapToObj(i -> strand.path().at(strand.path().size() * (i + 0.37) / SAMPLES))
                        .filter(p -> shifts.stream().map(p::plus).anyMatch(q -> isIn(q, courses, boxes)))
                        .count();
                assertThat(covered).as("of %s", strand.key()).isGreaterThan(SAMPLES * 6 / 10);
            }
        }
    }

    private static boolean isIn(Point place, List<Region> courses, List<Box> boxes) {
        return IntStream.range(0, boxes.size())
                .anyMatch(i -> boxes.get(i).contains(place) && courses.get(i).contains(place));
    }

    private static Artwork by(RepeatGroup group, Design design) {
        Step repeat = step(design, Repeat.class);
        Repeat other = ((Repeat) repeat.treatment()).with("group", Entry.word(group));
        return new Resolver()
                .resolve(Recipes.set(design.root().id(), repeat.id(), other, "")
                        .change()
                        .apply(design));
    }

    private static Step step(Design design, Class<?> treatment) {
        return design.root().recipe().stream()
                .filter(s -> treatment.isInstance(s.treatment()))
                .findFirst()
                .orElseThrow();
    }

    /** The areas of one tile. */
    private static void areas(List<Mark> marks, List<Region> found) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Area area) {
                found.add(area.region());
            } else if (mark instanceof Mark.Clip clip) {
                areas(clip.marks(), found);
            } else if (mark instanceof Mark.Group group) {
                areas(group.marks(), found);
                if (group.part() == Mark.Part.TILE) {
                    return;
                }
            }
        }
    }
}
