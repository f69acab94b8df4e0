package org.hyphantes.desktop.stage.handover;

import java.util.Optional;
import org.hyphantes.desktop.desk.Workshop;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.machine.Move;
import org.hyphantes.machine.Timeline;

/** Goes through a replay by keys: move by move, pass by pass, or to a stroke. */
record Moments(Workshop workshop) {
    private Optional<Timeline> timeline() {
        return workshop.replayProperty().get().map(Replay::timeline);
    }

    /** To the start of the next move, or of that which is under way, or of the one before. */
    void step(int by) {
        timeline().ifPresent(timeline -> {
            workshop.pause();
            double now = workshop.secondsProperty().get();
            int at = timeline.at(now).move();
            boolean within = now > timeline.start(at) + 1e-9;
            int to = by > 0 ? at + 1 : within ? at : at - 1;
            int last = timeline.moves().size();
            workshop.seek(to < 0 ? 0 : to >= last ? timeline.total() : timeline.start(to));
        });
    }

    /** To the start of the pass before, or the next. */
    void pass(int by) {
        timeline().ifPresent(timeline -> {
            double now = workshop.secondsProperty().get();
            int pass = timeline.moves().get(timeline.at(now).move()).pass();
            for (int i = 0; i < timeline.moves().size(); i++) {
                if (timeline.moves().get(i).pass() == pass + by) {
                    workshop.seek(timeline.start(i));
                    return;
                }
            }
            workshop.seek(by < 0 ? 0 : timeline.total());
        });
    }

    /** To the moment at which a stroke is begun. */
    void toStroke(int stroke) {
        timeline().ifPresent(timeline -> {
            for (int i = 0; i < timeline.moves().size(); i++) {
                Move move = timeline.moves().get(i);
                if (move.isWork() && move.stroke() == stroke) {
                    workshop.seek(timeline.start(i));
                    return;
                }
            }
        });
    }
}
