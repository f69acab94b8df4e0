package org.hyphantes.figure;

import java.util.List;
import java.util.stream.Stream;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * A form about a middle of its own, seated a distance out from the centre of its group at a bearing; it faces that way, and may be
 * turned further.
 */
public sealed interface Seated extends Form
        permits Circle,
                Ring,
                Oval,
                Polygon,
                Star,
                ArcForm,
                Spiral,
                Lens,
                Rectangle,
                Arch,
                Cog,
                Trochoid,
                Rose,
                Lettering,
                Breakable {
    /** The end of the sentence of every seated form. */
    String SEAT = ", seated {out} out at {bearing}, turned {turned}.";

    Amount out();

    Amount bearing();

    /** How far (degrees) it is turned from facing the way it is seated. */
    Amount turned();

    /** The paths about the origin, facing the top of the page. */
    List<Path> upright();

    /** This form so large that a leg of the dividers, from the middle, reaches it. */
    Seated reaching(double leg, boolean otherWay);

    @Override
    default List<Path> paths(PageBox pageBox) {
        Affine placed = placed();
        return upright().stream().map(p -> p.map(placed)).toList();
    }

    @Override
    default Point centre() {
        return Point.polar(out().value(), bearing().value());
    }

    /** How it is laid in its place. */
    default Affine placed() {
        return Affine.shift(centre()).after(Affine.turn(bearing().value() + turned().value(), Point.ORIGIN));
    }

    @Override
    default Form between(Point first, Point second, boolean otherWay) {
        return reaching(first.distance(second), otherWay).seated(first, Angle.bearing(second.minus(first)));
    }

    /** This form with another middle, facing a bearing. */
    default Form seated(Point middle, double facing) {
        double away = middle.length() < 1e-9 ? 0 : middle.length();
        double at = away == 0 ? facing : Angle.bearing(middle);
        Form there = put(put(this, "out", away), "bearing", at);
        return put(there, "turned", Angle.turned(facing - at));
    }

    @Override
    default Form carried(Affine similarity) {
        double scale = Math.sqrt(similarity.determinant());
        double by = Angle.bearing(similarity.ofDirection(Point.polar(1, 0)));
        Form scaled = scaled(this, scale, List.of("out"));
        return ((Seated) scaled).seated(similarity.of(centre()), bearing().value() + turned().value() + by);
    }

    /** A form with every length but some scaled. */
    static Form scaled(Form form, double scale, List<String> except) {
        Form scaled = form;
        for (String key : form.schema().keys()) {
            if (form.schema().isLength(key) && !except.contains(key)) {
                scaled = put(scaled, key, ((Amount) form.schema().value(form, key)).value() * scale);
            }
        }
        return scaled;
    }

    /** A form with one number set; a number that is the same but for rounding keeps its expression. */
    static Form put(Form form, String key, double value) {
        Schema<?> schema = form.schema();
        if (!schema.keys().contains(key)
                || Math.abs(((Amount) schema.value(form, key)).value() - value) <= 1e-9 * (1 + Math.abs(value))) {
            return form;
        }
        return (Form) schema.put(form, key, Amount.of(Math.rint(value * 1e9) / 1e9));
    }

    /** The three settings of a seat. */
    static <T extends Record & Seated> Stream<Setting<T>> seat(Class<T> type) {
        return Stream.of(
                Setting.of(type, "out", Sizes.OUT),
                Setting.of(type, "bearing", Sizes.BEARING),
                Setting.of(type, "turned", Sizes.BEARING));
    }

    /** All settings of a seated form: its own and those of its seat. */
    static <T extends Record & Seated> List<Setting<T>> settings(Class<T> type, List<Setting<T>> own) {
        return Stream.concat(own.stream(), seat(type)).toList();
    }

    /** A length of a form that is above 0. */
    static <T extends Record & Seated> Setting<T> size(Class<T> type, String key) {
        return Setting.of(type, key, Sizes.SIZE);
    }
}
