package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/**
 * Lays parallels beside every line, at even distances. Of a closed line that closes up or comes apart at a distance, what is
 * left is laid; what has no room is left out.
 */
public record Offset(String figures, Side side, Amount by, Amount times, CornerStyle corners, Keeping original)
        implements Treatment {
    public static final Offset STARTING = new Offset(
            Surroundings.EVERY_FIGURE, Side.OUTWARD, Amount.of(3), Amount.of(1), CornerStyle.ROUND, Keeping.KEEPING);

    private static final Schema<Offset> SCHEMA = new Schema<>(
                    Offset.class,
                    "offset",
                    "Offset {figures} {side} by {by}, {times} times, corners {corners}, {original} the original.",
                    List.of(
                            Setting.of(Offset.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Offset.class, "side"),
                            Setting.of(Offset.class, "by", new Kind.Length(0.001, 1e5)),
                            Setting.of(Offset.class, "times", new Kind.Count(1, 500)),
                            Setting.of(Offset.class, "corners"),
                            Setting.of(Offset.class, "original")))
            .because("Lines beside a line at an even distance: double strands, borders, grooves.");

    @Override
    public Schema<Offset> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    private int count() {
        return (int) times.value();
    }

    @Override
    public long laid(long before) {
        return before * (1 + count() * (side == Side.BOTH_WAYS ? 2L : 1L));
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (isTooMuch(work)) {
            return work;
        }
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            if (original == Keeping.KEEPING) {
                lines.add(line);
            }
            for (int k = 1; k <= count(); k++) {
                surroundings.watch().step();
                if (side != Side.INWARD) {
                    parallels(lines, line, k, true);
                }
                if (side != Side.OUTWARD) {
                    parallels(lines, line, k, false);
                }
            }
        }
        return work.withLines(lines);
    }

    private void parallels(List<Laid> into, Laid line, int k, boolean outward) {
        boolean outsideIsLeft = line.path().closed() && line.path().signedArea() > 0;
        double distance = k * by.value() * (outward == outsideIsLeft ? -1 : 1);
        List<Path> beside = org.hyphantes.geometry.offset.OffsetCurves.beside(line.path(), distance, corners.corners());
        for (int i = 0; i < beside.size(); i++) {
            int number = outward ? k : -k;
            into.add(line.along(
                    beside.get(i),
                    i == 0 ? line.key().part(number) : line.key().part(number).part(i)));
        }
    }

    @Override
    public String brief(Work done, Unit unit) {
        return count() + " \u00d7 " + org.hyphantes.setting.Numerals.length(by.value(), unit);
    }
}
