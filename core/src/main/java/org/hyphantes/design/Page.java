package org.hyphantes.design;

import java.util.List;
import org.hyphantes.figure.PageBox;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** The page (mm) about the centre of the design, and whether its centre lines are seen. It starts as A4 of ISO 216. */
public record Page(Amount width, Amount height, Shown centrelines) implements Described {
    public static final Page STARTING = new Page(Amount.of(210), Amount.of(297), Shown.HIDDEN);

    private static final Schema<Page> SCHEMA = new Schema<>(
                    Page.class,
                    "page",
                    "Page {width} wide and {height} high, centre lines {centrelines}.",
                    List.of(
                            Setting.of(Page.class, "width", new Kind.Length(1, 1e5)),
                            Setting.of(Page.class, "height", new Kind.Length(1, 1e5)),
                            Setting.of(Page.class, "centrelines")))
            .because("What the design is to stand on; it never reaches the result.");

    /** Whether something is drawn. */
    public enum Shown {
        HIDDEN,
        SHOWN
    }

    @Override
    public Schema<Page> schema() {
        return SCHEMA;
    }

    public Box box() {
        double x = width.value() / 2;
        double y = height.value() / 2;
        return new Box(-x, -y, x, y);
    }

    public PageBox pageBox() {
        return new PageBox(box());
    }

    /** This page so large that a box fits on it with a margin all round; whole millimetres. */
    public Page fitting(Box box, double margin) {
        double x = Math.max(Math.abs(box.left()), Math.abs(box.right())) + margin;
        double y = Math.max(Math.abs(box.top()), Math.abs(box.bottom())) + margin;
        return new Page(Amount.of(Math.ceil(2 * x - 1e-9)), Amount.of(Math.ceil(2 * y - 1e-9)), centrelines);
    }
}
