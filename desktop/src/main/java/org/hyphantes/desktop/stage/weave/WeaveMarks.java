package org.hyphantes.desktop.stage.weave;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.stage.Gathered;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.geometry.Point;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Meet;
import org.hyphantes.weave.Way;
import org.hyphantes.weave.Weave;

/** The marks laid over a drawing: letters of strands, states of crossings and the place under the pointer. */
final class WeaveMarks {
    /** The radius of the brackets round a crossing that an act reaches too. */
    private static final double BRACKET = 17;

    private static final double LEAST_BRACKET = 5;

    private static final double FRAME = 19;
    static final int MOST_LETTERS = 60;

    /** How large marks with words in them are. */
    private final double type = Habits.type().get();

    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;

    WeaveMarks(Sheet sheet) {
        this.gc = sheet.gc();
        this.camera = sheet.camera();
        this.palette = sheet.palette();
    }

    /** What is drawn of a weave as long as it does not change: letters, states of crossings, breaks, and what nobody can decide. */
    void still(Weave weave) {
        letters(weave);
        states(weave);
        breaks(weave);
    }

    private void letters(Weave weave) {
        if (weave.strands().size() > MOST_LETTERS) {
            return;
        }
        gc.setFont(Typefaces.title(11));
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        for (int s = 0; s < weave.strands().size(); s++) {
            Point p = weave.clearest(s);
            double x = camera.x(p);
            double y = camera.y(p);
            String name = weave.strands().get(s).name();
            double high = 8.5 * type;
            double half = name.length() > 1 ? 11 * type : high;
            gc.setFill(palette.paper());
            gc.fillRoundRect(x - half, y - high, 2 * half, 2 * high, 2 * high, 2 * high);
            gc.setStroke(palette.ink());
            gc.setLineWidth(1);
            gc.strokeRoundRect(x - half, y - high, 2 * half, 2 * high, 2 * high, 2 * high);
            gc.setFill(palette.ink());
            gc.fillText(name, x, y + 0.5);
        }
    }

    private void states(Weave weave) {
        List<Point> open = new ArrayList<>();
        for (Crossing crossing : weave.crossings()) {
            double x = camera.x(crossing.place());
            double y = camera.y(crossing.place());
            if (x < -20 || y < -20 || x > camera.width() + 20 || y > camera.height() + 20) {
                continue;
            }
            switch (crossing.state()) {
                case PINNED -> lozenge(x, y);
                case OUT_OF_RHYTHM -> {
                    lozenge(x, y);
                    toothed(x, y);
                }
                case UNDECIDED -> open.add(crossing.place());
                default -> {}
            }
        }
        for (Weave.Trouble trouble : weave.troubles()) {
            if (trouble.kind() == Weave.Trouble.Kind.TOUCH || trouble.kind() == Weave.Trouble.Kind.OVERLAP) {
                open.add(trouble.place());
            }
        }
        undecided(open);
    }

    private void lozenge(double x, double y) {
        double[] xs = {x, x + 6.5, x, x - 6.5};
        double[] ys = {y - 6.5, y, y + 6.5, y};
        gc.setFill(palette.paper());
        gc.fillPolygon(xs, ys, 4);
        gc.setStroke(palette.ink());
        gc.setLineWidth(1.8);
        gc.strokePolygon(xs, ys, 4);
    }

    private void toothed(double x, double y) {
        int teeth = 14;
        double[] xs = new double[2 * teeth];
        double[] ys = new double[2 * teeth];
        for (int i = 0; i < 2 * teeth; i++) {
            double r = i % 2 == 0 ? 16 : 12.5;
            xs[i] = x + r * Math.cos(Math.PI * i / teeth);
            ys[i] = y + r * Math.sin(Math.PI * i / teeth);
        }
        gc.setStroke(palette.ochre());
        gc.setLineWidth(1.8);
        gc.strokePolygon(xs, ys, 2 * teeth);
    }

    /** What nobody can decide: crossings without a rhythm, and where strands touch or lie on one another. */
    private void undecided(List<Point> places) {
        for (Gathered<Point> gathered : Gathered.of(places, this::pixel, 20 * type)) {
            undecided(camera.x(gathered.first()), camera.y(gathered.first()), gathered.count());
        }
    }

    private Point pixel(Point place) {
        return new Point(camera.x(place), camera.y(place));
    }

    private void undecided(double x, double y, int count) {
        double high = 9 * type;
        double half = count > 1 ? 20 * type : high;
        gc.setFill(palette.paper());
        gc.fillRect(x - half, y - high, 2 * half, 2 * high);
        gc.setStroke(palette.madder());
        gc.setLineWidth(1.8);
        gc.strokeRect(x - half, y - high, 2 * half, 2 * high);
        gc.setFill(palette.madder());
        gc.setFont(Typefaces.title(12));
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.fillText(count > 1 ? "? \u00d7" + count : "?", x, y + 0.5, 2 * half - 4);
    }

    void frame(Point place) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.setLineDashes();
        gc.strokeRect(camera.x(place) - FRAME, camera.y(place) - FRAME, 2 * FRAME, 2 * FRAME);
    }

    /** Bars at broken crossings, each lying along its break. */
    private void breaks(Weave weave) {
        gc.setStroke(palette.ink());
        gc.setLineWidth(2);
        gc.setLineDashes();
        gc.setLineCap(StrokeLineCap.BUTT);
        weave.broken().forEach((meet, way) -> {
            Meet at = weave.whole().meets().get(meet);
            Point u = weave.whole().strands().get(at.first()).path().tangent(at.firstPosition());
            Point v = weave.whole().strands().get(at.second()).path().tangent(at.secondPosition());
            Point along = (way == Way.WITH ? u.plus(v) : u.minus(v)).unit();
            double x = camera.x(at.place());
            double y = camera.y(at.place());
            gc.strokeLine(x - 9 * along.x(), y - 9 * along.y(), x + 9 * along.x(), y + 9 * along.y());
            for (int end : new int[] {-9, 9}) {
                double ex = x + end * along.x();
                double ey = y + end * along.y();
                gc.strokeLine(ex - 4 * along.y(), ey + 4 * along.x(), ex + 4 * along.y(), ey - 4 * along.x());
            }
        });
    }

    /** The thread of a stroke under way. */
    void thread(Point from, Point to) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.setLineDashes(6, 4);
        gc.strokeLine(camera.x(from), camera.y(from), camera.x(to), camera.y(to));
        gc.setLineDashes();
        gc.setFill(palette.verdigris());
        gc.fillOval(camera.x(from) - 3, camera.y(from) - 3, 6, 6);
    }

    /**
     * The crossings that an act reaches too; those that a mirror makes the opposite have a slash. All are one path: a thousand strokes one by
     * one would hold up the needle.
     */
    void siblings(List<Sibling> siblings) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.setLineDashes();
        gc.setLineCap(StrokeLineCap.ROUND);
        double radius = bracket(siblings);
        gc.beginPath();
        for (Sibling sibling : siblings) {
            sibling(camera.x(sibling.place()), camera.y(sibling.place()), radius, sibling.mirrored());
        }
        gc.stroke();
    }

    /** The radius of brackets: smaller where siblings stand so close that they would run into one chain. */
    private double bracket(List<Sibling> siblings) {
        double closest = Double.POSITIVE_INFINITY;
        for (int i = 1; i < siblings.size(); i++) {
            closest = Math.min(
                    closest,
                    siblings.get(i).place().distance(siblings.get(i - 1).place()));
        }
        return Math.max(LEAST_BRACKET, Math.min(BRACKET, closest * camera.scale() / 2.4));
    }

    private void sibling(double x, double y, double radius, boolean mirrored) {
        if (x < -radius || y < -radius || x > camera.width() + radius || y > camera.height() + radius) {
            return;
        }
        if (mirrored) {
            gc.moveTo(x + radius * 0.8, y + radius * 0.7);
            gc.lineTo(x + radius * 1.2, y + radius * 0.25);
        }
        for (int start : new int[] {130, -50}) {
            double angle = Math.toRadians(start);
            gc.moveTo(x + radius * Math.cos(angle), y - radius * Math.sin(angle));
            gc.arc(x, y, radius, radius, start, 100);
        }
    }
}
