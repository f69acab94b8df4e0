package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Ring;
import org.hyphantes.figure.Star;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Paint;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Unit;
import org.junit.jupiter.api.Test;

/** Figures filled in: their areas in closed form, where they lie, and what later steps make of them. */
class InfillTest {
    private static final Colour RED = new Colour("#9E1F38");

    private static final Figure RING =
            new Figure("ring", "Ring", new Ring(Amount.of(20), Amount.of(5), Amount.of(0), Amount.of(0), Amount.of(0)));

    private static final Figure DISC = new Figure(
                    "disc", "Disc", new Circle(Amount.of(10), Amount.of(50), Amount.of(0)))
            .coloured(Optional.of(RED));

    private static final Star FIVE = Star.STARTING.schema().put(Star.STARTING, "tips", Amount.of(5));

    private static Artwork made(List<Figure> figures, Treatment... steps) {
        List<Step> recipe =
                java.util.Arrays.stream(steps).map(s -> new Step(true, s)).toList();
        Group root = new Group("design", "D", List.copyOf(figures), recipe);
        return new Resolver().resolve(new Design("D", Unit.MM, Material.PRINT, Map.of(), root));
    }

    private static List<Mark.Area> areas(Artwork artwork) {
        return artwork.scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .toList();
    }

    private static double area(List<Mark.Area> areas) {
        return areas.stream().mapToDouble(a -> a.region().area()).sum();
    }

    @Test
    void eachFigureIsAnAreaOfItsOwnColourAndHolesAreLeft() {
        List<Mark.Area> areas = areas(made(List.of(RING, DISC), Infill.STARTING));
        assertThat(areas).hasSize(2);
        assertThat(areas.get(0).region().area()).isCloseTo(Math.PI * (400 - 225), within(1e-9));
        assertThat(areas.get(1).region().area()).isCloseTo(Math.PI * 100, within(1e-9));
        assertThat(areas.get(1).paint().fill().orElseThrow().colour()).isEqualTo(RED);
        assertThat(areas.get(0).paint().fill()).isEqualTo(Paint.BAND.fill());
        assertThat(areas).allMatch(a -> a.paint().line().isEmpty());
        // One of them alone: the other stays two lines.
        Artwork one = made(List.of(RING, DISC), new Infill("disc", Infill.Overlaps.LEFT_OPEN));
        assertThat(areas(one)).hasSize(1);
        assertThat(one.scene().flat()).hasSize(3);
    }

    /** A star drawn in one line goes twice round its middle. */
    @Test
    void overlapsAreLeftOpenOrFilled() {
        Figure star = new Figure("star", "Star", Star.STARTING.schema().put(FIVE, "joins", Amount.of(2)));
        double open = area(areas(made(List.of(star), new Infill("every line", Infill.Overlaps.LEFT_OPEN))));
        double filled = area(areas(made(List.of(star), new Infill("every line", Infill.Overlaps.FILLED))));
        double radius = Star.STARTING.radius().value();
        // The pentagon within a pentagram, whose corners lie at cos 72 / cos 36 of its radius (Euclid XIII, common
        // geometry).
        double within = radius * Math.cos(Math.toRadians(72)) / Math.cos(Math.toRadians(36));
        assertThat(filled - open).isCloseTo(2.5 * within * within * Math.sin(Math.toRadians(72)), within(1e-6));
    }

    @Test
    void copiesAreFilledOneByOneAndWhatIsWovenLiesOnItsArea() {
        Treatment turn = Turn.STARTING.schema().put(Turn.STARTING, "times", Amount.of(6));
        List<Mark.Area> turned = areas(made(List.of(DISC), Infill.STARTING, turn));
        assertThat(turned).hasSize(6);
        assertThat(area(turned)).isCloseTo(600 * Math.PI, within(1e-6));
        Artwork woven = made(List.of(RING), Infill.STARTING, Band.of(Amount.of(2), Ends.BUTT), Interlace.STARTING);
        assertThat(woven.work().weaves()).hasSize(1);
        List<Mark.Area> both = areas(woven);
        assertThat(both.get(0).region().area()).isCloseTo(Math.PI * (400 - 225), within(1e-9));
        assertThat(area(both.subList(1, both.size()))).isCloseTo(2 * 2 * Math.PI * 35, within(1e-6));
        // Divided, a filled figure is a piece, and keeps its colour.
        Artwork pieces = made(List.of(DISC), Infill.STARTING, Pieces.STARTING);
        assertThat(areas(pieces))
                .hasSize(1)
                .allMatch(a ->
                        a.paint().fill().filter(f -> f.colour().equals(RED)).isPresent());
    }

    /** What was combined is one area with its holes; an image is filled by itself, though it lies over what it is the image of. */
    @Test
    void combinedAreasKeepTheirHolesAndImagesAreAreasOfTheirOwn() {
        Figure plate = new Figure("plate", "Plate", new Circle(Amount.of(30), Amount.of(40), Amount.of(90)));
        Figure hole = new Figure("hole", "Hole", new Circle(Amount.of(4), Amount.of(52), Amount.of(90)));
        Treatment first = Combine.STARTING
                .schema()
                .put(Combine.STARTING, "kept", Entry.word(Combined.THE_FIRST_WITHOUT_THE_OTHERS_OF));
        Treatment turn = Turn.STARTING.schema().put(Turn.STARTING, "times", Amount.of(2));
        for (List<Treatment> recipe : List.of(List.of(first, Infill.STARTING), List.of(Infill.STARTING, first))) {
            List<Mark.Area> areas = areas(made(List.of(plate, hole), recipe.toArray(Treatment[]::new)));
            assertThat(areas).hasSize(1);
            assertThat(area(areas)).isCloseTo(Math.PI * (900 - 16), within(1e-6));
        }
        List<Mark.Area> turned = areas(made(List.of(plate, hole), first, turn, Infill.STARTING));
        assertThat(turned).hasSize(2);
        assertThat(area(turned)).isCloseTo(2 * Math.PI * (900 - 16), within(1e-6));
        Figure beside = new Figure("disc", "Disc", new Circle(Amount.of(10), Amount.of(3), Amount.of(90)));
        List<Mark.Area> mirrored = areas(made(List.of(beside), Mirror.STARTING, Infill.STARTING));
        assertThat(mirrored).hasSize(2);
        assertThat(area(mirrored)).isCloseTo(200 * Math.PI, within(1e-6));
    }
}
