package org.hyphantes.geometry.measure;

import java.util.Comparator;
import java.util.PriorityQueue;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/**
 * The widest disc within a region.
 *
 * <p>Squares are searched in the order of the widest disc they could hold the centre of, and divided, till none can better the
 * best found by more than a millionth of the region's size. Source: D. Garcia-Castellanos and U. Lombardo, Poles of
 * inaccessibility, Scottish Geographical Journal 123 (2007).
 */
public record InscribedDisc(Point centre, double radius) {
    private static final int MOST_SQUARES = 4_000;

    private record Square(Point centre, double half, double radius) {
        double bound() {
            return radius + half * Math.sqrt(2);
        }
    }

    public static InscribedDisc of(Region region) {
        return of(region, 0, Double.POSITIVE_INFINITY);
    }

    /**
     * The widest disc within a region, as far as it matters how wide it is.
     *
     * @param least less wide discs (radius, mm) are not told apart: one of them is given where there is none that is wider
     * @param enough a disc of this radius (mm) ends the search, though there may be a wider one
     */
    public static InscribedDisc of(Region region, double least, double enough) {
        RegionBorder border = new RegionBorder(region);
        Box box = region.outline().box();
        double size = Math.max(box.width(), box.height());
        PriorityQueue<Square> waiting =
                new PriorityQueue<>(Comparator.comparingDouble(Square::bound).reversed());
        Square best = square(region, border, region.centroid(), 0);
        waiting.add(square(region, border, box.centre(), size / 2));
        for (int i = 0; i < MOST_SQUARES && !waiting.isEmpty() && best.radius < enough; i++) {
            Watch.ask();
            Square next = waiting.poll();
            if (next.bound() <= Math.max(least, best.radius) + 1e-6 * size) {
                break;
            }
            best = next.radius > best.radius ? next : best;
            double quarter = next.half / 2;
            for (int k = 0; k < 4; k++) {
                Point at = next.centre.plus(new Point(k % 2 == 0 ? -quarter : quarter, k < 2 ? -quarter : quarter));
                Square child = square(region, border, at, quarter);
                if (child.bound() > best.radius) {
                    waiting.add(child);
                }
            }
        }
        return new InscribedDisc(best.centre, Math.max(0, best.radius));
    }

    /** The widest disc about the centroid of a region; of radius 0 where that lies outside it. */
    public static InscribedDisc inMiddle(Region region) {
        Square middle = square(region, new RegionBorder(region), region.centroid(), 0);
        return new InscribedDisc(middle.centre, Math.max(0, middle.radius));
    }

    private static Square square(Region region, RegionBorder border, Point at, double half) {
        double distance = border.nearest(at).distance();
        return new Square(at, half, region.contains(at) ? distance : -distance);
    }
}
