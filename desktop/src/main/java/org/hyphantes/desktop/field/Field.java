package org.hyphantes.desktop.field;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Swaps;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.known.KnownPoint;
import org.hyphantes.known.KnownPoints;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Places;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Weave;

/** The centrepiece: one picture of the design, large, with the rim round it and marks over it. */
public final class Field extends Pane {
    /** A crossing is under the pointer within so many pixels. */
    static final double GRASP = 14;

    private static final int MOST_TEXTURED = 400;
    private static final int MOST_FLAGS = 9;

    /** So many millimetres on either side of the centre are seen at least. */
    private static final double LEAST_SEEN = 60;

    private final Desk desk;
    private final Canvas drawing = new Canvas();
    private final Canvas marks = new Canvas();
    private final Label label = new Label();
    private final Label empty = new Label();
    private final Rim rim;
    private final SetOutHand hand;
    private final WeaveHand weaving;
    private final SketchHand sketch;
    private final Map<Weave, Places> places = new HashMap<>();
    private Camera camera = new Camera(1, 1, Point.ORIGIN, 1);
    private double panX;
    private double panY;
    private boolean still;
    private double drawnWidth = -1;
    private double drawnHeight = -1;

    public Field(Desk desk) {
        this.desk = desk;
        this.rim = new Rim(desk, this::draw);
        this.hand = new SetOutHand(desk, this);
        this.weaving = new WeaveHand(desk, this);
        this.sketch = new SketchHand(desk);
        setId("field");
        drawing.setId("drawing");
        getStyleClass().add("field");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        label.getStyleClass().add("field-label");
        label.setMouseTransparent(true);
        label.setVisible(false);
        empty.getStyleClass().add("field-empty");
        empty.setMouseTransparent(true);
        empty.setWrapText(true);
        marks.setMouseTransparent(true);
        getChildren().addAll(drawing, marks, rim, empty, label);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        listen();
    }

    private void listen() {
        desk.resolvedProperty().addListener(o -> {
            places.clear();
            desk.hover(kept(desk.hoverProperty().get()));
            draw();
        });
        desk.viewProperty().addListener((o, was, now) -> {
            if (was.stage() != now.stage()) {
                desk.hover(Hover.NONE);
                hand.dividers().keep();
            }
            if (!was.subject().equals(now.subject())) {
                hand.paths().forget();
            }
            draw();
        });
        desk.hoverProperty().addListener(o -> drawMarks());
        desk.liftedProperty().addListener(o -> draw());
        desk.ghostProperty().addListener(o -> drawMarks());
        desk.draggingProperty().addListener(o -> draw());
        focusedProperty().addListener(o -> drawMarks());
        setOnMouseMoved(this::point);
        setOnMouseExited(e -> {
            if (!hand.dividers().areOpen()) {
                desk.hover(Hover.NONE);
            }
        });
        setOnMousePressed(e -> {
            requestFocus();
            still = true;
            panX = e.getX();
            panY = e.getY();
            if (isSettingOut()) {
                hand.pressed(e);
            } else if (e.getButton() != MouseButton.MIDDLE) {
                weaving.pressed(e);
            }
        });
        setOnMouseDragged(e -> {
            pan(e);
            if (e.getButton() == MouseButton.MIDDLE) {
                return;
            }
            if (isSettingOut()) {
                hand.dragged(e);
            } else if (!still) {
                weaving.dragged(e);
                drawMarks();
            }
        });
        setOnMouseReleased(e -> {
            if (isSettingOut()) {
                hand.released(e);
            } else if (e.getButton() != MouseButton.MIDDLE) {
                weaving.released(e, still);
                drawMarks();
            }
        });
        setOnScroll(this::zoom);
        setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        setOnDragDropped(sketch::dropped);
        setOnKeyPressed(new NeedleKeys(desk, this)::pressed);
    }

    @Override
    protected void layoutChildren() {
        marks.setWidth(getWidth());
        marks.setHeight(getHeight());
        rim.resizeRelocate(0, 0, getWidth(), getHeight());
        empty.resizeRelocate(getWidth() / 2 - 170, getHeight() / 2 - 50, 340, 100);
        // Words laid anew are no reason to draw the design again, which may be large.
        if (drawnWidth != getWidth() || drawnHeight != getHeight()) {
            draw();
        }
    }

    private boolean isSettingOut() {
        return desk.view().stage() == Stage.SET_OUT && desk.resolved() != null;
    }

    public SketchHand sketch() {
        return sketch;
    }

    SetOutHand hand() {
        return hand;
    }

    WeaveHand weaving() {
        return weaving;
    }

    /** Whether a press means the other way: with Alt, or the right button for desktops that keep Alt for themselves. */
    static boolean isOtherWay(MouseEvent event) {
        return event.isAltDown() || event.getButton() == MouseButton.SECONDARY;
    }

    void drawMarksAgain() {
        drawMarks();
        empty.setVisible(empty.isVisible() && !hand.dividers().areOpen());
    }

    /** Makes a fraction such as 1/3 a known point on the side under the pointer, and catches it. */
    public void fraction(String words) {
        String[] parts = words.split("/");
        double share = Double.parseDouble(parts[0]) / Double.parseDouble(parts[1]);
        Point at = desk.hoverProperty().get().place().orElse(null);
        Optional<KnownPoint> found = at == null || !isSettingOut()
                ? Optional.empty()
                : KnownPoints.fraction(
                        desk.resolved().setOut().work().lines(),
                        at,
                        3 * SetOutHand.CATCH / camera.scale(),
                        share,
                        words);
        if (found.isEmpty()) {
            desk.warn("Bring the needle or the pointer to a side first; " + words + " is then a point on it.");
        } else {
            hand.caught(found.get());
            desk.needle(Hover.at(found.get().place()));
            drawMarks();
            desk.say("Needle " + words + " along the side. Enter sets a leg of the dividers here.");
        }
    }

    /** Deletes the selected point of a path; false when none is selected. */
    public boolean deletePoint() {
        boolean deleted = hand.paths().delete();
        drawMarks();
        return deleted;
    }

    /** Makes the figure just laid one of another kind; false when none is loose. */
    public boolean become(String word) {
        boolean loose = hand.dividers().isLoose();
        if (loose) {
            hand.dividers().become(word);
        }
        return loose;
    }

    /** The camera in force. */
    public Camera camera() {
        return camera;
    }

    /** The weaves that can be worked on in the field. */
    List<Laying> weaves() {
        Resolved resolved = desk.resolved();
        return resolved == null || desk.view().stage() != Stage.WEAVE
                ? List.of()
                : resolved.field().work().weaves();
    }

    private Camera cameraFor(View view, Resolved resolved) {
        if (view.scale() > 0) {
            return new Camera(getWidth(), getHeight(), view.centre(), view.scale());
        }
        double margin = Math.max(
                0,
                Math.min(getWidth(), getHeight()) / 2
                        - RimShape.in(getWidth(), getHeight()).inner()
                        + 14);
        if (view.stage() == Stage.SET_OUT) {
            return Camera.whole(aboutCentre(resolved.finished().box()), getWidth(), getHeight(), margin);
        }
        return resolved.finished().shapes().isEmpty()
                ? new Camera(getWidth(), getHeight(), Point.ORIGIN, 2)
                : Camera.whole(RoundView.of(resolved.finished()), getWidth(), getHeight(), margin);
    }

    /** What is seen while setting out: the design and always as much on one side of its centre as on the other. */
    private static Box aboutCentre(Box design) {
        double x = Math.max(Math.abs(design.left()), Math.abs(design.right()));
        double y = Math.max(Math.abs(design.top()), Math.abs(design.bottom()));
        double half = Math.max(LEAST_SEEN, Math.max(x, y));
        return new Box(-half, -half, half, half);
    }

    private void draw() {
        Resolved resolved = desk.resolved();
        if (resolved == null || getWidth() < 1 || getHeight() < 1) {
            return;
        }
        drawnWidth = getWidth();
        drawnHeight = getHeight();
        View view = desk.view();
        camera = cameraFor(view, resolved);
        Palette palette = Palette.of(view.dark());
        Camera seen = fitDrawing(view, resolved.finished());
        Painter painter = new Painter(
                drawing.getGraphicsContext2D(), seen, palette, resolved.design().root());
        painter.clear(palette.paper());
        Artwork artwork = resolved.field();
        if (view.stage() == Stage.SET_OUT) {
            sketch.draw(resolved.design().sketch(), drawing.getGraphicsContext2D(), seen);
            painter.ground(resolved.design());
            painter.helpers(hand.helpers(), view.chosen());
            painter.lines(artwork, view.chosen(), 1.2);
        } else {
            painter.bands(artwork, weight(artwork), desk.liftedProperty().get());
            textures(painter, artwork, palette, seen);
        }
        if (view.stage() == Stage.WEAVE) {
            Marks still = new Marks(drawing.getGraphicsContext2D(), seen, palette);
            for (Laying laying : artwork.work().weaves()) {
                if (laying.placed().equals(Affine.IDENTITY)) {
                    still.letters(laying.weave(), palette);
                    still.states(laying.weave());
                    still.breaks(laying.weave());
                    still.touches(laying.weave());
                }
            }
        }
        rim.draw(drawing.getGraphicsContext2D(), drawing.getWidth(), drawing.getHeight());
        empty.setVisible(artwork.shapes().isEmpty() && hand.helpers().isEmpty());
        empty.setText(
                view.stage() == Stage.SET_OUT
                        ? "Nothing is set out yet. Drag from one point to another to lay a "
                                + desk.noun().schema().word() + ", or type a word, such as star 12."
                        : "No two strands cross here. Go back to Set out and add figures.");
        drawMarks();
    }

    /** Makes the drawing no larger than it must be: seen whole, it fits into the square of the rim. */
    private Camera fitDrawing(View view, Artwork finished) {
        double square = Math.max(getHeight(), finished.box().width() * camera.scale() + 40);
        double width = view.scale() > 0 ? getWidth() : Math.min(getWidth(), square);
        if (drawing.getWidth() != width || drawing.getHeight() != getHeight()) {
            drawing.setWidth(width);
            drawing.setHeight(getHeight());
        }
        drawing.relocate(Math.floor((getWidth() - width) / 2), 0);
        return new Camera(width, getHeight(), camera.centre(), camera.scale());
    }

    /** The weight of edges in pixels; a drag of very many bands leaves them out until it rests. */
    private double weight(Artwork artwork) {
        if (artwork.shapes().size() <= MOST_TEXTURED) {
            return 1.2;
        }
        return desk.draggingProperty().get() ? 0 : 0.6;
    }

    private void textures(Painter painter, Artwork artwork, Palette palette, Camera seen) {
        if (!desk.view().textures() || artwork.shapes().size() > MOST_TEXTURED) {
            return;
        }
        Textures textures = new Textures(drawing.getGraphicsContext2D(), seen);
        for (Laying laying : artwork.work().weaves()) {
            if (laying.placed().equals(Affine.IDENTITY)) {
                Weave weave = laying.weave();
                boolean one = weave.strands().stream()
                                .map(s -> s.key().figure())
                                .distinct()
                                .count()
                        == 1;
                for (Course course : weave.courses()) {
                    // Strands of one figure are told apart among themselves.
                    String figure = weave.strands().get(course.strand()).key().figure();
                    int kind = one && weave.symmetry().turning().isEmpty() ? course.strand() : painter.figure(figure);
                    textures.draw(weave, course, kind, palette.ink());
                }
            }
        }
    }

    private void drawMarks() {
        Resolved resolved = desk.resolved();
        if (resolved == null) {
            return;
        }
        View view = desk.view();
        Palette palette = Palette.of(view.dark());
        Hover hover = desk.hoverProperty().get();
        boolean needed = hover.isCrossing()
                || weaving.isBusy()
                || desk.ghostProperty().get().isPresent()
                || view.stage() == Stage.SET_OUT
                || !resolved.inspection().snags().isEmpty();
        marks.setVisible(needed);
        label.setVisible(false);
        setAccessibleText(hoverWords());
        if (!needed) {
            return;
        }
        GraphicsContext gc = marks.getGraphicsContext2D();
        gc.clearRect(0, 0, getWidth(), getHeight());
        Marks draw = new Marks(gc, camera, palette);
        if (view.stage() == Stage.WEAVE) {
            desk.ghostProperty().get().ifPresent(draw::ghost);
            if (weaving.isBusy()) {
                label.setText(weaving.draw(draw));
                weaving.end().ifPresent(p -> showLabel(p, 16));
            } else if (hover.isCrossing()) {
                label.setText(new CrossingMarks(this, draw).draw(hover));
                showLabel(hover.place().orElseThrow(), 26);
            }
            draw.flags(resolved.inspection().snags(), MOST_FLAGS);
        } else if (view.stage() == Stage.SET_OUT) {
            new SetOutMarks(gc, camera, palette).draw(desk, hand);
            setOutLabel(hover);
        }
    }

    /** What the known point under the pointer is, or how far the dividers are open, beside it. */
    private void setOutLabel(Hover hover) {
        Optional<Point> at = hand.dividers().areOpen() && !hand.dividers().isLoose()
                ? hand.dividers().second()
                : hand.caught().isPresent() ? hover.place() : Optional.empty();
        if (at.isEmpty()) {
            return;
        }
        String known = hand.caught()
                .map(k -> k.words() + (hand.caughtAmong() > 1 ? "  (PgDn: " + (hand.caughtAmong() - 1) + " more)" : ""))
                .orElse("");
        String open = hand.dividers().areOpen() && !hand.dividers().isLoose()
                ? hand.dividers().words()
                : "";
        label.setText(open + (open.isEmpty() || known.isEmpty() ? "" : "  \u00b7  ") + known);
        showLabel(at.get(), 16);
    }

    private void showLabel(Point place, double aside) {
        label.setVisible(!label.getText().isEmpty());
        label.autosize();
        double x = camera.x(place) + aside;
        label.relocate(
                x + label.getWidth() > getWidth() ? camera.x(place) - aside - label.getWidth() : x,
                Math.max(4, Math.min(getHeight() - label.getHeight() - 4, camera.y(place) - label.getHeight() - 8)));
    }

    /** What the pointer or needle is at, in words. */
    public String hoverWords() {
        Hover hover = desk.hoverProperty().get();
        if (hover.isCrossing() && hover.weave() < weaves().size()) {
            Weave weave = weaves().get(hover.weave()).weave();
            Crossing crossing = weave.crossings().get(hover.meet());
            int siblings = reached(weave, hover.meet()).size() - 1;
            return "Crossing " + (hover.meet() + 1) + " of " + weave.crossings().size() + ", "
                    + weave.strands().get(crossing.over()).name() + " over "
                    + weave.strands().get(crossing.under()).name() + (crossing.isPinned() ? ", pinned" : "")
                    + (siblings > 0 ? ", " + siblings + " siblings" : "");
        }
        if (desk.view().stage() == Stage.SET_OUT && hand.caught().isPresent()) {
            return "Needle on " + hand.caught().get().words();
        }
        return desk.view().stage().title() + ": " + desk.design().name();
    }

    Places places(Weave weave) {
        return places.computeIfAbsent(weave, Weave::places);
    }

    /** The crossings, of those before breaks, that an act on one reaches; itself first. */
    List<Places.Found> reached(Weave weave, int meet) {
        int whole = weave.origins().whole(meet);
        return whole < 0
                ? List.of(new Places.Found(0, true, false, false))
                : places(weave).reached(whole, desk.reach());
    }

    private Hover kept(Hover hover) {
        boolean there = hover.weave() >= 0
                && hover.weave() < weaves().size()
                && hover.meet()
                        < weaves().get(hover.weave()).weave().crossings().size();
        return there || !hover.isCrossing() ? hover : Hover.NONE;
    }

    private void point(MouseEvent event) {
        if (isSettingOut()) {
            hand.moved(event);
            drawMarks();
        } else {
            desk.hover(at(event.getX(), event.getY()));
        }
    }

    Hover at(double x, double y) {
        Point place = camera.place(x, y);
        double best = GRASP;
        Hover found = Hover.at(place);
        List<Laying> weaves = weaves();
        for (int w = 0; w < weaves.size(); w++) {
            List<Crossing> crossings = weaves.get(w).weave().crossings();
            for (int m = 0; m < crossings.size(); m++) {
                Point at = weaves.get(w).placed().of(crossings.get(m).place());
                double away = Math.hypot(camera.x(at) - x, camera.y(at) - y);
                if (away < best) {
                    best = away;
                    found = new Hover(Optional.of(at), w, m);
                }
            }
        }
        return found;
    }

    private void pan(MouseEvent event) {
        if (Math.hypot(event.getX() - panX, event.getY() - panY) > 3) {
            still = false;
        }
        if (event.getButton() == MouseButton.MIDDLE) {
            see(camera.moved(event.getX() - panX, event.getY() - panY));
            panX = event.getX();
            panY = event.getY();
        }
    }

    private void zoom(ScrollEvent event) {
        if (event.getDeltaY() != 0) {
            see(camera.closer(Math.exp(event.getDeltaY() / 300), event.getX(), event.getY()));
        }
        event.consume();
    }

    /** Takes a camera into the view, so that it stays when the design changes. */
    public void see(Camera other) {
        desk.look(desk.view().seen(other.scale(), other.centre()));
    }

    /** Swaps the crossing at a place, or releases it. */
    void act(Hover at, Reach reach, boolean release) {
        if (!desk.settledProperty().get()) {
            desk.say("Still resolving the last change; once more, please.");
            return;
        }
        Laying laying = weaves().get(at.weave());
        desk.edit(release ? Swaps.release(laying, at.meet()) : Swaps.swap(laying, at.meet(), reach));
    }
}
