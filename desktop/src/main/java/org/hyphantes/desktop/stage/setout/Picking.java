package org.hyphantes.desktop.stage.setout;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.act.Chosen;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Mark;

/** Finds members by their lines: the one under a place, or those that a stroke takes. */
final class Picking {
    /** A line is under the pointer within so many pixels. */
    static final double ON_LINE = 6;

    private final Desk desk;
    private final Glass glass;

    Picking(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
    }

    private List<Mark.Stroke> lines() {
        return Stream.of(desk.resolved().lines(), desk.resolved().helpers())
                .flatMap(scene -> scene.flat().stream())
                .map(Mark.Stroke.class::cast)
                .toList();
    }

    /** So near (mm) to a line the pointer is on it. */
    double reach() {
        return ON_LINE / glass.camera().scale();
    }

    /** The id of the member whose line lies under a place, and which the hand may change; of several the one drawn last. */
    Optional<String> at(Point place) {
        Optional<String> found = Optional.empty();
        for (Mark.Stroke line : lines()) {
            Path path = line.path();
            if (path.box().grown(reach()).contains(place)
                    && path.at(path.nearest(place)).distance(place) <= reach()) {
                Optional<Member> member = member(line.origin().key().figure());
                if (member.isPresent() && !member.get().standing().locked()) {
                    found = member.map(Member::id);
                }
            }
        }
        return found;
    }

    boolean isOnChosen(Point place) {
        return at(place).filter(id -> desk.view().chosen().contains(id)).isPresent();
    }

    /** Selects what a stroke takes, with what is selected already. */
    void select(SelectingStroke stroke) {
        Set<String> found = new LinkedHashSet<>(desk.view().chosen());
        for (Member member : desk.root().members()) {
            boolean free = !member.standing().hidden() && !member.standing().locked();
            boolean taken = lines().stream()
                    .filter(l -> holds(member, l.origin().key().figure()))
                    .anyMatch(l -> stroke.takes(l.path()));
            if (free && taken) {
                found.add(member.id());
            }
        }
        desk.look(desk.view().choosing(desk.root().id(), found));
        desk.say(new Chosen(desk).words() + ".");
    }

    /** The member of the group in hand that a figure is or is in. */
    private Optional<Member> member(String figure) {
        return desk.root().members().stream().filter(m -> holds(m, figure)).findFirst();
    }

    private static boolean holds(Member member, String figure) {
        return member instanceof Group group
                ? group.members().stream().anyMatch(m -> holds(m, figure))
                : member.id().equals(figure);
    }
}
