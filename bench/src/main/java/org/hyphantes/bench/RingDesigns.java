package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Material;
import org.hyphantes.design.Member;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Circle;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Turn;

/** Woven rings of circles, each crossing its two neighbours twice, on a seat that grows with their number. */
final class RingDesigns {
    /** The radius (mm) of the circles: they stand 20 mm apart, so only neighbours meet. */
    static final double RADIUS = 13;

    private RingDesigns() {}

    /** A ring with so many crossings; an even number, 6 at least. */
    static Design ofCrossings(int crossings) {
        return ofCrossings(crossings, 2);
    }

    /** A ring whose bands are so wide that its grounds come out too narrow, which a gauge says and offers to mend. */
    static Design cramped(int crossings) {
        return ofCrossings(crossings, 6);
    }

    private static Design ofCrossings(int crossings, double width) {
        int circles = crossings / 2;
        double seat = 10 / Math.sin(Math.PI / circles);
        Circle circle = new Circle(Amount.of(RADIUS), Amount.of(seat), Amount.of(0));
        Group root = new Group(
                "design",
                "Ring",
                List.of(new Figure("circle-1", "Circle", circle)),
                List.of(
                        new Step(true, Turn.STARTING.withTimes(circles)),
                        new Step(true, Band.of(Amount.of(width), Ends.BUTT)),
                        new Step(true, Interlace.STARTING)));
        return new Design("Ring of " + crossings, Unit.MM, Material.PRINT, Map.of(), root);
    }

    /** A rosette of 45 circles of radius 40 that all overlap, in a wide circle: close to a thousand crossings on one page. */
    static Design rosette() {
        Group root = new Group(
                "design",
                "Rosette",
                List.of(
                        new Figure("circle-1", "Circle", new Circle(Amount.of(40), Amount.of(62), Amount.of(0))),
                        new Figure("circle-2", "Wide circle", new Circle(Amount.of(70), Amount.of(0), Amount.of(0)))),
                List.of(
                        new Step(true, Turn.STARTING.withTimes(45)),
                        new Step(true, Band.of(Amount.of(1), Ends.BUTT)),
                        new Step(true, Interlace.STARTING.withClearance(0.2))));
        return new Design("Rosette", Unit.MM, Material.PRINT, Map.of(), root);
    }

    /** The lines of such a rosette of 47 circles divided into about a thousand pieces, with a joint (mm) between them. */
    static Design pieces(double joint) {
        Group root = new Group(
                "design",
                "Pieces",
                rosette().root().members(),
                List.of(new Step(true, Turn.STARTING.withTimes(47)), new Step(true, Pieces.STARTING.withJoint(joint))));
        return new Design("Pieces", Unit.MM, Material.PRINT, Map.of(), root);
    }

    /** A ring with so many crossings, each of whose strands has a gradient along it. */
    static Design along(int crossings) {
        Design ring = ofCrossings(crossings);
        List<Step> recipe = new ArrayList<>(ring.root().recipe());
        Colouring along = Colouring.STARTING.with("fill", "along").with("towards", Amount.of(8));
        recipe.add(new Step(true, along));
        return ring.withRoot(ring.root().withRecipe(recipe));
    }

    /** A cloth of so many tiles each way, of so many circles each way, each of which crosses its four neighbours twice. */
    static Design cloth(int circles, int tiles) {
        List<Member> members = new ArrayList<>();
        for (int i = 0; i < circles * circles; i++) {
            Point centre = new Point(20 * (i % circles + 0.3), 20 * (i / circles + 0.6));
            members.add(new Figure(
                    "circle-" + (i + 1),
                    "Circle " + (i + 1),
                    new Circle(Amount.of(RADIUS), Amount.of(centre.length()), Amount.of(Angle.bearing(centre)))));
        }
        Repeat repeat = Repeat.STARTING
                .with("width", Amount.of(20 * circles))
                .with("height", Amount.of(20 * circles))
                .with("columns", Amount.of(tiles))
                .with("rows", Amount.of(tiles));
        Group root = new Group(
                "design",
                "Cloth",
                members,
                List.of(
                        new Step(true, repeat),
                        new Step(true, Band.of(Amount.of(2), Ends.BUTT)),
                        new Step(true, Interlace.STARTING)));
        return new Design("Cloth", Unit.MM, Material.PRINT, Map.of(), root);
    }

    static Design withRadius(Design design, double radius) {
        Figure figure = design.root().figure("circle-1").orElseThrow();
        Circle circle = (Circle) figure.form();
        return design.withRoot(design.root()
                .withMembers(design.root().members().stream()
                        .map(m -> m == figure
                                ? figure.withForm(new Circle(Amount.of(radius), circle.out(), circle.bearing()))
                                : m)
                        .toList()));
    }
}
