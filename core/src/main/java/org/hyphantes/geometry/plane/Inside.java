package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;

/** What of a path lies within areas. */
public final class Inside {
    /** Stretches shorter than this share of the path are none. */
    private static final double NOTHING = 1e-9;

    private Inside() {}

    /**
     * The stretches of a path within any of some regions, exact, in their order along it; a closed path that nothing cuts stays whole. What
     * runs along a border counts as within where its middle does.
     */
    public static List<Path> of(Path path, List<Region> regions) {
        List<Path> all = new ArrayList<>(List.of(path));
        regions.forEach(r -> {
            if (r.outline().box().meets(path.box())) {
                all.addAll(r.borders());
            }
        });
        TreeSet<Double> cuts = new TreeSet<>();
        for (PathMeeting meeting : PathMeetings.of(all)) {
            if (meeting.first() == 0 && meeting.second() != 0) {
                cuts.add(meeting.firstPosition());
            }
        }
        boolean whole = cuts.isEmpty();
        if (!path.closed() || whole) {
            cuts.add(0.0);
            cuts.add((double) path.size());
        }
        return stretches(path, regions, List.copyOf(cuts), whole);
    }

    private static List<Path> stretches(Path path, List<Region> regions, List<Double> at, boolean whole) {
        List<Path> inside = new ArrayList<>();
        double length = path.length();
        boolean joined = false;
        for (int i = 0; i < at.size(); i++) {
            double from = at.get(i);
            boolean last = i + 1 == at.size();
            if (last && (!path.closed() || whole)) {
                break;
            }
            double to = at.get(last ? 0 : i + 1);
            double a = path.lengthTo(from);
            double ahead = path.lengthTo(to) - a + (last ? length : 0);
            if (ahead <= NOTHING * length) {
                continue;
            }
            double middle = a + ahead / 2;
            Point there = path.at(path.positionAt(middle >= length ? middle - length : middle));
            boolean within = regions.stream().anyMatch(r -> r.contains(there));
            if (within && whole) {
                return List.of(path);
            }
            if (within) {
                List<Curve> curves = path.part(from, to);
                if (joined) {
                    List<Curve> before =
                            new ArrayList<>(inside.remove(inside.size() - 1).curves());
                    before.addAll(curves);
                    curves = before;
                }
                inside.add(new Path(curves, false));
            }
            joined = within;
        }
        return List.copyOf(inside);
    }
}
