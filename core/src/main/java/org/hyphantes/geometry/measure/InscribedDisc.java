package org.hyphantes.geometry.measure;

import java.util.Comparator;
import java.util.PriorityQueue;
import java.util.function.ToDoubleFunction;
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
        ToDoubleFunction<Point> border = distance(region);
        return of(region, border, border, Double.POSITIVE_INFINITY);
    }

    /** How far (mm) a place is from the border of a region, on whichever side of it. */
    public static ToDoubleFunction<Point> distance(Region region) {
        RegionBorder border = new RegionBorder(region);
        return p -> border.nearest(p).distance();
    }

    /**
     * The widest disc with its centre within a region that leaves alone what lies about there; of radius 0 where there is none.
     *
     * @param room how wide a disc (mm of radius) about a place may be, below 0 where there is no room; from one place to another it
     *     changes by no more than they are apart, and at the region's border it is not above 0
     * @param enough a disc of this radius ends the search, though there may be a wider one
     */
    public static InscribedDisc of(Region region, ToDoubleFunction<Point> room, double enough) {
        return of(region, distance(region), room, enough);
    }

    private static InscribedDisc of(
            Region region, ToDoubleFunction<Point> border, ToDoubleFunction<Point> room, double enough) {
        ToDoubleFunction<Point> within = p -> region.contains(p)
                ? room.applyAsDouble(p)
                // From beyond the border the way leads back to it first.
                : Math.min(room.applyAsDouble(p), -border.applyAsDouble(p));
        Box box = region.outline().box();
        double size = Math.max(box.width(), box.height());
        PriorityQueue<Square> waiting =
                new PriorityQueue<>(Comparator.comparingDouble(Square::bound).reversed());
        Square best = square(within, region.centroid(), 0);
        waiting.add(square(within, box.centre(), size / 2));
        for (int i = 0; i < MOST_SQUARES && !waiting.isEmpty() && best.radius < enough; i++) {
            Watch.ask();
            Square next = waiting.poll();
            if (next.bound() <= Math.max(0, best.radius) + 1e-6 * size) {
                break;
            }
            best = next.radius > best.radius ? next : best;
            double quarter = next.half / 2;
            for (int k = 0; k < 4; k++) {
                Point at = next.centre.plus(new Point(k % 2 == 0 ? -quarter : quarter, k < 2 ? -quarter : quarter));
                Square child = square(within, at, quarter);
                if (child.bound() > best.radius) {
                    waiting.add(child);
                }
            }
        }
        return new InscribedDisc(best.centre, Math.max(0, best.radius));
    }

    private static Square square(ToDoubleFunction<Point> within, Point at, double half) {
        return new Square(at, half, within.applyAsDouble(at));
    }
}
