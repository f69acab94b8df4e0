package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.OffsetCurves;
import org.hyphantes.geometry.offset.Rounding;
import org.hyphantes.geometry.plane.Booleans;

/** What a joint leaves of pieces: each gives half its width along every edge, or only along edges beside others. */
final class Jointing {
    /** Turns smaller than this (as a sine) are no corners. */
    private static final double SMOOTH = 1e-4;

    private final List<List<Region>> whole;
    private final Joint joint;
    private final List<Box> boxes = new ArrayList<>();
    private final PlaceGrid<Integer> places;
    private final double widest;

    Jointing(List<List<Region>> whole, Joint joint) {
        this.whole = whole;
        this.joint = joint;
        double most = 0;
        for (List<Region> regions : whole) {
            Box box = Box.round(regions.stream().map(r -> r.outline().box()).toList());
            boxes.add(box);
            most = Math.max(most, Math.hypot(box.width(), box.height()));
        }
        this.widest = most;
        this.places = new PlaceGrid<>(Math.max(most, 1e-9));
        for (int i = 0; i < boxes.size(); i++) {
            places.add(boxes.get(i).centre(), i);
        }
    }

    /** What is left of a piece, none where nothing is. */
    List<Region> shapes(int piece) {
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
        if (joint.shape() == Joint.Shape.SQUARE || joint.by() <= 0) {
            return parted;
        }
        return parted.stream()
                .map(r -> new Region(
                        cornered(r.outline()),
                        r.holes().stream().map(this::cornered).toList()))
                .toList();
    }

    /** Less all that lies within half the joint of another piece. */
    private List<Region> lessOthers(int piece, Region region) {
        List<Region> near = new ArrayList<>();
        Box reached = boxes.get(piece).grown(joint.width());
        for (int other : places.within(boxes.get(piece).centre(), widest + joint.width())) {
            if (other != piece && boxes.get(other).meets(reached)) {
                whole.get(other).forEach(r -> near.addAll(OffsetCurves.outset(r, joint.width() / 2, Corners.MITRED)));
            }
        }
        return near.isEmpty() ? List.of(region) : Booleans.minus(region, near);
    }

    private Path cornered(Path path) {
        return joint.shape() == Joint.Shape.ROUND
                ? Rounding.of(path, joint.by(), i -> true).path()
                : cut(path);
    }

    /** A path with its corners cut off straight, as far as its sides are long enough. */
    private Path cut(Path path) {
        int n = path.size();
        double[] begin = new double[n];
        double[] end = new double[n];
        for (int i = 0; i < n; i++) {
            int before = i == 0 ? n - 1 : i - 1;
            Curve a = path.curves().get(before);
            Curve b = path.curves().get(i);
            boolean corner = Math.abs(a.tangent(1).cross(b.tangent(0))) > SMOOTH
                    || a.tangent(1).dot(b.tangent(0)) < 0;
            double by = joint.by();
            boolean room = a.length() > 2 * by && b.length() > 2 * by;
            end[before] = corner && room ? a.parameterAt(a.length() - by) : 1;
            begin[i] = corner && room ? b.parameterAt(by) : 0;
        }
        List<Curve> curves = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            curves.add(path.curves().get(i).part(begin[i], end[i]));
            int next = i + 1 == n ? 0 : i + 1;
            if (end[i] < 1) {
                curves.add(new Line(
                        path.curves().get(i).at(end[i]), path.curves().get(next).at(begin[next])));
            }
        }
        return new Path(curves, true);
    }
}
