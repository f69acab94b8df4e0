package org.hyphantes.figure;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** A straight line between two points, each given by its distance from the centre of its group and its bearing. */
public record Line(Amount out, Amount bearing, Amount toOut, Amount toBearing) implements Form {
    public static final Line STARTING = new Line(Amount.of(60), Amount.of(0), Amount.of(60), Amount.of(180));

    private static final Schema<Line> SCHEMA = new Schema<>(
            Line.class,
            "line",
            "Line from {out} out at {bearing} to {farout} out at {farbearing}.",
            List.of(
                    Setting.number("out", Sizes.OUT, Line::out, (l, v) -> new Line(v, l.bearing, l.toOut, l.toBearing)),
                    Setting.number(
                            "bearing",
                            Sizes.BEARING,
                            Line::bearing,
                            (l, v) -> new Line(l.out, v, l.toOut, l.toBearing)),
                    Setting.number(
                            "farout", Sizes.OUT, Line::toOut, (l, v) -> new Line(l.out, l.bearing, v, l.toBearing)),
                    Setting.number(
                            "farbearing",
                            Sizes.BEARING,
                            Line::toBearing,
                            (l, v) -> new Line(l.out, l.bearing, l.toOut, v))));

    @Override
    public Schema<Line> schema() {
        return SCHEMA;
    }

    @Override
    public Path path() {
        return Path.open(new org.hyphantes.geometry.Line(start(), end()));
    }

    @Override
    public Point centre() {
        return start().middle(end());
    }

    private Point start() {
        return Point.polar(out.value(), bearing.value());
    }

    private Point end() {
        return Point.polar(toOut.value(), toBearing.value());
    }
}
