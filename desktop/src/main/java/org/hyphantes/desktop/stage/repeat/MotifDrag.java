package org.hyphantes.desktop.stage.repeat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Work;

/** A drag that moves a figure by any of its copies: it goes the way that takes that copy where the pointer goes. */
final class MotifDrag {
    private final Desk desk;
    private final Set<String> members;
    private final Affine back;
    private final Point pressed;
    private Point moved;

    private MotifDrag(Desk desk, Set<String> members, Affine back, Point pressed) {
        this.desk = desk;
        this.members = members;
        this.back = back;
        this.pressed = pressed;
        this.moved = pressed;
    }

    /** The drag of whatever has a line so near (mm) to a place; of several that drawn last. */
    static Optional<MotifDrag> at(Desk desk, Point place, double near) {
        Work all = desk.resolved().setOut().spread();
        Optional<Laid> found = Optional.empty();
        for (Laid line : all.lines()) {
            Path path = line.path();
            double reach = near + line.band().map(b -> b.widths().widest() / 2).orElse(0.0);
            if (path.box().grown(reach).contains(place)
                    && path.at(path.nearest(place)).distance(place) <= reach) {
                found = Optional.of(line);
            }
        }
        return found.flatMap(line -> member(desk.root(), line.key().figure())
                .filter(m -> !m.standing().locked())
                .map(m -> {
                    boolean with = desk.view().chosen().contains(m.id());
                    Set<String> ids = with ? desk.view().chosen() : Set.of(m.id());
                    return new MotifDrag(desk, ids, back(desk, line), place);
                }));
    }

    Set<String> members() {
        return members;
    }

    /** What leads from a copy back to what is drawn, but for shifts. */
    private static Affine back(Desk desk, Laid line) {
        Optional<Cloth> cloth = desk.root().lastOf(Repeat.class).map(Repeat::cloth);
        List<Integer> copies = line.key().copies();
        if (cloth.isEmpty() || desk.resolved().setOut().work().cloth().isEmpty() || copies.size() < 2) {
            return Affine.IDENTITY;
        }
        List<Affine> maps =
                cloth.get().tiling().tile(cloth.get().closes(), cloth.get().closesDown());
        int place = copies.get(copies.size() - 2);
        return place < maps.size() ? maps.get(place).inverse() : Affine.IDENTITY;
    }

    private static Optional<Member> member(Group group, String figure) {
        return group.members().stream().filter(m -> holds(m, figure)).findFirst();
    }

    private static boolean holds(Member member, String figure) {
        return member instanceof Figure
                ? member.id().equals(figure)
                : member instanceof Group group && group.members().stream().anyMatch(m -> holds(m, figure));
    }

    /** Moves it on to a place; along one axis if so wanted. */
    void to(Point place, boolean oneAxis) {
        Point goal = place;
        if (oneAxis) {
            Point whole = place.minus(pressed);
            goal = pressed.plus(
                    Math.abs(whole.x()) >= Math.abs(whole.y()) ? new Point(whole.x(), 0) : new Point(0, whole.y()));
        }
        Point by = back.ofDirection(goal.minus(moved));
        moved = goal;
        desk.drag(Arranging.carry(desk.root().id(), members, Affine.shift(by), "Moved, in every copy."));
    }
}
