package org.hyphantes.geometry.measure;

import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/**
 * The narrowest width of a region: the diameter of the smallest disc that lies within it and touches its border at two ends of
 * one diameter. Where a region only narrows into its corners there is no such disc; its width is then that of the widest disc
 * within it.
 *
 * <p>From places along the border discs that touch there are shrunk till they lie within: source J. Ma, S. Bae and S. Choi, 3D
 * medial axis point approximation using nearest neighbors and the normal field, The Visual Computer 28 (2012). Where they are
 * smallest, the line that stands square on both sides is found by Newton's method, and the disc upon it is checked.
 */
public final class Narrowest {
    private static final int MOST_PLACES = 300;

    private final Region region;
    private final RegionBorder border;
    private final double size;
    private Gap best;

    private Narrowest(Region region) {
        this.region = region;
        this.border = new RegionBorder(region);
        Box box = region.outline().box();
        this.size = Math.max(box.width(), box.height());
    }

    public static Gap of(Region region) {
        Narrowest narrowest = new Narrowest(region);
        narrowest.search();
        if (narrowest.best != null) {
            return narrowest.best;
        }
        InscribedDisc disc = InscribedDisc.of(region);
        Point near = narrowest.border.nearest(disc.centre()).at();
        return new Gap(2 * disc.radius(), near, disc.centre().times(2).minus(near));
    }

    private void search() {
        int n = border.curves().size();
        int places = Math.max(4, Math.min(24, MOST_PLACES / n));
        for (int c = 0; c < n; c++) {
            Curve curve = border.curves().get(c);
            double[] radius = new double[places];
            RegionBorder.Place[] other = new RegionBorder.Place[places];
            for (int i = 0; i < places; i++) {
                Watch.ask();
                double t = (i + 0.5) / places;
                other[i] = shrunk(curve.at(t), curve.tangent(t).right());
                radius[i] = other[i] == null ? Double.POSITIVE_INFINITY : other[i].distance();
            }
            for (int i = 0; i < places; i++) {
                boolean least = (i == 0 || radius[i] <= radius[i - 1] * (1 + 1e-9))
                        && (i == places - 1 || radius[i] <= radius[i + 1] * (1 + 1e-9));
                if (least && other[i] != null) {
                    sides(c, (i + 0.5) / places, other[i]);
                }
            }
            corner(c);
        }
    }

    /** The touching place, and the radius as its distance, of the widest disc within the region that touches it at a place. */
    private RegionBorder.Place shrunk(Point at, Point inward) {
        double radius = size;
        RegionBorder.Place found = null;
        for (int i = 0; i < 40; i++) {
            Watch.ask();
            RegionBorder.Place near = border.nearest(at.plus(inward.times(radius)));
            if (near.distance() >= radius * (1 - 1e-9)) {
                break;
            }
            Point across = near.at().minus(at);
            double depth = inward.dot(across);
            double next = across.dot(across) / (2 * depth);
            if (!(depth > 0) || next >= radius) {
                break;
            }
            radius = next;
            found = new RegionBorder.Place(near.curve(), near.parameter(), near.at(), radius);
        }
        return found;
    }

    private void sides(int curve, double t, RegionBorder.Place other) {
        Curve a = border.curves().get(curve);
        double width = 2 * other.distance();
        if (best != null && width > 4 * best.distance()) {
            return;
        }
        Curve b = border.curves().get(other.curve());
        Normals.Feet feet = Normals.common(a, b, new Normals.Feet(t, other.parameter()));
        if (feet != null) {
            offer(a.at(feet.onFirst()), b.at(feet.onSecond()));
        }
        // A bend that is a circle touches its disc all along: the other end of the diameter counts.
        Point across = a.at(t).plus(a.tangent(t).right().times(width));
        offer(a.at(t), border.nearest(across).at());
        if (other.parameter() == 0 || other.parameter() == 1) {
            offer(a.at(a.nearest(other.at())), other.at());
        }
    }

    /** A corner that points inwards may be a side of the narrowest place. */
    private void corner(int curve) {
        Curve leaving = border.curves().get(curve);
        Curve arriving = border.before(curve);
        Point u = arriving.tangent(1).right();
        Point v = leaving.tangent(0).right();
        if (u.cross(v) >= -1e-9) {
            return;
        }
        for (int k = 0; k <= 4; k++) {
            Point inward = u.times(1 - k / 4.0).plus(v.times(k / 4.0)).unit();
            RegionBorder.Place other = shrunk(leaving.start(), inward);
            if (other != null) {
                Curve b = border.curves().get(other.curve());
                offer(leaving.start(), b.at(b.nearest(leaving.start())));
                offer(leaving.start(), other.at());
            }
        }
    }

    /** Takes a line across if it is the shortest yet, and the disc upon it as diameter lies within the region. */
    private void offer(Point from, Point to) {
        double width = from.distance(to);
        if (width <= 1e-9 * size || best != null && width >= best.distance()) {
            return;
        }
        Point middle = from.middle(to);
        if (border.nearest(middle).distance() >= width / 2 * (1 - 1e-7) && region.contains(middle)) {
            best = new Gap(width, from, to);
        }
    }
}
