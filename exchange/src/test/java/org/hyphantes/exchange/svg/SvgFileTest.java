package org.hyphantes.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Polygon;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

class SvgFileTest {
    private static final Design DESIGN = Demo.TIDE_RING.design();
    private static final Artwork ARTWORK = new Resolver().resolve(DESIGN);

    private static Document parsed(String svg) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        return factory.newDocumentBuilder().parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
    }

    private static List<Element> elements(Document document, String name) {
        NodeList nodes = document.getElementsByTagNameNS("http://www.w3.org/2000/svg", name);
        List<Element> found = new ArrayList<>();
        for (int i = 0; i < nodes.getLength(); i++) {
            found.add((Element) nodes.item(i));
        }
        return found;
    }

    private static BufferedImage drawn(String svg, double scale) {
        return Raster.of(svg, ARTWORK.scene().inked(), scale, true).image();
    }

    @Test
    void oneClosedPathForEachCourseInAGroupForEachStrandInRealMillimetres() throws Exception {
        Document document = parsed(SvgFormat.text(DESIGN.name(), ARTWORK.scene(), Look.PLAIN));
        Element root = document.getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("210.35mm");
        assertThat(root.getAttribute("viewBox")).isEqualTo("-105.175 -105.175 210.35 210.35");
        assertThat(elements(document, "g"))
                .extracting(g -> g.getAttribute("id"))
                .containsExactly(
                        "strand-A",
                        "strand-B",
                        "strand-C",
                        "strand-D",
                        "strand-E",
                        "strand-F",
                        "strand-G",
                        "strand-H",
                        "strand-I");
        List<Element> paths = elements(document, "path");
        assertThat(paths).hasSize(32);
        for (Element path : paths) {
            String data = path.getAttribute("d");
            assertThat(data).matches("M [-\\d. ]+( A [-\\d. ]+)+ Z");
            assertThat(data.chars().filter(c -> c == 'A').count()).isBetween(4L, 6L);
        }
    }

    /** W3C SVG 2, appendix B.2.4: the centre of every written arc, worked out from its ends, is that of a strand. */
    @Test
    void writtenArcsLieOnTheCirclesOfTheStrands() throws Exception {
        Pattern arc = Pattern.compile("A ([\\d.]+) [\\d.]+ 0 0 ([01]) (-?[\\d.]+) (-?[\\d.]+)");
        for (Element path : elements(parsed(SvgFormat.text(DESIGN.name(), ARTWORK.scene(), Look.PLAIN)), "path")) {
            String data = path.getAttribute("d");
            Matcher start = Pattern.compile("M (-?[\\d.]+) (-?[\\d.]+)").matcher(data);
            assertThat(start.find()).isTrue();
            double x = Double.parseDouble(start.group(1));
            double y = Double.parseDouble(start.group(2));
            Matcher m = arc.matcher(data);
            while (m.find()) {
                double r = Double.parseDouble(m.group(1));
                double sweep = m.group(2).equals("1") ? 1 : -1;
                double x2 = Double.parseDouble(m.group(3));
                double y2 = Double.parseDouble(m.group(4));
                double half = Math.hypot(x2 - x, y2 - y) / 2;
                double height = Math.sqrt(Math.max(0, r * r - half * half));
                double cx = (x + x2) / 2 - sweep * height * (y2 - y) / (2 * half);
                double cy = (y + y2) / 2 + sweep * height * (x2 - x) / (2 * half);
                double out = Math.hypot(cx, cy);
                assertThat(Math.min(Math.abs(out - 62), out)).isLessThan(0.01);
                x = x2;
                y = y2;
            }
        }
    }

    /** Circles at many seats, as written: by W3C SVG 2, appendix B.2.4, their arcs stray less than a ten-thousandth of a millimetre. */
    @Test
    void wholeCirclesAreWrittenInPartsWhoseRoundingDoesNotMoveThem() {
        Pattern arc = Pattern.compile("A ([\\d.]+) [\\d.]+ 0 0 ([01]) (-?[\\d.]+) (-?[\\d.]+)");
        for (int k = 0; k < 200; k++) {
            Circle circle = new Circle(Amount.of(40 + k / 7.0), Amount.of(62 + k / 3.0), Amount.of(k * 1.7));
            Path path = circle.paths(PageBox.WIDE).get(0);
            Point centre = Point.polar(62 + k / 3.0, k * 1.7);
            String data = PathData.of(path);
            Matcher start = Pattern.compile("M (-?[\\d.]+) (-?[\\d.]+)").matcher(data);
            assertThat(start.find()).isTrue();
            Point from = new Point(Double.parseDouble(start.group(1)), Double.parseDouble(start.group(2)));
            Matcher m = arc.matcher(data);
            int parts = 0;
            while (m.find()) {
                double r = Double.parseDouble(m.group(1));
                Point to = new Point(Double.parseDouble(m.group(3)), Double.parseDouble(m.group(4)));
                double half = from.distance(to) / 2;
                // The middle of the arc lies across from the middle of its chord, on the outside of a clockwise turn.
                double height = r - Math.sqrt(r * r - half * half);
                Point middle =
                        from.middle(to).plus(to.minus(from).unit().right().times(-height));
                assertThat(middle.distance(centre)).isCloseTo(r, within(1e-4));
                from = to;
                parts++;
            }
            assertThat(parts).isEqualTo(3);
        }
    }

    /** Every arc of every demo: its middle, worked out from what is written by W3C SVG 2, appendix B.2.4, is that of the exact one. */
    @ParameterizedTest
    @EnumSource(Demo.class)
    void everyArcOfEveryDemoLiesWhereItShould(Demo demo) {
        Pattern written = Pattern.compile("([MLCA]) ?([^MLCAZ]*)");
        int arcs = 0;
        for (Mark mark : new Resolver().resolve(demo.design()).scene().flat()) {
            List<Path> paths = new ArrayList<>();
            if (mark instanceof Mark.Area area) {
                paths.add(area.region().outline());
                paths.addAll(area.region().holes());
            } else if (mark instanceof Mark.Stroke stroke) {
                paths.add(stroke.path());
            }
            for (Path path : paths) {
                Matcher m = written.matcher(PathData.of(path));
                Point from = Point.ORIGIN;
                List<Point> middles = new ArrayList<>();
                while (m.find()) {
                    double[] n = Arrays.stream(m.group(2).trim().split("[ ,]+"))
                            .mapToDouble(Double::parseDouble)
                            .toArray();
                    Point to = new Point(n[n.length - 2], n[n.length - 1]);
                    if (m.group(1).equals("A")) {
                        double half = from.distance(to) / 2;
                        double height = n[0] - Math.sqrt(Math.max(0, n[0] * n[0] - half * half));
                        assertThat(n[3]).as("no part of more than half a turn").isZero();
                        middles.add(from.middle(to)
                                .plus(to.minus(from).unit().right().times(n[4] == 1 ? -height : height)));
                    }
                    from = to;
                }
                int k = 0;
                for (Curve curve : path.curves()) {
                    if (curve instanceof Arc arc) {
                        int parts = Math.max(1, (int) Math.ceil(Math.abs(arc.sweep()) / (2 * Math.PI / 3) - 1e-9));
                        for (int part = 0; part < parts; part++) {
                            assertThat(middles.get(k++).distance(arc.at((part + 0.5) / parts)))
                                    .as("%s at %s", demo, arc)
                                    .isLessThan(1e-4);
                            arcs++;
                        }
                    }
                }
                assertThat(k).isEqualTo(middles.size());
            }
        }
        // Some demos are all cubics.
        assertThat(arcs).isGreaterThanOrEqualTo(demo == Demo.TIDE_RING ? 100 : 0);
    }

    /** Drawn by another library, the file has the area of its courses, and at every crossing it shows over and gaps. */
    @Test
    void drawnByAnotherLibraryItShowsTheWeave() {
        String bare = SvgFormat.text(DESIGN.name(), ARTWORK.scene(), Look.PLAIN)
                .replaceAll("stroke=\"#[0-9A-F]+\"", "stroke=\"none\"")
                .replaceAll("fill=\"#[0-9A-F]+\"", "fill=\"#000000\"");
        double scale = 10;
        BufferedImage image = drawn(bare, scale);
        double ink = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                ink += (255 - (image.getRGB(x, y) & 255)) / 255.0;
            }
        }
        double area = ARTWORK.scene().flat().stream()
                .mapToDouble(s -> ((Mark.Area) s).region().area())
                .sum();
        assertThat(ink / (scale * scale)).isCloseTo(area, within(area * 1e-3));
        Weave weave = ARTWORK.work().weaves().get(0).weave();
        var page = ARTWORK.scene().inked();
        for (Crossing crossing : weave.crossings()) {
            var over = weave.strands().get(crossing.over()).path();
            var aside = over.tangent(crossing.overPosition()).right();
            assertThat(isBand(image, page, crossing.place(), scale)).isTrue();
            var under = weave.strands().get(crossing.under()).path().tangent(crossing.underPosition());
            double along = 3.3 / Math.abs(under.dot(aside));
            for (int side = -1; side <= 1; side += 2) {
                var gap = crossing.place().plus(under.times(side * along));
                assertThat(isBand(image, page, gap, scale))
                        .as("gap at " + crossing.place())
                        .isFalse();
            }
        }
    }

    private static boolean isBand(
            BufferedImage image, org.hyphantes.geometry.Box page, org.hyphantes.geometry.Point p, double scale) {
        int x = (int) ((p.x() - page.left()) * scale);
        int y = (int) ((p.y() - page.top()) * scale);
        return (image.getRGB(x, y) & 255) < 128;
    }

    /** Shading is darkest at the cut and gone at its other end; lines within a band end where it does. */
    @Test
    void shadingFadesAlongTheStrandAndInnerLinesStopAtTheCut() throws Exception {
        Design design = Demo.STAITH.design();
        Artwork artwork = new Resolver().resolve(design);
        String svg = SvgFormat.text(design.name(), artwork.scene(), Look.PLAIN);
        Document document = parsed(svg);
        List<Element> gradients = elements(document, "linearGradient");
        assertThat(gradients).hasSize(24);
        for (Element gradient : gradients) {
            assertThat(svg).contains("url(#" + gradient.getAttribute("id") + ")");
            assertThat(gradient.getAttribute("gradientUnits")).isEqualTo("userSpaceOnUse");
        }
        List<Element> paths = elements(document, "path");
        for (String strand : List.of("A", "B", "C", "D")) {
            List<String> ids = paths.stream().map(e -> e.getAttribute("id")).toList();
            assertThat(ids).contains(strand + "-1", strand + "-2", strand + "-line-1", strand + "-line-3");
        }
        assertThat(paths.stream().filter(e -> e.getAttribute("id").contains("-line-")))
                .allMatch(e -> !e.getAttribute("d").contains("Z")
                        && e.getAttribute("fill").equals("none"));
        double scale = 4;
        var page = artwork.scene().inked();
        Raster image = Raster.of(svg.replaceAll("stroke=\"#[0-9A-F]{6}\"", "stroke=\"none\""), page, scale, true);
        for (Mark shape : artwork.scene().flat()) {
            if (shape instanceof Mark.Shade shaded) {
                var way = shaded.to().minus(shaded.from());
                int before = image.colour(shaded.from().plus(way.times(0.12))).getGreen();
                for (double share : new double[] {0.35, 0.6, 0.9}) {
                    int here =
                            image.colour(shaded.from().plus(way.times(share))).getGreen();
                    assertThat(here).isGreaterThan(before);
                    before = here;
                }
            }
        }
    }

    @Test
    void unwovenLinesAndBandsAreWrittenToo() throws Exception {
        Design lines = DESIGN.withRoot(DESIGN.root().upTo(0));
        lines = Recipes.addFigure("design", Polygon.STARTING).change().apply(lines);
        String svg = SvgFormat.text(lines.name(), new Resolver().resolve(lines).scene(), Look.PLAIN);
        assertThat(elements(parsed(svg), "path"))
                .hasSize(3)
                .allMatch(p -> p.getAttribute("fill").equals("none"));
        assertThat(svg).contains("id=\"lines\"").contains(" L ");
        Design bands = DESIGN.withRoot(DESIGN.root().upTo(2));
        svg = SvgFormat.text(bands.name(), new Resolver().resolve(bands).scene(), Look.PLAIN);
        assertThat(elements(parsed(svg), "path"))
                .hasSize(9)
                .allMatch(p -> p.getAttribute("d").chars().filter(c -> c == 'M').count() == 2);
        parsed(SvgFormat.text("<&\">", ARTWORK.scene(), Look.PLAIN));
    }
}
