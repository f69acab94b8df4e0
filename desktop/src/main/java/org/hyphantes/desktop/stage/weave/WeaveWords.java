package org.hyphantes.desktop.stage.weave;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hyphantes.design.Breaks;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Swaps;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/** The words for what is done to crossings and strands: at the needle or the pointer, or to a strand by its letter. */
final class WeaveWords {
    static final List<String> ALL = List.of("swap", "break", "rejoin", "release", "lay", "lift", "fill");

    /** So near (mm) to the needle a crossing is meant. */
    private static final double NEAR = 3;

    private final Desk desk;

    WeaveWords(Desk desk) {
        this.desk = desk;
    }

    /** Does a word with what was typed behind it; says what is wanted when it cannot. */
    boolean run(String word, String rest) {
        List<Laying> weaves = weaves();
        if (weaves.isEmpty()) {
            desk.warn("Open Weave first (F3), with something interlaced.");
            return false;
        }
        return switch (word) {
            case "swap", "release" -> atCrossing(word);
            case "break", "rejoin" -> atPlace(word, rest);
            case "fill" -> fill(rest);
            default -> ofStrand(word, rest);
        };
    }

    private List<Laying> weaves() {
        return desk.view().stage().equals("weave") ? desk.weavesToActOn() : List.of();
    }

    private boolean atCrossing(String word) {
        Hover hover = desk.hoverProperty().get();
        if (!hover.isCrossing() || hover.weave() >= weaves().size()) {
            desk.warn("Bring the needle to a crossing first, by the arrows or the pointer; then " + word + ".");
            return false;
        }
        Laying laying = weaves().get(hover.weave());
        desk.edit(
                word.equals("swap")
                        ? Swaps.swap(laying, hover.meet(), new ReachActs(desk).reach())
                        : Swaps.release(laying, hover.meet()));
        return true;
    }

    private boolean atPlace(String word, String rest) {
        Optional<Point> place = desk.hoverProperty().get().place();
        for (Laying laying : weaves()) {
            Projection whole = laying.weave().whole();
            for (int m = 0; place.isPresent() && m < whole.meets().size(); m++) {
                if (laying.placed().of(whole.meets().get(m).place()).distance(place.get()) < NEAR) {
                    Point bar = rest.startsWith("u") ? new Point(0, 1) : new Point(1, 0);
                    Point own = laying.placed().inverse().ofDirection(bar);
                    boolean broken = laying.weave().broken().containsKey(m);
                    if (word.equals("rejoin") != broken) {
                        desk.warn(broken ? "This crossing is broken already." : "No crossing is broken here.");
                        return false;
                    }
                    desk.edit(
                            broken
                                    ? Breaks.rejoin(laying, m)
                                    : Breaks.stroke(desk.design(), laying, m, own, new ReachActs(desk).reach()));
                    return true;
                }
            }
        }
        Optional<Edit> own = place.filter(p -> word.equals("rejoin"))
                .flatMap(p -> Breaks.rejoinInFigure(desk.design(), desk.root().id(), p));
        if (own.isPresent()) {
            desk.edit(own.get());
            return true;
        }
        desk.warn("Bring the needle to a crossing first; then break level, break upright, or rejoin.");
        return false;
    }

    /** Fills the strand named behind the well, or the one that is lifted. */
    private boolean fill(String rest) {
        String[] words = rest.strip().split("\\s+");
        String last = words[words.length - 1].toUpperCase(Locale.ROOT);
        Optional<StrandKey> named = words.length < 2
                ? Optional.empty()
                : weaves().stream()
                        .flatMap(l -> l.weave().strands().stream())
                        .filter(s -> s.name().equals(last))
                        .map(Strand::key)
                        .findFirst();
        String which = named.isPresent() ? String.join(" ", List.of(words).subList(0, words.length - 1)) : rest.strip();
        Optional<Integer> well = which.equals("0") || which.equalsIgnoreCase("none")
                ? Optional.of(0)
                : desk.design().colourway().number(which);
        if (well.isEmpty()) {
            desk.warn("Say the number or the name of a well, and a strand unless one is lifted: fill 4 B.");
            return false;
        }
        return new StrandFilling(desk).fill(named, well.get());
    }

    private boolean ofStrand(String word, String rest) {
        String[] words = rest.toUpperCase(Locale.ROOT).split("\\s+");
        for (Laying laying : weaves()) {
            Weave weave = laying.weave();
            for (int s = 0; s < weave.strands().size(); s++) {
                if (!weave.strands().get(s).name().equals(words[0])) {
                    continue;
                }
                if (word.equals("lift")) {
                    desk.lift(weave.strands().get(s).key());
                    return true;
                }
                int strand = s;
                List<Integer> passages = IntStream.range(0, weave.projection().passages(s))
                        .mapToObj(i -> weave.projection().passage(strand, i))
                        .toList();
                if (passages.isEmpty()) {
                    desk.warn("Strand " + words[0] + " crosses nothing.");
                    return false;
                }
                boolean under = words.length > 1 && words[1].equals("UNDER");
                desk.edit(Swaps.lay(laying, passages, !under, new ReachActs(desk).reach()));
                return true;
            }
        }
        Map<String, String> examples = Map.of("lay", "lay B, or lay B under", "lift", "lift B");
        desk.warn("Name a strand by its letter: " + examples.get(word) + ".");
        return false;
    }
}
