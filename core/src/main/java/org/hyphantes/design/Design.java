package org.hyphantes.design;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.cut.Job;
import org.hyphantes.figure.Form;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.MeasureOrder;
import org.hyphantes.setting.Quoted;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Treatment;

/**
 * A whole design, as it is written to a file. Sizes are millimetres; measures are named sizes that settings refer to.
 */
public record Design(
        String name,
        Unit unit,
        Making making,
        Map<String, Amount> measures,
        Page page,
        Net net,
        Sketch sketch,
        Colourway colourway,
        Handing handing,
        Job job,
        Group root) {
    /** A design on a starting page without a net or a sketch. */
    public Design(String name, Unit unit, Material material, Map<String, Amount> measures, Group root) {
        this(
                name,
                unit,
                Making.in(material),
                measures,
                Page.STARTING,
                Net.STARTING,
                Sketch.STARTING,
                Colourway.QUAY,
                Handing.STARTING,
                material.job(),
                root);
    }

    public Design {
        name = Quoted.name(name);
        measures = Collections.unmodifiableMap(new LinkedHashMap<>(measures));
    }

    /** A design with nothing in it. */
    public static Design empty(String name) {
        return new Design(name, Unit.MM, Material.PRINT, Map.of(), new Group("design", name, List.of(), List.of()));
    }

    /** What settings of the design as a whole may refer to. */
    public Scope scope() {
        return new Scope(measures, unit, net.step().value());
    }

    /** What settings within a group may refer to: its figures too. */
    public Scope scope(String groupId) {
        Map<String, String> names = group(groupId).map(Group::names).orElse(Map.of());
        return new Scope(measures, unit, net.step().value(), names);
    }

    public Design withRoot(Group changed) {
        return new Design(name, unit, making, measures, page, net, sketch, colourway, handing, job, changed);
    }

    public Design named(String changed) {
        return new Design(
                changed, unit, making, measures, page, net, sketch, colourway, handing, job, root.named(changed));
    }

    /** How deep its groups lie within one another; 0 without any. */
    public int nesting() {
        return nesting(root);
    }

    private static int nesting(Group group) {
        int deepest = 0;
        for (Member member : group.members()) {
            if (member instanceof Group inner) {
                deepest = Math.max(deepest, 1 + nesting(inner));
            }
        }
        return deepest;
    }

    /** The group of an id; the root for its own. */
    public Optional<Group> group(String id) {
        return find(root, id);
    }

    private static Optional<Group> find(Group in, String id) {
        if (in.id().equals(id)) {
            return Optional.of(in);
        }
        return in.members().stream()
                .filter(Group.class::isInstance)
                .flatMap(m -> find((Group) m, id).stream())
                .findFirst();
    }

    /** This design with one group changed; the same design when there is no such group. */
    public Design change(String groupId, UnaryOperator<Group> change) {
        return withRoot(change(root, groupId, change));
    }

    private static Group change(Group in, String id, UnaryOperator<Group> change) {
        if (in.id().equals(id)) {
            return change.apply(in);
        }
        return in.withMembers(in.members().stream()
                .map(m -> m instanceof Group g ? change(g, id, change) : m)
                .toList());
    }

    /**
     * This design with a measure read from what was typed, and everything that refers to it worked out again.
     *
     * @throws CannotRead if the name cannot name a measure, the text is no length, or the measure would be worked out of itself
     */
    public Design withMeasure(String measure, String typed) throws CannotRead {
        if (!Expression.isName(measure)) {
            throw new CannotRead(Quoted.of(measure) + " cannot name a measure: " + Expression.NAMING);
        }
        if (measures.size() >= Limits.MEASURES && !measures.containsKey(measure)) {
            throw new CannotRead("A design has up to " + Limits.MEASURES + " measures.");
        }
        double was = measures.getOrDefault(measure, Amount.of(0)).value();
        return withMeasure(measure, Expression.length(typed, scope(), was));
    }

    /**
     * The same with an amount.
     *
     * @throws CannotRead if the measure would be worked out of itself
     */
    public Design withMeasure(String measure, Amount value) throws CannotRead {
        Map<String, Amount> more = new LinkedHashMap<>(measures);
        more.put(measure, value);
        return withMeasures(MeasureOrder.of(more));
    }

    private Design withMeasures(Map<String, Amount> changed) {
        Scope scope = new Scope(changed, unit);
        return renewed(new Design(
                name,
                unit,
                making.schema().renewed(making, scope),
                changed,
                page.schema().renewed(page, scope),
                net.schema().renewed(net, scope),
                sketch.schema().renewed(sketch, scope),
                colourway,
                handing.schema().renewed(handing, scope),
                renewed(job, scope),
                root));
    }

    /** This design with measures that it lacks; its own stay as they are, and what is worked out otherwise by them comes as a number. */
    Design withMeasuresOf(Design other) {
        Map<String, Amount> more = new LinkedHashMap<>(measures);
        other.measures.forEach((measure, amount) -> {
            if (more.size() < Limits.MEASURES && !more.containsKey(measure)) {
                more.put(measure, MeasureOrder.settled(amount, more));
            }
        });
        return new Design(name, unit, making, more, page, net, sketch, colourway, handing, job, root);
    }

    /** This design on another page. */
    public Design withPage(Page changed) {
        return new Design(name, unit, making, measures, apart(changed), net, sketch, colourway, handing, job, root);
    }

    /** This design on another net; sizes in its squares are worked out again. */
    public Design withNet(Net changed) {
        return renewed(
                new Design(name, unit, making, measures, page, apart(changed), sketch, colourway, handing, job, root));
    }

    public Design withSketch(Sketch changed) {
        return new Design(name, unit, making, measures, page, net, apart(changed), colourway, handing, job, root);
    }

    /** What belongs to the design as a whole, by numbers where it was sized in squares of the net: a net cannot be sized by itself. */
    @SuppressWarnings("unchecked")
    private <T extends Described> T apart(T thing) {
        return (T) thing.schema().settled(thing, new Scope(measures, unit));
    }

    public Design withUnit(Unit changed) {
        return new Design(name, changed, making, measures, page, net, sketch, colourway, handing, job, root);
    }

    public Design withColourway(Colourway changed) {
        return new Design(name, unit, making, measures, page, net, sketch, changed, handing, job, root);
    }

    /** This design handed over otherwise. */
    public Design withHanding(Handing changed) {
        return new Design(name, unit, making, measures, page, net, sketch, colourway, apart(changed), job, root);
    }

    /** This design cut otherwise; another machine comes with its own bed and kerf. */
    public Design withJob(Job changed) {
        Job whole = apart(job.changedTo(changed));
        Job settled = whole.passing(whole.passes().stream().map(this::apart).toList());
        return new Design(name, unit, making, measures, page, net, sketch, colourway, handing, settled, root);
    }

    private static Job renewed(Job job, Scope scope) {
        return job.schema()
                .renewed(job, scope)
                .passing(job.passes().stream()
                        .map(p -> p.schema().renewed(p, scope))
                        .toList());
    }

    public Material material() {
        return making.material();
    }

    /** This design made in something else; another material comes with its own limit, and its machine where no other was chosen. */
    public Design withMaking(Making changed) {
        Making made = apart(making.changedTo(changed));
        Job own = job.equals(material().job()) ? made.material().job() : job;
        return new Design(name, unit, made, measures, page, net, sketch, colourway, handing, own, root);
    }

    private static Design renewed(Design changed) {
        return changed.withRoot(renewed(changed.root, changed.scope()));
    }

    private static Group renewed(Group group, Scope scope) {
        List<Member> members = new ArrayList<>();
        for (Member member : group.members()) {
            members.add(
                    member instanceof Group g
                            ? renewed(g, scope)
                            : ((Figure) member).withForm((Form)
                                    ((Figure) member).form().schema().renewed(((Figure) member).form(), scope)));
        }
        List<Step> recipe = group.recipe().stream()
                .map(s -> s.with((Treatment) s.treatment().schema().renewed(s.treatment(), scope)))
                .toList();
        return group.withMembers(members).withRecipe(recipe);
    }

    /** The ids of all its figures, in order, those in groups in their place. */
    public List<String> figures() {
        return figures(root);
    }

    /** The ids of all figures in a member, in order. */
    static List<String> figures(Member member) {
        List<String> ids = new ArrayList<>();
        figures(member, ids);
        return ids;
    }

    private static void figures(Member member, List<String> ids) {
        if (member instanceof Group group) {
            group.members().forEach(m -> figures(m, ids));
        } else {
            ids.add(member.id());
        }
    }

    /** An id for a new figure or group that nothing in this design has yet. */
    public String freshId(String word) {
        List<String> taken = new ArrayList<>();
        collect(root, taken);
        int n = 1;
        while (taken.contains(word + "-" + n)) {
            n++;
        }
        return word + "-" + n;
    }

    private static void collect(Member member, List<String> ids) {
        ids.add(member.id());
        if (member instanceof Group group) {
            group.members().forEach(m -> collect(m, ids));
        }
    }
}
