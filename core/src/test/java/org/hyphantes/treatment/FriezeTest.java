package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Rectangle;
import org.hyphantes.figure.Rounded;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;

/** Friezes along the lines of figures. */
class FriezeTest {
    private static Form line(double x1, double y1, double x2, double y2) {
        return Drawn.of(List.of(Path.open(new Line(new Point(x1, y1), new Point(x2, y2)))));
    }

    private static Artwork laid(Form guide, String group, int cells, Form... motif) {
        List<Form> forms = new ArrayList<>(List.of(guide));
        forms.addAll(List.of(motif));
        Repeat repeat = Repeat.STARTING
                .with("group", group)
                .with("width", Amount.of(20))
                .with("columns", Amount.of(cells))
                .with("along", "f0");
        Design design = Trial.design(
                Material.PRINT,
                forms,
                repeat,
                Band.of(Amount.of(1.5), Ends.BUTT),
                Interlace.STARTING.withClearance(0.2));
        return new Resolver().resolve(design);
    }

    private static Weave weave(Artwork artwork) {
        assertThat(artwork.faults()).isEmpty();
        return artwork.work().weaves().get(0).weave();
    }

    private static Form circle(double radius) {
        return new Circle(Amount.of(radius), Amount.of(0), Amount.of(0));
    }

    /** Three strands of which each goes on as the next, round a ring of k units: as many close as the common divisor of 3 and k; and all of them alternate. */
    @Test
    void strandsRoundARingAreAsManyAsTheCommonDivisor() {
        for (int k = 4; k <= 9; k++) {
            Weave weave =
                    weave(laid(circle(60), "frieze p1", k, line(0, 0, 20, 8), line(0, 8, 20, -8), line(0, -8, 20, 0)));
            assertThat(weave.strands()).as("%d units", k).hasSize(k % 3 == 0 ? 3 : 1);
            assertThat(weave.strands()).allMatch(s -> s.path().closed());
            assertThat(weave.crossings()).hasSize(2 * k);
            assertThat(weave.alternates()).isTrue();
        }
    }

    /** A level line comes to be an arc: on the right-hand side of a circle gone round clockwise, which is within, that of a smaller circle. */
    @Test
    void levelLinesAreArcsAndUprightOnesLines() {
        Artwork artwork = laid(circle(60), "frieze p1", 6, line(0, 5, 20, 5), line(10, -5, 10, 9));
        List<Path> paths = new ArrayList<>();
        artwork.work().weaves().get(0).weave().strands().forEach(s -> paths.add(s.path()));
        Path ring = paths.stream().filter(Path::closed).findFirst().orElseThrow();
        assertThat(ring.curves())
                .hasSize(6)
                .allMatch(c -> c instanceof Arc arc
                        && Math.abs(arc.radius() - 55) < 1e-9
                        && arc.centre().length() < 1e-9);
        assertThat(paths.stream().filter(p -> !p.closed()))
                .hasSize(6)
                .allMatch(p -> p.size() == 1 && p.curves().get(0) instanceof Line && Math.abs(p.length() - 14) < 1e-9);
    }

    /** Round a rounded box what goes across has corners where its sides bend otherwise, and still closes. */
    @Test
    void friezesCloseRoundARoundedBox() {
        Form rounded = new Rectangle(
                Amount.of(80), Amount.of(50), Amount.of(12), Rounded.EVERY, Amount.of(0), Amount.of(0), Amount.of(0));
        Weave weave = weave(laid(rounded, "frieze p11m", 12, line(0, -4, 10, 4), line(10, 4, 20, -4)));
        assertThat(weave.strands()).hasSize(2).allMatch(s -> s.path().closed());
        assertThat(weave.crossings()).hasSize(24);
        assertThat(weave.alternates()).isTrue();
    }

    /** Along an open line it goes from end to end. */
    @Test
    void friezesGoFromEndToEnd() {
        Weave weave = weave(laid(line(-50, 10, 50, 10), "frieze p1", 5, line(0, 0, 20, 0), line(5, -4, 5, 4)));
        assertThat(weave.crossings()).hasSize(5);
        assertThat(weave.strands().get(0).path().length()).isCloseTo(100, within(1e-9));
    }
}
