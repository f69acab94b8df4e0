package org.hyphantes.desktop.desk;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Member;
import org.hyphantes.design.Standing;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Well;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Treatment;

/** What can be done with the members that are selected: arranged, copied, reshaped. Each act says what it came to. */
public final class Selection {
    private static final double CLOSE = 0.5;

    private final Desk desk;
    private List<Member> copied = List.of();
    private int pasted;
    private List<Step> recipe = List.of();

    Selection(Desk desk) {
        this.desk = desk;
    }

    private String group() {
        return desk.root().id();
    }

    public Set<String> ids() {
        return desk.view().chosen();
    }

    public List<Member> members() {
        return desk.root().members().stream()
                .filter(m -> ids().contains(m.id()))
                .toList();
    }

    /** What is selected, in words. */
    public String words() {
        List<String> names = members().stream().map(Member::name).toList();
        return names.isEmpty()
                ? "Nothing selected"
                : names.size() + " selected: " + String.join(", ", names.subList(0, Math.min(8, names.size())))
                        + (names.size() > 8 ? " and more" : "");
    }

    /** Whether something is selected; says so when nothing is. */
    private boolean isSomething() {
        if (ids().isEmpty()) {
            desk.warn("Select a figure first: click its line, or its chip at the left of the cord.");
            return false;
        }
        return true;
    }

    public void all() {
        Set<String> ids = new LinkedHashSet<>();
        desk.root().members().stream()
                .filter(m -> !m.standing().locked() && !m.standing().hidden())
                .forEach(m -> ids.add(m.id()));
        desk.look(desk.view().choosing(group(), ids));
        desk.say(ids.size() + " selected.");
    }

    public void none() {
        desk.look(desk.view().about(null));
        desk.say("Nothing selected.");
    }

    /** Gives what is selected a colour: a name of the colourway, hexadecimal digits, or none. */
    public void colour(String words) {
        Optional<Colour> colour = Colour.named(words);
        if (colour.isEmpty() && !words.strip().equals("none")) {
            desk.warn("Colours are "
                    + String.join(", ", Well.QUAY.stream().map(Well::name).toList())
                    + ", six hexadecimal digits such as #A4472F, or none.");
        } else if (isSomething()) {
            keepSelected(Arranging.colour(group(), ids(), colour));
        }
    }

    /** Selects all members of a kind, of a colour, or whose names begin so. */
    public void named(String words) {
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        Optional<Colour> colour = Colour.named(wanted);
        Set<String> ids = new LinkedHashSet<>();
        for (Member member : desk.root().members()) {
            boolean kind = member instanceof Figure figure
                    && (wanted.equals(figure.form().schema().word())
                            || wanted.equals(figure.form().schema().word() + "s"));
            boolean coloured = member instanceof Figure of
                    && colour.isPresent()
                    && of.colour().equals(colour);
            if (kind || coloured || member.name().toLowerCase(Locale.ROOT).startsWith(wanted)) {
                ids.add(member.id());
            }
        }
        desk.look(desk.view().choosing(group(), ids));
        desk.say(ids.isEmpty() ? "Nothing is called \"" + words.strip() + "\"." : ids.size() + " selected.");
    }

    private void carry(Affine map, String words) {
        if (isSomething()) {
            Set<String> kept = ids();
            desk.edit(Arranging.carry(group(), kept, map, words));
            desk.look(desk.view().choosing(group(), kept));
        }
    }

    public void move(Point by) {
        carry(Affine.shift(by), "Moved.");
    }

    public void rotate(double degrees, Point about) {
        carry(Affine.turn(degrees, about), "Rotated by " + Numerals.degrees(degrees) + ".");
    }

    public void scale(double factor, Point about) {
        if (!(factor > 0) || !Double.isFinite(factor)) {
            desk.warn("Scale by a number above 0, such as 1.5.");
            return;
        }
        carry(Affine.scale(factor, about), "Scaled by " + Numerals.shown(factor, 3) + ".");
    }

    /** The middle of the selection. */
    public Point middle() {
        return ids().isEmpty()
                ? Point.ORIGIN
                : Arranging.box(desk.design(), group(), ids()).centre();
    }

    private void keepSelected(Edit edit) {
        Set<String> kept = ids();
        desk.edit(edit);
        desk.look(desk.view().choosing(group(), kept));
    }

    public void order(boolean forward, boolean allTheWay) {
        if (isSomething()) {
            keepSelected(Arranging.order(group(), ids(), forward, allTheWay));
        }
    }

    /** Aligns to the page, or two and more among themselves by the box round them. */
    public void align(Arranging.Side side, boolean toPage) {
        if (isSomething()) {
            Box with = toPage || ids().size() < 2
                    ? desk.design().page().box()
                    : Arranging.box(desk.design(), group(), ids());
            keepSelected(Arranging.align(desk.design(), group(), ids(), side, with));
        }
    }

    public void spread(boolean across) {
        if (ids().size() < 3) {
            desk.warn("Select three figures or more to spread them evenly.");
            return;
        }
        keepSelected(Arranging.spread(desk.design(), group(), ids(), across));
    }

    public void group(boolean together) {
        if (isSomething()) {
            desk.edit(together ? Arranging.group(group(), ids()) : Arranging.ungroup(group(), ids()));
        }
    }

    public void rename(String name) {
        if (ids().size() != 1 || name.isBlank()) {
            desk.warn("Select one figure and type: name, and what it is to be called.");
            return;
        }
        keepSelected(
                Arranging.rename(group(), ids().iterator().next(), Arranging.freshName(desk.root(), name.strip())));
    }

    /** Switches a standing of all that is selected: on, unless all have it already. */
    public void stand(String word) {
        if (!isSomething()) {
            return;
        }
        boolean on = !members().stream().allMatch(m -> has(m.standing(), word));
        UnaryOperator<Standing> change = s -> switch (word) {
            case "lock" -> s.withLocked(on);
            case "hide" -> s.withHidden(on);
            default -> s.withHelper(on);
        };
        String done =
                switch (word) {
                    case "lock" -> on ? "Locked: the hand cannot change it." : "Unlocked.";
                    case "hide" -> on ? "Hidden." : "Seen again.";
                    default -> on ? "A helper: seen here, never in the result." : "No helper any more.";
                };
        keepSelected(Arranging.stand(group(), ids(), change, done));
    }

    private static boolean has(Standing standing, String word) {
        return switch (word) {
            case "lock" -> standing.locked();
            case "hide" -> standing.hidden();
            default -> standing.helper();
        };
    }

    public void remove() {
        if (isSomething()) {
            if (members().stream().allMatch(m -> m.standing().locked())) {
                desk.warn("Locked: unlock it first.");
            } else {
                desk.edit(Arranging.remove(group(), ids()));
            }
        }
    }

    public void copy() {
        if (isSomething()) {
            copied = members();
            pasted = 0;
            desk.say(copied.size() == 1 ? copied.get(0).name() + " copied." : copied.size() + " figures copied.");
        }
    }

    public void cut() {
        if (isSomething()) {
            copied = members();
            pasted = -1;
            desk.edit(Arranging.remove(group(), ids()));
        }
    }

    /** Pastes a little aside, further with every time, or in the same place. */
    public void paste(boolean samePlace) {
        if (copied.isEmpty()) {
            desk.warn("Nothing is copied yet.");
            return;
        }
        pasted++;
        int before = desk.root().members().size();
        desk.edit(Arranging.paste(group(), copied, samePlace ? Point.ORIGIN : new Point(5 * pasted, 5 * pasted)));
        Set<String> ids = new LinkedHashSet<>();
        desk.root().members().stream().skip(before).forEach(m -> ids.add(m.id()));
        desk.look(desk.view().choosing(group(), ids));
    }

    /** Copies the recipe of the group in hand. */
    public void copyRecipe() {
        recipe = desk.root().recipe();
        desk.say(recipe.isEmpty() ? "This recipe has no steps." : "Recipe copied: " + recipe.size() + " steps.");
    }

    /** Puts the copied recipe on the groups that are selected; single figures are grouped first. */
    public void pasteRecipe() {
        if (recipe.isEmpty()) {
            desk.warn("No recipe is copied yet: Copy recipe takes that of the group in hand.");
        } else if (isSomething()) {
            if (members().stream().noneMatch(Group.class::isInstance)) {
                desk.edit(Arranging.group(group(), ids()));
                String id = desk.root().members().stream()
                        .filter(Group.class::isInstance)
                        .reduce((a, b) -> b)
                        .orElseThrow()
                        .id();
                desk.look(desk.view().choosing(group(), Set.of(id)));
            }
            List<Step> steps = recipe;
            Set<String> on = ids();
            keepSelected(new Edit("Recipe pasted.", d -> {
                Design changed = d;
                for (String id : on) {
                    changed = changed.change(id, g -> g.withRecipe(steps));
                }
                return changed;
            }));
        }
    }

    /** Scales the whole group in hand, its bands, clearances and all other lengths of its recipe too. */
    public void scaleAll(double factor) {
        if (!(factor > 0) || !Double.isFinite(factor)) {
            desk.warn("Scale by a number above 0, such as 1.5.");
            return;
        }
        Set<String> every = new LinkedHashSet<>();
        desk.root().members().forEach(m -> every.add(m.id()));
        Edit figures = Arranging.carry(group(), every, Affine.scale(factor, Point.ORIGIN), "");
        desk.edit(new Edit("All scaled by " + factor + ", widths too.", d -> figures.change()
                .apply(d)
                .change(
                        group(),
                        g -> g.withRecipe(g.recipe().stream()
                                .map(s -> s.with(scaled(s.treatment(), factor)))
                                .toList()))));
    }

    private static Treatment scaled(Treatment treatment, double factor) {
        Treatment scaled = treatment;
        for (String key : treatment.schema().keys()) {
            if (treatment.schema().isLength(key)) {
                double value = ((Amount) treatment.schema().value(treatment, key)).value();
                scaled = (Treatment) scaled.schema().put(scaled, key, Amount.of(value * factor));
            }
        }
        return scaled;
    }

    /** Lays plain paths of all that is set out, and leaves the live figures, hidden. */
    public void cast() {
        if (desk.resolved() == null || desk.resolved().setOut().work().lines().isEmpty()) {
            desk.warn("There is nothing set out to cast.");
            return;
        }
        List<Path> paths = desk.resolved().setOut().work().lines().stream()
                .map(org.hyphantes.treatment.Laid::path)
                .toList();
        Form drawn = Drawn.of(paths);
        String id = desk.design().freshId("path");
        desk.edit(new Edit("Cast: " + paths.size() + " plain paths; the live figures are kept, hidden.", d -> {
            Group root = d.root();
            List<Member> members = new java.util.ArrayList<>();
            root.members().forEach(m -> members.add(m.standing(m.standing().withHidden(true))));
            members.add(new Figure(id, Arranging.freshName(root, "Cast"), drawn));
            List<org.hyphantes.design.Step> recipe = root.recipe().stream()
                    .map(s -> s.treatment() instanceof org.hyphantes.treatment.Band
                                    || s.treatment() instanceof org.hyphantes.treatment.Interlace
                            ? s
                            : new org.hyphantes.design.Step(false, s.treatment()))
                    .toList();
            return d.withRoot(root.withMembers(members).withRecipe(recipe));
        }));
        desk.look(desk.view().choosing(group(), Set.of(id)));
    }

    /** Makes paths of the figures that are selected, to be changed point by point; {@link #back} makes them again what they were. */
    public void reshape() {
        reshape(
                paths -> paths.stream().map(Reshaping::withPoints).toList(),
                "A path now: drag its points and sides. The word restore makes it what it was.");
    }

    public void reshape(UnaryOperator<List<Path>> change, String words) {
        if (isSomething()) {
            if (members().stream().noneMatch(Figure.class::isInstance)) {
                desk.warn("A group has no points; select a figure in it.");
                return;
            }
            keepSelected(Arranging.reshape(desk.design(), group(), ids(), change, words));
        }
    }

    /** Bends every side alike, by a share of its length. */
    public void bend(double share) {
        if (Math.abs(share) > 2) {
            desk.warn("Bend by a share of each side, from -2 to 2, such as 0.1.");
            return;
        }
        reshape(
                paths -> paths.stream()
                        .map(p -> Reshaping.everySideBent(Reshaping.withPoints(p), share))
                        .toList(),
                "Every side bent by " + share + " of its length.");
    }

    public void back() {
        if (!isSomething()) {
            return;
        }
        if (members().stream().noneMatch(m -> m instanceof Figure f && f.was().isPresent())) {
            desk.warn("It has not been reshaped, so there is nothing to go back to.");
            return;
        }
        keepSelected(Arranging.asItWas(group(), ids()));
    }

    /** What the one figure that is selected was before it was reshaped. */
    public Optional<Form> was() {
        return members().size() == 1 && members().get(0) instanceof Figure figure ? figure.was() : Optional.empty();
    }

    public void joinEnds() {
        reshape(paths -> Reshaping.joined(paths, CLOSE), "Ends nearer than 0.5 mm joined.");
    }

    public void whole() {
        reshape(paths -> paths.stream().map(p -> Reshaping.whole(p).orElse(p)).toList(), "The half made whole.");
    }

    public void extend() {
        List<Path> others = desk.resolved().setOut().work().lines().stream()
                .filter(l -> !ids().contains(l.key().figure()))
                .map(org.hyphantes.treatment.Laid::path)
                .toList();
        reshape(
                paths -> paths.stream()
                        .map(p -> Reshaping.extended(p, others, 1e4).orElse(p))
                        .toList(),
                "Ends run on to what they meet.");
    }

    /** Cuts the paths that are selected where they come nearest to a place. */
    public void cutAt(Point place) {
        reshape(
                paths -> paths.stream()
                        .flatMap(p ->
                                Reshaping.cut(
                                        Reshaping.withPoints(p),
                                        Reshaping.withPoints(p).nearest(place))
                                        .stream())
                        .toList(),
                "Cut.");
    }
}
