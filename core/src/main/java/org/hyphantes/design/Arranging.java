package org.hyphantes.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;

/**
 * The edits that arrange members of a group: moved, turned and scaled, ordered, aligned and spread, grouped, named, locked,
 * hidden, made helpers, copied. Members are named by their ids; locked ones stay as they are.
 */
public final class Arranging {
    private Arranging() {}

    /** Carries figures by a similarity; line widths, being settings of the recipe, stay. */
    public static Edit carry(String group, Set<String> ids, Affine map, String words) {
        return new Edit(words, d -> each(d, group, m -> ids.contains(m.id()), m -> carried(m, map)));
    }

    static Member carried(Member member, Affine map) {
        if (member.standing().locked()) {
            return member;
        }
        if (member instanceof Figure figure) {
            return figure.carried(map);
        }
        Group inner = (Group) member;
        return inner.withMembers(
                inner.members().stream().map(m -> carried(m, map)).toList());
    }

    private static Design each(Design design, String group, Predicate<Member> which, UnaryOperator<Member> change) {
        return design.change(
                group,
                g -> g.withMembers(g.members().stream()
                        .map(m -> which.test(m) ? change.apply(m) : m)
                        .toList()));
    }

    /** Carries each member by a map of its own. */
    private static Edit carryEach(String group, Map<String, Affine> maps, String words) {
        return new Edit(words, d -> each(d, group, m -> maps.containsKey(m.id()), m -> carried(m, maps.get(m.id()))));
    }

    /** What members are aligned by. */
    public enum Side {
        LEFT(Box::left),
        CENTRE(b -> b.centre().x()),
        RIGHT(Box::right),
        TOP(Box::top),
        MIDDLE(b -> b.centre().y()),
        BOTTOM(Box::bottom);

        private final Function<Box, Double> of;

        Side(Function<Box, Double> of) {
            this.of = of;
        }

        private boolean isAcross() {
            return this == LEFT || this == CENTRE || this == RIGHT;
        }
    }

    /** Moves members so that a side of each box round them lies with that of another box: the page's, or a figure's. */
    public static Edit align(Design design, String group, Set<String> ids, Side side, Box with) {
        Map<String, Affine> maps = new HashMap<>();
        for (Member member : chosen(design, group, ids)) {
            double by = side.of.apply(with) - side.of.apply(box(design, member));
            maps.put(member.id(), Affine.shift(side.isAcross() ? new Point(by, 0) : new Point(0, by)));
        }
        return carryEach(group, maps, "Aligned by the " + side.name().toLowerCase(java.util.Locale.ROOT) + ".");
    }

    /** Moves all members but the outermost two so that the gaps between their boxes are even. */
    public static Edit spread(Design design, String group, Set<String> ids, boolean across) {
        List<Member> members = new ArrayList<>(chosen(design, group, ids));
        Function<Member, Double> low =
                m -> across ? box(design, m).left() : box(design, m).top();
        Function<Member, Double> size =
                m -> across ? box(design, m).width() : box(design, m).height();
        members.sort(Comparator.comparing(m -> low.apply(m) + size.apply(m) / 2));
        Map<String, Affine> maps = new HashMap<>();
        if (members.size() > 2) {
            Member last = members.get(members.size() - 1);
            double from = low.apply(members.get(0));
            double whole = low.apply(last) + size.apply(last) - from;
            double gap = (whole - members.stream().mapToDouble(size::apply).sum()) / (members.size() - 1);
            for (Member member : members) {
                double by = from - low.apply(member);
                maps.put(member.id(), Affine.shift(across ? new Point(by, 0) : new Point(0, by)));
                from += size.apply(member) + gap;
            }
        }
        return carryEach(group, maps, "Spread evenly.");
    }

    private static List<Member> chosen(Design design, String group, Set<String> ids) {
        return design.group(group).orElseThrow().members().stream()
                .filter(m -> ids.contains(m.id()))
                .toList();
    }

    /** The box (mm) round the lines of a member, without any recipe. */
    public static Box box(Design design, Member member) {
        if (member instanceof Figure figure) {
            return Box.round(figure.form().paths(design.page().pageBox()).stream()
                    .map(Path::box)
                    .toList());
        }
        return Box.round(
                ((Group) member).members().stream().map(m -> box(design, m)).toList());
    }

    /** The box round several members. */
    public static Box box(Design design, String group, Set<String> ids) {
        return Box.round(
                chosen(design, group, ids).stream().map(m -> box(design, m)).toList());
    }

    /** Brings members one place forward or back, or all the way: the first of a group lies hindmost. */
    public static Edit order(String group, Set<String> ids, boolean forward, boolean allTheWay) {
        return new Edit(
                forward ? "In front." : "Behind.",
                d -> d.change(group, g -> {
                    List<Member> members = new ArrayList<>(g.members());
                    if (allTheWay) {
                        List<Member> moved = members.stream()
                                .filter(m -> ids.contains(m.id()))
                                .toList();
                        members.removeAll(moved);
                        members.addAll(forward ? members.size() : 0, moved);
                    } else {
                        int n = members.size();
                        for (int k = 1; k < n; k++) {
                            int i = forward ? n - 1 - k : k;
                            int there = forward ? i + 1 : i - 1;
                            if (ids.contains(members.get(i).id())
                                    && !ids.contains(members.get(there).id())) {
                                members.set(there, members.set(i, members.get(there)));
                            }
                        }
                    }
                    return g.withMembers(members);
                }));
    }

    /** Takes members together into a group of their own, which stands where the foremost of them stood. */
    public static Edit group(String group, Set<String> ids) {
        return new Edit(
                "Grouped.",
                d -> d.change(group, g -> {
                    List<Member> inner = g.members().stream()
                            .filter(m -> ids.contains(m.id()))
                            .toList();
                    if (inner.isEmpty()) {
                        return g;
                    }
                    Group made = new Group(d.freshId("group"), freshName(g, "Group"), inner, List.of());
                    List<Member> members = new ArrayList<>(g.members());
                    members.set(members.indexOf(inner.get(inner.size() - 1)), made);
                    members.removeAll(inner);
                    return g.withMembers(members);
                }));
    }

    /** Puts the members of inner groups back in their place; a recipe of theirs is let go. */
    public static Edit ungroup(String group, Set<String> ids) {
        return new Edit(
                "Ungrouped.",
                d -> d.change(group, g -> {
                    List<Member> members = new ArrayList<>();
                    for (Member member : g.members()) {
                        if (ids.contains(member.id()) && member instanceof Group inner) {
                            members.addAll(inner.members());
                        } else {
                            members.add(member);
                        }
                    }
                    return g.withMembers(members);
                }));
    }

    public static Edit rename(String group, String id, String name) {
        return new Edit("Named " + name + ".", d -> each(d, group, m -> m.id().equals(id), m -> m.named(name)));
    }

    /** Gives figures, and those in groups, a colour of their own, or takes it away. */
    public static Edit colour(String group, Set<String> ids, Optional<Colour> colour) {
        return new Edit(
                colour.map(c -> "Coloured " + c.hex() + ".").orElse("No colour of its own any more."),
                d -> each(d, group, m -> ids.contains(m.id()), m -> coloured(m, colour)));
    }

    private static Member coloured(Member member, Optional<Colour> colour) {
        return member instanceof Figure figure
                ? figure.coloured(colour)
                : ((Group) member)
                        .withMembers(((Group) member)
                                .members().stream()
                                        .map(m -> coloured(m, colour))
                                        .toList());
    }

    /** Changes how members stand: locked, hidden, helpers. */
    public static Edit stand(String group, Set<String> ids, UnaryOperator<Standing> change, String words) {
        return new Edit(
                words, d -> each(d, group, m -> ids.contains(m.id()), m -> m.standing(change.apply(m.standing()))));
    }

    public static Edit remove(String group, Set<String> ids) {
        return new Edit(
                ids.size() == 1 ? "Removed." : ids.size() + " figures removed.",
                d -> d.change(
                        group,
                        g -> g.withMembers(g.members().stream()
                                .filter(m ->
                                        !ids.contains(m.id()) || m.standing().locked())
                                .toList())));
    }

    /** A name that no member of a group has yet: the one given, or with a number behind it. */
    public static String freshName(Group group, String wanted) {
        Set<String> taken =
                new LinkedHashSet<>(group.members().stream().map(Member::name).toList());
        String name = wanted;
        String stem = wanted.replaceAll(" \\d+$", "");
        for (int n = 2; taken.contains(name); n++) {
            name = stem + " " + n;
        }
        return name;
    }

    /** Replaces figures by paths that keep what they were, reshaped by a function of their paths. */
    public static Edit reshape(
            Design design, String group, Set<String> ids, UnaryOperator<List<Path>> change, String words) {
        return new Edit(
                words,
                d -> each(
                        d,
                        group,
                        m -> ids.contains(m.id())
                                && m instanceof Figure
                                && !m.standing().locked(),
                        m -> {
                            Form form = ((Figure) m).form();
                            List<Path> paths = change.apply(form.paths(d.page().pageBox()));
                            return ((Figure) m).reshaped(org.hyphantes.figure.Drawn.of(paths));
                        }));
    }

    /** Gives figures back the form they had before they were reshaped. */
    public static Edit asItWas(String group, Set<String> ids) {
        return new Edit(
                "As it was.",
                d -> each(d, group, m -> ids.contains(m.id()) && m instanceof Figure, m -> ((Figure) m).asItWas()));
    }
}
