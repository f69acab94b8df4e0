package org.hyphantes.design;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.figure.Ground;
import org.hyphantes.geometry.Path;
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

    /** What a result depends on. */
    private record Key(Group group, Ground ground) {}

    private final Map<Key, Work> remembered = new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Work> eldest) {
            return size() > REMEMBERED;
        }
    };

    /** The finished artwork of a design. */
    public Artwork resolve(Design design) {
        return resolve(design.root(), design.page().ground(), Watch.NONE);
    }

    /**
     * The artwork of a group.
     *
     * @param ground what it is set out on
     * @param watch called now and then, which may break the work off; what was done until then is remembered
     */
    public Artwork resolve(Group group, Ground ground, Watch watch) {
        return Artwork.of(work(group, ground, watch));
    }

    /** The lines of the helpers of a group, as they are set out. */
    public static List<Laid> helpers(Group group, Ground ground) {
        return group.members().stream()
                .filter(m -> m.standing().helper() && !m.standing().hidden())
                .flatMap(m -> m instanceof Figure figure
                        ? lines(figure, ground).stream()
                        : new Resolver().work((Group) m, ground, Watch.NONE).lines().stream())
                .toList();
    }

    private Work work(Group group, Ground ground, Watch watch) {
        Key key = new Key(group, ground);
        Work known = remembered.get(key);
        if (known != null) {
            return known;
        }
        watch.step();
        Work work = group.recipe().isEmpty() ? members(group, ground, watch) : lastStep(group, ground, watch);
        remembered.put(key, work);
        return work;
    }

    private Work members(Group group, Ground ground, Watch watch) {
        Work all = Work.of(List.of());
        List<Laid> lines = new ArrayList<>();
        for (Member member : group.members()) {
            if (!member.standing().counts()) {
                continue;
            }
            if (member instanceof Figure figure) {
                lines.addAll(lines(figure, ground));
            } else {
                all = all.with(work((Group) member, ground, watch));
            }
        }
        return all.with(Work.of(lines));
    }

    private static List<Laid> lines(Figure figure, Ground ground) {
        List<Path> paths = figure.form().paths(ground);
        StrandKey key = new StrandKey(figure.id(), List.of());
        List<Laid> lines = new ArrayList<>();
        for (int i = 0; i < paths.size(); i++) {
            StrandKey own = paths.size() == 1 ? key : key.part(i);
            lines.add(new Laid(own, paths.get(i), figure.form().centre(), Optional.empty(), figure.colour()));
        }
        return lines;
    }

    private Work lastStep(Group group, Ground ground, Watch watch) {
        int last = group.recipe().size() - 1;
        Work before = work(group.upTo(last), ground, watch);
        Step step = group.recipe().get(last);
        return step.over()
                ? step.treatment().apply(before, new Surroundings(group.id(), last, named(group), ground, watch))
                : before;
    }

    private static Map<String, Surroundings.Named> named(Group group) {
        Map<String, Surroundings.Named> named = new LinkedHashMap<>();
        for (Member member : group.members()) {
            if (member instanceof Figure figure) {
                named.putIfAbsent(figure.name(), new Surroundings.Named(figure.id(), figure.form(), figure.colour()));
            }
        }
        return named;
    }
}
