package org.hyphantes.desktop.desk;

import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.design.Design;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Standing;
import org.hyphantes.figure.PageBox;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Scene;

/** The members of a group each by itself, as lines; those that have not changed are kept. For the resolving thread alone. */
final class Members {
    private final Map<Member, Scene> kept = new IdentityHashMap<>();
    private PageBox keptOn = PageBox.WIDE;

    Map<String, Scene> of(Design design, Group group, Watch watch) {
        PageBox pageBox = design.page().pageBox();
        if (!keptOn.equals(pageBox)) {
            kept.clear();
            keptOn = pageBox;
        }
        Map<Member, Scene> now = new IdentityHashMap<>();
        Map<String, Scene> scenes = new LinkedHashMap<>();
        for (Member member : group.members()) {
            Scene known = kept.get(member);
            Scene scene = known != null ? known : scene(design, group, member, watch);
            now.put(member, scene);
            scenes.put(member.id(), scene);
        }
        kept.clear();
        kept.putAll(now);
        return scenes;
    }

    private static Scene scene(Design design, Group group, Member member, Watch watch) {
        Group alone = group.withRecipe(List.of()).withMembers(List.of(member.standing(Standing.PLAIN)));
        return new Resolver().alone(design, alone, watch).lines();
    }
}
