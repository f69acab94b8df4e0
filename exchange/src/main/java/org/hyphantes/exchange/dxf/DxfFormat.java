package org.hyphantes.exchange.dxf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.hyphantes.cut.Pass;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.format.MachineFormat;
import org.hyphantes.exchange.format.Toolpath;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;

/**
 * Drawing exchange files (DXF as its published reference has it for release 2000, from memory): LINE, ARC, CIRCLE and LWPOLYLINE with bulges, in
 * millimetres, each pass on a layer of its name.
 */
public final class DxfFormat {
    public static final Format FORMAT = new MachineFormat(".dxf", "DXF", DxfFormat::text);

    private DxfFormat() {}

    /** The text of a file. */
    public static String text(Handout handout) throws IOException, CannotHandOver {
        Toolpath toolpath = Toolpath.of(handout);
        List<String> layers = new ArrayList<>();
        DxfText entities = new DxfText(DxfDocument.FIRST_FREE);
        toolpath.lead(new Toolpath.Tool() {
            @Override
            public void begin(int number, Pass pass) {
                layers.add(pass.named(number));
            }

            @Override
            public void follow(List<Curve> curves, boolean closed) {
                entity(entities, layers.get(layers.size() - 1), curves, closed);
            }
        });
        return DxfDocument.around(entities, layers, handout.design().handing().told());
    }

    private static void entity(DxfText text, String layer, List<Curve> curves, boolean closed) {
        Curve only = curves.size() == 1 ? curves.get(0) : null;
        if (only instanceof Arc arc && arc.isWhole()) {
            begin(text, "CIRCLE", layer, "AcDbCircle");
            text.place(10, arc.centre()).number(40, arc.radius());
        } else if (only instanceof Arc arc) {
            begin(text, "ARC", layer, "AcDbCircle");
            text.place(10, arc.centre()).number(40, arc.radius()).add(100, "AcDbArc");
            // An arc goes anticlockwise from its first angle.
            double from = Math.toDegrees(arc.from());
            double to = Math.toDegrees(arc.from() + arc.sweep());
            text.number(50, arc.sweep() > 0 ? from : to).number(51, arc.sweep() > 0 ? to : from);
        } else if (only instanceof Line line) {
            begin(text, "LINE", layer, "AcDbLine");
            text.place(10, line.start()).place(11, line.end());
        } else {
            begin(text, "LWPOLYLINE", layer, "AcDbPolyline");
            polyline(text, curves, closed);
        }
    }

    private static void begin(DxfText text, String kind, String layer, String sort) {
        text.add(0, kind).handle().add(330, DxfDocument.MODEL);
        text.add(100, "AcDbEntity").add(8, layer).add(100, sort);
    }

    private static void polyline(DxfText text, List<Curve> curves, boolean closed) {
        List<Curve> parts = new ArrayList<>();
        for (Curve curve : curves) {
            if (curve instanceof Arc arc) {
                parts.addAll(Toolpath.parts(arc));
            } else {
                parts.add(curve);
            }
        }
        text.add(90, String.valueOf(parts.size() + (closed ? 0 : 1)));
        text.add(70, closed ? "1" : "0").number(43, 0);
        for (Curve part : parts) {
            text.flat(part.start());
            if (part instanceof Arc arc) {
                text.number(42, Math.tan(arc.sweep() / 4));
            }
        }
        if (!closed) {
            text.flat(parts.get(parts.size() - 1).end());
        }
    }
}
