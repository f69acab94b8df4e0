package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;

/**
 * The width (mm) of a band along its path: stops at shares of the length from 0 to 1, in order, and straight between them.
 *
 * @throws IllegalArgumentException if there is no stop, or stops are out of order, or a width is negative
 */
public record WidthProfile(List<Stop> stops) {
    /** A width at a share of the path's length. */
    public record Stop(double share, double width) {}

    public WidthProfile {
        stops = List.copyOf(stops);
        if (stops.isEmpty()) {
            throw new IllegalArgumentException("a width profile needs a stop");
        }
        for (int i = 0; i < stops.size(); i++) {
            Stop stop = stops.get(i);
            if (!(stop.width() >= 0) || !(stop.share() >= 0 && stop.share() <= 1)) {
                throw new IllegalArgumentException(
                        "a stop needs a share from 0 to 1 and a width of 0 or more, not " + stop);
            }
            if (i > 0 && stop.share() <= stops.get(i - 1).share()) {
                throw new IllegalArgumentException("stop " + i + " must come after the one before it");
            }
        }
    }

    public static WidthProfile even(double width) {
        return new WidthProfile(List.of(new Stop(0, width)));
    }

    public static WidthProfile taper(double from, double to) {
        return new WidthProfile(List.of(new Stop(0, from), new Stop(1, to)));
    }

    /** These widths and as much more. */
    public WidthProfile plus(double more) {
        return new WidthProfile(
                stops.stream().map(s -> new Stop(s.share(), s.width() + more)).toList());
    }

    /** The widths of a stretch of the path, between two shares of its length. */
    public WidthProfile stretch(double from, double to) {
        if (isEven()) {
            return even(widest());
        }
        List<Stop> within = new ArrayList<>();
        within.add(new Stop(0, width(from)));
        for (Stop stop : stops) {
            if (stop.share() > from && stop.share() < to) {
                within.add(new Stop((stop.share() - from) / (to - from), stop.width()));
            }
        }
        within.add(new Stop(1, width(to)));
        return new WidthProfile(within);
    }

    public boolean isEven() {
        // Asked at every crossing, so without streams.
        for (int i = 1; i < stops.size(); i++) {
            if (stops.get(i).width() != stops.get(0).width()) {
                return false;
            }
        }
        return true;
    }

    public double widest() {
        double widest = 0;
        for (int i = 0; i < stops.size(); i++) {
            widest = Math.max(widest, stops.get(i).width());
        }
        return widest;
    }

    /** The width at a share of the length. */
    public double width(double share) {
        int after = after(share);
        if (after == 0) {
            return stops.get(0).width();
        }
        Stop low = stops.get(after - 1);
        if (after == stops.size()) {
            return low.width();
        }
        return low.width() + slope(share) * (share - low.share());
    }

    /** The change of width by change of share, just after the share. */
    double slope(double share) {
        int after = after(share);
        if (after == 0 || after == stops.size()) {
            return 0;
        }
        Stop low = stops.get(after - 1);
        Stop high = stops.get(after);
        return (high.width() - low.width()) / (high.share() - low.share());
    }

    private int after(double share) {
        int i = 0;
        while (i < stops.size() && stops.get(i).share() <= share) {
            i++;
        }
        return i;
    }
}
