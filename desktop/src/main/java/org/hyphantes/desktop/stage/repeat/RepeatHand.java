package org.hyphantes.desktop.stage.repeat;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Tiles;
import org.hyphantes.desktop.act.RepeatActs;
import org.hyphantes.desktop.chrome.ClothSeen;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.Neighbours;
import org.hyphantes.desktop.chrome.Palette;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.desktop.picture.Looks;
import org.hyphantes.desktop.stage.Glass;
import org.hyphantes.desktop.stage.Hand;
import org.hyphantes.desktop.stage.Sheet;
import org.hyphantes.desktop.stage.SnagMarks;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Scene;
import org.hyphantes.seam.SeamMark;
import org.hyphantes.seam.Seams;
import org.hyphantes.setting.Numerals;
import org.hyphantes.symmetry.GroupElements;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.treatment.Motif;
import org.hyphantes.treatment.Repeat;

/** The hand in Repeat: rails and grips size the tile, a line is dragged in any copy, and seams say whether they are met. */
final class RepeatHand implements Hand {
    private static final double ON_LINE = 6;
    private static final double PALE = 0.35;

    /** So many marks (in a drawing) still have their edges drawn. */
    private static final int MOST_EDGED = 4000;

    private final Desk desk;
    private final Glass glass;
    private final RepeatActs acts;
    private Optional<TileDrag> sizing = Optional.empty();
    private Optional<MotifDrag> moving = Optional.empty();

    /** What was seen, and of what: laid anew only when there is another. */
    private Artwork laid;

    private int laidTiles;
    private Scene around = Scene.EMPTY;
    private Scene tile = Scene.EMPTY;
    private List<SeamMark> seams = List.of();

    RepeatHand(Desk desk, Glass glass) {
        this.desk = desk;
        this.glass = glass;
        this.acts = new RepeatActs(desk);
        desk.pictured().onForeseen(this::foreseen);
    }

    private void foreseen(Artwork next) {
        if (desk.view().stage().equals("repeat") && seen().neighbours() == Neighbours.FULL) {
            Scene likely = Tiles.seen(next, seen().tiles());
            Camera camera = glass.cameraFor(whole(next, desk.resolved().round()));
            glass.foresee(likely, look(Palette.of(desk.view().dark()), likely), camera);
        }
    }

    private Artwork artwork() {
        return desk.pictured().artwork();
    }

    private Optional<Cloth> cloth() {
        return artwork().work().cloth();
    }

    private Box drawn() {
        return artwork().work().drawn();
    }

    private void lay() {
        if (laid != artwork() || laidTiles != seen().tiles()) {
            laid = artwork();
            laidTiles = seen().tiles();
            around = Tiles.seen(laid, laidTiles);
            tile = Tiles.seen(laid, 1);
            seams = Seams.of(laid.work());
        }
    }

    @Override
    public Optional<Box> whole(Resolved resolved) {
        return whole(artwork(), resolved.round());
    }

    private Optional<Box> whole(Artwork artwork, Box round) {
        if (artwork.work().cloth().isPresent()) {
            Cloth seen = artwork.work().cloth().get().seen(seen().tiles());
            return Optional.of(seen.window(artwork.work().drawn()).box());
        }
        return artwork.scene().isEmpty() ? Optional.empty() : Optional.of(round);
    }

    @Override
    public void draw(Sheet sheet) {
        lay();
        Look look = look(sheet.palette(), around);
        if (cloth().isEmpty() || seen().neighbours() == Neighbours.FULL) {
            sheet.draw(around, look);
        } else if (seen().neighbours() == Neighbours.PALE) {
            sheet.drawUnder(around, look.pale(PALE));
            sheet.draw(tile, look);
        } else {
            sheet.draw(tile, look);
        }
    }

    private Look look(Palette palette, Scene scene) {
        double edge = desk.view().eyes().bare() ? 0 : scene.size() <= MOST_EDGED ? 1 : 0.6;
        return Looks.own(palette, edge).seenBy(desk.view().eyes().sight());
    }

    @Override
    public boolean isEmpty() {
        return artwork().scene().isEmpty();
    }

    @Override
    public String emptyWords() {
        return "Nothing is set out yet. Draw a motif in Set out, and repeat it here.";
    }

    @Override
    public boolean hasMarks() {
        return true;
    }

    @Override
    public void marks(Sheet sheet) {
        lay();
        SnagMarks snags = new SnagMarks(sheet);
        desk.ghostProperty().get().ifPresent(snags::ghost);
        TileMarks marks = new TileMarks(sheet);
        cloth().ifPresent(cloth -> {
            marks.tile(cloth, drawn());
            boolean cut = desk.root()
                    .lastOf(Repeat.class)
                    .filter(r -> r.motif() == Motif.CUT_TO_ITS_SHARE)
                    .isPresent();
            if (seen().symbols() || cut) {
                marks.share(cloth.tiling().share(drawn()));
            }
            if (seen().symbols()) {
                marks.symbols(GroupElements.of(cloth.tiling()), cell(cloth));
            }
            marks.seams(seams);
        });
        snags.flags(desk.pictured().snags());
        Optional<Point> at = desk.hoverProperty().get().place();
        if (sizing.isPresent() && at.isPresent()) {
            glass.label(sizing.get().words(), at.get(), 18);
        } else {
            mark().ifPresent(mark -> {
                marks.ring(mark.place());
                glass.label(words(mark), mark.place(), 18);
            });
        }
    }

    /** The cell of the lattice itself, as its group is drawn in. */
    private Path cell(Cloth cloth) {
        Point corner = cloth.tiling().origin();
        Point down = cloth.isStrip()
                ? new Point(0, cloth.tile(drawn()).box().height())
                : cloth.cells().at(0, 1);
        Point from = cloth.isStrip()
                ? new Point(corner.x(), cloth.tile(drawn()).box().top())
                : corner;
        Point across = cloth.cells().at(1, 0);
        return Path.polygon(List.of(from, from.plus(across), from.plus(across).plus(down), from.plus(down)));
    }

    /** The seam mark that the pointer or the needle is at. */
    private Optional<SeamMark> mark() {
        Optional<Point> at = desk.hoverProperty().get().place();
        double near = Glass.GRASP / glass.camera().scale();
        return at.flatMap(p -> seams.stream()
                .filter(m -> m.place().distance(p) <= near)
                .min(Comparator.comparingDouble(m -> m.place().distance(p))));
    }

    private String words(SeamMark mark) {
        String who = mark.strand().isEmpty() ? "line" : "strand " + mark.strand();
        return switch (mark.kind()) {
            case MET -> who + " is met";
            case TURNED -> who + " turns a corner here";
            case UNLIKE -> who + " meets another width or colour";
            case OUT ->
                who + " leaves "
                        + Numerals.length(mark.distance(), desk.design().unit()) + " from its partner";
            case UNANSWERED -> who + " has no partner";
        };
    }

    @Override
    public void moved(MouseEvent event) {
        desk.hover(Hover.at(glass.camera().place(event.getX(), event.getY())));
    }

    @Override
    public void pressed(MouseEvent event) {
        Point place = glass.camera().place(event.getX(), event.getY());
        sizing = cloth().flatMap(c -> TileDrag.at(
                acts, c.tile(drawn()), glass.camera(), event.getX(), event.getY(), Glass.isOtherWay(event)));
        moving = sizing.isPresent()
                ? Optional.empty()
                : MotifDrag.at(desk, place, ON_LINE / glass.camera().scale());
    }

    @Override
    public void dragged(MouseEvent event) {
        Point place = glass.camera().place(event.getX(), event.getY());
        desk.hover(Hover.at(place));
        if (sizing.isPresent()) {
            // The picture stays as large as it was, or the pointer would lose what it holds.
            if (desk.view().scale() <= 0) {
                glass.see(glass.camera());
            }
            if (!sizing.get().to(place, event.isControlDown())) {
                desk.say("Only p1 and p2 leave a skew free: choose one of them at the left.");
            }
        }
        moving.ifPresent(m -> {
            if (desk.view().scale() <= 0) {
                glass.see(glass.camera());
            }
            m.to(place, event.isShiftDown());
        });
    }

    @Override
    public void released(MouseEvent event, boolean still) {
        if (!still) {
            desk.dropped();
        } else if (moving.isPresent()) {
            desk.look(desk.view().choosing(desk.root().id(), moving.get().members()));
        } else if (sizing.isEmpty()) {
            acts.choose();
        }
        if (!still && sizing.isPresent()) {
            acts.choose();
        }
        sizing = Optional.empty();
        moving = Optional.empty();
        glass.redrawMarks();
    }

    @Override
    public boolean holds() {
        return sizing.isPresent() || moving.isPresent();
    }

    @Override
    public boolean key(KeyEvent event, Point way) {
        if (event.isControlDown()) {
            return false;
        }
        switch (event.getCode()) {
            case PAGE_DOWN -> acts.next(1);
            case PAGE_UP -> acts.next(-1);
            case SPACE -> {
                Habits.cloth().set(seen().next());
                desk.say(seen().neighbours().words());
                glass.redraw();
            }
            case INSERT -> {
                Habits.cloth().set(seen().withSymbols(!seen().symbols()));
                desk.say(seen().symbols() ? "Symbols shown." : "Symbols hidden.");
                glass.redrawMarks();
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private static ClothSeen seen() {
        return Habits.cloth().get();
    }

    @Override
    public boolean digit(int digit) {
        if (digit < 1 || digit > ClothSeen.MOST || cloth().isEmpty()) {
            return false;
        }
        Habits.cloth().set(seen().withTiles(digit));
        desk.say(digit == 1 ? "One tile is seen." : digit + " by " + digit + " tiles are seen.");
        desk.look(desk.view().seen(0, Point.ORIGIN));
        glass.redraw();
        return true;
    }

    @Override
    public List<Hover> stops() {
        return seams.stream().map(m -> Hover.at(m.place())).toList();
    }

    @Override
    public String at() {
        return mark().map(this::words)
                .orElseGet(() ->
                        acts.repeat().map(r -> "Repeat: cells " + acts.size(r)).orElse("Repeat: one motif"));
    }

    @Override
    public void resolved() {
        if (!desk.draggingProperty().get()) {
            lay();
        }
    }
}
