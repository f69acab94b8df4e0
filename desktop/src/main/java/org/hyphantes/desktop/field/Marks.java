package org.hyphantes.desktop.field;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Shape;
import org.hyphantes.desktop.chrome.GaugeMark;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Point;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Meet;
import org.hyphantes.weave.Way;
import org.hyphantes.weave.Weave;

/** The marks laid over a drawing: letters of strands, states of crossings, the place under the pointer, flags at snags. */
final class Marks {
    private static final double FRAME = 19;
    private static final int MOST_GHOSTED = 2000;
    static final int MOST_LETTERS = 60;

    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;

    Marks(GraphicsContext gc, Camera camera, Palette palette) {
        this.gc = gc;
        this.camera = camera;
        this.palette = palette;
    }

    void letters(Weave weave, Palette colours) {
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
            double half = name.length() > 1 ? 11 : 8.5;
            gc.setFill(colours.paper());
            gc.fillRoundRect(x - half, y - 8.5, 2 * half, 17, 17, 17);
            gc.setStroke(colours.ink());
            gc.setLineWidth(1);
            gc.strokeRoundRect(x - half, y - 8.5, 2 * half, 17, 17, 17);
            gc.setFill(colours.ink());
            gc.fillText(name, x, y + 0.5);
        }
    }

    void states(Weave weave) {
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
                case UNDECIDED -> undecided(x, y);
                default -> {}
            }
        }
    }

    /** The mark of what nobody can decide, where strands touch or lie on one another. */
    void touches(Weave weave) {
        for (Weave.Trouble trouble : weave.troubles()) {
            if (trouble.kind() == Weave.Trouble.Kind.TOUCH || trouble.kind() == Weave.Trouble.Kind.OVERLAP) {
                undecided(camera.x(trouble.place()), camera.y(trouble.place()));
            }
        }
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

    private void undecided(double x, double y) {
        gc.setFill(palette.paper());
        gc.fillRect(x - 9, y - 9, 18, 18);
        gc.setStroke(palette.madder());
        gc.setLineWidth(1.8);
        gc.strokeRect(x - 9, y - 9, 18, 18);
        gc.setFill(palette.madder());
        gc.setFont(Typefaces.title(12));
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.fillText("?", x, y + 0.5);
    }

    void frame(Point place) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.setLineDashes();
        gc.strokeRect(camera.x(place) - FRAME, camera.y(place) - FRAME, 2 * FRAME, 2 * FRAME);
    }

    /** Bars at broken crossings, each lying along its break. */
    void breaks(Weave weave) {
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

    /** What a mend would make of the design, in dashes. */
    void ghost(Artwork mended) {
        if (mended.shapes().size() > MOST_GHOSTED) {
            return;
        }
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.2);
        gc.setLineDashes(4, 3);
        Tracer tracer = new Tracer(gc, camera);
        gc.beginPath();
        for (Shape shape : mended.shapes()) {
            if (shape instanceof Shape.Filled filled) {
                tracer.trace(filled.region());
            } else if (shape instanceof Shape.Lined lined) {
                tracer.trace(lined.path());
            }
        }
        gc.stroke();
        gc.setLineDashes();
    }

    /** A crossing that an act reaches too; one that a mirror makes the opposite has a slash. */
    void sibling(Point place, boolean mirrored) {
        if (mirrored) {
            gc.setStroke(palette.verdigris());
            gc.setLineWidth(2);
            gc.setLineDashes();
            double x = camera.x(place);
            double y = camera.y(place);
            gc.strokeLine(x + 14, y + 12, x + 20, y + 4);
        }
        sibling(place);
    }

    private void sibling(Point place) {
        double x = camera.x(place);
        double y = camera.y(place);
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.setLineDashes();
        gc.setLineCap(StrokeLineCap.ROUND);
        gc.strokeArc(x - 17, y - 17, 34, 34, 130, 100, ArcType.OPEN);
        gc.strokeArc(x - 17, y - 17, 34, 34, -50, 100, ArcType.OPEN);
    }

    void needle(Point place) {
        double x = camera.x(place);
        double y = camera.y(place);
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.5);
        gc.setLineDashes();
        gc.strokeOval(x - 5, y - 5, 10, 10);
        gc.setFill(palette.verdigris());
        gc.fillOval(x - 1.5, y - 1.5, 3, 3);
    }

    void flags(List<Snag> snags, int numbered) {
        int number = 0;
        for (Snag snag : snags) {
            number++;
            if (snag.place().isPresent() && number <= numbered) {
                flag(snag, number);
            }
        }
    }

    private void flag(Snag snag, int number) {
        double x = camera.x(snag.place().orElseThrow());
        double y = camera.y(snag.place().orElseThrow());
        Color colour = GaugeMark.colour(snag.state(), palette);
        gc.setStroke(colour);
        gc.setFill(colour);
        gc.setLineWidth(1.5);
        gc.setLineDashes();
        gc.strokeLine(x, y, x, y - 26);
        gc.fillOval(x - 2, y - 2, 4, 4);
        gc.fillPolygon(
                new double[] {x, x + 26, x + 21, x + 26, x}, new double[] {y - 27, y - 27, y - 19, y - 11, y - 11}, 5);
        gc.setFill(palette.paper());
        gc.setFont(Typefaces.title(12));
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.fillText(String.valueOf(number), x + 10, y - 18.5);
    }
}
