package org.hyphantes.desktop.stage.handover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.hyphantes.cut.Contour;
import org.hyphantes.cut.Job;
import org.hyphantes.desktop.act.PassActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.Workshop;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.desktop.stage.SnagMarks;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Numerals;

/** The hand in Hand over: the replay is run, paused and taken to any moment. */
final class HandOverHand implements Hand {
    private static final double ON_LINE = 8;

    /** What covers less than this share of the bed each way is small. */
    private static final double SMALL = 0.4;

    /** How many times as fast as the machine each digit runs. */
    private static final double[] RATES = {0, 1, 2, 5, 10, 20, 50, 100, 200, 500};

    private final Desk desk;
    private final Glass glass;
    private final Workshop workshop;
    private final PassActs passes;
    private final Moments moments;
    private boolean seeking;
    private boolean drawing;

    /** What is drawn of a long program, while it and what is seen of it stay the same. */
    private DoneLayer layer;

    HandOverHand(Bench bench, Glass glass) {
        this.desk = bench.desk();
        this.glass = glass;
        this.workshop = bench.workshop();
        this.passes = new PassActs(desk);
        this.moments = new Moments(workshop);
        workshop.replayProperty().addListener(o -> ifOpen(glass::redraw));
        workshop.troubleProperty().addListener(o -> ifOpen(glass::redraw));
        workshop.formatProperty().addListener(o -> ifOpen(glass::redraw));
        workshop.secondsProperty().addListener(o -> ifOpen(this::soon));
    }

    /** Has the marks drawn once for all moments that came together, as they do under a fast hand. */
    private void soon() {
        if (!drawing) {
            drawing = true;
            Platform.runLater(() -> {
                drawing = false;
                ifOpen(glass::redrawMarks);
            });
        }
    }

    private void ifOpen(Runnable act) {
        if (desk.view().stage().equals("hand-over")) {
            act.run();
        }
    }

    private Job job() {
        return desk.design().job();
    }

    private Optional<Replay> replay() {
        return workshop.replayProperty().get();
    }

    @Override
    public Optional<Box> whole(Resolved resolved) {
        double width = job().width().value();
        double height = job().height().value();
        Box bed = new Box(0, 0, width, height);
        Box drawn = replay().map(r -> r.cuts().contours())
                .filter(c -> !c.isEmpty())
                .map(c -> Box.round(c.stream().map(k -> k.path().box()).toList()))
                .orElse(bed);
        // Of a bed much larger than what lies on it only what is round that is seen.
        double room = Math.max(drawn.width(), drawn.height());
        boolean small = drawn.width() < SMALL * width && drawn.height() < SMALL * height;
        Box all = small ? drawn.grown(room / 4) : bed.with(drawn);
        // Room for the time line below.
        return Optional.of(new Box(all.left(), all.top(), all.right(), all.bottom() + all.height() / 6));
    }

    @Override
    public boolean isFramed() {
        return true;
    }

    @Override
    public void draw(Sheet sheet) {
        if (!desk.draggingProperty().get()) {
            workshop.show(desk.resolved());
        }
        CutMarks marks = new CutMarks(sheet, job());
        marks.bed();
        replay().ifPresent(r -> marks.wished(r.cuts().contours()));
    }

    @Override
    public boolean isEmpty() {
        return replay().isEmpty();
    }

    @Override
    public String emptyWords() {
        String trouble = workshop.troubleProperty().get();
        return trouble.isEmpty() ? "The file is being written and read again ..." : trouble;
    }

    @Override
    public boolean hasMarks() {
        return replay().isPresent();
    }

    @Override
    public void marks(Sheet sheet) {
        if (replay().isEmpty()) {
            return;
        }
        Replay replay = replay().get();
        CutMarks marks = new CutMarks(sheet, replay.job());
        double moment = workshop.secondsProperty().get();
        marks.done(replay, moment, () -> layer(sheet, replay));
        TimeLine line = TimeLine.in(sheet.camera().width(), sheet.camera().height());
        line.draw(sheet.gc(), sheet.palette(), replay, moment, workshop.rate());
        marks.legend(line.words());
        new SnagMarks(sheet).flags(onBed(replay));
        desk.hoverProperty()
                .get()
                .place()
                .flatMap(this::contour)
                .ifPresent(i -> glass.label(
                        words(replay, i), desk.hoverProperty().get().place().orElseThrow(), 18));
    }

    private DoneLayer layer(Sheet sheet, Replay replay) {
        if (layer == null || !layer.isOf(replay, sheet.camera(), sheet.palette())) {
            layer = new DoneLayer(replay, sheet.camera(), sheet.palette());
        }
        return layer;
    }

    /** The snags of the cut, each where it lies on the bed. */
    private List<Snag> onBed(Replay replay) {
        List<Snag> flags = new ArrayList<>();
        for (Snag snag : desk.resolved().inspection().snags()) {
            boolean here = snag.gauge().equals("cut");
            Optional<Point> place = snag.place().filter(p -> here).map(replay.cuts()::onBed);
            flags.add(new Snag(snag.gauge(), snag.state(), place, snag.words(), snag.mend()));
        }
        return flags;
    }

    /** The number of the line at a place. */
    private Optional<Integer> contour(Point place) {
        double least = ON_LINE / glass.camera().scale();
        Optional<Integer> found = Optional.empty();
        List<Contour> contours = replay().map(r -> r.cuts().contours()).orElse(List.of());
        for (int i = 0; i < contours.size(); i++) {
            if (contours.get(i).path().box().grown(least).contains(place)) {
                Point near = contours.get(i).path().at(contours.get(i).path().nearest(place));
                if (near.distance(place) < least) {
                    least = near.distance(place);
                    found = Optional.of(i);
                }
            }
        }
        return found;
    }

    private String words(Replay replay, int number) {
        Contour contour = replay.cuts().contours().get(number);
        return Entry.word(replay.job().passes().get(contour.pass()).work()) + " "
                + Numerals.length(
                        Math.rint(contour.path().length() * 10) / 10,
                        desk.design().unit()) + ", pass "
                + (contour.pass() + 1) + ", from " + contour.words();
    }

    @Override
    public void moved(MouseEvent event) {
        desk.hover(Hover.at(glass.camera().place(event.getX(), event.getY())));
    }

    private Optional<TimeLine> line(MouseEvent event) {
        TimeLine line = TimeLine.in(glass.camera().width(), glass.camera().height());
        return replay().filter(r -> line.isAt(event.getX(), event.getY())).map(r -> line);
    }

    @Override
    public void pressed(MouseEvent event) {
        seeking = line(event).isPresent();
        if (seeking) {
            workshop.pause();
            seek(event);
        }
    }

    private void seek(MouseEvent event) {
        TimeLine line = TimeLine.in(glass.camera().width(), glass.camera().height());
        workshop.seek(line.moment(event.getX(), workshop.total()));
    }

    @Override
    public void dragged(MouseEvent event) {
        if (seeking) {
            seek(event);
        }
    }

    @Override
    public void released(MouseEvent event, boolean still) {
        if (!seeking && still) {
            contour(glass.camera().place(event.getX(), event.getY())).ifPresent(i -> {
                moments.toStroke(i);
                passes.choose(replay().orElseThrow().cuts().contours().get(i).pass());
            });
        }
        seeking = false;
    }

    @Override
    public boolean holds() {
        return seeking;
    }

    @Override
    public boolean key(KeyEvent event, Point way) {
        if (event.isControlDown()) {
            return onPass(way);
        }
        switch (event.getCode()) {
            case SPACE -> {
                if (workshop.runningProperty().get()) {
                    workshop.pause();
                } else {
                    workshop.run();
                }
            }
            case LEFT, RIGHT -> moments.step(way.x() > 0 ? 1 : -1);
            case HOME -> workshop.seek(0);
            case END -> workshop.seek(workshop.total());
            case PAGE_UP -> moments.pass(-1);
            case PAGE_DOWN -> moments.pass(1);
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Does the pass of the sentence earlier or later. */
    private boolean onPass(Point way) {
        if (way.y() == 0 || passes.chosen().isEmpty()) {
            return false;
        }
        passes.move(passes.chosen().get(), passes.chosen().get() + (int) way.y());
        return true;
    }

    @Override
    public boolean digit(int digit) {
        workshop.pace(RATES[digit]);
        desk.say(
                digit == 0
                        ? "As fast as suits the whole."
                        : digit == 1
                                ? "As fast as the machine."
                                : (int) RATES[digit] + " times as fast as the machine.");
        glass.redrawMarks();
        return true;
    }

    @Override
    public boolean delete() {
        return passes.takeOut();
    }

    @Override
    public List<Hover> stops() {
        return replay().map(this::onBed).orElse(List.of()).stream()
                .flatMap(s -> s.place().stream())
                .map(Hover::at)
                .toList();
    }

    @Override
    public String at() {
        return replay().map(r ->
                        "Hand over: " + Replay.clock(workshop.secondsProperty().get()) + " of "
                                + Replay.clock(r.timeline().total()))
                .orElse("Hand over: nothing to cut");
    }

    @Override
    public void left() {
        layer = null;
        workshop.pause();
    }
}
