package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.PieceFills;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Ramp;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.weave.Reach;
import org.junit.jupiter.api.Test;

/** What gets which colour, in steps and sides, with gradients, hatches and edges. */
class ColouringTest {
    private static final List<Form> ROSETTE = List.of(
            new Circle(Amount.of(25), Amount.of(30), Amount.of(0)),
            new Circle(Amount.of(50), Amount.of(0), Amount.of(0)));

    private static Colouring with(Colouring colouring, String... settings) throws CannotRead {
        Object changed = colouring;
        for (int i = 0; i < settings.length; i += 2) {
            changed = colouring
                    .schema()
                    .read(
                            changed,
                            settings[i],
                            settings[i + 1],
                            Design.empty("t").scope())
                    .value();
        }
        return (Colouring) changed;
    }

    private static Artwork pieces(Treatment... further) {
        List<Treatment> recipe = new ArrayList<>(List.of(Turn.of(8), Pieces.STARTING));
        recipe.addAll(List.of(further));
        return new Resolver().resolve(Trial.design(Material.PRINT, ROSETTE, recipe.toArray(Treatment[]::new)));
    }

    private static List<Colour> byRing(Artwork artwork) {
        Inlay inlay = artwork.work().mosaics().get(0);
        List<Colour> colours = new ArrayList<>();
        for (int ring = 1; ring <= inlay.mosaic().division().rings(); ring++) {
            int number = ring;
            Set<Fill> fills = new HashSet<>();
            IntStream.range(0, inlay.colours().size())
                    .filter(i -> inlay.mosaic().pieces().get(i).ring() == number)
                    .forEach(i -> fills.add(inlay.colours().get(i).orElseThrow()));
            assertThat(fills).as("one colour in ring " + ring).hasSize(1);
            colours.add(fills.iterator().next().colour());
        }
        return colours;
    }

    @Test
    void ringsPassFromOneWellToAnotherInEvenSteps() throws CannotRead {
        Colouring rings =
                with(Colouring.STARTING.withBy(ColouredBy.RING), "order", "in steps", "well", "1", "last", "4");
        List<Colour> colours = byRing(pieces(rings));
        Colour first = Colourway.QUAY.well(1).colour();
        Colour last = Colourway.QUAY.well(4).colour();
        assertThat(colours).hasSizeGreaterThan(3);
        for (int i = 0; i < colours.size(); i++) {
            assertThat(colours.get(i)).isEqualTo(first.towards(last, (double) i / (colours.size() - 1)));
        }
        // Two wells in turn; of three rings the first, while the others keep what they have.
        List<Colour> two = byRing(pieces(with(Colouring.STARTING.withBy(ColouredBy.RING), "well", "2", "last", "3")));
        assertThat(new HashSet<>(two)).hasSize(2);
        List<Colour> third = byRing(pieces(
                with(Colouring.STARTING.withBy(ColouredBy.RING), "well", "9", "last", "9"),
                with(Colouring.STARTING.withBy(ColouredBy.RING), "every", "3", "well", "4", "last", "4")));
        for (int i = 0; i < third.size(); i++) {
            assertThat(third.get(i))
                    .isEqualTo(Colourway.QUAY.well(i % 3 == 0 ? 4 : 9).colour());
        }
    }

    /** Inside and outside a figure: the areas of what has the first well come to that of the circle. */
    @Test
    void sidesAreThoseOfTheFiguresNamed() {
        Colouring inside =
                Colouring.STARTING.withBy(ColouredBy.SIDE).with("figures", "f1").with("last", Amount.of(2));
        Inlay inlay = pieces(inside).work().mosaics().get(0);
        double area = 0;
        for (int i = 0; i < inlay.colours().size(); i++) {
            if (inlay.colours()
                    .get(i)
                    .orElseThrow()
                    .colour()
                    .equals(Colourway.QUAY.well(1).colour())) {
                area += inlay.mosaic().pieces().get(i).area();
            }
        }
        assertThat(area).isCloseTo(Math.PI * 2500, within(1e-6));
    }

    /** The look of one piece given to others by hand is that of the one whatever it becomes, and with other counts. */
    @Test
    void piecesTakeTheWholeLookOfAnother() throws CannotRead {
        Colouring radial = with(Colouring.STARTING.withBy(ColouredBy.RING), "fill", "radial", "towards", "8");
        Design design = Trial.design(Material.PRINT, ROSETTE, Turn.of(8), Pieces.STARTING, radial);
        Inlay inlay = new Resolver().resolve(design).work().mosaics().get(0);
        PieceFills fills = new PieceFills(design, inlay);
        int model = cell(inlay, 2);
        int other = cell(inlay, 3);
        assertThat(fills.like(List.of(model), model, Reach.EVERY_TURN)).isEmpty();
        Design alike = fills.like(List.of(other), model, Reach.EVERY_TURN)
                .orElseThrow()
                .change()
                .apply(design);
        for (int times : new int[] {8, 9}) {
            Design turned = alike.withRoot(alike.root()
                    .withRecipe(alike.root().recipe().stream()
                            .map(s -> s.treatment() instanceof Turn turn ? s.with(turn.withTimes(times)) : s)
                            .toList()));
            Inlay now = new Resolver().resolve(turned).work().mosaics().get(0);
            assertThat(looks(now, 3)).hasSize(1).isEqualTo(looks(now, 2)).isNotEqualTo(looks(now, 4));
            Design filled = new PieceFills(turned, now)
                    .fill(List.of(cell(now, 2)), 7, Reach.EVERY_TURN)
                    .orElseThrow()
                    .change()
                    .apply(turned);
            Inlay last = new Resolver().resolve(filled).work().mosaics().get(0);
            assertThat(looks(last, 3)).isEqualTo(looks(last, 2));
            assertThat(looks(last, 3).iterator().next().colour())
                    .isEqualTo(Colourway.QUAY.well(7).colour());
        }
    }

    private static int cell(Inlay inlay, int ring) {
        return inlay.mosaic().pieces().stream()
                .filter(p -> p.ring() == ring)
                .findFirst()
                .orElseThrow()
                .cells()
                .get(0);
    }

    private static Set<Fill> looks(Inlay inlay, int ring) {
        Set<Fill> looks = new HashSet<>();
        for (int i = 0; i < inlay.colours().size(); i++) {
            if (inlay.mosaic().pieces().get(i).ring() == ring) {
                looks.add(inlay.colours().get(i).orElseThrow());
            }
        }
        return looks;
    }

    /** A gradient outward turns with the pieces: each of a ring has it as far from the middle. */
    @Test
    void gradientsTurnWithTheirParts() throws CannotRead {
        Artwork artwork = pieces(with(Colouring.STARTING.withBy(ColouredBy.RING), "fill", "linear", "towards", "8"));
        Inlay inlay = artwork.work().mosaics().get(0);
        List<Double> begins = artwork.scene().flat().stream()
                .filter(m -> m instanceof Mark.Area a
                        && inlay.mosaic().pieces().get(a.origin().piece() - 1).ring() == 2)
                .map(m -> ((Ramp) ((Mark.Area) m).paint().fill().orElseThrow())
                        .from()
                        .length())
                .toList();
        assertThat(begins).hasSize(8).allSatisfy(b -> assertThat(b).isCloseTo(begins.get(0), within(1e-9)));
    }

    @Test
    void edgesAreOfAWellAndAWeightOrNone() throws CannotRead {
        Colouring rings = Colouring.STARTING.withBy(ColouredBy.RING);
        Edging wide = Edging.STARTING.with("well", Amount.of(8)).with("weight", Amount.of(1.2));
        // Before or after the colouring is the same.
        for (Treatment[] order : new Treatment[][] {{rings, wide}, {wide, rings}}) {
            assertThat(areas(pieces(order))).isNotEmpty().allSatisfy(paint -> {
                assertThat(paint.line()).contains(Colourway.QUAY.well(8).colour());
                assertThat(paint.weight()).isEqualTo(1.2);
                assertThat(paint.fill().orElseThrow()).isInstanceOf(Flat.class);
            });
        }
        Edging none = Edging.STARTING.with("lines", "no lines");
        assertThat(areas(pieces(wide, none)))
                .allSatisfy(p -> assertThat(p.line()).isEmpty());
    }

    private static List<Paint> areas(Artwork artwork) {
        return artwork.scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .map(m -> ((Mark.Area) m).paint())
                .toList();
    }

    /** Lines times their distance come to the area; a hatch too dense is said with its count, and mended. */
    @Test
    void aHatchCoversItsAreaAndIsRefusedWhereItIsTooDense() throws CannotRead {
        Colouring hatch = with(Colouring.STARTING.withBy(ColouredBy.RING), "fill", "hatch", "spacing", "0.1");
        Artwork artwork = pieces(hatch);
        double length = artwork.scene().flat().stream()
                .filter(Mark.Stroke.class::isInstance)
                .mapToDouble(m -> ((Mark.Stroke) m).path().length())
                .sum();
        double area = artwork.work().mosaics().get(0).mosaic().pieces().stream()
                .mapToDouble(p -> p.area())
                .sum();
        assertThat(0.1 * length).isCloseTo(area, within(area / 1000));
        Design dense = Trial.design(
                Material.PRINT, ROSETTE, Turn.of(8), Pieces.STARTING, hatch.with("spacing", Amount.of(1e-6)));
        Artwork refused = new Resolver().resolve(dense);
        Snag snag = Inspection.of(dense, refused, Watch.NONE, true).snags().stream()
                .filter(s -> s.words().contains("would lay"))
                .findFirst()
                .orElseThrow();
        assertThat(snag.words()).containsPattern("would lay [\\d,]{9,} lines");
        Design mended = snag.mend().orElseThrow().change().of(dense, Watch.NONE);
        assertThat(new Resolver().resolve(mended).faults()).isEmpty();
    }
}
