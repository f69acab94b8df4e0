package org.hyphantes.exchange.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.hyphantes.cut.Contour;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.code.CodeFormat;
import org.hyphantes.exchange.dxf.DxfFormat;
import org.hyphantes.exchange.pdf.PdfFormat;
import org.hyphantes.exchange.plotter.PlotterFormat;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.raster.PngFormat;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.machine.Readers;
import org.hyphantes.machine.Straying;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Files for cutters: read again by the simulated machine, and by short readers here, written from the published references alone. */
class MachineFilesTest {
    private static final double NEAR = 0.001;

    private static Handout handout(Design design) throws Exception {
        return Handout.of(design, new Resolver().resolve(design));
    }

    private static String text(Format format, Handout handout) throws Exception {
        return new String(format.bytes(handout), StandardCharsets.UTF_8);
    }

    /** Every demo in every format lies within a thousandth of a millimetre of what was to be cut where it is made of lines and arcs, else within its tolerance. */
    @ParameterizedTest
    @EnumSource(Demo.class)
    void everyDemoIsCutAsItIsMeant(Demo demo) throws Exception {
        Handout handout = handout(demo.design());
        List<Path> wanted =
                handout.cuts().contours().stream().map(Contour::path).toList();
        boolean exact = wanted.stream()
                .flatMap(p -> p.curves().stream())
                .noneMatch(c -> c instanceof org.hyphantes.geometry.Cubic);
        double most = exact ? NEAR : demo.design().job().fine().value();
        double height = demo.design().job().height().value();
        for (Format format : List.of(DxfFormat.FORMAT, PlotterFormat.FORMAT, CodeFormat.FORMAT)) {
            String text = text(format, handout);
            Straying straying =
                    Straying.of(Readers.of("x" + format.ending()).orElseThrow().read(text), wanted, height);
            assertThat(straying.distance()).as(format.title()).isLessThanOrEqualTo(most);
        }
        // An SVG keeps cubics as they are, and its page lies on the bed as the design does.
        Replay drawn = Replay.of(handout, SvgFormat.FORMAT);
        assertThat(drawn.straying().distance()).isLessThanOrEqualTo(NEAR);
        assertThat(drawn.timeline().program().passes()).hasSameSizeAs(drawn.passes());
        double length = wanted.stream().mapToDouble(Path::length).sum();
        assertThat(lengthOfDrawing(text(DxfFormat.FORMAT, handout))).isCloseTo(length, within(1e-4 * length));
        assertThat(lengthOfPlot(text(PlotterFormat.FORMAT, handout))).isCloseTo(length, within(1e-4 * length));
    }

    /** The length of all entities of a drawing file; a bulge b over a chord c is an arc of angle 4 atan b and radius c (1 + b²) / 4 b. */
    private static double lengthOfDrawing(String text) {
        String[] lines = text.substring(text.indexOf("ENTITIES")).split("\r\n");
        double length = 0;
        List<double[]> corners = new ArrayList<>();
        boolean closed = false;
        String kind = "";
        double[] value = new double[100];
        for (int i = 1; i + 1 < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].trim());
            if (code == 0) {
                length += switch (kind) {
                    case "LINE" -> Math.hypot(value[11] - value[10], value[21] - value[20]);
                    case "CIRCLE" -> 2 * Math.PI * value[40];
                    case "ARC" -> value[40] * Math.toRadians((value[51] - value[50] + 720) % 360);
                    default -> polyline(corners, closed);
                };
                kind = lines[i + 1];
                corners.clear();
            } else if (kind.equals("LWPOLYLINE") && code == 10) {
                corners.add(new double[] {Double.parseDouble(lines[i + 1]), 0, 0});
            } else if (kind.equals("LWPOLYLINE") && (code == 20 || code == 42)) {
                corners.get(corners.size() - 1)[code == 20 ? 1 : 2] = Double.parseDouble(lines[i + 1]);
            } else if (code == 70) {
                closed = lines[i + 1].equals("1");
            } else if (code >= 10 && code < 60) {
                value[code] = Double.parseDouble(lines[i + 1]);
            }
        }
        return length;
    }

    private static double polyline(List<double[]> corners, boolean closed) {
        double length = 0;
        for (int i = 0; i < corners.size() - (closed ? 0 : 1); i++) {
            double[] from = corners.get(i);
            double[] to = corners.get((i + 1) % corners.size());
            double chord = Math.hypot(to[0] - from[0], to[1] - from[1]);
            double b = Math.abs(from[2]);
            length += b == 0 ? chord : 4 * Math.atan(b) * chord * (1 + b * b) / (4 * b);
        }
        return length;
    }

    /** The length drawn by a plotter file scaled to millimetres. */
    private static double lengthOfPlot(String text) {
        Matcher words = Pattern.compile("(P[UDA]|AA)([-0-9.,]*)").matcher(text.substring(text.indexOf("PU;")));
        double length = 0;
        double x = 0;
        double y = 0;
        boolean down = false;
        while (words.find()) {
            down = words.group(1).equals("PU") ? false : words.group(1).equals("PD") || down;
            if (words.group(2).isEmpty()) {
                continue;
            }
            String[] n = words.group(2).split(",");
            double a = Double.parseDouble(n[0]);
            double b = Double.parseDouble(n[1]);
            if (words.group(1).equals("AA")) {
                double turn = Math.toRadians(Double.parseDouble(n[2]));
                length += Math.hypot(x - a, y - b) * Math.abs(turn);
                double dx = x - a;
                double dy = y - b;
                x = a + dx * Math.cos(turn) - dy * Math.sin(turn);
                y = b + dx * Math.sin(turn) + dy * Math.cos(turn);
            } else {
                length += down ? Math.hypot(a - x, b - y) : 0;
                x = a;
                y = b;
            }
        }
        return length;
    }

    /** What is made of circles and lines goes out in arcs: as many as it has, each in parts of a third of a turn at most. */
    @org.junit.jupiter.api.Test
    void arcsStayArcs() throws Exception {
        Handout handout = handout(Demo.TIDE_RING.design());
        long arcs = handout.cuts().contours().stream()
                .flatMap(c -> c.path().curves().stream())
                .filter(Arc.class::isInstance)
                .mapToLong(a ->
                        Math.max(1, Math.round(Math.ceil(a.length() / ((Arc) a).radius() / (Math.PI * 2 / 3 + 1e-9)))))
                .sum();
        assertThat(text(PlotterFormat.FORMAT, handout).split("AA").length - 1).isEqualTo((int) arcs);
        assertThat(text(CodeFormat.FORMAT, handout)
                        .lines()
                        .filter(l -> l.matches("G[23] .*"))
                        .count())
                .isEqualTo(arcs);
        assertThat(text(DxfFormat.FORMAT, handout)).doesNotContain("SPLINE");
    }

    /** Lantern Screen: thirteen loose pieces, each told in its place; one mend holds them all, and a strap too long for its bed is turned. */
    @org.junit.jupiter.api.Test
    void mendsAreGoneInTheFile() throws Exception {
        Design design = Demo.LANTERN_SCREEN.design();
        List<Snag> snags = cutSnags(design);
        assertThat(snags).hasSize(13).allMatch(s -> s.place().isPresent());
        Design tied = snags.get(0).mend().orElseThrow().of(design);
        assertThat(cutSnags(tied)).isEmpty();
        assertThat(handout(tied).cuts().contours()).hasSizeGreaterThan(13);

        Design strap = Demo.FERRYMANS_PLAIT.design();
        Design turned = cutSnags(strap).get(0).mend().orElseThrow().of(strap);
        assertThat(cutSnags(turned)).isEmpty();
        Design passes = tied.withHanding(tied.handing().schema().put(tied.handing(), "painted", "as passes"));
        assertThat(SvgFormat.text(handout(passes))).contains("id=\"pass-2\"").doesNotContain("piece-1");
    }

    /** Who made it and under which licence stands in every format that has a place for it, and nothing where nothing is told. */
    @org.junit.jupiter.api.Test
    void makerAndLicenceAreTold() throws Exception {
        Design design = Demo.QUERN.design();
        var handing = design.handing();
        var schema = handing.schema();
        handing = schema.put(schema.put(handing, "maker", "Ada Weir"), "licence", "CC BY <4.0>");
        Handout told = handout(design.withHanding(handing));
        assertThat(SvgFormat.text(told))
                .contains("<dc:creator>Ada Weir</dc:creator><dc:rights>CC BY &lt;4.0&gt;</dc:rights>");
        assertThat(SvgFormat.text(handout(design))).doesNotContain("metadata");
        try (PDDocument document = Loader.loadPDF(PdfFormat.FORMAT.bytes(told))) {
            assertThat(document.getDocumentInformation().getAuthor()).isEqualTo("Ada Weir");
            assertThat(document.getDocumentInformation().getCustomMetadataValue("Licence"))
                    .isEqualTo("CC BY <4.0>");
        }
        String png = new String(PngFormat.FORMAT.bytes(told), StandardCharsets.ISO_8859_1);
        assertThat(png).contains("iTXtAuthor\0\0\0\0\0Ada Weir").contains("iTXtTitle\0\0\0\0\0Quern");
        assertThat(text(CodeFormat.FORMAT, told)).contains("(creator: Ada Weir)\n(rights: CC BY  4.0 )\nG21");
        assertThat(text(DxfFormat.FORMAT, told)).startsWith("999\r\ncreator: Ada Weir\r\n");
    }

    private static List<Snag> cutSnags(Design design) {
        return Inspection.of(design, new Resolver().resolve(design)).snags().stream()
                .filter(s -> s.gauge().equals("cut"))
                .toList();
    }

    /** A scale carries over to the bed; a design that no pass takes is refused with what to do. */
    @org.junit.jupiter.api.Test
    void whatGoesOutIsScaledOrRefused() throws Exception {
        Design quern = Demo.QUERN.design();
        Design design = quern.withJob(quern.job().with("kerf", Amount.of(0)));
        double length = lengthOfDrawing(text(DxfFormat.FORMAT, handout(design)));
        Design half = design.withHanding(design.handing().schema().put(design.handing(), "scale", Amount.of(0.5)));
        assertThat(lengthOfDrawing(text(DxfFormat.FORMAT, handout(half)))).isCloseTo(length / 2, within(1e-3 * length));
        assertThatThrownBy(() -> DxfFormat.FORMAT.bytes(Handout.of(design, Scene.EMPTY)))
                .isInstanceOf(CannotHandOver.class)
                .hasMessageContaining("No pass takes anything");
    }
}
