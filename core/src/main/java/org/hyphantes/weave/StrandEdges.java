package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.offset.BandEdge;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.WidthProfile;

/**
 * What runs beside a strand: the edges of its band, those edges moved out by the clearance, and the lines within the band by their
 * order from left to right.
 */
record StrandEdges(BandEdge right, BandEdge left, BandEdge clearRight, BandEdge clearLeft, List<BandEdge> lines) {
    static StrandEdges of(Strand strand, double clearance) {
        Path path = strand.path();
        WidthProfile widths = strand.band().widths();
        Corners corners = strand.band().corners();
        BandEdge right = BandEdge.of(path, widths, corners, 1, 0);
        BandEdge left = BandEdge.of(path, widths, corners, -1, 0);
        List<BandEdge> lines = new ArrayList<>();
        for (double share : strand.band().shares()) {
            lines.add(BandEdge.of(path, widths, corners, share, 0));
        }
        return new StrandEdges(
                right,
                left,
                clear(path, widths, corners, 1, clearance, right),
                clear(path, widths, corners, -1, clearance, left),
                lines);
    }

    /** A clearance that shrinks away inside a tight bend leaves the band's own edge to cut along. */
    private static BandEdge clear(
            Path path, WidthProfile widths, Corners corners, int side, double clearance, BandEdge edge) {
        BandEdge clear = BandEdge.of(path, widths, corners, side, clearance);
        return clear.tight().cardinality() > edge.tight().cardinality() && path.size() == 1 ? edge : clear;
    }

    /** Whether all of it is sound from one position on the strand to another. */
    boolean isSound(Path path, double from, double to) {
        return right.isSound(path, from, to) && left.isSound(path, from, to);
    }
}
