package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.hatch.Strewing;

/**
 * Dots or chips strewn evenly over what lies behind, none of which leaves its part or touches another.
 *
 * @param other what the colours of chips tend towards
 * @param apart how far (mm) their middles lie apart at least
 * @param coverage how much of the area, from 0 to 1, dots cover
 */
public record Strewn(Shape shape, Colour colour, Colour other, double apart, double coverage, long seed)
        implements Fill {
    /** What is strewn. */
    public enum Shape {
        DOTS,
        CHIPS
    }

    /** Middles that are strewn at random until no more find room take so much of the plane by discs of half their distance, about. */
    private static final double PACKED = 0.6;

    /** Dots cover no more: they would touch. */
    public static final double MOST = 0.5;

    private static final int TRIES = 6;

    private static final int TONES = 5;

    @Override
    public Strewn map(UnaryOperator<Colour> change) {
        return new Strewn(shape, change.apply(colour), change.apply(other), apart, coverage, seed);
    }

    /** How many an area (square mm) takes, about. */
    public static double most(double area, double apart) {
        return area * PACKED * 4 / (Math.PI * apart * apart) + 1;
    }

    /**
     * Laid over an area.
     *
     * @param part its number, so that each part has its own
     */
    public Patched over(Region region, int part) {
        long from = seed * 1_000_003 + part;
        return new Patched(
                colour,
                Patched.Manner.STREWN,
                () -> shape == Shape.DOTS ? dots(region, from) : chips(region, new Random(from)));
    }

    /** Dots as large as their number asks for; since a border keeps larger ones further off, there may be fewer of them. */
    private List<Patch> dots(Region region, long from) {
        double off = apart / 2 * Math.sqrt(coverage / PACKED);
        double radius = 0;
        List<Point> middles = List.of();
        for (int i = 0; i < TRIES && radius < off && (i == 0 || off < apart / 2); i++) {
            middles = Strewing.over(region, apart, off, new Random(from));
            double even = Math.sqrt(coverage * region.area() / (Math.PI * Math.max(1, middles.size())));
            radius = Math.min(even, off);
            off = even > off ? Math.min(apart / 2, even * 1.03) : radius;
        }
        double size = Math.min(radius, apart / 2 * 0.999);
        Flat flat = new Flat(colour);
        return middles.stream()
                .map(p -> new Patch(Region.of(Path.closed(Arc.circle(p, size, 0))), flat))
                .toList();
    }

    private List<Patch> chips(Region region, Random random) {
        double reach = apart * 0.47;
        List<Patch> chips = new ArrayList<>();
        for (Point middle : Strewing.over(region, apart, reach, random)) {
            int corners = 4 + random.nextInt(3);
            double turn = random.nextDouble() * 360;
            List<Point> places = new ArrayList<>();
            for (int k = 0; k < corners; k++) {
                double bearing = turn + 360.0 * (k + 0.6 * (random.nextDouble() - 0.5)) / corners;
                places.add(middle.plus(Point.polar(reach * (0.55 + 0.45 * random.nextDouble()), bearing)));
            }
            double share = (double) random.nextInt(TONES) / (TONES - 1);
            chips.add(new Patch(Region.of(Path.polygon(places)), new Flat(colour.towards(other, share))));
        }
        return chips;
    }
}
