package org.hyphantes.desktop.stage.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Point;
import org.hyphantes.piece.Mosaic;

/** A thread drawn through pieces: it takes in each that shares an edge with the last, and stops at ground or at any other. */
final class JoiningThread {
    private final Mosaic mosaic;
    private final boolean drops;
    private final List<Point> along = new ArrayList<>();
    private final List<Integer> cells = new ArrayList<>();
    private boolean stopped;

    /** @param drops whether it drops what it passes, and so takes in any piece */
    JoiningThread(Mosaic mosaic, boolean drops) {
        this.mosaic = mosaic;
        this.drops = drops;
    }

    /** Goes on to a place, looking between for what a quick hand has passed over. */
    void to(Point place) {
        if (stopped) {
            return;
        }
        Point last = along.isEmpty() ? place : along.get(along.size() - 1);
        int steps = 8;
        for (int i = 1; i <= steps && !stopped; i++) {
            Point at = last.plus(place.minus(last).times(i / (double) steps));
            take(mosaic.division().at(at));
            if (i == steps || stopped) {
                along.add(at);
            }
        }
    }

    private void take(Optional<Integer> cell) {
        if (cell.isEmpty()) {
            stopped = !drops && !cells.isEmpty();
            return;
        }
        int here = cell.get();
        if (cells.contains(here)) {
            return;
        }
        if (!drops && !cells.isEmpty() && !mosaic.division().areNeighbours(cells.get(cells.size() - 1), here)) {
            stopped = true;
            return;
        }
        cells.add(here);
    }

    List<Point> along() {
        return along;
    }

    List<Integer> cells() {
        return cells;
    }

    boolean drops() {
        return drops;
    }

    boolean isStopped() {
        return stopped;
    }
}
