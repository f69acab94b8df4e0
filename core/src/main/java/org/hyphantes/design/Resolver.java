package org.hyphantes.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Surroundings;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.StrandKey;

/**
 * Resolves designs to artwork. The result depends on the design alone; what was resolved before is remembered by group and
 * recipe so far, so that a change late in a recipe does only what comes after it. Not for use by several threads at once.
 */
public final class Resolver {
    private static final int REMEMBERED = 48;

    private final Map<Group, Work> remembered = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Group, Work> eldest) {
            return size() > REMEMBERED;
        }
    };

    /** The finished artwork of a design. */
    public Artwork resolve(Design design) {
        return resolve(design.root(), Watch.NONE);
    }

    /**
     * The artwork of a group.
     *
     * @param watch called now and then, which may break the work off; what was done until then is remembered
     */
    public Artwork resolve(Group group, Watch watch) {
        return Artwork.of(work(group, watch));
    }

    private Work work(Group group, Watch watch) {
        Work known = remembered.get(group);
        if (known != null) {
            return known;
        }
        watch.step();
        Work work = group.recipe().isEmpty() ? members(group, watch) : lastStep(group, watch);
        remembered.put(group, work);
        return work;
    }

    private Work members(Group group, Watch watch) {
        Work all = Work.of(List.of());
        List<Laid> lines = new ArrayList<>();
        for (Member member : group.members()) {
            if (member instanceof Figure figure) {
                lines.add(new Laid(
                        new StrandKey(figure.id(), List.of()),
                        figure.form().path(),
                        figure.form().centre(),
                        Optional.empty()));
            } else {
                all = all.with(work((Group) member, watch));
            }
        }
        return all.with(Work.of(lines));
    }

    private Work lastStep(Group group, Watch watch) {
        int last = group.recipe().size() - 1;
        Work before = work(group.upTo(last), watch);
        Step step = group.recipe().get(last);
        return step.over()
                ? step.treatment().apply(before, new Surroundings(group.id(), last, seats(group), watch))
                : before;
    }

    private static Map<String, Point> seats(Group group) {
        Map<String, Point> seats = new LinkedHashMap<>();
        for (Member member : group.members()) {
            if (member instanceof Figure figure) {
                seats.putIfAbsent(figure.name(), figure.form().centre());
            }
        }
        return seats;
    }
}
