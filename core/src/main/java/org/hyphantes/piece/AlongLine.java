package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.UnionFind;
import org.hyphantes.symmetry.BentFrieze;
import org.hyphantes.weave.Reach;

/**
 * The cells of a frieze that lies along a line. Bent they are no longer the same shape in every repeat: so they are laid out flat again, and those
 * that are the same there are repeats of one another.
 */
final class AlongLine implements Carrying {
    /** Every curve of a border is laid flat by so many places. */
    private static final int PLACES = 24;

    /** By so little, in parts of its area and of its breadth, two may differ that are laid flat by places. */
    private static final double ALIKE = 0.005;

    private final BentFrieze frieze;
    private final List<Cell> cells;
    private final Carrying loose;
    private volatile Laid laid;

    /** @param loose what carries cells that are no part of it, and all in reaches other than every repeat */
    AlongLine(BentFrieze frieze, List<Cell> cells, Carrying loose) {
        this.frieze = frieze;
        this.cells = cells;
        this.loose = loose;
    }

    /**
     * A cell as it is before it is laid along the line.
     *
     * @param place its centre of gravity, and {@code on} where that comes to lie
     * @param area mm²
     */
    private record Flat(BentFrieze.Side side, Point place, Point on, double area) {}

    /** All of them, empty for those that are no part of the frieze, or go round its line. */
    private record Laid(List<Optional<Flat>> flats, PlaceGrid<Integer> places) {}

    /** Cells that some are carried to, and by what: their own copy of what lies about the first of those. */
    private record Image(BentFrieze.Copy copy, List<Integer> cells) {}

    @Override
    public List<List<Integer>> reached(List<Integer> of, Reach reach) {
        List<List<Integer>> all = new ArrayList<>(List.of(List.copyOf(of)));
        images(of, reach).forEach(image -> all.add(image.cells()));
        return all.size() == 1 ? loose.reached(of, reach) : all;
    }

    @Override
    public Point placed(Point place, List<Integer> of, Reach reach, int map) {
        List<Image> images = images(of, reach);
        return images.isEmpty() || map == 0
                ? loose.placed(place, of, reach, map)
                : images.get(map - 1)
                        .copy()
                        .of(flat(place, laid().flats().get(of.get(0)).orElseThrow()));
    }

    @Override
    public UnionFind orbits() {
        return loose.orbits();
    }

    /** What every repeat reaches beside the cells themselves; none in other reaches. */
    private List<Image> images(List<Integer> of, Reach reach) {
        if (reach != Reach.EVERY_REPEAT) {
            return List.of();
        }
        Optional<Flat> first = laid().flats().get(of.get(0));
        if (first.isEmpty()) {
            return List.of();
        }
        List<Point> places = new ArrayList<>();
        for (int cell : of) {
            Optional<Flat> flat = laid().flats().get(cell);
            if (flat.isEmpty()) {
                return List.of();
            }
            places.add(flat(flat.get().on(), first.get()));
        }
        List<Image> images = new ArrayList<>();
        Set<Set<Integer>> found = new HashSet<>(Set.of(Set.copyOf(of)));
        BentFrieze.Flat about =
                new BentFrieze.Flat(first.get().side(), first.get().place(), 0);
        for (BentFrieze.Copy copy : frieze.copies(about)) {
            List<Integer> carried = new ArrayList<>();
            for (int i = 0; i < places.size() && carried.size() == i; i++) {
                image(of.get(i), copy.of(places.get(i))).ifPresent(carried::add);
            }
            if (carried.size() == of.size() && found.add(Set.copyOf(carried))) {
                images.add(new Image(copy, carried));
            }
        }
        return images;
    }

    private OptionalInt image(int cell, Point place) {
        double area = laid().flats().get(cell).orElseThrow().area();
        return laid().places().within(place, ALIKE * Math.sqrt(area)).stream()
                .filter(c -> Math.abs(laid().flats().get(c).orElseThrow().area() - area) <= ALIKE * area)
                .mapToInt(Integer::intValue)
                .findFirst();
    }

    /** A place before it is laid along the side that a cell is part of, on the nearer way round to that. */
    private static Point flat(Point place, Flat beside) {
        return nearer(beside.side().wrapping().before(place), beside.side(), beside.place());
    }

    private static Point nearer(Point laid, BentFrieze.Side side, Point to) {
        double lap = side.wrapping().guide().closed() ? side.wrapping().pace().flat() : 0;
        double laps = lap == 0 ? 0 : Math.rint((to.x() - laid.x()) / lap);
        return laid.plus(new Point(laps * lap, 0));
    }

    /** Made when every repeat is first asked for, which is not at each step of a drag. */
    private Laid laid() {
        Laid made = laid;
        if (made == null) {
            List<Optional<Flat>> flats = new ArrayList<>();
            PlaceGrid<Integer> places = new PlaceGrid<>(Siblings.spacing(cells));
            for (int c = 0; c < cells.size(); c++) {
                Watch.ask();
                Optional<Flat> flat = flat(cells.get(c));
                flats.add(flat);
                if (flat.isPresent()) {
                    places.add(flat.get().on(), c);
                }
            }
            made = new Laid(flats, places);
            laid = made;
        }
        return made;
    }

    private Optional<Flat> flat(Cell cell) {
        Optional<BentFrieze.Flat> inner = frieze.flat(cell.inner());
        if (inner.isEmpty()) {
            return Optional.empty();
        }
        BentFrieze.Side side = inner.get().side();
        List<Path> borders = new ArrayList<>();
        for (Path border : cell.region().borders()) {
            List<Point> places = new ArrayList<>();
            Point last = inner.get().laid();
            for (Curve curve : border.curves()) {
                for (int i = 0; i < PLACES; i++) {
                    last = nearer(side.wrapping().before(curve.at((double) i / PLACES)), side, last);
                    places.add(last);
                }
            }
            if (nearer(last, side, places.get(0)).distance(last) > 0) {
                return Optional.empty();
            }
            borders.add(Path.polygon(places));
        }
        Region region = new Region(borders.get(0), borders.subList(1, borders.size()));
        Point place = region.centroid();
        return Optional.of(new Flat(side, place, side.wrapping().of(place), region.area()));
    }
}
