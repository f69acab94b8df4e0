package org.hyphantes.desktop.stage.handover;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.canvas.GraphicsContext;
import org.hyphantes.cut.Contour;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Tracer;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.machine.Fall;
import org.hyphantes.machine.Move;
import org.hyphantes.machine.Timeline;

/** What is drawn of a replay: the bed with all that is to be cut, pale; over it what is cut so far, the way of the head, and the head. */
final class CutMarks {
    private static final double HEAD = 7;

    private final GraphicsContext gc;
    private final Camera camera;
    private final Palette palette;
    private final Job job;

    CutMarks(Sheet sheet, Job job) {
        this.gc = sheet.gc();
        this.camera = sheet.camera();
        this.palette = sheet.palette();
        this.job = job;
    }

    private double x(double millimetres) {
        return camera.x(new Point(millimetres, 0));
    }

    private double y(double millimetres) {
        return camera.y(new Point(0, millimetres));
    }

    void bed() {
        double w = job.width().value();
        double h = job.height().value();
        gc.setFill(palette.surface());
        gc.fillRect(x(0), y(0), x(w) - x(0), y(h) - y(0));
        gc.setStroke(palette.edge());
        gc.setLineWidth(1.5);
        gc.setLineDashes();
        gc.strokeRect(x(0), y(0), x(w) - x(0), y(h) - y(0));
    }

    /** All that is to be cut, as it was wished, pale. */
    void wished(List<Contour> contours) {
        gc.setLineDashes();
        gc.setLineWidth(1);
        gc.setStroke(palette.edge().deriveColor(0, 1, 1, 0.55));
        Tracer tracer = new Tracer(gc, camera);
        gc.beginPath();
        contours.forEach(c -> tracer.trace(c.path()));
        gc.stroke();
    }

    /**
     * What the machine has done up to a moment (s): what has fallen out, the lines cut, the way travelled, and the head.
     *
     * @param layer draws it in memory where there is much of it
     */
    void done(Replay replay, double moment, Supplier<DoneLayer> layer) {
        Timeline timeline = replay.timeline();
        Timeline.Head head = timeline.at(moment);
        Affine upright = new Affine(1, 0, 0, -1, 0, job.height().value());
        List<Move> moves = timeline.moves();
        if (moves.size() > DoneLayer.MANY) {
            gc.drawImage(layer.get().with(head.share() < 1 ? head.move() : head.move() + 1), 0, 0);
            head(head, upright);
            strays(replay);
            return;
        }
        fallen(replay, moment);
        for (int p = 0; p < timeline.program().passes().size(); p++) {
            Pass.Work work = PassLook.work(replay, p);
            gc.setStroke(PassLook.colour(palette, work));
            gc.setLineWidth(work == Pass.Work.CUT ? 2 : 1.4);
            gc.setLineDashes(PassLook.dashes(work));
            follow(moves, head, true, p, upright);
        }
        gc.setStroke(palette.secondInk());
        gc.setLineWidth(0.8);
        gc.setLineDashes(1.5, 4);
        follow(moves, head, false, -1, upright);
        gc.setLineDashes();
        head(head, upright);
        strays(replay);
    }

    /** Where the file strays from the design further than it may. */
    private void strays(Replay replay) {
        if (replay.strays()) {
            double px = camera.x(replay.straying().place());
            double py = camera.y(replay.straying().place());
            gc.setStroke(palette.madder());
            gc.setLineWidth(2);
            gc.strokeOval(px - HEAD, py - HEAD, 2 * HEAD, 2 * HEAD);
            gc.setFill(palette.madder());
            gc.setFont(Typefaces.label(12));
            gc.fillText("strays", px + HEAD + 4, py + 4);
        }
    }

    private void follow(List<Move> moves, Timeline.Head head, boolean working, int pass, Affine upright) {
        Tracer tracer = new Tracer(gc, camera, upright);
        gc.beginPath();
        for (int i = 0; i <= Math.min(head.move(), moves.size() - 1); i++) {
            Move move = moves.get(i);
            if (move.isWork() == working && (pass < 0 || move.pass() == pass)) {
                boolean part = i == head.move() && head.share() < 1;
                if (!part) {
                    tracer.trace(Path.open(move.curve()));
                } else if (head.share() > 0) {
                    double length = move.curve().length();
                    double to = move.curve().parameterAt(head.share() * length);
                    tracer.trace(Path.open(move.curve().part(0, to)));
                }
            }
        }
        gc.stroke();
    }

    private void fallen(Replay replay, double moment) {
        gc.setFill(palette.wash());
        Tracer tracer = new Tracer(gc, camera);
        for (Fall fall : replay.falls()) {
            if (fall.seconds() <= moment) {
                gc.beginPath();
                tracer.trace(replay.cuts().contours().get(fall.stroke()).path());
                gc.fill();
            }
        }
    }

    private void head(Timeline.Head head, Affine upright) {
        Point at = upright.of(head.place());
        double px = camera.x(at);
        double py = camera.y(at);
        gc.setLineWidth(2);
        gc.setStroke(palette.madder());
        gc.setFill(head.isDown() ? palette.madder() : palette.paper());
        double[] xs = {px - HEAD, px + HEAD, px};
        double[] ys = {py - 2 * HEAD, py - 2 * HEAD, py};
        gc.fillPolygon(xs, ys, 3);
        gc.strokePolygon(xs, ys, 3);
    }

    /** What lines mean, below the bed. */
    void legend(double y) {
        gc.setFont(Typefaces.label(12));
        double at = 60;
        for (Pass.Work work : job.passes().stream().map(Pass::work).distinct().toList()) {
            gc.setStroke(PassLook.colour(palette, work));
            gc.setLineWidth(work == Pass.Work.CUT ? 2 : 1.4);
            gc.setLineDashes(PassLook.dashes(work));
            gc.strokeLine(at, y - 4, at + 22, y - 4);
            at += 28;
            gc.setFill(palette.secondInk());
            String word = switch (work) {
                case CUT -> "cut";
                case SCORE -> "scored";
                case DRAW -> "drawn";
                case ENGRAVE -> "engraved";
            };
            gc.fillText(word, at, y);
            at += Habits.of(14 + 7 * word.length());
        }
        gc.setStroke(palette.secondInk());
        gc.setLineWidth(0.8);
        gc.setLineDashes(1.5, 4);
        gc.strokeLine(at, y - 4, at + 22, y - 4);
        gc.setLineDashes();
        gc.fillText("tool up", at + 28, y);
    }
}
