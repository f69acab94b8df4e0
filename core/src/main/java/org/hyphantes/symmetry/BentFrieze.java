package org.hyphantes.symmetry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Wrapping;

/**
 * A frieze as it lies along a line. What lies about a place of it is repeated in every cell by a map of its own, which is exact for that place, and
 * true to its headings.
 *
 * @param tiling the frieze before it is laid along the line
 * @param sides the sides of the line between its corners, in order
 */
public record BentFrieze(Tiling tiling, List<Side> sides) {
    /** By so much of a side what lies where two parts of it meet may lie in either. */
    private static final double SLACK = 1e-4;

    public BentFrieze {
        sides = List.copyOf(sides);
    }

    /**
     * A side of the line, or a part of it.
     *
     * @param wrapping how it is laid there
     * @param sense what is done to the frieze before: nothing, or it is turned about; its own inverse
     * @param cells how many of them the side has
     * @param from where the part begins, in mm from the origin before it is stretched, and {@code to} where it ends
     */
    public record Side(Wrapping wrapping, Affine sense, int cells, double from, double to) {
        private boolean has(Point laid) {
            double along = laid.x() - wrapping.origin().x();
            double slack = SLACK * wrapping.pace().flat();
            return along >= from - slack && along <= to + slack;
        }

        /** How far (mm, before it is stretched) a place lies beyond its ends: past a corner, on what belongs to the next side. */
        private double beyond(Point laid) {
            double along = laid.x() - wrapping.origin().x();
            return wrapping.guide().closed()
                    ? 0
                    : Math.max(0, Math.max(-along, along - wrapping.pace().flat()));
        }

        /** What lies along and aside as it is turned where a place comes to lie. */
        private Affine frame(Point laid) {
            Point ahead = wrapping.heading(laid);
            Point aside = ahead.right();
            return new Affine(ahead.x(), ahead.y(), aside.x(), aside.y(), 0, 0);
        }
    }

    /**
     * A place of the frieze before it is laid.
     *
     * @param side the side it comes to, and {@code distance} how far (mm) from its line
     */
    public record Flat(Side side, Point laid, double distance) {
        private static Flat of(Side side, Point place) {
            Path guide = side.wrapping().guide();
            return new Flat(
                    side,
                    side.wrapping().before(place),
                    guide.at(guide.nearest(place)).distance(place));
        }

        /** Nearer to its side; of two that meet at a corner, where it lies beyond both, that which it is less far beyond. */
        private boolean isNearer(Flat other) {
            double nearer = other.distance - distance;
            double slack = 1e-9 * side.wrapping().guide().length();
            return Math.abs(nearer) > slack ? nearer > 0 : side.beyond(laid) < other.side.beyond(other.laid);
        }
    }

    /**
     * One of all that are the same as what lies about a place.
     *
     * @param laying what is done to the frieze before it is laid
     * @param side where it is laid then
     */
    public record Copy(Affine laying, Side side) {
        /** Where what is laid so, of which this place is part, comes to lie. */
        public Point of(Point laid) {
            return side.wrapping().of(laying.of(laid));
        }

        private Affine about(Flat flat) {
            Affine turned = side.frame(laying.of(flat.laid()))
                    .after(linear(laying))
                    .after(flat.side().frame(flat.laid()).inverse());
            return Affine.shift(of(flat.laid())
                            .minus(turned.of(flat.side().wrapping().of(flat.laid()))))
                    .after(turned);
        }
    }

    /** The maps that carry what lies about a place to all that is the same there, that place itself left out. */
    public List<Affine> about(Point place) {
        List<Affine> maps = new ArrayList<>();
        flat(place).ifPresent(flat -> {
            double near = 1e-9 * flat.side().wrapping().guide().length();
            for (Copy copy : copies(flat)) {
                Affine map = copy.about(flat);
                if (map.of(place).distance(place) > near) {
                    maps.add(map);
                }
            }
        });
        return maps;
    }

    /** All that are the same as what lies about a place, that itself among them. */
    public List<Copy> copies(Flat of) {
        List<Copy> copies = new ArrayList<>();
        for (RepeatGroup.Position position : tiling.group().positions()) {
            Affine map = tiling.map(position, 0, 0).after(of.side().sense());
            for (Side side : sides) {
                Affine laying = side.sense().after(map);
                Point first = laying.of(of.laid());
                for (Point laid : places(side, first)) {
                    copies.add(new Copy(Affine.shift(laid.minus(first)).after(laying), side));
                }
            }
        }
        return copies;
    }

    /** A place on a side in all of its cells, and in those beyond a corner. */
    private List<Point> places(Side side, Point laid) {
        double wide = tiling.across().x();
        double from = side.wrapping().origin().x();
        double within = laid.x() - from - wide * Math.floor((laid.x() - from) / wide);
        int beyond = side.wrapping().guide().closed() ? 0 : 2;
        List<Point> places = new ArrayList<>();
        for (int cell = -beyond; cell < side.cells() + beyond; cell++) {
            Point there = new Point(from + within + cell * wide, laid.y());
            if (side.has(there)) {
                places.add(there);
            }
        }
        return places;
    }

    private static Affine linear(Affine map) {
        return new Affine(map.a(), map.b(), map.c(), map.d(), 0, 0);
    }

    /** A place on the side that it belongs to: mitres part what lies nearer to one from what lies nearer to the next. */
    public Optional<Flat> flat(Point place) {
        Optional<Flat> best = Optional.empty();
        for (Side side : sides) {
            Flat flat = Flat.of(side, place);
            if (side.has(flat.laid()) && (best.isEmpty() || flat.isNearer(best.get()))) {
                best = Optional.of(flat);
            }
        }
        return best;
    }

    /** The turns by which it is carried to itself, if the line is a circle. */
    public Optional<Turning> turning() {
        Side side = sides.get(0);
        boolean round = sides.size() == 1 && side.wrapping().guide().closed();
        return side.wrapping().arc().filter(arc -> round).map(arc -> new Turning(side.cells(), arc.centre()));
    }
}
