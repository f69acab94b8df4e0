package org.hyphantes.design;

import java.util.List;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * How a design is handed over.
 *
 * @param extent how much of it goes out
 * @param painted whether with its fills, as outlines alone, or as the passes of a machine
 * @param scale how large, in parts of its size
 * @param resolution of a picture, in pixels to the inch (25.4 mm)
 */
public record Handing(Extent extent, Painted painted, Amount scale, Amount resolution) implements Described {
    public static final Handing STARTING =
            new Handing(Extent.ALL_OF_IT, Painted.WITH_FILLS, Amount.of(1), Amount.of(300));

    /** The millimetres of an inch. */
    public static final double INCH = 25.4;

    private static final Schema<Handing> SCHEMA = new Schema<>(
                    Handing.class,
                    "handing",
                    "Hand over {extent}, {painted}, {scale} times its size; pictures with {resolution} pixels to the inch.",
                    List.of(
                            Setting.of(Handing.class, "extent"),
                            Setting.of(Handing.class, "painted"),
                            Setting.of(Handing.class, "scale", new Kind.Number(0.001, 1000)),
                            Setting.of(Handing.class, "resolution", new Kind.Count(10, 2400))))
            .because("What goes into the file, whatever its format.");

    /** How much of a design goes out. */
    public enum Extent {
        ALL_OF_IT,
        /** The smallest upright rectangle that repeats, so that laid edge to edge it makes the cloth. */
        ONE_TILE,
        /** That tile as a pattern which fills the cloth. */
        AS_A_PATTERN
    }

    /** How areas go out. */
    public enum Painted {
        WITH_FILLS,
        AS_OUTLINES,
        /** What the machine follows, pass after pass. */
        AS_PASSES
    }

    @Override
    public Schema<Handing> schema() {
        return SCHEMA;
    }
}
