package org.hyphantes.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;
import org.hyphantes.weave.StrandKey;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Groups laid several times and clips, as written: rasterised by JSVG, and read by the parser of the JDK. */
class SvgOutputTest {
    private static final Colour OXIDE = new Colour("#A4472F");
    private static final Origin ORIGIN = Origin.of(new StrandKey("circle-1", List.of(), List.of()));

    private static Region square(double left, double top, double side) {
        return Region.of(Path.polygon(List.of(
                new Point(left, top),
                new Point(left + side, top),
                new Point(left + side, top + side),
                new Point(left, top + side))));
    }

    private static Mark.Area area(double left, double top, double side) {
        return new Mark.Area(square(left, top, side), Paint.INNER_LINE.filled(new Flat(OXIDE)), ORIGIN);
    }

    private static Raster drawn(List<Mark> marks) {
        Scene scene = new Scene(marks, List.of("circle-1"), new Box(0, 0, 60, 60));
        return Raster.of(SvgFormat.text("Trial", scene, Look.PLAIN), scene.inked(), 4, false);
    }

    @Test
    void marksLaidSeveralTimesLieWhereTheirMapsPutThemEachWithItsOwnIds() throws Exception {
        List<Mark> marks = List.of(area(0, 0, 10), area(12, 0, 4));
        List<Mark> laid = new ArrayList<>();
        for (Affine map :
                List.of(Affine.IDENTITY, Affine.shift(new Point(30, 0)), Affine.turn(90, new Point(30, 30)))) {
            laid.add(Mark.Group.of(Mark.Part.LINES, marks, map, 0, ORIGIN));
        }
        Raster raster = drawn(laid);
        for (Point in : List.of(
                new Point(5, 5),
                new Point(14, 2),
                new Point(35, 5),
                new Point(44, 2),
                new Point(55, 5),
                new Point(58, 14))) {
            assertThat(raster.colour(in)).as("%s", in).isEqualTo(Color.decode(OXIDE.hex()));
        }
        for (Point out : List.of(new Point(11, 2), new Point(25, 5), new Point(5, 55), new Point(30, 30))) {
            assertThat(raster.colour(out)).as("%s", out).isEqualTo(Color.WHITE);
        }
        Scene scene = new Scene(laid, List.of("circle-1"), new Box(0, 0, 60, 60));
        String text = SvgFormat.text("Trial", scene, Look.PLAIN);
        NodeList elements = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)))
                .getElementsByTagName("*");
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < elements.getLength(); i++) {
            String id = ((Element) elements.item(i)).getAttribute("id");
            if (!id.isEmpty()) {
                ids.add(id);
            }
        }
        // Of XML 1.0, 3.3.1: values of type ID are names, and no two elements have the same.
        assertThat(ids).hasSize(9).doesNotHaveDuplicates().allMatch(id -> id.matches("[A-Za-z_][A-Za-z0-9._-]*"));
    }

    @Test
    void ofWhatIsClippedOnlyWhatLiesWithinIsSeen() {
        Mark.Clip clip = new Mark.Clip(square(5, 5, 20), List.of(area(0, 0, 15)), ORIGIN);
        Raster raster = drawn(
                List.of(Mark.Group.of(Mark.Part.LINES, List.of(clip, area(40, 40, 5)), Affine.IDENTITY, 0, ORIGIN)));
        assertThat(raster.colour(new Point(10, 10))).isEqualTo(Color.decode(OXIDE.hex()));
        assertThat(raster.colour(new Point(3, 3))).isEqualTo(Color.WHITE);
        assertThat(raster.colour(new Point(20, 20))).isEqualTo(Color.WHITE);
        assertThat(raster.colour(new Point(42, 42))).as("after the clip").isEqualTo(Color.decode(OXIDE.hex()));
        Raster moved = drawn(
                List.of(Mark.Group.of(Mark.Part.LINES, List.of(clip), Affine.shift(new Point(20, 20)), 0, ORIGIN)));
        assertThat(moved.colour(new Point(30, 30))).isEqualTo(Color.decode(OXIDE.hex()));
        assertThat(moved.colour(new Point(22, 22))).isEqualTo(Color.WHITE);
    }
}
