package org.hyphantes.design;

import java.util.List;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * A picture to trace or compare, which never reaches the result: its file, how wide it lies on the page, how strong it is seen,
 * where its middle is, and whether the hand can move it. The starting sketch has no file and is none.
 */
public record Sketch(String file, Amount width, Amount opacity, Amount out, Amount bearing, Hold hand)
        implements Described {
    /** The word for no picture. */
    public static final String NONE = "none";

    public static final Sketch STARTING =
            new Sketch(NONE, Amount.of(120), Amount.of(0.5), Amount.of(0), Amount.of(0), Hold.FREE);

    private static final Schema<Sketch> SCHEMA = new Schema<>(
                    Sketch.class,
                    "sketch",
                    "Sketch {file}, {width} wide, opacity {opacity}, its middle {out} out at {bearing}, {hand}.",
                    List.of(
                            Setting.of(Sketch.class, "file", new Kind.Text("a PNG or JPEG file, or none", Limits.PATH)),
                            Setting.of(Sketch.class, "width", new Kind.Length(0.1, 1e5)),
                            Setting.of(Sketch.class, "opacity", new Kind.Number(0, 1)),
                            Setting.of(Sketch.class, "out", new Kind.Length(-1e6, 1e6)),
                            Setting.of(Sketch.class, "bearing", new Kind.Degrees(-3600, 3600)),
                            Setting.of(Sketch.class, "hand")))
            .because("A drawing or a photograph to trace; it never reaches the result.");

    /** Whether the hand can move it. */
    public enum Hold {
        FREE,
        LOCKED
    }

    @Override
    public Schema<Sketch> schema() {
        return SCHEMA;
    }

    public boolean isPresent() {
        return !file.equals(NONE);
    }

    public Point middle() {
        return Point.polar(out.value(), bearing.value());
    }

    /** This sketch with its middle elsewhere. */
    public Sketch at(Point place) {
        double at = place.length() < 1e-9 ? 0 : org.hyphantes.geometry.Angle.bearing(place);
        return new Sketch(file, width, opacity, Amount.of(place.length()), Amount.of(at), hand);
    }

    /** This sketch of another picture. */
    public Sketch of(String picture) {
        return new Sketch(picture, width, opacity, out, bearing, hand);
    }
}
