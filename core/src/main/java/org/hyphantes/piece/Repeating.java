package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.symmetry.Lattice;
import org.hyphantes.weave.Reach;

/**
 * How cells of a cloth repeat: whatever is done to one is done in every tile, and beyond that as far as acts reach.
 *
 * @param positions the maps of its group in a tile, the first of them none
 * @param shifts from any tile that is laid to any other, the first of them none
 * @param tiles the lattice of those
 * @param window what is seen of the cloth, beyond which there is nothing; or all
 */
public record Repeating(List<Affine> positions, List<Affine> shifts, Lattice tiles, Optional<Path> window) {
    /** Less of a cell than this share is none. */
    private static final double NOTHING = 1e-9;

    /** @param laid the tiles */
    public static Repeating of(List<Affine> positions, Lattice tiles, List<Lattice.Steps> laid, Optional<Path> window) {
        int across = laid.stream().mapToInt(Lattice.Steps::across).max().orElse(0)
                - laid.stream().mapToInt(Lattice.Steps::across).min().orElse(0);
        int down = laid.stream().mapToInt(Lattice.Steps::down).max().orElse(0)
                - laid.stream().mapToInt(Lattice.Steps::down).min().orElse(0);
        List<Affine> shifts = new ArrayList<>(List.of(Affine.IDENTITY));
        for (int i = -across; i <= across; i++) {
            for (int j = -down; j <= down; j++) {
                if (i != 0 || j != 0) {
                    shifts.add(Affine.shift(tiles.shift(new Lattice.Steps(i, j))));
                }
            }
        }
        List<Affine> maps = new ArrayList<>(List.of(Affine.IDENTITY));
        maps.addAll(positions);
        return new Repeating(maps, shifts, tiles, window);
    }

    /** The maps of a reach, the first of them none. */
    List<Affine> maps(Reach reach) {
        List<Affine> maps = new ArrayList<>();
        for (Affine position : positions) {
            boolean turned = position.determinant() < 0;
            if (position.equals(Affine.IDENTITY)
                    || reach == Reach.EVERY_REPEAT
                    || (turned ? reach.mirrors() : reach.turns())) {
                shifts.forEach(s -> maps.add(s.after(position)));
            }
        }
        return maps;
    }

    /** Whether anything of a region is seen. */
    boolean shows(Region region) {
        if (window.isEmpty()) {
            return true;
        }
        Box seen = window.get().box();
        Box box = region.outline().box();
        double edge = 1e-9 * (seen.width() + seen.height());
        if (!box.meets(seen.grown(-edge))) {
            return false;
        }
        return isWithin(box, seen)
                || cut(List.of(region)).stream().mapToDouble(Region::area).sum() > NOTHING * region.area();
    }

    private static boolean isWithin(Box box, Box seen) {
        return box.left() >= seen.left()
                && box.right() <= seen.right()
                && box.top() >= seen.top()
                && box.bottom() <= seen.bottom();
    }

    /** What is seen of regions. */
    List<Region> cut(List<Region> regions) {
        if (window.isEmpty()) {
            return regions;
        }
        List<Region> left = new ArrayList<>();
        for (Region region : regions) {
            Watch.ask();
            if (isWithin(region.outline().box(), window.get().box())) {
                left.add(region);
            } else {
                left.addAll(Booleans.common(List.of(Region.of(window.get()), region)));
            }
        }
        return left;
    }
}
