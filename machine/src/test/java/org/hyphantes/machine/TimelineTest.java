package org.hyphantes.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hyphantes.cut.Machine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.junit.jupiter.api.Test;

/** What the machine reads, and how long it takes; times are worked by hand from constant acceleration. */
class TimelineTest {
    private static final Machine MILL = Machine.GANNET_MILL;

    private static Program read(String ending, String text) throws CannotRun {
        return Readers.of("file" + ending).orElseThrow().read(text);
    }

    private static double seconds(String code) throws CannotRun {
        return Timeline.of(read(".nc", code), MILL).total();
    }

    /** With a = 600 mm/s² and 20 mm/s a way of 100 mm takes 100/20 + 20/600 s, and the tool goes down and up once, 0.4 s each. */
    @Test
    void aLongLineGathersSpeedHoldsItAndSlowsDown() throws CannotRun {
        assertThat(seconds("G21 G90\nG1 Z-1 F1200\nG1 X100 Y0\n")).isCloseTo(5 + 20.0 / 600 + 0.8, within(1e-9));
    }

    /** Half a millimetre is too short for 100 mm/s: speed is gathered over half of it and lost over the other, 2 sqrt(0.5/600) s. */
    @Test
    void aShortLineNeverComesToItsSpeed() throws CannotRun {
        assertThat(seconds("G21 G90\nG1 Z-1 F6000\nG1 X0.5 Y0\n"))
                .isCloseTo(2 * Math.sqrt(0.5 / 600) + 0.8, within(1e-9));
    }

    /** At a right angle the speed changes by sqrt(2) of itself, which may be 3 mm/s: so 2.121 mm/s there; straight on nothing is lost. */
    @Test
    void cornersAreTakenSlowly() throws CannotRun {
        double v = 3 / Math.sqrt(2);
        double leg = 2 * ((20 - v) / 600 + 20.0 / 600) + 2 * (50 - (400 - v * v) / 1200 - 400.0 / 1200) / 20;
        assertThat(seconds("G21 G90\nG1 Z-1 F1200\nG1 X50 Y0\nG1 X50 Y50\n")).isCloseTo(leg + 0.8, within(1e-9));
        assertThat(seconds("G21 G90\nG1 Z-1 F1200\nG1 X50 Y0\nG1 X100 Y0\n"))
                .isCloseTo(5 + 20.0 / 600 + 0.8, within(1e-9));
    }

    /** The head is where it should be at each moment, and comes to each move when the one before is done. */
    @Test
    void theHeadIsNeverOutOfPlace() throws CannotRun {
        Timeline timeline = Timeline.of(
                read(".nc", "G21 G90\nG0 X10 Y10\nG1 Z-1 F1200\nG1 X40 Y10\nG3 X10 Y40 I-30 J0\nG0 Z2\nG0 X0 Y0\n"),
                MILL);
        Point before = timeline.at(0).place();
        for (double t = 0; t <= timeline.total(); t += 0.01) {
            Point now = timeline.at(t).place();
            assertThat(now.distance(before)).isLessThanOrEqualTo(MILL.travel() * 0.011);
            before = now;
        }
        for (int i = 0; i < timeline.moves().size(); i++) {
            Curve curve = timeline.moves().get(i).curve();
            assertThat(timeline.at(timeline.start(i)).place().distance(curve.start()))
                    .isLessThan(1e-6);
        }
        assertThat(timeline.at(timeline.total()).place()).isEqualTo(Point.ORIGIN);
    }

    /** Without scaling a plotter unit is 0.025 mm; PR goes on from where the pen is; AA turns about a centre. */
    @Test
    void plotterFilesAreReadAsTheirReferenceHasThem() throws CannotRun {
        Program program = read(".plt", "IN;SP1;VS4;PU400,0;PD;PR0,400;AA0,400,90;PU;SP2;PU0,0;PD40,0;");
        assertThat(program.passes()).containsExactly("1", "2");
        assertThat(program.strokes()).isEqualTo(2);
        List<Curve> first = program.work().get(0);
        assertThat(first.get(0).length()).isCloseTo(10, within(1e-9));
        Arc arc = (Arc) first.get(1);
        assertThat(arc.radius()).isCloseTo(10, within(1e-9));
        assertThat(arc.end().distance(new Point(0, 20))).isLessThan(1e-9);
        assertThat(program.moves().stream()
                        .filter(Move::isWork)
                        .findFirst()
                        .orElseThrow()
                        .speed())
                .isEqualTo(40);
        assertThatThrownBy(() -> read(".plt", "IN;PU1;")).isInstanceOf(CannotRun.class);
        assertThatThrownBy(() -> read(".plt", "")).hasMessageContaining("nothing in it");
    }

    /** Inches, radii in place of centres, and from where the tool is; what is not known is told. */
    @Test
    void machineCodeIsReadAsItsStandardHasIt() throws CannotRun {
        Program program = read(".nc", "%\nG20 G91 (inches)\nG1 Z-2 F60\nG1 X1\nG3 X-1 Y1 R1\nM6 G54\n");
        assertThat(program.length(Move.Kind.WORK)).isCloseTo(25.4 + 25.4 * Math.PI / 2, within(1e-9));
        assertThat(program.unread()).containsExactly("G54 in line 6");
        assertThatThrownBy(() -> read(".nc", "G1 Z-1\nG2 X5 Y5 I50 J0\n")).hasMessageContaining("Line 2");
        assertThatThrownBy(() -> read(".nc", "G1 Z-1\n?!\n")).hasMessageContaining("Line 2");
    }

    /** The bulge of half a circle is 1; kinds that are not known are counted. */
    @Test
    void drawingFilesAreReadAsTheirReferenceHasThem() throws CannotRun {
        String text = String.join(
                "\n",
                "0",
                "SECTION",
                "2",
                "ENTITIES",
                "0",
                "LWPOLYLINE",
                "8",
                "1 cut",
                "90",
                "2",
                "70",
                "1",
                "10",
                "0",
                "20",
                "0",
                "42",
                "1",
                "10",
                "10",
                "20",
                "0",
                "0",
                "SPLINE",
                "8",
                "1 cut",
                "0",
                "ARC",
                "8",
                "2 score",
                "10",
                "0",
                "20",
                "0",
                "40",
                "5",
                "50",
                "350",
                "51",
                "10",
                "0",
                "ENDSEC",
                "0",
                "EOF",
                "");
        Program program = read(".dxf", text);
        assertThat(program.passes()).containsExactly("1 cut", "2 score");
        assertThat(program.unread()).containsExactly("1 SPLINE");
        assertThat(program.length(Move.Kind.WORK)).isCloseTo(5 * Math.PI + 10 + 5 * Math.toRadians(20), within(1e-9));
        assertThatThrownBy(() -> read(".dxf", "x\ny\n")).hasMessageContaining("Line 1");
    }

    /** A hole that is cut after the outline round it is told; cut before, it is not. And a file that strays says by how much. */
    @Test
    void whatIsCutTooLateAndWhatStraysIsTold() throws CannotRun {
        String inner = "PU420,400;PD;AA400,400,360;PU;";
        String outer = "PU800,400;PD;AA400,400,360;PU;";
        List<Boolean> cutting = List.of(true);
        Timeline late = Timeline.of(read(".plt", "IN;SP1;" + outer + inner), MILL);
        assertThat(Fall.of(late, cutting).get(0).late()).containsExactly(1);
        Program fine = read(".plt", "IN;SP1;" + inner + outer);
        List<Fall> falls = Fall.of(Timeline.of(fine, MILL), cutting);
        assertThat(falls).hasSize(2).allMatch(f -> f.late().isEmpty());
        assertThat(falls.get(0).seconds()).isLessThan(falls.get(1).seconds());
        List<Path> wanted = List.of(
                Path.closed(Arc.circle(new Point(10, 90), 0.5, 0)),
                Path.closed(Arc.circle(new Point(10, 90), 10.2, 0)));
        Straying straying = Straying.of(fine, wanted, 100);
        assertThat(straying.distance()).isCloseTo(0.2, within(1e-9));
        assertThatThrownBy(() -> Straying.of(fine, wanted.subList(0, 1), 100)).hasMessageContaining("2 strokes");
    }
}
