package org.hyphantes.geometry.offset;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BoxSweep;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.CurveMeetings;

/** Whether closed paths cross themselves or one another, as the edges of a band do that lies over itself. */
final class OverItself {
    private OverItself() {}

    /** Curves that follow on one another meet where they do, and nowhere else. */
    static boolean crosses(List<Path> paths) {
        List<Curve> curves = new ArrayList<>();
        List<int[]> beside = new ArrayList<>();
        for (Path path : paths) {
            int first = curves.size();
            int n = path.size();
            for (int i = 0; i < n; i++) {
                curves.add(path.curves().get(i));
                beside.add(new int[] {first + (i + n - 1) % n, first + (i + 1) % n});
            }
        }
        Box[] boxes = curves.stream().map(Curve::box).toArray(Box[]::new);
        CurveMeetings meetings = CurveMeetings.among(curves, Tolerance.of(Box.round(List.of(boxes))));
        return !BoxSweep.over(boxes, i -> Watch.ask(), (a, b) -> {
            boolean before = beside.get(a)[0] == b;
            boolean behind = beside.get(a)[1] == b;
            int joints = (before ? 1 : 0) + (behind ? 1 : 0);
            return meetings.of(a, b).size() <= joints;
        });
    }
}
