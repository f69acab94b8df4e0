package org.hyphantes.design;

import java.util.List;
import java.util.Map;
import org.hyphantes.figure.Circle;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Turn;

/** The demo design, as its file in the application has it: eight circles in a ring and a wide one, woven. */
public final class TideRing {
    private TideRing() {}

    public static Design design() {
        Figure circle = new Figure("circle-1", "Circle", new Circle(Amount.of(40), Amount.of(62), Amount.of(0)));
        Figure wide = new Figure("circle-2", "Wide circle", new Circle(Amount.of(70), Amount.of(0), Amount.of(0)));
        List<Step> recipe = List.of(
                new Step(true, Turn.STARTING.withTimes(8)),
                new Step(true, Band.STARTING),
                new Step(true, Interlace.STARTING));
        return new Design(
                "Tide Ring",
                Unit.MM,
                Material.METAL_INLAY,
                Map.of(),
                new Group("design", "Tide Ring", List.of(circle, wide), recipe));
    }
}
