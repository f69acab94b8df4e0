package org.hyphantes.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.cut.Machine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Vector graphics on the machine; what they mean is told by the W3C's recommendation SVG 2, worked out by hand. */
class VectorFileTest {
    private static Program read(String text) throws CannotRun {
        return Readers.of("sheet.SVG").orElseThrow().read(text);
    }

    private static void near(Point found, double x, double y) {
        assertThat(found.distance(new Point(x, y))).as(found.toString()).isLessThan(1e-9);
    }

    /** A page of 100 by 50 mm, 200 by 100 units: a unit is half a millimetre, and upwards is up. */
    @Test
    void linesLieWhereThePageHasThem() throws Exception {
        Program program = read("""
                <svg xmlns="http://www.w3.org/2000/svg" width="10cm" height="50mm" viewBox="-20 -10 200 100">
                  <title>Sheet</title>
                  <defs><path d="M 0 0 L 9 9"/></defs>
                  <g transform="translate(20 10)"><title>2 score</title>
                    <line x1="0" y1="0" x2="40" y2="0" stroke="#111"/>
                    <g><title>inner</title><circle cx="60" cy="40" r="10" transform="rotate(90 60 40)"/></g>
                  </g>
                  <polygon points="0,0 20,0 20,20" stroke="red"/>
                  <path stroke="red" d="M60 0a10 10 0 0 1 20 0v10H60zm0 20 l10 0"/>
                  <text x="5" y="5">Staith</text>
                  <rect width="40" height="20" rx="4"/>
                </svg>
                """);
        assertThat(program.passes()).containsExactly("2 score", "red", "1 cut");
        assertThat(program.unread()).containsExactly("1 text");
        List<List<Curve>> strokes = program.work();
        assertThat(strokes).hasSize(6);
        near(strokes.get(0).get(0).start(), 20, 40);
        near(strokes.get(0).get(0).end(), 40, 40);
        Arc circle = (Arc) strokes.get(1).get(0);
        near(circle.centre(), 50, 20);
        assertThat(circle.radius()).isEqualTo(5);
        assertThat(strokes.get(2)).hasSize(3);
        near(strokes.get(2).get(0).start(), 10, 45);
        // Half a turn to the right of its way, upwards on the page; then down, back and home.
        Arc half = (Arc) strokes.get(3).get(0);
        near(half.centre(), 45, 45);
        near(half.at(0.5), 45, 50);
        assertThat(strokes.get(3).stream().skip(1)).hasSize(3).allMatch(Line.class::isInstance);
        // A move after a path was closed is told from where that began.
        near(strokes.get(4).get(0).start(), 40, 35);
        // A box with rounded corners: 2 (20 + 10) - 8 r + 2 π r, with r = 2.
        assertThat(strokes.get(5).stream().mapToDouble(Curve::length).sum())
                .isCloseTo(60 - 16 + 4 * Math.PI, within(1e-9));
    }

    /** Numbers are as exact as they are written: a binary float has seven figures, these have twelve. */
    @Test
    void numbersKeepTheirFigures() throws Exception {
        List<Curve> stroke = read("<svg width='900mm' height='900mm' viewBox='0 0 900 900'><path d='M 812.123456789 "
                        + "0.000000125 c 1e1-.5.25.5 1e-1,2.123456789s1 1 2 2q1 0 1 1t2.5 0'/></svg>")
                .work()
                .get(0);
        assertThat(stroke.get(0).start().x()).isEqualTo(812.123456789);
        assertThat(stroke.get(0).start().y()).isCloseTo(900 - 0.000000125, within(1e-12));
        near(stroke.get(7).end(), 812.223456789, 900 - 2.123456914);
        // What follows smoothly leaves in the direction in which the curve before it came in.
        for (int joint : new int[] {8, 24}) {
            assertThat(stroke.get(joint)
                            .tangent(0)
                            .distance(stroke.get(joint - 1).tangent(1)))
                    .isLessThan(1e-9);
        }
        near(stroke.get(stroke.size() - 1).end(), 812.123456789 + 5.6, 900 - 0.000000125 - 5.123456789);
    }

    /** A circle drawn by four cubics takes as long as one of arcs, but for the thousandth by which its bend varies. */
    @Test
    void aRoundCubicIsFollowedAsSlowlyAsAnArc() throws Exception {
        double k = 4.0 / 3 * (Math.sqrt(2) - 1) * 20;
        String cubics =
                "M 20 0 C 20 %1$s %1$s 20 0 20 C -%1$s 20 -20 %1$s -20 0 C -20 -%1$s -%1$s -20 0 -20 C %1$s -20 20 -%1$s 20 0 Z"
                        .formatted(k);
        String page = "<svg width='60mm' height='60mm' viewBox='-30 -30 60 60'><path d='%s'/></svg>";
        double arcs = seconds(page.formatted("M 20 0 A 20 20 0 0 1 -20 0 A 20 20 0 0 1 20 0 Z"));
        assertThat(seconds(page.formatted(cubics))).isCloseTo(arcs, within(0.02 * arcs));
    }

    private static double seconds(String text) throws CannotRun {
        return Timeline.of(read(text).paced(p -> 2000), Machine.KITTIWAKE_BEAM).total();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<svg width='10mm' height='10mm'><path d='M 0 0 L 1 1'/>",
                "<svg width='0' height='0' viewBox='0 0 0 0'><path d='M 0 0 L 1 1'/></svg>",
                "<svg width='tall' height='10mm'><path d='M 0 0 L 1 1'/></svg>",
                "<html><svg/></html>",
                "<svg width='10mm' height='10mm'></svg>",
                "<!DOCTYPE svg [<!ENTITY a 'aaaa'><!ENTITY b '&a;&a;'>]><svg width='1mm' height='1mm'><g>&b;</g></svg>",
                "<svg width='10mm' height='10mm'><g transform='turn(3)'/></svg>",
                "<svg width='10mm' height='10mm'><polyline points='1 2 3'/></svg>",
                "<svg width='10mm' height='10mm'><path d='M 0 0 A 1e308 1e308 0 1 1 1e308 1e308 L 1e400 5'/></svg>"
            })
    void whatIsNoDrawingIsRefusedInWords(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(CannotRun.class).hasMessageMatching("(?s).{20,}");
    }

    @Test
    void groupsWithoutEndAreRefused() {
        String deep = "<svg width='10mm' height='10mm'>" + "<g>".repeat(5000);
        assertThatThrownBy(() -> read(deep)).isInstanceOf(CannotRun.class).hasMessageContaining("deep");
    }
}
