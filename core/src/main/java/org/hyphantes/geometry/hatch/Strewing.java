package org.hyphantes.geometry.hatch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/**
 * Places strewn at random over a region, no two nearer than a distance, until no more find room. Source: R. Bridson, Fast Poisson Disk
 * Sampling in Arbitrary Dimensions, SIGGRAPH 2007 sketches.
 */
public final class Strewing {
    /** So often is a neighbour sought about each place. */
    private static final int TRIES = 30;

    private final Region region;
    private final double apart;
    private final double off;
    private final Random random;
    private final List<Curve> border;
    private final List<Point> places = new ArrayList<>();
    private final Map<Cell, Integer> grid = new HashMap<>();

    private record Cell(long column, long row) {}

    private Strewing(Region region, double apart, double off, Random random) {
        this.region = region;
        this.apart = apart;
        this.off = off;
        this.random = random;
        this.border = region.borders().stream()
                .map(Path::curves)
                .flatMap(List::stream)
                .toList();
    }

    /**
     * Places of which no two are nearer than {@code apart} (mm), none nearer to the border than {@code off} (mm).
     *
     * @param random by which they are strewn: the same seed strews the same
     */
    public static List<Point> over(Region region, double apart, double off, Random random) {
        if (!(apart > 0)) {
            throw new IllegalArgumentException("places lie apart by more than 0 mm, not " + apart);
        }
        Strewing strewing = new Strewing(region, apart, off, random);
        strewing.strew();
        return strewing.places;
    }

    private void strew() {
        // A part may fall into several where it is narrow, so that it is begun from all over it.
        for (Line row : Hatching.of(region, apart, 90)) {
            Watch.ask();
            for (double at = random.nextDouble() * Math.min(apart, row.length()); at <= row.length(); at += apart) {
                int first = places.size();
                offer(row.at(row.parameterAt(at)));
                spread(first);
            }
        }
    }

    private void spread(int first) {
        for (int i = first; i < places.size(); i++) {
            Watch.ask();
            Point about = places.get(i);
            for (int k = 0; k < TRIES; k++) {
                double out = apart * Math.sqrt(1 + 3 * random.nextDouble());
                offer(about.plus(Point.polar(out, random.nextDouble() * 360)));
            }
        }
    }

    private void offer(Point place) {
        if (isFree(place) && region.contains(place) && isOff(place)) {
            grid.put(cell(place), places.size());
            places.add(place);
        }
    }

    /** Cells are so small that each holds one place at most. */
    private Cell cell(Point place) {
        double size = apart / Math.sqrt(2);
        return new Cell((long) Math.floor(place.x() / size), (long) Math.floor(place.y() / size));
    }

    private boolean isFree(Point place) {
        Cell own = cell(place);
        for (long column = own.column() - 2; column <= own.column() + 2; column++) {
            for (long row = own.row() - 2; row <= own.row() + 2; row++) {
                Integer there = grid.get(new Cell(column, row));
                if (there != null && places.get(there).distance(place) < apart) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean isOff(Point place) {
        for (Curve curve : border) {
            if (curve.box().grown(off).contains(place)
                    && curve.at(curve.nearest(place)).distance(place) < off) {
                return false;
            }
        }
        return true;
    }
}
