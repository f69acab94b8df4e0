package org.hyphantes.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.dxf.DxfFormat;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.incoming.Arrival;
import org.hyphantes.exchange.incoming.CannotBring;
import org.hyphantes.exchange.incoming.Incomings;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.figure.Circle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Colour;
import org.hyphantes.scene.Mark;
import org.hyphantes.treatment.Colouring;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files that others drew come in as live figures, and strangers' files do no harm. */
class IncomingTest {
    private static final String HEAD =
            "<svg xmlns='http://www.w3.org/2000/svg' width='40mm' height='40mm' viewBox='-20 -20 40 40'>";

    @TempDir
    private java.nio.file.Path folder;

    private Arrival svg(String inner) throws Exception {
        return read("drawn.svg", HEAD + inner + "</svg>");
    }

    private Arrival read(String name, String text) throws Exception {
        java.nio.file.Path file = folder.resolve(name);
        Files.writeString(file, text);
        return (Arrival) Incomings.read(file);
    }

    private static List<Curve> curves(Arrival arrival, int shape) {
        return arrival.shapes().get(shape).form().paths(null).stream()
                .flatMap(p -> p.curves().stream())
                .toList();
    }

    /** Every demo written as SVG and read again: the same lines and arcs, within a hundred-thousandth of a millimetre at their ends and middles. */
    @ParameterizedTest
    @EnumSource(
            value = Demo.class,
            names = {"TIDE_RING", "QUERN", "LANTERN_SCREEN", "FERRYMANS_PLAIT"})
    void whatWasWrittenComesBack(Demo demo) throws Exception {
        Design design = demo.design();
        Artwork artwork = new Resolver().resolve(design);
        List<Path> wanted = new ArrayList<>();
        for (Mark mark : artwork.scene().flat()) {
            if (mark instanceof Mark.Area area) {
                Region region = area.region();
                wanted.addAll(region.borders());
            } else if (mark instanceof Mark.Stroke stroke) {
                wanted.add(stroke.path());
            }
        }
        Arrival arrival = read("again.svg", SvgFormat.text(Handout.of(design, artwork)));
        List<Path> found = arrival.shapes().stream()
                .flatMap(s -> s.form().paths(null).stream())
                // An area with a line round it comes in as both.
                .distinct()
                .toList();
        assertThat(found).hasSameSizeAs(wanted);
        for (int i = 0; i < found.size(); i++) {
            Path path = found.get(i);
            for (Curve curve : wanted.get(i).curves()) {
                for (double t : new double[] {0, 0.5, 1}) {
                    Point place = curve.at(t);
                    assertThat(path.at(path.nearest(place)).distance(place)).isLessThan(1e-5);
                }
            }
            assertThat(path.curves().stream().anyMatch(Arc.class::isInstance))
                    .isEqualTo(wanted.get(i).curves().stream().anyMatch(Arc.class::isInstance));
        }
        // And so does the drawing file: as many lines, as long in all, about the centre.
        Format dxf = DxfFormat.FORMAT;
        Design plain = design.withJob(design.job().with("kerf", org.hyphantes.setting.Amount.of(0)));
        Handout handout = Handout.of(plain, artwork);
        Arrival drawn = read("again.dxf", new String(dxf.bytes(handout), StandardCharsets.UTF_8));
        double length = handout.cuts().contours().stream()
                .mapToDouble(c -> c.path().length())
                .sum();
        assertThat(drawn.shapes().stream()
                        .flatMap(s -> s.form().paths(null).stream())
                        .mapToDouble(Path::length)
                        .sum())
                .isCloseTo(length, within(1e-3));
    }

    /** Circles stay circles, arcs arcs, also turned and scaled alike; what is stretched becomes cubics; use and styles are followed. */
    @Test
    void shapesComeInAsWhatTheyAre() throws Exception {
        Arrival arrival = svg("<style>.q{stroke:#0a6355;stroke-width:2;fill:none}</style>"
                + "<circle id='boss' cx='3' cy='4' r='5' fill='#9e1f38'/>"
                + "<g transform='rotate(30) scale(2)'><path class='q' d='M0 0a3 3 0 0 1 6 0'/></g>"
                + "<g transform='scale(2 1)'><circle r='3'/></g>"
                + "<defs><rect id='r' width='4' height='3' rx='1'/></defs><use href='#r' x='5'/>"
                + "<polygon points='0,0 4,0 4,4'/>");
        assertThat(arrival.shapes()).hasSize(5);
        Circle circle = (Circle) arrival.shapes().get(0).form();
        assertThat(circle.radius().value()).isCloseTo(5, within(1e-6));
        assertThat(circle.out().value()).isCloseTo(5, within(1e-6));
        assertThat(arrival.shapes().get(0).colour().orElseThrow().hex()).isEqualToIgnoringCase("#9e1f38");
        Arc half = (Arc) curves(arrival, 1).get(0);
        assertThat(half.radius()).isCloseTo(6, within(1e-5));
        assertThat(arrival.shapes().get(1).weight()).isCloseTo(4, within(1e-5));
        assertThat(curves(arrival, 2)).noneMatch(Arc.class::isInstance);
        assertThat(curves(arrival, 3).stream().filter(Arc.class::isInstance)).hasSize(4);
        assertThat(arrival.shapes().get(3).form().paths(null).get(0).box().left())
                .isCloseTo(5, within(1e-5));
        // They are live: named, in a group of their own, and written as any design.
        Design design = arrival.into(Demo.QUERN.design(), "Boss");
        Group group =
                (Group) design.root().members().get(design.root().members().size() - 1);
        assertThat(group.members().get(0))
                .isInstanceOf(Figure.class)
                .extracting(m -> m.name())
                .isEqualTo("boss");
        assertThat(ProjectFile.read(ProjectFile.text(design))).isEqualTo(design);
        // Lines of one width are a band.
        Arrival lines = svg("<g fill='none' stroke='#000' stroke-width='2'><path d='M-9 0H9'/><path d='M0-9V9'/></g>");
        Design banded = lines.into(Design.empty("Bars"), "Bars");
        assertThat(new Resolver().resolve(banded).scene().flat()).hasSize(2).allMatch(Mark.Area.class::isInstance);
    }

    /** What is no figure is counted and named; nothing outside is looked at. */
    @Test
    void whatIsLeftOutIsCounted() throws Exception {
        Arrival arrival = svg("<image href='http://127.0.0.1:9/x.png' width='4' height='4'/><script>x</script>"
                + "<use href='other.svg#a'/><use href='#nowhere'/><rect width='3' height='3' fill='url(#gone)'/>"
                + "<rect width='3' height='3' filter='url(#f)'/><rect width='2' height='2'/>");
        assertThat(arrival.left())
                .containsEntry("image", 1)
                .containsEntry("script", 1)
                .containsEntry("use from outside", 1)
                .containsEntry("filter", 1);
        assertThat(arrival.told(Design.empty("Here"))).contains("Left out: ");
        assertThat(arrival.shapes().size()).isBetween(2, 3);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE svg [<!ENTITY a 'b'>]><svg xmlns='http://www.w3.org/2000/svg'/>",
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0L1e308 1'/></svg>",
                "<svg xmlns='http://www.w3.org/2000/svg'/>",
                "<svg xmlns='http://www.w3.org/2000/svg'><g id='a'><use href='#a'/></g></svg>",
                "no picture at all",
                ""
            })
    void strangersFilesEndInAMessage(String text) {
        assertThatThrownBy(() -> read("stranger.svg", text))
                .isInstanceOf(CannotBring.class)
                .hasMessageMatching("(?s).{20,320}");
    }

    /** Each group uses the one before ten times: a thousand million shapes, refused by counting; so is deep nesting, and so is a drawing file of nothing. */
    @Test
    void bombsAreRefusedByCounting() {
        StringBuilder bomb = new StringBuilder(HEAD + "<defs><g id='g0'><rect width='1' height='1'/></g>");
        for (int i = 1; i < 10; i++) {
            bomb.append("<g id='g").append(i).append("'>");
            bomb.append(("<use href='#g" + (i - 1) + "'/>").repeat(10)).append("</g>");
        }
        String text = bomb + "</defs><use href='#g9'/></svg>";
        assertThatThrownBy(() -> read("bomb.svg", text)).hasMessageContaining("more than 200000 shapes");
        assertThatThrownBy(() -> read("deep.svg", HEAD + "<g>".repeat(100_000))).hasMessageContaining("nested");
        assertThatThrownBy(() -> read("none.dxf", "0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF\n"))
                .isInstanceOf(CannotBring.class);
        assertThatThrownBy(() -> read("picture.tif", "")).hasMessageContaining("must end in");
    }

    /** Gradients are mixed from the wells of a design in which nothing is drawn yet; one that has its own keeps them, and what is not mixed is counted. */
    @Test
    void gradientsAreMixedFromWells() throws Exception {
        Arrival arrival =
                svg("<linearGradient id='g'><stop stop-color='#123456'/><stop offset='1' stop-color='#ABCDEF'/>"
                        + "</linearGradient><g fill='url(#g)'><path d='M0 0h4v4h-4z'/><path d='M9 0h4v4h-4z'/></g>");
        Design fresh = Design.empty("Here");
        Design mixed = arrival.into(fresh, "Graded");
        assertThat(arrival.told(fresh)).isEqualTo("2 figures.");
        assertThat(mixed.colourway().well(1).colour().hex()).isEqualTo("#123456");
        assertThat(mixed.colourway().well(2).colour().hex()).isEqualTo("#ABCDEF");
        Group group = (Group) mixed.root().members().get(0);
        assertThat(group.recipe().stream().filter(s -> s.treatment() instanceof Colouring))
                .hasSize(1);
        assertThat(ProjectFile.read(ProjectFile.text(mixed))).isEqualTo(mixed);
        Design quern = Demo.QUERN.design();
        assertThat(arrival.into(quern, "Graded").colourway()).isEqualTo(quern.colourway());
        assertThat(arrival.told(quern)).isEqualTo("2 figures. Left out: 2 gradient or pattern.");
    }

    @Test
    void lettersHaveTheirColour() throws Exception {
        Arrival arrival = svg("<g fill='#9E1F38'><text x='0' y='10' font-size='12'>Weir</text></g>");
        assertThat(arrival.shapes()).isNotEmpty();
        assertThat(arrival.shapes().get(0).colour()).contains(new Colour("#9E1F38"));
    }
}
