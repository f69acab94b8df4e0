package org.hyphantes.weave;

import java.util.List;

/** A weave that is drawn with other courses than it should be. */
public final class OtherCourses {
    private OtherCourses() {}

    public static Weave in(Weave weave, List<Course> courses) {
        return new Weave(
                weave.strands(),
                weave.crossings(),
                courses,
                weave.troubles(),
                weave.lostPins(),
                weave.lostBreaks(),
                weave.projection(),
                weave.whole(),
                weave.origins(),
                weave.broken(),
                weave.symmetry(),
                weave.order());
    }
}
