package org.hyphantes.desktop.field;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Breaks;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Swaps;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.ReachWords;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Diagram;
import org.hyphantes.weave.Places;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/**
 * What the pointer does while weaving: a click swaps a crossing or lifts a strand by its letter; a drag begun on a band lays it; a
 * stroke begun on the ground breaks the crossing it goes through, or rejoins it.
 */
final class WeaveHand {
    private static final double LETTER = 11;

    private final Desk desk;
    private final Field field;
    private Point pressed;
    private Point now;
    private boolean otherWay;
    private Laid laid;

    /** A drag along a strand: where it began, by length, and how far it has gone; backwards is negative. */
    private record Laid(int weave, int strand, double from, double gone) {}

    /** A stroke through a crossing, of the diagram before breaks; -1 when it goes through none. */
    record Through(int weave, int meet, Point place) {}

    WeaveHand(Desk desk, Field field) {
        this.desk = desk;
        this.field = field;
    }

    boolean isBusy() {
        return pressed != null && now != null;
    }

    void pressed(MouseEvent event) {
        pressed = field.camera().place(event.getX(), event.getY());
        now = null;
        laid = null;
        otherWay = Field.isOtherWay(event);
    }

    /** Takes a drag up; a strand to lay is known by where it began and which way it goes. */
    void dragged(MouseEvent event) {
        if (pressed == null) {
            return;
        }
        Point at = field.camera().place(event.getX(), event.getY());
        if (now == null) {
            laid = begun(at).orElse(null);
        }
        now = at;
        if (laid != null) {
            Weave weave = weave(laid.weave());
            Path path = weave.strands().get(laid.strand()).path();
            Point own = field.weaves().get(laid.weave()).placed().inverse().of(at);
            double along = path.lengthTo(path.nearest(own));
            double total = path.length();
            double ahead = along - (laid.from() + laid.gone());
            if (path.closed()) {
                ahead -= total * Math.rint(ahead / total);
            }
            double most = path.closed() ? total * 0.98 : total;
            laid = new Laid(
                    laid.weave(), laid.strand(), laid.from(), Math.max(-most, Math.min(most, laid.gone() + ahead)));
        }
    }

    /** The strand under the place where a drag began that runs the way it goes. */
    private Optional<Laid> begun(Point at) {
        Laid best = null;
        double least = 0;
        Point way = at.minus(pressed).unit();
        for (int w = 0; w < field.weaves().size(); w++) {
            Laying laying = field.weaves().get(w);
            Point own = laying.placed().inverse().of(pressed);
            Point heading = laying.placed().inverse().ofDirection(way);
            List<Strand> strands = laying.weave().strands();
            for (int s = 0; s < strands.size(); s++) {
                Path path = strands.get(s).path();
                if (!path.box().grown(strands.get(s).width()).contains(own)) {
                    continue;
                }
                double position = path.nearest(own);
                double away = path.at(position).distance(own);
                double along = Math.abs(path.tangent(position).dot(heading));
                if (away <= strands.get(s).width(position) / 2 && along > least) {
                    least = along;
                    best = new Laid(w, s, path.lengthTo(position), 0);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** The passages that a drag has gone over, in order. */
    private List<Integer> passages() {
        Diagram diagram = weave(laid.weave()).diagram();
        Path path = diagram.strands().get(laid.strand()).path();
        double total = path.length();
        int n = diagram.passages(laid.strand());
        List<Integer> passages = new ArrayList<>();
        List<Double> far = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int passage = diagram.passage(laid.strand(), i);
            double ahead = path.lengthTo(diagram.position(passage)) - laid.from();
            if (path.closed()) {
                ahead -= total * Math.floor(ahead / total);
                ahead = laid.gone() < 0 ? total - ahead : ahead;
            } else {
                ahead = laid.gone() < 0 ? -ahead : ahead;
            }
            if (ahead > 0 && ahead <= Math.abs(laid.gone())) {
                int place = 0;
                while (place < far.size() && far.get(place) < ahead) {
                    place++;
                }
                far.add(place, ahead);
                passages.add(place, passage);
            }
        }
        return passages;
    }

    void released(MouseEvent event, boolean still) {
        Point begin = pressed;
        pressed = null;
        if (begin == null) {
            return;
        }
        if (still || now == null) {
            now = null;
            click(event);
            return;
        }
        if (!desk.settledProperty().get()) {
            desk.say("Still resolving the last change; once more, please.");
        } else if (laid != null) {
            List<Integer> passages = passages();
            if (passages.isEmpty()) {
                desk.say(
                        "Drag along the strand over a crossing to lay it; from the ground through a crossing to break it.");
            } else {
                desk.edit(Swaps.lay(field.weaves().get(laid.weave()), passages, !otherWay, reach(event)));
            }
        } else {
            stroke(begin, now, reach(event));
        }
        now = null;
        laid = null;
    }

    private void click(MouseEvent event) {
        Optional<StrandKey> letter = letter(event.getX(), event.getY());
        Hover at = field.at(event.getX(), event.getY());
        if (letter.isPresent()) {
            desk.lift(letter.get());
        } else if (at.isCrossing()) {
            desk.hover(at);
            field.act(at, reach(event), Field.isOtherWay(event));
        }
    }

    private Reach reach(MouseEvent event) {
        return event.isShiftDown()
                ? ReachWords.broader(desk.reach())
                : event.isControlDown() ? Reach.THIS_ONE : desk.reach();
    }

    private Optional<StrandKey> letter(double x, double y) {
        for (Laying laying : field.weaves()) {
            Weave weave = laying.weave();
            for (int s = 0; s < weave.strands().size() && weave.strands().size() <= Marks.MOST_LETTERS; s++) {
                Point p = laying.placed().of(weave.clearest(s));
                if (Math.hypot(field.camera().x(p) - x, field.camera().y(p) - y) < LETTER) {
                    return Optional.of(weave.strands().get(s).key());
                }
            }
        }
        return Optional.empty();
    }

    /** Breaks the crossing a stroke goes through, or rejoins one that is broken along it. */
    private void stroke(Point from, Point to, Reach reach) {
        Point way = to.minus(from);
        Optional<Through> through = through(from, to);
        if (through.isPresent()) {
            Laying laying = field.weaves().get(through.get().weave());
            Point own = laying.placed().inverse().ofDirection(way);
            desk.edit(Breaks.stroke(desk.design(), laying, through.get().meet(), own, reach));
            return;
        }
        Optional<Edit> rejoined = Breaks.ofFigure(desk.design(), desk.root().id(), from.middle(to), way);
        rejoined.ifPresentOrElse(
                desk::edit,
                () -> desk.say(
                        "No crossing lies under this stroke: begin on the ground and go through a crossing to the"
                                + " ground opposite."));
    }

    /** The crossing nearest to the middle of a stroke that it goes through. */
    private Optional<Through> through(Point from, Point to) {
        Through best = null;
        double least = Double.POSITIVE_INFINITY;
        double grasp = Field.GRASP / field.camera().scale();
        Point way = to.minus(from);
        for (int w = 0; w < field.weaves().size(); w++) {
            Laying laying = field.weaves().get(w);
            Diagram whole = laying.weave().whole();
            for (int m = 0; m < whole.meets().size(); m++) {
                Point place = laying.placed().of(whole.meets().get(m).place());
                double along = place.minus(from).dot(way) / way.dot(way);
                double aside = Math.abs(place.minus(from).cross(way)) / way.length();
                double middle = Math.abs(along - 0.5);
                if (along > 0 && along < 1 && aside < grasp && middle < least) {
                    least = middle;
                    best = new Through(w, m, place);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** Breaks the crossing at a place level, then upright, and then makes it whole again; by key. */
    void breakAt(Point place, Reach reach) {
        double grasp = Field.GRASP / field.camera().scale();
        for (Laying laying : field.weaves()) {
            Diagram whole = laying.weave().whole();
            for (int m = 0; m < whole.meets().size(); m++) {
                if (laying.placed().of(whole.meets().get(m).place()).distance(place) < grasp) {
                    Point level = laying.placed().inverse().ofDirection(new Point(1, 0));
                    Point upright = laying.placed().inverse().ofDirection(new Point(0, 1));
                    var now = laying.weave().broken().get(m);
                    boolean isLevel = now != null && now == Breaks.way(whole, m, level);
                    Edit edit = now == null
                            ? Breaks.stroke(desk.design(), laying, m, level, reach)
                            : isLevel
                                    ? Breaks.stroke(desk.design(), laying, m, upright, reach)
                                    : Breaks.rejoin(laying, m);
                    desk.edit(edit);
                    desk.needle(Hover.at(place));
                    return;
                }
            }
        }
        Optional<Edit> own = Breaks.ofFigure(desk.design(), desk.root().id(), place, new Point(0, 1));
        own.ifPresentOrElse(desk::edit, () -> desk.say("Bring the needle to a crossing first; Insert breaks it."));
    }

    /** The marks of a drag under way, and its words. */
    String draw(Marks marks) {
        if (!isBusy()) {
            return "";
        }
        if (laid == null) {
            marks.thread(pressed, now);
            Optional<Through> through = through(pressed, now);
            if (through.isEmpty()) {
                return "";
            }
            marks.frame(through.get().place());
            Weave weave = weave(through.get().weave());
            Places places = field.places(weave);
            int count = places.reached(through.get().meet(), desk.reach()).size();
            for (Places.Found found : places.reached(through.get().meet(), desk.reach())) {
                marks.sibling(
                        field.weaves()
                                .get(through.get().weave())
                                .placed()
                                .of(weave.whole().meets().get(found.meet()).place()),
                        found.mirrored());
            }
            boolean broken = weave.broken().containsKey(through.get().meet());
            return (broken ? "rejoin or turn" : "break") + (count > 1 ? " \u00d7" + count : "");
        }
        List<Integer> passages = passages();
        Laying laying = field.weaves().get(laid.weave());
        for (int passage : passages) {
            marks.frame(laying.placed()
                    .of(laying.weave().diagram().meets().get(passage / 2).place()));
        }
        String name = laying.weave().strands().get(laid.strand()).name();
        String first = otherWay ? "under, over" : "over, under";
        Set<Integer> reached = new HashSet<>();
        for (int passage : passages) {
            int whole = laying.weave().origins().whole(passage / 2);
            if (whole >= 0) {
                field.places(laying.weave()).reached(whole, desk.reach()).forEach(f -> reached.add(f.meet()));
            }
        }
        String all = reached.size() > passages.size() ? ", " + reached.size() + " in all" : "";
        return "lay " + name + " " + first + (passages.isEmpty() ? "" : " \u00b7 " + passages.size() + all);
    }

    Optional<Point> end() {
        return Optional.ofNullable(now);
    }

    private Weave weave(int w) {
        return field.weaves().get(w).weave();
    }
}
