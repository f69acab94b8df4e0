package org.hyphantes.treatment;

import java.util.List;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Finish;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/**
 * Raises bands, courses and pieces off the page, so that their side faces are seen, lit by one light.
 *
 * @param towards the bearing (degrees) in which they go down, where they all go the same way
 * @param deep how far (mm) they go down
 * @param right how far (mm) to the right of the centre the point lies that they go down to
 * @param down how far (mm) below it
 * @param share in hundredths, how far of the way to the point
 * @param light the bearing (degrees) that the light comes from
 */
public record Depth(
        String figures, Way way, Amount towards, Amount deep, Amount right, Amount down, Amount share, Amount light)
        implements Treatment {
    public static final Depth STARTING = new Depth(
            Surroundings.EVERY_FIGURE,
            Way.ONE_WAY,
            Amount.of(135),
            Amount.of(4),
            Amount.of(0),
            Amount.of(0),
            Amount.of(10),
            Amount.of(315));

    /** Where they go down. */
    public enum Way {
        ONE_WAY,
        TO_A_POINT
    }

    private static final Schema<Depth> SCHEMA = new Schema<>(
                    Depth.class,
                    "depth",
                    "",
                    List.of(
                            Setting.of(Depth.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Depth.class, "deep", new Kind.Length(0, 1e5)),
                            Setting.of(Depth.class, "towards", new Kind.Degrees(-360, 360)),
                            Setting.of(Depth.class, "way"),
                            Setting.of(Depth.class, "right", new Kind.Length(-1e5, 1e5)),
                            Setting.of(Depth.class, "down", new Kind.Length(-1e5, 1e5)),
                            Setting.of(Depth.class, "share", new Kind.Number(0, 95)),
                            Setting.of(Depth.class, "light", new Kind.Degrees(-360, 360))))
            .because("Side faces make a flat ornament stand off the page, by one light for all of it.")
            .telling(
                    d -> d.way == Way.ONE_WAY
                            ? "Raise {figures} {way}: {deep} deep towards {towards}, lit from {light}."
                            : "Raise {figures} {way} {right} right and {down} down of the centre: {share} % of the way, lit from {light}.");

    @Override
    public Schema<Depth> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.COLOUR;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        boolean point = way == Way.TO_A_POINT;
        Point where = point ? new Point(right.value(), down.value()) : Point.polar(deep.value(), towards.value());
        return Finishing.of(work, new Finish.Raised(point, where, share.value() / 100, light.value()));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return way == Way.ONE_WAY
                ? Numerals.length(deep.value(), unit)
                : Numerals.shown(share.value(), 1) + " % to a point";
    }
}
