package org.hyphantes.plait;

import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;

/** Whether strands as they are drawn cross as their plan says. */
final class Crossed {
    private Crossed() {}

    /**
     * Whether strands cross just so often, touch nowhere, and nowhere cross at a smaller angle.
     *
     * @param least in radians
     */
    static boolean as(List<Path> strands, int crossings, double least) {
        List<PathMeeting> meetings = PathMeetings.of(strands);
        return meetings.size() == crossings
                && meetings.stream().allMatch(m -> m.kind() == PathMeeting.Kind.CROSSING && angle(strands, m) >= least);
    }

    private static double angle(List<Path> strands, PathMeeting meeting) {
        Point one = strands.get(meeting.first()).tangent(meeting.firstPosition());
        Point other = strands.get(meeting.second()).tangent(meeting.secondPosition());
        return Math.atan2(Math.abs(one.cross(other)), Math.abs(one.dot(other)));
    }
}
