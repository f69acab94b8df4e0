package org.hyphantes.exchange.plotter;

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

/**
 * Plotter files in HP-GL (its published reference, from memory): a pen for each pass, lines by PA, arcs by AA. They are scaled by IP and SC so
 * that a user unit is a millimetre: a plotter unit alone, 0.025 mm, would be too coarse.
 */
public final class PlotterFormat {
    public static final Format FORMAT = new MachineFormat(".plt", "plotter file", PlotterFormat::text);
    private static final int DECIMALS = 5;

    private PlotterFormat() {}

    /** The text of a file. */
    public static String text(Handout handout) throws IOException, CannotHandOver {
        Pen pen = new Pen();
        Toolpath.of(handout).lead(pen);
        return pen.text.append("PU;SP0;\n").toString();
    }

    /** What writes instructions. */
    private static final class Pen implements Toolpath.Tool {
        private final StringBuilder text = new StringBuilder("IN;IP0,0,40000,40000;SC0,1000,0,1000;PU;\n");

        @Override
        public void begin(int number, Pass pass) {
            text.append("SP").append(number);
            // Speeds are centimetres a second.
            text.append(";VS").append(number(pass.speed().value() / 10)).append(";\n");
        }

        @Override
        public void follow(List<Curve> curves, boolean closed) {
            text.append("PU").append(place(curves.get(0).start())).append(";PD;");
            for (Curve curve : curves) {
                if (curve instanceof Arc arc) {
                    for (Arc part : Toolpath.parts(arc)) {
                        text.append("AA").append(place(part.centre())).append(',');
                        text.append(Toolpath.number(Math.toDegrees(part.sweep()), 7))
                                .append(';');
                    }
                    // Where the arc ends, so that what rounding leaves never adds up.
                    text.append("PA").append(place(arc.end())).append(';');
                } else {
                    text.append("PA").append(place(curve.end())).append(';');
                }
            }
            text.append('\n');
        }

        private static String place(Point p) {
            return number(p.x()) + "," + number(p.y());
        }

        private static String number(double value) {
            return Toolpath.number(value, DECIMALS);
        }
    }
}
