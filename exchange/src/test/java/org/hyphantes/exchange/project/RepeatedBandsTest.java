package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.geometry.Region;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Repeat;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Bands of a motif whose copies lie over one another in most groups, so that courses have no room and are shared out. */
class RepeatedBandsTest {
    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void noCourseIsWiderThanItsBand(RepeatGroup group) {
        Design design = Demo.CROWFOOT.design();
        String root = design.root().id();
        Step repeat = step(design, Repeat.class);
        Repeat other = ((Repeat) repeat.treatment()).with("group", Entry.word(group));
        double width = ((Band) step(design, Band.class).treatment()).width().value();
        Artwork artwork = new Resolver()
                .resolve(Recipes.set(root, repeat.id(), other, "").change().apply(design));
        List<Region> courses = new ArrayList<>();
        areas(artwork.scene().marks(), courses);
        assertThat(courses).isNotEmpty().allSatisfy(region -> {
            assertThat(region.area()).isPositive();
            // A stretch of a band is as wide as the band at most, and both its sides are border; a tenth for mitred
            // corners.
            assertThat(region.area()).isLessThan(1.1 * width * region.borderLength() / 2);
        });
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
