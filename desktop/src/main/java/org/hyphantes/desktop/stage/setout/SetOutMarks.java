package org.hyphantes.desktop.stage.setout;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Tracer;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.figure.Drawn;
import org.hyphantes.figure.PageBox;
import org.hyphantes.figure.Reshaping;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.known.KnownPoint;

/** The marks of Set out: the known point that is caught with what causes it, the open dividers, points of a path, a box. */
final class SetOutMarks {
    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;

    SetOutMarks(Sheet sheet) {
        this.gc = sheet.gc();
        this.camera = sheet.camera();
        this.palette = sheet.palette();
    }

    /** A known point with what causes it, told apart from what is selected by colour and by dashes on a ground of their own. */
    void known(KnownPoint known) {
        known.causes().forEach(c -> {
            under(c);
            dashes(c, palette.ochre(), 2.4);
        });
        place(known.place());
    }

    /** The open dividers, and what they would lay. */
    void dividers(Dividers dividers, PageBox pageBox) {
        dividers.first().ifPresent(this::place);
        dividers.form().ifPresent(form -> form.paths(pageBox).forEach(p -> dashes(p, palette.ochre(), 1.6)));
        dividers.second().ifPresent(second -> {
            legs(dividers.first().orElseThrow(), second);
            place(second);
        });
    }

    /** One mark for every kind of known point; the words and the dashed causes tell them apart. */
    void place(Point place) {
        double x = camera.x(place);
        double y = camera.y(place);
        gc.setLineDashes();
        gc.setStroke(palette.paper());
        gc.setLineWidth(4);
        gc.strokeOval(x - 6, y - 6, 12, 12);
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.strokeOval(x - 6, y - 6, 12, 12);
        gc.setFill(palette.verdigris());
        gc.fillOval(x - 2, y - 2, 4, 4);
    }

    private void under(Path path) {
        gc.setStroke(palette.paper());
        gc.setLineWidth(4.5);
        gc.setLineDashes();
        gc.beginPath();
        new Tracer(gc, camera).trace(path);
        gc.stroke();
    }

    /** A half ring about a disc: by it the selection is turned, and the other way scaled. */
    void peg(Point place) {
        double x = camera.x(place);
        double y = camera.y(place);
        gc.setLineDashes();
        gc.setFill(palette.paper());
        gc.fillOval(x - 8, y - 8, 16, 16);
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.8);
        gc.strokeArc(x - 7, y - 7, 14, 14, -30, 240, ArcType.OPEN);
        gc.setFill(palette.verdigris());
        gc.fillOval(x - 2.5, y - 2.5, 5, 5);
    }

    private void dashes(Path path, Color colour, double width) {
        gc.setStroke(colour);
        gc.setLineWidth(width);
        gc.setLineDashes(5, 4);
        gc.setLineCap(StrokeLineCap.BUTT);
        gc.beginPath();
        new Tracer(gc, camera).trace(path);
        gc.stroke();
        gc.setLineDashes();
    }

    private void legs(Point first, Point second) {
        gc.setStroke(palette.ink());
        gc.setLineWidth(1.2);
        gc.setLineDashes();
        gc.strokeLine(camera.x(first), camera.y(first), camera.x(second), camera.y(second));
    }

    /** The points and sides of the selected path, of which one may be taken hold of. */
    void points(Drawn drawn, int part, int selected) {
        for (int p = 0; p < drawn.paths().size(); p++) {
            Path path = Reshaping.withPoints(drawn.paths().get(p));
            if (path.size() > 400) {
                continue;
            }
            for (int i = 0; i < path.size(); i++) {
                side(path.curves().get(i).at(0.5));
            }
            List<Point> points = Reshaping.points(path);
            for (int i = 0; i < points.size(); i++) {
                point(points.get(i), Reshaping.isSmooth(path, i), p == part && i == selected);
            }
        }
    }

    /** A corner is a square, a smooth point a disc; the selected one is full. */
    private void point(Point place, boolean smooth, boolean selected) {
        double x = camera.x(place);
        double y = camera.y(place);
        double half = selected ? 5.5 : 4;
        gc.setFill(selected ? palette.verdigris() : palette.paper());
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.8);
        if (smooth) {
            gc.fillOval(x - half, y - half, 2 * half, 2 * half);
            gc.strokeOval(x - half, y - half, 2 * half, 2 * half);
        } else {
            gc.fillRect(x - half, y - half, 2 * half, 2 * half);
            gc.strokeRect(x - half, y - half, 2 * half, 2 * half);
        }
    }

    private void side(Point place) {
        gc.setFill(palette.verdigris());
        gc.fillOval(camera.x(place) - 2, camera.y(place) - 2, 4, 4);
    }

    void trail(List<Point> trail, boolean box) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.4);
        gc.setLineDashes(4, 3);
        if (box) {
            Box round = Box.round(trail.stream().map(p -> Box.of(p, p)).toList());
            gc.strokeRect(
                    camera.x(new Point(round.left(), 0)),
                    camera.y(new Point(0, round.top())),
                    round.width() * camera.scale(),
                    round.height() * camera.scale());
        } else {
            double[] xs = trail.stream().mapToDouble(camera::x).toArray();
            double[] ys = trail.stream().mapToDouble(camera::y).toArray();
            gc.strokePolyline(xs, ys, xs.length);
        }
        gc.setLineDashes();
    }
}
