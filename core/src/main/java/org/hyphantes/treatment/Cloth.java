package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.symmetry.Tiling;

/**
 * A cloth of tiles that are all alike: work on it is that of one tile, which is laid in all of them.
 *
 * @param tiling the group and the cells of the pattern
 * @param closes how many cells across make a tile, and {@code closesDown} how many down: where a weave is the same again
 * @param columns how many cells across it is, about the one that is drawn in, and {@code rows} how many down
 */
public record Cloth(Tiling tiling, int closes, int closesDown, int columns, int rows, ClothEdge edge) {
    /** So many times as large as all of a cloth what is drawn may be. */
    private static final double MOST = 400;

    /** The lattice of its tiles. */
    public Lattice lattice() {
        return cells().over(closes, closesDown);
    }

    /** The lattice of its cells. */
    public Lattice cells() {
        return tiling.lattice();
    }

    public boolean isStrip() {
        return cells().down().isEmpty();
    }

    /** The first of so many cells about the tile that is drawn in. */
    private static int first(int count, int of) {
        return -of * ((count + of - 1) / of / 2);
    }

    /** The same of so many tiles each way, cut off at their edge. */
    public Cloth seen(int tiles) {
        return seen(tiles, tiles);
    }

    /** The same of so many across and down. */
    public Cloth seen(int across, int down) {
        return new Cloth(
                tiling, closes, closesDown, closes * across, isStrip() ? 1 : closesDown * down, ClothEdge.CUT_OFF);
    }

    /** The outline of one tile, that which is drawn in; of a strip from the top of a box to its bottom. */
    public Path tile(Box strip) {
        return outline(0, 0, closes, closesDown, strip);
    }

    /** The outline of a cell of that tile. */
    public Path cell(int column, int row, Box strip) {
        return outline(column, row, 1, 1, strip);
    }

    /** The outline of all of it. */
    public Path window(Box strip) {
        return outline(first(columns, closes), first(rows, closesDown), columns, rows, strip);
    }

    /**
     * So many cells as an upright rectangle, whatever their lattice: as large as they are, and as all of them laid by their shifts it
     * covers the plane once.
     */
    private Path outline(int column, int row, int wide, int high, Box strip) {
        Point corner = tiling.origin();
        double width = Math.abs(tiling.across().x());
        double height = Math.abs(tiling.down().y());
        double left = corner.x() + column * width;
        double top = isStrip() ? strip.top() : corner.y() + row * height;
        double bottom = isStrip() ? Math.max(top + 1e-3, strip.bottom()) : top + high * height;
        double right = left + wide * width;
        return Path.polygon(List.of(
                new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom)));
    }

    /** The shifts by which a tile whose drawing has such a box is laid: to all places of the cloth, or to wherever something of it is seen. */
    public List<Point> shifts(Box drawn) {
        Lattice tiles = lattice();
        return steps(drawn, false).stream().map(tiles::shift).toList();
    }

    /**
     * The same, as steps from tile to tile.
     *
     * @param further whether those beyond its edge are laid as well, so that all is whole at the edge
     */
    List<Lattice.Steps> steps(Box drawn, boolean further) {
        List<Lattice.Steps> steps = new ArrayList<>();
        Box seen = window(drawn).box();
        if (edge == ClothEdge.WHOLE || isTooMuch(drawn, seen)) {
            for (int row : about(rows, closesDown)) {
                for (int column : about(columns, closes)) {
                    steps.add(new Lattice.Steps(column, row));
                }
            }
            return steps;
        }
        Box tile = tile(drawn).box();
        double wide = further ? tile.width() : 0;
        double high = further && !isStrip() ? tile.height() : 0;
        Box laid = new Box(seen.left() - wide, seen.top() - high, seen.right() + wide, seen.bottom() + high);
        return lattice().reaching(drawn, laid);
    }

    /** Whether what is drawn is so much larger than a tile that it is laid in the places of the cloth alone. */
    public static boolean isTooMuch(Box drawn, Box tile) {
        return drawn.width() * drawn.height() > MOST * tile.width() * tile.height();
    }

    private static List<Integer> about(int cells, int of) {
        return Tiling.about((cells + of - 1) / of);
    }

    /** What is seen of it; all of it where nothing is cut off. */
    public Optional<Path> cutTo(Box drawn) {
        return edge == ClothEdge.CUT_OFF ? Optional.of(window(drawn)) : Optional.empty();
    }
}
