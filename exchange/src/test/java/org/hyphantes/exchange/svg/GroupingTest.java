package org.hyphantes.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.pdf.PdfFormat;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.geometry.Box;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/** Grouped otherwise than it is drawn, a file looks the same to a renderer that is not ours. */
class GroupingTest {
    private static final double SCALE = 4;

    private static Design grouped(Design design, String way) {
        return design.withHanding(design.handing().schema().put(design.handing(), "grouped", way));
    }

    private static List<Element> groups(String svg) throws Exception {
        NodeList all = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)))
                .getElementsByTagName("g");
        List<Element> titled = new ArrayList<>();
        for (int i = 0; i < all.getLength(); i++) {
            Element group = (Element) all.item(i);
            if (!title(group).isEmpty()) {
                titled.add(group);
            }
        }
        return titled;
    }

    private static String title(Element group) {
        for (Node child = group.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child.getNodeName().equals("title")) {
                return child.getTextContent();
            }
        }
        return "";
    }

    /** In parts of all pixels, those that differ by more than 8 of 255 in any colour. */
    private static double differing(BufferedImage a, BufferedImage b) {
        long differ = 0;
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                Color p = new Color(a.getRGB(x, y));
                Color q = new Color(b.getRGB(x, y));
                int most = Math.max(
                        Math.abs(p.getRed() - q.getRed()),
                        Math.max(Math.abs(p.getGreen() - q.getGreen()), Math.abs(p.getBlue() - q.getBlue())));
                differ += most > 8 ? 1 : 0;
            }
        }
        return (double) differ / a.getWidth() / a.getHeight();
    }

    @ParameterizedTest
    @EnumSource(
            value = Demo.class,
            names = {"TIDE_RING", "QUERN", "LOGBOOK_CORNER", "CROWFOOT", "SLACK_WATER_TILE", "NINE_BOLLARDS"})
    void thePictureStaysAsItIs(Demo demo) throws Exception {
        Design design = demo.design();
        Artwork artwork = new Resolver().resolve(design);
        Box page = Handout.of(design, artwork).page();
        double scale = Math.min(SCALE, 1200 / Math.max(page.width(), page.height()));
        BufferedImage drawn = SvgPicture.of(SvgFormat.text(Handout.of(design, artwork)), page, scale);
        for (String way : List.of("by colour", "by piece")) {
            Handout handout = Handout.of(grouped(design, way), artwork);
            String svg = SvgFormat.text(handout);
            assertThat(differing(drawn, SvgPicture.of(svg, page, scale)))
                    .as(way)
                    .isLessThan(2e-3);
            List<Element> groups = groups(svg);
            assertThat(groups).isNotEmpty();
            if (way.equals("by colour")) {
                // What cannot lie over one another is not parted: on a cloth of one weave each colour is one group.
                if (demo == Demo.SLACK_WATER_TILE) {
                    assertThat(groups).hasSize(4);
                }
                byColour(groups);
                layers(handout, groups);
            }
        }
    }

    /** Whatever lies in the group of a colour is filled with it, or drawn in it where it is no area; shades and fills of several colours aside. */
    private static void byColour(List<Element> groups) {
        for (Element group : groups) {
            String colour = title(group).replace("Colour ", "");
            NodeList paths = group.getElementsByTagName("path");
            for (int i = 0; i < paths.getLength(); i++) {
                Element path = (Element) paths.item(i);
                String fill = path.getAttribute("fill");
                if (fill.startsWith("#")
                        && ((Element) path.getParentNode()).getAttribute("id").equals(group.getAttribute("id"))) {
                    assertThat(fill).isEqualTo(colour);
                } else if (fill.equals("none")
                        && ((Element) path.getParentNode()).getAttribute("id").equals(group.getAttribute("id"))) {
                    assertThat(path.getAttribute("stroke")).isEqualTo(colour);
                }
            }
        }
    }

    /** A PDF has a layer for each title. */
    private static void layers(Handout handout, List<Element> groups) throws Exception {
        Set<String> titles = new HashSet<>();
        groups.forEach(g -> titles.add(title(g)));
        try (PDDocument pdf = Loader.loadPDF(PdfFormat.FORMAT.bytes(handout))) {
            assertThat(pdf.getDocumentCatalog().getOCProperties().getGroupNames())
                    .containsExactlyInAnyOrderElementsOf(titles);
        }
    }
}
