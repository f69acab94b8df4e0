package org.hyphantes.figure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.plait.Bar;
import org.hyphantes.plait.Bars;
import org.hyphantes.plait.Lattice;
import org.hyphantes.plait.Lay;
import org.hyphantes.plait.Turns;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * A plait closed into a ring: of L leads side by side and B bights round each edge it has gcd(L, B) strands and (L - 1) B
 * crossings while it is unbroken.
 *
 * @param leads how many strands lie side by side
 * @param bights how many turns there are round each edge
 * @param radius to the outermost lines, in mm
 * @param deep from the outermost to the innermost lines, in mm
 * @param breaks single breaks, as {@link Bars}: the column clockwise, 1 at the top, and the row from outside
 */
public record Ringplait(
        Amount leads,
        Amount bights,
        Amount radius,
        Amount deep,
        Turns turns,
        String breaks,
        Amount out,
        Amount bearing,
        Amount turned)
        implements Breakable {
    public static final Ringplait STARTING = new Ringplait(
            Amount.of(3),
            Amount.of(8),
            Amount.of(50),
            Amount.of(28),
            Turns.ROUNDED,
            Bars.NONE,
            Amount.of(0),
            Amount.of(0),
            Amount.of(0));

    private static final Schema<Ringplait> SCHEMA = new Schema<>(
                    Ringplait.class,
                    "ringplait",
                    "Ringplait of {leads} leads and {bights} bights, radius {radius}, {deep} deep, turns {turns}, broken at {breaks}"
                            + SEAT,
                    Seated.settings(
                            Ringplait.class,
                            List.of(
                                    Setting.of(Ringplait.class, "leads", new Kind.Count(1, 100)),
                                    Setting.of(Ringplait.class, "bights", new Kind.Count(1, 720)),
                                    Seated.size(Ringplait.class, "radius"),
                                    Seated.size(Ringplait.class, "deep"),
                                    Setting.of(Ringplait.class, "turns"),
                                    Setting.of(Ringplait.class, "breaks", Plait.BREAKS))))
            .because(
                    "A plait closed into a ring has as many strands as its leads and bights have in common, so one number more or less can make one line of it all.");

    public Ringplait {
        Bars.read(breaks);
    }

    @Override
    public Schema<Ringplait> schema() {
        return SCHEMA;
    }

    private int rows() {
        return (int) leads.value();
    }

    private int columns() {
        return 2 * (int) bights.value();
    }

    /**
     * The plan from outside in, each row smaller than the one before by the same share, so that its cells are alike; rounded turns are
     * those of rows that bend level over the last half cell on either edge.
     */
    private Lay lay() {
        boolean bowed = turns == Turns.ROUNDED;
        double inner = Math.max(radius.value() / 50, radius.value() - deep.value());
        double ratio = inner / radius.value();
        return new Lay() {
            @Override
            public Point at(double column, double row) {
                double share = rows() == 1 ? 0 : bowed ? Lay.bowed(row, rows()) : row / rows();
                double out = radius.value() * Math.pow(ratio, share);
                return Point.polar(out, 360 * (column - 1) / columns());
            }

            @Override
            public boolean isBowed() {
                return bowed;
            }
        };
    }

    @Override
    public List<Path> upright() {
        Map<Lattice.Spot, Bar> within = new LinkedHashMap<>(Bars.read(breaks));
        within.keySet().removeIf(s -> s.row() <= 0 || s.row() >= rows() || s.column() >= columns());
        return new Lattice(columns(), rows(), true, within, Optional.empty()).strands(lay(), turns);
    }

    @Override
    public Optional<Lattice.Spot> spot(Point upright) {
        Lay lay = lay();
        int column = Math.floorMod(Math.round(Angle.bearing(upright) / 360 * columns()) + 1, columns());
        for (int row = 1; row < rows(); row++) {
            double away = lay.at(column, row).distance(upright);
            if (Math.floorMod(row + column, 2) == 1 && away < 0.3 * deep.value() / rows()) {
                return Optional.of(new Lattice.Spot(column, row));
            }
        }
        return Optional.empty();
    }

    @Override
    public Point acrossColumns(Point upright) {
        return upright.unit().right();
    }

    @Override
    public Seated reaching(double leg, boolean otherWay) {
        double share = deep.value() / radius.value();
        return (Ringplait) Seated.put(Seated.put(this, "radius", leg), "deep", share * leg);
    }
}
