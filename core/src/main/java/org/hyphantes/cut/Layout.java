package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * Where the parts of a job lie on its bed. Each goes to the highest place that has room for it, and there as far to the left as it can; the largest first
 * (J. Jylänki, A Thousand Ways to Pack the Bin, 2010: maximal rectangles, bottom left; from memory). All of them lie about the middle of the bed.
 *
 * @param spots those that have room
 * @param wanted how many there are in all
 */
record Layout(List<Spot> spots, int wanted) {
    private static final double NEAR = 1e-9;

    /** Where a copy of a part lies. */
    record Spot(int part, Affine toBed) {}

    /** A box that is free yet, or taken, on a bed made larger by the gap to the right and below. */
    private record Room(double left, double top, double right, double bottom) {
        boolean meets(Room other) {
            return left < other.right - NEAR
                    && other.left < right - NEAR
                    && top < other.bottom - NEAR
                    && other.top < bottom - NEAR;
        }

        boolean holds(Room other) {
            return left <= other.left + NEAR
                    && top <= other.top + NEAR
                    && right >= other.right - NEAR
                    && bottom >= other.bottom - NEAR;
        }
    }

    private record Taken(int part, boolean turned, Room room) {}

    /** @param parts the boxes (mm) of the parts at the size in which they go out */
    static Layout of(List<Box> parts, Job job) {
        int copies = (int) job.copies().value();
        Layout best = null;
        for (Ways ways : Ways.of(job.lie())) {
            List<Taken> taken = packed(parts, job, ways);
            Layout layout = new Layout(placed(parts, job, taken), parts.size() * copies);
            best = best == null || layout.spots.size() > best.spots.size() ? layout : best;
        }
        return best;
    }

    /** One part about the middle of the bed, even where it is too large for it. */
    static Spot alone(int part, Box box, Job job) {
        boolean fits = box.width() <= job.width().value() + NEAR
                && box.height() <= job.height().value() + NEAR;
        boolean fitsTurned = box.height() <= job.width().value() + NEAR
                && box.width() <= job.height().value() + NEAR;
        boolean turned =
                job.lie() == Job.Lie.A_QUARTER_TURNED || job.lie() == Job.Lie.TURNED_TO_FIT && !fits && fitsTurned;
        Affine turn = turned ? Affine.turn(90, Point.ORIGIN) : Affine.IDENTITY;
        Point middle = new Point(job.width().value() / 2, job.height().value() / 2);
        return new Spot(part, Affine.shift(middle.minus(box.map(turn).centre())).after(turn));
    }

    /** Which ways round a part may lie. */
    private record Ways(boolean asDrawn, boolean turned) {
        static List<Ways> of(Job.Lie lie) {
            return switch (lie) {
                case AS_DRAWN -> List.of(new Ways(true, false));
                case A_QUARTER_TURNED -> List.of(new Ways(false, true));
                case TURNED_TO_FIT -> List.of(new Ways(true, false), new Ways(false, true), new Ways(true, true));
            };
        }
    }

    private static List<Taken> packed(List<Box> parts, Job job, Ways ways) {
        double gap = job.gap().value();
        List<Room> free = new ArrayList<>();
        free.add(new Room(0, 0, job.width().value() + gap, job.height().value() + gap));
        List<Integer> order = IntStream.range(
                        0, parts.size() * (int) job.copies().value())
                .mapToObj(i -> i % parts.size())
                .sorted(Comparator.comparingDouble(
                        i -> -parts.get(i).width() * parts.get(i).height()))
                .toList();
        List<Taken> taken = new ArrayList<>();
        for (int part : order) {
            Watch.ask();
            double width = parts.get(part).width() + gap;
            double height = parts.get(part).height() + gap;
            Taken drawn = ways.asDrawn ? highest(free, part, false, width, height) : null;
            Taken turned = ways.turned ? highest(free, part, true, height, width) : null;
            Taken found = drawn == null || turned != null && isBefore(turned, drawn) ? turned : drawn;
            if (found != null) {
                taken.add(found);
                take(free, found.room());
            }
        }
        return taken;
    }

    private static Taken highest(List<Room> free, int part, boolean turned, double width, double height) {
        Taken best = null;
        for (Room room : free) {
            if (room.right - room.left >= width - NEAR && room.bottom - room.top >= height - NEAR) {
                Room here = new Room(room.left, room.top, room.left + width, room.top + height);
                Taken found = new Taken(part, turned, here);
                best = best == null || isBefore(found, best) ? found : best;
            }
        }
        return best;
    }

    private static boolean isBefore(Taken a, Taken b) {
        return a.room.bottom < b.room.bottom - NEAR
                || a.room.bottom < b.room.bottom + NEAR && a.room.left < b.room.left - NEAR;
    }

    /** Leaves of each free box the largest boxes beside what is taken. */
    private static void take(List<Room> free, Room taken) {
        List<Room> left = new ArrayList<>();
        for (Room room : free) {
            if (!room.meets(taken)) {
                left.add(room);
                continue;
            }
            add(left, new Room(room.left, room.top, taken.left, room.bottom));
            add(left, new Room(taken.right, room.top, room.right, room.bottom));
            add(left, new Room(room.left, room.top, room.right, taken.top));
            add(left, new Room(room.left, taken.bottom, room.right, room.bottom));
        }
        free.clear();
        for (int i = 0; i < left.size(); i++) {
            Room room = left.get(i);
            boolean held = false;
            for (int j = 0; j < left.size() && !held; j++) {
                held = j != i && left.get(j).holds(room) && !(j > i && room.holds(left.get(j)));
            }
            if (!held) {
                free.add(room);
            }
        }
    }

    private static void add(List<Room> rooms, Room room) {
        if (room.right > room.left + NEAR && room.bottom > room.top + NEAR) {
            rooms.add(room);
        }
    }

    private static List<Spot> placed(List<Box> parts, Job job, List<Taken> taken) {
        if (taken.isEmpty()) {
            return List.of();
        }
        double gap = job.gap().value();
        Box all = Box.round(taken.stream()
                .map(t -> new Box(t.room.left, t.room.top, t.room.right - gap, t.room.bottom - gap))
                .toList());
        Point middle = new Point(job.width().value() / 2, job.height().value() / 2).minus(all.centre());
        return taken.stream()
                .map(t -> {
                    Affine turn = t.turned ? Affine.turn(90, Point.ORIGIN) : Affine.IDENTITY;
                    Point corner = new Point(t.room.left, t.room.top).plus(middle);
                    Box there = parts.get(t.part).map(turn);
                    return new Spot(
                            t.part,
                            Affine.shift(corner.minus(new Point(there.left(), there.top())))
                                    .after(turn));
                })
                .toList();
    }
}
