package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.plait.Along;
import org.hyphantes.plait.Lattice;
import org.hyphantes.plait.Turns;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.StrandKey;

/**
 * Lays a plait along lines in their stead: round a closed one, round its corners; along an open one with its ends closed, for
 * which the leads are made even in number.
 */
public record Braid(String lines, Amount leads, Amount bights, Amount width, Turns turns) implements Treatment {
    public static final Braid STARTING =
            new Braid(Surroundings.EVERY_LINE, Amount.of(3), Amount.of(16), Amount.of(20), Turns.ROUNDED);

    private static final int MOST_BIGHTS = 1000;

    /** A braid is no wider than this share of its line. */
    private static final double MOST_WIDE = 10;

    private static final Schema<Braid> SCHEMA = new Schema<>(
                    Braid.class,
                    "braid",
                    "Braid {leads} leads along {lines}, {width} wide, of {bights} bights, turns {turns}.",
                    List.of(
                            Setting.of(Braid.class, "lines", new Kind.Figure("every line", true)),
                            Setting.of(Braid.class, "leads", new Kind.Count(2, 60)),
                            Setting.of(Braid.class, "bights", new Kind.Count(2, MOST_BIGHTS)),
                            Setting.of(Braid.class, "width", new Kind.Length(0.01, 1e5)),
                            Setting.of(Braid.class, "turns")))
            .because("A plait in the stead of a line, led round its corners: braided frames and rims.");

    @Override
    public Schema<Braid> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.STRANDS;
    }

    @Override
    public long laid(long before) {
        return before * (long) leads.value();
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (isTooMuch(work)) {
            return work;
        }
        List<Laid> lines = new ArrayList<>();
        Predicate<StrandKey> meant = surroundings.meaning(this.lines);
        for (Laid line : work.lines()) {
            surroundings.watch().step();
            if (!meant.test(line.key())) {
                lines.add(line);
                continue;
            }
            List<Path> strands = strands(line.path());
            for (int i = 0; i < strands.size(); i++) {
                lines.add(line.along(strands.get(i), line.key().part(i)));
            }
        }
        return work.withLines(lines);
    }

    /**
     * This braid of a width and of so many bights along a line that its strands cross squarely: a round width, at most a tenth of the line.
     *
     * @param length of the line, in mm, above 0
     */
    public Braid along(double length) {
        double wide = Math.min(width.value(), Fitting.rounded(length / MOST_WIDE));
        double row = wide / (leads.value() - 1);
        double many = Math.max(2, Math.min(MOST_BIGHTS, Math.rint(length / row / 2)));
        return new Braid(lines, leads, Amount.of(many), Amount.of(wide), turns);
    }

    private List<Path> strands(Path path) {
        int wanted = (int) leads.value();
        int rows = path.closed() ? wanted : wanted + wanted % 2;
        int columns = 2 * (int) bights.value();
        Along lay = Along.of(path, columns, rows, width.value(), turns);
        return new Lattice(columns, rows, path.closed(), Map.of(), Optional.empty()).strands(lay, turns);
    }

    @Override
    public String brief(Work done, Unit unit) {
        return (int) leads.value() + " by " + (int) bights.value();
    }
}
