package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.hyphantes.cut.Job;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Chosen;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.FigureList;
import org.hyphantes.treatment.Surroundings;

/**
 * What is laid on the bed by itself: all of a drawing, or each of its outermost groups, resolved as if it were alone, and the figures outside of any
 * together.
 */
public final class Parts {
    private Parts() {}

    /**
     * The parts of a design, each with something to see.
     *
     * @param whole what goes out of all of it
     */
    public static List<Scene> of(Design design, Scene whole) {
        List<Group> alone = groups(design);
        if (design.job().laid() != Job.Laid.EACH_GROUP_BY_ITSELF
                || !design.handing().extent().isWhole()
                || alone.size() < 2) {
            return List.of(whole);
        }
        String figures = design.handing().figures();
        List<Scene> parts = new ArrayList<>();
        for (Group group : alone) {
            Watch.ask();
            Scene scene = new Resolver().resolve(design, group, Watch.NONE).scene();
            Scene out = figures.equals(Surroundings.EVERY_FIGURE)
                    ? scene
                    : Chosen.of(scene, Set.copyOf(FigureList.ids(figures)));
            if (!out.isEmpty()) {
                parts.add(out);
            }
        }
        return parts.isEmpty() ? List.of(whole) : parts;
    }

    /** The root of a design with one of its groups alone, for each of them, and with what is in none. */
    private static List<Group> groups(Design design) {
        List<Group> alone = new ArrayList<>();
        List<Member> loose = new ArrayList<>();
        for (Member member : design.root().members()) {
            if (member instanceof Group) {
                alone.add(design.root().withMembers(List.of(member)));
            } else {
                loose.add(member);
            }
        }
        if (!loose.isEmpty()) {
            alone.add(design.root().withMembers(loose));
        }
        return alone;
    }
}
