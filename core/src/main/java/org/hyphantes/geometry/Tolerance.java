package org.hyphantes.geometry;

/**
 * The one tolerance of a drawing, in millimetres: things nearer than this are the same place.
 *
 * <p>It is a thousand-millionth of the drawing's size, because a bench works to hundredths of a millimetre on pieces of
 * at most metres (1e-5) and four more digits keep what is computed from computed things well inside that. It is never
 * less than eight units in the last place of the largest coordinate, below which doubles cannot tell places apart; that
 * bound rules only when a small drawing lies far from the origin.
 */
public record Tolerance(double distance) {
    /** Directions closer than this sine are taken for parallel and told apart by what the curves do a little further on. */
    public static final double PARALLEL = 1e-6;

    public static Tolerance of(Box box) {
        double size = Math.max(box.width(), box.height());
        double reach = Math.max(
                Math.max(Math.abs(box.left()), Math.abs(box.right())),
                Math.max(Math.abs(box.top()), Math.abs(box.bottom())));
        return new Tolerance(Math.max(Math.max(size * 1e-9, 8 * Math.ulp(reach)), Double.MIN_NORMAL));
    }

    public boolean same(Point a, Point b) {
        return a.distance(b) <= distance;
    }
}
