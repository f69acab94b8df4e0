package org.hyphantes.desktop.stage.pieces;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Tracer;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.piece.Cell;
import org.hyphantes.piece.FreeEnd;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Staple;
import org.hyphantes.piece.Tessera;

/** The marks of pieces: dropped ones dotted with corner ticks, selected ones in a double line, the one meant stitched, siblings dotted. */
final class PieceMarks {
    private static final int MOST = 3_000;

    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;
    private final Affine placed;

    PieceMarks(Sheet sheet, Affine placed) {
        this.gc = sheet.gc();
        this.camera = sheet.camera();
        this.palette = sheet.palette();
        this.placed = placed;
    }

    /** What stays as long as the pieces do: dropped ones, and the staples at joints. */
    void still(Mosaic mosaic) {
        int drawn = 0;
        for (Tessera piece : mosaic.pieces()) {
            if (piece.dropped() && ++drawn < MOST) {
                piece.whole().forEach(this::dropped);
            }
        }
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.5);
        mosaic.staples().stream().limit(MOST).forEach(this::staple);
    }

    private void dropped(Region region) {
        gc.setStroke(palette.edge());
        gc.setLineWidth(1);
        gc.setLineDashes(1.5, 4);
        trace(region);
        gc.setLineDashes();
        Box box = region.map(placed).outline().box();
        double x = camera.x(new Point(box.left(), box.top()));
        double y = camera.y(new Point(box.left(), box.top()));
        double r = camera.x(new Point(box.right(), box.bottom()));
        double b = camera.y(new Point(box.right(), box.bottom()));
        double tick = Math.min(6, Math.min(r - x, b - y) / 4);
        if (tick < 4) {
            return;
        }
        gc.setLineWidth(1.2);
        for (double[] c : new double[][] {{x, y, 1, 1}, {r, y, -1, 1}, {x, b, 1, -1}, {r, b, -1, -1}}) {
            gc.strokeLine(c[0], c[1], c[0] + c[2] * tick, c[1]);
            gc.strokeLine(c[0], c[1], c[0], c[1] + c[3] * tick);
        }
    }

    /** A staple at each end of an inner edge that is gone: its foot along the edge, its bar across. */
    private void staple(Staple staple) {
        Point place = placed.of(staple.place());
        Point along = placed.ofDirection(staple.along());
        double length = along.length();
        double ux = along.x() / length;
        double uy = along.y() / length;
        double x = camera.x(place);
        double y = camera.y(place);
        gc.strokeLine(x, y, x + 8 * ux, y + 8 * uy);
        gc.strokeLine(x + 8 * ux - 4 * uy, y + 8 * uy + 4 * ux, x + 8 * ux + 4 * uy, y + 8 * uy - 4 * ux);
    }

    private void trace(Region region) {
        gc.beginPath();
        new Tracer(gc, camera, placed).trace(region);
        gc.stroke();
    }

    void selected(Region region) {
        gc.setLineDashes();
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(5);
        trace(region);
        gc.setStroke(palette.paper());
        gc.setLineWidth(2);
        trace(region);
    }

    void meant(Region region) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2.2);
        gc.setLineDashes(7, 4);
        trace(region);
        gc.setLineDashes();
    }

    /** The way that a line which stops short would run on to the edge. */
    void runOn(FreeEnd end) {
        Point from = placed.of(end.place());
        gc.setStroke(palette.madder());
        gc.setLineWidth(1.5);
        gc.setLineDashes(2, 4);
        end.onto()
                .map(placed::of)
                .ifPresent(to -> gc.strokeLine(camera.x(from), camera.y(from), camera.x(to), camera.y(to)));
        gc.setLineDashes();
        gc.strokeOval(camera.x(from) - 3, camera.y(from) - 3, 6, 6);
    }

    void corner(Point corner) {
        Point place = placed.of(corner);
        gc.setStroke(palette.madder());
        gc.setLineWidth(2);
        gc.strokeOval(camera.x(place) - 6, camera.y(place) - 6, 12, 12);
    }

    void sibling(Cell cell) {
        Point place = placed.of(cell.place());
        gc.setFill(palette.verdigris());
        gc.fillOval(camera.x(place) - 3.5, camera.y(place) - 3.5, 7, 7);
    }

    /** The thread that joins or drops, with a cross where it was stopped. */
    void thread(List<Point> along, boolean drops, boolean stopped) {
        Color colour = drops || stopped ? palette.madder() : palette.verdigris();
        gc.setStroke(colour);
        gc.setLineWidth(2);
        gc.setLineDashes(drops ? new double[] {2, 4} : new double[0]);
        for (int i = 1; i < along.size(); i++) {
            gc.strokeLine(
                    camera.x(along.get(i - 1)),
                    camera.y(along.get(i - 1)),
                    camera.x(along.get(i)),
                    camera.y(along.get(i)));
        }
        gc.setLineDashes();
        if (stopped && !along.isEmpty()) {
            double x = camera.x(along.get(along.size() - 1));
            double y = camera.y(along.get(along.size() - 1));
            gc.strokeLine(x - 6, y - 6, x + 6, y + 6);
            gc.strokeLine(x - 6, y + 6, x + 6, y - 6);
        }
    }
}
