package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.piece.Repeating;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.treatment.Cloth;
import org.hyphantes.weave.StrandKey;

/** Lays the marks of one tile in all places of a cloth. */
public final class Tiles {
    /** So many cells at most make a rectangle that repeats. */
    public static final int MOST_IN_TILE = 12;

    private static final Origin NONE = Origin.of(new StrandKey("", List.of()));

    private Tiles() {}

    /** An artwork that is a cloth, as so many of its tiles each way; its own scene where it is none. */
    public static Scene seen(Artwork artwork, int tiles) {
        Optional<List<Mark>> tile = tile(artwork.scene().marks());
        return artwork.work().cloth().isEmpty() || tile.isEmpty()
                ? artwork.scene()
                : laid(
                        tile.get(),
                        Box.round(tile.get().stream().map(Mark::box).toList())
                                .with(artwork.work().drawn()),
                        artwork.work().cloth().get().seen(tiles),
                        artwork.scene().figures());
    }

    /** Whether an artwork is a cloth, in pieces or not. */
    public static boolean isCloth(Artwork artwork) {
        return artwork.work().cloth().isPresent() || repeating(artwork).isPresent();
    }

    private static Optional<Repeating> repeating(Artwork artwork) {
        return artwork.work().mosaics().stream()
                .flatMap(m -> m.mosaic().division().repeating().stream())
                .findFirst();
    }

    /**
     * What the smallest upright rectangle of a cloth shows that repeats by its own sides, its box the rectangle itself; nothing where there is none, or
     * the pieces of a cloth are fewer than that.
     */
    public static Optional<Scene> tile(Artwork artwork) {
        Optional<Cloth> cloth = artwork.work().cloth();
        if (cloth.isPresent()) {
            return tile(artwork.scene().marks())
                    .flatMap(marks -> cloth.get()
                            .lattice()
                            .rectangle(MOST_IN_TILE)
                            .map(n -> laid(
                                    marks,
                                    Box.round(marks.stream().map(Mark::box).toList())
                                            .with(artwork.work().drawn()),
                                    cloth.get().seen(n.across(), n.down()),
                                    artwork.scene().figures())));
        }
        return repeating(artwork)
                .flatMap(r -> r.tiles().rectangle(MOST_IN_TILE).flatMap(n -> rectangle(r, n, artwork.scene())))
                .map(tile -> cut(artwork.scene(), tile));
    }

    /** The rectangle of so many tiles within a cloth in pieces; none where the cloth is smaller. */
    private static Optional<Box> rectangle(Repeating repeating, Lattice.Steps tiles, Scene scene) {
        Box all = repeating.window().map(Path::box).orElse(scene.box());
        Lattice lattice = repeating.tiles();
        double wide = tiles.across() * Math.abs(lattice.across().x());
        double high = lattice.down().map(d -> tiles.down() * Math.abs(d.y())).orElse(all.height());
        double edge = 1e-9 * (all.width() + all.height());
        if (wide > all.width() + edge || high > all.height() + edge) {
            return Optional.empty();
        }
        // Away from the edge, if the cloth is large enough: pieces have a line along it.
        double left = all.left() + inward(all.width() - wide, lattice.across().x());
        double top = all.top()
                + inward(all.height() - high, lattice.down().map(Point::y).orElse(high));
        return Optional.of(new Box(left, top, left + wide, top + high));
    }

    /** A tile in where there is room for one on either side, else in the middle. */
    private static double inward(double room, double tile) {
        return room >= 2 * Math.abs(tile) ? Math.abs(tile) : room / 2;
    }

    private static Scene cut(Scene scene, Box tile) {
        Path window = Path.polygon(List.of(
                new Point(tile.left(), tile.top()),
                new Point(tile.right(), tile.top()),
                new Point(tile.right(), tile.bottom()),
                new Point(tile.left(), tile.bottom())));
        return new Scene(List.of(new Mark.Clip(Region.of(window), scene.marks(), NONE)), scene.figures(), tile);
    }

    private static Optional<List<Mark>> tile(List<Mark> marks) {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Clip clip) {
                return tile(clip.marks());
            }
            if (mark instanceof Mark.Group group && group.part() == Mark.Part.TILE) {
                return Optional.of(group.marks());
            }
        }
        return Optional.empty();
    }

    /**
     * The scene of a cloth: one tile laid many times, and what lies beyond the edge cut off.
     *
     * @param drawn the box round the tile
     */
    static Scene laid(List<Mark> tile, Box drawn, Cloth cloth, List<String> figures) {
        return laid(tile, drawn, cloth, figures, true);
    }

    /** @param cut whether what lies beyond the edge is cut off */
    static Scene laid(List<Mark> tile, Box drawn, Cloth cloth, List<String> figures, boolean cut) {
        List<Mark> laid = new ArrayList<>();
        List<Box> boxes = new ArrayList<>();
        Mark.Group one = Mark.Group.of(Mark.Part.TILE, tile, Affine.IDENTITY, 0, NONE);
        for (Point shift : cloth.shifts(drawn)) {
            Watch.ask();
            Affine map = Affine.shift(shift);
            laid.add(one.map(map));
            boxes.add(drawn.map(map));
        }
        Optional<Path> edge = cloth.cutTo(drawn);
        if (edge.isEmpty() || !cut) {
            return new Scene(laid, figures, Box.round(boxes));
        }
        Mark.Clip clip = new Mark.Clip(Region.of(edge.get()), laid, NONE);
        return new Scene(List.of(clip), figures, clip.box());
    }
}
