package org.hyphantes.desktop.stage.setout;

import java.util.List;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import org.hyphantes.design.Design;
import org.hyphantes.design.Net;
import org.hyphantes.design.Page;
import org.hyphantes.desktop.picture.Tracer;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Scene;

/** What lies under everything in Set out: the net, faint, the page with its centre lines, and helpers in dashes. */
final class SetOutGround {
    private final Sheet sheet;

    SetOutGround(Sheet sheet) {
        this.sheet = sheet;
    }

    void draw(Design design) {
        Box box = design.page().box();
        for (Net.Thread thread : design.net().threads(box)) {
            stroke(thread.path(), sheet.palette().hairline(), thread.strong() ? 1.3 : 0.6);
        }
        stroke(
                Path.polygon(List.of(
                        new Point(box.left(), box.top()),
                        new Point(box.right(), box.top()),
                        new Point(box.right(), box.bottom()),
                        new Point(box.left(), box.bottom()))),
                sheet.palette().hairline(),
                1);
        if (design.page().centrelines() == Page.Shown.SHOWN) {
            Path upright = Path.open(new Line(new Point(0, box.top()), new Point(0, box.bottom())));
            Path level = Path.open(new Line(new Point(box.left(), 0), new Point(box.right(), 0)));
            stroke(upright, sheet.palette().hairline(), 1);
            stroke(level, sheet.palette().hairline(), 1);
        }
    }

    /** Helpers; those that are selected stand out. */
    void helpers(Scene helpers, Set<String> chosen) {
        sheet.gc().setLineDashes(6, 4);
        for (Mark mark : helpers.flat()) {
            boolean stands = chosen.contains(mark.origin().key().figure());
            line(
                    ((Mark.Stroke) mark).path(),
                    stands ? sheet.palette().verdigris() : sheet.palette().edge(),
                    1.2);
        }
        sheet.gc().setLineDashes();
    }

    private void stroke(Path path, Color colour, double weight) {
        if (path.box().meets(sheet.camera().seen())) {
            sheet.gc().setLineDashes();
            line(path, colour, weight);
        }
    }

    private void line(Path path, Color colour, double weight) {
        GraphicsContext gc = sheet.gc();
        gc.setStroke(colour);
        gc.setLineWidth(weight);
        gc.setLineCap(StrokeLineCap.BUTT);
        gc.beginPath();
        new Tracer(gc, sheet.camera()).trace(path);
        gc.stroke();
    }
}
