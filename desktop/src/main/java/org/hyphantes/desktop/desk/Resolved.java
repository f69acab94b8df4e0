package org.hyphantes.desktop.desk;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Stream;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.figure.PageBox;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.geometry.Beside;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.known.KnownPoints;
import org.hyphantes.scene.RoundBox;
import org.hyphantes.scene.Scene;
import org.hyphantes.symmetry.Turning;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Work;

/**
 * What resolving made of a wish.
 *
 * @param wish what it answers
 * @param setOut the group in hand as set out, before its first band
 * @param lines the centre lines of that
 * @param field the work of the group in hand as far as the shuttle
 * @param fieldLines the centre lines of what is set out, as far as the shuttle
 * @param finished the work of the whole recipe
 * @param inventory its strands and crossings
 * @param round the square about the centre of its turns, or its middle, that holds the finished work
 * @param inspection the gauges of the finished work
 * @param known the known points, where they were asked for
 * @param helpers the lines of the helpers in hand
 * @param briefs what each step in hand comes to, by its id
 * @param members the members in hand by themselves, by their ids
 */
public record Resolved(
        Wish wish,
        Artwork setOut,
        Scene lines,
        Artwork field,
        Scene fieldLines,
        Artwork finished,
        Inventory inventory,
        Box round,
        Inspection inspection,
        Optional<KnownPoints> known,
        Scene helpers,
        Map<String, String> briefs,
        Map<String, Scene> members) {
    static Resolved of(Resolver resolver, Members pictures, Wish wish, Watch watch) {
        return of(resolver, pictures, wish, false, watch, glimpse -> {}, Runnable::run);
    }

    /**
     * @param rough whether crowded courses may be cut roughly
     * @param glimpses is told what the field will show before it has been measured
     * @param beside does some of it meanwhile
     */
    static Resolved of(
            Resolver resolver,
            Members pictures,
            Wish wish,
            boolean rough,
            Watch watch,
            Consumer<Glimpse> glimpses,
            Executor beside) {
        Design design = wish.design();
        Group root = wish.inHand();
        int settingOut = root.settingOut();
        Artwork setOut = resolver.resolve(design, root.upTo(settingOut), watch);
        Function<Group, Artwork> artwork =
                g -> rough ? resolver.roughly(design, g, watch) : resolver.resolve(design, g, watch);
        Artwork finished = artwork.apply(design.root());
        boolean whole = root == design.root() && wish.shuttle() >= root.recipe().size();
        Artwork field = whole ? finished : artwork.apply(root.upTo(wish.shuttle()));
        Scene lines = setOut.lines();
        Scene fieldLines = wish.shuttle() < settingOut ? field.lines() : lines;
        glimpses.accept(new Glimpse(wish, field, fieldLines));
        try (Beside<Rest> rest = Beside.begin(beside, () -> Rest.of(pictures, wish, setOut, field, finished, watch))) {
            Inspection inspection = Inspection.of(design, finished, watch, wish.measured(), beside);
            Rest found = rest.get();
            return new Resolved(
                    wish,
                    setOut,
                    lines,
                    field,
                    fieldLines,
                    finished,
                    found.inventory(),
                    found.round(),
                    inspection,
                    found.known(),
                    found.helpers(),
                    found.briefs(),
                    found.members());
        }
    }

    /** What is found beside the gauges. */
    private record Rest(
            Inventory inventory,
            Box round,
            Optional<KnownPoints> known,
            Scene helpers,
            Map<String, String> briefs,
            Map<String, Scene> members) {
        static Rest of(Members pictures, Wish wish, Artwork setOut, Artwork field, Artwork finished, Watch watch) {
            Design design = wish.design();
            Group root = wish.inHand();
            PageBox pageBox = design.page().pageBox();
            if (wish.measured()) {
                // Found here, and not when the pointer first asks for them, on the interface thread.
                field.spread().woven().forEach(laying -> laying.weave().places());
            }
            Point centre = finished.work()
                    .turning()
                    .filter(t -> t.count() > 2)
                    .map(Turning::centre)
                    .orElse(finished.box().centre());
            return new Rest(
                    Inventory.of(finished),
                    RoundBox.about(centre, finished.scene()),
                    wish.knowing()
                            ? Optional.of(KnownPoints.of(design, root, setOut.spread(), watch))
                            : Optional.empty(),
                    Artwork.of(Work.of(Resolver.helpers(root, pageBox, watch)), design.figures(), watch)
                            .lines(),
                    Resolved.briefs(design, root, finished.work()),
                    pictures.of(design, root, watch));
        }
    }

    /** The same as the answer to another wish for the same. */
    Resolved answering(Wish other) {
        return new Resolved(
                other,
                setOut,
                lines,
                field,
                fieldLines,
                finished,
                inventory,
                round,
                inspection,
                known,
                helpers,
                briefs,
                members);
    }

    private static Map<String, String> briefs(Design design, Group root, Work work) {
        Map<String, String> briefs = new LinkedHashMap<>();
        root.recipe().forEach(s -> briefs.put(s.id(), s.treatment().brief(work, design.unit())));
        return briefs;
    }

    /** The design that was resolved. */
    public Design design() {
        return wish.design();
    }

    /** Whether turns carry the finished work to itself. */
    public boolean turns() {
        return finished.work().turning().isPresent();
    }

    /** Whether some of it was cut roughly, so that gauges do not tell all that is amiss. */
    boolean isRough() {
        return Stream.of(field, finished)
                .flatMap(a -> a.work().woven().stream())
                .anyMatch(laying -> laying.weave().order().rough());
    }

    /** The weaves that are seen in the field, those among them that have been divided into pieces. */
    public List<Laying> weaves() {
        return field.spread().woven();
    }
}
