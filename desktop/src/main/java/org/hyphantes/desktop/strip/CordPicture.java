package org.hyphantes.desktop.strip;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.hyphantes.design.Step;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.chrome.Typefaces;

/** How the cord is drawn: doubled as far as the shuttle, dashed beyond it, with bars and words for each station. */
final class CordPicture {
    /** Half the size of the case that the bars stand in. */
    static final double CASE_WIDTH = 14;

    static final double CASE_HEIGHT = 22;

    private final GraphicsContext gc;
    private final Palette palette;
    private final double height;

    /** How a station stands: chosen, before the shuttle, unable to work, in the keyboard's hand. */
    record Mood(boolean chosen, boolean woven, boolean frayed, boolean focused, boolean onBars) {}

    /** How far down the cord lies, with room for words above it and below. */
    static double cordY() {
        return Habits.of(49);
    }

    CordPicture(GraphicsContext gc, Palette palette, double height) {
        this.gc = gc;
        this.palette = palette;
        this.height = height;
    }

    /** The cord itself, over a width, with the shuttle at a place. */
    void cord(double width, double shuttle) {
        gc.clearRect(0, 0, width, height);
        doubled(0, shuttle);
        dashed(shuttle, width);
    }

    private void doubled(double from, double to) {
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(2);
        gc.setLineDashes();
        gc.strokeLine(from, cordY() - 2.5, to, cordY() - 2.5);
        gc.strokeLine(from, cordY() + 2.5, to, cordY() + 2.5);
    }

    private void dashed(double from, double to) {
        gc.setStroke(palette.secondInk());
        gc.setLineWidth(1.5);
        gc.setLineDashes(4, 4);
        gc.strokeLine(from, cordY(), to, cordY());
        gc.setLineDashes();
    }

    /** A station: its bars, its treatment's name, and what that comes to. */
    void station(Step step, double x, String brief, Mood mood) {
        double half = Habits.of(62);
        if (mood.chosen()) {
            gc.setFill(palette.paper());
            gc.fillRoundRect(x - half, 4, 2 * half, height - 8, 4, 4);
            gc.setStroke(palette.verdigris());
            gc.setLineWidth(2);
            gc.strokeRoundRect(x - half, 4, 2 * half, height - 8, 4, 4);
            if (mood.woven()) {
                doubled(x - half, x + half);
            } else {
                dashed(x - half, x + half);
            }
        }
        bars(x, step.over(), mood.onBars());
        if (mood.frayed()) {
            frayed(x);
        }
        gc.setTextAlign(TextAlignment.CENTER);
        gc.setTextBaseline(VPos.CENTER);
        gc.setFont(Typefaces.title(13));
        gc.setFill(step.over() ? palette.ink() : palette.secondInk());
        gc.fillText(step.title(), x, cordY() - CASE_HEIGHT - Habits.of(10));
        gc.setFont(Typefaces.label(12));
        gc.setFill(palette.secondInk());
        gc.fillText(step.over() ? brief : "under", x, cordY() + CASE_HEIGHT + Habits.of(7));
        if (mood.focused() && mood.chosen()) {
            gc.setStroke(palette.ink());
            gc.setLineWidth(2);
            gc.strokeRoundRect(x - half + 3, 8, 2 * half - 6, height - 16, 4, 4);
        }
    }

    /** The bars, in a case of their own, which tells that they are a switch. */
    private void bars(double x, boolean over, boolean hovered) {
        gc.setFill(hovered ? palette.wash() : palette.surface());
        gc.fillRoundRect(x - CASE_WIDTH, cordY() - CASE_HEIGHT, 2 * CASE_WIDTH, 2 * CASE_HEIGHT, 10, 10);
        gc.setStroke(hovered ? palette.verdigris() : palette.edge());
        gc.setLineWidth(hovered ? 1.5 : 1);
        gc.strokeRoundRect(x - CASE_WIDTH, cordY() - CASE_HEIGHT, 2 * CASE_WIDTH, 2 * CASE_HEIGHT, 10, 10);
        if (over) {
            doubled(x - CASE_WIDTH, x + CASE_WIDTH);
        }
        gc.setStroke(over ? palette.ink() : palette.edge());
        gc.setLineWidth(3);
        for (double bar : new double[] {x - 5, x + 5}) {
            if (over) {
                gc.strokeLine(bar, cordY() - 18, bar, cordY() - 8);
                gc.strokeLine(bar, cordY() + 8, bar, cordY() + 18);
            } else {
                gc.strokeLine(bar, cordY() - 18, bar, cordY() + 18);
            }
        }
    }

    /** A step that cannot work: the cord comes apart in front of it. */
    private void frayed(double x) {
        gc.setStroke(palette.madder());
        gc.setLineWidth(1.5);
        for (int k = -2; k <= 2; k++) {
            gc.strokeLine(x - 30, cordY(), x - 16, cordY() + 4.5 * k);
        }
    }

    void plus(double x, boolean hovered) {
        gc.setFill(hovered ? palette.wash() : palette.surface());
        gc.fillOval(x - 10, cordY() - 10, 20, 20);
        gc.setStroke(palette.verdigris());
        gc.setLineWidth(1.5);
        gc.strokeOval(x - 10, cordY() - 10, 20, 20);
        gc.strokeLine(x - 5, cordY(), x + 5, cordY());
        gc.strokeLine(x, cordY() - 5, x, cordY() + 5);
    }

    void shuttle(double x) {
        gc.setFill(palette.ochre());
        gc.beginPath();
        gc.moveTo(x - 26, cordY());
        gc.quadraticCurveTo(x - 8, cordY() - 17, x + 26, cordY());
        gc.quadraticCurveTo(x + 8, cordY() + 17, x - 26, cordY());
        gc.closePath();
        gc.fill();
        gc.setFill(palette.paper());
        gc.fillRoundRect(x - 10, cordY() - 2.5, 20, 5, 5, 5);
    }
}
