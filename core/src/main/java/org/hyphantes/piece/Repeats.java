package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.UnionFind;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.weave.Reach;

/** The maps of a cloth, as far as they carry cells to cells that are seen. */
final class Repeats implements Carrying {
    private final Repeating repeating;
    private final List<Cell> cells;
    private final double near;
    private final PlaceGrid<Integer> places;

    /** @param tolerance mm; of it in a drawing of this size 64 are one place */
    Repeats(Repeating repeating, List<Cell> cells, double tolerance) {
        this.repeating = repeating;
        this.cells = cells;
        this.near = 64 * tolerance;
        this.places = new PlaceGrid<>(Math.max(near, Siblings.spacing(cells)));
        for (int i = 0; i < cells.size(); i++) {
            places.add(cells.get(i).place(), i);
        }
    }

    @Override
    public List<List<Integer>> reached(List<Integer> of, Reach reach) {
        List<List<Integer>> all = new ArrayList<>();
        for (Affine map : repeating.maps(reach)) {
            images(of, map).ifPresent(all::add);
        }
        return all;
    }

    @Override
    public Point placed(Point place, List<Integer> of, Reach reach, int map) {
        return repeating.maps(reach).stream()
                .filter(m -> images(of, m).isPresent())
                .skip(map)
                .findFirst()
                .orElseThrow()
                .of(place);
    }

    /** Every cell with the first that lies in the same place of any tile, in any position. */
    @Override
    public UnionFind orbits() {
        UnionFind orbits = new UnionFind(cells.size());
        PlaceGrid<Integer> firsts = new PlaceGrid<>(Math.max(near, Siblings.spacing(cells)));
        for (int i = 0; i < cells.size(); i++) {
            Watch.ask();
            Point place = cells.get(i).place();
            boolean found = false;
            for (Affine position : repeating.positions()) {
                Point home = repeating.tiles().home(position.of(place));
                for (int first : firsts.within(home, near)) {
                    if (isAsLarge(first, i)) {
                        orbits.join(first, i);
                        found = true;
                    }
                }
            }
            if (!found) {
                Point home = repeating.tiles().home(place);
                for (int right = -1; right <= 1; right++) {
                    for (int further = -1; further <= 1; further++) {
                        // At the border of a tile a place lies at its other border as well.
                        firsts.add(home.plus(repeating.tiles().shift(new Lattice.Steps(right, further))), i);
                    }
                }
            }
        }
        return orbits;
    }

    private boolean isAsLarge(int one, int other) {
        double area = cells.get(one).area();
        return Math.abs(cells.get(other).area() - area) <= Siblings.ALIKE * area;
    }

    private Optional<List<Integer>> images(List<Integer> of, Affine map) {
        List<Integer> images = new ArrayList<>();
        for (int cell : of) {
            Optional<Integer> image = image(cell, map);
            if (image.isEmpty()) {
                return Optional.empty();
            }
            images.add(image.get());
        }
        return Optional.of(images);
    }

    private Optional<Integer> image(int cell, Affine map) {
        if (map.equals(Affine.IDENTITY)) {
            return Optional.of(cell);
        }
        return places.within(map.of(cells.get(cell).place()), near).stream()
                .filter(c -> isAsLarge(c, cell))
                .findFirst();
    }
}
