package org.hyphantes.desktop.stage.handover;

import javafx.scene.paint.Color;
import org.hyphantes.cut.Pass;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.exchange.replay.Replay;

/** How passes are told apart: by colours, and without them by dashes. */
final class PassLook {
    private PassLook() {}

    /** The colour of a pass. */
    static Color colour(Palette palette, Pass.Work work) {
        return switch (work) {
            case CUT -> palette.ink();
            case SCORE -> palette.verdigris();
            case DRAW -> palette.ochre();
            case ENGRAVE -> palette.moss();
        };
    }

    /** The dashes (pixels) by which a pass is told without its colour. */
    static double[] dashes(Pass.Work work) {
        return switch (work) {
            case SCORE -> new double[] {7, 4};
            case DRAW -> new double[] {2, 3};
            case CUT, ENGRAVE -> new double[0];
        };
    }

    /** The work of a pass of the file. */
    static Pass.Work work(Replay replay, int number) {
        return replay.passes().get(Math.min(number, replay.passes().size() - 1)).work();
    }
}
