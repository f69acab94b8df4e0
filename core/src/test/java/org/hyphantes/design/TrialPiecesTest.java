package org.hyphantes.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.hyphantes.figure.Arch;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Cog;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Lens;
import org.hyphantes.figure.LineForm;
import org.hyphantes.figure.PathEnds;
import org.hyphantes.figure.Polygon;
import org.hyphantes.figure.Rectangle;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.figure.Spiral;
import org.hyphantes.figure.Star;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.plane.Subdivision;
import org.hyphantes.setting.Amount;
import org.hyphantes.treatment.Between;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Offset;
import org.hyphantes.treatment.Row;
import org.hyphantes.treatment.Treatment;
import org.hyphantes.treatment.Turn;
import org.junit.jupiter.api.Test;

/** Pieces of ornament as they are set out at the bench; each stays live: one number changed at the end, and all follows. */
class TrialPiecesTest {
    private Design design = Design.empty("Trial");

    private String add(Form form) {
        design = Recipes.addFigure("design", form).change().apply(design);
        return design.root().members().get(design.root().members().size() - 1).id();
    }

    private void add(Treatment treatment) {
        design = Recipes.addStep("design", design.root().recipe().size(), treatment)
                .change()
                .apply(design);
    }

    private void set(String figure, String key, String text) throws Exception {
        design = new Subject.OfFigure("design", figure).set(design, key, text).value();
    }

    private void setStep(int step, String key, String text) throws Exception {
        String id = design.root().recipe().get(step).id();
        design = new Subject.OfStep("design", id).set(design, key, text).value();
    }

    private List<Laid> lines() {
        return new Resolver().resolve(design).work().lines();
    }

    private Box box() {
        return new Resolver().resolve(design).box();
    }

    /** A ring of two octagons 3 : 2 and eight bent lines turned about the centre. */
    @Test
    void theEightBranchedSpiralOfAnOctagon() throws Exception {
        design = design.withMeasure("octo", Amount.of(60));
        String outer = add(Polygon.STARTING);
        set(outer, "sides", "8");
        set(outer, "radius", "octo");
        String inner = add(Polygon.STARTING);
        set(inner, "sides", "8");
        set(inner, "radius", "octo * 2 / 3");
        for (int part = 0; part < 2; part++) {
            String bent = add(LineForm.STARTING);
            set(bent, "out", part == 0 ? "octo * 2 / 3" : "octo * 0.88");
            set(bent, "bearing", part == 0 ? "0" : "19");
            set(bent, "farout", part == 0 ? "octo * 0.88" : "octo");
            set(bent, "farbearing", part == 0 ? "19" : "45");
        }
        add(Turn.of(8));
        for (double octo : new double[] {60, 45}) {
            design = design.withMeasure("octo", Amount.of(octo));
            List<Path> paths = lines().stream().map(Laid::path).toList();
            assertThat(paths).hasSize(2 + 16);
            // The ring in eight branches, and what the inner octagon holds.
            assertThat(Subdivision.of(paths).faces() - 1).isEqualTo(9);
            double area =
                    Math.abs(paths.get(1).signedArea()) / Math.abs(paths.get(0).signedArea());
            assertThat(area).isCloseTo(4.0 / 9, within(1e-9));
            assertThat(box().height()).isCloseTo(2 * octo, within(1e-6));
        }
    }

    /** 24 lines through the centre, half a sector on: 48 sectors of 7.5 degrees, one of them upright. */
    @Test
    void twentyFourLinesThroughTheCentreOfACircle() throws Exception {
        add(Circle.STARTING);
        add(LineForm.STARTING.between(new Point(0, -60), new Point(0, 60), false));
        add(Turn.of(24).withOver(180).withStart(3.75));
        List<Path> paths = lines().stream().map(Laid::path).toList();
        assertThat(Subdivision.of(paths).faces() - 1).isEqualTo(48);
        assertThat(paths.stream().filter(p -> !p.closed()).mapToDouble(p -> Angle.bearing(p.start())))
                .anyMatch(b -> Math.abs(b - 3.75) < 1e-9);
        setStep(0, "times", "12");
        assertThat(Subdivision.of(lines().stream().map(Laid::path).toList()).faces() - 1)
                .isEqualTo(24);
    }

    @Test
    void aCogwheelOfTwelveTeeth() throws Exception {
        String cog = add(Cog.STARTING);
        assertThat(lines().get(0).path().size()).isEqualTo(48);
        set(cog, "teeth", "15");
        assertThat(lines().get(0).path().size()).isEqualTo(60);
    }

    /** 18 leaves 20 degrees apart, each half a leaf made whole. */
    @Test
    void aRosetteOfEighteenLeaves() throws Exception {
        String leaf = add(new Drawn("M 0 -12 C 14 -25 14 -45 0 -62"));
        design = Arranging.reshape(
                        design,
                        "design",
                        Set.of(leaf),
                        paths -> paths.stream()
                                .map(p -> PathEnds.whole(p).orElseThrow())
                                .toList(),
                        "Made whole.")
                .change()
                .apply(design);
        add(Turn.of(18));
        List<Laid> lines = lines();
        assertThat(lines)
                .hasSize(18)
                .allSatisfy(l -> assertThat(l.path().closed()).isTrue());
        assertThat(Angle.bearing(lines.get(1).path().start())).isCloseTo(20, within(1e-6));
        setStep(0, "times", "12");
        assertThat(lines()).hasSize(12);
    }

    @Test
    void aStarWithAllItsSidesBentAlike() throws Exception {
        String star = add(Star.STARTING);
        set(star, "tips", "10");
        for (double share : new double[] {0.1, -0.2}) {
            Design bent = Arranging.reshape(
                            design,
                            "design",
                            Set.of(star),
                            paths -> paths.stream()
                                    .map(p -> Reshaping.everySideBent(p, share))
                                    .toList(),
                            "Bent.")
                    .change()
                    .apply(design);
            Path path = new Resolver().resolve(bent).work().lines().get(0).path();
            assertThat(path.size()).isEqualTo(20);
            assertThat(path.curves())
                    .allSatisfy(c -> assertThat(Math.abs(c.curvature(0.5)))
                            .isCloseTo(Math.abs(path.curves().get(0).curvature(0.5)), within(1e-4)));
        }
    }

    /** A spiral with leaves laid along it, growing outward; the spiral wound wider takes its leaves with it. */
    @Test
    void aVine() throws Exception {
        String stem = add(Spiral.STARTING);
        String small = add(Lens.STARTING.reaching(4, false));
        String large = add(Lens.STARTING.reaching(8, false));
        design = Arranging.stand("design", Set.of(small, large), s -> s.withHelper(true), "Helpers.")
                .change()
                .apply(design);
        add(Between.STARTING);
        setStep(0, "steps", "22");
        setStep(0, "from", "Lens");
        setStep(0, "to", "Lens 2");
        setStep(0, "along", "Spiral");
        setStep(0, "heading", "along it");
        for (String spacing : new String[] {"12", "20"}) {
            set(stem, "spacing", spacing);
            List<Laid> lines = lines();
            assertThat(lines).hasSize(23);
            Path spiral = lines.get(0).path();
            for (Laid leaf : lines.subList(1, 23)) {
                assertThat(spiral.at(spiral.nearest(leaf.seat())).distance(leaf.seat()))
                        .isLessThan(1e-6);
            }
            assertThat(lines.get(22).path().length())
                    .isGreaterThan(1.5 * lines.get(1).path().length());
        }
    }

    @Test
    void nestedOutlinesOfAnArch() throws Exception {
        String arch = add(Arch.STARTING);
        add(Offset.STARTING);
        setStep(0, "side", "inward");
        setStep(0, "by", "6");
        setStep(0, "times", "4");
        assertThat(lines()).hasSize(5);
        // The innermost is 24 mm in on either side, 48 mm lower, its crown a half circle of 6 mm.
        Box inner = lines().get(4).path().box();
        assertThat(inner.width()).isCloseTo(60 - 48, within(1e-6));
        assertThat(inner.height()).isCloseTo(90 - 48, within(1e-6));
        set(arch, "width", "90");
        set(arch, "rise", "45");
        assertThat(lines().get(4).path().box().width()).isCloseTo(90 - 48, within(1e-6));
    }

    @Test
    void initialsOfParallelBars() throws Exception {
        String bar = add(Rectangle.STARTING);
        set(bar, "width", "16");
        set(bar, "height", "120");
        add(Row.STARTING);
        setStep(0, "steps", "50 25 120 50");
        assertThat(lines()).extracting(l -> Math.rint(l.seat().x())).containsExactly(0.0, 50.0, 75.0, 195.0, 245.0);
        setStep(0, "steps", "50 25 60 50");
        assertThat(lines().get(4).seat().x()).isCloseTo(185, within(1e-9));
    }
}
