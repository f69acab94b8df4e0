package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.OffsetCurves;
import org.hyphantes.geometry.plane.Booleans;

/** What a joint leaves of pieces: each gives half its width along every edge, or only along edges beside others. */
final class Jointing {
    private final List<List<Region>> whole;
    private final Joint joint;
    private final PlaceGrid<Integer> places;
    private final double widest;

    Jointing(List<List<Region>> whole, Joint joint) {
        this.whole = whole;
        this.joint = joint;
        double most = 0;
        // Only where outer edges stay are others looked for.
        boolean looking = joint.width() > 0 && joint.outer() == Joint.Outer.STAY;
        for (int i = 0; looking && i < whole.size(); i++) {
            Box box = box(i);
            most = Math.max(most, Math.hypot(box.width(), box.height()));
        }
        this.widest = most;
        this.places = new PlaceGrid<>(Math.max(most, 1e-9));
        for (int i = 0; looking && i < whole.size(); i++) {
            places.add(box(i).centre(), i);
        }
    }

    private Box box(int piece) {
        return Box.round(whole.get(piece).stream().map(r -> r.outline().box()).toList());
    }

    /**
     * What is left of a piece.
     *
     * @param shapes none where nothing is left
     * @param cramped how many corners have no room to be round or cut, and stay
     */
    record Left(List<Region> shapes, int cramped) {
        static final Left NOTHING = new Left(List.of(), 0);
    }

    /** What is left of a piece, given what was done to its corners, in order. */
    Left left(int piece, List<Cornering> done) {
        List<Region> parted = parted(piece);
        if (joint.by() <= 0 || joint.shape() == Joint.Shape.SQUARE && done.isEmpty()) {
            return new Left(parted, 0);
        }
        Map<Point, Joint.Shape> own = own(piece, parted, done);
        List<Region> shapes = new ArrayList<>();
        int cramped = 0;
        for (Region region : parted) {
            List<Path> borders = new ArrayList<>();
            for (Path border : region.borders()) {
                Cornered cornered = Cornered.of(border, joint, own);
                borders.add(cornered.path());
                cramped += cornered.cramped();
            }
            shapes.add(new Region(borders.get(0), borders.subList(1, borders.size())));
        }
        return new Left(shapes, cramped);
    }

    private List<Region> parted(int piece) {
        List<Region> parted = new ArrayList<>();
        for (Region region : whole.get(piece)) {
            if (joint.width() <= 0) {
                parted.add(region);
            } else if (joint.outer() == Joint.Outer.STAY) {
                parted.addAll(lessOthers(piece, region));
            } else {
                parted.addAll(OffsetCurves.inset(region, joint.width() / 2, Corners.MITRED));
            }
        }
        return parted;
    }

    /** The corners that become another shape than the others, by their places: each the nearest to where it was before the joint. */
    private Map<Point, Joint.Shape> own(int piece, List<Region> parted, List<Cornering> done) {
        Map<Point, Joint.Shape> own = new HashMap<>();
        if (done.isEmpty()) {
            return own;
        }
        List<Point> before = corners(whole.get(piece));
        List<Point> after = corners(parted);
        double near = Cornering.SAME * Math.hypot(box(piece).width(), box(piece).height());
        for (Cornering each : done) {
            Joint.Shape shape = each.round() ? Joint.Shape.ROUND : Joint.Shape.SQUARE;
            if (each.corner().isEmpty()) {
                after.forEach(p -> own.put(p, shape));
                continue;
            }
            Point place = each.corner().get();
            // What was a corner of one cell is none where it was joined to the next.
            if (before.stream().anyMatch(p -> p.distance(place) <= near)) {
                after.stream()
                        .min(Comparator.comparingDouble(p -> p.distance(place)))
                        .ifPresent(p -> own.put(p, shape));
            }
        }
        return own;
    }

    private static List<Point> corners(List<Region> regions) {
        return regions.stream()
                .flatMap(r -> r.borders().stream())
                .flatMap(b -> Corner.of(b).stream())
                .toList();
    }

    /** Less all that lies within half the joint of another piece. */
    private List<Region> lessOthers(int piece, Region region) {
        List<Region> near = new ArrayList<>();
        Box reached = box(piece).grown(joint.width());
        for (int other : places.within(box(piece).centre(), widest + joint.width())) {
            if (other != piece && box(other).meets(reached)) {
                whole.get(other).forEach(r -> near.addAll(OffsetCurves.outset(r, joint.width() / 2, Corners.MITRED)));
            }
        }
        return near.isEmpty() ? List.of(region) : Booleans.minus(region, near);
    }
}
