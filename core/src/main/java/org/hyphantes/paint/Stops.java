package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The stops of a gradient, in order: what colour it has where, and how fast it changes. */
public record Stops(List<Stop> each) {
    public Stops {
        each = List.copyOf(each);
        if (each.isEmpty()) {
            throw new IllegalArgumentException("a gradient has a stop at least");
        }
    }

    /** The colour at a place from 0 to 1 (SVG 2, section 14.3: straight between two stops, even before the first and behind the last). */
    public Colour at(double place) {
        Stop before = each.get(0);
        for (Stop stop : each) {
            if (stop.at() > place) {
                double wide = stop.at() - before.at();
                return wide <= 0
                        ? before.colour()
                        : before.colour().towards(stop.colour(), Math.max(0, (place - before.at()) / wide));
            }
            before = stop;
        }
        return before.colour();
    }

    /** The same the other way round. */
    public Stops reversed() {
        List<Stop> back = new ArrayList<>();
        for (int i = each.size() - 1; i >= 0; i--) {
            back.add(new Stop(1 - each.get(i).at(), each.get(i).colour()));
        }
        return new Stops(back);
    }

    /** The same to the middle and back. */
    public Stops thereAndBack() {
        List<Stop> both = new ArrayList<>();
        each.forEach(s -> both.add(new Stop(s.at() / 2, s.colour())));
        reversed().each.forEach(s -> both.add(new Stop((1 + s.at()) / 2, s.colour())));
        return new Stops(both);
    }

    /** How many steps of 255 it changes by at most, in one part of a colour, over the whole way at its steepest. */
    public double steepest() {
        double steepest = 0;
        for (int i = 1; i < each.size(); i++) {
            double wide = each.get(i).at() - each.get(i - 1).at();
            int steps = each.get(i).colour().steps(each.get(i - 1).colour());
            // Where two stops stand at one place there is an edge, which no step makes finer.
            steepest = wide <= 0 ? steepest : Math.max(steepest, steps / wide);
        }
        return steepest;
    }

    /** Places from 0 to 1 between which it changes by no more than so many steps of 255. */
    public List<Double> steps(double most) {
        List<Double> places = new ArrayList<>(List.of(0.0));
        for (int i = 1; i < each.size(); i++) {
            Stop from = each.get(i - 1);
            Stop to = each.get(i);
            int parts = Math.max(1, (int) Math.ceil(to.colour().steps(from.colour()) / most));
            for (int k = 0; k < parts; k++) {
                places.add(from.at() + (to.at() - from.at()) * k / parts);
            }
        }
        places.add(each.get(each.size() - 1).at());
        places.add(1.0);
        return places.stream().distinct().collect(Collectors.toList());
    }
}
