package org.hyphantes.desktop.stage.repeat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.seam.SeamMark;
import org.hyphantes.symmetry.GroupElements;
import org.hyphantes.treatment.Cloth;

/** What is drawn over a tile: its border with what it is taken hold of by, its seams, and the symbols of its group. */
final class TileMarks {
    private static final double SEAM = 5;
    private static final double ASIDE = 13;

    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;

    TileMarks(Sheet sheet) {
        this.gc = sheet.gc();
        this.camera = sheet.camera();
        this.palette = sheet.palette();
    }

    /** The border of the tile, that of its cells within it, and the grips at its sides and corners. */
    void tile(Cloth cloth, Box drawn) {
        Path tile = cloth.tile(drawn);
        gc.setLineDashes(3, 3);
        gc.setLineWidth(1);
        gc.setStroke(palette.secondInk());
        for (int column = 0; column < cloth.closes(); column++) {
            for (int row = 0; row < cloth.closesDown(); row++) {
                if (column > 0 || row > 0) {
                    outline(cloth.cell(column, row, drawn));
                }
            }
        }
        gc.setLineDashes();
        gc.setStroke(palette.paper());
        gc.setLineWidth(4);
        outline(tile);
        gc.setStroke(palette.ink());
        gc.setLineWidth(1.5);
        outline(tile);
        for (Point grip : grips(tile, camera)) {
            double x = grip.x();
            double y = grip.y();
            gc.setFill(palette.paper());
            gc.fillRect(x - 5, y - 5, 10, 10);
            gc.strokeRect(x - 4.5, y - 4.5, 9, 9);
        }
    }

    /** Where (pixels) a tile is taken hold of: its upper left corner, beside the middles of its right and lower sides, and its lower right corner. */
    static List<Point> grips(Path tile, Camera camera) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            corners.add(new Point(camera.x(tile.at(i)), camera.y(tile.at(i))));
        }
        Point centre = corners.get(0).middle(corners.get(2));
        Point right = corners.get(1).middle(corners.get(2));
        Point down = corners.get(2).middle(corners.get(3));
        return List.of(corners.get(0), beside(right, centre), beside(down, centre), corners.get(2));
    }

    /** Clear of the seam marks, which lie on the border itself. */
    private static Point beside(Point middle, Point centre) {
        return middle.plus(middle.minus(centre).unit().times(ASIDE));
    }

    private void outline(Path path) {
        trace(path);
        gc.stroke();
    }

    private void trace(Path path) {
        gc.beginPath();
        for (int i = 0; i < path.size(); i++) {
            Point corner = path.at(i);
            if (i == 0) {
                gc.moveTo(camera.x(corner), camera.y(corner));
            } else {
                gc.lineTo(camera.x(corner), camera.y(corner));
            }
        }
        gc.closePath();
    }

    void seams(List<SeamMark> marks) {
        marks.forEach(this::seam);
    }

    /** Two half discs, one full and one open, that make one where a seam is met; shifted where it is not; a cross where nothing answers. */
    private void seam(SeamMark mark) {
        boolean whole = mark.kind() == SeamMark.Kind.MET;
        Color colour = whole ? palette.ink() : palette.madder();
        double degrees =
                Math.toDegrees(Math.atan2(-mark.heading().y(), mark.heading().x()));
        gc.setLineWidth(1.5);
        half(mark.place(), degrees + 90, colour, true);
        if (mark.kind() == SeamMark.Kind.UNANSWERED) {
            double x = camera.x(mark.place()) + 9 * mark.heading().x();
            double y = camera.y(mark.place()) + 9 * mark.heading().y();
            gc.setStroke(colour);
            gc.strokeLine(x - 4, y - 4, x + 4, y + 4);
            gc.strokeLine(x - 4, y + 4, x + 4, y - 4);
        } else {
            half(mark.partner(), degrees - 90, colour, false);
        }
        if (mark.kind() == SeamMark.Kind.OUT) {
            gc.setStroke(colour);
            gc.setLineDashes(2, 2);
            gc.strokeLine(
                    camera.x(mark.place()), camera.y(mark.place()), camera.x(mark.partner()), camera.y(mark.partner()));
            gc.setLineDashes();
        }
    }

    private void half(Point place, double from, Color colour, boolean full) {
        double x = camera.x(place) - SEAM;
        double y = camera.y(place) - SEAM;
        gc.setFill(full ? colour : palette.paper());
        gc.fillArc(x, y, 2 * SEAM, 2 * SEAM, from, 180, ArcType.CHORD);
        gc.setStroke(colour);
        gc.strokeArc(x, y, 2 * SEAM, 2 * SEAM, from, 180, ArcType.CHORD);
    }

    /** The ring round the seam mark that the pointer or the needle is at. */
    void ring(Point place) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.strokeOval(camera.x(place) - 11, camera.y(place) - 11, 22, 22);
    }

    /** The share of a cell from which all else follows. */
    void share(Path share) {
        trace(share);
        gc.setFill(palette.verdigris().deriveColor(0, 1, 1, 0.16));
        gc.fill();
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1);
        gc.setLineDashes(2, 3);
        outline(share);
        gc.setLineDashes();
    }

    /** The symbols of the International Tables: lens, triangle, square and hexagon at centres, lines at mirrors, dashes at glides. */
    void symbols(GroupElements elements, Path tile) {
        gc.save();
        trace(tile);
        gc.clip();
        double far = tile.length();
        for (GroupElements.Axis axis : elements.axes()) {
            gc.setStroke(palette.verdigris());
            gc.setLineWidth(axis.glide() ? 1.5 : 2);
            gc.setLineDashes(axis.glide() ? new double[] {7, 5} : new double[0]);
            Point a = axis.through().minus(axis.along().times(far));
            Point b = axis.through().plus(axis.along().times(far));
            gc.strokeLine(camera.x(a), camera.y(a), camera.x(b), camera.y(b));
        }
        gc.setLineDashes();
        gc.restore();
        for (GroupElements.Centre centre : elements.centres()) {
            centre(centre);
        }
    }

    private void centre(GroupElements.Centre centre) {
        double x = camera.x(centre.place());
        double y = camera.y(centre.place());
        gc.setFill(palette.verdigris());
        gc.setStroke(palette.paper());
        gc.setLineWidth(1);
        if (centre.order() == 2) {
            gc.fillOval(x - 3.5, y - 7, 7, 14);
            gc.strokeOval(x - 3.5, y - 7, 7, 14);
            return;
        }
        int n = centre.order();
        double[] xs = new double[n];
        double[] ys = new double[n];
        for (int i = 0; i < n; i++) {
            double angle = 2 * Math.PI * i / n - (n == 4 ? Math.PI / 4 : Math.PI / 2);
            xs[i] = x + 7.5 * Math.cos(angle);
            ys[i] = y + 7.5 * Math.sin(angle);
        }
        gc.fillPolygon(xs, ys, n);
        gc.strokePolygon(xs, ys, n);
    }
}
