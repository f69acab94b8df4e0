package org.hyphantes.desktop.stage;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hyphantes.desktop.chrome.GaugeMark;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Tracer;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Scene;

/** What is amiss in the drawing, in its place, and what a mend would make of it. */
public final class SnagMarks {
    private static final int MOST_FLAGS = 9;
    private static final int MOST_GHOSTED = 2000;

    /** How large marks with words in them are. */
    private final double type = Habits.type().get();

    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;

    public SnagMarks(Sheet sheet) {
        this.gc = sheet.gc();
        this.camera = sheet.camera();
        this.palette = sheet.palette();
    }

    /** What a mend would make of the design, in dashes. */
    public void ghost(Scene mended) {
        if (mended.size() > MOST_GHOSTED) {
            return;
        }
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.2);
        gc.setLineDashes(4, 3);
        Tracer tracer = new Tracer(gc, camera);
        gc.beginPath();
        for (Mark mark : mended.flat()) {
            if (mark instanceof Mark.Area area) {
                tracer.trace(area.region());
            } else if (mark instanceof Mark.Stroke stroke) {
                tracer.trace(stroke.path());
            }
        }
        gc.stroke();
        gc.setLineDashes();
    }

    /** Flags with the numbers of snags; those that would cover one another are one, with how many there are. */
    public void flags(List<Snag> snags) {
        List<Snag> placed = snags.stream()
                .limit(MOST_FLAGS)
                .filter(s -> s.place().isPresent())
                .toList();
        for (Gathered<Snag> gathered : Gathered.of(placed, s -> pixel(s.place().orElseThrow()), 24 * type)) {
            String words = gathered.count() > 1
                    ? "\u00d7" + gathered.count()
                    : String.valueOf(snags.indexOf(gathered.first()) + 1);
            flag(gathered.first(), words);
        }
    }

    private void flag(Snag snag, String words) {
        double x = camera.x(snag.place().orElseThrow());
        double y = camera.y(snag.place().orElseThrow());
        double wide = (words.length() > 2 ? 38 : 26) * type;
        double high = 16 * type;
        double foot = y - 11;
        Color colour = GaugeMark.colour(snag.state(), palette);
        gc.setStroke(colour);
        gc.setFill(colour);
        gc.setLineWidth(1.5);
        gc.setLineDashes();
        gc.strokeLine(x, y, x, foot - high + 1);
        gc.fillOval(x - 2, y - 2, 4, 4);
        gc.fillPolygon(
                new double[] {x, x + wide, x + wide - 5, x + wide, x},
                new double[] {foot - high, foot - high, foot - high / 2, foot, foot},
                5);
        gc.setFill(palette.paper());
        gc.setFont(Typefaces.title(12));
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.fillText(words, x + wide / 2 - 3, foot - high / 2 + 0.5);
    }

    private Point pixel(Point place) {
        return new Point(camera.x(place), camera.y(place));
    }
}
