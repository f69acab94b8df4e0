package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Operand;
import org.hyphantes.geometry.plane.Piece;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.StrandKey;

/**
 * Takes figures as areas, and lays the outlines of what is in any of them, in all, in the first alone, or in an odd number. A band counts as
 * what it covers, all lines of one copy of a figure as one area; open lines without a band pass by.
 */
public record Combine(Combined kept, String figures) implements Treatment {
    public static final Combine STARTING = new Combine(Combined.ANY_OF, Surroundings.EVERY_FIGURE);

    private static final Schema<Combine> SCHEMA = new Schema<>(
                    Combine.class,
                    "combine",
                    "Keep what is in {kept} {figures}.",
                    List.of(
                            Setting.of(Combine.class, "kept"),
                            Setting.of(Combine.class, "figures", new Kind.Figure("every figure", true))))
            .because(
                    "A cog is a disc less its bites, a leaf what two discs share: simple figures make the rare ones, and stay live.");

    @Override
    public Schema<Combine> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    /** One figure has nothing to be combined with. */
    @Override
    public boolean takesAll() {
        return true;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        List<Laid> lines = new ArrayList<>();
        Map<StrandKey, List<Laid>> areas = new LinkedHashMap<>();
        for (Laid line : work.lines()) {
            surroundings.watch().step();
            if (line.path().closed() || line.band().isPresent()) {
                // All lines of one copy of a figure are one area: letters, a ring.
                StrandKey whole = new StrandKey(line.key().figure(), line.key().copies());
                areas.computeIfAbsent(whole, k -> new ArrayList<>()).add(line);
            } else {
                lines.add(line);
            }
        }
        if (areas.isEmpty()) {
            return work;
        }
        List<Operand> operands = new ArrayList<>();
        List<Laid> owners = new ArrayList<>();
        areas.values().forEach(of -> {
            Operand operand = new Operand(borders(of), FillRule.EVEN_ODD);
            operands.add(operand);
            operand.paths().forEach(p -> owners.add(of.get(0)));
        });
        Map<StrandKey, Integer> parts = new HashMap<>();
        List<Piece> made = Booleans.traced(operands, w -> kept.keeps(w.held(), operands.size(), w::holds));
        for (Piece piece : made) {
            List<Path> borders = piece.region().borders();
            Optional<StrandKey> whole = Optional.empty();
            for (int i = 0; i < borders.size(); i++) {
                Laid owner = owners.get(piece.sources().get(i).get(0).path());
                int part = parts.merge(owner.key(), 1, Integer::sum) - 1;
                Laid border = owner.bare().along(borders.get(i), owner.key().part(part));
                // The first goes round all of it.
                whole = whole.or(() -> Optional.of(border.key()));
                lines.add(border.bounding(whole.get()));
            }
        }
        return work.withLines(lines);
    }

    private static List<Path> borders(List<Laid> lines) {
        List<Path> borders = new ArrayList<>();
        for (Laid line : lines) {
            if (line.band().isPresent()) {
                line.band().get().along(line.path()).stream()
                        .map(Region::borders)
                        .forEach(borders::addAll);
            } else {
                borders.add(line.path());
            }
        }
        return borders;
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.counted(
                (int) done.lines().stream().filter(l -> l.path().closed()).count(), "outline");
    }
}
