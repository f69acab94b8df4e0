package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.plait.Network;
import org.hyphantes.plait.Turns;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.StrandKey;

/**
 * Takes lines as a network and lays its knot in their stead: a crossing in the middle of every line between two joints, and strands
 * that run from there round the joints on either side.
 */
public record Knot(String lines, Turns turns) implements Treatment {
    public static final Knot STARTING = new Knot(Surroundings.EVERY_LINE, Turns.ROUNDED);

    private static final Schema<Knot> SCHEMA = new Schema<>(
                    Knot.class,
                    "knot",
                    "Knot the network of {lines}, turns {turns}.",
                    List.of(
                            Setting.of(Knot.class, "lines", new Kind.Figure("every line", true)),
                            Setting.of(Knot.class, "turns")))
            .because("Each line of a network becomes a crossing: knotwork for any shape that can be drawn as a net.");

    @Override
    public Schema<Knot> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.STRANDS;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        List<Laid> rest = new ArrayList<>();
        List<Laid> network = new ArrayList<>();
        Predicate<StrandKey> meant = surroundings.meaning(lines);
        for (Laid line : work.lines()) {
            (meant.test(line.key()) ? network : rest).add(line);
        }
        if (network.isEmpty()) {
            return work;
        }
        List<Path> strands = Network.knot(network.stream().map(Laid::path).toList(), turns, surroundings.watch());
        Laid first = network.get(0);
        StrandKey key = new StrandKey(first.key().figure(), List.of());
        for (int i = 0; i < strands.size(); i++) {
            rest.add(new Laid(
                    key.part(i),
                    strands.get(i),
                    Point.ORIGIN,
                    first.band(),
                    first.colour(),
                    first.area(),
                    first.filled()));
        }
        return work.withLines(rest);
    }

    @Override
    public String brief(Work done, Unit unit) {
        int strands = (int) done.lines().stream().filter(l -> l.path().closed()).count()
                + done.woven().stream()
                        .mapToInt(l -> l.weave().strands().size())
                        .sum();
        return Numerals.counted(strands, "strand");
    }
}
