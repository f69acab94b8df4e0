package org.hyphantes.exchange.code;

import java.io.IOException;
import java.util.List;
import org.hyphantes.cut.Pass;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.format.MachineFormat;
import org.hyphantes.exchange.format.Toolpath;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Quoted;

/** Machine code (ISO 6983-1, from memory): straight moves G0 and G1, arcs G2 and G3 about a centre told from where they begin, in millimetres. */
public final class CodeFormat {
    public static final Format FORMAT = new MachineFormat(".nc", "machine code", CodeFormat::text);
    private static final int DECIMALS = 5;

    /** So high (mm) above the work the tool travels. */
    private static final double CLEAR = 2;

    private CodeFormat() {}

    /** The text of a file. */
    public static String text(Handout handout) throws IOException, CannotHandOver {
        Toolpath toolpath = Toolpath.of(handout);
        String name = plain(handout.design().name());
        Spindle spindle = new Spindle();
        spindle.text.append("(").append(name).append(")\n");
        handout.design()
                .handing()
                .told()
                .forEach((term, told) -> spindle.text
                        .append("(")
                        .append(term)
                        .append(": ")
                        .append(plain(told))
                        .append(")\n"));
        spindle.text.append("G21 G90 G17\n");
        spindle.up();
        spindle.text.append("M3\n");
        toolpath.lead(spindle);
        spindle.text.append("M5\nG0 X0 Y0\nM2\n");
        return spindle.text.toString();
    }

    /** Without what would end a comment, or begin something else. */
    private static String plain(String text) {
        return Quoted.sound(text).replaceAll("[^\\p{Alnum} .,-]", " ");
    }

    /** What writes moves. */
    private static final class Spindle implements Toolpath.Tool {
        private final StringBuilder text = new StringBuilder();
        private double depth;
        private double feed;

        @Override
        public void begin(int number, Pass pass) {
            depth = pass.depth().value();
            feed = pass.speed().value() * 60;
            text.append("(pass ").append(pass.named(number)).append(")\n");
        }

        private void up() {
            text.append("G0 Z").append(number(CLEAR)).append('\n');
        }

        @Override
        public void follow(List<Curve> curves, boolean closed) {
            text.append("G0").append(place(curves.get(0).start())).append('\n');
            text.append("G1 Z")
                    .append(number(-depth))
                    .append(" F")
                    .append(number(feed))
                    .append('\n');
            for (Curve curve : curves) {
                if (curve instanceof Arc arc) {
                    Toolpath.parts(arc).forEach(this::arc);
                } else {
                    text.append("G1").append(place(curve.end())).append('\n');
                }
            }
            up();
        }

        private void arc(Arc arc) {
            Point centre = arc.centre().minus(arc.start());
            text.append(arc.sweep() > 0 ? "G3" : "G2").append(place(arc.end()));
            text.append(" I").append(number(centre.x())).append(" J").append(number(centre.y()));
            text.append('\n');
        }

        private static String place(Point p) {
            return " X" + number(p.x()) + " Y" + number(p.y());
        }

        private static String number(double value) {
            return Toolpath.number(value, DECIMALS);
        }
    }
}
